package upahead.server.reports.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.function.Function;
import upahead.core.calendar.DateSpan;

/** The days that a report is about, as seen from the day on which it is sent. */
public enum RelativeDays {
    THAT_DAY(day -> new DateSpan(day, day)),
    LAST_WEEK(day -> week(day.minusWeeks(1))),
    LAST_MONTH(day -> month(day.minusMonths(1))),
    THIS_MONTH(RelativeDays::month),
    THIS_YEAR(day -> year(day.getYear())),
    LAST_YEAR(day -> year(day.getYear() - 1)),
    NEXT_EIGHT_WEEKS(day -> new DateSpan(day, day.plusWeeks(8)));

    private final Function<LocalDate, DateSpan> days;

    RelativeDays(Function<LocalDate, DateSpan> days) {
        this.days = days;
    }

    /** The days, for a report that is sent on a day. */
    public DateSpan from(LocalDate day) {
        return days.apply(day);
    }

    private static DateSpan week(LocalDate within) {
        LocalDate monday = within.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return new DateSpan(monday, monday.plusDays(6));
    }

    private static DateSpan month(LocalDate within) {
        return new DateSpan(within.withDayOfMonth(1), within.with(TemporalAdjusters.lastDayOfMonth()));
    }

    private static DateSpan year(int year) {
        return new DateSpan(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31));
    }
}
