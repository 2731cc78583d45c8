package upahead.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Takes the pictures of the main views on the demo data; the argument is the folder they go to. */
public final class Screenshots {

    private static final String PASTED =
            """
            Code;Name;Team;Site;Pay group;Hired;Approver
            B127;Kerensa Saltonstall;Office;;;;
            B163;Una Pettifer;Orchard;Brindlemoor;Hourly staff;03/05/2027;B104
            B164;Bryn Dell;Orchard;Brindlemoor;Hourly staff;31/05/2027;B199
            """;

    private static final String PASSWORD = "walled-garden";

    private final Browser browser;
    private final Path folder;

    private Screenshots(Browser browser, Path folder) {
        this.browser = browser;
        this.folder = folder;
    }

    public static void main(String[] arguments) throws IOException {
        try (Program program = Program.withDemoData(Files.createTempDirectory("up-ahead-pictures"));
                Browser browser = new Browser(program.address())) {
            new Screenshots(browser, Path.of(arguments[0])).take();
        }
        System.exit(0);
    }

    private void take() {
        browser.signInAndEnter("teodric", PASSWORD);
        browser.sees("Further ahead");
        save("lookout");
        shot("/requests", "Message to", "requests");
        shot("/balances", "Booked", "balances");
        shotOfChart("/balances/30/1", "What is up ahead", "balance");
        shotOfChart("/policies/2", "After two years", "policy");
        shot("/hours", "The work from", "hours");
        shot("/hours/38?on=2027-04-20", "overtime", "time-card");
        shot("/people/33", "carried over", "person");
        shot("/year-end?policy=1&year=2028", "Keep this review", "year-end");
        shotOfChart("/value", "The same as a table", "value");
        bringPeopleIn();
        shot("/proof", "Differences", "proof");
        shot("/holidays", "Protected dates", "holidays");
        browser.go("/calendar");
        browser.set("header input[data-date]", "2027-05-10");
        browser.clickOnRow("Grounds");
        browser.sees("[data-person='Petrel Yaxley']", "waiting");
        save("calendar");
        browser.press("t");
        shot("/pay-runs/15", "Merrin Umberleigh", "pay-run");
        browser.preferDark();
        browser.go("/ahead");
        browser.clickOn("[data-group=LAPSE] summary");
        browser.sees("Tell all 15");
        save("ahead-in-the-dark");
        browser.preferLight();
        terminal();
        employee();
        onAPhone();
    }

    private void bringPeopleIn() {
        browser.go("/people/import");
        browser.type("[aria-label='Pasted people']", PASTED);
        browser.click("Look at what was pasted");
        browser.sees("1 wrong");
        save("bring-people-in");
    }

    private void terminal() {
        browser.go("/hours/terminals");
        browser.type("[name=terminal]", "Potting shed");
        browser.click("Add it and get a code");
        browser.sees("[data-code]", "Type");
        String code = browser.text("[data-code] strong");
        browser.go("/terminal");
        browser.type("[name=pairing]", code);
        browser.click("Pair");
        browser.sees("Potting shed, Brindlemoor");
        browser.press("1271");
        browser.click("My balances");
        browser.sees("[data-glance]", "Hourly leave");
        save("terminal");
        browser.go("/");
    }

    private void employee() {
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.sees("Ask for time off");
        for (String day : new String[] {"2027-04-30", "2027-05-03", "2027-05-04"}) {
            browser.clickOn("[data-day='" + day + "']");
        }
        browser.sees("[data-cost]", "16 hours");
        save("my-time");
    }

    private void onAPhone() {
        browser.resize(390, 844);
        browser.go("/mail");
        shot("/my-time", "Ask for time off", "my-time-on-a-phone");
    }

    private void shot(String path, String expected, String name) {
        browser.go(path);
        browser.sees(expected);
        save(name);
    }

    /** A chart is drawn when its library has come. */
    private void shotOfChart(String path, String expected, String name) {
        browser.go(path);
        browser.sees(expected);
        browser.sees("[role=img] svg text", "");
        save(name);
    }

    private void save(String name) {
        browser.saveScreenshot(folder.resolve(name + ".png"));
    }
}
