import type { ExtraHours } from '../api/types';
import { exactProduct, isDecimal } from '../common/decimal';

/** Hours of one person and kind that somebody is about to put into time in lieu. */
export interface Chosen {
  policyId: number;
  hours: string;
}

export const keyOf = (extra: ExtraHours) => `${extra.personId} ${extra.kind}`;

/** Hours as they are sent: a comma is a point. */
export const exact = (hours: string) => hours.trim().replace(',', '.');

/** The time that chosen hours become; nothing as long as they cannot be read. */
export function becomes(extra: ExtraHours, { policyId, hours }: Chosen): string {
  const rate = extra.policies.find((policy) => policy.policyId === policyId)?.rate ?? '0';
  return isDecimal(exact(hours)) ? exactProduct(exact(hours), rate) : '';
}
