package upahead.browser;

import org.openqa.selenium.JavascriptExecutor;

/** Waits until a page is as it will be: it has its heading, nothing of it is being fetched, and nothing changes any more. */
final class Settling {

    private static final String AWAIT =
            """
            const done = arguments[arguments.length - 1];
            const quiet = 150, longest = 60000;
            let waiting;
            const isWhole = () => document.querySelector('h1') && !document.querySelector('main .loading');
            const end = () => {
              observer.disconnect();
              clearTimeout(waiting);
              clearTimeout(last);
              done();
            };
            const again = () => {
              clearTimeout(waiting);
              waiting = setTimeout(() => isWhole() ? end() : again(), quiet);
            };
            const observer = new MutationObserver(again);
            observer.observe(document, {subtree: true, childList: true, characterData: true});
            // one that never is whole is looked at as it is, and found wanting
            const last = setTimeout(end, longest);
            again();
            """;

    private Settling() {}

    static void await(JavascriptExecutor page) {
        page.executeAsyncScript(AWAIT);
    }
}
