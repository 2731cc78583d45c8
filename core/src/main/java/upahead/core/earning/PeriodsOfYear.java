package upahead.core.earning;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;

/** The periods for which shares are due, and how many of them a benefit year has. */
final class PeriodsOfYear {

    static final int MONTHS = 12;

    private final PerPeriod.Every every;
    private final PerPeriod.Posts posts;
    private final EarningContext context;
    private final Map<DateSpan, Integer> counted = new HashMap<>();

    PeriodsOfYear(PerPeriod.Every every, PerPeriod.Posts posts, EarningContext context) {
        this.every = every;
        this.posts = posts;
        this.context = context;
    }

    /** The period that a day lies in; months are those of the calendar. */
    DateSpan containing(LocalDate day) {
        return switch (every) {
            case PAY_PERIOD -> context.payCalendar().periodOf(day);
            case DAY -> new DateSpan(day, day);
            case MONTH -> new PayCalendar(PayCalendar.Every.MONTH, day).periodOf(day);
        };
    }

    /** The period that follows one of these. */
    DateSpan after(DateSpan period) {
        return every == PerPeriod.Every.PAY_PERIOD
                ? context.payCalendar().after(period)
                : containing(period.last().plusDays(1));
    }

    /** The months reckoned from the hire date that some days touch. */
    static List<DateSpan> monthsFromHire(LocalDate hired, DateSpan days) {
        long guess = Math.max(0, ChronoUnit.MONTHS.between(hired, days.first()) - 1);
        return Stream.iterate(guess, month -> month + 1)
                .map(month -> new DateSpan(
                        hired.plusMonths(month), hired.plusMonths(month + 1).minusDays(1)))
                .dropWhile(month -> month.last().isBefore(days.first()))
                .takeWhile(month -> !month.first().isAfter(days.last()))
                .toList();
    }

    /** How many of the calendar's own posting dates lie in a benefit year, whoever is employed. */
    int in(DateSpan year) {
        return counted.computeIfAbsent(year, unknown -> switch (every) {
            case MONTH -> MONTHS;
            case DAY -> (int) year.days();
            case PAY_PERIOD -> payPeriodsIn(year);
        });
    }

    private int payPeriodsIn(DateSpan year) {
        PayCalendar calendar = context.payCalendar();
        int count = 0;
        DateSpan period = calendar.periodOf(year.first());
        while (!period.first().isAfter(year.last())) {
            if (year.contains(posts == PerPeriod.Posts.START ? period.first() : period.last())) {
                count++;
            }
            period = calendar.after(period);
        }
        return count;
    }
}
