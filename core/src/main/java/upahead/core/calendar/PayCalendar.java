package upahead.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The pay periods of a group of people, or of somebody who moves from one group to another, without end in both
 * directions.
 *
 * @param every how long a period is
 * @param anchor the first day of any one week or fortnight; of no effect for half-months and months
 * @param next what follows from a day on, if anything does
 */
public record PayCalendar(Every every, LocalDate anchor, Optional<Next> next) {

    /**
     * Other periods from a day on: that day always begins one.
     *
     * @param from the first day of the new periods
     * @param calendar never null
     */
    public record Next(LocalDate from, PayCalendar calendar) {}

    /** How long a pay period is. */
    public enum Every {
        WEEK,
        FORTNIGHT,
        /** From the 1st to the 15th and from the 16th to the month's last day. */
        HALF_MONTH,
        MONTH
    }

    public PayCalendar {
        Objects.requireNonNull(every, "every");
        Objects.requireNonNull(anchor, "anchor");
        Objects.requireNonNull(next, "next");
    }

    /** The same periods for ever. */
    public PayCalendar(Every every, LocalDate anchor) {
        this(every, anchor, Optional.empty());
    }

    /** These periods until the day before another calendar takes over; one that would reach beyond it is cut short. */
    public PayCalendar until(LocalDate from, PayCalendar after) {
        return new PayCalendar(every, anchor, Optional.of(new Next(from, after)));
    }

    /** Fortnights beginning on the Monday on or before a hire date: what holds where no calendar is given. */
    public static PayCalendar standard(LocalDate hired) {
        return new PayCalendar(Every.FORTNIGHT, mondayOnOrBefore(hired));
    }

    /** The latest Monday that is not after a day. */
    public static LocalDate mondayOnOrBefore(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /** The pay period that contains a day. */
    public DateSpan periodOf(LocalDate day) {
        if (next.isEmpty()) {
            return own(day);
        }
        LocalDate from = next.get().from();
        if (day.isBefore(from)) {
            DateSpan period = own(day);
            return new DateSpan(period.first(), DateSpan.earlier(period.last(), from.minusDays(1)));
        }
        DateSpan period = next.get().calendar().periodOf(day);
        return new DateSpan(DateSpan.later(period.first(), from), period.last());
    }

    private DateSpan own(LocalDate day) {
        return switch (every) {
            case WEEK -> anchored(day, 7);
            case FORTNIGHT -> anchored(day, 14);
            case HALF_MONTH ->
                day.getDayOfMonth() <= 15
                        ? new DateSpan(day.withDayOfMonth(1), day.withDayOfMonth(15))
                        : new DateSpan(day.withDayOfMonth(16), lastOfMonth(day));
            case MONTH -> new DateSpan(day.withDayOfMonth(1), lastOfMonth(day));
        };
    }

    /** The period that follows a period of this calendar. */
    public DateSpan after(DateSpan period) {
        return periodOf(period.last().plusDays(1));
    }

    /** The period that precedes a period of this calendar. */
    public DateSpan before(DateSpan period) {
        return periodOf(period.first().minusDays(1));
    }

    /** All periods that have a day in common with a span, in order of time. */
    public Stream<DateSpan> periodsTouching(DateSpan span) {
        return Stream.iterate(periodOf(span.first()), period -> !period.first().isAfter(span.last()), this::after);
    }

    private DateSpan anchored(LocalDate day, int length) {
        long offset = Math.floorMod(ChronoUnit.DAYS.between(anchor, day), (long) length);
        LocalDate first = day.minusDays(offset);
        return new DateSpan(first, first.plusDays(length - 1L));
    }

    private static LocalDate lastOfMonth(LocalDate day) {
        return day.with(TemporalAdjusters.lastDayOfMonth());
    }
}
