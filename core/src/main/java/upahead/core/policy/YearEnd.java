package upahead.core.policy;

import java.util.Objects;
import java.util.Optional;
import upahead.core.quantity.Amount;

/**
 * What becomes of a positive balance when a new benefit year begins. A negative one is always carried over whole.
 *
 * @param carry the most that is carried over, at least 0, or nothing where all of it is
 * @param carriedUsable until when the carried time can be used, or nothing where it never expires
 * @param excess what becomes of the rest
 */
public record YearEnd(Optional<Amount> carry, Optional<Usability> carriedUsable, Leftover excess) {

    public static final YearEnd CARRY_ALL = new YearEnd(Optional.empty(), Optional.empty(), Leftover.LAPSE);

    /**
     * @throws IllegalArgumentException if the most that is carried over is below zero
     */
    public YearEnd {
        Objects.requireNonNull(excess, "excess");
        if (carry.filter(Amount::isNegative).isPresent()) {
            throw new IllegalArgumentException("what is carried over must be at least 0, not " + carry.get());
        }
    }
}
