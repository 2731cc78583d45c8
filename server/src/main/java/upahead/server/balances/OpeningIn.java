package upahead.server.balances;

import upahead.core.facts.OpeningBalance;

/** An opening balance and the policy it is of, as the audit trail keeps it. */
record OpeningIn(long policyId, OpeningBalance opening) {}
