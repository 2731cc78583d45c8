package upahead.core.policy;

import java.time.LocalDate;
import java.time.MonthDay;
import upahead.core.calendar.PlainDates;

/** Until when something credited or carried over can be used. */
public sealed interface Usability {

    /** The last usable day of what begins on a day. */
    LocalDate lastUsable(LocalDate start);

    /** "for 3 months", "until 31 March" */
    String inWords();

    /**
     * For so many days or months: usable up to the day before start + count.
     *
     * @param count at least 1
     */
    record For(int count, Wait.In in) implements Usability {
        /**
         * @throws IllegalArgumentException if the count is below 1
         */
        public For {
            if (count < 1) {
                throw new IllegalArgumentException("a time of use must be at least 1, not " + count);
            }
        }

        @Override
        public LocalDate lastUsable(LocalDate start) {
            return new Wait(count, in).endsAfter(start).minusDays(1);
        }

        @Override
        public String inWords() {
            return "for " + in.counted(count);
        }
    }

    /** Until a month and day: the first such date on or after the start. */
    record Until(MonthDay day) implements Usability {
        @Override
        public LocalDate lastUsable(LocalDate start) {
            LocalDate sameYear = day.atYear(start.getYear());
            return sameYear.isBefore(start) ? day.atYear(start.getYear() + 1) : sameYear;
        }

        @Override
        public String inWords() {
            return "until " + PlainDates.monthDay(day);
        }
    }
}
