package upahead.browser;

import com.deque.html.axecore.results.CheckedNode;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.List;
import org.openqa.selenium.WebDriver;

/** Looks at the page that a browser shows with a checker of accessibility. */
final class AccessibilityFaults {

    private static final int MOST_PLACES = 3;

    private AccessibilityFaults() {}

    /** Each rule that is broken, with some of the places where. */
    static List<String> on(WebDriver driver) {
        // no page has a frame, for which the other mode opens a window each time
        return new AxeBuilder()
                .setLegacyMode().analyze(driver).getViolations().stream()
                        .map(rule -> rule.getId() + ": "
                                + rule.getNodes().stream()
                                        .map(CheckedNode::getHtml)
                                        .limit(MOST_PLACES)
                                        .toList())
                        .toList();
    }
}
