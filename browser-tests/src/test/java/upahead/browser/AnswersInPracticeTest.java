package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Questions about anybody's leave, answered with the proof; and what is done about the answers. */
class AnswersInPracticeTest extends OnTheDemo {

    @Test
    void anEmployeeSeesWhyTheBalanceIsWhatItIs() {
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.go("/my-time/27/1");
        browser.sees("29.36");
        browser.sees("hours counted in");
        browser.sees("Opening balance");
        assertThat(browser.pageText()).doesNotContain("who did it", "Adjust many");
    }

    @Test
    void aDayBeforeAnythingWasRecordedIsSaidToBeOneAndTheLineGoesAlong() {
        browser.signInAndEnter("teodric", PASSWORD);
        browser.go("/balances/29/1");
        browser.sees("[role=img] svg", "balance limit 74");
        browser.set("header input[data-date]", "1 Jan 2010");
        browser.sees("[data-caveat]", "Nothing of this balance is recorded before 1 January 2027");
        browser.seesNot("balance limit 74");
        browser.go("/balances");
        browser.sees("[data-caveat]", "The first policy is in force from 1 January 2027 on");
    }

    @Test
    void aTableOfOnesOwnIsKeptHasAnAddressAndLeadsToEachFact() {
        administrator();
        browser.go("/balances");
        browser.sees("[data-counts]", "241 balances");
        browser.sees("[data-sums]", "In hours together");
        browser.choose("[aria-label='What a row is']", "Each person, policies side by side");
        browser.sees("[data-counts]", "61 people");
        browser.clickStarting("Hourly leave");
        browser.clickStarting("Hourly leave");
        browser.sees("tbody tr:first-child", "Nuala Vosper");
        browser.type("[aria-label='Name of this view']", "Side by side");
        browser.click("Keep");
        browser.click("Side by side");
        browser.go("/balances");
        browser.sees("[data-counts]", "241 balances");
        browser.go("/balances?rows=person&columns=balance&order=-balance1");
        browser.sees("tbody tr:first-child", "Nuala Vosper");
        browser.clickOn("tbody tr:first-child td:nth-child(6) button");
        browser.sees("[data-made-of]", "carried 61.5 + earned 16.2 − used 8 = 69.7");
        browser.sees("the time card");
        browser.press(Keys.ESCAPE);
        browser.choose("[aria-label='What a row is']", "Sums by team");
        browser.sees("[data-counts]", "45 sums");
        browser.clickOn("tbody tr:first-child td");
        browser.sees("[data-counts]", "8 balances");
        browser.back();
        browser.sees("[data-counts]", "45 sums");
    }

    @Test
    void theCommandBoxAnswersAndSaysWhatItDidNotUnderstand() {
        administrator();
        browser.go("/");
        ask("nuala 14 aug");
        browser.sees("[aria-label='Go to']", "Nuala Vosper on 14 August 2027:");
        browser.press(Keys.ENTER);
        browser.sees("Looking ahead to 14 August 2027: forecast");
        ask("lapse may");
        browser.sees("[aria-label='Go to']", "15 people lose 34 days on 1 May 2027");
        browser.press(Keys.ENTER);
        browser.sees("What is ahead for everybody");
        ask("zzz 14 aug");
        browser.sees("[data-said]", "“zzz” is the name of nobody and nothing here.");
        browser.press(Keys.ESCAPE);
    }

    private void ask(String question) {
        browser.press(Keys.chord(Keys.CONTROL, "k"));
        browser.type("[aria-label='Go to'] input", question);
    }

