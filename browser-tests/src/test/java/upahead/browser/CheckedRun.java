package upahead.browser;

/** Checks a run whose blockers are settled, on its page. */
final class CheckedRun {

    private CheckedRun() {}

    /** Where nothing unusual is left to look at. */
    static void withoutCautions(Browser browser) {
        browser.click("Check this run");
        browser.click("It is right");
        browser.sees("Checked by");
    }

    /** Says once why all that is unusual is right. */
    static void with(Browser browser, String note) {
        browser.click("Check this run");
        browser.type("[name=note]", note);
        browser.click("It is right");
        browser.sees("Checked by");
    }
}
