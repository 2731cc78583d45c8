package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upahead.core.leave.Taken;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;

class RequestCheckTest {

    @Test
    void aRequestWithinTheBalanceIsAffordable() {
        assertThat(check(Sample.grant("40"), "2027-05-03", "16").isAffordable()).isTrue();
    }

    @Test
    void aRequestOverTheBalanceSaysByHowMuchOnWhichDay() {
        assertThat(check(Sample.grant("40").takes("2027-03-01", "30"), "2027-05-03", "16")
                        .problems())
                .containsExactly(new RequestProblem.NotEnough(day("2027-05-03"), Amount.of(6)));
    }

    @Test
    void aRequestMayTakeTheBalanceToWhatMayBeOverdrawn() {
        Sample sample = Sample.grant("10").limit(Limit.OVERDRAW, "4");
        assertThat(check(sample, "2027-05-03", "14").isAffordable()).isTrue();
        assertThat(check(sample, "2027-05-03", "14.5").problems())
                .containsExactly(new RequestProblem.NotEnough(day("2027-05-03"), Amount.of("0.5")));
    }

    @Test
    void aDayBeforeTheWaitEndsIsNamedWithTheDayItEnds() {
        assertThat(check(Sample.grant("40").waitToUse(60), "2027-02-01", "8").problems())
                .containsExactly(new RequestProblem.NotYetUsable(day("2027-02-01"), day("2027-03-05")));
    }

    @Test
    void theUseOfTheYearIsLimited() {
        Sample sample = Sample.grant("100").limit(Limit.USED_PER_YEAR, "24").takes("2027-02-01", "20");
        assertThat(check(sample, "2027-05-03", "8").problems())
                .containsExactly(new RequestProblem.OverUsedPerYear(day("2027-05-03"), Amount.of(24), Amount.of(4)));
    }

    @Test
    void laterApprovedLeaveThatWouldBecomeShortIsNamed() {
        Sample sample = Sample.grant("40").takes("2027-08-02", "32");
        assertThat(check(sample, "2027-05-03", "16").problems())
                .containsExactly(new RequestProblem.LaterLeaveShort(day("2027-08-02"), Amount.of(8)));
    }

    @Test
    void laterLeaveThatWasShortAlreadyIsNotBlamedOnTheRequest() {
        Sample sample = Sample.grant("40").takes("2027-08-02", "48");
        assertThat(check(sample, "2027-05-03", "16").isAffordable()).isTrue();
    }

    @Test
    void aDayAfterLeavingIsNotCovered() {
        assertThat(check(Sample.grant("40").leaving("2027-04-30"), "2027-05-03", "8")
                        .problems())
                .containsExactly(new RequestProblem.NotCovered(day("2027-05-03")));
    }

    @Test
    void theLargestAffordablePartKeepsTheFirstDaysAndAPartOfTheNext() {
        Account account = Sample.grant("30").takes("2027-08-02", "11").account();
        List<Taken> asked = List.of(taken("2027-05-03", "8"), taken("2027-05-04", "8"), taken("2027-05-05", "8"));
        assertThat(RequestCheck.largestAffordable(account, asked, Optional.of(Amount.ONE)))
                .containsExactly(taken("2027-05-03", "8"), taken("2027-05-04", "8"), taken("2027-05-05", "3"));
        assertThat(RequestCheck.largestAffordable(account, asked, Optional.empty()))
                .containsExactly(taken("2027-05-03", "8"), taken("2027-05-04", "8"));
    }

    @Test
    void daysBeforeTheWaitEndsAreLeftOutOfTheLargestPart() {
        Account account = Sample.grant("40").waitToUse(60).account();
        assertThat(RequestCheck.largestAffordable(
                        account, List.of(taken("2027-03-04", "8"), taken("2027-03-05", "8")), Optional.of(Amount.ONE)))
                .containsExactly(taken("2027-03-05", "8"));
    }

    @Test
    void whatCanBeAskedForLeavesLaterApprovedLeaveCovered() {
        assertThat(askable(Sample.grant("120").takes("2027-08-02", "32"), "2027-05-03"))
                .isEqualTo(Amount.of(88));
        assertThat(askable(Sample.grant("120"), "2027-05-03")).isEqualTo(Amount.of(120));
        assertThat(askable(Sample.monthly("4").hired("2027-01-01").takes("2027-08-02", "12"), "2027-05-03"))
                .isEqualTo(Amount.of(16));
        assertThat(askable(Sample.monthly("4").hired("2027-01-01").takes("2027-06-02", "12"), "2027-05-03"))
                .isEqualTo(Amount.of(8));
    }

    @Test
    void whatCanBeAskedForMindsTheUseOfTheYearAndRoomUnderALimit() {
        Sample yearly = Sample.grant("100").limit(Limit.USED_PER_YEAR, "24").takes("2027-08-02", "20");
        assertThat(askable(yearly, "2027-05-03")).isEqualTo(Amount.of(4));
        Sample limited = Sample.monthly("8")
                .hired("2027-01-01")
                .limit(Limit.BALANCE, "24")
                .takes("2027-06-01", "20");
        assertThat(askable(limited, "2027-05-03")).isEqualTo(Amount.of(12));
    }

    @Test
    void whatIsShortLaterAlreadyTakesNothingAway() {
        assertThat(askable(Sample.grant("40").takes("2027-08-02", "48"), "2027-05-03"))
                .isEqualTo(Amount.of(40));
    }

    private static Amount askable(Sample sample, String on) {
        Account account = sample.account();
        return Askable.on(account, day(on), Derivation.derive(account, day(on)).available(day(on)));
    }

    private static Taken taken(String on, String amount) {
        return new Taken(day(on), Amount.of(amount));
    }

    private static RequestCheck check(Sample sample, String on, String amount) {
        return RequestCheck.of(sample.account(), List.of(new Taken(day(on), Amount.of(amount))));
    }

    private static LocalDate day(String date) {
        return LocalDate.parse(date);
    }
}
