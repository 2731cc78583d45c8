package upahead.browser;

import org.openqa.selenium.Keys;

/** The three days that those who work in the glasshouses have not finished on the demo day. */
final class Glasshouses {

    private Glasshouses() {}

    /** Finishes them on the open run, in the side panel, without leaving it. */
    static void finishTheirDays(Browser browser) {
        finish(browser, 37, "The work from", "2027-04-15", "7:30-13:30 (12-12:30)");
        finish(browser, 39, "The break from 12:00 has no end", "2027-04-20", "7:30-14 (12-12:30)");
        finish(browser, 41, "neither hours nor leave on 23 April", "2027-04-23", "=");
    }

    private static void finish(Browser browser, int person, String why, String day, String line) {
        browser.sees("[data-blockers]", why);
        browser.clickOn("[data-mend='" + person + "']");
        browser.type("[data-line='" + day + "']", line);
        browser.pressOn("[data-line='" + day + "']", Keys.ENTER);
        browser.sees("No unfinished day");
        browser.click("Close");
        browser.waitUntilGone("[data-card]");
        // the others move up then, away from under a click
        browser.waitUntilGone("[data-mend='" + person + "']");
    }
}
