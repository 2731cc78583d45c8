package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;

/**
 * A whole pay-run day: from punches with three unfinished days to the closed run, what payroll takes of it and the
 * statement; hours of two periods before are corrected in it, and extra hours become time that is used in the next one.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@ExtendWith(StepByStep.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PayRunDayTest {

    private static final String RUN = "/pay-runs/15";

    private Path folder;
    private Program program;
    private Browser browser;

    @BeforeAll
    void open(@TempDir Path temporary) {
        folder = temporary;
        program = Program.withDemoData(folder);
        browser = new Browser(program.address());
        browser.signInAndEnter("teodric", "walled-garden");
    }

    @AfterAll
    void close() {
        browser.close();
        program.close();
    }

    @Test
    @Order(1)
    void hoursOfTwoPeriodsBeforeAreCorrected() {
        browser.go("/hours/27?on=2027-03-17");
        browser.sees("[data-period]", "Mon 15 Mar to Sun 28 Mar, closed");
        browser.type("[data-reason]", "Stayed for the late watering");
        browser.type("[data-line='2027-03-17']", "10h");
        browser.pressOn("[data-line='2027-03-17']", Keys.ENTER);
        browser.sees("Stored. The period is closed: the next run corrects what it posted.");
    }

    @Test
    @Order(2)
    void whatBlocksTheRunIsSettledOnItsPage() throws IOException {
        browser.go(RUN);
        browser.sees("Gathering");
        DemoRun.settle(browser, folder);
        browser.type("[aria-label='Search the worksheet']", "Kerensa");
        browser.clickOn("tr[data-person^=Kerensa][data-policy='Hourly leave'] [data-row]");
        browser.sees("[data-sort=CORRECTION]", "Correction for 28 Mar 2027");
        browser.sees("[role=dialog]", "Stayed for the late watering");
        browser.click("The ledger");
        browser.sees("[role=dialog]", "Opening balance");
        browser.click("Back to the run’s figures");
        browser.sees("[role=dialog]", "Stayed for the late watering");
        browser.click("Close");
        browser.type("[aria-label='Search the worksheet']", "");
    }

    @Test
    @Order(3)
    void payIsADayEarlierBecauseOfABankHoliday() {
        browser.sees("[data-pay-date]", "Paid on 30 April 2027");
        browser.click("Change the pay date");
        browser.type("[name=pay-date]", "29.4.2072");
        browser.click("Keep");
        browser.sees("cannot be on");
        browser.type("[name=pay-date]", "29 apr");
        browser.click("Keep");
        browser.sees("[data-pay-date]", "Paid on 29 April 2027");
    }

    @Test
    @Order(4)
    void extraHoursBecomeTimeInLieuAtThePolicysRate() {
        browser.click("Time in lieu");
        browser.type("[aria-label='Search extra hours']", "Merrin");
        browser.clickOn("[aria-label='Choose Merrin Umberleigh, overtime']");
        browser.sees("[data-extra]", "2.25");
        browser.type("[aria-label='Hours of Merrin Umberleigh, overtime']", "2");
        browser.click("Put 1 into time in lieu");
        browser.sees("Merrin Umberleigh has 1.5 overtime hours left in this run, not 2.");
        browser.type("[aria-label='Hours of Merrin Umberleigh, overtime']", "1,5");
        browser.click("Put 1 into time in lieu");
        browser.sees("[data-extra]", "1.5 hours became 2.25 of Time in lieu, usable until");
        browser.click("Close");
        browser.waitUntilGone("[role=dialog]");
    }

    @Test
    @Order(5)
    void aCautionIsAcceptedAndWhatChangesAfterTheCheckIsNamed() {
        browser.clickOn("[data-caution=AT_A_LIMIT] button:last-of-type");
        browser.type("[name=note]", "she was told");
        browser.click("Accept");
        browser.waitUntilGone("[data-caution=AT_A_LIMIT]");
        browser.sees("1 caution accepted");
        CheckedRun.with(browser, "all of it is known");
        browser.type("[aria-label='Search the worksheet']", "Kerensa");
        browser.clickOn("tr[data-person^=Kerensa][data-policy='Hourly leave'] [data-row]");
        browser.click("The time card");
        browser.type("[data-line='2027-04-14']", "7h");
        browser.pressOn("[data-line='2027-04-14']", Keys.ENTER);
        browser.sees("[data-sums]", "79 h");
        browser.click("Close");
        browser.sees("Changed on");
        browser.sees("regular hours 79 hours, was 80 hours");
        CheckedRun.withoutCautions(browser);
    }

    @Test
    @Order(6)
    void theRunIsClosedAndPayrollTakesEachRowOnce() {
        browser.click("Close this run");
        browser.sees("are frozen and never change again.");
        browser.click("Close the run");
        browser.sees("What was frozen");
        browser.click("Deliver to payroll");
        browser.sees("[data-delivery]", "there is no code OVT");
        browser.click("Layout");
        browser.type("[aria-label='Payroll’s code for OVT']", "1200");
        browser.sees("[data-tried]", "person,name,code");
        browser.click("Save the layout");
        browser.sees("Saved. Files of this pay group are written in it.");
        browser.go(RUN);
        browser.click("Deliver all again");
        browser.sees("[data-delivery]", "Every row was taken or settled.");
        browser.go("/payroll-inbox");
        browser.type("[aria-label='Search the inbox']", "1200");
        browser.sees("overtime hours");
        browser.go("/proof");
        browser.sees("[data-proof]", "Posted is derived, for everybody and every date.");
    }

    @Test
    @Order(7)
    void everybodyHasAStatement() {
        try (Browser kerensa = new Browser(program.address())) {
            kerensa.signInAndEnter("kerensa", "walled-garden");
            kerensa.go("/my-time/statements");
            kerensa.sees("Mon 12 Apr to Sun 25 Apr");
            assertThat(kerensa.downloaded("PDF"))
                    .content(StandardCharsets.ISO_8859_1)
                    .startsWith("%PDF");
        }
    }

    @Test
    @Order(8)
    void theTimeIsUsedInTheNextRun() {
        browser.go("/pay-runs");
        browser.clickOnRow("Mon 26 Apr to");
        browser.press(Keys.chord(Keys.CONTROL, "k"));
        browser.type("[aria-label='Go to'] input", "lieu merrin 28 apr");
        browser.sees("Time in lieu for Merrin Umberleigh");
        browser.press(Keys.ENTER);
        browser.sees("Enter leave of Merrin Umberleigh");
        browser.choose("[name=part]", "hours");
        browser.type("[name=hours]", "2");
        browser.sees("costs 2 hours");
        browser.clickOn("[role=dialog] form button");
        browser.sees("Time in lieu of Merrin Umberleigh is entered");
        browser.type("[aria-label='Search the worksheet']", "Merrin");
        browser.clickOn("tr[data-person^=Merrin][data-policy='Time in lieu'] [data-row]");
        browser.sees("[role=dialog]", "Taken");
    }
}
