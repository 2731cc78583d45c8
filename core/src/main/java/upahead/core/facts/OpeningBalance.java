package upahead.core.facts;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import upahead.core.quantity.Amount;

/**
 * The state of an account at the start of a day, brought along from elsewhere. The ledger begins with the latest one.
 *
 * @param on the date
 * @param balance signed, in the policy's unit
 * @param earnedThisYear what was already earned in the benefit year of the date
 * @param usedThisYear what was already used in it
 * @param lots what the balance is made of; empty where it is one credit
 * @param hoursTowardNextStep hours already counted towards the next whole step, at least 0
 */
public record OpeningBalance(
        LocalDate on,
        Amount balance,
        Amount earnedThisYear,
        Amount usedThisYear,
        List<OpeningLot> lots,
        Amount hoursTowardNextStep) {

    /**
     * A part of an opening balance.
     *
     * @param amount above zero
     * @param lastUsable its last usable day, or nothing where it never expires
     */
    public record OpeningLot(Amount amount, Optional<LocalDate> lastUsable) {}

    /**
     * @throws IllegalArgumentException if the lots do not add up to the balance or one of them has already expired
     */
    public OpeningBalance {
        lots = List.copyOf(lots);
        if (!lots.isEmpty()
                && !Amount.sum(lots.stream().map(OpeningLot::amount).toList()).equals(balance)) {
            throw new IllegalArgumentException("the lots of the opening balance do not add up to " + balance);
        }
        for (OpeningLot lot : lots) {
            if (!lot.amount().isPositive()) {
                throw new IllegalArgumentException("a lot must be above 0, not " + lot.amount());
            }
            if (lot.lastUsable().filter(on::isAfter).isPresent()) {
                throw new IllegalArgumentException("a lot usable until "
                        + lot.lastUsable().get() + " has expired before the opening balance of " + on);
            }
        }
        if (hoursTowardNextStep.isNegative()) {
            throw new IllegalArgumentException("hours toward the next step must be at least 0");
        }
    }

    /** An opening balance that is one credit. */
    public static OpeningBalance of(LocalDate on, Amount balance, Amount earnedThisYear, Amount usedThisYear) {
        return new OpeningBalance(on, balance, earnedThisYear, usedThisYear, List.of(), Amount.ZERO);
    }
}
