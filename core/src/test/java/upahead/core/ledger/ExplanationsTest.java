package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.ledger.Explanation.Kind;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;

/** Five hours a month from January 2027 on, unless said otherwise; the record is of 31 May. */
class ExplanationsTest {

    private static final LocalDate ASOF = LocalDate.of(2027, 5, 31);

    /** Leave of 8 hours on 30 March, 16 from 3 May on, 8 on 7 June; Easter Monday is 29 March. */
    private static Sample sample() {
        return Sample.grant("100")
                .holiday("2027-03-29")
                .takes("2027-03-30", "8")
                .takes("2027-05-03", "8")
                .takes("2027-05-04", "7.5")
                .takes("2027-06-07", "6.5")
                .adjusted("2027-04-01", "-3");
    }

    @ParameterizedTest
    @CsvSource({
        "8, LEAVE_IS_MISSING, 2027-05-03",
        "15.5, LEAVE_IS_MISSING, 2027-05-03",
        "-7.5, LEAVE_IS_THERE_TWICE, 2027-05-04",
        "-6.5, BOOKED_LEAVE_IS_THERE_ALREADY, 2027-06-07",
        "3, ADJUSTMENT_IS_MISSING, 2027-04-01",
        "-100, EARNING_IS_MISSING, 2027-01-04",
    })
    void oneEventThatIsMissingOrDoubledIsFound(String more, Kind kind, LocalDate on) {
        assertThat(found(sample(), more).get(0))
                .isEqualTo(new Explanation(kind, on, Amount.of(more).abs()));
    }

    @Test
    void aHolidayBesideLeaveMayHaveBeenCharged() {
        assertThat(found(sample(), "-8"))
                .contains(new Explanation(Kind.HOLIDAY_IS_CHARGED, LocalDate.of(2027, 3, 29), Amount.of(8)));
    }

    @Test
    void whatIsEarnedNextMayBeThereAlready() {
        assertThat(found(Sample.monthly("5"), "5"))
                .contains(new Explanation(Kind.EARNING_IS_THERE_ALREADY, LocalDate.of(2027, 6, 30), Amount.of(5)));
        assertThat(found(Sample.monthly("5"), "-5"))
                .first()
                .isEqualTo(new Explanation(Kind.EARNING_IS_MISSING, ASOF, Amount.of(5)));
    }

    @Test
    void aLimitMayNotHaveHeldThere() {
        assertThat(found(Sample.monthly("10").limit(Limit.BALANCE, "35"), "14.0323"))
                .extracting(Explanation::kind)
                .contains(Kind.NOTHING_WAS_WITHHELD);
    }

    @Test
    void whatLapsedMayHaveBeenKeptThere() {
        Sample sample = Sample.grant("40").hired("2026-01-05").carry("16", Leftover.LAPSE);
        assertThat(found(sample, "24"))
                .contains(new Explanation(Kind.NOTHING_LAPSED, LocalDate.of(2027, 1, 1), Amount.of(24)));
    }

    @Test
    void fewerDecimalsAreRounding() {
        Sample sample = Sample.grant("12.3456");
        assertThat(held(sample, "12.35")).extracting(Explanation::kind).containsExactly(Kind.ROUNDED);
        assertThat(held(sample, "12")).extracting(Explanation::kind).containsExactly(Kind.ROUNDED);
        assertThat(held(sample, "12.3456")).isEmpty();
    }

    @Test
    void anEventIsFoundAlsoWhereTheOtherRecordIsRounded() {
        Sample sample = Sample.grant("12.3456").takes("2027-05-03", "8");
        assertThat(held(sample, "12.35")).first().extracting(Explanation::kind).isEqualTo(Kind.LEAVE_IS_MISSING);
        assertThat(held(sample, "12")).extracting(Explanation::kind).doesNotContain(Kind.LEAVE_IS_MISSING);
    }

    @Test
    void whatNoSingleEventExplainsIsNotExplained() {
        assertThat(found(sample(), "41.77")).isEmpty();
    }

    /** Of a record that says so much more than the balance is. */
    private static List<Explanation> found(Sample sample, String more) {
        Amount balance = Derivation.derive(sample.account(), ASOF).balance(ASOF);
        return held(sample, balance.plus(Amount.of(more)).toString());
    }

    private static List<Explanation> held(Sample sample, String theirs) {
        Account account = sample.account();
        return Explanations.of(
                account,
                Derivation.derive(account, ASOF),
                Derivation.derive(account, Explanations.forecastThrough(ASOF)),
                ASOF,
                Amount.of(theirs));
    }
}
