package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** One-off deals, joiners, leavers and mistakes, as they come up in the middle of the year. */
class PeopleInPracticeTest extends OnTheDemo {

    private static final String KERENSA = "/people/27";
    private static final String MERRIN = "/people/29";
    private static final String OSRIC = "/people/31";

    @Test
    void anExceptionHoldsUntilItIsTakenBack() {
        administrator();
        browser.go("/balances/27/1");
        String rules = browser.text("[data-figure=balance]");
        browser.go(KERENSA);
        browser.click("Make an exception");
        browser.choose("[role=dialog] [name=policy]", "Hourly leave");
        browser.set("[role=dialog] [name=from]", "2027-01-01");
        browser.set("[role=dialog] [name=to]", "2026-12-01");
        browser.type("[role=dialog] [name=balance]", "3,5");
        browser.sees("[role=dialog] [role=alert]", "The exception ends before it begins.");
        browser.type("[role=dialog] [name=reason]", "Agreed while on loan to the nursery");
        browser.click("Make the exception");
        browser.sees("[role=dialog] [role=alert]", "before");
        browser.set("[role=dialog] [name=to]", "2027-12-31");
        browser.click("Make the exception");
        browser.sees("[data-enrolments]", "may hold at most 3.5");
        browser.sees("[data-enrolments]", "“Agreed while on loan to the nursery”, Teodric Brackwyn");
        browser.go("/balances/27/1");
        browser.seesSomethingElseThan("[data-figure=balance]", rules);
        browser.go(KERENSA);
        browser.click("Take back");
        browser.sees("The exception is taken back.");
        browser.go("/balances/27/1");
        browser.sees("[data-figure=balance]", rules);
    }

    @Test
    void anEnrolmentEndsAndGoesOnAgain() {
        administrator();
        browser.go(MERRIN);
        browser.sees("[data-enrolments]", "Sick time");
        browser.clickOn("[data-enrolments] li:nth-child(2) button");
        browser.set("[role=dialog] [name=on]", "2027-05-31");
        browser.sees("[role=dialog]", "On 31 May 2027,");
        browser.choose("[role=dialog] [name=ending]", "lapses");
        browser.click("End the enrolment");
        browser.sees("[data-enrolments]", "to 31 May 2027, what is left lapses");
        browser.click("Take the end back");
        browser.sees("The enrolment goes on as if it had not ended.");
        browser.seesNot("to 31 May 2027");
    }

    @Test
    void somebodyLeavesAndComesBackWithYearsOfServiceKept() {
        administrator();
        browser.go(OSRIC);
        browser.click("Leaving and returning");
        browser.set("[role=dialog] [name=last-day]", "2010-01-01");
        browser.click("Set the last day");
        browser.sees("[role=dialog] [role=alert]", "The last day is before the hire date");
        browser.set("[role=dialog] [name=last-day]", "2027-04-25");
        browser.click("Set the last day");
        browser.seesNot("Set the last day");
        browser.click("Leaving and returning");
        browser.click("Begin a new employment");
        browser.set("[role=dialog] [name=hired]", "2027-06-01");
        browser.set("[role=dialog] [name=service-from]", "2019-01-01");
        browser.click("Let them come back");
        browser.sees("Osric Wrenfield is back. The earlier employment stays as it was.");
        browser.sees("hired 1 Jun 2027");
        browser.sees("[data-enrolments]", "Hourly leave from 1 Jun 2027");
    }

    @Test
    void theNameOfALeaverIsKeptAndThenRemovedForGood() {
        administrator();
        browser.go("/people/names");
        browser.sees("Faolan Orchardleigh");
        browser.click("Faolan Orchardleigh");
        browser.click("Keep it longer");
        browser.type("[name=reason]", "A question of the auditors");
        browser.click("Keep the name");
        browser.sees("[data-name-of-leaver]", "It is kept: A question of the auditors (Teodric Brackwyn)");
        browser.click("Let the rule hold again");
        browser.click("Remove the name now");
        browser.type("[data-name-of-leaver] [name=code]", "B147");
        browser.click("Remove the name for good");
        browser.sees("[data-name-of-leaver] [role=alert]", "That is not the code of Faolan Orchardleigh.");
        browser.type("[data-name-of-leaver] [name=code]", "B148");
        browser.click("Remove the name for good");
        browser.sees("h1", "Former employee B148");
        browser.sees("The name was removed on");
        browser.go("/people/names");
        browser.sees("One former employee has no name any more.");
        browser.click("Names go some time after the last day");
        browser.type("[name=months]", "24");
        browser.click("Keep this");
        browser.sees("Each name goes on the morning after its time.");
    }

