package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Policies through their whole life: from a starting point over who is covered to being retired and brought back. */
class PoliciesInPracticeTest extends OnTheDemo {

    @Test
    void figuresOfAStartingPointAreLookedAtBeforeThePolicyIsInForce() {
        administrator();
        browser.go("/policies/new");
        browser.clickOn("main li:nth-child(2) button");
        browser.sees("[data-to-look-at]", "3 figures came with the starting point");
        browser.type("[name=policy-name]", "Orchard days");
        browser.type("[name=payroll-code]", "ORCH");
        browser.type("[aria-label='Amount granted']", "17");
        browser.pressOn("[aria-label='Amount granted']", Keys.TAB);
        browser.sees("[data-to-look-at]", "2 figures came with the starting point");
        browser.click("Keep as a draft");
        browser.sees("First look at the figures in dashed frames.");
        browser.reload();
        browser.sees("[data-to-look-at]", "2 figures came with the starting point");
        assertThat(browser.value("[aria-label='Amount granted']")).isEqualTo("17");
        browser.stepThrough("[data-unseen]");
        browser.sees("Save the draft first.");
        browser.click("Save the draft");
        browser.clickOn("[aria-label='Of Learning']");
        browser.click("Put in force");
        browser.sees("In force from 26 Apr 2027");
    }

    @Test
    void everyRuleIsAddedChangedAndTakenAwayByKeysAlone() {
        administrator();
        browser.go("/policies/new");
        browser.pressOn("main li:nth-child(3) button", Keys.ENTER);
        browser.sees("In a benefit year at most");
        browser.pressOn("main details:not([open]) summary", Keys.ENTER);
        browser.pressOn("[data-offer=creditsUsable]", Keys.ENTER);
        browser.sees("Each credit must be used within");
        browser.press("40", Keys.TAB);
        browser.press(Keys.ARROW_DOWN);
        browser.press(Keys.TAB, Keys.ENTER);
        browser.seesNot("Each credit must be used within");
        browser.press(Keys.TAB, Keys.ENTER);
        browser.sees("Earning begins");
    }

    @Test
    void whatIsTypedForANewPolicyIsStillThereAfterGoingBack() {
        administrator();
        browser.go("/policies");
        browser.click("Write a policy");
        browser.clickOn("main li:first-child button");
        browser.type("[name=policy-name]", "Half a sentence");
        browser.type("[aria-label='Balance limit']", "31");
        browser.back();
        browser.sees("1 hour for every 23 hours worked");
        browser.click("Write a policy");
        browser.sees("Nobody holds more than");
        assertThat(browser.value("[name=policy-name]")).isEqualTo("Half a sentence");
        assertThat(browser.value("[aria-label='Balance limit']")).isEqualTo("31");
        browser.click("Another shape");
        browser.sees("Begin with the shape that is nearest.");
    }

    @Test
    void whoIsCoveredIsChangedWithWhatItDoesSaidBeforehand() {
        administrator();
        browser.go("/policies/8");
        browser.click("Who is covered");
        browser.clickOn("[role=dialog] [aria-label='Employed as salaried']");
        browser.clickOn("[role=dialog] [aria-label='Of Grounds']");
        browser.set("[role=dialog] [name=from]", "2027-06-01");
        browser.sees("[data-effects]", "left together");
        browser.choose("[role=dialog] [name=ending]", "is paid out");
        browser.click("Cover them from then on");
        browser.sees("Covered from that day on.");
        browser.sees("covers Grounds");
        browser.go("/people/27");
        browser.sees("[data-enrolments]", "Volunteering");
    }

    @Test
    void aRetiredPolicyStandsApartUntilItIsBroughtBack() {
        administrator();
        browser.go("/policies/7");
        browser.click("Retire");
        browser.set("[role=dialog] [name=last-day]", "2027-04-30");
        browser.sees("[data-retiring]", "10 enrolments end, with");
        browser.choose("[role=dialog] [name=ending]", "lapses");
        browser.click("Retire it after that day");
        browser.sees("Retired. It can be brought back.");
        browser.sees("retired after 30 Apr 2027");
        browser.go("/policies");
        browser.sees("Retired");
        browser.clickStarting("Glasshouse respite");
        browser.click("Bring it back");
        browser.sees("[role=dialog]", "go on as if it had never been retired");
        browser.click("Bring it back");
        browser.sees("It is back.");
        browser.sees("people enrolled");
    }

    @Test
    void twoVersionsAreComparedInWordsAndARealPersonStandsBesideTheText() {
        administrator();
        browser.go("/policies/2");
        browser.sees("[data-comparison]", "Earning");
        browser.sees("[data-comparison]", "24 days granted each benefit year");
        String sample = browser.text("[data-sample-closing]");
        browser.type("[aria-label='A real person']", "Thadeo");
        browser.clickStarting("Thadeo Hollowell");
        browser.seesSomethingElseThan("[data-sample-closing]", sample);
        browser.clickStarting("instead a sample person");
        browser.sees("[data-sample-closing]", sample);
    }

    @Test
    void aDraftFromAPastDaySaysWhichClosedRunsItCorrectsAndNeedsAReason() {
        administrator();
        browser.go("/policies/1");
        browser.click("Begin a draft from this");
        browser.type("[aria-label='Balance limit']", "70");
        browser.pressOn("[aria-label='Balance limit']", Keys.TAB);
        browser.click("Save the draft");
        browser.sees("The draft is saved.");
        browser.set("[name=from]", "2027-03-29");
        browser.click("Show what it changes");
        browser.sees(
                "[data-corrects]", "Hourly staff: 1 closed run from 29 Mar 2027 to 11 Apr 2027 would be corrected");
        assertThat(browser.download("Download CSV").lines())
                .startsWith("person,team,enrolled today,on,before,after,difference")
                .anyMatch(line -> line.startsWith("Kerensa Saltonstall,Grounds,yes,2027-03-29,"));
        browser.click("Put in force");
        browser.sees("Please say why it holds from a day that pay runs have closed already.");
        browser.type("[name=reason]", "The agreement was signed late");
        browser.click("Put in force");
        browser.sees("In force from 29 Mar 2027");
        browser.click("Who changed what here");
        browser.sees("[data-audit]", "put a version in force from 29 March 2027");
    }
}
