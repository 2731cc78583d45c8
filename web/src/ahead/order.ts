import type { Foreseen } from '../api/types';
import { compare } from '../common/decimal';

/** By what the groups of what is ahead can stand in order. */
export const ORDERS = {
  day: 'by day',
  amount: 'largest amount first',
  people: 'most people first',
} as const;

export type Order = keyof typeof ORDERS;

const size = (text: string | null) => (text ?? '0').replace('-', '');

/** The groups in an order; those alike as they came, which is by day. */
export function inOrder(groups: Foreseen[], order: Order): Foreseen[] {
  if (order === 'day') return groups;
  return [...groups].sort((one, other) =>
    order === 'people' ? other.lines - one.lines : compare(size(other.amount), size(one.amount)),
  );
}

/** What a group can be narrowed to, in words. */
export const KINDS: Record<Foreseen['what'], string> = {
  LAPSE: 'Time that lapses',
  WITHHELD: 'Earning withheld',
  LIMIT_REACHED: 'Limits reached',
  EARNING_BEGINS: 'Waits before earning that end',
  USE_BEGINS: 'Waits before use that end',
  TENURE_STEP: 'More years of service',
  YEAR_ENDS: 'Year’s ends',
  BELOW_ZERO: 'Balances below zero',
  GRANT: 'Grants',
  PAY_OUT: 'Time paid out',
  TERMS_CHANGE: 'Other terms',
};
