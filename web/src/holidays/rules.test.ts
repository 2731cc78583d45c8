import { describe, expect, it } from 'vitest';
import type { HolidayPay, RuleForm } from '../api/types';
import { payWords, ruleWords } from './rules';

const FIXED = {
  sort: 'FIXED',
  month: 12,
  day: 25,
  nth: null,
  weekday: null,
  daysFromEaster: null,
  days: 1,
  half: false,
  observed: 'THAT_DAY',
} as unknown as RuleForm;

describe('a yearly holiday in few words', () => {
  it.each([
    [{}, '25 December'],
    [{ observed: 'NEXT_WEEKDAY' }, '25 December, off a weekend on the next weekday'],
    [{ days: 2, half: true }, '25 December, for 2 days, half a day'],
    [{ sort: 'NTH_WEEKDAY', nth: -1, weekday: 'MONDAY', month: 5 }, 'last Monday of May'],
    [{ sort: 'EASTER', daysFromEaster: 0 }, 'Easter Sunday'],
    [{ sort: 'EASTER', daysFromEaster: -2 }, '2 days before Easter Sunday'],
    [{ sort: 'EASTER', daysFromEaster: 1 }, '1 day after Easter Sunday'],
  ] as [Partial<RuleForm>, string][])('%j', (change, words) => {
    expect(ruleWords({ ...FIXED, ...change })).toBe(words);
  });
});

describe('how holidays are paid, in few words', () => {
  const BY_SCHEDULE: HolidayPay = {
    siteId: 1,
    fixedHours: null,
    byFte: false,
    employmentTypes: ['HOURLY', 'SALARIED', 'SEASONAL'],
    payrollCode: 'HOL',
  };

  it.each([
    [{}, 'the hours each is scheduled that day, for everybody employed that day, under HOL'],
    [
      { fixedHours: '6', byFte: true },
      '6 hours in proportion to FTE, for everybody employed that day, under HOL',
    ],
    [
      { fixedHours: '6', employmentTypes: ['HOURLY', 'SALARIED'] },
      '6 hours each, for hourly and salaried people employed that day, under HOL',
    ],
    [
      { employmentTypes: [] },
      'the hours each is scheduled that day, for nobody employed that day, under HOL',
    ],
  ] as [Partial<HolidayPay>, string][])('%j', (change, words) => {
    expect(payWords({ ...BY_SCHEDULE, ...change })).toBe(words);
  });
});
