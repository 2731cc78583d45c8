package upahead.server.accounts.effects;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import upahead.server.enrolment.Enrolments;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.policies.Coverage;

/** Whom a draft concerns: found anew with its first part, and kept for the next ones, so that none of them shifts. */
@Component
class Concerned {

    private static final Duration KEPT = Duration.ofMinutes(1);
    private static final int MOST_DRAFTS = 20;

    private final PuttingInForce inForce;
    private final Enrolments enrolments;
    private final Cache<Asked, All> kept = Caffeine.newBuilder()
            .expireAfterWrite(KEPT)
            .maximumSize(MOST_DRAFTS)
            .build();

    Concerned(PuttingInForce inForce, Enrolments enrolments) {
        this.inForce = inForce;
        this.enrolments = enrolments;
    }

    /** Which draft it is: the same question always concerns the same people. */
    record Asked(long policyId, Coverage coverage, LocalDate from) {}

    /**
     * @param people whom it concerns, by name
     * @param enrolled who of them, or besides them, is or was enrolled in the policy
     */
    record All(List<Long> people, Set<Long> enrolled) {}

    All in(Asked asked, int page) {
        if (page == 0) {
            kept.put(asked, find(asked));
        }
        return kept.get(asked, this::find);
    }

    private All find(Asked asked) {
        return new All(
                inForce.concerned(asked.policyId(), asked.coverage(), asked.from()),
                Set.copyOf(enrolments.peopleIn(asked.policyId())));
    }
}
