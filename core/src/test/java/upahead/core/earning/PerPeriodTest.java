package upahead.core.earning;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static upahead.core.ledger.LedgerAssert.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.calendar.PayCalendar;
import upahead.core.earning.PerPeriod.Every;
import upahead.core.earning.PerPeriod.Months;
import upahead.core.earning.PerPeriod.Partial;
import upahead.core.earning.PerPeriod.Per;
import upahead.core.earning.PerPeriod.Posts;
import upahead.core.ledger.Sample;
import upahead.core.quantity.Amount;

class PerPeriodTest {

    @ParameterizedTest
    @CsvSource({
        "BY_DAYS, 5.1613", // 16 of 31 days of January
        "FULL, 10",
        "NONE, 0",
    })
    void aFirstMonthThatIsCoveredInPart(Partial partial, String credited) {
        Sample sample = Sample.of(monthly(Posts.END, partial)).hired("2027-01-16");
        assertThat(sample.account()).on("2027-01-31").holds(credited);
        assertThat(sample.account())
                .on("2027-02-28")
                .hasEarned(Amount.of(credited).plus(Amount.of(10)).toString());
    }

    @ParameterizedTest
    @CsvSource({"BY_DAYS, 5.1613", "FULL, 10", "NONE, 0"})
    void aStartPostingOfAFirstPartialPeriodIsDatedTheDayEarningBegins(Partial partial, String credited) {
        Sample sample = Sample.of(monthly(Posts.START, partial)).hired("2027-01-16");
        assertThat(sample.account()).on("2027-01-15").holds("0");
        assertThat(sample.account()).on("2027-01-16").holds(credited);
        assertThat(sample.account())
                .on("2027-02-01")
                .hasEarned(Amount.of(credited).plus(Amount.of(10)).toString());
    }

    @Test
    void anEndPostingOfALastPartialPeriodIsDatedTheLastDay() {
        Sample sample = Sample.of(monthly(Posts.END, Partial.BY_DAYS))
                .hired("2027-01-01")
                .leaving("2027-02-14");
        assertThat(sample.account()).on("2027-02-13").holds("10");
        assertThat(sample.account()).on("2027-02-14").holds("0").hasEarned("15").hasLapsed("15");
    }

    @ParameterizedTest
    @CsvSource({"BY_DAYS, 5.1613", "FULL, 10", "NONE, 0"})
    void daysInAPauseAreNotCovered(Partial partial, String credited) {
        Sample sample =
                Sample.of(monthly(Posts.END, partial)).hired("2027-01-01").paused("2027-01-17", "2027-02-28");
        assertThat(sample.account()).on("2027-01-31").holds(credited);
        assertThat(sample.account()).on("2027-02-28").holds(credited);
    }

    @Test
    void anAnnualAmountOverThePostingDatesOfTheCalendarAddsUpToExactlyThatAmount() {
        Sample sample =
                Sample.of(perYear(Every.PAY_PERIOD, "100")).hired("2026-12-01").paid(PayCalendar.Every.WEEK);
        assertThat(sample.account()).on("2027-12-31").hasEarned("100");
        assertThat(sample.account()).on("2028-12-31").hasEarned("100");
    }

    @Test
    void aDailyShareIsThatOfTheDaysOfTheYear() {
        Sample sample = Sample.of(perYear(Every.DAY, "36.6")).hired("2027-12-31");
        assertThat(sample.account()).on("2027-12-31").holds("0.1003");
        assertThat(sample.account()).on("2028-01-10").hasEarned("1");
        assertThat(sample.account()).on("2028-12-31").hasEarned("36.6");
    }

    @Test
    void aShareGoesByTheFullTimeEquivalentAveragedOverTheDaysCovered() {
        Sample sample = Sample.of(monthly(Posts.END, Partial.BY_DAYS))
                .hired("2027-01-01")
                .fte("2027-01-22", "0.5");
        assertThat(sample.account()).on("2027-01-31").holds("8.3871");
        assertThat(sample.account()).on("2027-02-28").holds("13.3871");
    }

    @Test
    void aStartPostingKnowsTheFullTimeEquivalentOfLaterDays() {
        Sample sample = Sample.of(monthly(Posts.START, Partial.BY_DAYS))
                .hired("2027-01-01")
                .fte("2027-01-22", "0.5");
        assertThat(sample.account()).on("2027-01-01").holds("8.3871");
    }

    @Test
    void theTenureBandIsThatOfThePostingDate() {
        Sample sample = Sample.of(monthly(Posts.END, Partial.BY_DAYS))
                .hired("2027-01-15")
                .tenure(1, "12");
        assertThat(sample.account()).on("2027-12-31").hasEarned("115.4839");
        assertThat(sample.account()).on("2028-01-31").hasEarned("12");
    }

    @Test
    void aWaitInMonthsIsReckonedFromTheHireDate() {
        Sample sample = Sample.of(monthly(Posts.END, Partial.BY_DAYS))
                .hired("2027-01-31")
                .waitToEarn(1);
        assertThat(sample.account()).on("2027-02-28").holds("0.3571");
        assertThat(sample.account()).on("2027-03-31").holds("10.3571");
    }

    @Test
    void monthsFromHireDoNotDrift() {
        PerPeriod fromHire =
                new PerPeriod(Every.MONTH, Amount.ONE, Per.PERIOD, Posts.START, Months.FROM_HIRE, Partial.BY_DAYS);
        Sample sample = Sample.of(fromHire).hired("2027-08-31");
        assertThat(sample.account()).on("2027-09-29").holds("1");
        assertThat(sample.account()).on("2027-09-30").holds("2");
        assertThat(sample.account()).on("2027-10-30").holds("2");
        assertThat(sample.account()).on("2027-10-31").holds("3");
        assertThat(sample.account()).on("2028-02-29").hasEarned("2");
    }

    @Test
    void anAmountBelowZeroIsRefused() {
        assertThatThrownBy(() -> perYear(Every.MONTH, "-1")).hasMessageContaining("at least 0");
    }

    private static PerPeriod monthly(Posts posts, Partial partial) {
        return new PerPeriod(Every.MONTH, Amount.of(10), Per.PERIOD, posts, Months.CALENDAR, partial);
    }

    private static PerPeriod perYear(Every every, String amount) {
        return new PerPeriod(every, Amount.of(amount), Per.YEAR, Posts.END, Months.CALENDAR, Partial.BY_DAYS);
    }
}
