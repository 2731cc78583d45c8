package upahead.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;

/** A person at a browser: opens places, reads what is there, clicks what can be read, and waits as a person waits. */
final class Browser implements AutoCloseable {

    private final BrowserWindow window;
    private final ChromeDriver driver;
    private final Patience page;
    private final String address;

    Browser(String address) {
        this.address = address;
        this.window = BrowserWindow.any();
        this.driver = window.driver();
        this.page = new Patience(driver);
        resize(1280, 800);
    }

    void resize(int width, int height) {
        window.resize(width, height);
    }

    void preferDark() {
        window.prefer("dark");
    }

    void preferLight() {
        window.prefer("light");
    }

    void go(String path) {
        driver.get(address + "/#" + path);
    }

    void signIn(String name, String password) {
        driver.manage().deleteAllCookies();
        driver.get(address + "/?" + name + "#/");
        type("[name=username]", name);
        type("[name=password]", password);
        click("Sign in");
    }

    void signInAndEnter(String name, String password) {
        signIn(name, password);
        waitUntilGone("[name=password]");
    }

    /** Waits until a text can be read on the page. */
    void sees(String text) {
        page.waitFor(
                "the text “" + text + "” on the page", () -> page.pageText().contains(text));
    }

    /** Waits until a text can be read inside an element. */
    void sees(String selector, String text) {
        page.waitFor(
                "the text “" + text + "” in " + selector, () -> text(selector).contains(text));
    }

    /** Waits until something else can be read inside an element than before. */
    void seesSomethingElseThan(String selector, String before) {
        page.waitFor("another text than “" + before + "” in " + selector, () -> !text(selector)
                .equals(before));
    }

    /** What can be read inside the first element that matches, once it is there. */
    String text(String selector) {
        return page.find(By.cssSelector(selector)).getText();
    }

    /** Clicks what lies on top of all enabled buttons, links and labels with a text. */
    void click(String text) {
        page.act(clickable("normalize-space()='" + text + "'"), WebElement::click);
    }

    /** Clicks a button or link whose text begins with some words. */
    void clickStarting(String words) {
        page.act(clickable("starts-with(normalize-space(), '" + words + "')"), WebElement::click);
    }

    /** Opens the row of a list that has a text. */
    void clickOnRow(String text) {
        page.act(By.xpath("//*[@data-row][contains(normalize-space(), '" + text + "')]"), WebElement::click);
    }

    /** Clicks the first element that matches. */
    void clickOn(String selector) {
        page.act(By.cssSelector(selector), WebElement::click);
    }

    /** Types over what stands in a field. */
    void type(String selector, String text) {
        page.act(By.cssSelector(selector), field -> {
            field.sendKeys(Keys.chord(Keys.CONTROL, "a"), text.isEmpty() ? Keys.DELETE : text);
        });
    }

    /** Sets a date field or a slider, as its picker would. */
    void set(String selector, String value) {
        page.act(By.cssSelector(selector), field -> ((JavascriptExecutor) driver)
                .executeScript(
                        "arguments[0].value = arguments[1];"
                                + "arguments[0].dispatchEvent(new Event('input', {bubbles: true}));"
                                + "arguments[0].dispatchEvent(new Event('change', {bubbles: true}));",
                        field,
                        value));
    }

    /** What stands in a field. */
    String value(String selector) {
        return page.find(By.cssSelector(selector)).getDomProperty("value");
    }

    /** Chooses an option of a list by its text. */
    void choose(String selector, String option) {
        page.waitFor("the choice " + option, () -> {
            WebElement list = driver.findElement(By.cssSelector(selector));
            for (WebElement each : list.findElements(By.tagName("option"))) {
                if (each.getText().trim().equals(option)) {
                    each.click();
                    return true;
                }
            }
            return false;
        });
    }

    /** Goes with the tabulator through everything that matches, until nothing does any more. */
    void stepThrough(String selector) {
        page.waitFor("nothing to be left of " + selector, () -> {
            List<WebElement> left = driver.findElements(By.cssSelector(selector));
            if (!left.isEmpty()) {
                left.get(0).sendKeys(Keys.TAB);
            }
            return left.isEmpty();
        });
    }

    /** Goes back to the page before, as with the browser's own button. */
    void back() {
        driver.navigate().back();
    }

    void reload() {
        driver.navigate().refresh();
    }

    void pressOn(String selector, CharSequence... keys) {
        page.act(By.cssSelector(selector), element -> element.sendKeys(keys));
    }

    /** Waits until a text can no longer be read on the page. */
    void seesNot(String text) {
        page.waitFor(
                "the text “" + text + "” to go away", () -> !page.pageText().contains(text));
    }

    /** Presses keys wherever the cursor is, as when nothing in particular is chosen. */
    void press(CharSequence... keys) {
        page.waitFor("the page to take keys", () -> {
            driver.switchTo().activeElement().sendKeys(keys);
            return true;
        });
    }

    /** What can be read in the element that has the cursor. */
    String chosen() {
        return driver.switchTo().activeElement().getText();
    }

    /** How far the page is wider than the screen, in pixels. */
    long sidewaysScroll() {
        return (long) ((JavascriptExecutor) driver)
                .executeScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth");
    }

    /** What a checker of accessibility finds wrong on the page: each rule with where it is broken. */
    List<String> faults() {
        return AccessibilityFaults.on(driver);
    }

    /** Waits until the page is as it will be. */
    void settle() {
        Settling.await(driver);
    }

    /** Counts anew what the page asks the server. */
    void forgetQuestions() {
        driver.executeScript("performance.setResourceTimingBufferSize(5000); performance.clearResourceTimings();");
    }

    /** How often the page asked the server since. */
    long questions() {
        return (long) driver.executeScript(
                "return performance.getEntriesByType('resource').filter((each) => each.name.includes('/api/')).length");
    }

    /** What of the page cannot be used by keys alone. */
    List<String> notUsableByKeys() {
        return KeyboardWalk.faults(driver);
    }

    void upload(String selector, Path file) {
        page.act(
                By.cssSelector(selector),
                field -> field.sendKeys(file.toAbsolutePath().toString()));
    }

    /** Clicks something that downloads a file of text, and reads the file once it is whole. */
    String download(String text) {
        try {
            // without the mark by which spreadsheets know the encoding
            return Files.readString(downloaded(text)).replaceFirst("^\uFEFF", "");
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Clicks something that downloads a file, and waits until it is whole. */
    Path downloaded(String text) {
        List<Path> before = window.downloaded();
        click(text);
        page.waitFor("a download", () -> window.downloaded().size() > before.size());
        return window.downloaded().stream()
                .filter(each -> !before.contains(each))
                .findFirst()
                .orElseThrow();
    }

    void waitUntilGone(String selector) {
        page.waitFor(selector + " to go away", () -> driver.findElements(By.cssSelector(selector))
                .isEmpty());
    }

    void forgetSession() {
        driver.manage().deleteAllCookies();
    }

    void saveScreenshot(Path file) {
        try {
            Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
        } catch (IOException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
    }

    @Override
    public void close() {
        window.giveBack(address);
    }

    private static By clickable(String condition) {
        return By.xpath("(//button[" + condition + "] | //a[" + condition + "] | //summary[" + condition
                + "] | //label[" + condition + "])[not(@disabled)][last()]");
    }

    /** All that can be read, cells and words apart by one blank. */
    String pageText() {
        return page.pageText();
    }
}
