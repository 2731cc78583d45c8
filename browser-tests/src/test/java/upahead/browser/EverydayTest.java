package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;

/** What happens on ordinary days: keys instead of the mouse, a phone, and two people who do the same at once. */
class EverydayTest extends OnTheDemo {

    @Test
    void everythingIsReachedByKeys() {
        administrator();
        browser.sees("Further ahead");
        browser.press(Keys.chord(Keys.CONTROL, "k"));
        browser.type("[aria-label='Go to'] input", "nuala");
        browser.sees("Grounds, B130");
        browser.press(Keys.ENTER);
        browser.sees("hired 9 May 2016");

        browser.press(Keys.chord(Keys.CONTROL, "k"));
        browser.type("[aria-label='Go to'] input", "2027-09-01");
        browser.press(Keys.ENTER);
        browser.sees("Looking ahead to 1 September 2027: forecast");
        browser.press("t");
        browser.sees("Today, 26 April 2027");

        browser.go("/requests");
        browser.sees("Moving house");
        browser.press("j");
        browser.press("j");
        assertThat(browser.chosen()).contains("Petrel Yaxley");
        browser.press(Keys.ENTER);
        browser.sees("Walking the coast path");

        browser.press("?");
        browser.sees("Next and previous in a list");
        browser.press(Keys.ESCAPE);
        browser.seesNot("Next and previous in a list");
    }

    @Test
    void theDayStripIsMarkedByKeys() {
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.pressOn("[data-day='2027-05-05']", Keys.SPACE);
        browser.sees("[data-cost]", "8 hours");
        browser.pressOn("[data-day='2027-05-05']", Keys.ARROW_RIGHT);
        browser.press(Keys.SPACE);
        browser.sees("[data-cost]", "16 hours");
        browser.click("Part of a day only");
        browser.choose("[aria-label='How much of 6 May 2027']", "The morning");
        browser.sees("[data-cost]", "12 hours");
        browser.choose("[aria-label='How much of 5 May 2027']", "Hours");
        browser.type("[aria-label='Hours on 5 May 2027']", "9");
        browser.press(Keys.TAB);
        browser.sees("[data-problems]", "Only 8 hours are scheduled on Wednesday, 5 May.");
    }

    @Test
    void ofTwoWhoDecideTheSameRequestTheSecondIsToldAndKeepsWhatWasTyped() {
        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests");
        browser.clickOnRow("Osric Wrenfield");
        browser.type("[name=message]", "Good luck with the move");
        try (Browser other = new Browser(program.address())) {
            other.signInAndEnter("teodric", PASSWORD);
            other.go("/requests");
            other.clickOnRow("Osric Wrenfield");
            other.click("Decline all days");
            other.sees("Declined: Osric Wrenfield, Hourly leave.");
        }
        browser.click("Approve");
        browser.sees("Teodric Brackwyn has decided this request meanwhile: declined over the top.");
        browser.sees("What you had typed: “Good luck with the move”");
    }

    @Test
    void ofTwoWhoEditOneDraftTheSecondIsToldAndKeepsTheText() {
        administrator();
        browser.go("/policies/2");
        browser.type("[aria-label='Amount granted']", "25");
        try (Browser other = new Browser(program.address())) {
            other.signInAndEnter("teodric", PASSWORD);
            other.go("/policies/2");
            other.type("[aria-label='Carried over']", "7");
            other.click("Save the draft");
            other.sees("The draft is saved.");
        }
        browser.click("Save the draft");
        browser.sees("Somebody else changed this policy meanwhile. Your text is still here; reload to see theirs.");
        assertThat(browser.value("[aria-label='Amount granted']")).isEqualTo("25");
    }

