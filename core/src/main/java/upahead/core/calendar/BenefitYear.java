package upahead.core.calendar;

import java.time.LocalDate;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import java.util.Objects;

/**
 * When the benefit year of a policy begins. Yearly limits, carryover and the rounding total go by it.
 */
public sealed interface BenefitYear {

    /** The benefit year that contains a day. */
    DateSpan containing(LocalDate day, LocalDate hired);

    /** When it begins: "on 1 January", "on each hire anniversary". */
    String inWords();

    /** The calendar year: what holds where a policy says nothing else. */
    static BenefitYear calendarYear() {
        return new StartsOn(MonthDay.of(1, 1));
    }

    /**
     * Begins each year on a fixed month and day; 29 February falls to 28 February in a common year.
     *
     * @param start never null
     */
    record StartsOn(MonthDay start) implements BenefitYear {
        public StartsOn {
            Objects.requireNonNull(start, "start");
        }

        @Override
        public DateSpan containing(LocalDate day, LocalDate hired) {
            LocalDate sameYear = start.atYear(day.getYear());
            int startYear = sameYear.isAfter(day) ? day.getYear() - 1 : day.getYear();
            return new DateSpan(
                    start.atYear(startYear), start.atYear(startYear + 1).minusDays(1));
        }

        @Override
        public String inWords() {
            return "on " + PlainDates.monthDay(start);
        }
    }

    /** Begins on each anniversary of the hire; 29 February falls to 28 February in a common year. */
    record HireAnniversary() implements BenefitYear {
        @Override
        public DateSpan containing(LocalDate day, LocalDate hired) {
            long years = ChronoUnit.YEARS.between(hired, day);
            while (hired.plusYears(years).isAfter(day)) {
                years--;
            }
            while (!hired.plusYears(years + 1).isAfter(day)) {
                years++;
            }
            return new DateSpan(
                    hired.plusYears(years), hired.plusYears(years + 1).minusDays(1));
        }

        @Override
        public String inWords() {
            return "on each hire anniversary";
        }
    }
}
