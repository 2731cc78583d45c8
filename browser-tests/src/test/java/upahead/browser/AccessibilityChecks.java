package upahead.browser;

import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** Looks at pages, light on a desk and dark on a phone, and tells all that is wrong at the end of a test. */
abstract class AccessibilityChecks extends OnTheDemo {

    private static final boolean DARK = true;
    private static final boolean LIGHT = false;
    private static final int MOST_QUESTIONS = 30;

    /** Everything is looked at, whatever is wrong with some of it. */
    private SoftAssertions all;

    @BeforeEach
    void begin() {
        all = new SoftAssertions();
    }

    @AfterEach
    void nothingIsWrong() {
        all.assertAll();
    }

    void only(String search, String name) {
        browser.type("[aria-label='" + search + "']", name);
        browser.waitUntilGone("tbody tr[data-person]:not([data-person^=" + name + "])");
    }

    /** Places as they are: light on a desk, where they are gone through by keys, too, and dark on a phone. */
    void assertNoFaultAtPlacesOf(Places.Who who) {
        for (Places.Place place : Places.of(who)) {
            browser.forgetQuestions();
            browser.go(place.address());
            assertNoFaultInBothLooks(place.address());
            // one that asks again whatever it was answered asks hundreds of times meanwhile
            all.assertThat(browser.questions())
                    .as(place.address() + ", questions to the server")
                    .isLessThan(MOST_QUESTIONS);
            all.assertThat(browser.notUsableByKeys())
                    .as(place.address() + ", by keys")
                    .isEmpty();
        }
    }

    /** A screen in a state that somebody brings about: light on a desk, and dark on a phone. */
    void assertNoFaultOn(String place, String state, Runnable bringAbout) {
        browser.go("/");
        browser.go(place);
        bringAbout.run();
        assertNoFaultInBothLooks(place + ", " + state);
    }

    /** What is there is looked at on a desk and then as it is on a phone, without bringing it about again. */
    void assertNoFaultInBothLooks(String what) {
        assertNoFaultNow(what);
        look(DARK, 390, 844);
        assertNoFaultNow(what + ", dark and narrow");
        look(LIGHT, 1280, 800);
    }

    void look(boolean dark, int width, int height) {
        if (dark) {
            browser.preferDark();
        } else {
            browser.preferLight();
        }
        browser.resize(width, height);
    }

    void assertNoFaultNow(String what) {
        browser.settle();
        all.assertThat(browser.faults()).as(what).isEmpty();
    }
}
