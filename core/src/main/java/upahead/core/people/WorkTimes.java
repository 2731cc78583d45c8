package upahead.core.people;

import java.util.Optional;
import upahead.core.quantity.Amount;

/**
 * From when to when somebody is scheduled to work on a day, and the break that is not worked.
 *
 * @param work from begin to end, over midnight where it ends on the next day
 * @param rest the break, null where there is none
 */
public record WorkTimes(ClockSpan work, ClockSpan rest) {

    /**
     * @throws IllegalArgumentException if the break does not lie within the work, or nothing is left beside it
     */
    public WorkTimes {
        if (rest != null && (rest.minutesWithin(work) < rest.minutes() || rest.minutes() >= work.minutes())) {
            throw new IllegalArgumentException("the break " + rest + " does not lie within the work " + work);
        }
    }

    /** The hours to be worked, above 0 and at most 24, to four decimals. */
    public Amount hours() {
        return ClockSpan.hours(work.minutes() - restWithin(work));
    }

    /** The hours to be worked within a span, from 0 to those of the day, to four decimals. */
    public Amount hoursWithin(ClockSpan span) {
        return ClockSpan.hours(span.minutesWithin(work) - restWithin(span));
    }

    /** The hours of a span on a day of which no times are known: all of it, without a break. */
    public static Amount hoursWithin(ClockSpan span, Optional<WorkTimes> known) {
        return known.map(times -> times.hoursWithin(span)).orElseGet(() -> ClockSpan.hours(span.minutes()));
    }

    private int restWithin(ClockSpan span) {
        return rest == null ? 0 : rest.minutesWithin(span);
    }
}
