import type { NameOfLeaver } from '../api/types';
import { plusMonths } from '../common/dates';
import { day } from '../common/format';

/** What becomes of a leaver's name, in a sentence. */
export function fate(leaver: NameOfLeaver): string {
  if (leaver.kept) return `is kept: ${leaver.kept.reason} (${leaver.kept.by})`;
  const until = leaver.nameUntil ? `stays through ${day(leaver.nameUntil)}` : 'stays';
  return leaver.waits ? `${until}. ${leaver.waits}` : until;
}

/** How many names would go by a day if they stayed some months after the last day. */
export function dueAt(leavers: NameOfLeaver[], months: number, today: string): number {
  return leavers.filter(
    (each) => !each.kept && !each.waits && plusMonths(each.lastDay, months) < today,
  ).length;
}
