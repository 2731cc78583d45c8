package upahead.core.earning;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Objects;
import java.util.Optional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/**
 * The hours counted so far towards what is earned by hours worked.
 *
 * @param total hours, at least 0
 * @param step the size of the whole steps in which they were paid last, or nothing where they were not paid in steps
 */
public record CountedHours(Amount total, Optional<Amount> step) {

    public static final CountedHours NONE = new CountedHours(Amount.ZERO, Optional.empty());

    public CountedHours {
        Objects.requireNonNull(total, "total");
        Objects.requireNonNull(step, "step");
    }

    /** These hours and more, paid as they come. */
    CountedHours plus(Amount hours) {
        return new CountedHours(total.plus(hours), Optional.empty());
    }

    /** These hours and more, paid in whole steps. */
    CountedHours plus(Amount hours, Amount inStepsOf) {
        Amount before = isInOtherSteps(inStepsOf) ? leftOver() : total;
        return new CountedHours(before.plus(hours), Optional.of(inStepsOf));
    }

    /**
     * How many whole steps more hours complete. Where the size of a step changes, counting goes on with the hours left
     * over from the last one, and whole new steps in them come along (calculation contract, "Facts").
     */
    BigInteger stepsWith(Amount hours, Amount size) {
        return isInOtherSteps(size)
                ? wholeSteps(leftOver().plus(hours), size)
                : wholeSteps(total.plus(hours), size).subtract(wholeSteps(total, size));
    }

    private boolean isInOtherSteps(Amount size) {
        return step.isPresent() && !step.get().equals(size);
    }

    private Amount leftOver() {
        Amount old = step.orElseThrow();
        return total.minus(old.times(new Amount(new BigDecimal(wholeSteps(total, old)))));
    }

    private static BigInteger wholeSteps(Amount hours, Amount size) {
        return Fraction.of(hours).dividedBy(Fraction.of(size)).floor();
    }
}
