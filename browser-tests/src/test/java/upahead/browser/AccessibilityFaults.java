package upahead.browser;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.openqa.selenium.JavascriptExecutor;

/** Looks at the page that a browser shows with a checker of accessibility. */
final class AccessibilityFaults {

    /** Brought to a document once, however many screens are shown in it: it is large. */
    private static final String CHECKER = read("/axe.min.js");

    /** Each rule that is broken, with up to three of the places where; what is in order is not described. */
    private static final String CHECK =
            """
            const done = arguments[arguments.length - 1];
            // a colour on its way to another one is nobody's to read
            const changing = document.getAnimations()
              .filter((each) => each.effect.getComputedTiming().iterations !== Infinity)
              .map((each) => each.finished);
            Promise.allSettled(changing).then(
              () => axe.run(document, {resultTypes: ['violations']})).then(
              (found) => done(found.violations.map(
                (rule) => rule.id + ': ' + rule.nodes.slice(0, 3).map((node) => node.html).join(', '))),
              (problem) => done(['the checker fails: ' + problem]));
            """;

    private AccessibilityFaults() {}

    /** Each rule that is broken, with some of the places where. */
    @SuppressWarnings("unchecked")
    static List<String> on(JavascriptExecutor page) {
        if (!(boolean) page.executeScript("return 'axe' in window")) {
            page.executeScript(CHECKER);
        }
        return (List<String>) page.executeAsyncScript(CHECK);
    }

    private static String read(String resource) {
        try (InputStream script = AxeBuilder.class.getResourceAsStream(resource)) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
