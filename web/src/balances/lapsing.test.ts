import { describe, expect, it } from 'vitest';
import { lapsesNext } from './lapsing';

describe('what lapses next', () => {
  it('says the last day of use', () => {
    const nextLapse = { on: '2027-05-23', amount: '4.5' };
    expect(lapsesNext({ nextLapse, unit: 'HOURS' })).toBe(
      '4.5 hours can be used until 22 May 2027',
    );
  });

  it('says nothing where nothing lapses', () => {
    expect(lapsesNext({ nextLapse: null, unit: 'DAYS' })).toBe('');
  });
});
