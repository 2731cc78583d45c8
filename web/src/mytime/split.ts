import type { AskedDay, RequestReview } from '../api/types';
import { isPositive, sameNumber } from '../common/decimal';

/** Of the days of a request those that can be afforded wholly, and the others that cost something. */
export function split(marked: AskedDay[], review: RequestReview): [AskedDay[], AskedDay[]] {
  const parts = Object.fromEntries(
    (review.affordable?.days ?? []).map((each) => [each.on, each.amount]),
  );
  const costs = Object.fromEntries(review.days.map((each) => [each.on, each.amount]));
  const isRest = (day: AskedDay) => {
    const cost = costs[day.on] ?? '0';
    return isPositive(cost) && !sameNumber(parts[day.on] ?? '0', cost);
  };
  return [marked.filter((day) => !isRest(day)), marked.filter(isRest)];
}
