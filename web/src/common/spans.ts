import { meantDay } from './dates';
import { daysBetween, plusDays, weekday } from './format';

const LONGEST = 366;
const BETWEEN = /\s*(?:-|–|to|until|through)\s*/;

/**
 * The days that somebody means: whatever means one day, "4-8 May", "4 May to 2 June", "fri to next tue", "every Friday
 * until 30 July", and several of these with commas. Null where a part of it is none.
 */
export function meantDays(typed: string, today: string): string[] | null {
  const parts = typed
    .toLowerCase()
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean);
  const found = parts.map((part) => daysOf(part, today));
  if (parts.length === 0 || found.some((days) => days === null)) return null;
  return [...new Set(found.flatMap((days) => days!))].sort();
}

function daysOf(part: string, today: string): string[] | null {
  const repeated = /^every ([a-z]+)(?: from (.+?))? (?:until|to|through) (.+)$/.exec(part);
  if (repeated) return everyWeek(repeated[1]!, repeated[2], repeated[3]!, today);
  const one = meantDay(part, today);
  if (one !== null) return [one];
  const ends = part.split(BETWEEN);
  if (ends.length !== 2) return null;
  const last = meantDay(ends[1]!, today);
  if (last === null) return null;
  // "4-8 may" says the month once
  const first = /^\d{1,2}$/.test(ends[0]!)
    ? meantDay(`${last.slice(0, 8)}${ends[0]!.padStart(2, '0')}`, today)
    : meantDay(ends[0]!, today);
  return first === null ? null : between(first, last);
}

function between(first: string, last: string): string[] | null {
  const days = daysBetween(first, last);
  if (days < 0 || days > LONGEST) return null;
  return Array.from({ length: days + 1 }, (_, at) => plusDays(first, at));
}

function everyWeek(
  name: string,
  from: string | undefined,
  until: string,
  today: string,
): string[] | null {
  const first = from === undefined ? today : meantDay(from, today);
  const last = meantDay(until, today);
  const all = first === null || last === null ? null : between(first, last);
  const days = all?.filter((on) => weekday(on).toLowerCase() === name.slice(0, 3));
  return days && days.length > 0 ? days : null;
}
