package upahead.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.Objects;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Predicate;
import upahead.core.calendar.HolidayCalendar.Holiday;

/**
 * A holiday that comes every year.
 *
 * @param name what it is called, not blank
 * @param recurrence how it finds its day
 * @param observed on what day it is free when it falls on a weekend
 * @param half whether only half of the scheduled hours are free
 * @param days how many days in a row it lasts, from 1 to 31
 */
public record YearlyHoliday(String name, Recurrence recurrence, Observed observed, boolean half, int days) {

    private static final int LONGEST = 31;

    /** On what day a holiday is free when it falls on a Saturday or Sunday. */
    public enum Observed {
        /** On the day itself. */
        THAT_DAY,
        /** On the next weekday that is no holiday. */
        NEXT_WEEKDAY,
        /** On the last weekday before that is no holiday. */
        PREVIOUS_WEEKDAY,
        /** On the Friday before a Saturday, on the Monday after a Sunday. */
        NEAREST_WEEKDAY
    }

    /**
     * @throws IllegalArgumentException if it has no name or lasts less than 1 or more than 31 days
     */
    public YearlyHoliday {
        Objects.requireNonNull(recurrence, "recurrence");
        Objects.requireNonNull(observed, "observed");
        if (name.isBlank()) {
            throw new IllegalArgumentException("a holiday needs a name");
        }
        if (days < 1 || days > LONGEST) {
            throw new IllegalArgumentException("a holiday lasts from 1 to " + LONGEST + " days");
        }
    }

    /**
     * The days of a year that some holidays make free. Those on weekdays take their days first; one that is moved off a
     * weekend goes on to the next weekday that is still free.
     */
    public static SortedMap<LocalDate, Holiday> in(int year, Collection<YearlyHoliday> holidays) {
        SortedMap<LocalDate, Holiday> found = new TreeMap<>();
        holidays.stream()
                .sorted(Comparator.comparing((YearlyHoliday holiday) -> holiday.moves(year))
                        .thenComparing(holiday -> holiday.recurrence().in(year)))
                .forEach(holiday -> {
                    LocalDate first = holiday.recurrence().in(year);
                    for (int day = 0; day < holiday.days(); day++) {
                        LocalDate on = holiday.observedOn(first.plusDays(day), found::containsKey);
                        found.putIfAbsent(on, new Holiday(holiday.name(), holiday.half()));
                    }
                });
        return found;
    }

    private boolean moves(int year) {
        return observed != Observed.THAT_DAY && isWeekend(recurrence.in(year));
    }

    private LocalDate observedOn(LocalDate day, Predicate<LocalDate> taken) {
        if (observed == Observed.THAT_DAY || !isWeekend(day)) {
            return day;
        }
        boolean back = observed == Observed.PREVIOUS_WEEKDAY
                || (observed == Observed.NEAREST_WEEKDAY && day.getDayOfWeek() == DayOfWeek.SATURDAY);
        LocalDate on = day;
        while (isWeekend(on) || taken.test(on)) {
            on = on.plusDays(back ? -1 : 1);
        }
        return on;
    }

    private static boolean isWeekend(LocalDate day) {
        return day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY;
    }
}
