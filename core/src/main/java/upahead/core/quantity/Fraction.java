package upahead.core.quantity;

import java.math.BigDecimal;
import java.math.BigInteger;

/**
 * An exact rational number in lowest terms, for shares such as an annual amount divided by 26 that no decimal holds.
 *
 * @param numerator of any sign, never null
 * @param denominator above zero, never null
 */
public record Fraction(BigInteger numerator, BigInteger denominator) implements Comparable<Fraction> {

    public static final Fraction ZERO = new Fraction(BigInteger.ZERO, BigInteger.ONE);
    public static final Fraction ONE = new Fraction(BigInteger.ONE, BigInteger.ONE);

    /**
     * Brings the fraction to lowest terms.
     *
     * @throws ArithmeticException if the denominator is zero
     */
    public Fraction {
        if (denominator.signum() == 0) {
            throw new ArithmeticException("a fraction needs a denominator other than zero");
        }
        if (denominator.signum() < 0) {
            numerator = numerator.negate();
            denominator = denominator.negate();
        }
        if (!denominator.equals(BigInteger.ONE)) {
            BigInteger common = numerator.gcd(denominator);
            if (!common.equals(BigInteger.ONE)) {
                numerator = numerator.divide(common);
                denominator = denominator.divide(common);
            }
        }
    }

    public static Fraction of(Amount amount) {
        BigDecimal value = amount.value();
        return value.scale() <= 0
                ? new Fraction(value.toBigIntegerExact(), BigInteger.ONE)
                : new Fraction(value.unscaledValue(), BigInteger.TEN.pow(value.scale()));
    }

    /**
     * One whole number over another.
     *
     * @throws ArithmeticException if {@code denominator} is zero
     */
    public static Fraction of(long numerator, long denominator) {
        return new Fraction(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator));
    }

    public Fraction plus(Fraction other) {
        return new Fraction(
                numerator.multiply(other.denominator).add(other.numerator.multiply(denominator)),
                denominator.multiply(other.denominator));
    }

    public Fraction minus(Fraction other) {
        return plus(new Fraction(other.numerator.negate(), other.denominator));
    }

    public Fraction times(Fraction other) {
        return new Fraction(numerator.multiply(other.numerator), denominator.multiply(other.denominator));
    }

    /**
     * This number divided by another.
     *
     * @throws ArithmeticException if {@code other} is zero
     */
    public Fraction dividedBy(Fraction other) {
        return new Fraction(numerator.multiply(other.denominator), denominator.multiply(other.numerator));
    }

    /** The largest whole number that is not above this one. */
    public BigInteger floor() {
        BigInteger[] parts = numerator.divideAndRemainder(denominator);
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    public boolean isZero() {
        return numerator.signum() == 0;
    }

    @Override
    public int compareTo(Fraction other) {
        return numerator.multiply(other.denominator).compareTo(other.numerator.multiply(denominator));
    }
}
