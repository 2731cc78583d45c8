package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import upahead.core.calendar.DateSpan;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;

class AheadTest {

    @Test
    void aWaitBeforeUseEndsWithWhatIsThereByThen() {
        assertThat(ahead(Sample.monthly("5").waitToUse(60), "2027-02-01", "2027-03-31"))
                .contains(new Upcoming.UseBegins(day("2027-03-05"), Amount.of("9.5161")));
    }

    @Test
    void aLimitIsReachedOnceAndWhatIsWithheldIsSummedForTheYear() {
        assertThat(ahead(Sample.monthly("10").limit(Limit.BALANCE, "35"), "2027-02-01", "2027-07-31"))
                .containsExactly(
                        new Upcoming.LimitReached(day("2027-04-30"), Limit.BALANCE, Amount.of(35)),
                        new Upcoming.Withheld(
                                day("2027-04-30"), Amount.of("34.0323"), Limit.BALANCE, day("2027-07-31")));
    }

    @Test
    void aLimitThatIsFullAlreadyIsNotReachedAgain() {
        assertThat(ahead(Sample.monthly("10").limit(Limit.BALANCE, "35"), "2027-06-01", "2027-07-31"))
                .noneMatch(Upcoming.LimitReached.class::isInstance);
    }

    @Test
    void theYearsEndTellsWhatIsCarriedWhatLapsesAndWhatIsGranted() {
        Sample sample = Sample.grant("40").carry("16", Leftover.LAPSE).carriedUntil("03-31");
        assertThat(ahead(sample, "2027-11-01", "2028-06-30"))
                .containsExactly(
                        new Upcoming.YearEnds(day("2028-01-01"), Amount.of(16)),
                        new Upcoming.Granted(day("2028-01-01"), Amount.of(40)),
                        new Upcoming.Lapses(day("2028-01-01"), Amount.of(24)),
                        new Upcoming.Lapses(day("2028-04-01"), Amount.of(16)));
    }

    @Test
    void aTenureStepAndOtherTermsAreNamedOnTheirDays() {
        Sample sample = Sample.monthly("5").tenure(2, "7").version("2028-07-01", SampleMethods.perMonth("6"));
        assertThat(ahead(sample, "2028-10-01", "2029-02-28"))
                .contains(new Upcoming.TenureStep(day("2029-01-04"), 2, Amount.of(7)));
        assertThat(ahead(sample, "2028-06-01", "2028-08-01")).contains(new Upcoming.TermsChange(day("2028-07-01")));
    }

    @Test
    void whatIsPaidOutOnLeavingIsAhead() {
        Sample sample = Sample.grant("40").carry("0", Leftover.PAY_OUT);
        assertThat(ahead(sample, "2027-12-01", "2028-01-31"))
                .contains(new Upcoming.PaidOut(day("2028-01-01"), Amount.of(40)));
    }

    private static List<Upcoming> ahead(Sample sample, String from, String through) {
        Account account = sample.account();
        return Ahead.of(account, Derivation.derive(account, day(through)), new DateSpan(day(from), day(through)));
    }

    private static LocalDate day(String date) {
        return LocalDate.parse(date);
    }
}
