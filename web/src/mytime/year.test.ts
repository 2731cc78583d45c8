import { describe, expect, it } from 'vitest';
import { monthsFrom, said, weeksOf } from './year';

describe('a year of months', () => {
  it('lays a month out from Monday on', () => {
    const weeks = weeksOf('2027-05');
    expect(weeks[0]).toEqual([null, null, null, null, null, '2027-05-01', '2027-05-02']);
    expect(weeks.at(-1)).toEqual(['2027-05-31', null, null, null, null, null, null]);
  });

  it('knows a leap day', () => {
    expect(weeksOf('2028-02').flat().filter(Boolean)).toHaveLength(29);
  });

  it('goes on over the year', () => {
    const months = monthsFrom('2027-04-01');
    expect(months).toHaveLength(12);
    expect(months[0]).toBe('2027-04');
    expect(months[8]).toBe('2027-12');
    expect(months[11]).toBe('2028-03');
  });

  it('says everything that is on a day', () => {
    const leave = [
      {
        requestId: 1,
        policyId: 1,
        policy: 'Sick time',
        part: 'MORNING' as const,
        approved: false,
      },
    ];
    expect(said({ on: '2027-05-03', holiday: 'May Day', protectedFor: 'plant sale', leave })).toBe(
      'May Day; protected: plant sale; Sick time, morning, waiting',
    );
    expect(said(undefined)).toBe('');
  });
});
