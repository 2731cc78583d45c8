import { describe, expect, it } from 'vitest';
import type { NameOfLeaver } from '../api/types';
import { dueAt, fate } from './names';

const LEAVER: NameOfLeaver = {
  personId: 7,
  code: 'P7',
  name: 'Oda Testwell',
  lastDay: '2027-03-19',
  nameUntil: '2027-09-19',
  kept: null,
  waits: null,
};

describe('what becomes of a name', () => {
  it('is said with its day', () => {
    expect(fate(LEAVER)).toMatch(/^stays through .*2027$/);
    expect(fate({ ...LEAVER, nameUntil: null })).toBe('stays');
  });

  it('says what has to happen first', () => {
    expect(fate({ ...LEAVER, nameUntil: null, waits: 'The run is open.' })).toBe(
      'stays. The run is open.',
    );
  });

  it('says why it is kept, whatever the rule says', () => {
    const kept = { reason: 'A case', by: 'Ada', at: '2027-03-20T10:00:00' };
    expect(fate({ ...LEAVER, kept })).toBe('is kept: A case (Ada)');
  });

  it('counts whose time is over', () => {
    const atTheEnd = { ...LEAVER, lastDay: '2026-08-31' };
    expect(dueAt([LEAVER, atTheEnd], 6, '2027-02-28')).toBe(0);
    expect(dueAt([LEAVER, atTheEnd], 6, '2027-03-01')).toBe(1);
    expect(dueAt([{ ...LEAVER, waits: 'The run is open.' }], 6, '2030-01-01')).toBe(0);
  });
});