    @Test
    void aNewStarterIsAddedByHandAndEnrolledByTheRules() {
        administrator();
        browser.go("/people/new");
        browser.type("[name=code]", "B127");
        browser.type("[name=person-name]", "Ysolde Farrant");
        browser.set("[name=hired]", "2027-05-03");
        browser.choose("[name=team]", "Grounds");
        browser.choose("[name=site]", "Brindlemoor");
        browser.choose("[name=pay-group]", "Hourly staff");
        browser.click("Add");
        browser.sees("The code B127 is taken already.");
        browser.type("[name=code]", "B199");
        for (String day : new String[] {"Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"}) {
            browser.type("[aria-label='Hours on " + day + "']", "0");
        }
        browser.click("Add");
        browser.sees("[role=alert]", "hours");
        browser.type("[aria-label='Hours on Sat']", "6");
        browser.click("Add");
        browser.sees("Ysolde Farrant");
        browser.sees("[data-enrolments]", "Hourly leave from 3 May 2027");
    }

    @Test
    void everyFaultyRowIsNamedAndTheExportComesBackUnchanged(@TempDir Path folder) throws IOException {
        administrator();
        browser.go("/people");
        Path export = Files.writeString(folder.resolve("people.csv"), browser.download("Export these"));
        browser.go("/people/import");
        browser.upload("[aria-label='File of people']", export);
        browser.sees("[data-preview]", "0 new, 0 changed");
        browser.sees("Everything in the file is there already; nothing would change.");
        browser.type(
                "[aria-label='Pasted people']",
                """
                Code,Name,Team,Site,Pay group,Hired,Last day,Approver,Mon
                N1,Newcomer One,Grounds,Brindlemoor,Hourly staff,2027-05-03,2027-05-01,,8
                N2,Newcomer Two,Grounds,Brindlemoor,Hourly staff,2031-01-01,,,8
                N3,Newcomer Three,Grounds,Brindlemoor,Hourly staff,2027-05-03,,N4,8
                N4,Newcomer Four,Grounds,Brindlemoor,Hourly staff,2027-05-03,,N3,8
                N5,Newcomer Five,Grounds,Brindlemoor,Hourly staff,2027-05-03,,,0
                N6,Newcomer Six,Grounds,Brindlemoor,Hourly staff,2027-05-03,,,8
                N6,Newcomer Six again,Grounds,Brindlemoor,Hourly staff,2027-05-03,,,8
                """);
        browser.click("Look at what was pasted");
        browser.sees("[data-preview]", "1 new, 0 changed, 0 the same, 6 wrong");
        assertThat(browser.pageText())
                .contains("before the hire date")
                .contains("circle")
                .contains("Nothing is taken while rows are wrong.");
    }

    @Test
    void detailsAreChangedWhereTheyStandAndTwoAtOnceAreTold() {
        administrator();
        browser.go("/people/28");
        browser.click("Details");
        browser.type("[role=dialog] [name=clock-code]", "12");
        browser.click("Keep the details");
        browser.sees("[role=dialog]", "A clock code has 4 to 12 digits.");
        browser.type("[role=dialog] [name=clock-code]", "123456");
        try (Browser other = new Browser(program.address())) {
            other.signInAndEnter("teodric", PASSWORD);
            other.go("/people/28");
            other.click("Details");
            other.type("[role=dialog] [name=person-name]", "Leofric Trevanion-Hale");
            other.click("Keep the details");
            other.sees("Leofric Trevanion-Hale");
        }
        browser.click("Keep the details");
        browser.sees("[role=dialog]", "Somebody else changed these details meanwhile.");
        assertThat(browser.value("[role=dialog] [name=clock-code]")).isEqualTo("123456");
    }

    @Test
    void openingBalancesTypedSurviveGoingBackAndALaterChangeNeedsAReason() {
        administrator();
        browser.go("/people/30");
        browser.go("/balances/openings?policy=1");
        String balance = "[aria-label='balance of Nuala Vosper']";
        String before = browser.value(balance);
        browser.type(balance, "2.25");
        browser.sees("1 typed here and not set yet.");
        browser.back();
        browser.sees("Nuala Vosper");
        browser.go("/balances/openings?policy=1");
        browser.sees("1 typed here and not set yet.");
        assertThat(before).isNotEqualTo("2.25");
        assertThat(browser.value(balance)).isEqualTo("2.25");
        browser.clickStarting("Check ");
        browser.sees("Why 1 that are there already change");
        browser.click("Set 1 opening balance");
        browser.sees("[role=alert]", "why");
        browser.type("[name=reason]", "The old sheet had a wrong line");
        browser.click("Set 1 opening balance");
        browser.sees("1 opening balance set.");
        browser.go("/audit");
        browser.type("[aria-label='Search changes']", "wrong line");
        browser.sees("[data-audit]", "changed an opening balance: The old sheet had a wrong line");
        browser.sees("[data-audit]", "Nuala Vosper");
        assertThat(browser.download("Export these").lines()).hasSize(2);
    }
}
