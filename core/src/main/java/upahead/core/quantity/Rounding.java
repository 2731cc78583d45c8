package upahead.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
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
        HALF_UP(RoundingMode.HALF_UP, "to the nearest"),
        /** The higher one. */
        UP(RoundingMode.CEILING, "up to a multiple of"),
        /** The lower one. */
        DOWN(RoundingMode.FLOOR, "down to a multiple of");

        private final RoundingMode ofSteps;
        private final String words;

        Mode(RoundingMode ofSteps, String words) {
            this.ofSteps = ofSteps;
            this.words = words;
        }
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

    /** "to the nearest 0.25", "up to a multiple of 0.25" */
    public String inWords() {
        return mode.words + " " + step;
    }

    /** The multiple of the step that stands for {@code exact}. */
    public Amount round(Fraction exact) {
        BigDecimal steps = exact.quotient(Fraction.of(step), mode.ofSteps);
        return new Amount(step.asComputed().multiply(steps));
    }
}
