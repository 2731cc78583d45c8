package upahead.server.periods;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;

/**
 * A fact that was changed after a close, and from when on it can make a difference to what was posted.
 *
 * @param personId null where it concerns everybody
 * @param policyId null where it can concern every policy
 * @param affectsFrom the first date about which a correction can be
 * @param what one plain sentence without its full stop
 * @param subject what was changed, for finding it again
 * @param subjectId of what was changed
 */
public record LateChange(
        long id,
        LocalDateTime at,
        String actor,
        @Nullable Long personId,
        @Nullable Long policyId,
        LocalDate affectsFrom,
        String what,
        Subject subject,
        long subjectId) {

    /** What kind of thing was changed. */
    public enum Subject {
        REQUEST,
        HOURS,
        PERSON,
        POLICY,
        BALANCE,
        HOLIDAY
    }

    /** Whether it can have caused a correction of somebody's account. */
    boolean canConcern(long person, LocalDate about) {
        return (personId == null || personId == person) && !affectsFrom.isAfter(about);
    }
}
