package upahead.core.value;

import java.time.LocalDate;
import java.util.Optional;
import upahead.core.calendar.Timeline;
import upahead.core.people.Employment;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;

/**
 * What an hour and a day of somebody are worth on a day.
 *
 * @param hour exact, at least 0
 * @param day of an average scheduled day; 0 where nothing is scheduled
 */
public record HourlyRate(Fraction hour, Fraction day) {

    private static final Rounding CENTS = new Rounding(Amount.of("0.01"), Rounding.Mode.HALF_UP);

    /** From a rate and the schedule of the day; nothing where the rate says nothing without scheduled hours. */
    public static Optional<HourlyRate> of(PayRate rate, WeeklySchedule week) {
        return rate.hourly(week)
                .map(hour -> new HourlyRate(
                        hour, week.total().isPositive() ? hour.times(PayRate.averageDay(week)) : Fraction.ZERO));
    }

    /** Of somebody on a day; nothing where no rate holds then, or it says nothing without scheduled hours. */
    public static Optional<HourlyRate> on(LocalDate day, Timeline<PayRate> rates, Employment employment) {
        return rates.on(day).flatMap(rate -> employment.schedule().on(day).flatMap(week -> of(rate, week)));
    }

    /** What a balance is worth, of its sign, in cents rounded half up: a day is an average scheduled one. */
    public Amount worth(Amount balance, Unit unit) {
        Amount size = CENTS.round(Fraction.of(balance.abs()).times(unit == Unit.HOURS ? hour : day));
        return balance.isNegative() ? size.negated() : size;
    }

    /** An hour's worth, in ten-thousandths. */
    public Amount shown() {
        return hour.toDecimal(4);
    }
}
