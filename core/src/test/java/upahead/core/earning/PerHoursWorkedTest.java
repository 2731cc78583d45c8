package upahead.core.earning;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static upahead.core.ledger.LedgerAssert.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import upahead.core.earning.PerHoursWorked.Posts;
import upahead.core.ledger.Sample;
import upahead.core.quantity.Amount;

/** Hired on Monday, 4 January 2027, with fortnights from that day, unless said otherwise. */
class PerHoursWorkedTest {

    @Test
    void hoursPostWhenThePayPeriodEnds() {
        Sample sample = Sample.perHours("1", "10").works("2027-01-05", "8").works("2027-01-15", "7");
        assertThat(sample.account()).on("2027-01-16").holds("0");
        assertThat(sample.account()).on("2027-01-17").holds("1.5");
    }

    @Test
    void orEachDayWhereThePolicySaysSo() {
        Sample sample = Sample.of(method(false, false, false, Posts.DAY))
                .works("2027-01-05", "8")
                .works("2027-01-15", "7");
        assertThat(sample.account()).on("2027-01-05").holds("0.8");
        assertThat(sample.account()).on("2027-01-15").holds("1.5");
    }

    @Test
    void leftOverHoursOfWholeStepsAreNeverLost() {
        Sample sample = Sample.of(method(true, false, false, Posts.PAY_PERIOD_END))
                .works("2027-01-05", "9")
                .works("2027-01-19", "9")
                .works("2027-02-02", "2.5");
        assertThat(sample.account()).on("2027-01-17").holds("0");
        assertThat(sample.account()).on("2027-01-31").holds("1");
        assertThat(sample.account()).on("2027-02-14").holds("2");
    }

    @Test
    void kindsThatDoNotCountAreLeftOut() {
        Sample sample = Sample.of(new PerHoursWorked(
                        Amount.ONE, Amount.of(10), false, Set.of("overtime"), false, false, Posts.PAY_PERIOD_END))
                .works("2027-01-05", "30");
        assertThat(sample.account()).on("2027-01-17").holds("0");
    }

    @Test
    void paidLeaveAndHolidaysCountWhereThePolicySaysSo() {
        Sample counted = Sample.of(method(false, true, true, Posts.PAY_PERIOD_END))
                .holiday("2027-01-06")
                .paidLeave("2027-01-07", "4")
                .works("2027-01-05", "8");
        assertThat(counted.account()).on("2027-01-17").holds("2");
        Sample uncounted = Sample.of(method(false, false, false, Posts.PAY_PERIOD_END))
                .holiday("2027-01-06")
                .paidLeave("2027-01-07", "4")
                .works("2027-01-05", "8");
        assertThat(uncounted.account()).on("2027-01-17").holds("0.8");
    }

    @Test
    void hoursCountInTheBenefitYearInWhichTheyAreWorked() {
        Sample sample = Sample.perHours("1", "10").works("2027-12-31", "8").works("2028-01-01", "6");
        assertThat(sample.account()).on("2027-12-31").hasEarned("0.8");
        assertThat(sample.account()).on("2028-01-02").hasEarned("0.6").holds("1.4");
    }

    @Test
    void theHoursUpToTheLastDayPostOnIt() {
        Sample sample = Sample.perHours("1", "10")
                .leaving("2027-01-13")
                .works("2027-01-12", "8")
                .works("2027-01-14", "8");
        assertThat(sample.account()).on("2027-01-13").hasEarned("0.8").hasLapsed("0.8");
        assertThat(sample.account()).on("2027-01-31").hasEarned("0.8");
    }

    @Test
    void onlyHoursFromTheDayEarningBeginsOnCount() {
        Sample sample = Sample.perHours("1", "10")
                .waitToEarn(1)
                .works("2027-02-03", "8")
                .works("2027-02-04", "8");
        assertThat(sample.account()).on("2027-02-14").holds("0.8");
    }

    @Test
    void hoursBeforeAnOpeningBalanceDoNotCount() {
        Sample sample = Sample.perHours("1", "10")
                .opens("2027-01-12", "5")
                .works("2027-01-11", "8")
                .works("2027-01-12", "8");
        assertThat(sample.account()).on("2027-01-17").holds("5.8");
    }

    @Test
    void moreIsEarnedWithTenure() {
        Sample sample = Sample.perHours("1", "10")
                .tenure(1, "2")
                .works("2027-12-20", "10")
                .works("2028-01-05", "10");
        assertThat(sample.account()).on("2027-12-31").hasEarned("1");
        assertThat(sample.account()).on("2028-01-16").hasEarned("2");
    }

    @Test
    void aStepOfNoHoursIsRefused() {
        assertThatThrownBy(() -> new PerHoursWorked(Amount.ONE, Amount.ZERO, false, Set.of(), false, false, Posts.DAY))
                .hasMessageContaining("above 0");
    }

    private static PerHoursWorked method(boolean wholeSteps, boolean leave, boolean holidays, Posts posts) {
        return new PerHoursWorked(
                Amount.ONE, Amount.of(10), wholeSteps, PerHoursWorked.STANDARD_KINDS, leave, holidays, posts);
    }
}
