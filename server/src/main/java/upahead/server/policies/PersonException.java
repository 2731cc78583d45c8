package upahead.server.policies;

import java.time.LocalDate;
import org.springframework.lang.Nullable;
import upahead.core.policy.OwnTerms;

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
}
