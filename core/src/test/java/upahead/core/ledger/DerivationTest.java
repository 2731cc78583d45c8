package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static upahead.core.ledger.LedgerAssert.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import upahead.core.earning.Upfront;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;

class DerivationTest {

    @Test
    void aDebtIsRepaidByTheNextCreditsBeforeTheyFormALot() {
        Account account = Sample.awardsOnly()
                .creditsUsableFor(30)
                .takes("2027-02-01", "5")
                .adjusted("2027-02-10", "8")
                .account();
        assertThat(account).on("2027-02-01").holds("-5");
        assertThat(account).on("2027-03-11").holds("3");
        assertThat(account).on("2027-03-12").holds("0").hasLapsed("3");
    }

    @Test
    void leaveOutsideTheEmploymentCountsForNothing() {
        Account account = Sample.grant("40")
                .leaving("2027-03-31")
                .takes("2026-12-30", "8")
                .takes("2027-03-30", "8")
                .takes("2027-04-01", "8")
                .account();
        assertThat(account).on("2027-03-30").holds("32");
        assertThat(account).on("2027-12-31").holds("0").hasLapsed("32");
    }

    @Test
    void anAdjustmentAfterLeavingStillCounts() {
        Account account = Sample.grant("40")
                .leaving("2027-03-31")
                .adjusted("2027-04-15", "-6")
                .account();
        assertThat(account).on("2027-04-15").holds("-6");
    }

    @Test
    void whatIsLeftWhenAnEnrolmentEndsGoesAsDecided() {
        Sample sample = Sample.monthly("10").enrolledUntil("2027-03-31", EndBalance.PAY_OUT);
        assertThat(sample.account()).on("2027-04-30").holds("0").hasPaidOut("29.0323");
    }

    @Test
    void anExcessAtTheYearsEndIsPaidOutWhereThePolicySaysSo() {
        Account account = Sample.grant("40").carry("15", Leftover.PAY_OUT).account();
        assertThat(account).on("2028-01-01").holds("55").hasPaidOut("25").hasLapsed("0");
    }

    @Test
    void aBalanceBelowZeroIsCarriedOverWhole() {
        Account account = Sample.grant("10")
                .carry("0", Leftover.LAPSE)
                .takes("2027-05-03", "16")
                .account();
        assertThat(account).on("2027-12-31").holds("-6");
        assertThat(account).on("2028-01-01").holds("4").hasEarned("10");
    }

    @Test
    void theNearerOfTwoLimitsCounts() {
        Account account = Sample.monthly("10")
                .limit(Limit.BALANCE, "24")
                .limit(Limit.EARNED_PER_YEAR, "15")
                .account();
        assertThat(account).on("2027-02-28").holds("15").hasWithheld("4.0323");
        assertThat(account).on("2028-01-31").holds("24").hasEarned("9").hasWithheld("1");
    }

    @Test
    void nothingHappensBeforeTheFirstVersion() {
        Account account = Sample.monthly("10")
                .onlyFrom("2027-03-01")
                .takes("2027-02-01", "8")
                .account();
        assertThat(account).on("2027-02-28").holds("0").hasAvailable("0");
        assertThat(account).on("2027-03-31").holds("10");
    }

    @Test
    void aVersionThatBringsGrantsGrantsFromTheNextBenefitYearOn() {
        Account account = Sample.monthly("2")
                .version("2027-03-01", new Upfront(Amount.of(30), Upfront.FirstYear.FULL))
                .account();
        assertThat(account).on("2027-12-31").holds("3.8065");
        assertThat(account).on("2028-01-01").holds("33.8065").hasEarned("30");
    }

    @Test
    void theLatestOpeningBalanceIsWhereTheLedgerBegins() {
        Account account = Sample.monthly("10")
                .opens("2027-02-15", "3")
                .opens("2027-06-01", "12")
                .takes("2027-05-05", "8")
                .adjusted("2027-06-01", "1.5")
                .account();
        assertThat(account).on("2027-05-31").holds("0");
        assertThat(account).on("2027-06-01").holds("13.5");
        assertThat(account).on("2027-06-30").holds("23.5").hasEarned("10");
    }

    @Test
    void twoOpeningBalancesOfOneDateAreRefused() {
        Sample sample = Sample.monthly("10").opens("2027-02-15", "3").opens("2027-02-15", "4");
        assertThatThrownBy(sample::account).hasMessageContaining("two opening balances");
    }

    @Test
    void theDayOfAWaitsEndIsTheFirstOnWhichTimeCanBeUsed() {
        Account account = Sample.grant("40").waitToUse(89).account();
        assertThat(account).on("2027-04-02").hasAvailable("0");
        assertThat(account).on("2027-04-03").hasAvailable("40");
    }

    @Test
    void everyLineSaysWhyInOneSentence() {
        Account account = Sample.perHours("1", "35")
                .limit(Limit.BALANCE, "2.5")
                .works("2027-01-05", "76")
                .works("2027-01-19", "30")
                .account();
        assertThat(Derivation.derive(account, LocalDate.of(2027, 1, 31)).lines().stream()
                        .map(PlainWords::why))
                .containsExactly(
                        "76 hours counted in 4 Jan to 17 Jan 2027, 1 for every 35: 2.1714",
                        "30 hours counted in 18 Jan to 31 Jan 2027, 1 for every 35: 0.8572; "
                                + "room under the balance limit of 2.5: 0.3286; withheld 0.5286");
    }
}
