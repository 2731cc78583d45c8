import type { BalanceRow } from '../api/types';
import { amount, day } from '../common/format';

/** What lapses next of a balance by the forecast; nothing where nothing does. */
export function lapseWords({ nextLapse }: BalanceRow): string {
  return nextLapse === null
    ? ''
    : `${amount(nextLapse.amount)} would lapse on ${day(nextLapse.on)}`;
}
