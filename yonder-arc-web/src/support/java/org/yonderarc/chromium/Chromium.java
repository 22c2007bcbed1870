package org.yonderarc.chromium;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.FluentWait;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A real Chromium without a window, from the system's packages. */
public final class Chromium {
    /** The driver complains that it knows no debugging protocol for newer browsers; none is used here. */
    private static final Logger DRIVER_LOG = Logger.getLogger("org.openqa.selenium");

    private static ChromeDriver shared;

    private Chromium() {}

    /** The one browser of this process, for one class of tests after the other; each begins in a window of its own. */
    public static synchronized ChromeDriver start(int width, int height) throws Exception {
        if (shared == null) {
            shared = start(width, height, false);
            Runtime.getRuntime().addShutdownHook(new Thread(shared::quit));
        }
        Set<String> before = shared.getWindowHandles();
        String own = shared.switchTo().newWindow(WindowType.WINDOW).getWindowHandle();
        before.forEach(handle -> shared.switchTo().window(handle).close());
        shared.switchTo().window(own);
        shared.manage().window().setSize(new Dimension(width, height));
        complaints(shared);
        return shared;
    }

    /** A class of tests is done with its browser. */
    public static void done(ChromeDriver browser) {
        if (browser != shared) {
            browser.quit();
        }
    }

    /** With fingers for pointers, as a phone or a tablet has, where it is touched. */
    public static ChromeDriver start(int width, int height, boolean isTouched) throws Exception {
        DRIVER_LOG.setLevel(Level.SEVERE);
        Path profile = Files.createTempDirectory("yonder-chromium");
        var options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--window-size=" + width + "," + height,
                "--user-data-dir=" + profile);
        if (isTouched) {
            options.setExperimentalOption(
                    "mobileEmulation",
                    Map.of(
                            "deviceMetrics",
                            Map.of(
                                    "width",
                                    width,
                                    "height",
                                    height,
                                    "pixelRatio",
                                    1.0,
                                    "touch",
                                    true,
                                    "mobile",
                                    true)));
        }
        var logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        var service = new ChromeDriverService.Builder()
                .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                .usingAnyFreePort()
                .build();
        return new ChromeDriver(service, options);
    }

    /** What the browser has complained about since it was asked last. */
    public static List<String> complaints(ChromeDriver browser) {
        return browser.manage().logs().get(LogType.BROWSER).getAll().stream()
                .map(Object::toString)
                .toList();
    }

    /** What axe-core finds wrong with the page for people who don't see it or use no mouse; empty for nothing. */
    public static String violations(ChromeDriver browser) throws IOException {
        try (InputStream axe = Chromium.class.getResourceAsStream("/axe.min.js")) {
            browser.executeScript(new String(axe.readAllBytes(), StandardCharsets.UTF_8));
        }
        return String.valueOf(
                browser.executeAsyncScript(
                        """
                const done = arguments[arguments.length - 1];
                axe.run(document).then(result => done(result.violations.map(v =>
                  v.id + ': ' + v.nodes.map(n => n.html.slice(0, 160) + (n.any[0] ? ' (' + n.any[0].message + ')' : ''))
                    .join(' / ')).join('\\n')));
                """));
    }

    /** Up to a minute, as a busy machine may take; what moves while it is asked may be gone when its answer is read, and is asked again. */
    public static FluentWait<WebDriver> waiting(ChromeDriver browser) {
        return new WebDriverWait(browser, Duration.ofMinutes(1), Duration.ofMillis(25))
                .ignoring(StaleElementReferenceException.class);
    }
}
