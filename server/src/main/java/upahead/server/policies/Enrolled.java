package upahead.server.policies;

import upahead.core.policy.Enrolment;

/** Somebody's enrolment in a policy. */
public record Enrolled(long personId, long policyId, Enrolment enrolment) {}
