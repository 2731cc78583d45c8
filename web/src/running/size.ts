const UNITS = ['B', 'kB', 'MB', 'GB', 'TB'];
const STEP = 1000;

/** A number of bytes in words, with three figures at most. */
export function size(bytes: number): string {
  let left = bytes;
  let unit = 0;
  while (left >= STEP && unit < UNITS.length - 1) {
    left /= STEP;
    unit++;
  }
  return `${unit === 0 || left >= 100 ? Math.round(left) : left.toFixed(1)} ${UNITS[unit]}`;
}
