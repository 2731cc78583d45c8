const HALVES = /^([ap])\.?m?\.?$/;
const TYPED = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*([ap]\.?m?\.?)?$/;
const DAY = 24 * 60;

/** A time of the clock in any usual form, such as 9, 9:05, 0905, 21.05 or 9:05p, as the server reads it; null for none. */
export function clockTime(typed: string): string | null {
  const match = TYPED.exec(typed.trim().toLowerCase());
  if (!match) return null;
  const half = match[3] ? HALVES.exec(match[3])?.[1] : undefined;
  const typedHour = Number(match[1]);
  const minute = Number(match[2] ?? '0');
  if (half && (typedHour < 1 || typedHour > 12)) return null;
  const hour = half ? (typedHour % 12) + (half === 'p' ? 12 : 0) : typedHour;
  if (hour > 23 || minute > 59) return null;
  return `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
}

/** A time of the server without its seconds. */
export function shortTime(time: string): string {
  return time.slice(0, 5);
}

/** "13:00 to 15:30" */
export function clockSpan(span: { from: string; to: string }): string {
  return `${shortTime(span.from)} to ${shortTime(span.to)}`;
}

/** The minutes from one time to another, over midnight where the second is not after the first. */
export function minutesBetween(from: string, to: string): number {
  return ((minuteOf(to) - minuteOf(from) - 1 + DAY) % DAY) + 1;
}

/** Minutes as hours, to four decimals as the server counts them. */
export function asHours(minutes: number): string {
  return String(Math.round((minutes * 500) / 3) / 10_000);
}

function minuteOf(time: string): number {
  return Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
}
