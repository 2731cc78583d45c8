package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import upahead.core.policy.Leftover;
import upahead.core.quantity.Amount;

class YearFiguresTest {

    @Test
    void whatTheNewYearTookFromTheOldIsNotInWhatIsCarried() {
        Sample sample = Sample.grant("40")
                .hired("2026-01-05")
                .carry("16", Leftover.LAPSE)
                .takes("2027-02-01", "8");
        YearFigures year = on(sample, "2027-03-31");
        assertThat(year.carried()).isEqualTo(Amount.of(16));
        assertThat(year.earned()).isEqualTo(Amount.of(40));
        assertThat(year.used()).isEqualTo(Amount.of(8));
        assertThat(year.lapsed()).isEqualTo(Amount.ZERO);
        assertThat(year.balance()).isEqualTo(Amount.of(48));
    }

    @Test
    void carriedTimeThatLapsesWithinTheYearIsLapsed() {
        Sample sample = Sample.grant("40")
                .hired("2026-01-05")
                .carry("16", Leftover.LAPSE)
                .carriedUntil("03-31");
        assertThat(on(sample, "2027-03-31").lapsed()).isEqualTo(Amount.ZERO);
        assertThat(on(sample, "2027-04-01").lapsed()).isEqualTo(Amount.of(16));
        assertThat(on(sample, "2027-04-01").balance()).isEqualTo(Amount.of(40));
    }

    @Test
    void ofAnOpeningWithinTheYearOnlyTheRestIsCarried() {
        YearFigures year = on(Sample.awardsOnly().opens("2027-02-15", "12").adjusted("2027-03-01", "-2"), "2027-03-31");
        assertThat(year.carried()).isEqualTo(Amount.of(12));
        assertThat(year.adjusted()).isEqualTo(Amount.of(-2));
        assertThat(year.balance()).isEqualTo(Amount.of(10));
    }

    @Test
    void goingBelowZeroIsAheadOnceForEachTime() {
        Sample sample = Sample.awardsOnly()
                .adjusted("2027-02-01", "5")
                .takes("2027-03-01", "8")
                .takes("2027-03-02", "1")
                .adjusted("2027-04-01", "6")
                .takes("2027-05-03", "8");
        LocalDate last = LocalDate.of(2027, 6, 30);
        Account account = sample.account();
        assertThat(Ahead.of(
                        account,
                        Derivation.derive(account, last),
                        new upahead.core.calendar.DateSpan(LocalDate.of(2027, 1, 1), last)))
                .filteredOn(Upcoming.GoesBelowZero.class::isInstance)
                .containsExactly(
                        new Upcoming.GoesBelowZero(LocalDate.of(2027, 3, 1), Amount.of(-3)),
                        new Upcoming.GoesBelowZero(LocalDate.of(2027, 5, 3), Amount.of(-6)));
    }

    private static YearFigures on(Sample sample, String day) {
        LocalDate date = LocalDate.parse(day);
        return YearFigures.of(Derivation.derive(sample.account(), date), date);
    }
}
