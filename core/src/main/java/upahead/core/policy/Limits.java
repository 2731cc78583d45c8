package upahead.core.policy;

import java.util.Optional;
import java.util.stream.Stream;
import upahead.core.quantity.Amount;

/**
 * The limits that the law keeps apart, each on its own, in the policy's unit and at least 0.
 *
 * @param balance how much may be held
 * @param earnedPerYear how much may be earned in a benefit year
 * @param usedPerYear how much may be used in a benefit year
 * @param overdraw how far a request may take the balance below zero
 */
public record Limits(
        Optional<Amount> balance, Optional<Amount> earnedPerYear, Optional<Amount> usedPerYear, Amount overdraw) {

    public static final Limits NONE = new Limits(Optional.empty(), Optional.empty(), Optional.empty(), Amount.ZERO);

    /**
     * @throws IllegalArgumentException if a limit is below zero
     */
    public Limits {
        Stream.concat(Stream.of(balance, earnedPerYear, usedPerYear).flatMap(Optional::stream), Stream.of(overdraw))
                .filter(Amount::isNegative)
                .findFirst()
                .ifPresent(limit -> {
                    throw new IllegalArgumentException("a limit must be at least 0, not " + limit);
                });
    }
}
