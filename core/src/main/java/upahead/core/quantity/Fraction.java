package upahead.core.quantity;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Objects;
import java.util.stream.LongStream;

/**
 * An exact rational number in lowest terms, for shares such as an annual amount divided by 26 that no decimal holds.
 *
 * <p>Numerator and denominator are machine numbers as long as they fit, which nearly all shares do; else they are as
 * long as they need to be.
 */
public final class Fraction implements Comparable<Fraction> {

    public static final Fraction ZERO = new Fraction(0, 1);
    public static final Fraction ONE = new Fraction(1, 1);

    private static final int DIGITS_OF_A_LONG = 18;
    private static final long[] POWERS = LongStream.iterate(1, power -> power * 10)
            .limit(DIGITS_OF_A_LONG + 1)
            .toArray();

    private final long small;
    private final long smallBelow;
    /** Null where the machine numbers hold the fraction. */
    private final Large large;

    private record Large(BigInteger numerator, BigInteger denominator) {}

    private Fraction(long numerator, long denominator) {
        this.small = numerator;
        this.smallBelow = denominator;
        this.large = null;
    }

    private Fraction(Large large) {
        this.small = 0;
        this.smallBelow = 0;
        this.large = large;
    }

    /** The same number. */
    public static Fraction of(Amount amount) {
        BigDecimal value = amount.asComputed();
        if (value.scale() >= 0 && value.precision() <= DIGITS_OF_A_LONG && value.scale() <= DIGITS_OF_A_LONG) {
            return of(value.unscaledValue().longValue(), POWERS[value.scale()]);
        }
        return value.scale() <= 0
                ? of(value.toBigIntegerExact(), BigInteger.ONE)
                : of(value.unscaledValue(), BigInteger.TEN.pow(value.scale()));
    }

    /**
     * One whole number over another.
     *
     * @throws ArithmeticException if {@code denominator} is zero
     */
    public static Fraction of(long numerator, long denominator) {
        if (denominator == 1) {
            return numerator == 0 ? ZERO : new Fraction(numerator, 1);
        }
        if (denominator <= 0 || numerator == Long.MIN_VALUE) {
            return of(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator));
        }
        long common = greatestCommonDivisor(Math.abs(numerator), denominator);
        return new Fraction(numerator / common, denominator / common);
    }

    /**
     * One whole number over another.
     *
     * @throws ArithmeticException if {@code denominator} is zero
     */
    public static Fraction of(BigInteger numerator, BigInteger denominator) {
        if (denominator.signum() == 0) {
            throw new ArithmeticException("a fraction needs a denominator other than zero");
        }
        BigInteger common = numerator.gcd(denominator);
        if (denominator.signum() < 0) {
            common = common.negate();
        }
        BigInteger above = numerator.divide(common);
        BigInteger below = denominator.divide(common);
        return above.bitLength() < Long.SIZE && below.bitLength() < Long.SIZE
                ? new Fraction(above.longValue(), below.longValue())
                : new Fraction(new Large(above, below));
    }

    private static long greatestCommonDivisor(long one, long other) {
        long a = one;
        long b = other;
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return a;
    }

    /** Whether products of two such parts, and the sum of two such products, are machine numbers. */
    private boolean isShort() {
        return large == null && small == (int) small && smallBelow == (int) smallBelow;
    }

    /** Of any sign, without a divisor in common with the denominator. */
    public BigInteger numerator() {
        return large == null ? BigInteger.valueOf(small) : large.numerator();
    }

    /** Above zero. */
    public BigInteger denominator() {
        return large == null ? BigInteger.valueOf(smallBelow) : large.denominator();
    }

    /** The exact sum. */
    public Fraction plus(Fraction other) {
        if (isShort() && other.isShort()) {
            return smallBelow == other.smallBelow
                    ? of(small + other.small, smallBelow)
                    : of(small * other.smallBelow + other.small * smallBelow, smallBelow * other.smallBelow);
        }
        return of(
                numerator().multiply(other.denominator()).add(other.numerator().multiply(denominator())),
                denominator().multiply(other.denominator()));
    }

    /** The exact difference. */
    public Fraction minus(Fraction other) {
        return plus(other.negated());
    }

    private Fraction negated() {
        return isShort() ? new Fraction(-small, smallBelow) : of(numerator().negate(), denominator());
    }

    /** The exact product. */
    public Fraction times(Fraction other) {
        if (equals(ONE)) {
            return other;
        }
        if (other.equals(ONE)) {
            return this;
        }
        if (isShort() && other.isShort()) {
            return of(small * other.small, smallBelow * other.smallBelow);
        }
        return of(numerator().multiply(other.numerator()), denominator().multiply(other.denominator()));
    }

    /**
     * This number divided by another.
     *
     * @throws ArithmeticException if {@code other} is zero
     */
    public Fraction dividedBy(Fraction other) {
        if (isShort() && other.isShort() && other.small > 0) {
            return of(small * other.smallBelow, smallBelow * other.small);
        }
        return of(numerator().multiply(other.denominator()), denominator().multiply(other.numerator()));
    }

    /** The largest whole number that is not above this one. */
    public BigInteger floor() {
        return quotient(ONE, RoundingMode.FLOOR).toBigIntegerExact();
    }

    /**
     * How many times a step goes into this number, as a whole number.
     *
     * @param step above zero
     * @param mode FLOOR, CEILING, or HALF_UP for the nearer one and from the middle the higher
     */
    BigDecimal quotient(Fraction step, RoundingMode mode) {
        if (isShort() && step.isShort()) {
            long above = small * step.smallBelow;
            long below = smallBelow * step.small;
            return BigDecimal.valueOf(
                    switch (mode) {
                        case FLOOR -> Math.floorDiv(above, below);
                        case CEILING -> -Math.floorDiv(-above, below);
                        default -> nearest(above, below);
                    });
        }
        Fraction exact = dividedBy(step);
        BigInteger above = exact.numerator();
        BigInteger below = exact.denominator();
        return new BigDecimal(
                switch (mode) {
                    case FLOOR -> floor(above, below);
                    case CEILING -> floor(above.negate(), below).negate();
                    default -> floor(above.add(above).add(below), below.add(below));
                });
    }

    private static long nearest(long above, long below) {
        long floor = Math.floorDiv(above, below);
        long rest = above - floor * below;
        return rest >= below - rest ? floor + 1 : floor;
    }

    private static BigInteger floor(BigInteger above, BigInteger below) {
        BigInteger[] parts = above.divideAndRemainder(below);
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    /**
     * The decimal nearest to this number, from the middle the one farther from zero; for the eye, never for reckoning.
     *
     * @param decimals at least 0
     */
    public Amount toDecimal(int decimals) {
        return new Amount(
                new BigDecimal(numerator()).divide(new BigDecimal(denominator()), decimals, RoundingMode.HALF_UP));
    }

    public boolean isZero() {
        return large == null && small == 0;
    }

    @Override
    public int compareTo(Fraction other) {
        return isShort() && other.isShort()
                ? Long.compare(small * other.smallBelow, other.small * smallBelow)
                : numerator()
                        .multiply(other.denominator())
                        .compareTo(other.numerator().multiply(denominator()));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Fraction fraction
                && small == fraction.small
                && smallBelow == fraction.smallBelow
                && Objects.equals(large, fraction.large);
    }

    @Override
    public int hashCode() {
        return Objects.hash(small, smallBelow, large);
    }

    @Override
    public String toString() {
        return numerator() + "/" + denominator();
    }
}
