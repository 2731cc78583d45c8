package upahead.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Settles what blocks the open run of the demo on its page. */
final class DemoRun {

    private DemoRun() {}

    /** Brings the hours in, decides the request that waits and finishes the three days. */
    static void settle(Browser browser, Path folder) throws IOException {
        Path hours = Files.writeString(folder.resolve("hours.csv"), browser.download("Demo file"));
        browser.upload("[aria-label='File of hours']", hours);
        browser.click("Leave these rows out on purpose");
        browser.clickStarting("Take ");
        browser.seesNot("have no hours.");
        browser.click("Decide");
        browser.sees("Moving house");
        browser.click("Approve");
        browser.seesNot("waits for a decision");
        Glasshouses.finishTheirDays(browser);
        browser.sees("Nothing stops the close.");
    }
}
