/** How many rows are asked for at a time. */
export const PART = 100;

const BEYOND = 15;

/** The rows of a long table that have to be there, for what is in sight and a little more. */
export function inSight(
  scrolled: number,
  height: number,
  rowHeight: number,
  total: number,
): { first: number; last: number } {
  const top = Math.floor(scrolled / rowHeight);
  const first = Math.max(0, Math.min(top, total) - BEYOND);
  return { first, last: Math.min(total, top + Math.ceil(height / rowHeight) + BEYOND) };
}

/** The parts in which some rows lie; the first one where there are none. */
export function partsOf(first: number, last: number): number[] {
  const from = Math.floor(first / PART);
  const to = Math.floor(Math.max(first, last - 1) / PART);
  return Array.from({ length: to - from + 1 }, (_, at) => from + at);
}
