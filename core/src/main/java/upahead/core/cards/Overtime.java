package upahead.core.cards;

import upahead.core.quantity.Amount;

/**
 * A rule that makes regular hours hours of another kind.
 *
 * @param hours above which, at least 0; of no effect on days off
 * @param kind of hours which they become
 */
public record Overtime(Over over, Amount hours, String kind) {

    /** Over what. */
    public enum Over {
        /** Over some hours a day. */
        DAY,
        /** Over some hours a week; what is over the hours of its day already does not count again. */
        WEEK,
        /** All hours on a day off the schedule or a holiday. */
        DAY_OFF
    }

    /**
     * @throws IllegalArgumentException if the hours are below zero
     */
    public Overtime {
        if (hours.isNegative()) {
            throw new IllegalArgumentException("overtime begins at 0 hours or more, not at " + hours);
        }
    }
}
