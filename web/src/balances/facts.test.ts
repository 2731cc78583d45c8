import { describe, expect, it } from 'vitest';
import type { BalanceDetail, Permission } from '../api/types';
import { factOf } from './facts';

const OF = { personId: 30, code: 'B130', policyId: 1 };

function line(from: BalanceDetail['lines'][number]['from']) {
  return { on: '2027-03-30', from } as BalanceDetail['lines'][number];
}

describe('the fact behind a line of a ledger', () => {
  it('is the card, the request, the opening, the policy, or who adjusted it', () => {
    const all = () => true;
    expect(factOf(line('HOURS'), OF, all)?.href).toBe('#/hours/30?on=2027-03-30');
    expect(factOf(line('LEAVE'), OF, all)?.href).toContain('search=B130&policy=1&from=2027-03-30');
    expect(factOf(line('OPENING'), OF, all)?.href).toBe('#/balances/openings?policy=1');
    expect(factOf(line('TERMS'), OF, all)?.href).toBe('#/policies/1');
    expect(factOf(line('ADJUSTMENT'), OF, all)?.words).toBe('who did it');
  });

  it('is shown to whoever may see it', () => {
    const approver = (permission: Permission) => permission === 'DECIDE_FOR_THE_ASSIGNED';
    expect(factOf(line('LEAVE'), OF, approver)).not.toBeNull();
    expect(factOf(line('HOURS'), OF, approver)).toBeNull();
    expect(factOf(line('ADJUSTMENT'), OF, () => false)).toBeNull();
  });
});
