package upahead.core.value;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.people.WeeklySchedule;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Unit;

/** Money by hand: a week of 37.5 hours on five days, of which a day has 7.5 and a year of 52 weeks 1,950. */
class ValueTest {

    private static final WeeklySchedule WEEK = WeeklySchedule.mondayToFriday(Amount.of("7.5"));
    private static final WeeklySchedule NO_HOURS = new WeeklySchedule(Map.of());

    @ParameterizedTest
    @CsvSource({
        "20,    HOUR,  20",
        "150,   DAY,   20",
        "3250,  MONTH, 20",
        "39000, YEAR,  20",
        "1000,  MONTH, 6.1538",
    })
    void anHourOfEachRate(String amount, PayRate.Per per, String hour) {
        assertThat(HourlyRate.of(new PayRate(Amount.of(amount), per), WEEK)
                        .orElseThrow()
                        .shown())
                .isEqualTo(Amount.of(hour));
    }

    @Test
    void anUnevenWeekCountsByItsAverageDay() {
        WeeklySchedule uneven = new WeeklySchedule(Map.of(
                DayOfWeek.MONDAY, Amount.of(8), DayOfWeek.TUESDAY, Amount.of(8), DayOfWeek.FRIDAY, Amount.of(4)));
        HourlyRate rate = hourly("12", uneven);
        assertThat(rate.day()).isEqualTo(Fraction.of(80, 1));
        assertThat(rate.worth(Amount.of("1.5"), Unit.DAYS)).isEqualTo(Amount.of(120));
        assertThat(rate.worth(Amount.of("1.5"), Unit.HOURS)).isEqualTo(Amount.of(18));
    }

    @Test
    void centsAreRoundedHalfUpAndBelowZeroAlike() {
        HourlyRate rate = hourly("0.3", WEEK);
        assertThat(rate.worth(Amount.of("0.05"), Unit.HOURS)).isEqualTo(Amount.of("0.02"));
        assertThat(rate.worth(Amount.of("-0.05"), Unit.HOURS)).isEqualTo(Amount.of("-0.02"));
    }

    @Test
    void withoutScheduledHoursOnlyAnHourlyRateSaysSomething() {
        assertThat(HourlyRate.of(new PayRate(Amount.of(20), PayRate.Per.HOUR), NO_HOURS)
                        .orElseThrow()
                        .day())
                .isEqualTo(Fraction.ZERO);
        assertThat(HourlyRate.of(new PayRate(Amount.of(3000), PayRate.Per.MONTH), NO_HOURS))
                .isEmpty();
        assertThatThrownBy(() -> new PayRate(Amount.of(-1), PayRate.Per.HOUR))
                .hasMessage("a rate must be at least 0, not -1");
    }

    @Test
    void whatMovedIsWorthTheOldRateAndTheRestComesFromTheNewOne() {
        Movement moved = new Movement(
                Amount.of(40),
                Amount.ZERO,
                Amount.of(10),
                Amount.of(2),
                Amount.of(-8),
                Amount.of(-4),
                Amount.ZERO,
                Amount.of(40));
        ValueChange change = ValueChange.of(moved, Unit.HOURS, Optional.of(hourly("20", WEEK)), hourly("22", WEEK));
        assertThat(change)
                .isEqualTo(new ValueChange(
                        Amount.of(800),
                        Amount.ZERO,
                        Amount.of(200),
                        Amount.of(40),
                        Amount.of(-160),
                        Amount.of(-80),
                        Amount.ZERO,
                        Amount.of(80),
                        Amount.of(880)));
    }

    @Test
    void whoHadNoRateBeforeIsReckonedAtTheNewOne() {
        Movement moved = new Movement(
                Amount.of(8),
                Amount.ZERO,
                Amount.of("0.3333"),
                Amount.ZERO,
                Amount.ZERO,
                Amount.ZERO,
                Amount.ZERO,
                Amount.of("8.3333"));
        ValueChange change = ValueChange.of(moved, Unit.HOURS, Optional.empty(), hourly("21.37", WEEK));
        assertThat(change.before()).isEqualTo(Amount.of("170.96"));
        assertThat(change.earned()).isEqualTo(Amount.of("7.12"));
        assertThat(change.after()).isEqualTo(Amount.of("178.08"));
        assertThat(change.rates()).isEqualTo(Amount.ZERO);
    }

    private static HourlyRate hourly(String amount, WeeklySchedule week) {
        return HourlyRate.of(new PayRate(Amount.of(amount), PayRate.Per.HOUR), week)
                .orElseThrow();
    }
}
