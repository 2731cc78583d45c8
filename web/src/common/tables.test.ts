import { describe, expect, it } from 'vitest';
import type { Column } from '../api/types';
import { inOrder } from './tables';

const COLUMNS: Column[] = [
  { key: 'person', title: 'Person', kind: 'TEXT' },
  { key: 'left', title: 'Left', kind: 'AMOUNT' },
  { key: 'cautions', title: 'Cautions', kind: 'WORDS' },
];
const ROWS = [
  { person: 'Zita', left: '9', cautions: [] },
  { person: 'Åsa', left: '10.5', cautions: ['Below zero'] },
  { person: 'Ben', left: '-2', cautions: ['At a limit'] },
];

describe('rows of a table in order', () => {
  it.each([
    [null, ['Zita', 'Åsa', 'Ben']],
    [{ column: 'left', descending: false }, ['Ben', 'Zita', 'Åsa']],
    [{ column: 'left', descending: true }, ['Åsa', 'Zita', 'Ben']],
    [{ column: 'person', descending: false }, ['Åsa', 'Ben', 'Zita']],
    [{ column: 'cautions', descending: true }, ['Åsa', 'Ben', 'Zita']],
    [{ column: 'gone', descending: true }, ['Zita', 'Åsa', 'Ben']],
  ])('%j', (sorting, order) => {
    expect(inOrder(ROWS, COLUMNS, sorting).map(({ person }) => person)).toEqual(order);
    expect(ROWS[0]!.person).toBe('Zita');
  });
});
