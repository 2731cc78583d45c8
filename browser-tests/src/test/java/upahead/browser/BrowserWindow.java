package upahead.browser;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentLinkedDeque;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;

/** A browser's program with a folder for what it downloads; it takes seconds to start, so it is used again. */
record BrowserWindow(ChromeDriver driver, Path downloads) {

    private static final Deque<BrowserWindow> LEFT_OPEN = new ConcurrentLinkedDeque<>();

    static {
        Runtime.getRuntime()
                .addShutdownHook(new Thread(
                        () -> LEFT_OPEN.forEach(window -> window.driver().quit())));
    }

    /** One that nobody uses, else a new one. */
    static BrowserWindow any() {
        BrowserWindow idle = LEFT_OPEN.poll();
        return idle == null ? open() : idle;
    }

    private static BrowserWindow open() {
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
        options.setScriptTimeout(Patience.LONGEST);
        options.setExperimentalOption("prefs", Map.of("download.default_directory", downloads.toString()));
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                .build();
        return new BrowserWindow(new ChromeDriver(service, options), downloads);
    }

    /** Leaves nothing behind of what was seen or kept, for whoever comes next, but for the scripts of the pages. */
    void giveBack(String address) {
        driver.executeCdpCommand("Network.clearBrowserCookies", Map.of());
        driver.executeCdpCommand(
                "Storage.clearDataForOrigin", Map.of("origin", address, "storageTypes", "local_storage,indexeddb"));
        driver.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("features", List.of()));
        driver.get("about:blank");
        LEFT_OPEN.add(this);
    }

    void resize(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        driver.manage().window().setSize(new Dimension(width, height + 100));
    }

    void prefer(String scheme) {
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-color-scheme", "value", scheme))));
    }

    /** What was downloaded wholly. */
    List<Path> downloaded() {
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