    @Test
    void rulesAreAddedAndTakenAwayInTheText() {
        administrator();
        browser.go("/policies/new");
        browser.clickOn("main li:nth-child(2) button");
        browser.sees("days on the first day of the benefit year");
        browser.choose("main select[aria-label='How time is earned']", "bit by bit");
        browser.sees("each month");
        browser.type("[aria-label='First day of the benefit year, month and day']", "13-45");
        browser.sees("This must be a month and day such as 03-31.");
        browser.type("[aria-label='First day of the benefit year, month and day']", "07-01");
        browser.seesNot("This must be a month and day");
        browser.click("+ add a rule");
        for (String rule : new String[] {
            "A wait before earning begins", "A limit on what may be used a year", "More with years of service"
        }) {
            browser.click(rule);
        }
        browser.sees("Earning begins");
        browser.sees("may be used.");
        browser.sees("years of service on it is");
        browser.clickOn("[aria-label='Take away: A limit on what is carried over']");
        browser.seesNot("are carried over; the rest");
        browser.click("Keep as a draft");
        browser.sees("A policy needs a name.");
        browser.type("[name=policy-name]", "Salaried leave");
        browser.type("[name=payroll-code]", "X");
        browser.click("Keep as a draft");
        browser.sees("There is a policy of this name already.");
    }

    @Test
    void aRequestIsWithdrawnWhileItWaits() {
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.clickOn("[data-day='2027-05-19']");
        browser.sees("[data-cost]", "8 hours");
        browser.click("Send request");
        browser.sees("Wed 19 May");
        browser.click("Withdraw");
        browser.sees("Withdrawn. Your approver no longer sees it as waiting.");
    }

    @Test
    void onAPhoneNothingHasToBeScrolledSideways() {
        browser.resize(390, 844);
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.sees("Ask for time off");
        assertThat(browser.sidewaysScroll()).isLessThanOrEqualTo(0);
        browser.click("How it comes about");
        browser.sees("What is up ahead");
        assertThat(browser.sidewaysScroll()).isLessThanOrEqualTo(0);
        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests");
        browser.clickOnRow("Petrel Yaxley");
        browser.sees("Message to Petrel");
        assertThat(browser.sidewaysScroll()).isLessThanOrEqualTo(0);
    }

    @Test
    void noScreenOfAnAdministratorIsWiderThanTheWindow() {
        administrator();
        for (String path : new String[] {
            "/",
            "/requests",
            "/pay-runs",
            "/pay-runs/15",
            "/balances",
            "/balances/30/1",
            "/policies",
            "/policies/2",
            "/policies/new",
            "/people",
            "/people/30",
            "/holidays",
            "/my-time",
            "/mail"
        }) {
            browser.go(path);
            browser.waitUntilGone("main .loading");
            assertThat(browser.sidewaysScroll()).as(path).isLessThanOrEqualTo(0);
        }
    }

    @Test
    void anEmptyProgramBeginsWithItsFirstAdministrator(@TempDir Path folder) {
        try (Program fresh = Program.empty(folder);
                Browser first = new Browser(fresh.address())) {
            first.go("/");
            first.sees("Nobody can sign in yet. Create the first administrator.");
            first.type("[name=username]", "ada");
            first.type("[name=name]", "Ada Payroll");
            first.type("[name=password]", "short");
            first.click("Create and sign in");
            first.sees("A password needs at least 12 characters.");
            first.type("[name=password]", "long enough, surely");
            first.click("Create and sign in");
            first.sees("[data-step=PEOPLE][data-done=false]", "Bring your people in");
            first.go("/policies");
            first.sees("No policy yet. Write the first one");
            fresh.restart();
        }
    }

    @Test
    void aReportIsAskedAboutOtherDaysAndTakenAway() {
        administrator();
        browser.go("/reports");
        browser.sees("[data-report]", "Days away");
        browser.choose("[aria-label=Report]", "Lapses ahead");
        browser.sees("What would be lost, by whom and when");
        browser.set("[name=through]", "2027-05-31");
        browser.sees("[data-report]", "Salaried leave");
        assertThat(browser.download("Download CSV").lines())
                .startsWith("code,person,team,policy,last usable,unit,amount")
                .anyMatch(line -> line.contains("Salaried leave,2027-04-30,days"));
    }
}
