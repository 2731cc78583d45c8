package upahead.server.enrolment;

import java.time.LocalDate;
import upahead.core.quantity.Unit;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;

/**
 * What a change of coverage does to one person in one policy.
 *
 * @param on the first day of an enrolment that begins or goes on, the last day of one that ends
 */
public record CoverageEffect(
        long personId, long policyId, String policy, PolicyKind kind, Unit unit, What what, LocalDate on) {

    /** What becomes of the enrolment. */
    public enum What {
        BEGINS,
        /** It would have ended the day before and does not. */
        GOES_ON,
        ENDS,
        /** It would have begun on that day or later and does not. */
        NEVER_BEGINS,
        /** It ended earlier; a policy is joined once in an employment. */
        STAYS_ENDED
    }

    static CoverageEffect of(long personId, PolicyDetail policy, What what, LocalDate on) {
        return new CoverageEffect(personId, policy.id(), policy.name(), policy.kind(), policy.unit(), what, on);
    }
}
