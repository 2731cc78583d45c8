package upahead.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Lists of everybody where everybody is more than a page: what is shown is a part, and everybody can be found. */
class ManyPeopleTest extends OnTheDemo {

    private static final int MANY = 320;

    @BeforeAll
    void bringManyIn(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("growers.csv");
        Files.writeString(
                file,
                "Code,Name,Team,Site,Pay group,Hired,Mon,Tue,Wed,Thu,Fri\n"
                        + IntStream.rangeClosed(1, MANY)
                                .mapToObj(
                                        "G%1$03d,Grower %1$03d,Grounds,Brindlemoor,Hourly staff,2027-04-19,8,8,8,8,8"
                                                ::formatted)
                                .collect(Collectors.joining("\n")));
        open();
        administrator();
        browser.go("/people/import");
        browser.upload("[aria-label='File of people']", file);
        browser.sees("[data-preview]", MANY + " new");
        browser.click("Take " + MANY + " people");
        browser.sees("[data-taken]", MANY + " people added");
        close();
    }

    @Test
    void anOpeningBalanceIsTypedForSomebodyWhoIsNotAmongTheFirst() {
        administrator();
        browser.go("/balances/openings?policy=1");
        browser.sees("are left");
        browser.type("[aria-label='Find people']", "g317 grower");
        browser.type("[aria-label='balance of Grower 317']", "12,5");
        browser.reload();
        browser.sees("1 typed here and not set yet.");
        browser.type("[aria-label='Find people']", "grower 31");
        browser.sees("Grower 319");
        browser.clickStarting("Check");
        browser.click("Set 1 opening balance");
        browser.sees("1 opening balance set.");
    }

    @Test
    void payRatesAreTurnedPageByPage() {
        administrator();
        browser.go("/value/rates");
        browser.sees("1 to 100 of");
        browser.click("Later");
        browser.sees("101 to 200 of");
        browser.type("[type=search]", "grower 27");
        browser.sees("[data-rates]", "Grower 270");
        browser.sees("1 to 13 of 13 people");
        browser.click("Grower 274");
        browser.type("[name=rate-amount]", "17,50");
        browser.click("Set it");
        browser.sees("[data-rates]", "17.50");
    }

    @Test
    void allWhoAreWantedAreChosenThoughTheFirstAloneAreShown() {
        administrator();
        browser.go("/year-end?policy=1&year=2028");
        browser.sees("more; search for whom you want, or take the table.");
        browser.type("[type=search]", "grower");
        browser.sees(MANY + " year’s ends");
        browser.clickOn("[aria-label='Choose all that are wanted']");
        browser.sees("[data-grant]", "Let " + MANY + " people carry over");
    }
}
