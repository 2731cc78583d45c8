import { describe, expect, it } from 'vitest';
import type { BalanceDetail } from '../api/types';
import { balanceOn, marks, steps } from './steps';

type Line = BalanceDetail['lines'][number];

function line(on: string, kind: Line['kind'], amount: string, balance: string, withheld = '0') {
  return { on, kind, amount, balance, withheld } as Line;
}

const LINES = [
  line('2027-02-01', 'EARNED', '5', '15'),
  line('2027-03-01', 'LAPSED', '-3', '12'),
  line('2027-03-01', 'EARNED', '1', '13', '4'),
  line('2027-05-01', 'EARNED', '0', '13', '5'),
];

describe('the steps of a balance', () => {
  it('begin with what was there and end with the last day', () => {
    expect(steps(LINES, '10', '2027-01-01', '2027-06-30')).toEqual([
      ['2027-01-01', 10],
      ['2027-02-01', 15],
      ['2027-03-01', 13],
      ['2027-05-01', 13],
      ['2027-06-30', 13],
    ]);
  });

  it('of a part begin with the balance of its first day', () => {
    expect(steps(LINES, '10', '2027-02-10', '2027-02-20')).toEqual([
      ['2027-02-10', 15],
      ['2027-02-20', 15],
    ]);
  });

  it('know the balance of every day', () => {
    expect(balanceOn(LINES, '10', '2027-01-31')).toBe('10');
    expect(balanceOn(LINES, '10', '2027-03-01')).toBe('13');
  });
});

describe('marks', () => {
  it('are one a day, and hollow where something was only withheld', () => {
    expect(marks(LINES)).toEqual([
      { on: '2027-03-01', balance: 13, withheld: false, text: '1 Mar: Lapsed −3, 4 withheld' },
      { on: '2027-05-01', balance: 13, withheld: true, text: '1 May: 5 withheld' },
    ]);
  });
});
