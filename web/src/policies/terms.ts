import type { NewPolicy, Terms } from '../api/types';

export const KINDS: NewPolicy['kind'][] = [
  'VACATION',
  'SICK',
  'PERSONAL',
  'VOLUNTEERING',
  'TRAINING',
  'BEREAVEMENT',
  'TIME_IN_LIEU',
  'HOLIDAY',
  'UNPAID',
  'UNEXPLAINED_ABSENCE',
  'OTHER',
];

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
    counts: null,
    hoursPost: null,
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
  scaleByDaysOfWeek: null,
};

export interface Start {
  name: string;
  about: string;
  policy: Omit<NewPolicy, 'name' | 'payrollCode' | 'unseenFigures' | 'recordedOnly'> & {
    recordedOnly?: boolean;
  };
}

const RULES: NewPolicy['rules'] = {
  holidaysCost: false,
  daysOffCost: false,
  noticeDays: 0,
  noteRequired: false,
  leaveIn: 'HOURS',
  smallestStep: null,
  documentFromDays: null,
  questions: [],
  signOffs: null,
  seenBy: 'TEAM',
  kindShows: false,
  employeesAsk: true,
};

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
  {
    name: 'Only recorded',
    about: 'Absences are written down and go to payroll; there is no balance, as for unpaid leave.',
    policy: {
      kind: 'UNPAID',
      unit: 'HOURS',
      paid: false,
      benefitYear: '01-01',
      rules: RULES,
      terms: EMPTY,
      recordedOnly: true,
    },
  },
];

/** Rules that a policy may have or not, by the name they are offered under. */
export interface Rule {
  name: string;
  has: (terms: Terms) => boolean;
  add: (terms: Terms) => void;
  remove: (terms: Terms) => void;
  /** Whether it is of any effect under these terms; always, where it is left out. */
  fits?: (terms: Terms) => boolean;
}

type Part = Exclude<keyof Terms, 'earning' | 'scaleByFte' | 'scaleByDaysOfWeek' | 'tenure'>;

/** A rule that one field of the terms says, and what it says when it is added. */
function rule<K extends Part>(key: K, name: string, first: NonNullable<Terms[K]>): Rule {
  return {
    name,
    has: (terms) => terms[key] !== null,
    add: (terms) => (terms[key] = structuredClone(first)),
    remove: (terms) => ((terms as Record<Part, unknown>)[key] = null),
  };
}

export const RULES_TO_ADD: Record<string, Rule> = {
  waitToEarn: rule('waitToEarn', 'A wait before earning begins', { count: 30, in: 'DAYS' }),
  waitToUse: rule('waitToUse', 'A wait before time can be used', { count: 60, in: 'DAYS' }),
  balanceLimit: rule('balanceLimit', 'A limit on what may be held', '60'),
  earnedPerYearLimit: rule('earnedPerYearLimit', 'A limit on what may be earned a year', '50'),
  usedPerYearLimit: rule('usedPerYearLimit', 'A limit on what may be used a year', '50'),
  overdraw: rule('overdraw', 'How far the balance may be overdrawn', '4'),
  carry: rule('carry', 'A limit on what is carried over', '20'),
  carriedUsable: rule('carriedUsable', 'A last day for carried time', {
    time: null,
    until: '03-31',
  }),
  creditsUsable: rule('creditsUsable', 'A time in which each credit must be used', {
    count: 90,
    in: 'DAYS',
  }),
  rounding: rule('rounding', 'Rounding of what is earned', { step: '0.25', mode: 'HALF_UP' }),
  scaling: {
    name: 'Part-timers earn in proportion',
    has: (terms) => terms.scaleByFte || terms.scaleByDaysOfWeek !== null,
    add: (terms) => (terms.scaleByFte = true),
    remove: (terms) => {
      terms.scaleByFte = false;
      terms.scaleByDaysOfWeek = null;
    },
    fits: ({ earning }) => earning.method === 'UPFRONT' || earning.method === 'PER_PERIOD',
  },
  tenure: {
    name: 'More with years of service',
    has: (terms) => (terms.tenure ?? []).length > 0,
    add: (terms) => (terms.tenure = [{ fromYears: 5, amount: terms.earning.amount ?? '1' }]),
    remove: (terms) => (terms.tenure = []),
  },
};
