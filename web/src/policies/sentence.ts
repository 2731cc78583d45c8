import type { Policy, Terms } from '../api/types';
import { unitName } from '../common/format';

/** 45 days */
export function timeWords(of: { count: number; in: 'DAYS' | 'MONTHS' }): string {
  return `${of.count} ${of.in.toLowerCase()}`;
}

const PERIODS = { PAY_PERIOD: 'pay period', MONTH: 'month', DAY: 'day' };

/** How time is earned, in few words. */
export function earningWords(terms: Terms, unit: string): string {
  const { method, amount, forEvery, every, perYear } = terms.earning;
  switch (method) {
    case 'UPFRONT':
      return `${amount} ${unit} granted each benefit year`;
    case 'PER_HOURS_WORKED':
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
