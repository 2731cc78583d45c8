import type { YearDay } from '../api/types';
import { plusMonths } from '../common/dates';

/** A month as rows of weeks from Monday on; days of other months are null. */
export function weeksOf(month: string): (string | null)[][] {
  const first = new Date(`${month}-01T00:00:00Z`);
  const before = (first.getUTCDay() + 6) % 7;
  const length = new Date(
    Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0),
  ).getUTCDate();
  const cells: (string | null)[] = [
    ...Array<null>(before).fill(null),
    ...Array.from({ length }, (_, at) => `${month}-${String(at + 1).padStart(2, '0')}`),
  ];
  while (cells.length % 7 !== 0) cells.push(null);
  return Array.from({ length: cells.length / 7 }, (_, week) => cells.slice(week * 7, week * 7 + 7));
}

/** The twelve months from one on, each as year and month. */
export function monthsFrom(first: string): string[] {
  return Array.from({ length: 12 }, (_, at) => plusMonths(first, at).slice(0, 7));
}

const PARTS: Partial<Record<YearDay['leave'][number]['part'], string>> = {
  HALF: ', half',
  MORNING: ', morning',
  AFTERNOON: ', afternoon',
  HOURS: ', some hours',
  TIMES: ', some hours',
};

/** What is on a day, in words. */
export function said(day: YearDay | undefined): string {
  if (!day) return '';
  return [
    day.holiday,
    day.protectedFor && `protected: ${day.protectedFor}`,
    ...day.leave.map(
      (each) => `${each.policy}${PARTS[each.part] ?? ''}${each.approved ? '' : ', waiting'}`,
    ),
  ]
    .filter(Boolean)
    .join('; ');
}
