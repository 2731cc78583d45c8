package upahead.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigInteger;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExactNumbersTest {

    @Test
    void amountsAreEqualWhenTheyAreTheSameNumber() {
        assertThat(Amount.of("2.50")).isEqualTo(Amount.of("2.5")).hasSameHashCodeAs(Amount.of("2.5"));
        assertThat(Amount.of("100")).hasToString("100");
        assertThat(Amount.of("-0.0")).isEqualTo(Amount.ZERO).hasToString("0");
        assertThat(Amount.of("-0.25").floorAtZero()).isEqualTo(Amount.ZERO);
    }

    @ParameterizedTest
    @CsvSource({
        "HALF_UP, 0.5, 1, 4, 0.5",
        "HALF_UP, 0.5, 6, 25, 0",
        "UP, 0.5, 1, 1000, 0.5",
        "UP, 0.5, 1, 2, 0.5",
        "DOWN, 0.25, 999, 1000, 0.75",
        "HALF_UP, 0.0001, 100, 26, 3.8462",
        "HALF_UP, 15, 22, 1, 15",
        "HALF_UP, 15, 23, 1, 30",
    })
    void roundsToAMultipleOfTheStep(Rounding.Mode mode, String step, long part, long whole, String rounded) {
        assertThat(new Rounding(Amount.of(step), mode).round(Fraction.of(part, whole)))
                .isEqualTo(Amount.of(rounded));
    }

    @Test
    void aStepOfZeroIsRefused() {
        assertThatThrownBy(() -> new Rounding(Amount.ZERO, Rounding.Mode.UP)).hasMessageContaining("above zero");
    }

    @Property
    void sharesOfAYearAddUpToExactlyItsAmount(
            @ForAll @IntRange(min = 1, max = 4000) int quarters,
            @ForAll @IntRange(min = 1, max = 366) int periods,
            @ForAll Rounding.Mode mode) {
        Amount amount = Amount.of(quarters).times(Amount.of("0.25"));
        Rounding rounding = new Rounding(Amount.of("0.25"), mode);
        Fraction share = Fraction.of(amount).times(Fraction.of(1, periods));
        Fraction total = Fraction.ZERO;
        Amount offered = Amount.ZERO;
        for (int i = 0; i < periods; i++) {
            Fraction next = total.plus(share);
            offered = offered.plus(rounding.round(next).minus(rounding.round(total)));
            total = next;
        }
        assertThat(offered).isEqualTo(amount);
    }

    @Property
    void fractionsKeepTheLawsOfArithmetic(
            @ForAll int a, @ForAll @IntRange(min = 1) int b, @ForAll int c, @ForAll @IntRange(min = 1) int d) {
        Fraction one = Fraction.of(a, b);
        Fraction other = Fraction.of(c, d);
        assertThat(one.plus(other)).isEqualTo(other.plus(one));
        assertThat(one.plus(other).minus(other)).isEqualTo(one);
        assertThat(one.times(other)).isEqualTo(other.times(one));
        if (!other.isZero()) {
            assertThat(one.times(other).dividedBy(other)).isEqualTo(one);
        }
        Fraction floor = Fraction.of(one.floor(), BigInteger.ONE);
        assertThat(floor).isLessThanOrEqualTo(one);
        assertThat(floor.plus(Fraction.ONE)).isGreaterThan(one);
    }

    @Test
    void aDenominatorOfZeroIsRefused() {
        assertThatThrownBy(() -> Fraction.of(1, 0)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Fraction.ONE.dividedBy(Fraction.ZERO)).isInstanceOf(ArithmeticException.class);
    }
}
