package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** No screen of time off has a fault that a checker of accessibility finds, in both themes, on a desk and on a phone. */
class AccessibilityTest extends OnTheDemo {

    @Test
    void ofAnEmployee() {
        browser.signInAndEnter("kerensa", PASSWORD);
        assertNoFault("/my-time", "/my-time/year", "/my-time/terms", "/notices");
    }

    @Test
    void ofAnApprover() {
        browser.signInAndEnter("corvin", PASSWORD);
        assertNoFault("/requests", "/my-team");
    }

    @Test
    void ofAnAdministrator() {
        administrator();
        assertNoFault("/calendar", "/people/organisation");
    }

    private void assertNoFault(String... places) {
        for (boolean dark : new boolean[] {false, true}) {
            if (dark) {
                browser.preferDark();
            } else {
                browser.preferLight();
            }
            for (int[] size : new int[][] {{1280, 800}, {390, 844}}) {
                browser.resize(size[0], size[1]);
                for (String place : places) {
                    browser.go(place);
                    browser.waitUntilGone("main .loading");
                    assertThat(browser.faults())
                            .as(place + (dark ? ", dark, " : ", light, ") + size[0])
                            .isEqualTo(List.of());
                }
            }
        }
    }
}
