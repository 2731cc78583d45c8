package upahead.core.earning;

import java.time.LocalDate;
import java.util.List;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/**
 * What the amount of a grant or of a share goes by for people who work less than others (calculation contract,
 * "Earning"). Limits, carryover and what is earned by hours worked are never scaled.
 */
public sealed interface Scaling {

    /** Everybody gets the same. */
    Scaling NONE = new None();

    /** In proportion to the full-time equivalent. */
    Scaling BY_FTE = new ByFte();

    /** To how many decimals a factor is told. */
    int DECIMALS = 4;

    /** The factor of one day, at least 0. */
    Fraction on(Employment employment, LocalDate day);

    /**
     * The factor averaged over calendar days.
     *
     * @param stretches at least one, none overlapping another
     */
    Fraction average(Employment employment, List<DateSpan> stretches);

    /** What a factor other than 1 says, such as " at 0.6 FTE". */
    String words(Fraction factor);

    /** The rule in few words. */
    String inWords();

    /** Everybody gets the same. */
    record None() implements Scaling {
        @Override
        public Fraction on(Employment employment, LocalDate day) {
            return Fraction.ONE;
        }

        @Override
        public Fraction average(Employment employment, List<DateSpan> stretches) {
            return Fraction.ONE;
        }

        @Override
        public String words(Fraction factor) {
            return "";
        }

        @Override
        public String inWords() {
            return "the same as full-timers";
        }
    }

    /** In proportion to the full-time equivalent. */
    record ByFte() implements Scaling {
        @Override
        public Fraction on(Employment employment, LocalDate day) {
            return Fraction.of(employment.fteOn(day));
        }

        @Override
        public Fraction average(Employment employment, List<DateSpan> stretches) {
            return employment.averageFte(stretches);
        }

        @Override
        public String words(Fraction factor) {
            return " at " + factor.toDecimal(DECIMALS) + " FTE";
        }

        @Override
        public String inWords() {
            return "in proportion to their full-time equivalent";
        }
    }

    /**
     * In proportion to the days of the weekly schedule that have hours.
     *
     * @param fullWeek the days of a full week, from 1 to 7
     */
    record ByDaysOfWeek(int fullWeek) implements Scaling {

        private static final int DAYS_OF_A_WEEK = 7;

        /**
         * @throws IllegalArgumentException if a full week has not from 1 to 7 days
         */
        public ByDaysOfWeek {
            if (fullWeek < 1 || fullWeek > DAYS_OF_A_WEEK) {
                throw new IllegalArgumentException("a full week has from 1 to 7 days, not " + fullWeek);
            }
        }

        @Override
        public Fraction on(Employment employment, LocalDate day) {
            return Fraction.of(
                    employment
                            .schedule()
                            .on(day)
                            .map(WeeklySchedule::workingDays)
                            .orElse(0),
                    fullWeek);
        }

        @Override
        public Fraction average(Employment employment, List<DateSpan> stretches) {
            Fraction workingDays = Employment.average(
                    employment.schedule(), week -> Amount.of(week.workingDays()), Amount.ZERO, stretches);
            return workingDays.times(Fraction.of(1, fullWeek));
        }

        @Override
        public String words(Fraction factor) {
            return " at " + factor.times(Fraction.of(fullWeek, 1)).toDecimal(DECIMALS) + " of " + fullWeek
                    + " days a week";
        }

        @Override
        public String inWords() {
            return "in proportion to the days they work, of " + fullWeek + " a week";
        }
    }
}
