import { describe, expect, it } from 'vitest';
import type { YearEndRow } from '../api/types';
import { isShown, likelyYear, stateWords } from './state';

const ROW = {
  person: 'Nuala Vosper',
  code: 'B130',
  team: 'Grounds',
  lost: '37',
  ownCarry: null,
  says: '',
  state: 'AHEAD',
  provisional: false,
} as YearEndRow;

describe('the people of a year’s end', () => {
  it('are found by what they lose, by words and by what is otherwise', () => {
    expect(isShown(ROW, 'LOSING', 'nuala')).toBe(true);
    expect(isShown(ROW, 'ALL', 'kerensa')).toBe(false);
    expect(isShown(ROW, 'OTHERWISE', '')).toBe(false);
    expect(isShown({ ...ROW, lost: '0' }, 'LOSING', '')).toBe(false);
    expect(isShown({ ...ROW, ownCarry: '50' }, 'EXCEPTIONS', 'b130')).toBe(true);
  });

  it('are told as they are with the review', () => {
    expect(stateWords(ROW, false)).toBe('ahead');
    expect(stateWords(ROW, true)).toBe('as reviewed');
    expect(stateWords({ ...ROW, state: 'MATCHED', provisional: true }, true)).toBe(
      'came as reviewed, period still open',
    );
  });
});

describe('the year', () => {
  it('is that of the next end', () => {
    expect(likelyYear('2027-04-26', '01-01')).toBe(2028);
    expect(likelyYear('2027-04-26', '07-01')).toBe(2027);
    expect(likelyYear('2027-04-26', 'hire-anniversary')).toBe(2027);
  });
});
