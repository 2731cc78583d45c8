package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * Something in a run that only needs a look.
 *
 * @param policyId null where it is about the person's hours
 * @param policy null where it is about the person's hours
 * @param words what there is to see, with its figures
 * @param accepted null until somebody has looked at it, and again once its words change
 */
public record Caution(
        Kind kind,
        long personId,
        String person,
        @Nullable Long policyId,
        @Nullable String policy,
        String words,
        @Nullable Accepted accepted) {

    /** What is unusual. */
    public enum Kind {
        BELOW_ZERO,
        AT_A_LIMIT,
        NEAR_USE_LIMIT,
        CORRECTED,
        LAPSED,
        NO_HOURS,
        UNLIKE_BEFORE
    }

    /** Who has looked at it, when, and what they say to it; the note is not blank. */
    public record Accepted(String by, LocalDateTime at, String note) {}

    /** What tells a caution from all others of its run. */
    record Key(Kind kind, long personId, @Nullable Long policyId) {}

    Key key() {
        return new Key(kind, personId, policyId);
    }

    boolean isOpen() {
        return accepted == null;
    }

    Caution acceptedBy(@Nullable Accepted other) {
        return new Caution(kind, personId, person, policyId, policy, words, other);
    }
}
