package upahead.browser;

import java.time.Duration;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.support.ui.FluentWait;
import org.openqa.selenium.support.ui.Sleeper;
import org.openqa.selenium.support.ui.WebDriverWait;

/** Waits for what a person would wait for, and says what the page reads where it does not come. */
final class Patience {

    /** Whatever is waited for takes seconds, but for where other programs keep the machine from it. */
    static final Duration LONGEST = Duration.ofMinutes(2);

    private static final Duration GLANCE = Duration.ofMillis(40);

    private final ChromeDriver driver;

    Patience(ChromeDriver driver) {
        this.driver = driver;
    }

    WebElement find(By by) {
        return patient()
                .withMessage(() -> by + " on this page:\n" + pageText())
                .ignoring(StaleElementReferenceException.class)
                .until(any -> driver.findElement(by));
    }

    void act(By by, Consumer<WebElement> action) {
        waitFor(by + " to be usable", () -> {
            WebElement element = driver.findElement(by);
            if (!element.isEnabled()) {
                return false;
            }
            action.accept(element);
            return true;
        });
    }

    void waitFor(String what, BooleanSupplier condition) {
        patient()
                .withMessage(() -> what + "; the page reads:\n" + pageText())
                .ignoring(WebDriverException.class)
                .until(any -> condition.getAsBoolean());
    }

    private FluentWait<WebDriver> patient() {
        return new WebDriverWait(driver, LONGEST, GLANCE, new WakingClock(), Sleeper.SYSTEM_SLEEPER);
    }

    /** All that can be read, cells and words apart by one blank. */
    String pageText() {
        return ((String) ((JavascriptExecutor) driver).executeScript("return document.body.innerText"))
                .replace('\u00a0', ' ')
                .replace('\t', ' ');
    }
}
