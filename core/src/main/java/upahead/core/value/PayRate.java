package upahead.core.value;

import java.util.Objects;
import java.util.Optional;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/**
 * What somebody is paid for a stretch of time, in the company's money.
 *
 * @param amount at least 0
 * @param per the stretch it is for
 */
public record PayRate(Amount amount, Per per) {

    private static final Fraction WEEKS_OF_A_YEAR = Fraction.of(52, 1);
    private static final Fraction MONTHS_OF_A_YEAR = Fraction.of(12, 1);

    /** The stretch of time a rate is for. */
    public enum Per {
        HOUR,
        /** An average scheduled day of the week. */
        DAY,
        MONTH,
        YEAR
    }

    /**
     * @throws IllegalArgumentException if the amount is below zero
     */
    public PayRate {
        Objects.requireNonNull(per, "per");
        if (amount.isNegative()) {
            throw new IllegalArgumentException("a rate must be at least 0, not " + amount);
        }
    }

    /**
     * What an hour is paid: of a day, its part by the hours of an average scheduled day; of a year, its part by the hours of
     * 52 scheduled weeks; of a month, twelve of which make a year, likewise.
     *
     * @param week the weekly schedule of the day
     * @return nothing where the rate is not for an hour and the week has no hours
     */
    public Optional<Fraction> hourly(WeeklySchedule week) {
        Fraction exact = Fraction.of(amount);
        if (per == Per.HOUR) {
            return Optional.of(exact);
        }
        if (!week.total().isPositive()) {
            return Optional.empty();
        }
        Fraction weekly = Fraction.of(week.total());
        return Optional.of(
                switch (per) {
                    case HOUR -> exact;
                    case DAY -> exact.dividedBy(averageDay(week));
                    case MONTH -> exact.times(MONTHS_OF_A_YEAR).dividedBy(weekly.times(WEEKS_OF_A_YEAR));
                    case YEAR -> exact.dividedBy(weekly.times(WEEKS_OF_A_YEAR));
                });
    }

    /** The hours of an average scheduled day; the week has some. */
    static Fraction averageDay(WeeklySchedule week) {
        return Fraction.of(week.total()).dividedBy(Fraction.of(week.workingDays(), 1));
    }
}
