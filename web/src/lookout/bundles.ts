import type { LookoutItem } from '../api/types';
import { exactSum } from '../common/decimal';
import { withUnit } from '../common/format';

const MOST_NAMED = 12;

/** What happens to several people at once, with the amount where there is one. */
const TOGETHER: Partial<Record<LookoutItem['kind'], (amount: string) => string>> = {
  LAPSE: (amount) => `are about to lose ${amount}`,
  WITHHELD: (amount) => `are about to reach a limit; ${amount} will be withheld`,
  WAIT_ENDS: (amount) => `end a wait, with ${amount} by then`,
  TENURE: () => 'complete years of service',
  LEAVER: () => 'leave',
};

/** What happens to all of them. */
export function togetherWords(bundle: LookoutItem[]): string {
  const unit = bundle[0]!.unit;
  const amount =
    unit === null
      ? ''
      : `${withUnit(exactSum(bundle.map((item) => item.amount ?? '0')), unit)} of ${bundle[0]!.policy}`;
  return TOGETHER[bundle[0]!.kind]!(amount);
}

/** The same thing happening to several people on one day stands together. */
export function bundles(inGroup: LookoutItem[]): LookoutItem[][] {
  const found: Record<string, LookoutItem[]> = {};
  inGroup.forEach((item, index) => {
    const day = item.kind === 'LAPSE' ? item.by : '';
    const key = item.kind in TOGETHER ? `${item.kind} ${day} ${item.policyId}` : `${index}`;
    (found[`of ${key}`] ??= []).push(item);
  });
  return Object.values(found);
}

/** Who they are; of many the first ones, since each can be shown. */
export function names(bundle: LookoutItem[]): string {
  const more = bundle.length - MOST_NAMED;
  const named = bundle.slice(0, more > 1 ? MOST_NAMED : undefined).map((item) => item.person);
  return named.join(', ') + (more > 1 ? ` and ${more} more` : '');
}
