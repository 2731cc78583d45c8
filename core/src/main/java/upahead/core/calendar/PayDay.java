package upahead.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;

/**
 * On which day a pay group is paid for a period: some days after its last one, and on the Friday before where that is a
 * Saturday or a Sunday.
 *
 * @param daysAfter days after the last day of the period, from 0 to {@value #LATEST}
 */
public record PayDay(int daysAfter) {

    /** The most days that pay can follow the last day of a period. */
    public static final int LATEST = 60;

    /** What holds where nobody has chosen otherwise. */
    public static final PayDay STANDARD = new PayDay(5);

    /**
     * @throws IllegalArgumentException if the days are not from 0 to {@value #LATEST}
     */
    public PayDay {
        if (daysAfter < 0 || daysAfter > LATEST) {
            throw new IllegalArgumentException("pay follows a period by 0 to " + LATEST + " days, not by " + daysAfter);
        }
    }

    /** The day on which a period is paid. */
    public LocalDate of(DateSpan period) {
        LocalDate day = period.last().plusDays(daysAfter);
        boolean weekend = day.getDayOfWeek().compareTo(DayOfWeek.FRIDAY) > 0;
        return weekend ? day.with(TemporalAdjusters.previous(DayOfWeek.FRIDAY)) : day;
    }
}
