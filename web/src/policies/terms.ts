import type { Earning, NewPolicy, Terms } from '../api/types';
import { LIMITS } from './limits';

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
  earning: { method: 'none' },
  tenure: [],
  scaleByFte: false,
  scaleByDaysOfWeek: null,
  waitToEarn: null,
  waitToUse: null,
  limits: {},
  yearEnd: { carry: null, carriedUsable: null, excess: 'lapse' },
  creditsUsable: null,
  onLeaving: 'lapse',
  rounding: null,
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
  lieuRate: null,
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
        earning: {
          method: 'per-hours-worked',
          earn: '1',
          forEvery: '27',
          wholeStepsOnly: false,
          counts: null,
          paidLeaveCounts: false,
          paidHolidaysCount: false,
          posts: 'pay-period-end',
        },
        waitToUse: { days: 50, months: null },
        limits: { balance: '66' },
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
        earning: { method: 'upfront', amount: '21', firstYear: 'by-days' },
        yearEnd: {
          carry: '4',
          carriedUsable: { days: null, months: null, until: '03-31' },
          excess: 'lapse',
        },
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
          method: 'per-period',
          every: 'month',
          amount: null,
          perYear: '51',
          posts: 'start',
          months: 'calendar',
          partial: 'by-days',
        },
        limits: { usedPerYear: '57' },
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
      terms: { ...EMPTY, creditsUsable: { days: 100, months: null } },
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

/** The amount that is earned, whatever it is for; null where there is none. */
export function earnedAmount(earning: Earning): string | null {
  const { amount, perYear, earn } = earning as {
    [figure in 'amount' | 'perYear' | 'earn']?: string | null;
  };
  return amount ?? perYear ?? earn ?? null;
}

/** Rules that a policy may have or not, by the name they are offered under. */
export interface Rule {
  name: string;
  has: (terms: Terms) => boolean;
  add: (terms: Terms) => void;
  remove: (terms: Terms) => void;
  /** Whether it is of any effect under these terms; always, where it is left out. */
  fits?: (terms: Terms) => boolean;
}

type Part = 'waitToEarn' | 'waitToUse' | 'creditsUsable' | 'rounding';

/** A rule that one part of the terms says, and what it says when it is added. */
function rule<K extends Part>(key: K, name: string, first: NonNullable<Terms[K]>): Rule {
  return {
    name,
    has: (terms) => terms[key] !== null,
    add: (terms) => (terms[key] = structuredClone(first)),
    remove: (terms) => ((terms as Record<Part, unknown>)[key] = null),
  };
}

function limitRule({ limit, offer, first }: (typeof LIMITS)[number]): [string, Rule] {
  return [
    `limits.${limit}`,
    {
      name: offer,
      has: (terms) => terms.limits[limit] !== undefined,
      add: (terms) => (terms.limits[limit] = first),
      remove: (terms) => delete terms.limits[limit],
    },
  ];
}

export const RULES_TO_ADD: Record<string, Rule> = {
  waitToEarn: rule('waitToEarn', 'A wait before earning begins', { days: 30, months: null }),
  waitToUse: rule('waitToUse', 'A wait before time can be used', { days: 60, months: null }),
  ...Object.fromEntries(LIMITS.map(limitRule)),
  'yearEnd.carry': {
    name: 'A limit on what is carried over',
    has: ({ yearEnd }) => yearEnd.carry !== null && yearEnd.carry !== 'all',
    add: ({ yearEnd }) => (yearEnd.carry = '20'),
    remove: ({ yearEnd }) => (yearEnd.carry = null),
  },
  'yearEnd.carriedUsable': {
    name: 'A last day for carried time',
    has: ({ yearEnd }) => yearEnd.carriedUsable !== null,
    add: ({ yearEnd }) => (yearEnd.carriedUsable = { days: null, months: null, until: '03-31' }),
    remove: ({ yearEnd }) => (yearEnd.carriedUsable = null),
  },
  creditsUsable: rule('creditsUsable', 'A time in which each credit must be used', {
    days: 90,
    months: null,
  }),
  rounding: rule('rounding', 'Rounding of what is earned', { step: '0.25', mode: 'half-up' }),
  scaling: {
    name: 'Part-timers earn in proportion',
    has: (terms) => terms.scaleByFte || terms.scaleByDaysOfWeek !== null,
    add: (terms) => (terms.scaleByFte = true),
    remove: (terms) => {
      terms.scaleByFte = false;
      terms.scaleByDaysOfWeek = null;
    },
    fits: ({ earning }) => earning.method !== 'per-hours-worked' && earning.method !== 'none',
  },
  tenure: {
    name: 'More with years of service',
    has: (terms) => terms.tenure.length > 0,
    add: (terms) => (terms.tenure = [{ fromYears: 5, amount: earnedAmount(terms.earning) ?? '1' }]),
    remove: (terms) => (terms.tenure = []),
  },
};
