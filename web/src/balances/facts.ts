import type { BalanceDetail, Permission } from '../api/types';

type Line = BalanceDetail['lines'][number];

/** Where the fact is that a ledger line comes from. */
export interface Fact {
  href: string;
  words: string;
}

const NEEDS: Record<Line['from'], Permission> = {
  HOURS: 'RUN_PAYROLL',
  LEAVE: 'DECIDE_FOR_THE_ASSIGNED',
  ADJUSTMENT: 'READ_THE_TRAIL',
  OPENING: 'ADJUST_BALANCES',
  TERMS: 'WRITE_POLICIES',
};

/** The fact behind a line, for whoever may see it; else null. */
export function factOf(
  line: Line,
  of: { personId: number; code: string; policyId: number },
  may: (permission: Permission) => boolean,
): Fact | null {
  if (!may(NEEDS[line.from])) return null;
  switch (line.from) {
    case 'HOURS':
      return { href: `#/hours/${of.personId}?on=${line.on}`, words: 'the time card' };
    case 'LEAVE':
      return {
        href: `#/requests?show=all&search=${encodeURIComponent(of.code)}&policy=${of.policyId}&from=${line.on}&through=${line.on}`,
        words: 'the request',
      };
    case 'ADJUSTMENT':
      return { href: `#/audit?search=${encodeURIComponent(line.on)}`, words: 'who did it' };
    case 'OPENING':
      return { href: `#/balances/openings?policy=${of.policyId}`, words: 'opening balances' };
    case 'TERMS':
      return { href: `#/policies/${of.policyId}`, words: 'the policy' };
  }
}
