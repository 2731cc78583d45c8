package upahead.core.policy;

import upahead.core.quantity.Amount;

/**
 * More, or less, to earn from a number of completed years of service on.
 *
 * @param fromYears at least 0
 * @param amount replaces the earning rule's amount, at least 0
 */
public record TenureBand(int fromYears, Amount amount) {
    /**
     * @throws IllegalArgumentException if the years or the amount are below zero
     */
    public TenureBand {
        if (fromYears < 0) {
            throw new IllegalArgumentException("years of service must be at least 0, not " + fromYears);
        }
        if (amount.isNegative()) {
            throw new IllegalArgumentException("the amount of a tenure band must be at least 0, not " + amount);
        }
    }
}
