package upahead.browser;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Neither have the states of the pages that somebody brings about a fault that a checker of accessibility finds. */
class AccessibilityOfStatesTest extends AccessibilityChecks {

    @Test
    void ofAnEmployee() {
        browser.signInAndEnter("kerensa", PASSWORD);
        assertNoFaultOn("/my-time", "days asked for", () -> {
            browser.type("[aria-label='Days, typed']", "20-21 May");
            browser.press(Keys.ENTER);
            browser.clickOn("[data-parts] summary");
            browser.choose("[aria-label^='How much of']", "From … to …");
            browser.sees("[data-parts]", "break 12:00 to 12:30");
        });
    }

    @Test
    void ofAnApprover() {
        browser.signInAndEnter("corvin", PASSWORD);
        assertNoFaultOn("/requests", "one opened", () -> {
            browser.clickOnRow("Petrel Yaxley");
            browser.sees("[data-history]", "Petrel Yaxley");
            browser.click("Correct its days");
            browser.sees("[data-correct]", "Why it is corrected");
        });
        assertNoFaultOn("/requests", "stand-ins", () -> {
            browser.click("My stand-ins");
            browser.sees("Name as stand-in");
        });
    }

    @Test
    void ofAnAdministrator() {
        administrator();
        assertNoFaultOn("/", "each of several people", () -> {
            browser.clickStarting("6 people are about to lose 27 hours of Time in lieu");
            browser.sees("Imelda Ruddle is about to lose time");
        });
        browser.go("/calendar");
        browser.clickOnRow("Grounds");
        assertNoFaultOn(
                "/calendar", "a team opened", () -> browser.sees("[data-person='Silvan Bellwether']", "Hourly leave"));
        assertNoFaultOn("/requests", "leave entered", () -> {
            browser.click("Enter leave");
            browser.sees("Whose");
        });
        assertNoFaultOn("/requests", "leave entered for many", () -> {
            browser.click("Enter for many");
            browser.sees("[data-many]", "for all of them or for none");
        });
        assertNoFaultOn("/hours", "with a condition", () -> browser.click("+ Condition"));
        assertNoFaultOn("/hours/37?on=2027-04-15", "a day opened", () -> {
            browser.click("Thu 15 Apr");
            browser.sees("Enter leave on this day");
        });
        assertNoFaultOn("/terminal", "not paired", () -> browser.sees(""));
        // every row has the same shape: one person's are enough, and are looked at in a tenth of the time
        assertNoFaultOn("/pay-runs/13", "one person", () -> only("Search the worksheet", "Kerensa"));
        assertNoFaultOn("/payroll-inbox", "one person", () -> only("Search the inbox", "Kerensa"));
        assertNoFaultOn("/pay-runs/15", "cautions and extra hours", () -> {
            browser.clickOn("[data-caution] button");
            browser.click("Time in lieu");
            only("Search the worksheet", "Kerensa");
            browser.sees("Recorded");
        });
        assertNoFaultOn("/policies/2", "an example opened", () -> {
            browser.click("Begins in July");
            browser.sees("[data-outcome]", "The text as it stands");
        });
        assertNoFaultOn("/balances", "one balance beside", () -> {
            browser.clickOn(".figure-button");
            browser.sees("[data-made-of]", "carried");
        });
        assertNoFaultOn("/balances", "columns", () -> {
            browser.click("Columns");
            browser.sees("[data-columns]", "Person");
        });
        assertNoFaultOn("/ahead", "telling", () -> {
            browser.clickOn("[data-group=LAPSE] summary");
            browser.click("Tell all 15");
            browser.sees("[data-told]", "Salaried leave");
        });
        assertNoFaultOn("/reports/absences", "as a picture", () -> {
            browser.click("As a year’s picture");
            browser.sees("[data-picture]", "Together");
        });
        assertNoFaultOn("/reports/absences", "by mail", () -> {
            browser.click("Send by mail");
            browser.sees("No report is.");
        });
        assertNoFaultOn("/people/27", "working time", () -> {
            browser.click("Working time");
            browser.sees("[data-times]", "Break from");
        });
    }
}
