import type { Time } from '../api/types';
import { plusMonths } from '../common/dates';
import { plusDays } from '../common/format';

/** The first day that counts after a wait that begins with the hire date. */
export function firstDayAfter(hired: string, wait: Time): string {
  return wait.days === null ? plusMonths(hired, wait.months ?? 0) : plusDays(hired, wait.days);
}

/** st, nd, rd or th, as it is said */
export function ordinalEnding(number: number): string {
  const lastTwo = number % 100;
  if (lastTwo >= 11 && lastTwo <= 13) return 'th';
  return ['th', 'st', 'nd', 'rd'][number % 10] ?? 'th';
}

/** 45 days, 1 month */
export function timeWords({ days, months }: Time): string {
  const [count, one] = days === null ? [months ?? 0, 'month'] : [days, 'day'];
  return `${count} ${count === 1 ? one : `${one}s`}`;
}
