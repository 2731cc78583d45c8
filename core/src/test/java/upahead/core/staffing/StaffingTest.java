package upahead.core.staffing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.quantity.Amount;

class StaffingTest {

    @ParameterizedTest
    @CsvSource({
        "5, 1, 3, false",
        "5, 2, 3, false",
        "5, 2.5, 3, true",
        "5, 5, 0, false",
        "2, 0, 3, false",
        "2, 0.5, 3, true",
        "0, 0, 3, false",
    })
    void isShortWhereLeaveLeavesFewerThanAreNeeded(int scheduled, String away, int needed, boolean expected) {
        assertThat(new Staffing(scheduled, Amount.of(away), needed).isShort()).isEqualTo(expected);
    }

    @Test
    void whoIsAwayForHalfADayIsThereForTheOther() {
        Staffing day = new Staffing(4, Amount.ONE, 3).with(Amount.of("0.5"));
        assertThat(day.there()).isEqualTo(Amount.of("2.5"));
        assertThat(new Staffing(1, Amount.of(3), 0).there()).isEqualTo(Amount.ZERO);
    }

    @Test
    void hoursAreAPartOfTheScheduledDay() {
        assertThat(Staffing.part(Amount.of(2), Amount.of("7.5"))).isEqualTo(Amount.of("0.27"));
        assertThat(Staffing.part(Amount.of(9), Amount.of(8))).isEqualTo(Amount.ONE);
        assertThat(Staffing.part(Amount.of(2), Amount.ZERO)).isEqualTo(Amount.ONE);
    }

    @Test
    void noFigureIsBelowZero() {
        assertThatThrownBy(() -> new Staffing(-1, Amount.ZERO, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Staffing(1, Amount.of(-1), 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
