package upahead.server.cards.days;

/**
 * Something about a day of a card that needs a look.
 *
 * @param message in words
 */
public record CardRemark(Kind kind, String message) {

    /** What it is. */
    public enum Kind {
        NO_BEGIN(true),
        NO_END(true),
        ENDS_TOO_EARLY(true),
        OVERLAPS(true),
        TOO_LONG(true),
        MORE_THAN_A_DAY(true),
        BREAK_OUTSIDE_WORK(true),
        BREAK_TOO_LONG(true),
        /** Work before the hire date or after the last day, which counts for nothing. */
        NOT_EMPLOYED(true),
        /** A scheduled day of somebody paid by the hour on which nothing stands. */
        NOTHING_THERE(true),
        /** Work on a day that is wholly taken as leave. */
        ON_LEAVE(false),
        /** A long day without the break that the pay group asks for. */
        NO_BREAK(false);

        private final boolean mustBeMended;

        Kind(boolean mustBeMended) {
            this.mustBeMended = mustBeMended;
        }

        /** Whether the day has no hours as long as it stands; else it can be right as it is, and somebody says so. */
        public boolean mustBeMended() {
            return mustBeMended;
        }
    }
}
