package upahead.core.quantity;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Objects;

/**
 * How a policy rounds what is earned: to a multiple of a step. It is applied to the running total of a benefit year,
 * so that the shares of a year add up exactly (calculation contract, "Quantities").
 *
 * @param step above zero, in the policy's unit
 * @param mode which multiple of the step is taken
 */
public record Rounding(Amount step, Mode mode) {

    /** Which multiple of the step stands for a number between two. */
    public enum Mode {
        /** The nearer one; from the middle, the higher. */
        HALF_UP,
        /** The higher one. */
        UP,
        /** The lower one. */
        DOWN
    }

    /** To four decimals, half up: what a policy does that says nothing about rounding. */
    public static final Rounding STANDARD = new Rounding(Amount.of("0.0001"), Mode.HALF_UP);

    /**
     * @throws IllegalArgumentException if the step is not above zero
     */
    public Rounding {
        Objects.requireNonNull(mode, "mode");
        if (!step.isPositive()) {
            throw new IllegalArgumentException("the rounding step must be above zero, not " + step);
        }
    }

    /** The multiple of the step that stands for {@code exact}. */
    public Amount round(Fraction exact) {
        Fraction steps = exact.dividedBy(Fraction.of(step));
        BigInteger whole =
                switch (mode) {
                    case DOWN -> steps.floor();
                    case UP ->
                        steps.denominator().equals(BigInteger.ONE)
                                ? steps.numerator()
                                : steps.floor().add(BigInteger.ONE);
                    case HALF_UP -> steps.plus(Fraction.of(1, 2)).floor();
                };
        return new Amount(step.value().multiply(new BigDecimal(whole)));
    }
}
