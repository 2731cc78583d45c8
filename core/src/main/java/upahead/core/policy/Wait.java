package upahead.core.policy;

import java.time.LocalDate;

/**
 * A wait reckoned from the hire date. A wait of N days ends on hire + N days, the first day that counts; months are
 * always reckoned from the hire date itself, so that a hire on the 31st does not drift.
 *
 * @param count whole, at least 0
 * @param in days or months
 */
public record Wait(int count, In in) {

    /** What a wait or a time of use is counted in. */
    public enum In {
        DAYS,
        MONTHS
    }

    public static final Wait NONE = new Wait(0, In.DAYS);

    /**
     * @throws IllegalArgumentException if the count is below 0
     */
    public Wait {
        if (count < 0) {
            throw new IllegalArgumentException("a wait must be at least 0, not " + count);
        }
    }

    /** The first day after the wait. */
    public LocalDate endsAfter(LocalDate hired) {
        return in == In.DAYS ? hired.plusDays(count) : hired.plusMonths(count);
    }
}
