package upahead.server.facts.adjustments;

import upahead.core.facts.OpeningBalance;

/** An opening balance of somebody in a policy. */
public record OpeningFact(long personId, long policyId, OpeningBalance opening) {}
