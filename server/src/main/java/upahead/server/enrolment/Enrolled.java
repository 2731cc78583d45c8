package upahead.server.enrolment;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.policy.Enrolment;

/**
 * Somebody's enrolment in a policy.
 *
 * @param movedTo the policy in which the balance goes on after the end, null where it does not
 */
public record Enrolled(long personId, long policyId, Enrolment enrolment, @Nullable Long movedTo) {

    static Enrolled from(long personId, long policyId, LocalDate day) {
        return new Enrolled(personId, policyId, Enrolment.from(day), null);
    }

    boolean isOpen() {
        return enrolment.ends().isEmpty();
    }
}
