import { describe, expect, it } from 'vitest';
import type { YearEndRow, YearEndView } from '../api/types';
import { likelyYear, sentenceOf, stateWords } from './state';

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

describe('what it comes to', () => {
  const VIEW = {
    unit: 'HOURS',
    first: '2028-01-01',
    last: '2028-01-01',
    ahead: 2,
    all: { people: 2, losing: 1, carried: '74', lost: '3.5', paidOut: '0', lostWorth: '61.25' },
  } as YearEndView;

  it('is told before and after', () => {
    expect(sentenceOf(VIEW)).toBe(
      'On 1 Jan 2028, 2 people carry over 74 hours; 1 person loses 3.5 hours (61.25).',
    );
    expect(
      sentenceOf({
        ...VIEW,
        ahead: 0,
        last: '2028-07-01',
        all: { ...VIEW.all, losing: 0, paidOut: '2' },
      }),
    ).toBe(
      'From 1 Jan 2028 to 1 Jul 2028, 2 people carried over 74 hours; nobody loses any, and 2 hours were paid out.',
    );
  });

  it('is nothing where no year ends', () => {
    expect(sentenceOf({ ...VIEW, first: null })).toBe('');
  });
});
