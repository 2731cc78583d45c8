package upahead.server.reports.schedule;

import java.time.LocalDate;

/** How often a report is sent. */
public enum ReportRhythm {
    DAILY,
    /** On a weekday, from 1 for Monday to 7. */
    WEEKLY,
    /** On a day of the month, from 1 to 28. */
    MONTHLY;

    private static final int DAYS_OF_A_WEEK = 7;
    private static final int DAYS_OF_ANY_MONTH = 28;

    /** Whether there is such a day. */
    boolean has(int onDay) {
        return switch (this) {
            case DAILY -> true;
            case WEEKLY -> onDay >= 1 && onDay <= DAYS_OF_A_WEEK;
            case MONTHLY -> onDay >= 1 && onDay <= DAYS_OF_ANY_MONTH;
        };
    }

    /** The last day up to a day on which it is sent. */
    LocalDate lastUpTo(LocalDate day, int onDay) {
        return switch (this) {
            case DAILY -> day;
            case WEEKLY -> day.minusDays(Math.floorMod(day.getDayOfWeek().getValue() - onDay, DAYS_OF_A_WEEK));
            case MONTHLY ->
                day.getDayOfMonth() >= onDay
                        ? day.withDayOfMonth(onDay)
                        : day.minusMonths(1).withDayOfMonth(onDay);
        };
    }
}
