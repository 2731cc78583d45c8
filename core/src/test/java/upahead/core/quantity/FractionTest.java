package upahead.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** Machine numbers and long ones give the same results. */
class FractionTest {

    private static final BigInteger HUGE = BigInteger.TEN.pow(40);

    @Property
    void sumsAndProductsAreThoseOfLongNumbers(
            @ForAll long a, @ForAll @LongRange(min = 1) long b, @ForAll long c, @ForAll @LongRange(min = 1) long d) {
        Fraction one = Fraction.of(a, b);
        Fraction other = Fraction.of(c, d);
        assertThat(one.plus(other))
                .isEqualTo(Fraction.of(big(a).multiply(big(d)).add(big(c).multiply(big(b))), big(b).multiply(big(d))));
        assertThat(one.times(other)).isEqualTo(Fraction.of(big(a).multiply(big(c)), big(b).multiply(big(d))));
        assertThat(one.compareTo(other)).isEqualTo(big(a).multiply(big(d)).compareTo(big(c).multiply(big(b))));
    }

    @Property
    void aQuotientIsRoundedAsItsExactValueIs(
            @ForAll @LongRange(min = 0, max = 10_000_000) long a,
            @ForAll @LongRange(min = 1, max = 10_000) long b,
            @ForAll @LongRange(min = 1, max = 1_000) long step) {
        Fraction exact = Fraction.of(a, b);
        Fraction of = Fraction.of(step, 100);
        BigDecimal floor = new BigDecimal(big(a * 100).divide(big(b * step)));
        boolean whole = a * 100 % (b * step) == 0;
        boolean upperHalf = 2 * (a * 100 % (b * step)) >= b * step;
        assertThat(exact.quotient(of, RoundingMode.FLOOR)).isEqualByComparingTo(floor);
        assertThat(exact.quotient(of, RoundingMode.CEILING))
                .isEqualByComparingTo(whole ? floor : floor.add(BigDecimal.ONE));
        assertThat(exact.quotient(of, RoundingMode.HALF_UP))
                .isEqualByComparingTo(upperHalf && !whole ? floor.add(BigDecimal.ONE) : floor);
    }

    @Test
    void longNumbersAreBroughtToLowestTermsAndBackToMachineNumbers() {
        Fraction long1 = Fraction.of(HUGE, HUGE.multiply(BigInteger.TWO));
        assertThat(long1).isEqualTo(Fraction.of(1, 2)).hasSameHashCodeAs(Fraction.of(1, 2));
        Fraction tiny = Fraction.of(BigInteger.ONE, HUGE);
        assertThat(tiny.plus(tiny)).isEqualTo(Fraction.of(BigInteger.TWO, HUGE));
        assertThat(tiny.minus(tiny)).isEqualTo(Fraction.ZERO);
        assertThat(tiny.quotient(Fraction.ONE, RoundingMode.CEILING)).isEqualByComparingTo(BigDecimal.ONE);
        assertThat(tiny).hasToString("1/" + HUGE);
        assertThat(Fraction.of(1, -3)).isEqualTo(Fraction.of(-1, 3));
    }

    @Test
    void anAmountIsReadExactlyHoweverItWasWritten() {
        assertThat(Fraction.of(Amount.of("2.50"))).isEqualTo(Fraction.of(5, 2));
        assertThat(Fraction.of(Amount.of("12E3"))).isEqualTo(Fraction.of(12_000, 1));
        assertThat(Fraction.of(Amount.of("0.00000000000000000000125")))
                .isEqualTo(Fraction.of(big(125), BigInteger.TEN.pow(23)));
    }

    private static BigInteger big(long number) {
        return BigInteger.valueOf(number);
    }
}
