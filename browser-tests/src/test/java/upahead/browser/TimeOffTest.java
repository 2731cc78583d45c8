package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.Keys;

/** Time off from the first thought to what is left of it: asked for, changed, decided, cancelled, and seen by others. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TimeOffTest extends OnTheDemo {

    @Test
    @Order(3)
    void leaveIsAskedForChangedDeclinedInPartAndCancelled() {
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.type("[aria-label='Days, typed']", "10-11 June, sometime");
        browser.press(Keys.ENTER);
        browser.sees("Which days are these?");
        browser.type("[aria-label='Days, typed']", "10-11 June");
        browser.press(Keys.ENTER);
        browser.sees("[data-cost]", "16 hours");
        browser.type("[name=note]", "My sister visits");
        browser.click("Send request");
        browser.sees("Sent. You will see here");

        browser.click("Thu 10 Jun to Fri 11 Jun");
        browser.click("Change");
        browser.sees("Change your request");
        browser.sees("[data-cost]", "16 hours");
        browser.clickOn("[data-day='2027-06-09']");
        browser.sees("[data-problems]", "protected date");
        browser.clickOn("[data-day='2027-06-09']");
        browser.clickOn("[data-day='2027-06-15']");
        browser.sees("[data-cost]", "24 hours");
        browser.click("Change request");
        browser.sees("Changed. Your approver sees what it was before.");

        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests");
        browser.type("[aria-label=Person]", "kerensa");
        browser.clickOnRow("Kerensa Saltonstall");
        browser.sees("[data-history]", "“before: Hourly leave, 16 hours, 10 June to 11 June”");
        browser.click("Correct its days");
        browser.choose("[aria-label='How much of 11 June 2027']", "The morning");
        browser.type("[name=correct-reason]", "You are here until noon");
        browser.click("Correct it");
        browser.sees("Corrected. Kerensa Saltonstall is told what it was before, and why.");
        browser.sees("[data-history]", "24 hours, 10 June to 15 June. You are here until noon”");
        browser.click("Correct its days");
        browser.choose("[aria-label='How much of 11 June 2027']", "Whole day");
        browser.type("[name=correct-reason]", "After all");
        browser.click("Correct it");
        browser.sees("[data-history]", "20 hours, 10 June to 15 June. After all”");
        browser.press("3");
        browser.sees("Approve 2 and decline 1");
        browser.press("a");
        browser.sees("Partly approved: Kerensa Saltonstall, Hourly leave.");

        browser.signInAndEnter("kerensa", PASSWORD);
        browser.click("Thu 10 Jun to Tue 15 Jun");
        browser.click("Ask to cancel approved days");
        browser.click("Fri 11 Jun");
        browser.type("[name=cancel-reason]", "She leaves a day earlier");
        browser.click("Ask to cancel");
        browser.sees("You asked to cancel 11 Jun 2027.");

        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests?search=kerensa");
        browser.clickOnRow("asks to cancel");
        browser.sees("[data-cancel-asked]", "Kerensa asks to cancel Fri 11 Jun.");
        browser.type("[name=cancel-reason]", "As you ask");
        browser.click("Cancel 1 day");
        browser.sees("Cancelled: 1 day of Kerensa Saltonstall.");
    }

    @Test
    @Order(4)
    void aStandInDecidesOnAPhone() {
        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests");
        browser.click("My stand-ins");
        browser.choose("[name=standInId]", "Maelle Pellisow, Glasshouses");
        browser.click("Name as stand-in");
        browser.sees("[data-stand-ins]", "Maelle Pellisow");

        browser.resize(390, 844);
        browser.signInAndEnter("maelle", PASSWORD);
        browser.go("/requests");
        browser.clickOnRow("Petrel Yaxley");
        browser.sees("[data-asked]", "Maelle Pellisow stands in for Corvin Harnquist");
        assertThat(browser.sidewaysScroll()).isZero();
        browser.click("Approve");
        browser.sees("Approved: Petrel Yaxley, Hourly leave.");
        browser.resize(1280, 800);
    }

    @Test
    @Order(2)
    void manyAreDecidedAtOnceAndWhatCannotBeIsSaid() {
        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/requests");
        browser.sees("Osric Wrenfield");
        browser.clickOn("[aria-label='Choose Osric Wrenfield, Wed 21 Apr to Thu 22 Apr']");
        browser.click("Decide 1 request");
        browser.sees("1 request can be decided.");
        browser.click("Decline 1");
        browser.sees("[data-outcome]", "1 request declined.");
        browser.click("Close");

        administrator();
        browser.press(Keys.chord(Keys.CONTROL, "k"));
        browser.type("[aria-label='Go to'] input", "sick merrin today");
        browser.sees("Sick time for Merrin Umberleigh");
        browser.press(Keys.ENTER);
        browser.sees("Enter leave of Merrin Umberleigh");
        browser.sees("costs 8 hours");
        browser.press(Keys.ENTER);
        browser.sees("Sick time of Merrin Umberleigh is entered");
    }

    @Test
    @Order(1)
    void theCalendarShowsToEachWhatTheyMaySee() {
        administrator();
        browser.go("/calendar");
        browser.clickOnRow("Grounds");
        browser.sees("[data-person='Osric Wrenfield']", "waiting");
        browser.sees("[data-person='Silvan Bellwether']", "Hourly leave");

        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/calendar");
        browser.sees("[data-person='Osric Wrenfield']", "waiting");

        browser.signInAndEnter("kerensa", PASSWORD);
        browser.go("/calendar");
        browser.sees("[data-person='Silvan Bellwether']", "30 April 2027: away");
        assertThat(browser.text("[data-person='Osric Wrenfield']")).doesNotContain("waiting");
        assertThat(browser.text("[data-person='Silvan Bellwether']")).doesNotContain("Hourly leave");
    }

    @Test
    @Order(5)
    void oneLooksAtYearAndTermsAsksOnADayAndIsToldOnceADay() {
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.click("My year");
        browser.sees("[data-total='Sick time']", "8 hours");
        browser.clickOn("[data-day='2027-08-12']");
        browser.sees("[data-cost]", "8 hours");
        browser.click("Send request");
        browser.sees("Sent. You will see here");
        browser.type("[aria-label='Days, typed']", "10-21 May");
        browser.press(Keys.ENTER);
        browser.choose("[aria-label='Kind of the other days']", "Unpaid leave");
        browser.sees("[data-rest]", "Unpaid leave needs a note");
        browser.type("[name=note]", "Moving house");
        browser.click("Send request");
        browser.sees("Sent. You will see here");
        browser.sees("Fri 14 May to Fri 21 May");
        browser.click("My terms");
        browser.sees("[data-own-terms]", "1.3 hours for every 23 hours worked (from 4 years of service on).");
        browser.go("/notices");
        browser.click("How I am told by mail");
        browser.choose("[name=OWN_REQUEST]", "once a day, together");
        browser.sees("Kept. It holds for what comes from now on.");
        browser.reload();
        browser.click("How I am told by mail");
        browser.sees("[data-notice-choices]", "What becomes of my requests");
        assertThat(browser.value("[name=OWN_REQUEST]")).isEqualTo("DAILY_SUMMARY");
    }

    @Test
    @Order(6)
    void anApproverHandsARequestOnAndLooksAtTheTeam() {
        browser.signInAndEnter("maelle", PASSWORD);
        browser.go("/requests?search=kerensa");
        browser.clickOnRow("Kerensa Saltonstall");
        browser.sees("[data-last-twelve-months]", "Hourly leave");
        browser.click("Let somebody else decide");
        browser.choose("[name=to]", "Isaura Tolkarn, Office");
        browser.type("[name=hand-on-message]", "You know the house");
        browser.click("Hand it on");
        browser.sees("Handed on to Isaura Tolkarn.");
        browser.signInAndEnter("isaura", PASSWORD);
        browser.go("/requests?search=kerensa");
        browser.clickOnRow("Kerensa Saltonstall");
        browser.sees("[data-history]", "“To Isaura Tolkarn. You know the house”");

        browser.signInAndEnter("corvin", PASSWORD);
        browser.go("/my-team");
        browser.choose("[name=order]", "what lapses first");
        browser.sees("[data-my-team]", "4.5 hours of Time in lieu");
    }

    @Test
    @Order(7)
    void leaveIsEnteredForAWholeTeam() {
        administrator();
        browser.go("/requests");
        browser.click("Enter for many");
        browser.choose("[name=team]", "Grounds");
        browser.choose("[name=policy]", "Hourly leave");
        browser.set("[name=first]", "2027-09-15");
        browser.sees("[data-entries]", "is not enrolled in this policy");
        browser.clickStarting("Leave out all");
        browser.clickStarting("Enter it for");
        browser.sees("Entered for ");
        browser.go("/people/organisation");
        browser.sees("[data-told-of-teams]", "Glasshouses: ");
    }

    @Test
    @Order(8)
    void leaveIsAskedForByTheClock() {
        administrator();
        browser.go("/people/28");
        browser.click("Working time");
        browser.clickOn("[data-times] summary");
        browser.type("[aria-label='From on Mon']", "7");
        browser.sees("The times of Mon need a begin and an end");
        browser.type("[aria-label='To on Mon']", "3:30p");
        browser.type("[aria-label='Break from on Mon']", "1100");
        browser.type("[aria-label='Break to on Mon']", "11.30");
        browser.click("The same as Mon on every day with hours");
        browser.click("Change it from then on");
        browser.sees("Mon, Tue, Wed, Thu, Fri 07:00 to 15:30, break 11:00 to 11:30");

        browser.signInAndEnter("kerensa", PASSWORD);
        browser.click("Anniversary hours");
        browser.type("[aria-label='Days, typed']", "27 May");
        browser.press(Keys.ENTER);
        browser.clickOn("[data-parts] summary");
        browser.choose("[aria-label^='How much of']", "From … to …");
        browser.sees("[data-parts]", "of 07:30 to 16:00, break 12:00 to 12:30");
        browser.type("[aria-label^='From, on']", "11");
        browser.press(Keys.TAB);
        browser.type("[aria-label^='To, on']", "2p");
        browser.press(Keys.TAB);
        browser.sees("[data-cost]", "2.5 hours");
        browser.click("Send request");
        browser.sees("Sent. You will see here");
        browser.click("Thu 27 May");
        browser.sees("11:00 to 14:00");
    }
}
