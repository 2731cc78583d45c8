import type { HolidayPay, RuleForm } from '../api/types';

export const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

export const WEEKDAYS = [
  'MONDAY',
  'TUESDAY',
  'WEDNESDAY',
  'THURSDAY',
  'FRIDAY',
  'SATURDAY',
  'SUNDAY',
] as const;

export const NTHS = [
  [1, 'first'],
  [2, 'second'],
  [3, 'third'],
  [4, 'fourth'],
  [-1, 'last'],
] as const;

export const OBSERVED = [
  ['THAT_DAY', 'on the weekend itself'],
  ['NEXT_WEEKDAY', 'on the next weekday'],
  ['PREVIOUS_WEEKDAY', 'on the weekday before'],
  ['NEAREST_WEEKDAY', 'on the nearest weekday'],
] as const;

function capital(word: string): string {
  return word.charAt(0) + word.slice(1).toLowerCase();
}

function found(rule: RuleForm): string {
  switch (rule.sort) {
    case 'FIXED':
      return `${rule.day} ${MONTHS[(rule.month ?? 1) - 1]}`;
    case 'NTH_WEEKDAY':
      return `${NTHS.find(([nth]) => nth === rule.nth)?.[1]} ${capital(rule.weekday ?? '')} of ${MONTHS[(rule.month ?? 1) - 1]}`;
    default: {
      const days = rule.daysFromEaster ?? 0;
      if (days === 0) return 'Easter Sunday';
      return `${Math.abs(days)} ${Math.abs(days) === 1 ? 'day' : 'days'} ${days > 0 ? 'after' : 'before'} Easter Sunday`;
    }
  }
}

/** When a yearly holiday is, in few words. */
export function ruleWords(rule: RuleForm): string {
  const observed = OBSERVED.find(([name]) => name === rule.observed)?.[1];
  return [
    found(rule),
    rule.days > 1 ? `for ${rule.days} days` : '',
    rule.half ? 'half a day' : '',
    rule.sort === 'FIXED' && rule.observed !== 'THAT_DAY' ? `off a weekend ${observed}` : '',
  ]
    .filter((part) => part !== '')
    .join(', ');
}

/** How holidays are paid, in few words. */
export function payWords(pay: HolidayPay): string {
  const hours =
    pay.fixedHours === null
      ? 'the hours each is scheduled that day'
      : `${pay.fixedHours} hours${pay.byFte ? ' in proportion to FTE' : ' each'}`;
  const whom =
    pay.employmentTypes.length === 3
      ? 'everybody'
      : pay.employmentTypes.length === 0
        ? 'nobody'
        : `${pay.employmentTypes.map((type) => type.toLowerCase()).join(' and ')} people`;
  return `${hours}, for ${whom} employed that day, under ${pay.payrollCode}`;
}
