import type { NewPolicy, Terms } from '../api/types';

export const EMPTY: Terms = {
  earning: {
    method: 'NONE',
    amount: null,
    firstYear: null,
    every: null,
    perYear: false,
    posts: null,
    months: null,
    partial: null,
    forEvery: null,
    wholeStepsOnly: false,
    paidLeaveCounts: false,
    paidHolidaysCount: false,
  },
  tenure: [],
  scaleByFte: false,
  waitToEarn: null,
  waitToUse: null,
  balanceLimit: null,
  earnedPerYearLimit: null,
  usedPerYearLimit: null,
  overdraw: null,
  carry: null,
  carriedUsable: null,
  excess: 'LAPSE',
  creditsUsable: null,
  onLeaving: 'LAPSE',
  rounding: null,
};

export interface Start {
  name: string;
  about: string;
  policy: Omit<NewPolicy, 'name' | 'payrollCode'>;
}

const RULES = { holidaysCost: false, daysOffCost: false, noticeDays: 0, noteRequired: false };

/** Common shapes to begin with. Their figures are only there to be looked at and changed. */
export const STARTS: Start[] = [
  {
    name: 'By hours worked',
    about: 'Time grows with every hour worked, up to a limit, usable after a wait.',
    policy: {
      kind: 'VACATION',
      unit: 'HOURS',
      paid: true,
      benefitYear: '01-01',
      rules: RULES,
      terms: {
        ...EMPTY,
        earning: { ...EMPTY.earning, method: 'PER_HOURS_WORKED', amount: '1', forEvery: '27' },
        waitToUse: { count: 50, in: 'DAYS' },
        balanceLimit: '66',
      },
    },
  },
  {
    name: 'A grant each year',
    about: 'The whole year’s time on its first day; part of it may be carried over.',
    policy: {
      kind: 'VACATION',
      unit: 'DAYS',
      paid: true,
      benefitYear: '01-01',
      rules: RULES,
      terms: {
        ...EMPTY,
        earning: { ...EMPTY.earning, method: 'UPFRONT', amount: '21', firstYear: 'BY_DAYS' },
        carry: '4',
        carriedUsable: { time: null, until: '03-31' },
      },
    },
  },
  {
    name: 'A share each month',
    about: 'A twelfth of the year’s time at each month’s start or end.',
    policy: {
      kind: 'SICK',
      unit: 'HOURS',
      paid: true,
      benefitYear: '01-01',
      rules: RULES,
      terms: {
        ...EMPTY,
        earning: {
          ...EMPTY.earning,
          method: 'PER_PERIOD',
          amount: '51',
          perYear: true,
          every: 'MONTH',
          posts: 'START',
          months: 'CALENDAR',
          partial: 'BY_DAYS',
        },
        usedPerYearLimit: '57',
      },
    },
  },
  {
    name: 'Only what is awarded',
    about: 'Nothing grows by itself; extra hours and awards are added one by one and expire.',
    policy: {
      kind: 'TIME_IN_LIEU',
      unit: 'HOURS',
      paid: true,
      benefitYear: '01-01',
      rules: RULES,
      terms: { ...EMPTY, creditsUsable: { count: 100, in: 'DAYS' } },
    },
  },
];

/** Rules that a policy may have or not, by the name they are offered under. */
export interface Rule {
  name: string;
  has: (terms: Terms) => boolean;
  add: (terms: Terms) => void;
  remove: (terms: Terms) => void;
}

export const RULES_TO_ADD: Record<string, Rule> = {
  waitToEarn: {
    name: 'A wait before earning begins',
    has: (terms) => terms.waitToEarn !== null,
    add: (terms) => (terms.waitToEarn = { count: 30, in: 'DAYS' }),
    remove: (terms) => (terms.waitToEarn = null),
  },
  waitToUse: {
    name: 'A wait before time can be used',
    has: (terms) => terms.waitToUse !== null,
    add: (terms) => (terms.waitToUse = { count: 60, in: 'DAYS' }),
    remove: (terms) => (terms.waitToUse = null),
  },
  balanceLimit: {
    name: 'A limit on what may be held',
    has: (terms) => terms.balanceLimit !== null,
    add: (terms) => (terms.balanceLimit = '60'),
    remove: (terms) => (terms.balanceLimit = null),
  },
  earnedPerYearLimit: {
    name: 'A limit on what may be earned a year',
    has: (terms) => terms.earnedPerYearLimit !== null,
    add: (terms) => (terms.earnedPerYearLimit = '50'),
    remove: (terms) => (terms.earnedPerYearLimit = null),
  },
  usedPerYearLimit: {
    name: 'A limit on what may be used a year',
    has: (terms) => terms.usedPerYearLimit !== null,
    add: (terms) => (terms.usedPerYearLimit = '50'),
    remove: (terms) => (terms.usedPerYearLimit = null),
  },
  overdraw: {
    name: 'How far the balance may be overdrawn',
    has: (terms) => terms.overdraw !== null,
    add: (terms) => (terms.overdraw = '4'),
    remove: (terms) => (terms.overdraw = null),
  },
  carry: {
    name: 'A limit on what is carried over',
    has: (terms) => terms.carry !== null,
    add: (terms) => (terms.carry = '20'),
    remove: (terms) => (terms.carry = null),
  },
  carriedUsable: {
    name: 'A last day for carried time',
    has: (terms) => terms.carriedUsable !== null,
    add: (terms) => (terms.carriedUsable = { time: null, until: '03-31' }),
    remove: (terms) => (terms.carriedUsable = null),
  },
  creditsUsable: {
    name: 'A time in which each credit must be used',
    has: (terms) => terms.creditsUsable !== null,
    add: (terms) => (terms.creditsUsable = { count: 90, in: 'DAYS' }),
    remove: (terms) => (terms.creditsUsable = null),
  },
  tenure: {
    name: 'More with years of service',
    has: (terms) => (terms.tenure ?? []).length > 0,
    add: (terms) => (terms.tenure = [{ fromYears: 5, amount: terms.earning.amount ?? '1' }]),
    remove: (terms) => (terms.tenure = []),
  },
};
