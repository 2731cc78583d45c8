package upahead.core.earning;

import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/** The rule, inputs and arithmetic from which a share came, kept as data so that every figure can be asked why. */
public sealed interface Basis {

    /**
     * An upfront grant.
     *
     * @param year the benefit year it is for
     * @param amount the policy's figure, tenure minded
     * @param scale what it was scaled by
     * @param portion how much of the year's grant is due: 1, or less in a partial first year
     * @param counted the unit in which the portion was counted
     */
    record Grant(DateSpan year, Amount amount, Scale scale, Portion portion, Counted counted) implements Basis {
        /** Whether it is the grant on entering in the middle of a benefit year. */
        public boolean isFirst() {
            return counted != Counted.WHOLE_YEAR;
        }
    }

    /** In what a partial first year is counted. */
    enum Counted {
        WHOLE_YEAR,
        FULL_FIRST_YEAR,
        DAYS,
        MONTHS
    }

    /**
     * What an amount was multiplied by for somebody who works less than others, or more.
     *
     * @param factor at least 0, 1 where the policy does not scale
     * @param by how it came about
     */
    record Scale(Fraction factor, Scaling by) {}

    /**
     * A part of a whole, as counted.
     *
     * @param part from 0 to {@code whole}
     * @param whole above 0
     */
    record Portion(long part, long whole) {
        public static final Portion ALL = new Portion(1, 1);

        public Fraction asFraction() {
            if (isWhole()) {
                return Fraction.ONE;
            }
            return Fraction.of(part, whole);
        }

        public boolean isWhole() {
            return part == whole;
        }
    }

    /**
     * The share of one pay period, month or day.
     *
     * @param period the days it is for
     * @param amount the policy's figure, tenure minded: for the period, or for the year when {@code periods} is above 1
     * @param periods by how many it was divided, 1 where the figure is that of a period
     * @param scale what it was scaled by, averaged over the days covered
     * @param portion the part of the period that brings a share
     */
    record PeriodShare(DateSpan period, Amount amount, int periods, Scale scale, Portion portion) implements Basis {}

    /**
     * Hours worked.
     *
     * @param days the days whose hours were counted
     * @param hours the counted hours in them
     * @param before all counted hours before them
     * @param earn earned for every {@code forEvery} hours, tenure minded
     * @param wholeStepsOnly whether only whole steps bring something
     */
    record HoursWorked(DateSpan days, Amount hours, Amount before, Amount earn, Amount forEvery, boolean wholeStepsOnly)
            implements Basis {}
}
