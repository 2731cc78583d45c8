package upahead.browser;

import java.io.IOException;
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
 * What changes after a close: hours, approved leave, a hire date, a policy from a past date, a balance. Each comes back,
 * explained, in the next run; the run is closed, undone and closed again, and the proof holds.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@ExtendWith(StepByStep.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class LateFactsTest {

    private static final String PASSWORD = "walled-garden";

    private Path folder;
    private Program program;
    private Browser browser;

    @BeforeAll
    void open(@TempDir Path temporary) {
        folder = temporary;
        program = Program.withDemoData(folder);
        browser = new Browser(program.address());
        browser.signInAndEnter("teodric", PASSWORD);
    }

    @AfterAll
    void close() {
        browser.close();
        program.close();
    }

    @Test
    @Order(1)
    void hoursAreCorrectedAfterTheClose() {
        browser.go("/people/46");
        browser.click("Time card");
        browser.sees("Hours of Delphine Mossgrave");
        browser.click("‹ Period before");
        browser.sees("[data-period]", "Mon 12 Apr to Sun 25 Apr");
        browser.click("‹ Period before");
        browser.sees("[data-period]", "Mon 29 Mar to Sun 11 Apr, closed");
        browser.sees("This period is closed.");
        browser.type("[data-reason]", "Read from the wrong card");
        browser.type("[data-line='2027-04-07']", "25h");
        browser.pressOn("[data-line='2027-04-07']", Keys.ENTER);
        browser.sees("A day has between 0 and 24 hours, not 25.");
        browser.type("[data-line='2027-04-07']", "3h");
        browser.pressOn("[data-line='2027-04-07']", Keys.ENTER);
        browser.sees("Stored. The period is closed: the next run corrects what it posted.");
    }

    @Test
    @Order(2)
    void anApprovedDayIsCancelledAfterTheClose() {
        browser.go("/people/27");
        browser.clickOnRow("Mon 15 Feb to Wed 17 Feb");
        browser.click("Cancel approved days");
        browser.click("Tue 16 Feb");
        browser.type("[name=cancel-reason]", "Came in for the frost");
        browser.click("Cancel 1 day");
        browser.sees("Cancelled: 1 day of Kerensa Saltonstall.");
        browser.go("/people/27");
        browser.sees("Partly approved");
    }

    @Test
    @Order(3)
    void aHireDateIsMovedBack() {
        browser.go("/people/28");
        browser.sees("hired 15 Mar 2027");
        browser.click("Move the hire date");
        browser.sees("Hired on 15 March 2027.");
        browser.set("[name=hired]", "2027-03-01");
        browser.clickOn("[role=dialog] form button");
        browser.sees("Moved. Balances are derived anew;");
        browser.sees("hired 1 Mar 2027");
    }

    @Test
    @Order(4)
    void aVersionIsPutInForceFromAPastDateAndContradictionsAreSaidWhileTyping() {
        browser.go("/policies/1");
        browser.click("Begin a draft from this");
        browser.type("[aria-label='Carried over']", "90");
        browser.sees("[data-conflict]", "Up to 90 are carried over but at most 74 may be held.");
        browser.type("[aria-label='Carried over']", "37");
        browser.waitUntilGone("[data-conflict]");
        browser.type("[aria-label='Balance limit']", "40");
        browser.click("Save the draft");
        browser.sees("The draft is saved.");
        browser.set("input[name=from]", "2027-03-01");
        browser.click("Show what it changes");
        browser.sees("[data-impact]", "of 30 balances change.");
        browser.click("Put in force");
        browser.sees("Please say why it holds from a day that pay runs have closed already.");
        browser.type("[name=reason]", "Agreed with the staff council");
        browser.click("Put in force");
        browser.sees("In force from 1 Mar 2027");
    }

    @Test
    @Order(5)
    void aBalanceIsAdjustedWithAReason() {
        browser.go("/balances/30/3");
        browser.click("Adjust");
        browser.set("[name=on]", "2027-03-02");
        browser.type("[name=amount]", "two");
        browser.type("[name=reason]", "Counted twice in February");
        browser.click("Adjust the balance");
        browser.sees("Please give the amount as a number, with a minus to take away.");
        browser.type("[name=amount]", "-2.5");
        browser.click("Adjust the balance");
        browser.sees("Adjusted: Counted twice in February");
    }

    @Test
    @Order(6)
    void theProofNamesWhatTheNextRunWillCorrect() {
        browser.go("/pay-runs");
        browser.click("Prove every balance");
        browser.sees("[data-proof]", "with late changes, which the next close corrects.");
        browser.sees("Regular hours of 7 April changed from 8 to 3 by Teodric Brackwyn");
        browser.sees("Hourly leave of 16 February cancelled by Teodric Brackwyn");
        browser.sees("Hire date moved from 15 March to 1 March by Teodric Brackwyn");
        browser.sees(
                "Version of Hourly leave from 1 March put in force by Teodric Brackwyn: Agreed with the staff council");
        browser.sees("Adjusted on 2 March by Teodric Brackwyn: Counted twice in February");
        browser.seesNot("Not explained");
    }

    @Test
    @Order(7)
    void eachComesBackExplainedInTheNextRunWhichIsClosed() throws IOException {
        browser.go("/pay-runs/15");
        DemoRun.settle(browser, folder);

        corrected(
                "Delphine",
                "Hourly leave",
                "Regular hours of 7 April changed from 8 to 3 by Teodric Brackwyn: Read from the wrong card; Version of");
        corrected("Leofric", "Sick time", "Hire date moved from 15 March to 1 March by Teodric Brackwyn. Now:");
        corrected("Kerensa", "Hourly leave", "Hourly leave of 16 February cancelled by Teodric Brackwyn");
        browser.type("[aria-label='Search the worksheet']", "");

        CheckedRun.with(browser, "late changes, all of them known");
        browser.click("Close this run");
        browser.sees("corrections of earlier runs.");
        browser.click("Close the run");
        browser.sees("What was frozen");
        proofHolds();
    }

    @Test
    @Order(8)
    void theNewestCloseIsUndoneWithAReasonAndClosedAgain() {
        browser.go("/pay-runs/15");
        browser.sees("What was frozen");
        browser.click("Undo this close");
        browser.type("[name=reason]", "The café’s hours were last fortnight’s");
        browser.click("Undo the close");
        browser.sees("Undone: it gathers again and can be closed again");
        browser.sees("“The café’s hours were last fortnight’s”");
        browser.go("/proof");
        browser.sees("[data-proof]", "with late changes, which the next close corrects.");
        browser.go("/pay-runs/15");
        CheckedRun.withoutCautions(browser);
        browser.click("Close this run");
        browser.click("Close the run");
        browser.sees("What was frozen");
        proofHolds();
    }

    @Test
    @Order(9)
    void aBalanceShowsItsCorrectionsWithTheWayToWhatCausedThem() {
        browser.go("/balances/46/1");
        browser.sees("[data-corrections]", "Regular hours of 7 April changed from 8 to 3 by Teodric Brackwyn");
        browser.sees("[data-corrections]", "Reversal");
        browser.click("Go to the hours");
        browser.sees("Hours of Delphine Mossgrave");
        browser.sees("[data-period]", "Mon 15 Feb to Sun 28 Feb, closed");
    }

    private void corrected(String person, String policy, String why) {
        browser.type("[aria-label='Search the worksheet']", person);
        browser.clickOn("tr[data-person^=" + person + "][data-policy='" + policy + "'] [data-row]");
        browser.sees("[data-sort=CORRECTION]", "Correction for");
        browser.sees("[role=dialog]", why);
        browser.click("Close");
        browser.waitUntilGone("[role=dialog]");
    }

    private void proofHolds() {
        browser.go("/proof");
        browser.sees("[data-proof]", "Posted is derived, for everybody and every date.");
    }
}
