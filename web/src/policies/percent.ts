import Big from 'big.js';
import type { Earning, Unit } from '../api/types';

type ByHours = Extract<Earning, { method: 'per-hours-worked' }>;

const HUNDRED = '100';
const DECIMALS = 6;

/** Hours earned for every hundred worked are percent of the hours worked, and can be written so. */
export function isPercent(earning: ByHours, unit: Unit): boolean {
  return unit === 'HOURS' && earning.forEvery === HUNDRED && !earning.wholeStepsOnly;
}

/** The same rate for every hundred hours; null where it has no end in decimals, or is not known. */
function ofHundred(amount: string | null, forEvery: string | null): string | null {
  try {
    const whole = new Big(amount!).times(HUNDRED);
    const rate = whole.div(forEvery!).round(DECIMALS);
    return rate.times(forEvery!).eq(whole) ? rate.toFixed() : null;
  } catch {
    return null;
  }
}

/** Writes what is earned by hours as percent of them, at the same rate where that has few decimals. */
export function toPercent(earning: ByHours): void {
  earning.earn = ofHundred(earning.earn, earning.forEvery);
  earning.forEvery = HUNDRED;
  earning.wholeStepsOnly = false;
}

/** A figure typed with its sign, such as 12.07 %, without it; null where there is none. */
export function typedPercent(typed: string | null): string | null {
  return /^(.*?)\s*%$/.exec(typed ?? '')?.[1] ?? null;
}
