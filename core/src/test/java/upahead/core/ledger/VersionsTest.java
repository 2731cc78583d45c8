package upahead.core.ledger;

import static upahead.core.ledger.LedgerAssert.assertThat;

import org.junit.jupiter.api.Test;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;

/** Policies that change in the middle of a year, and what a year's end does. */
class VersionsTest {

    @Test
    void theVersionInForceOnAPostingDateDecidesTheWholeShare() {
        Sample sample = Sample.monthly("10").hired("2027-01-01").version("2027-03-20", SampleMethods.perMonth("20"));
        assertThat(sample.account()).on("2027-02-28").holds("20");
        assertThat(sample.account()).on("2027-03-31").holds("40");
    }

    @Test
    void aVersionThatEndsEarningLeavesWhatWasEarned() {
        Sample sample = Sample.monthly("10").hired("2027-01-01").version("2027-04-01", new NoEarning());
        assertThat(sample.account()).on("2027-12-31").holds("30").hasEarned("30");
    }

    @Test
    void hoursGoOverFromOneVersionToTheNext() {
        PerHoursWorked more = new PerHoursWorked(
                Amount.of(2),
                Amount.of(10),
                true,
                PerHoursWorked.STANDARD_KINDS,
                false,
                false,
                PerHoursWorked.Posts.PAY_PERIOD_END);
        Sample sample = Sample.perHours("1", "10")
                .version("2027-01-18", more)
                .works("2027-01-05", "18")
                .works("2027-01-19", "15");
        assertThat(sample.account()).on("2027-01-17").holds("1.8");
        assertThat(sample.account()).on("2027-01-31").holds("5.8");
    }

    @Test
    void fromGrantsToSharesInTheMiddleOfAYear() {
        Sample sample = Sample.grant("24").hired("2027-01-01").version("2027-07-01", SampleMethods.perMonth("2"));
        assertThat(sample.account()).on("2027-06-30").holds("24");
        assertThat(sample.account()).on("2027-12-31").hasEarned("36");
        assertThat(sample.account()).on("2028-01-31").hasEarned("2");
    }

    @Test
    void peopleWhoStartUnderAVersionWithGrantsGetTheirFirstPart() {
        Sample sample = Sample.monthly("2")
                .hired("2027-09-01")
                .version("2027-03-01", new Upfront(Amount.of(30), Upfront.FirstYear.BY_MONTHS));
        assertThat(sample.account()).on("2027-09-01").holds("10");
    }

    @Test
    void theRoundingTotalGoesOnAcrossVersions() {
        Sample sample = Sample.monthly("1.3")
                .hired("2027-01-01")
                .rounded("0.5", Rounding.Mode.HALF_UP)
                .version("2027-02-01", SampleMethods.perMonth("1.4"));
        assertThat(sample.account()).on("2027-01-31").holds("1.5");
        assertThat(sample.account()).on("2027-02-28").holds("2.5");
        assertThat(sample.account()).on("2027-03-31").holds("4");
    }

    @Test
    void carriedTimeLapsesTheDayAfterItsLastUsableOne() {
        Sample sample = Sample.grant("40").carry("15", Leftover.LAPSE).carriedUntil("03-31");
        assertThat(sample.account()).on("2028-01-01").holds("55").hasLapsed("25");
        assertThat(sample.account()).on("2028-03-31").holds("55");
        assertThat(sample.account()).on("2028-04-01").holds("40").hasLapsed("40");
    }

    @Test
    void carriedTimeIsUsedBeforeTheNewYears() {
        Sample sample = Sample.grant("40")
                .carry("15", Leftover.LAPSE)
                .carriedUntil("03-31")
                .takes("2028-02-01", "12");
        assertThat(sample.account()).on("2028-04-01").holds("40").hasLapsed("28");
    }

    @Test
    void whatIsWithheldAtALimitDoesNotComeBackWithRoom() {
        Sample sample = Sample.monthly("10")
                .hired("2027-01-01")
                .limit(Limit.BALANCE, "25")
                .takes("2027-04-15", "20");
        assertThat(sample.account()).on("2027-03-31").holds("25").hasWithheld("5");
        assertThat(sample.account()).on("2027-04-30").holds("15").hasWithheld("5");
    }

    @Test
    void openingsAndAdjustmentsAreNeverLimited() {
        Sample sample = Sample.monthly("10").limit(Limit.BALANCE, "25").opens("2027-02-01", "60");
        assertThat(sample.account()).on("2027-02-28").holds("60").hasWithheld("10");
        assertThat(Sample.awardsOnly()
                        .limit(Limit.BALANCE, "5")
                        .adjusted("2027-02-01", "9")
                        .account())
                .on("2027-02-01")
                .holds("9");
    }

    @Test
    void whatIsAvailableMindsTheYearsUseAndTheOverdraw() {
        Sample sample = Sample.grant("40")
                .limit(Limit.USED_PER_YEAR, "30")
                .limit(Limit.OVERDRAW, "6")
                .takes("2027-03-01", "18");
        assertThat(sample.account()).on("2027-02-28").hasAvailable("30");
        assertThat(sample.account()).on("2027-03-01").hasAvailable("12");
        assertThat(sample.account()).on("2028-01-01").hasAvailable("30");
        assertThat(Sample.grant("4")
                        .limit(Limit.OVERDRAW, "6")
                        .takes("2027-03-01", "7")
                        .account())
                .on("2027-03-01")
                .hasAvailable("3");
    }

    @Test
    void nothingIsAvailableAfterLeaving() {
        Sample sample = Sample.grant("40").leaving("2027-05-31").adjusted("2027-06-10", "3");
        assertThat(sample.account()).on("2027-06-10").holds("3").hasAvailable("0");
    }

    @Test
    void everyPeriodOfACalendarPostsOnce() {
        PerPeriod everyPeriod = new PerPeriod(
                PerPeriod.Every.PAY_PERIOD,
                Amount.ONE,
                PerPeriod.Per.PERIOD,
                PerPeriod.Posts.END,
                PerPeriod.Months.CALENDAR,
                PerPeriod.Partial.BY_DAYS);
        assertThat(Sample.of(everyPeriod).account()).on("2027-12-31").holds("25");
    }
}
