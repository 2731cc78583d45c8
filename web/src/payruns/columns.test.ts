import { describe, expect, it } from 'vitest';
import { type Column, moved, oursAmong } from './columns';

const COLUMNS: Column[] = (['PERSON', 'CODE', 'AMOUNT'] as const).map((field) => ({
  field,
  heading: field,
}));

const order = (columns: Column[]) => columns.map((column) => column.field);

describe('columns of a layout', () => {
  it('move to the left and right', () => {
    expect(order(moved(COLUMNS, 2, -1))).toEqual(['PERSON', 'AMOUNT', 'CODE']);
    expect(order(moved(COLUMNS, 0, 1))).toEqual(['CODE', 'PERSON', 'AMOUNT']);
  });

  it('stay where they are at the ends', () => {
    expect(order(moved(COLUMNS, 0, -1))).toEqual(['PERSON', 'CODE', 'AMOUNT']);
    expect(order(moved(COLUMNS, 2, 1))).toEqual(['PERSON', 'CODE', 'AMOUNT']);
  });
});

describe('codes of a file', () => {
  it('are ours again, each once', () => {
    expect(oursAmong(['1000', 'OVT', '1000'], { REG: '1000', TRN: '1300' })).toEqual([
      'OVT',
      'REG',
      'TRN',
    ]);
  });
});
