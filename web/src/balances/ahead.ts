import type { AheadView } from '../api/types';
import { exactSum } from '../common/decimal';
import { day, withUnit } from '../common/format';

/** Things that are ahead, those alike told once. */
export interface Told {
  first: AheadView;
  /** The others like it, in order of time. */
  more: AheadView[];
}

const ALIKE_FROM = 3;
const REPEATED: AheadView['what'][] = ['LAPSE', 'GRANT', 'PAY_OUT'];

/** Like events of one policy stand together at the first of them, where there are several. */
export function toldOnce(items: AheadView[]): Told[] {
  const alike: Record<string, AheadView[]> = {};
  for (const item of items) {
    if (REPEATED.includes(item.what)) (alike[`${item.policyId} ${item.what}`] ??= []).push(item);
  }
  const together = (item: AheadView) => {
    const own = alike[`${item.policyId} ${item.what}`] ?? [];
    return own.length >= ALIKE_FROM ? own : null;
  };
  return items
    .filter((item) => together(item) === null || together(item)![0] === item)
    .map((first) => ({ first, more: together(first)?.slice(1) ?? [] }));
}

/** and 8 more like it until 7 Apr 2028, 18 hours in all */
export function moreWords({ first, more }: Told): string {
  const amounts = [first, ...more].map((each) => each.amount ?? '0');
  return `and ${more.length} more like it until ${day(more.at(-1)!.on)}, ${withUnit(exactSum(amounts), first.unit)} in all`;
}
