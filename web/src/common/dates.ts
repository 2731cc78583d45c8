import { isDate, plusDays } from './format';

const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
];
const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const WORDS: Record<string, number> = { t: 0, today: 0, tomorrow: 1, yesterday: -1 };

function two(number: number): string {
  return String(number).padStart(2, '0');
}

/** Which of some names a word of at least three letters begins; -1 for none, so that Sunniva is no Sunday. */
function begun(names: string[], word: string): number {
  return word.length < 3 ? -1 : names.findIndex((name) => name.startsWith(word));
}

function lastOf(year: number, month: number): number {
  return new Date(Date.UTC(year, month, 0)).getUTCDate();
}

/** So many months later, or the month's last day where it is shorter. */
export function plusMonths(iso: string, months: number): string {
  const [year = 0, month = 1, day = 1] = iso.split('-').map(Number);
  const total = year * 12 + month - 1 + months;
  const then = { year: Math.floor(total / 12), month: (total % 12) + 1 };
  return `${then.year}-${two(then.month)}-${two(Math.min(day, lastOf(then.year, then.month)))}`;
}

function made(year: number, month: number, day: number): string | null {
  const iso = `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`;
  return isDate(iso) && year >= 1900 && year < 2200 ? iso : null;
}

function yearOf(text: string | undefined, today: string): number {
  if (text === undefined || text === '') return Number(today.slice(0, 4));
  return text.length === 2 ? 2000 + Number(text) : Number(text);
}

function moved(text: string, from: string): string | null {
  const found = /^([+-]\d{1,4}) ?([dwmy])$/.exec(text);
  if (!found) return null;
  const count = Number(found[1]);
  switch (found[2]) {
    case 'd':
      return plusDays(from, count);
    case 'w':
      return plusDays(from, 7 * count);
    case 'm':
      return plusMonths(from, count);
    default:
      return plusMonths(from, 12 * count);
  }
}

/** The next such weekday, today included where it is one; a week later with “next”. */
function onWeekday(text: string, today: string): string | null {
  const found = /^(next )?([a-z]{3,9})$/.exec(text);
  const wanted = found ? begun(WEEKDAYS, found[2]!) : -1;
  if (!found || wanted < 0) return null;
  const days = (wanted - new Date(`${today}T00:00:00Z`).getUTCDay() + 7) % 7;
  return plusDays(today, days + (found[1] ? 7 : 0));
}

/**
 * The day that somebody means: 2027-05-03, 3 may, 3 May 2027, 3.5., 3/5/27, fri, next fri, t, tomorrow, +2w, -10d.
 * Day comes before month. Null where it is none.
 */
export function meantDay(typed: string, today: string, from = today): string | null {
  const text = typed.trim().toLowerCase().replaceAll(',', '');
  if (text in WORDS) return plusDays(today, WORDS[text]!);
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  if (iso) return made(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const named = /^(\d{1,2})\.? ?([a-z]{3,9})\.? ?(\d{4}|\d{2})?$/.exec(text);
  if (named) {
    const month = begun(MONTHS, named[2]!) + 1;
    return month === 0 ? null : made(yearOf(named[3], today), month, Number(named[1]));
  }
  const numbers = /^(\d{1,2})[./ -](\d{1,2})(?:[./ -](\d{4}|\d{2})?)?$/.exec(text);
  if (numbers) return made(yearOf(numbers[3], today), Number(numbers[2]), Number(numbers[1]));
  return moved(text, from) ?? onWeekday(text, today);
}

/** The month that somebody means, by its first and last day: may, May 2028, this month, next month. Null where it is none. */
export function meantMonth(typed: string, today: string): [string, string] | null {
  const text = typed.trim().toLowerCase();
  const relative = ['this month', 'next month', 'last month'].indexOf(text);
  const first = `${today.slice(0, 8)}01`;
  if (relative >= 0) return wholeMonth(plusMonths(first, [0, 1, -1][relative]!));
  const named = /^([a-z]{3,9})(?: (\d{4}))?$/.exec(text);
  const month = named ? begun(MONTHS, named[1]!) + 1 : 0;
  return month === 0 ? null : wholeMonth(`${yearOf(named![2], today)}-${two(month)}-01`);
}

function wholeMonth(first: string): [string, string] {
  const [year = 0, month = 1] = first.split('-').map(Number);
  return [first, `${first.slice(0, 8)}${two(lastOf(year, month))}`];
}
