import type { BalanceRow } from '../api/types';
import { day, plusDays, withUnit } from '../common/format';

/** "4.5 hours can be used until 22 May 2027": what of a balance lapses next, empty where nothing does within a year. */
export function lapsesNext({ nextLapse, unit }: Pick<BalanceRow, 'nextLapse' | 'unit'>): string {
  if (nextLapse === null) return '';
  return `${withUnit(nextLapse.amount, unit)} can be used until ${day(plusDays(nextLapse.on, -1))}`;
}
