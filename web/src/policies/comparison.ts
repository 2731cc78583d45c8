import type { Terms, Unit } from '../api/types';
import { unitName } from '../common/format';
import { earningWords, timeWords } from './sentence';

/** One rule under two versions, in words. */
export interface Changed {
  rule: string;
  before: string;
  after: string;
}

const MONTHS = { CALENDAR: 'with the calendar', FROM_HIRE: 'on the day of the hire date' };
const PARTIAL = {
  BY_DAYS: 'bring their part by days',
  FULL: 'bring their whole share',
  NONE: 'bring nothing',
};

const NONE = 'no such rule';

function amount(value: string | null, unit: string): string {
  return value === null ? NONE : `${value} ${unit}`;
}

function partTimers(terms: Terms): string {
  if (terms.scaleByDaysOfWeek !== null) return `by days a week, of ${terms.scaleByDaysOfWeek}`;
  return terms.scaleByFte ? 'in proportion to FTE' : 'the same as full-timers';
}

/** When it posts under its own method: what an earlier method had stays in the text and means nothing. */
function posted({ earning }: Terms): string {
  switch (earning.method) {
    case 'PER_HOURS_WORKED':
      return earning.hoursPost === 'DAY' ? 'each day' : 'at the end of the pay period';
    case 'PER_PERIOD':
      if (earning.every === 'DAY') return 'each day';
      return earning.posts === 'START' ? 'at the start of the period' : 'at its end';
    default:
      return NONE;
  }
}

function rules(terms: Terms, unit: string): [string, string][] {
  const { earning } = terms;
  const carried = terms.carriedUsable;
  return [
    ['Earning', earningWords(terms, unit)],
    [
      'More with service',
      (terms.tenure ?? [])
        .map((band) => `${band.amount} from ${band.fromYears} years`)
        .join(', ') || NONE,
    ],
    ['Part-timers', partTimers(terms)],
    ['Posted', posted(terms)],
    ['Months begin', earning.months && earning.every === 'MONTH' ? MONTHS[earning.months] : NONE],
    [
      'Periods begun or left',
      earning.partial && earning.every !== 'DAY' ? PARTIAL[earning.partial] : NONE,
    ],
    ['First year', (earning.firstYear ?? '').toLowerCase().replaceAll('_', ' ') || NONE],
    ['Kinds of hours that count', (earning.counts ?? []).join(', ') || 'regular, overtime'],
    ['Paid leave counts', earning.paidLeaveCounts ? 'yes' : 'no'],
    ['Paid holidays count', earning.paidHolidaysCount ? 'yes' : 'no'],
    ['Only whole steps', earning.wholeStepsOnly ? 'yes' : 'no'],
    ['Wait before earning', terms.waitToEarn === null ? NONE : timeWords(terms.waitToEarn)],
    ['Wait before use', terms.waitToUse === null ? NONE : timeWords(terms.waitToUse)],
    ['May be held', amount(terms.balanceLimit, unit)],
    ['May be earned a year', amount(terms.earnedPerYearLimit, unit)],
    ['May be used a year', amount(terms.usedPerYearLimit, unit)],
    ['May be overdrawn by', amount(terms.overdraw, unit)],
    ['Carried over', terms.carry === null ? 'all of it' : `up to ${terms.carry} ${unit}`],
    [
      'Carried time is usable',
      carried === null
        ? 'without end'
        : carried.until !== null
          ? `until ${carried.until}`
          : `for ${timeWords(carried.time!)}`,
    ],
    ['Above the carryover', terms.excess === 'PAY_OUT' ? 'is paid out' : 'lapses'],
    [
      'Each credit is usable',
      terms.creditsUsable === null ? 'without end' : `for ${timeWords(terms.creditsUsable)}`,
    ],
    ['On leaving', terms.onLeaving === 'PAY_OUT' ? 'paid out' : 'lapses'],
    [
      'Rounded',
      terms.rounding === null
        ? 'to four decimals'
        : `to ${terms.rounding.step}, ${terms.rounding.mode.toLowerCase().replaceAll('_', ' ')}`,
    ],
  ];
}

/** The rules that differ between two versions, each in words. */
export function compared(before: Terms, after: Terms, unit: Unit): Changed[] {
  const name = unitName(unit);
  const one = rules(before, name);
  const other = rules(after, name);
  return one.flatMap(([rule, text], at) =>
    text === other[at]![1] ? [] : [{ rule, before: text, after: other[at]![1] }],
  );
}
