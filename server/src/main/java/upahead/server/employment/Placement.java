package upahead.server.employment;

import java.time.LocalDate;
import upahead.core.calendar.DateSpan;

/**
 * Where somebody works over a stretch of days.
 *
 * @param starts the first day; that of the first stretch is {@link #ALWAYS}
 * @param through the last day; that of the last stretch is {@link #FOR_EVER}
 */
public record Placement(long personId, LocalDate starts, LocalDate through, Placing placing) {

    /** Before every hire date. */
    static final LocalDate ALWAYS = LocalDate.of(1900, 1, 1);

    static final LocalDate FOR_EVER = LocalDate.of(9999, 12, 31);

    public DateSpan days() {
        return new DateSpan(starts, through);
    }
}
