package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;

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
        UNCONFIRMED_CARD,
        /** More extra hours became time in lieu than are recorded by now. */
        TOO_MUCH_IN_LIEU
    }

    /**
     * The first of some, and how many more there are.
     *
     * @param some at least one
     */
    static String inWords(List<Blocker> some) {
        return some.get(0).message() + (some.size() == 1 ? "" : " And " + (some.size() - 1) + " more.");
    }
}
