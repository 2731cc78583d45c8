import type { ValueSum } from '../api/types';
import { isZero } from '../common/decimal';

type Change = ValueSum['change'];

/** What made leave worth something else, in words, in the order in which it is reckoned. */
export const PARTS: { key: keyof Change; title: string }[] = [
  { key: 'brought', title: 'Brought along' },
  { key: 'earned', title: 'Earned' },
  { key: 'adjusted', title: 'Adjusted' },
  { key: 'used', title: 'Used' },
  { key: 'lapsed', title: 'Lapsed' },
  { key: 'paidOut', title: 'Paid out' },
  { key: 'rates', title: 'Other rates' },
];

/** The parts that some of the sums have. */
export function partsOf(sums: ValueSum[]): typeof PARTS {
  return PARTS.filter(({ key }) => sums.some(({ change }) => !isZero(change[key])));
}