    @Test
    void anAwardToATeamIsLookedAtMadeAndTakenBack() {
        administrator();
        browser.go("/balances/27/1");
        String before = browser.text("[data-figure=balance]");
        browser.go("/balances/adjust");
        browser.choose("[name=policy]", "Hourly leave");
        browser.choose("[aria-label=Team]", "Grounds");
        browser.type("[name=amount]", "viel");
        browser.type("[name=reason]", "The spring sale");
        browser.type("[name=amount]", "2,5");
        browser.click("Look at what would become of them");
        browser.sees("[data-effects]", "Kerensa Saltonstall");
        browser.clickStarting("Adjust ");
        browser.sees("[data-together]", "The spring sale");
        browser.go("/balances/27/1");
        browser.sees("Adjusted: The spring sale");
        browser.seesSomethingElseThan("[data-figure=balance]", before);
        browser.go("/balances/adjust");
        browser.clickOn("[data-together] li:first-child button");
        browser.type("[name=because]", "Meant for the shop");
        browser.clickOn("[data-together] form button");
        browser.sees("[data-together]", "taken back by Teodric Brackwyn");
        browser.go("/balances/27/1");
        browser.sees("[data-figure=balance]", before);
    }

    @Test
    void aDifferenceToAnotherRecordIsExplainedAndSettled() {
        administrator();
        hold();
        browser.sees("[data-unread]", "nobody here has the code, address or name “Somebody Else”");
        browser.sees("[data-held]", "It does not have the leave from 30 March 2027 on, 8 hours.");
        browser.clickOn("[aria-label='Choose Nuala Vosper']");
        browser.clickStarting("Adjust the 1 chosen");
        browser.sees("[data-effects]", "above the balance limit of 74");
        browser.click("Adjust 1 balance");
        browser.sees("[data-together]", "Held against another record of 26 April 2027");
        hold();
        browser.sees("[data-differences]", "difference");
        assertThat(browser.pageText()).doesNotContain("It does not have the leave");
    }

    private void hold() {
        browser.go("/balances/held-against");
        browser.choose("[name=policy]", "Hourly leave");
        browser.type(
                "[aria-label='Pasted another record']",
                "Name;Saldo\nNuala Vosper;77,7\nSomebody Else;3\nKerensa Saltonstall;29,36");
        browser.click("Look at what was pasted");
        browser.sees("[data-held]", "The other record does not have it.");
    }

    @Test
    void whatIsAheadIsToldToThosePeople() {
        administrator();
        browser.go("/ahead");
        browser.clickOn("[data-group=LAPSE] summary");
        browser.click("Tell all 15");
        browser.sees("[data-told]", "Salaried leave: 4 days will lapse unless used by 30 April.");
        browser.type("[name=words]", "Please book them.");
        browser.click("Tell 15 people");
        browser.sees("15 people told.");
        browser.choose("[aria-label=Order]", "largest amount first");
        browser.clickOn("[data-group=LAPSE] details[open] p button:nth-child(2)");
        browser.sees("[data-effects]", "Alaric Crowle");
        browser.sees("Adjust 15 balances");
    }

    @Test
    void aReportIsReadTakenAwayAndSentRegularly() throws Exception {
        administrator();
        browser.go("/reports/ledger?from=2027-03-01&through=2027-03-31");
        browser.sees("[data-report]", "For 1 Mar to 31 Mar");
        browser.type("[aria-label='Search the report']", "Nuala");
        browser.sees("[data-counts]", "9 rows");
        Path sheets = browser.downloaded("A sheet each");
        assertThat(sheets.getFileName().toString()).isEqualTo("ledger-2027-03-01-to-2027-03-31-by-person.xlsx");
        assertThat(Files.size(sheets)).isPositive();
        assertThat(browser.downloaded("PDF").getFileName().toString()).endsWith(".pdf");
        browser.click("Send by mail");
        browser.choose("[name=rhythm]", "every week");
        browser.click("Send it regularly");
        browser.sees("[data-scheduled]", "Ledger, every Monday");
        browser.click("End");
        browser.sees("No report is.");
        browser.press(Keys.ESCAPE);
        browser.go("/reports/absences");
        browser.click("As a year’s picture");
        browser.sees("[data-picture]", "Together");
    }
}
