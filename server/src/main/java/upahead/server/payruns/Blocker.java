package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;

/**
 * Something that stops a close.
 *
 * @param personId null where it is about nobody in particular
 * @param requestId the waiting request, null where it is something else
 */
public record Blocker(
        Kind kind,
        String message,
        @Nullable Long personId,
        @Nullable String person,
        @Nullable Long requestId,
        @Nullable LocalDate on) {

    /** What stops it. */
    public enum Kind {
        PERIOD_NOT_OVER,
        EARLIER_RUN_OPEN,
        WAITING_REQUEST,
        MISSING_HOURS,
        /** Somebody paid by the hour has a scheduled day without hours, leave or holiday. */
        UNFINISHED_DAYS
    }
}
