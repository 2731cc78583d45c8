package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;

/** Hours as they come in: typed by keys alone, said at a clock, and brought in by file. */
class HoursInPracticeTest extends OnTheDemo {

    @Test
    void aWeekIsFilledByKeysAloneAndWhatIsWrongIsSaidWhereItStands() {
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.go("/my-hours?on=2027-04-20");
        browser.clickOn("[data-line='2027-04-12']");
        type("730 12 1230 16:10", "9-12 13-5p", "=", "\"", "half past eight");
        browser.sees("“half past eight” cannot be read; write times as 8-12 12:30-16:30, or hours as 7.5h.");
        assertThat(browser.value("[data-line='2027-04-12']")).isEqualTo("07:30-12:00 12:30-16:10");
        assertThat(browser.value("[data-line='2027-04-13']")).isEqualTo("09:00-12:00 13:00-17:00");
        assertThat(browser.value("[data-line='2027-04-15']")).isEqualTo("07:30-16:00 (12:00-12:30)");
        assertThat(browser.value("[data-line='2027-04-16']")).isEqualTo("half past eight");
        browser.type("[data-line='2027-04-16']", "8-");
        browser.pressOn("[data-line='2027-04-16']", Keys.ENTER);
        browser.sees("The work from 08:00 has no end.");
        browser.reload();
        browser.sees("The work from 08:00 has no end.");
        browser.type("[data-line='2027-04-16']", "8-16:30 (12-12:30)");
        browser.pressOn("[data-line='2027-04-16']", Keys.ENTER);
        browser.seesNot("has no end");
        browser.click("Fill empty days as scheduled");
        browser.sees("No unfinished day");
        browser.click("Undo");
        browser.sees("5 unfinished days");
        browser.click("Fri 16 Apr");
        browser.sees("[data-changes]", "Kerensa Saltonstall");
        browser.sees("[data-changes]", "08:00-16:30 (12:00-12:30)");
    }

    private void type(String... lines) {
        for (String line : lines) {
            browser.press(line);
            browser.press(Keys.ENTER);
        }
    }

    @Test
    void aScreenIsPairedAndWhatIsSaidAtItStandsOnTheCard() {
        administrator();
        browser.go("/hours/terminals");
        browser.sees("Nobody has the code 9041.");
        browser.type("[name=terminal]", "Potting shed");
        browser.click("Add it and get a code");
        browser.sees("[data-code]", "Type");
        String code = browser.text("[data-code] strong");
        try (Browser screen = new Browser(program.address())) {
            screen.go("/terminal");
            screen.type("[name=pairing]", "12345678");
            screen.click("Pair");
            screen.sees("This code is not offered, or not any more. Ask for a new one.");
            screen.type("[name=pairing]", code);
            screen.click("Pair");
            screen.sees("Potting shed, Brindlemoor");
            screen.press("1271");
            screen.click("In");
            screen.sees("[data-said]", "Kerensa Saltonstall: In at");
            screen.press("1271");
            screen.click("My balances");
            screen.sees("[data-glance]", "Hourly leave");
            browser.click("Unpair");
            browser.sees("is not paired any more");
        }
        browser.go("/hours");
        browser.click("Today");
        browser.clickOn("input[type=checkbox]");
        browser.sees("[data-counts]", "1 person, 1 there now");
        browser.sees("in since");
    }

    @Test
    void anUntidyFileOfTimesIsTakenOnceAndLookedAtByFigures(@TempDir Path folder) throws IOException {
        administrator();
        browser.go("/hours/file");
        Path file = Files.writeString(
                folder.resolve("zeiten.csv"),
                """
                Mitarbeiter;Datum;Kommen;Gehen
                Vosper, Nuala;19.04.2027;07:30;12:00
                Vosper, Nuala;19.04.2027;12:45;19:15
                Vosper, Nuala;19.04.2027;12:45;19:15
                B999;20.04.2027;7:30;16:00
                Nuala Vosper;31.03.2027;7:30;16:00
                """,
                Charset.forName("windows-1252"));
        browser.upload("[aria-label='File of times']", file);
        browser.sees("[data-faults]", "Line 4: the same stands in the file twice");
        browser.sees("[data-faults]", "nobody here has the code, address or name “B999”");
        browser.sees("[data-faults]", "31 March 2027 is in a closed period");
        browser.click("Leave these rows out on purpose");
        browser.click("Take 2 rows");
        browser.sees("2 rows of 1 person are in.");
        browser.upload("[aria-label='File of times']", file);
        browser.sees("4 of their times were taken before and are left out.");
        browser.go("/hours");
        browser.click("+ Condition");
        browser.choose("[aria-label=Figure]", "Overtime");
        browser.type("[data-bound='0']", "1,25");
        browser.sees("Nuala Vosper");
        browser.seesNot("Kerensa Saltonstall");
        browser.type("[aria-label='Name of this view']", "Long days");
        browser.press(Keys.ENTER);
        browser.reload();
        browser.sees("Kerensa Saltonstall");
        browser.click("Long days");
        browser.seesNot("Kerensa Saltonstall");
        assertThat(browser.download("Download CSV")).startsWith("code,person,team,first in,last out,worked");
    }
}
