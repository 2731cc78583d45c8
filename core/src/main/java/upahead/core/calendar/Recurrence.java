package upahead.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.temporal.TemporalAdjusters;

/** How a holiday finds its day in each year. */
public sealed interface Recurrence {

    /** The day on which it falls in a year, before it is observed on another. */
    LocalDate in(int year);

    /** The same month and day each year; 29 February falls to 28 February in a common year. */
    record Fixed(MonthDay on) implements Recurrence {
        @Override
        public LocalDate in(int year) {
            return on.atYear(year);
        }
    }

    /**
     * A weekday of a month, counted from its beginning or, where {@code nth} is negative, from its end.
     *
     * @param nth 1 to 4, or -1 for the last one
     */
    record NthWeekday(Month month, int nth, DayOfWeek weekday) implements Recurrence {

        private static final int LAST = -1;
        private static final int MOST = 4;

        /**
         * @throws IllegalArgumentException if not every such month has that weekday
         */
        public NthWeekday {
            if (nth != LAST && (nth < 1 || nth > MOST)) {
                throw new IllegalArgumentException("a weekday of a month is its first to fourth or its last");
            }
        }

        @Override
        public LocalDate in(int year) {
            return LocalDate.of(year, month, 1).with(TemporalAdjusters.dayOfWeekInMonth(nth, weekday));
        }
    }

    /**
     * So many days after Easter Sunday, or before it where negative.
     *
     * @param days such as -2 for the Friday before, 1 for the Monday after
     */
    record AroundEaster(int days) implements Recurrence {
        @Override
        public LocalDate in(int year) {
            return Easter.sunday(year).plusDays(days);
        }
    }
}
