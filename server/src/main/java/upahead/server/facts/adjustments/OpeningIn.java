package upahead.server.facts.adjustments;

import upahead.core.facts.OpeningBalance;

/** An opening balance and the policy it is of, as the audit trail keeps it. */
public record OpeningIn(long policyId, OpeningBalance opening) {}
