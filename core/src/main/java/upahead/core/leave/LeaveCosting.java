package upahead.core.leave;

import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import upahead.core.hours.WorkingDays;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * What a day of leave costs one person (calculation contract, "Leave days from a request").
 *
 * @param workingDays schedule and holidays of the person
 * @param unit of the policy
 * @param holidaysCost whether a holiday costs like any scheduled day
 * @param daysOffCost whether a day off the schedule costs: one day, or the average scheduled day of that week
 */
public record LeaveCosting(WorkingDays workingDays, Unit unit, boolean holidaysCost, boolean daysOffCost) {

    private static final Amount HALF = Amount.of("0.5");
    private static final int DECIMALS_OF_A_DAY = 4;

    /** Why a day costs what it costs. */
    public enum Because {
        SCHEDULED,
        DAY_OFF,
        HOLIDAY,
        HALF_HOLIDAY,
        NOT_EMPLOYED
    }

    /**
     * The cost of one day.
     *
     * @param on the date
     * @param hours away from scheduled work
     * @param amount what it takes from the balance, in the policy's unit
     * @param because why
     */
    public record DayCost(LocalDate on, Amount hours, Amount amount, Because because) {}

    /**
     * The cost of one day. In a policy in days hours are divided by that day's scheduled hours, to four decimals where
     * no decimal holds the result.
     */
    public DayCost cost(LocalDate on, Asked asked) {
        if (!workingDays.employment().isEmployedOn(on)) {
            return free(on, Because.NOT_EMPLOYED);
        }
        Amount scheduled = workingDays.employment().scheduledHours(on);
        if (scheduled.isZero()) {
            return daysOffCost ? dayOff(on, asked) : free(on, Because.DAY_OFF);
        }
        Amount holiday = holidaysCost ? Amount.ZERO : workingDays.holidayHours(on);
        Amount due = scheduled.minus(holiday);
        if (due.isZero()) {
            return free(on, Because.HOLIDAY);
        }
        Amount hours = part(due, asked);
        Amount amount = unit == Unit.HOURS ? hours : quotient(hours, scheduled);
        return new DayCost(on, hours, amount, holiday.isZero() ? Because.SCHEDULED : Because.HALF_HOLIDAY);
    }

    private DayCost dayOff(LocalDate on, Asked asked) {
        Amount average = averageDayOfWeek(on);
        Amount hours = part(average, asked);
        Amount amount = unit == Unit.HOURS
                ? hours
                : asked instanceof Asked.SomeHours && average.isPositive()
                        ? quotient(hours, average)
                        : part(Amount.ONE, asked);
        return new DayCost(on, hours, amount, Because.DAY_OFF);
    }

    private static DayCost free(LocalDate on, Because because) {
        return new DayCost(on, Amount.ZERO, Amount.ZERO, because);
    }

    private static Amount part(Amount whole, Asked asked) {
        if (asked instanceof Asked.SomeHours some) {
            return some.hours();
        }
        return asked instanceof Asked.HalfDay ? whole.times(HALF) : whole;
    }

    private Amount averageDayOfWeek(LocalDate on) {
        return workingDays
                .employment()
                .schedule()
                .on(on)
                .map(week -> {
                    long days = Arrays.stream(DayOfWeek.values())
                            .filter(day -> week.on(day).isPositive())
                            .count();
                    return days == 0 ? Amount.ZERO : quotient(week.total(), Amount.of(days));
                })
                .orElse(Amount.ZERO);
    }

    private static Amount quotient(Amount dividend, Amount divisor) {
        return new Amount(dividend.value().divide(divisor.value(), DECIMALS_OF_A_DAY, RoundingMode.HALF_UP));
    }
}
