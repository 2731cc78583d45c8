package upahead.browser;

import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** What a policy must keep, what its year's end does, what leave is worth, and who else is told. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class YearInPracticeTest extends OnTheDemo {

    @Test
    void anExampleIsTypedADraftBreaksItAndHoldsWithAReason() {
        administrator();
        browser.go("/policies/2");
        browser.sees("[data-example='Begins in July']", "broken");
        browser.click("Write one");
        browser.type("[name=example]", "Half a year of leave");
        browser.set("[aria-label='Day 1']", "31 Dec 2027");
        browser.type("[aria-label='Balance expected on day 1']", "99");
        browser.sees("[data-outcome]", "The text as it stands breaks it.");
        browser.click("Keep the example");
        browser.sees("[data-example='Half a year of leave']", "is 16.44, not 99");
        browser.set("[name=from]", "1 Jan 2028");
        browser.sees("[data-example='Begins in July']", "kept");
        browser.sees("[data-example='Full-time all year, two days taken']", "is 30, not 28");
        browser.click("Put in force");
        browser.sees("Please say why it holds all the same.");
        browser.type("[name=reason]", "Agreed for 2028");
        browser.click("Put in force");
        browser.sees("In force from 1 Jan 2028");
        browser.sees("Held against what is in force: 2 examples broken.");
        browser.clickOn("[aria-label='Remove Half a year of leave']");
        browser.click("Put it back");
        browser.sees("[data-example='Half a year of leave']", "not 99");
    }

    /** The last of them, since the demo's time passes in one direction only. */
    @Test
    @Order(Integer.MAX_VALUE)
    void theYearsEndIsReviewedPassesByItselfAndMatches() {
        administrator();
        browser.go("/year-end?policy=1&year=2028");
        browser.sees("[data-sentence]", "28 people carry over 1036 hours; 28 people lose");
        browser.clickOn("[aria-label='Choose Nuala Vosper']");
        browser.type("[name=carry]", "50");
        browser.type("[name=because]", "Ill in December");
        browser.click("Grant it");
        browser.sees("[data-year-end]", "may carry 50 hours by exception");
        browser.sees("[data-sentence]", "28 people carry over 1049 hours; 28 people lose");
        browser.go("/");
        browser.go("/year-end?policy=1&year=2028");
        browser.click("Keep this review");
        browser.sees("[data-review]", "Nothing has changed since.");
        browser.set("header input[data-date]", "2028-01-03");
        browser.click("Let the demo’s time pass to this day");
        browser.sees("Today, 3 January 2028");
        browser.go("/");
        browser.go("/year-end?policy=1&year=2028");
        browser.sees("[data-review]", "All came as reviewed.");
        browser.sees("[data-year-end]", "came as reviewed, period still open");
    }

    @Test
    void leaveIsWorthWhatItsHoursAre() {
        administrator();
        browser.go("/value");
        browser.sees("[data-worth]", "on 26 April 2027");
        browser.sees("[data-unknown]", "of people without a pay rate");
        browser.click("See who they are");
        browser.sees("[data-rates]", "none");
        browser.clickOn("[data-rates] tbody button");
        browser.type("[name=rate-amount]", "17,50");
        browser.click("Set it");
        browser.sees("[data-own-rates]", "17.50");
    }

    @Test
    void anotherProgramIsToldOfADecision() {
        administrator();
        browser.go("/programs");
        browser.type("[name=told-program]", "Finance");
        browser.type("[name=address]", "ftp://example.com");
        browser.click("Tell it from now on");
        browser.sees("An address begins with https://");
        browser.clickOn("form button.link");
        browser.click("Tell it from now on");
        browser.sees("[data-secret]", "Messages are signed with this secret.");
        browser.go("/requests");
        browser.clickOnRow("Petrel Yaxley");
        browser.click("Approve");
        browser.sees("1 to 3 of 3 requests");
        browser.go("/programs");
        browser.click("Look again");
        browser.sees("[data-told]", "request.decided");
        browser.sees("[data-webhooks]", "last taken");
    }
}
