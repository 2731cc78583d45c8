package upahead.browser;

import java.util.List;
import org.openqa.selenium.Keys;
import org.openqa.selenium.chrome.ChromeDriver;

/** Goes through a page with the tabulator alone: everything that can be used is come to, and shows that it was. */
final class KeyboardWalk {

    /** Of long tables the first rows say what the others would. */
    private static final int MOST = 120;

    /** Parts of a page that scroll are stopped at, too. */
    private static final int STOPS_BESIDE = 15;

    private static final String BEGIN =
            """
            const usable = [...document.querySelectorAll(
              'a[href], button, input, select, textarea, summary, [tabindex="0"]')]
              .filter((each) => !each.disabled && each.tabIndex >= 0 && !each.closest('[inert]')
                && each.checkVisibility({visibilityProperty: true})
                && !(each.type === 'radio' && !each.checked));
            const walk = {usable: usable.slice(0, arguments[0]), come: new Set(), unseen: []};
            walk.listen = ({target}) => {
              walk.come.add(target);
              const {outlineStyle, boxShadow} = getComputedStyle(target);
              if (outlineStyle === 'none' && boxShadow === 'none') {
                walk.unseen.push('does not show that it has the cursor: ' + target.outerHTML.slice(0, 160));
              }
            };
            document.addEventListener('focusin', walk.listen);
            window.walk = walk;
            const beginning = document.createElement('span');
            beginning.tabIndex = -1;
            document.body.prepend(beginning);
            beginning.focus();
            beginning.remove();
            walk.come.clear();
            walk.unseen = [];
            return walk.usable.length;
            """;

    private static final String END =
            """
            document.removeEventListener('focusin', walk.listen);
            document.activeElement?.blur();
            return [...walk.unseen, ...walk.usable
              .filter((each) => each.isConnected && !each.disabled && each.checkVisibility() && !walk.come.has(each))
              .map((each) => 'is not come to: ' + each.outerHTML.slice(0, 160))];
            """;

    private KeyboardWalk() {}

    /** What cannot be come to, or does not show it. */
    @SuppressWarnings("unchecked")
    static List<String> faults(ChromeDriver page) {
        long usable = (long) page.executeScript(BEGIN, MOST);
        page.switchTo().activeElement().sendKeys(Keys.TAB.toString().repeat((int) usable + STOPS_BESIDE));
        return (List<String>) page.executeScript(END);
    }
}
