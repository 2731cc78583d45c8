package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Holidays by rules and from files, paid hours for an extra day, and days without leave. */
class HolidaysInPracticeTest extends OnTheDemo {

    @Test
    void aYearIsLookedAtBeforeItCounts() {
        administrator();
        browser.go("/holidays");
        browser.click("Add a yearly holiday");
        browser.type("[role=dialog] [name=holiday-name]", "Lantern night");
        browser.choose("[role=dialog] [name=sort]", "on a weekday of a month");
        browser.choose("[role=dialog] [aria-label=Which]", "last");
        browser.choose("[role=dialog] [aria-label=Weekday]", "Friday");
        browser.choose("[role=dialog] [aria-label=Month]", "November");
        browser.click("Keep it");
        browser.sees("last Friday of November");
        browser.click("Look at 2028 by the rules");
        browser.sees("[data-days]", "Fri, 24 Nov 2028 Lantern night new");
        browser.click("Let the 9 new days count");
        browser.sees("9 holidays count now.");
        browser.sees("Fri, 24 Nov 2028");
        browser.click("Look at 2029 by the rules");
        browser.type("[role=dialog] [name=year]", "2028");
        browser.sees("[data-days]", "there already");
    }

    @Test
    void aCalendarFileWithTimeZonesAndRepeatsIsLookedAtFirst(@TempDir Path folder) throws IOException {
        administrator();
        browser.go("/holidays");
        browser.choose("[aria-label=Site]", "Saltmarsh Nursery");
        browser.click("From a calendar file");
        browser.upload("[aria-label='Calendar file']", Files.writeString(folder.resolve("broken.ics"), "no calendar"));
        browser.sees("[role=dialog]", "iCalendar");
        browser.upload(
                "[aria-label='Calendar file']",
                Files.writeString(
                        folder.resolve("days.ics"),
                        """
                BEGIN:VCALENDAR
                VERSION:2.0
                PRODID:-//Town hall//Holidays//EN
                BEGIN:VEVENT
                UID:one
                DTSTAMP:20270101T000000Z
                DTSTART;VALUE=DATE:20270917
                SUMMARY:Harvest of salt
                RRULE:FREQ=YEARLY;COUNT=2
                END:VEVENT
                BEGIN:VEVENT
                UID:two
                DTSTAMP:20270101T000000Z
                DTSTART;TZID=Pacific/Auckland:20271005T080000
                DTEND;TZID=Pacific/Auckland:20271005T120000
                SUMMARY:Morning of the tide
                END:VEVENT
                END:VCALENDAR
                """
                                .replace("\n", "\r\n")));
        browser.sees("[data-days]", "17 Sept 2027 Harvest of salt new");
        browser.sees("[data-days]", "17 Sept 2028 Harvest of salt new");
        browser.sees("[data-days]", "5 Oct 2027 Morning of the tide");
        browser.clickStarting("Let the ");
        browser.sees("holidays count now.");
        assertThat(browser.download("Download as a calendar"))
                .startsWith("BEGIN:VCALENDAR")
                .contains("SUMMARY:Harvest of salt")
                .contains("DTSTART;VALUE=DATE:20270917");
    }

    @Test
    void theHolidaysOfACountryAreABeginningThatStaysEditable() {
        administrator();
        browser.go("/holidays");
        browser.choose("[aria-label=Site]", "Saltmarsh Nursery");
        browser.click("Those of a country");
        browser.choose("[aria-label=Country]", "Germany");
        browser.sees("[data-country-days]", "German Unity Day");
        browser.choose("[aria-label=Region]", "Bavaria");
        browser.sees("[data-country-days]", "Epiphany\n6 January");
        browser.sees("[data-country-days]", "Easter Monday\nthere already");
        browser.clickStarting("Take these ");
        browser.sees("Taken. Look at a year to let the days of rules count.");
        browser.sees("[data-rules]", "German Unity Day 3 October");
    }

    @Test
    void paidHoursForAnExtraDayAreGivenAndTakenBack() {
        administrator();
        browser.go("/holidays");
        browser.click("Award hours");
        browser.set("[role=dialog] [name=on]", "2027-04-20");
        browser.type("[role=dialog] [name=award-name]", "The founder’s jubilee");
        browser.choose("[role=dialog] [name=team]", "Grounds");
        browser.click("a fixed number of hours");
        browser.type("[role=dialog] [name=hours]", "4");
        browser.sees("[data-award]", "48 hours");
        browser.click("Nuala Vosper 4 hours");
        browser.sees("[data-award]", "44 hours");
        browser.click("Give these hours");
        browser.sees("The founder’s jubilee");
        browser.go("/pay-runs/15");
        browser.sees("Gathering");
        browser.go("/holidays");
        browser.click("Take back");
        browser.sees("taken back");
    }

    @Test
    void leaveApprovedOnProtectedDatesIsListedAndWhoeverAsksReadsWhy() {
        administrator();
        browser.go("/holidays");
        browser.click("Protect dates");
        browser.set("[role=dialog] [name=starts]", "2027-05-24");
        browser.set("[role=dialog] [name=ends]", "2027-05-26");
        browser.sees("[data-approved]", "Isaura Tolkarn");
        browser.sees("[data-approved]", "Morwen Vellacott");
        browser.choose("[role=dialog] [name=team]", "Grounds");
        browser.seesNot("Isaura Tolkarn");
        browser.type("[role=dialog] [name=reason]", "The royal visit");
        browser.click("Protect these dates");
        browser.sees("The royal visit");
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.click("Hourly leave");
        browser.clickOn("[data-day='2027-05-25']");
        browser.sees("[data-problems]", "Tuesday, 25 May is a protected date: The royal visit.");
    }
}
