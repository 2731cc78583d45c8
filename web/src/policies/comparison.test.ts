import { describe, expect, it } from 'vitest';
import type { Terms } from '../api/types';
import { compared } from './comparison';
import { EMPTY } from './terms';

const MONTHLY: Terms = {
  ...EMPTY,
  earning: {
    ...EMPTY.earning,
    method: 'PER_PERIOD',
    amount: '7',
    every: 'MONTH',
    posts: 'START',
    months: 'CALENDAR',
    partial: 'BY_DAYS',
  },
};

describe('two versions of a policy compared', () => {
  it('says nothing of versions that are the same', () => {
    expect(compared(MONTHLY, structuredClone(MONTHLY), 'HOURS')).toEqual([]);
  });

  it.each([
    [{ balanceLimit: '66' }, 'May be held', 'no such rule', '66 hours'],
    [{ carry: '0' }, 'Carried over', 'all of it', 'up to 0 hours'],
    [
      { carriedUsable: { time: null, until: '03-31' } },
      'Carried time is usable',
      'without end',
      'until 03-31',
    ],
    [
      { carriedUsable: { time: { count: 3, in: 'MONTHS' }, until: null } },
      'Carried time is usable',
      'without end',
      'for 3 months',
    ],
    [{ waitToUse: { count: 50, in: 'DAYS' } }, 'Wait before use', 'no such rule', '50 days'],
    [{ onLeaving: 'PAY_OUT' }, 'On leaving', 'lapses', 'paid out'],
    [
      { rounding: { step: '0.25', mode: 'HALF_UP' } },
      'Rounded',
      'to four decimals',
      'to 0.25, half up',
    ],
    [
      { tenure: [{ fromYears: 5, amount: '9' }] },
      'More with service',
      'no such rule',
      '9 from 5 years',
    ],
    [{ scaleByDaysOfWeek: 5 }, 'Part-timers', 'the same as full-timers', 'by days a week, of 5'],
    [{ scaleByFte: true }, 'Part-timers', 'the same as full-timers', 'in proportion to FTE'],
  ] as [Partial<Terms>, string, string, string][])('%j', (change, rule, before, after) => {
    expect(compared(MONTHLY, { ...MONTHLY, ...change }, 'HOURS')).toEqual([
      { rule, before, after },
    ]);
  });

  it.each([
    [{ partial: 'NONE' }, 'Periods begun or left'],
    [{ months: 'FROM_HIRE' }, 'Months begin'],
    [{ posts: 'END' }, 'Posted'],
    [{ amount: '8' }, 'Earning'],
    [{ perYear: true }, 'Earning'],
  ] as [Partial<Terms['earning']>, string][])('notices that earning has %j', (change, rule) => {
    const other = { ...MONTHLY, earning: { ...MONTHLY.earning, ...change } };
    expect(compared(MONTHLY, other, 'HOURS').map((each) => each.rule)).toEqual([rule]);
  });

  it('minds when hours post although another method left its own word behind', () => {
    const hourly: Terms = {
      ...MONTHLY,
      earning: { ...MONTHLY.earning, method: 'PER_HOURS_WORKED', amount: '1', forEvery: '30' },
    };
    const daily = { ...hourly, earning: { ...hourly.earning, hoursPost: 'DAY' as const } };
    expect(compared(hourly, daily, 'HOURS')).toEqual([
      { rule: 'Posted', before: 'at the end of the pay period', after: 'each day' },
    ]);
  });
});
