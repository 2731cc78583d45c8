package upahead.core.ledger;

import java.time.LocalDate;
import java.util.List;
import upahead.core.leave.Taken;
import upahead.core.quantity.Amount;

/** How much can still be asked for from a day on, with later approved leave minded. */
public final class Askable {

    private static final Amount STEP = Amount.of("0.0001");
    private static final Amount HALF = Amount.of("0.5");

    private final Account account;
    private final LocalDate day;

    private Askable(Account account, LocalDate day) {
        this.account = account;
        this.day = day;
    }

    /**
     * The largest amount of leave on a day that is affordable (calculation contract, "Availability and the check of a
     * request"), to four decimals. It is less than what is available on the day where leave approved for later needs a
     * part of that.
     *
     * @param account with its facts forecast through the last approved day
     * @param day any
     * @param available on that day, at least 0
     * @return from 0 to {@code available}
     */
    public static Amount on(Account account, LocalDate day, Amount available) {
        boolean bookedLater = account.facts().taken().stream()
                .anyMatch(taken -> taken.on().isAfter(day) && taken.amount().isPositive());
        if (!bookedLater || !available.isPositive()) {
            return available;
        }
        return new Askable(account, day).most(available);
    }

    private Amount most(Amount available) {
        Amount lacking = shortBy(available);
        if (lacking.isZero()) {
            return available;
        }
        Amount without = available.minus(lacking).floorAtZero();
        if (shortBy(without).isZero() && shortBy(without.plus(STEP)).isPositive()) {
            return without;
        }
        return between(Amount.ZERO, available);
    }

    /** More is never easier to afford than less, so that halving finds the most. */
    private Amount between(Amount affordable, Amount tooMuch) {
        Amount least = affordable;
        Amount most = tooMuch;
        while (most.minus(least).isMoreThan(STEP)) {
            Amount middle = least.plus(most).times(HALF);
            if (shortBy(middle).isZero()) {
                least = middle;
            } else {
                most = middle;
            }
        }
        return STEP.times(
                Amount.of(least.value().divideToIntegralValue(STEP.value()).longValueExact()));
    }

    /** By how much the worst problem of a request for an amount is, 0 where it is affordable. */
    private Amount shortBy(Amount amount) {
        if (amount.isZero()) {
            return Amount.ZERO;
        }
        Amount worst = Amount.ZERO;
        for (RequestProblem problem :
                RequestCheck.of(account, List.of(new Taken(day, amount))).problems()) {
            if (problem instanceof RequestProblem.LaterLeaveShort later) {
                worst = worst.max(later.by());
            } else if (problem instanceof RequestProblem.OverUsedPerYear over) {
                worst = worst.max(over.by());
            } else if (problem instanceof RequestProblem.NotEnough notEnough) {
                worst = worst.max(notEnough.by());
            } else {
                worst = worst.max(amount);
            }
        }
        return worst;
    }
}
