package upahead.core.earning;

import upahead.core.quantity.Fraction;

/**
 * A part of a whole, as counted.
 *
 * @param part from 0 to {@code whole}
 * @param whole above 0
 */
public record Portion(long part, long whole) {
    public static final Portion ALL = new Portion(1, 1);

    /** From 0 to 1. */
    public Fraction asFraction() {
        if (isWhole()) {
            return Fraction.ONE;
        }
        return Fraction.of(part, whole);
    }

    /** Whether nothing is missing. */
    public boolean isWhole() {
        return part == whole;
    }
}
