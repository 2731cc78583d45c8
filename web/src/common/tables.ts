import type { Column } from '../api/types';
import { compare } from './decimal';

/** By which column rows are in order, and which way. */
export interface Sorting {
  column: string;
  descending: boolean;
}

/** A row's figure by the key of its column; the server holds that every row has it. */
export function valueOf(row: object, key: string): unknown {
  return (row as Record<string, unknown>)[key];
}

export function isNumber({ kind }: Column): boolean {
  return kind === 'AMOUNT' || kind === 'CHANGE' || kind === 'RESULT';
}

function text(value: unknown): string {
  return Array.isArray(value) ? value.join('; ') : String(value ?? '');
}

/** The rows in order of a column, amounts by their size and texts as they are read; as they came without one. */
export function inOrder<R extends object>(
  rows: R[],
  columns: Column[],
  sorting: Sorting | null,
): R[] {
  const column = columns.find(({ key }) => key === sorting?.column);
  if (sorting === null || column === undefined) return rows;
  const way = sorting.descending ? -1 : 1;
  const order = (one: R, other: R) => {
    const [a, b] = [valueOf(one, column.key), valueOf(other, column.key)];
    return isNumber(column)
      ? compare((a as string | null) ?? '0', (b as string | null) ?? '0')
      : text(a).localeCompare(text(b), 'en');
  };
  return [...rows].sort((one, other) => way * order(one, other));
}

/** "-worked" as the server is asked: by that column, the other way round; nothing for nothing. */
export function sortingOf(by: string): Sorting | null {
  if (by === '') return null;
  const descending = by.startsWith('-');
  return { column: descending ? by.slice(1) : by, descending };
}
