import type { Policy, Terms } from '../api/types';
import { isDate, longDay, unitName, words } from '../common/format';
import { waitWords } from './waits';

/** 45 days */
export function timeWords(of: { count: number; in: 'DAYS' | 'MONTHS' }): string {
  return `${of.count} ${of.in.toLowerCase()}`;
}

const PERIODS = { PAY_PERIOD: 'pay period', MONTH: 'month', DAY: 'day' };

/** How time is earned, in few words. */
export function earningWords(terms: Terms, unit: string): string {
  const { method, amount, forEvery, every, perYear, wholeStepsOnly } = terms.earning;
  switch (method) {
    case 'UPFRONT':
      return `${amount} ${unit} granted each benefit year`;
    case 'PER_HOURS_WORKED':
      if (forEvery === '100' && unit === 'hours' && !wholeStepsOnly)
        return `${amount} % of the hours worked`;
      return `${amount} ${amount === '1' ? unit.slice(0, -1) : unit} for every ${forEvery} hours worked`;
    case 'PER_PERIOD':
      return perYear
        ? `${amount} ${unit} a year, a share each ${PERIODS[every ?? 'PAY_PERIOD']}`
        : `${amount} ${unit} each ${PERIODS[every ?? 'PAY_PERIOD']}`;
    default:
      return 'only what is awarded';
  }
}

/** What a policy does, in one sentence. */
export function sentence(policy: Policy, terms: Terms): string {
  if (policy.recordedOnly) return 'Only recorded: nothing is earned and there is no balance.';
  const unit = unitName(policy.unit);
  const parts = [
    earningWords(terms, unit),
    terms.balanceLimit !== null && `at most ${terms.balanceLimit} held`,
    terms.usedPerYearLimit !== null && `at most ${terms.usedPerYearLimit} used a year`,
    terms.waitToUse !== null && `usable after ${timeWords(terms.waitToUse)}`,
    terms.carry !== null &&
      (terms.carry === '0' ? 'nothing carried over' : `up to ${terms.carry} carried over`),
    terms.creditsUsable !== null && `each credit usable for ${timeWords(terms.creditsUsable)}`,
  ].filter(Boolean);
  const text = parts.join(', ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

function capital(text: string): string {
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
}

/** Everything a version says, a sentence each. */
export function allSentences(policy: Policy, terms: Terms): string[] {
  const unit = unitName(policy.unit);
  const { earning } = terms;
  const limits: [string | null, (figure: string) => string][] = [
    [terms.balanceLimit, (figure) => `Nobody holds more than ${figure} ${unit}.`],
    [terms.earnedPerYearLimit, (figure) => `At most ${figure} ${unit} are earned a year.`],
    [terms.usedPerYearLimit, (figure) => `At most ${figure} ${unit} may be used a year.`],
    [terms.overdraw, (figure) => `A request may take it down to ${figure} ${unit} below zero.`],
  ];
  const year =
    policy.benefitYear === 'hire-anniversary'
      ? 'on each hire anniversary'
      : `on ${monthAndDay(policy.benefitYear)}`;
  return [
    `${capital(earningWords(terms, unit))}.`,
    earning.method === 'PER_HOURS_WORKED' &&
      `Hours that count: ${(earning.counts ?? ['regular', 'overtime']).join(', ')}${
        earning.paidLeaveCounts ? ', paid leave' : ''
      }${earning.paidHolidaysCount ? ', paid holidays' : ''}${
        earning.wholeStepsOnly ? '; only whole steps' : ''
      }.`,
    ...(terms.tenure ?? []).map(
      (band) => `From ${band.fromYears} years of service on it is ${band.amount} instead.`,
    ),
    terms.scaleByFte && 'Part-timers earn in proportion to their full-time equivalent.',
    terms.scaleByDaysOfWeek !== null &&
      `Part-timers earn in proportion to the days they work, of ${terms.scaleByDaysOfWeek} a week.`,
    terms.waitToEarn !== null && `Earning begins ${waitWords(terms.waitToEarn)}.`,
    terms.waitToUse !== null && `It can be used ${waitWords(terms.waitToUse)}.`,
    ...limits.map(([figure, words]) => figure !== null && words(figure)),
    `The benefit year begins ${year}; ${carryWords(terms, unit)}.`,
    terms.creditsUsable !== null &&
      `Each credit must be used within ${timeWords(terms.creditsUsable)}.`,
    terms.onLeaving === 'PAY_OUT'
      ? 'What is left on leaving is paid out.'
      : 'What is left on leaving lapses.',
    terms.rounding !== null &&
      `It is rounded to steps of ${terms.rounding.step}, ${words(terms.rounding.mode).toLowerCase()}.`,
  ].filter((text): text is string => typeof text === 'string');
}

function carryWords(terms: Terms, unit: string): string {
  if (terms.carry === null) return `everything is carried over${usableWords(terms)}`;
  const rest = terms.excess === 'PAY_OUT' ? 'is paid out' : 'lapses';
  return terms.carry === '0'
    ? `nothing is carried over, what is left ${rest}`
    : `up to ${terms.carry} ${unit} are carried over${usableWords(terms)}, the rest ${rest}`;
}

function usableWords({ carriedUsable }: Terms): string {
  if (carriedUsable === null) return '';
  return carriedUsable.time === null
    ? ` and usable until ${monthAndDay(carriedUsable.until!)}`
    : ` and usable for ${timeWords(carriedUsable.time)}`;
}

/** 1 January */
function monthAndDay(text: string): string {
  const iso = `2024-${text}`;
  return isDate(iso) ? longDay(iso).replace(' 2024', '') : text;
}
