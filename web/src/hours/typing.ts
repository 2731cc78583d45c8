import type { CardDay } from '../api/types';

/** What somebody means who types a shorthand: = for as scheduled, a quotation mark for the same as the day before. */
export function meant(typed: string, day: CardDay, before: CardDay | undefined): string {
  const line = typed.trim();
  if (line === '=') return day.scheduledLine;
  if (/^["“”]$/.test(line) && before) return before.line;
  return line;
}

/** The days that can be filled as scheduled: nothing stands there, and something is to be worked. */
export function emptyDays(
  days: CardDay[],
  mayChange: (day: CardDay) => boolean,
): { on: string; line: string }[] {
  return days
    .filter((day) => day.line === '' && day.scheduledLine !== '' && mayChange(day))
    .map((day) => ({ on: day.on, line: day.scheduledLine }));
}

/** The lines of one week put on the days of another that are empty and can be changed. */
export function likeTheWeekBefore(
  days: CardDay[],
  before: CardDay[],
  mayChange: (day: CardDay) => boolean,
): { on: string; line: string }[] {
  return days.flatMap((day, at) => {
    const line = before[at]?.line ?? '';
    return line !== '' && day.line === '' && day.leave.length === 0 && mayChange(day)
      ? [{ on: day.on, line }]
      : [];
  });
}
