package upahead.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import org.apache.commons.numbers.fraction.BigFraction;

/** Our fractions reckon as a well-known library's do, from machine numbers to far beyond them. */
class FractionAgainstALibraryTest {

    private static final String LEAST = "-100000000000000000000000";
    private static final String MOST = "100000000000000000000000";

    @Property
    void reckonsTheSame(
            @ForAll @BigRange(min = LEAST, max = MOST) BigInteger a,
            @ForAll @BigRange(min = "1", max = MOST) BigInteger b,
            @ForAll @BigRange(min = LEAST, max = MOST) BigInteger c,
            @ForAll @BigRange(min = "1", max = MOST) BigInteger d) {
        Fraction one = Fraction.of(a, b);
        Fraction other = Fraction.of(c, d);
        BigFraction first = BigFraction.of(a, b);
        BigFraction second = BigFraction.of(c, d);
        assertSame(one.plus(other), first.add(second));
        assertSame(one.minus(other), first.subtract(second));
        assertSame(one.times(other), first.multiply(second));
        if (c.signum() != 0) {
            assertSame(one.dividedBy(other), first.divide(second));
        }
        assertThat(Integer.signum(one.compareTo(other)))
                .isEqualTo(first.subtract(second).signum());
        BigInteger[] parts = a.divideAndRemainder(b);
        assertThat(one.floor()).isEqualTo(parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0]);
    }

    @Property
    void reckonsTheSameWithNumbersAsPoliciesHaveThem(@ForAll int a, @ForAll short b, @ForAll int c, @ForAll short d) {
        reckonsTheSame(BigInteger.valueOf(a), above(b), BigInteger.valueOf(c), above(d));
    }

    private static BigInteger above(short number) {
        return BigInteger.valueOf(Math.abs((long) number) + 1);
    }

    /** The library can carry the sign below the line; ours never does. */
    private static void assertSame(Fraction ours, BigFraction theirs) {
        BigInteger sign = BigInteger.valueOf(theirs.getDenominator().signum());
        assertThat(ours.numerator()).isEqualTo(theirs.getNumerator().multiply(sign));
        assertThat(ours.denominator()).isEqualTo(theirs.getDenominator().multiply(sign));
    }
}
