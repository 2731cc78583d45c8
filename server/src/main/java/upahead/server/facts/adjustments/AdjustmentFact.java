package upahead.server.facts.adjustments;

import upahead.core.facts.Adjustment;

/** An adjustment of somebody's balance in a policy. */
public record AdjustmentFact(long personId, long policyId, Adjustment adjustment) {}
