package upahead.server.enrolment;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.policy.OwnTerms;
import upahead.core.policy.Policy;

/**
 * One person's own terms in a policy.
 *
 * @param to the last day, null while no end is set
 * @param reason why
 * @param author who made it
 */
public record PersonException(
        long id,
        long personId,
        long policyId,
        LocalDate from,
        @Nullable LocalDate to,
        OwnFigures figures,
        String reason,
        String author) {

    public OwnTerms terms() {
        return figures.on(from, to);
    }

    /**
     * The rules of a policy for somebody with exceptions.
     *
     * @param exceptions of one person, in the order in which they were made
     */
    public static Policy applied(List<PersonException> exceptions, long policyId, Policy rules) {
        Policy own = rules;
        for (PersonException exception : exceptions) {
            own = exception.policyId() == policyId ? own.with(exception.terms()) : own;
        }
        return own;
    }
}
