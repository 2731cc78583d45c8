package upahead.browser;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A person at a browser: opens places, reads what is there, clicks what can be read, and waits as a person waits. */
final class Browser implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private static final Duration GLANCE = Duration.ofMillis(20);
    private static final Deque<Window> LEFT_OPEN = new ConcurrentLinkedDeque<>();

    static {
        Runtime.getRuntime()
                .addShutdownHook(new Thread(
                        () -> LEFT_OPEN.forEach(window -> window.driver().quit())));
    }

    /** A browser's program with a folder for what it downloads; it takes seconds to start, so it is used again. */
    private record Window(ChromeDriver driver, Path downloads) {

        static Window open() {
            Path downloads = temporaryFolder();
            ChromeOptions options = new ChromeOptions();
            options.setBinary("/usr/bin/chromium");
            options.addArguments(
                    "--headless=new",
                    "--no-sandbox",
                    "--disable-gpu",
                    "--no-first-run",
                    "--disable-background-networking",
                    "--disable-component-update",
                    "--disable-sync",
                    "--disable-dev-shm-usage",
                    "--force-prefers-reduced-motion",
                    "--user-data-dir=" + temporaryFolder());
            options.setExperimentalOption("prefs", Map.of("download.default_directory", downloads.toString()));
            ChromeDriverService service = new ChromeDriverService.Builder()
                    .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                    .build();
            return new Window(new ChromeDriver(service, options), downloads);
        }
    }

    private final Window window;
    private final ChromeDriver driver;
    private final String address;
    private final Path downloads;

    Browser(String address) {
        this.address = address;
        Window idle = LEFT_OPEN.poll();
        this.window = idle == null ? Window.open() : idle;
        this.driver = window.driver();
        this.downloads = window.downloads();
        resize(1280, 800);
    }

    void resize(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        driver.manage().window().setSize(new Dimension(width, height + 100));
    }

    void preferDark() {
        prefer("dark");
    }

    void preferLight() {
        prefer("light");
    }

    private void prefer(String scheme) {
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-color-scheme", "value", scheme))));
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
        waitFor("the text “" + text + "” on the page", () -> pageText().contains(text));
    }

    /** Waits until a text can be read inside an element. */
    void sees(String selector, String text) {
        waitFor("the text “" + text + "” in " + selector, () -> text(selector).contains(text));
    }

    /** Waits until something else can be read inside an element than before. */
    void seesSomethingElseThan(String selector, String before) {
        waitFor("another text than “" + before + "” in " + selector, () -> !text(selector)
                .equals(before));
    }

    /** What can be read inside the first element that matches, once it is there. */
    String text(String selector) {
        return find(By.cssSelector(selector)).getText();
    }

    /** All that can be read, cells and words apart by one blank. */
    String pageText() {
        return ((String) ((JavascriptExecutor) driver).executeScript("return document.body.innerText"))
                .replace('\u00a0', ' ')
                .replace('\t', ' ');
    }

    /** Clicks what lies on top of all enabled buttons, links and labels with a text. */
    void click(String text) {
        act(clickable("normalize-space()='" + text + "'"), WebElement::click);
    }

    /** Clicks a button or link whose text begins with some words. */
    void clickStarting(String words) {
        act(clickable("starts-with(normalize-space(), '" + words + "')"), WebElement::click);
    }

    /** Opens the row of a list that has a text. */
    void clickOnRow(String text) {
        act(By.xpath("//*[@data-row][contains(normalize-space(), '" + text + "')]"), WebElement::click);
    }

    /** Clicks the first element that matches. */
    void clickOn(String selector) {
        act(By.cssSelector(selector), WebElement::click);
    }

    /** Types over what stands in a field. */
    void type(String selector, String text) {
        act(By.cssSelector(selector), field -> {
            field.sendKeys(Keys.chord(Keys.CONTROL, "a"), text.isEmpty() ? Keys.DELETE : text);
        });
    }

    /** Sets a date field or a slider, as its picker would. */
    void set(String selector, String value) {
        act(By.cssSelector(selector), field -> ((JavascriptExecutor) driver)
                .executeScript(
                        "arguments[0].value = arguments[1];"
                                + "arguments[0].dispatchEvent(new Event('input', {bubbles: true}));"
                                + "arguments[0].dispatchEvent(new Event('change', {bubbles: true}));",
                        field,
                        value));
    }

    /** What stands in a field. */
    String value(String selector) {
        return find(By.cssSelector(selector)).getDomProperty("value");
    }

    /** Chooses an option of a list by its text. */
    void choose(String selector, String option) {
        waitFor("the choice " + option, () -> {
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
        waitFor("nothing to be left of " + selector, () -> {
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

    /** Where the newest link on the page leads that begins with some text. */
    String link(String beginning) {
        return find(By.xpath("//a[starts-with(normalize-space(), '" + beginning + "')]"))
                .getDomAttribute("href");
    }

    void pressOn(String selector, CharSequence... keys) {
        act(By.cssSelector(selector), element -> element.sendKeys(keys));
    }

    /** Waits until a text can no longer be read on the page. */
    void seesNot(String text) {
        waitFor("the text “" + text + "” to go away", () -> !pageText().contains(text));
    }

    /** Presses keys wherever the cursor is, as when nothing in particular is chosen. */
    void press(CharSequence... keys) {
        waitFor("the page to take keys", () -> {
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

    void upload(String selector, Path file) {
        act(
                By.cssSelector(selector),
                field -> field.sendKeys(file.toAbsolutePath().toString()));
    }

    /** Clicks something that downloads a file, and reads the file once it is whole. */
    String download(String text) {
        List<Path> before = downloaded();
        click(text);
        waitFor("a download", () -> downloaded().size() > before.size());
        Path file = downloaded().stream()
                .filter(each -> !before.contains(each))
                .findFirst()
                .orElseThrow();
        try {
            // without the mark by which spreadsheets know the encoding
            return Files.readString(file).replaceFirst("^\uFEFF", "");
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    void waitUntilGone(String selector) {
        waitFor(selector + " to go away", () -> driver.findElements(By.cssSelector(selector))
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

    /** Leaves nothing behind of what was seen or kept, for whoever comes next. */
    @Override
    public void close() {
        driver.executeCdpCommand("Network.clearBrowserCookies", Map.of());
        driver.executeCdpCommand("Storage.clearDataForOrigin", Map.of("origin", address, "storageTypes", "all"));
        driver.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("features", List.of()));
        driver.get("about:blank");
        LEFT_OPEN.add(window);
    }

    private static By clickable(String condition) {
        return By.xpath("(//button[" + condition + "] | //a[" + condition + "] | //summary[" + condition
                + "] | //label[" + condition + "])[not(@disabled)][last()]");
    }

    private WebElement find(By by) {
        return new WebDriverWait(driver, PATIENCE, GLANCE)
                .withMessage(() -> by + " on this page:\n" + pageText())
                .ignoring(StaleElementReferenceException.class)
                .until(any -> driver.findElement(by));
    }

    private void act(By by, Consumer<WebElement> action) {
        waitFor(by + " to be usable", () -> {
            WebElement element = driver.findElement(by);
            if (!element.isEnabled()) {
                return false;
            }
            action.accept(element);
            return true;
        });
    }

    private void waitFor(String what, BooleanSupplier condition) {
        new WebDriverWait(driver, PATIENCE, GLANCE)
                .withMessage(() -> what + "; the page reads:\n" + pageText())
                .ignoring(WebDriverException.class)
                .until(any -> condition.getAsBoolean());
    }

    private List<Path> downloaded() {
        try (var files = Files.list(downloads)) {
            return files.filter(file -> !file.toString().endsWith(".crdownload"))
                    .filter(file -> !file.getFileName().toString().startsWith("."))
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Path temporaryFolder() {
        try {
            return Files.createTempDirectory("up-ahead-browser");
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
