package upahead.core.quantity;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.Objects;

/**
 * An exact decimal quantity of time, in hours or in days as its surroundings say, of any sign.
 *
 * <p>Two amounts are equal when they are the same number, however they were written: {@code 2.50} equals {@code 2.5}.
 *
 * @param value the number, never null
 */
public record Amount(BigDecimal value) implements Comparable<Amount> {

    public static final Amount ZERO = new Amount(BigDecimal.ZERO);
    public static final Amount ONE = new Amount(BigDecimal.ONE);

    public Amount {
        Objects.requireNonNull(value, "value");
    }

    /** A whole number. */
    public static Amount of(long whole) {
        return new Amount(BigDecimal.valueOf(whole));
    }

    /**
     * Reads a decimal number such as {@code "7.5"} or {@code "-0.25"}.
     *
     * @throws NumberFormatException if the text is not a decimal number
     */
    public static Amount of(String text) {
        return new Amount(new BigDecimal(text));
    }

    /** The sum, 0 of none. */
    public static Amount sum(Collection<Amount> amounts) {
        BigDecimal sum = BigDecimal.ZERO;
        for (Amount amount : amounts) {
            sum = sum.add(amount.value);
        }
        return new Amount(sum);
    }

    /** The exact sum. */
    public Amount plus(Amount other) {
        if (other.isZero()) {
            return this;
        }
        return new Amount(value.add(other.value));
    }

    /** The exact difference. */
    public Amount minus(Amount other) {
        if (other.isZero()) {
            return this;
        }
        return new Amount(value.subtract(other.value));
    }

    /** The exact product; its number of decimals is the sum of both. */
    public Amount times(Amount factor) {
        return new Amount(value.multiply(factor.value));
    }

    /** The same size with the other sign. */
    public Amount negated() {
        return new Amount(value.negate());
    }

    /** The size, whatever the sign. */
    public Amount abs() {
        return isNegative() ? negated() : this;
    }

    /** The smaller one; this where both are equal. */
    public Amount min(Amount other) {
        return compareTo(other) <= 0 ? this : other;
    }

    /** The larger one; this where both are equal. */
    public Amount max(Amount other) {
        return compareTo(other) >= 0 ? this : other;
    }

    /** This amount, or zero where it is below zero. */
    public Amount floorAtZero() {
        return isNegative() ? ZERO : this;
    }

    public boolean isZero() {
        return value.signum() == 0;
    }

    public boolean isPositive() {
        return value.signum() > 0;
    }

    public boolean isNegative() {
        return value.signum() < 0;
    }

    /** Whether this is strictly greater. */
    public boolean isMoreThan(Amount other) {
        return compareTo(other) > 0;
    }

    /** The number without trailing zeros. */
    @Override
    public BigDecimal value() {
        return value.signum() == 0 ? BigDecimal.ZERO : value.stripTrailingZeros();
    }

    /** The number as it was written or computed. */
    BigDecimal asComputed() {
        return value;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Amount amount && value.compareTo(amount.value) == 0;
    }

    @Override
    public int hashCode() {
        return value().hashCode();
    }

    @Override
    public int compareTo(Amount other) {
        return value.compareTo(other.value);
    }

    /** The number in plain digits, without exponent and without trailing zeros. */
    @Override
    public String toString() {
        return value().toPlainString();
    }
}
