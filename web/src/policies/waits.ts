import type { Terms } from '../api/types';
import { plusMonths } from '../common/dates';
import { plusDays } from '../common/format';

export type Wait = NonNullable<Terms['waitToUse']>;

/** The first day that counts after a wait that begins with the hire date. */
export function firstDayAfter(hired: string, wait: Wait): string {
  return wait.in === 'DAYS' ? plusDays(hired, wait.count) : plusMonths(hired, wait.count);
}

/** st, nd, rd or th, as it is said */
export function ordinalEnding(number: number): string {
  const lastTwo = number % 100;
  if (lastTwo >= 11 && lastTwo <= 13) return 'th';
  return ['th', 'st', 'nd', 'rd'][number % 10] ?? 'th';
}

/** 45 days, from the 46th day of employment on */
export function waitWords(wait: Wait): string {
  const nth = wait.count + 1;
  return wait.in === 'DAYS'
    ? `${wait.count} days after the hire date, from the ${nth}${ordinalEnding(nth)} day of employment on`
    : `${wait.count} months after the hire date`;
}
