package upahead.server.policies;

import org.springframework.lang.Nullable;
import upahead.core.policy.Enrolment;

/**
 * Somebody's enrolment in a policy.
 *
 * @param movedTo the policy in which the balance goes on after the end, null where it does not
 */
public record Enrolled(long personId, long policyId, Enrolment enrolment, @Nullable Long movedTo) {}
