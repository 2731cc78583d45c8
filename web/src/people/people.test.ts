import { describe, expect, it } from 'vitest';
import type { OwnFigures } from '../api/types';
import { figure, weekWords } from './employment';
import { exceptionWords } from './exceptions';

const NONE: OwnFigures = {
  amount: null,
  limits: null,
  carry: null,
  waitToEarn: null,
  waitToUse: null,
};

describe('a week in few words', () => {
  it.each([
    [['8', '8', '8', '8', '8', '0', '0'], '40 hours a week: 8 hours on Mon, Tue, Wed, Thu, Fri'],
    [['0', '7.5', '0', '0', '4.25', '0', '0'], '11.75 hours a week: Tue 7.5, Fri 4.25'],
    [['0', '0', '0', '0', '0', '6', '0'], '6 hours a week: 6 hours on Sat'],
  ])('%j', (week, words) => expect(weekWords(week)).toBe(words));
});

describe('a figure as somebody types it', () => {
  it.each([
    [' 7,5 ', '7.5'],
    ['−3', '-3'],
    ['', '0'],
    ['a lot', 'a lot'],
  ])('%j is sent as %j', (typed, sent) => expect(figure(typed)).toBe(sent));
});

describe('an exception in few words', () => {
  it('has only what is other', () => {
    expect(
      exceptionWords({
        ...NONE,
        amount: '9',
        limits: { balance: '90' },
        carry: '0',
        waitToUse: { days: null, months: 2 },
      }),
    ).toBe('earns 9, may hold at most 90, carries over at most 0, waits 2 months before use');
    expect(exceptionWords(NONE)).toBe('');
  });
});
