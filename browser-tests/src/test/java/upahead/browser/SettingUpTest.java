package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A company that has lived in spreadsheets is set up from three files, up to its first closed pay run. */
class SettingUpTest {

    private static final int PEOPLE = 30;
    private static final DateTimeFormatter DAY_FIRST = DateTimeFormatter.ofPattern("dd/MM/yyyy");
    /** The last fortnight that is over, whatever day the test runs on. */
    private static final LocalDate FIRST_DAY = LocalDate.now()
            .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
            .minusDays(14);

    @Test
    void aCompanyOfThirtyFromThreeFilesToItsFirstClosedRun(@TempDir Path folder) throws IOException {
        try (Program program = Program.empty(folder);
                Browser browser = new Browser(program.address())) {
            createAdministrator(browser);
            addPayGroup(browser);
            bringPeopleIn(browser, folder);
            writePolicy(browser);
            setOpeningBalances(browser, folder);
            closeFirstRun(browser, folder);
            program.restart();
            everythingIsStillThere(program);
        }
    }

    @Test
    void somebodyMovesToAnotherTeamAndWorksPartTimeInTheMiddleOfAPeriod(@TempDir Path folder) {
        try (Program program = Program.withDemoData(folder);
                Browser browser = new Browser(program.address())) {
            browser.signInAndEnter("teodric", "walled-garden");
            browser.go("/people/27");
            browser.click("Team, site, pay group, approver");
            browser.choose("[name=team]", "Office");
            browser.set("[role=dialog] [name=from]", "2027-05-19");
            browser.sees("[data-effects]", "Time in lieu ends on 18 May 2027");
            browser.choose("[aria-label='What is left of Time in lieu']", "goes on in Hourly leave");
            browser.click("Change it from then on");
            browser.sees("[data-history]", "From 19 May 2027\nOffice at Brindlemoor");
            browser.sees("[data-enrolments]", "what is left goes on in Hourly leave");
            browser.click("Working time");
            browser.set("[role=dialog] [name=from]", "2027-05-19");
            browser.type("[role=dialog] [name=fte]", "0.5");
            for (String day : new String[] {"Mon", "Tue", "Wed", "Thu", "Fri"}) {
                browser.type("[aria-label='Hours on " + day + "']", "4");
            }
            browser.click("Change it from then on");
            browser.sees("[data-history]", "From 19 May 2027\n20 hours a week");
            changesAPolicyForNextYear(browser);
        }
    }

    private static void changesAPolicyForNextYear(Browser browser) {
        browser.go("/policies/2");
        browser.set("[name=from]", "2028-01-01");
        browser.click("Show what it changes");
        browser.sees("[data-impact]", "balances change");
        browser.sees("Everybody together");
        browser.sees("[data-comparison]", "now");
        browser.type("[name=reason]", "Agreed for next year");
        browser.click("Put in force");
        browser.sees("In force from 1 Jan 2028");
        browser.go("/policies");
        browser.sees("changes on 1 Jan 2028");
    }

    private static void everythingIsStillThere(Program program) {
        try (Browser browser = new Browser(program.address())) {
            browser.signInAndEnter("ada", "long enough, surely");
            browser.go("/people");
            browser.sees("30 people");
            browser.go("/policies");
            browser.sees("Loom leave");
            browser.sees("1 hour for every 40 hours worked");
            browser.go("/balances/openings");
            browser.sees("Müller, Person 10");
            assertThat(browser.value("[aria-label='balance of Müller, Person 10']"))
                    .isEqualTo("10.5");
            browser.go("/pay-runs");
            browser.sees("Closed");
            browser.go("/audit");
            browser.sees("[data-audit]", "closed a run");
        }
    }

    private static void createAdministrator(Browser browser) {
        browser.go("/");
        browser.type("[name=username]", "ada");
        browser.type("[name=name]", "Ada Payroll");
        browser.type("[name=password]", "long enough, surely");
        browser.click("Create and sign in");
        browser.sees("[data-step=PAY_GROUPS][data-done=false]", "Add the pay groups");
    }

    private static void addPayGroup(Browser browser) {
        browser.click("Add the pay groups");
        browser.type("[name=pay-group]", "Weavers");
        browser.set("[name=anchor]", FIRST_DAY.toString());
        browser.clickOn("main section:last-of-type form button");
        browser.sees("Weavers is kept.");
    }

