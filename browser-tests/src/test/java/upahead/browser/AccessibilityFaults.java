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

    /**
     * Each rule that is broken, with up to three of the places where. Contrast takes most of the time, and what is said
     * of it by the first rows of a table holds for the others.
     */
    private static final String CHECK =
            """
            const done = arguments[arguments.length - 1];
            const contrast = ['color-contrast'];
            const answer = {resultTypes: ['violations'], selectors: false};
            const everywhere = () => axe.run(
              document, {...answer, rules: {'color-contrast': {enabled: false}}});
            const ofFirstRows = () => axe.run(
              {exclude: ['tbody tr:nth-child(n+13)']}, {...answer, runOnly: contrast});
            // a colour on its way to another one is nobody's to read, one that does not get there is
            const changing = document.getAnimations()
              .filter((each) => each.effect.getComputedTiming().iterations !== Infinity)
              .map((each) => each.finished);
            const changed = Promise.race(
              [Promise.allSettled(changing), new Promise((goOn) => setTimeout(goOn, 2000))]);
            changed.then(everywhere).then(
              (some) => ofFirstRows().then((more) => [...some.violations, ...more.violations])).then(
              (found) => done(found.map(
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
