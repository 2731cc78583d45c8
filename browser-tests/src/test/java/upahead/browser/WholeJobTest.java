package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
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
 * Once round the whole job, as people do it: write a policy, ask for time off, decide, close the run, look at the
 * balances, stop and start the program. Each step goes on from the one before.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@ExtendWith(StepByStep.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WholeJobTest {

    private static final String PASSWORD = "walled-garden";

    private Path folder;
    private Program program;
    private Browser browser;

    @BeforeAll
    void open(@TempDir Path temporary) {
        folder = temporary;
        program = Program.withDemoData(folder);
        browser = new Browser(program.address());
    }

    @AfterAll
    void close() {
        browser.close();
        program.close();
    }

    @Test
    @Order(1)
    void anAdministratorSeesTheRoadAndWhatNeedsSomebody() {
        browser.signIn("teodric", "not-the-password");
        browser.sees("This name and password do not match.");
        browser.signInAndEnter("teodric", PASSWORD);
        browser.sees("Close the run of Hourly staff");
        browser.sees("Osric Wrenfield waits for a decision on Hourly leave.");
        browser.sees("Today, 26 April 2027");
        browser.pressOn("[role=slider]", Keys.PAGE_UP);
        browser.sees("Looking ahead to 26 May 2027: forecast");
        browser.click("Today (t)");
        browser.sees("Today, 26 April 2027");
    }

    @Test
    @Order(2)
    void writesAPolicyInSentencesAndPutsItInForceForATeam() {
        browser.go("/policies");
        browser.sees("1 hour for every 23 hours worked, at most 74 held");
        browser.click("Write a policy");
        browser.clickOn("main li:first-child button");
        browser.type("[name=policy-name]", "Frost watch leave");
        browser.type("[name=payroll-code]", "FROST");
        browser.type("[aria-label='Balance limit']", "-3");
        browser.sees("A limit must be at least 0.");
        browser.type("[aria-label='Balance limit']", "20");
        browser.type("[aria-label='Hours worked']", "52");
        browser.sees("[data-sample-closing]", "20 hours");
        browser.click("Keep as a draft");
        browser.sees("Put it in force");
        browser.stepThrough("[data-unseen]");
        browser.click("Save the draft");
        browser.clickOn("[aria-label='Of Grounds']");
        browser.sees("Covers 12 people");
        browser.click("Put in force");
        browser.sees("In force from 26 Apr 2027");
        browser.sees("1 hour for every 52 hours worked.");
        browser.sees("It can be used 50 days after the hire date");
        browser.sees("Nobody holds more than 20 hours.");
    }

    @Test
    @Order(3)
    void anEmployeeLooksAheadAndAsksForTimeOff() {
        browser.signInAndEnter("kerensa", PASSWORD);
        String today = browser.text("[data-balance='Hourly leave']");
        browser.set("[aria-label='Look ahead']", "60");
        browser.sees("On 25 June 2027, forecast");
        browser.seesSomethingElseThan("[data-balance='Hourly leave']", today);
        browser.click("Hourly leave");
        for (String day : new String[] {"2027-06-07", "2027-04-30", "2027-05-03", "2027-05-04"}) {
            browser.clickOn("[data-day='" + day + "']");
        }
        browser.sees("[data-problems]", "Monday, 7 June is a protected date: Renewal of the long lawn.");
        browser.clickOn("[data-day='2027-06-07']");
        browser.waitUntilGone("[data-problems]");
        browser.sees("[data-cost]", "16 hours");
        browser.sees("Early May holiday");
        browser.type("[name=note]", "A long weekend on the coast");
        browser.click("Send request");
        browser.sees("Sent. You will see here, and by mail, when it is decided.");
    }

    @Test
    @Order(4)
    void theApproverDecidesWithEverythingInView() {
        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests");
        browser.clickOnRow("Kerensa Saltonstall");
        browser.sees("“A long weekend on the coast”");
        browser.sees("1 away: Silvan");
        browser.type("[name=message]", "Enjoy the sea");
        browser.click("Approve");
        browser.sees("Approved: Kerensa Saltonstall, Hourly leave.");
        browser.go("/mail");
        browser.sees("Kerensa Saltonstall asks for Hourly leave from Friday, 30 April");

        browser.signInAndEnter("kerensa", PASSWORD);
        browser.sees("Fri 30 Apr to Tue 4 May");
        browser.go("/mail");
        browser.sees("Your Hourly leave from Friday, 30 April is approved");
        browser.sees("Enjoy the sea");
    }

    @Test
    @Order(5)
    void theAdministratorBringsHoursInDecidesABlockerAndClosesTheRun() throws IOException {
        browser.signInAndEnter("teodric", PASSWORD);
        browser.click("Close the run of Hourly staff");
        browser.sees("[data-blockers]", "Osric Wrenfield waits for a decision");
        browser.sees("[data-blockers]", "scheduled in this period have no hours.");

        Path wrong = Files.writeString(folder.resolve("wrong.csv"), "who,date,kind,hours\nB127,2027-04-12,regular,8\n");
        browser.upload("[aria-label='File of hours']", wrong);
        browser.sees("Choose the column for person first.");
        browser.choose("[data-column=PERSON]", "who");
        browser.sees("1 row of 1 person can be taken. They are 8 hours.");

        Path hours = Files.writeString(folder.resolve("hours.csv"), browser.download("Demo file"));
        browser.upload("[aria-label='File of hours']", hours);
        browser.sees("[data-faults]", "nobody here has the code, address or name “B999”");
        browser.sees("[data-faults]", "a day has between 0 and 24 hours, not 30");
        browser.sees("Nothing is taken until the file is clean or you leave the rows out.");
        browser.click("Leave these rows out on purpose");
        browser.clickStarting("Take ");
        browser.seesNot("have no hours.");

        browser.click("Decide");
        browser.sees("Moving house");
        browser.click("Approve");
        browser.seesNot("waits for a decision");
        Glasshouses.finishTheirDays(browser);
        browser.sees("Nothing stops the close.");

        browser.clickOnRow("Merrin Umberleigh");
        browser.sees("Correction for 11 Apr 2027");
        browser.click("Close");
        CheckedRun.with(browser, "the late correction is known");
        try (Browser other = new Browser(program.address())) {
            other.signInAndEnter("teodric", PASSWORD);
            other.click("Close the run of Hourly staff");
            other.click("Close this run");
            other.sees("are frozen and never change again.");
            browser.click("Close this run");
            browser.click("Close the run");
            browser.sees("What was frozen");
            other.click("Close the run");
            other.sees(
                    "This run was closed by Teodric Brackwyn on 26 April. It is closed once; nothing was changed now.");
        }
        browser.click("Compare");
        browser.sees("Mon 12 Apr to Sun 25 Apr beside another run");
        browser.type("[aria-label='Search the comparison']", "Osric");
        browser.sees("Hourly leave used");
        browser.sees("17");
        browser.click("The run");
        assertThat(browser.download("Payroll’s file"))
                .startsWith("person,name,code,what,amount,unit")
                .contains("B131,Osric Wrenfield,VAC-H,Hourly leave taken,17,hours")
                .contains("B127,Kerensa Saltonstall,REG,regular hours,80,hours");
    }

    @Test
    @Order(6)
    void balancesAreShownAsOfAnyDayWithTheReasonForEveryLine() {
        browser.go("/balances");
        browser.type("[aria-label='Search people']", "Kerensa");
        browser.seesNot("Ambrose");
        assertThat(browser.download("Download CSV").lines())
                .startsWith("code,person,team,policy,unit,carried,earned,used,balance,booked,remaining,up ahead")
                .hasSize(6);
        browser.clickOnRow("Hourly leave");
        browser.sees("hours counted in 12 Apr to 25 Apr 2027, 1.3 for every 23");
        browser.sees("What is up ahead");
        String today = browser.text("[data-figure=balance]");
        browser.set("header input[data-date]", "2027-08-14");
        browser.sees("Looking ahead to 14 August 2027: forecast");
        browser.seesSomethingElseThan("[data-figure=balance]", today);
        browser.set("header input[data-date]", "2027-02-28");
        browser.sees("Looking back to 28 February 2027");
    }

    @Test
    @Order(7)
    void allOfItIsStillThereAfterStoppingAndStarting() {
        program.restart();
        browser.close();
        browser = new Browser(program.address());
        browser.signInAndEnter("teodric", PASSWORD);
        browser.sees("Today, 26 April 2027");
        browser.go("/policies");
        browser.sees("Frost watch leave");
        browser.go("/pay-runs");
        browser.sees("Mon 12 Apr to Sun 25 Apr");
        browser.clickOnRow("Mon 12 Apr to Sun 25 Apr");
        browser.sees("What was frozen");
        browser.go("/requests");
        browser.choose("[aria-label='Which requests']", "All");
        browser.sees("Partly approved");
    }

    @Test
    @Order(8)
    void whoseSessionEndsInTheMiddleOfTypingLosesNothing() {
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.click("Hourly leave");
        browser.clickOn("[data-day='2027-05-12']");
        browser.sees("[data-cost]", "8 hours");
        browser.forgetSession();
        browser.type("[name=note]", "Dentist in the city");
        browser.sees("Your session has ended.");
        browser.type("[name=password]", PASSWORD);
        browser.click("Sign in");
        browser.waitUntilGone("[name=password]");
        browser.click("Send request");
        browser.sees("Sent. You will see here, and by mail, when it is decided.");
        browser.sees("Dentist in the city");
    }

    @Test
    @Order(9)
    void theDemosTimePassesToADayAhead() {
        browser.signInAndEnter("teodric", PASSWORD);
        browser.sees("Today, 26 April 2027");
        browser.set("header input[data-date]", "2027-05-10");
        browser.click("Let the demo’s time pass to this day");
        browser.sees("Today, 10 May 2027");
        browser.sees("The period 26 April to 9 May is over;");
    }
}