    /** A file with semicolons, quotes, day-first dates and names in the encoding of a western spreadsheet. */
    private static void bringPeopleIn(Browser browser, Path folder) throws IOException {
        browser.go("/people/import");
        browser.upload("[aria-label='File of people']", people(folder, "Nobody"));
        browser.sees("[data-preview]", "29 new, 0 changed, 0 the same, 1 wrong.");
        browser.sees("approver: nobody here has the code, address or name “Nobody”");
        browser.sees("Nothing is taken while rows are wrong.");
        browser.upload("[aria-label='File of people']", people(folder, "W1"));
        browser.sees("[data-preview]", "30 new, 0 changed, 0 the same, 0 wrong.");
        browser.sees("The file brings new sites: Mill and new teams: Dyehouse, Loom hall.");
        browser.click("Take 30 people");
        browser.sees("[data-taken]", "30 people added, 0 changed, 0 as they were.");
        browser.upload("[aria-label='File of people']", people(folder, "W1"));
        browser.sees("Everything in the file is there already; nothing would change.");
    }

    private static Path people(Path folder, String approverOfLast) throws IOException {
        StringBuilder file = new StringBuilder("Number;Name;Department;Location;Pay group;Start date;Manager\n");
        for (int at = 1; at <= PEOPLE; at++) {
            String approver = at == 1 ? "" : at == PEOPLE ? approverOfLast : "W1";
            file.append("W%d;\"Müller, Person %d\";%s;Mill;Weavers;%s;%s%n"
                    .formatted(
                            at,
                            at,
                            at % 2 == 0 ? "Loom hall" : "Dyehouse",
                            LocalDate.of(2020, 3, 17).plusDays(at).format(DAY_FIRST),
                            approver));
        }
        return write(folder.resolve("people.csv"), file, Charset.forName("windows-1252"));
    }

    private static void writePolicy(Browser browser) {
        browser.go("/policies/new");
        browser.clickOn("main li:first-child button");
        browser.type("[name=policy-name]", "Loom leave");
        browser.type("[name=payroll-code]", "LOOM");
        browser.type("[aria-label='Hours worked']", "40");
        browser.click("Keep as a draft");
        browser.sees("Put it in force");
        browser.stepThrough("[data-unseen]");
        browser.click("Save the draft");
        browser.set("[name=from]", FIRST_DAY.toString());
        browser.sees("Covers 30 people");
        browser.click("Put in force");
        browser.sees("In force. The people it covers are enrolled.");
    }

    private static void setOpeningBalances(Browser browser, Path folder) throws IOException {
        StringBuilder file = new StringBuilder("Code,Policy,As of,Balance,Earned,Used\n");
        for (int at = 1; at <= PEOPLE; at++) {
            file.append("W%d,Loom leave,%s,%d.5,20,4%n".formatted(at, FIRST_DAY, at == PEOPLE ? 70 : at));
        }
        browser.go("/balances/openings");
        browser.sees("Müller, Person 1");
        browser.clickStarting("From a file or a spreadsheet");
        browser.upload(
                "[aria-label='File of opening balances']",
                write(folder.resolve("openings.csv"), file, StandardCharsets.UTF_8));
        browser.sees("more than may be held, 66");
        browser.sees("[data-sums]", "30 520 600 120");
        browser.click("Set 30 opening balances");
        browser.sees("30 opening balances set.");
    }

    private static void closeFirstRun(Browser browser, Path folder) throws IOException {
        browser.go("/pay-runs");
        browser.set("[name=first-day]", FIRST_DAY.toString());
        browser.click("Begin with that period");
        browser.clickOnRow("Mon");
        StringBuilder file = new StringBuilder("person,date,kind,hours\n");
        for (int at = 1; at <= PEOPLE; at++) {
            for (int day : new int[] {0, 1, 2, 3, 4, 7, 8, 9, 10, 11}) {
                file.append("W%d,%s,regular,8%n".formatted(at, FIRST_DAY.plusDays(day)));
            }
        }
        browser.upload(
                "[aria-label='File of hours']", write(folder.resolve("hours.csv"), file, StandardCharsets.UTF_8));
        browser.sees("300 rows of 30 people can be taken. They are 2400 hours.");
        browser.click("Take 300 rows");
        browser.sees("300 rows of 30 people are in.");
        CheckedRun.with(browser, "one of thirty came with a full balance");
        browser.click("Close this run");
        browser.sees("are frozen and never change again.");
        browser.click("Close the run");
        browser.sees("What was frozen");
        browser.go("/balances");
        browser.sees("Müller, Person 10 Loom hall");
        assertThat(browser.pageText()).contains("Loom leave", "12.5");
        browser.go("/");
        browser.seesNot("Setting up");
    }

    private static Path write(Path path, CharSequence content, Charset charset) throws IOException {
        return Files.writeString(path, content, charset);
    }
}
