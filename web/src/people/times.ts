import type { DayTimes } from '../api/types';
import { asHours, clockSpan, clockTime, minutesBetween, shortTime } from '../common/clock';
import { WEEKDAYS } from './employment';

/** The times of one weekday as they are typed. */
export interface TypedTimes {
  begins: string;
  ends: string;
  breakBegins: string;
  breakEnds: string;
}

/** Of a day for which none are said. */
export const NO_TIMES: TypedTimes = { begins: '', ends: '', breakBegins: '', breakEnds: '' };

const NAMES: DayTimes['weekday'][] = [
  'MONDAY',
  'TUESDAY',
  'WEDNESDAY',
  'THURSDAY',
  'FRIDAY',
  'SATURDAY',
  'SUNDAY',
];

const short = (time: string | null) => (time === null ? '' : shortTime(time));

/** The times of a week, from Monday to Sunday, for fields; empty where none are said. */
export function typedWeek(times: DayTimes[]): TypedTimes[] {
  return NAMES.map((name) => {
    const day = times.find((each) => each.weekday === name);
    return {
      begins: short(day?.begins ?? null),
      ends: short(day?.ends ?? null),
      breakBegins: short(day?.breakBegins ?? null),
      breakEnds: short(day?.breakEnds ?? null),
    };
  });
}

/** The hours that follow from times, null as long as they are not both there or not to be read. */
export function hoursOf(typed: TypedTimes): string | null {
  const begins = clockTime(typed.begins);
  const ends = clockTime(typed.ends);
  if (begins === null || ends === null) return null;
  const breakBegins = clockTime(typed.breakBegins);
  const breakEnds = clockTime(typed.breakEnds);
  const rest =
    breakBegins === null || breakEnds === null ? 0 : minutesBetween(breakBegins, breakEnds);
  return asHours(Math.max(0, minutesBetween(begins, ends) - rest));
}

/** Which weekday has times that cannot be read, null where all can. */
export function unreadable(week: TypedTimes[]): string | null {
  const at = week.findIndex((day) => {
    const pairs = [
      [day.begins, day.ends],
      [day.breakBegins, day.breakEnds],
    ] as const;
    const work = day.begins.trim() !== '' || day.ends.trim() !== '';
    return pairs.some(([from, to], pair) => {
      const said = from.trim() !== '' || to.trim() !== '';
      return said && ((pair === 1 && !work) || clockTime(from) === null || clockTime(to) === null);
    });
  });
  return at < 0 ? null : WEEKDAYS[at]!;
}

/** The times of a week as the server reads them. */
export function timesOfWeek(week: TypedTimes[]): DayTimes[] {
  return week.flatMap((day, at) => {
    const begins = clockTime(day.begins);
    const ends = clockTime(day.ends);
    return begins === null || ends === null
      ? []
      : [
          {
            weekday: NAMES[at]!,
            begins,
            ends,
            breakBegins: clockTime(day.breakBegins),
            breakEnds: clockTime(day.breakEnds),
          },
        ];
  });
}

/** "07:30 to 16:00, break 12:00 to 12:30" */
export function dayWords(day: DayTimes): string {
  const work = clockSpan({ from: day.begins, to: day.ends });
  return day.breakBegins === null
    ? work
    : `${work}, break ${clockSpan({ from: day.breakBegins, to: day.breakEnds! })}`;
}

/** Times in few words: equal days are told once. */
export function timesWords(times: DayTimes[]): string {
  const told = new Map<string, string[]>();
  for (const day of times) {
    const words = dayWords(day);
    const days = told.get(words) ?? [];
    told.set(words, [...days, WEEKDAYS[NAMES.indexOf(day.weekday)]!]);
  }
  return [...told].map(([words, days]) => `${days.join(', ')} ${words}`).join('; ');
}
