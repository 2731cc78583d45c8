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
        /** A card has days that are not finished. */
        UNFINISHED_DAYS,
        /** The pay group asks for a confirmation of the card that was not given. */
        UNCONFIRMED_CARD
    }
}
