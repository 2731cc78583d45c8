import type { Caution } from '../api/types';
import { counted, peopleCounted } from '../common/format';

/** What many cautions of one kind are told as. */
export const CAUTIONS_IN_WORDS: Record<Caution['kind'], (count: number) => string> = {
  BELOW_ZERO: (count) => `${counted(count, 'balance')} below zero`,
  AT_A_LIMIT: (count) => `${counted(count, 'balance')} at a limit`,
  NEAR_USE_LIMIT: (count) => `${counted(count, 'balance')} near the yearly use limit`,
  CORRECTED: (count) => `${counted(count, 'balance')} with corrections of earlier runs`,
  LAPSED: (count) => `${counted(count, 'balance')} of which time lapsed`,
  NO_HOURS: (count) => `${peopleCounted(count)} without hours, though not before`,
  UNLIKE_BEFORE: (count) => `${counted(count, 'figure')} far from the last three runs`,
};

/** What tells a caution from all others of its run. */
export const keyOf = (caution: Caution) =>
  `${caution.kind} ${caution.personId} ${caution.policyId} ${caution.words}`;
