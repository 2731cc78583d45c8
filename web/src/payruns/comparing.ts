import type { PayRun } from '../api/types';

const DAY = 24 * 60 * 60 * 1000;
const NEAR = 10;

/** The run just before one, else any other. */
export function usualOther(run: PayRun, others: PayRun[]): PayRun | null {
  const before = others
    .filter((each) => each.lastDay < run.firstDay)
    .sort((one, other) => other.firstDay.localeCompare(one.firstDay));
  return before[0] ?? others[0] ?? null;
}

/** The run whose period lies where that of another lay a year later, give or take a few days. */
export function aYearAgo(run: PayRun, others: PayRun[]): PayRun | null {
  const meant = `${Number(run.firstDay.slice(0, 4)) - 1}${run.firstDay.slice(4)}`;
  const apart = (each: PayRun) => Math.abs(Date.parse(each.firstDay) - Date.parse(meant)) / DAY;
  const [nearest] = [...others].sort((one, other) => apart(one) - apart(other));
  return nearest && apart(nearest) <= NEAR ? nearest : null;
}
