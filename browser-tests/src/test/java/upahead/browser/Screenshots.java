package upahead.browser;

import java.nio.file.Path;

/** Takes the pictures of the main views from a running demo: arguments are its address and the folder for pictures. */
final class Screenshots {

    private static final String PASSWORD = "walled-garden";

    private final Browser browser;
    private final Path folder;

    private Screenshots(Browser browser, Path folder) {
        this.browser = browser;
        this.folder = folder;
    }

    public static void main(String[] arguments) {
        try (Browser browser = new Browser(arguments[0])) {
            new Screenshots(browser, Path.of(arguments[1])).take();
        }
    }

    private void take() {
        browser.signInAndEnter("teodric", PASSWORD);
        browser.sees("Further ahead");
        save("lookout");
        shot("/requests", "Message to", "requests");
        shot("/balances", "Booked", "balances");
        shot("/balances/30/1", "What is up ahead", "balance");
        shot("/policies", "In force since", "policies");
        shot("/policies/2", "After two years", "policy");
        shot("/people", "Pay group", "people");
        shot("/holidays", "Protected dates", "holidays");
        shot("/pay-runs/15", "What will be frozen", "pay-run");
        browser.signInAndEnter("kerensa", PASSWORD);
        browser.sees("Ask for time off");
        for (String day : new String[] {"2027-04-30", "2027-05-03", "2027-05-04"}) {
            browser.clickOn("[data-day='" + day + "']");
        }
        browser.sees("Costs");
        save("my-time");
    }

    private void shot(String path, String expected, String name) {
        browser.go(path);
        browser.sees(expected);
        save(name);
    }

    private void save(String name) {
        browser.saveScreenshot(folder.resolve(name + ".png"));
    }
}
