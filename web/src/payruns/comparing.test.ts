import { describe, expect, it } from 'vitest';
import type { PayRun } from '../api/types';
import { aYearAgo, usualOther } from './comparing';

function run(id: number, firstDay: string, lastDay: string): PayRun {
  return {
    id,
    payGroupId: 1,
    firstDay,
    lastDay,
    paysOn: lastDay,
    state: 'CLOSED',
    closings: 1,
    offCycleOf: null,
    offCycle: false,
    checkedAt: null,
    checkedBy: null,
    checked: false,
    closedAt: null,
    closedBy: null,
    closed: true,
  };
}

const now = run(9, '2028-04-10', '2028-04-23');
const before = run(8, '2028-03-27', '2028-04-09');
const lastYear = run(2, '2027-04-12', '2027-04-25');

describe('the run that another is held against', () => {
  it('is the one before it', () => {
    expect(usualOther(now, [lastYear, before])).toBe(before);
    expect(usualOther(lastYear, [now])).toBe(now);
    expect(usualOther(now, [])).toBeNull();
  });

  it('is that of a year ago where there is one near', () => {
    expect(aYearAgo(now, [before, lastYear])).toBe(lastYear);
    expect(aYearAgo(before, [now])).toBeNull();
  });
});
