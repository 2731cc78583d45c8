package upahead.core.cards;

/**
 * Something about a day that has to be put right before its hours count.
 *
 * @param at of which stretch, from 0 on
 */
public record CardFault(Kind kind, int at) {

    /** What can be wrong with a stretch. */
    public enum Kind {
        NO_BEGIN,
        NO_END,
        /** It ends before it begins, or lasts no time. */
        ENDS_TOO_EARLY,
        /** It begins before another one of the same sort has ended. */
        OVERLAPS,
        /** Work of more than 16 hours without going home. */
        TOO_LONG,
        /** More than 24 hours worked in all; told of the last stretch. */
        MORE_THAN_A_DAY,
        /** A break that is not within one stretch of work. */
        BREAK_OUTSIDE_WORK,
        /** A break as long as the work around it. */
        BREAK_TOO_LONG
    }
}
