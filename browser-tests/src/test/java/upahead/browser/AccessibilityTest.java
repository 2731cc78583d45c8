package upahead.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.junit.jupiter.api.Test;

/** No place has a fault that a checker of accessibility finds, in either look, and each can be used by keys alone. */
class AccessibilityTest extends AccessibilityChecks {

    @Test
    void everyRouteIsLookedAt() throws IOException {
        assertThat(Places.ALL).extracting(Places.Place::route).containsExactlyInAnyOrderElementsOf(Places.routes());
    }

    @Test
    void ofAnEmployee() {
        browser.signInAndEnter("kerensa", PASSWORD);
        assertNoFaultAtPlacesOf(Places.Who.EMPLOYEE);
    }

    @Test
    void ofAnApprover() {
        browser.signInAndEnter("corvin", PASSWORD);
        assertNoFaultAtPlacesOf(Places.Who.APPROVER);
    }

    @Test
    void ofAnAdministrator() {
        administrator();
        assertNoFaultAtPlacesOf(Places.Who.ADMINISTRATOR);
    }
}
