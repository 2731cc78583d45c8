import { describe, expect, it } from 'vitest';
import { firstOfEach } from './rows';

const row = (personId: number, policyId: number) => ({ personId, policyId });

describe('hours on a worksheet', () => {
  it('stand on the first row of each person', () => {
    expect(firstOfEach([row(1, 7), row(1, 8), row(2, 7)])).toEqual(['1/7', '2/7']);
  });

  it('stand again where somebody comes up again in another order', () => {
    expect(firstOfEach([row(1, 7), row(2, 7), row(1, 8)])).toEqual(['1/7', '2/7', '1/8']);
  });

  it('stand nowhere where there are no rows', () => {
    expect(firstOfEach([])).toEqual([]);
  });
});
