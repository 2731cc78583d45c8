package upahead.core.staffing;

import java.math.RoundingMode;
import java.util.Objects;
import upahead.core.quantity.Amount;

/**
 * How a team is staffed on one day. Who is away for a part of the day counts by that part.
 *
 * @param scheduled how many people are scheduled that day, holidays minded, at least 0
 * @param away how many of them are away, at least 0
 * @param needed how many are needed at least; 0 where nothing is said
 */
public record Staffing(int scheduled, Amount away, int needed) {

    private static final int DECIMALS = 2;

    /**
     * @throws IllegalArgumentException if a figure is below 0
     */
    public Staffing {
        Objects.requireNonNull(away, "away");
        if (scheduled < 0 || needed < 0 || away.isNegative()) {
            throw new IllegalArgumentException("people are counted from 0 on");
        }
    }

    /**
     * How much of a day somebody is away, to two decimals: at most 1, and 1 where nothing is scheduled.
     *
     * @param hours away
     * @param scheduled hours of that day
     */
    public static Amount part(Amount hours, Amount scheduled) {
        return scheduled.isPositive()
                ? new Amount(hours.value().divide(scheduled.value(), DECIMALS, RoundingMode.HALF_UP)).min(Amount.ONE)
                : Amount.ONE;
    }

    /** How many are there, at least 0. */
    public Amount there() {
        return Amount.of(scheduled).minus(away).floorAtZero();
    }

    /** The same day with some more people away. */
    public Staffing with(Amount more) {
        return new Staffing(scheduled, away.plus(more), needed);
    }

    /** Whether leave leaves fewer than are needed; a day for which too few are scheduled anyway asks for these alone. */
    public boolean isShort() {
        return away.isPositive() && there().compareTo(Amount.of(Math.min(needed, scheduled))) < 0;
    }
}
