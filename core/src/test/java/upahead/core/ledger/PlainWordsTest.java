package upahead.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;

/** What each kind of line says of itself. */
class PlainWordsTest {

    private static final LocalDate END = LocalDate.of(2028, 4, 30);

    @Test
    void aPartOfAFirstYear() {
        Sample sample = Sample.of(new Upfront(Amount.of(24), Upfront.FirstYear.BY_MONTHS))
                .hired("2027-04-15");
        assertThat(first(sample))
                .isEqualTo("Granted for the benefit year 1 Jan to 31 Dec 2027, 24 for 9 of 12 months: 18");
    }

    @Test
    void aGrantScaledByTheFullTimeEquivalent() {
        Sample sample = Sample.of(new Upfront(Amount.of(24), Upfront.FirstYear.FULL))
                .hired("2027-01-01")
                .fte("2027-01-01", "0.8");
        assertThat(first(sample)).isEqualTo("Granted for the benefit year 1 Jan to 31 Dec 2027, 24 at 0.8 FTE: 19.2");
    }

    @Test
    void aShareOfAYearThatIsCoveredInPart() {
        Sample sample = Sample.of(new PerPeriod(
                        PerPeriod.Every.MONTH,
                        Amount.of(30),
                        PerPeriod.Per.YEAR,
                        PerPeriod.Posts.END,
                        PerPeriod.Months.CALENDAR,
                        PerPeriod.Partial.BY_DAYS))
                .hired("2027-04-16");
        assertThat(first(sample))
                .isEqualTo("For 1 Apr to 30 Apr 2027, 30 a year over 12 periods, for 15 of 30 days: 1.25");
    }

    @Test
    void aDay() {
        Sample sample = Sample.of(new PerPeriod(
                PerPeriod.Every.DAY,
                Amount.of("0.25"),
                PerPeriod.Per.PERIOD,
                PerPeriod.Posts.END,
                PerPeriod.Months.CALENDAR,
                PerPeriod.Partial.BY_DAYS));
        assertThat(first(sample)).isEqualTo("For 4 Jan 2027, 0.25: 0.25");
    }

    @Test
    void wholeStepsSayWhatWasLeftOverBefore() {
        Sample sample = Sample.of(new PerHoursWorked(
                        Amount.ONE,
                        Amount.of(40),
                        true,
                        PerHoursWorked.STANDARD_KINDS,
                        false,
                        false,
                        PerHoursWorked.Posts.PAY_PERIOD_END))
                .works("2027-01-05", "36")
                .works("2027-01-19", "10");
        assertThat(first(sample))
                .isEqualTo("10 hours counted in 18 Jan to 31 Jan 2027, 1 for every 40 whole hours (36 before them): 1");
    }

    @Test
    void anOpeningBalanceAnAdjustmentAndLeave() {
        Sample sample = Sample.awardsOnly()
                .opens("2027-02-01", "12")
                .adjusted("2027-02-02", "2")
                .takes("2027-02-03", "8");
        assertThat(Derivation.derive(sample.account(), END).lines().stream().map(PlainWords::why))
                .containsExactly(
                        "Opening balance, with 0 already earned and 0 already used this benefit year",
                        "Adjusted: test",
                        "Leave taken");
    }

    @Test
    void timeThatLapsesSaysWhenItCouldBeUsed() {
        Sample sample = Sample.awardsOnly().creditsUsableFor(30).adjusted("2027-02-01", "2");
        assertThat(last(sample)).isEqualTo("Credited on 1 Feb 2027 and usable until 2 Mar 2027");
    }

    @Test
    void aYearsEndSaysWhatIsCarriedOver() {
        Sample some = Sample.awardsOnly().adjusted("2027-02-01", "20").carry("8", Leftover.LAPSE);
        assertThat(last(some)).isEqualTo("Up to 8 are carried over at the year's end; 20 were held");
        Sample none = Sample.awardsOnly().adjusted("2027-02-01", "20").carry("0", Leftover.PAY_OUT);
        assertThat(last(none)).isEqualTo("Nothing is carried over at the year's end; 20 were held");
    }

    @Test
    void whatIsLeftOnLeavingOrWhenAnEnrolmentEnds() {
        Sample leaver = Sample.awardsOnly().adjusted("2027-02-01", "20").leaving("2027-06-30");
        assertThat(last(leaver)).isEqualTo("What was left on the last day of employment");
        Sample ended = Sample.awardsOnly().adjusted("2027-02-01", "20").enrolledUntil("2027-06-30", EndBalance.LAPSE);
        assertThat(last(ended)).isEqualTo("What was left when the enrolment ended");
    }

    @Test
    void theYearlyLimitIsNamedWhereItIsTheNearer() {
        Sample sample = Sample.monthly("10")
                .hired("2027-01-01")
                .limit(Limit.BALANCE, "50")
                .limit(Limit.EARNED_PER_YEAR, "15");
        assertThat(PlainWords.why(Derivation.derive(sample.account(), LocalDate.of(2027, 2, 28))
                        .lines()
                        .get(1)))
                .isEqualTo(
                        "For 1 Feb to 28 Feb 2027, 10: 10; room under the yearly earning limit of 15: 5; withheld 5");
    }

    private static String first(Sample sample) {
        return PlainWords.why(Derivation.derive(sample.account(), END).lines().get(0));
    }

    private static String last(Sample sample) {
        var lines = Derivation.derive(sample.account(), END).lines();
        return PlainWords.why(lines.get(lines.size() - 1));
    }
}
