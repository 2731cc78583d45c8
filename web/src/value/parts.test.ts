import { describe, expect, it } from 'vitest';
import type { ValueSum } from '../api/types';
import { money } from '../common/format';
import { partsOf } from './parts';

const NOTHING = {
  before: '0',
  brought: '0',
  earned: '0',
  adjusted: '0',
  used: '0',
  lapsed: '0',
  paidOut: '0',
  rates: '0',
  after: '0',
};

function sum(change: Partial<typeof NOTHING>): ValueSum {
  return { id: 0, name: '', people: 1, unknown: 0, change: { ...NOTHING, ...change } };
}

describe('what changed the worth of leave', () => {
  it('has a column for each part that some of it has', () => {
    const parts = partsOf([sum({ earned: '120.5' }), sum({ rates: '-3' })]);
    expect(parts.map(({ title }) => title)).toEqual(['Earned', 'Other rates']);
  });
});

describe('money', () => {
  it('is written with cents, thousands apart and a real minus', () => {
    expect(money('1234567.5')).toBe('1,234,567.50');
    expect(money('-0.05')).toBe('−0.05');
    expect(money('999')).toBe('999.00');
  });
});
