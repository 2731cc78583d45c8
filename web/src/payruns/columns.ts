import type { HandOverLayout } from '../api/types';

export type Column = HandOverLayout['columns'][number];

/** What each choice of a layout means, in the order in which they are offered. */
export const CHOICES = {
  separator: [
    ['COMMA', 'a comma'],
    ['SEMICOLON', 'a semicolon'],
    ['TAB', 'a tab'],
    ['BAR', 'a bar |'],
  ],
  decimalMark: [
    ['POINT', 'a point: 7.5'],
    ['COMMA', 'a comma: 7,5'],
  ],
  dates: [
    ['ISO', '2027-04-25'],
    ['DAY_FIRST_WITH_POINTS', '25.04.2027'],
    ['DAY_FIRST_WITH_SLASHES', '25/04/2027'],
    ['MONTH_FIRST_WITH_SLASHES', '04/25/2027'],
  ],
  encoding: [
    ['UTF_8', 'Unicode (UTF-8)'],
    ['WINDOWS_1252', 'Western European (Windows-1252)'],
  ],
} as const;

/** Moves one of some columns to the left or right; at the ends it stays. */
export function moved(columns: Column[], at: number, by: number): Column[] {
  const to = Math.min(columns.length - 1, Math.max(0, at + by));
  const others = columns.filter((_, index) => index !== at);
  return [...others.slice(0, to), columns[at]!, ...others.slice(to)];
}

/** Our codes behind those of a file, with those that have one of payroll's, each once. */
export function oursAmong(inFile: string[], theirs: Record<string, string>): string[] {
  const known = Object.entries(theirs);
  const ours = inFile.map((code) => known.find(([, own]) => own === code)?.[0] ?? code);
  return [...new Set([...known.map(([code]) => code), ...ours])].sort();
}
