import type { LineKind, Unit } from '../api/types';
import { isNegative, isPositive, rounded } from './decimal';

const MINUS = '−';
const SHOWN_DECIMALS = 2;

/** An amount as it is read: at most two decimals, a real minus. The exact figure belongs in a title beside it. */
export function amount(exact: string): string {
  return rounded(exact, SHOWN_DECIMALS).replace('-', MINUS);
}

/** An amount of money: two decimals, thousands apart. */
export function money(exact: string): string {
  const [whole = '0', cents = ''] = rounded(exact, 2).replace('-', '').split('.');
  const apart = whole.replace(/\B(?=(\d{3})+$)/g, ',');
  const sign = isNegative(exact) && !/^0?$/.test(`${whole}${cents}`) ? MINUS : '';
  return `${sign}${apart}.${cents.padEnd(2, '0')}`;
}

/** Money with its sign, as it changes a sum. */
export function signedMoney(exact: string): string {
  return isPositive(exact) ? `+${money(exact)}` : money(exact);
}

/** An amount with its sign, as it changes a balance. */
export function signed(exact: string): string {
  return isPositive(exact) ? `+${amount(exact)}` : amount(exact);
}

export function withUnit(exact: string, unit: Unit): string {
  const name = unit === 'HOURS' ? 'hour' : 'day';
  const shown = amount(exact);
  return `${shown} ${shown === '1' ? name : `${name}s`}`;
}

/** 1 line, 3 lines */
export function counted(count: number, one: string): string {
  return `${count} ${count === 1 ? one : `${one}s`}`;
}

/** 1 policy, 3 policies */
export function policiesCounted(count: number): string {
  return count === 1 ? '1 policy' : `${count} policies`;
}

/** 1 person, 3 people */
export function peopleCounted(count: number): string {
  return count === 1 ? '1 person' : `${count} people`;
}

export function unitName(unit: Unit): string {
  return unit === 'HOURS' ? 'hours' : 'days';
}

function date(iso: string): Date {
  return new Date(`${iso.slice(0, 10)}T00:00:00Z`);
}

function formatted(iso: string, options: Intl.DateTimeFormatOptions): string {
  return new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', ...options }).format(date(iso));
}

/** 14 August 2027 */
export function longDay(iso: string): string {
  return formatted(iso, { day: 'numeric', month: 'long', year: 'numeric' });
}

/** 14 Aug */
export function shortDay(iso: string): string {
  return formatted(iso, { day: 'numeric', month: 'short' });
}

/** 14 Aug 2027 */
export function day(iso: string): string {
  return formatted(iso, { day: 'numeric', month: 'short', year: 'numeric' });
}

/** Sat 14 Aug */
export function weekdayAndDay(iso: string): string {
  return formatted(iso, { weekday: 'short', day: 'numeric', month: 'short' });
}

export function weekday(iso: string): string {
  return formatted(iso, { weekday: 'short' });
}

export function monthName(iso: string): string {
  return formatted(iso, { month: 'long' });
}

export function dayNumber(iso: string): number {
  return date(iso).getUTCDate();
}

/** Days and their span in few words. */
export function span(first: string, last: string): string {
  if (first === last) {
    return weekdayAndDay(first);
  }
  return `${weekdayAndDay(first)} to ${weekdayAndDay(last)}`;
}

export function plusDays(iso: string, days: number): string {
  const moved = date(iso);
  moved.setUTCDate(moved.getUTCDate() + days);
  return moved.toISOString().slice(0, 10);
}

export function daysBetween(first: string, last: string): number {
  return Math.round((date(last).getTime() - date(first).getTime()) / 86_400_000);
}

export function isWeekend(iso: string): boolean {
  return [0, 6].includes(date(iso).getUTCDay());
}

export function mondayOf(iso: string): string {
  return plusDays(iso, -((date(iso).getUTCDay() + 6) % 7));
}

/** Whether a text is a day that there is: 2027-02-29 is none. */
export function isDate(text: string): boolean {
  const read = date(text);
  return !Number.isNaN(read.getTime()) && read.toISOString().slice(0, 10) === text;
}

/** Names in capitals as words: PARTLY_APPROVED becomes Partly approved. */
export function words(name: string): string {
  const lower = name.toLowerCase().replaceAll('_', ' ');
  return lower.charAt(0).toUpperCase() + lower.slice(1);
}

const KINDS: Record<LineKind, string> = {
  OPENING: 'Opening',
  EARNED: 'Earned',
  ADJUSTED: 'Adjusted',
  TAKEN: 'Taken',
  LAPSED: 'Lapsed',
  PAID_OUT: 'Paid out',
};

export function kindName(kind: LineKind): string {
  return KINDS[kind];
}

/** "20 Apr, 14:05", of a moment as the server says it. */
export function dayAndTime(iso: string): string {
  return `${shortDay(iso.slice(0, 10))}, ${iso.slice(11, 16)}`;
}
