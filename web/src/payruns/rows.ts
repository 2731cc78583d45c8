import type { WorksheetRow } from '../api/types';

type Named = Pick<WorksheetRow, 'personId' | 'policyId'>;

/** What tells a row of a worksheet from all others. */
export const keyOfRow = (row: Named) => `${row.personId}/${row.policyId}`;

/** On which rows the hours of a person stand: the first of each person one after another. */
export function firstOfEach(rows: Named[]): string[] {
  return rows
    .filter((row, index) => index === 0 || rows[index - 1]!.personId !== row.personId)
    .map(keyOfRow);
}
