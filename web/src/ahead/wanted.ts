import type { Foreseen } from '../api/types';

/** What the page was narrowed to. */
export type Wanted = {
  weeks: number;
  teamId?: number;
  policyId?: number;
  what?: Foreseen['what'];
};
