package upahead.core.earning;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static upahead.core.ledger.LedgerAssert.assertThat;

import java.time.MonthDay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.calendar.BenefitYear;
import upahead.core.earning.Upfront.FirstYear;
import upahead.core.ledger.Sample;
import upahead.core.quantity.Amount;

class UpfrontTest {

    @ParameterizedTest
    @CsvSource({
        "FULL, 2027-04-15, 24",
        "BY_DAYS, 2027-07-02, 12.0329", // 183 of 365 days
        "BY_MONTHS, 2027-04-15, 18", // nine months begun
        "BY_MONTHS, 2027-12-31, 2",
        "BY_MONTHS, 2027-01-31, 24", // eleven months end on 31 December, the twelfth begins there
        "BY_DAYS, 2027-01-01, 24",
    })
    void thePartOfAFirstYear(FirstYear firstYear, String hired, String granted) {
        Sample sample = grant(firstYear).hired(hired);
        assertThat(sample.account()).on(hired).holds(granted);
        assertThat(sample.account()).on("2027-12-31").hasEarned(granted);
        assertThat(sample.account()).on("2028-01-01").hasEarned("24");
    }

    @Test
    void afterAWaitTheFirstPartIsGrantedOnTheDayEarningBegins() {
        Sample sample = grant(FirstYear.BY_MONTHS).hired("2027-03-10").waitToEarn(3);
        assertThat(sample.account()).on("2027-06-09").holds("0");
        assertThat(sample.account()).on("2027-06-10").holds("14");
    }

    @Test
    void aWaitOverTheYearsEndLeavesNothingForTheYearOfHire() {
        Sample sample = grant(FirstYear.FULL).hired("2027-11-20").waitToEarn(2);
        assertThat(sample.account()).on("2028-01-19").holds("0");
        assertThat(sample.account()).on("2028-01-20").holds("24");
        assertThat(sample.account()).on("2029-01-01").hasEarned("24");
    }

    @Test
    void aYearFromTheHireAnniversaryIsGrantedWholeOnTheHireDate() {
        Sample sample = grant(FirstYear.BY_DAYS).hired("2024-02-29").benefitYear(new BenefitYear.HireAnniversary());
        assertThat(sample.account()).on("2024-02-29").holds("24");
        assertThat(sample.account()).on("2025-02-27").holds("24");
        assertThat(sample.account()).on("2025-02-28").holds("48");
        assertThat(sample.account()).on("2028-02-29").holds("120");
    }

    @Test
    void aBenefitYearThatBeginsInTheMiddleOfTheCalendarYear() {
        Sample sample =
                grant(FirstYear.FULL).hired("2027-02-01").benefitYear(new BenefitYear.StartsOn(MonthDay.of(7, 1)));
        assertThat(sample.account()).on("2027-06-30").hasEarned("24");
        assertThat(sample.account()).on("2027-07-01").holds("48").hasEarned("24");
    }

    @Test
    void theTenureBandAndTheFullTimeEquivalentAreThoseOfTheDay() {
        Sample sample =
                grant(FirstYear.FULL).hired("2027-01-01").tenure(1, "30").fte("2027-06-01", "0.5");
        assertThat(sample.account()).on("2027-01-01").holds("24");
        assertThat(sample.account()).on("2028-01-01").hasEarned("15");
    }

    @Test
    void aPauseDoesNotTouchAGrant() {
        Sample sample = grant(FirstYear.FULL).hired("2027-01-01").paused("2027-12-01", "2028-02-28");
        assertThat(sample.account()).on("2028-01-01").hasEarned("24");
    }

    @Test
    void nothingIsGrantedAfterTheLastDay() {
        Sample sample = grant(FirstYear.FULL).hired("2027-01-01").leaving("2027-12-31");
        assertThat(sample.account()).on("2028-01-01").holds("0").hasEarned("0");
    }

    @Test
    void anAmountBelowZeroIsRefused() {
        assertThatThrownBy(() -> new Upfront(Amount.of("-0.5"), FirstYear.FULL)).hasMessageContaining("at least 0");
    }

    private static Sample grant(FirstYear firstYear) {
        return Sample.of(new Upfront(Amount.of(24), firstYear));
    }
}
