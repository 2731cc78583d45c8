package upahead.core.leave;

import java.time.LocalDate;
import java.util.Objects;
import upahead.core.quantity.Amount;

/**
 * Approved leave on one date.
 *
 * @param on the date
 * @param amount in the policy's unit, at least 0
 */
public record Taken(LocalDate on, Amount amount) {
    /**
     * @throws IllegalArgumentException if the amount is below zero
     */
    public Taken {
        Objects.requireNonNull(on, "on");
        if (amount.isNegative()) {
            throw new IllegalArgumentException("leave taken must be at least 0, not " + amount);
        }
    }
}
