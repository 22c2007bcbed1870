package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.yonderarc.chromium.Chromium;

/** Many pages of one browser, and hands that are on their way while the plan changes. */
class LiveTabsTest {
    private static final int TABS = Integer.getInteger("yonder.tabs", 8);

    private static ChromeDriver browser;

    @TempDir
    Path folder;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(1280, 900);
    }

    @AfterAll
    static void end() {
        Chromium.done(browser);
    }

    /** A browser opens six connections to a server; each page has one of another kind. */
    @Test
    void manyTabsSeeEachOthersEdits() throws Exception {
        try (var served = new Served(folder, Served.PLAN)) {
            var page = new LivePage(browser, served.file);
            String first = browser.getWindowHandle();
            var tabs = new ArrayList<String>();
            for (int i = 0; i < TABS; i++) {
                browser.switchTo().newWindow(WindowType.TAB);
                tabs.add(browser.getWindowHandle());
                page.open(served);
            }
            for (String tab : List.of(tabs.get(TABS - 1), tabs.get(0))) {
                browser.switchTo().window(tab);
                String name = "Named by " + tabs.indexOf(tab);
                page.choose("app");
                page.write("name", name);
                page.saved(name);
                for (String other : tabs) {
                    browser.switchTo().window(other);
                    page.waitUntil(() -> browser.getTitle().contains(name));
                }
            }
            assertEquals(TABS, served.server.pages());
            tabs.forEach(tab -> browser.switchTo().window(tab).close());
            browser.switchTo().window(first);
        }
    }

    /** The same page, but nobody answers any more: what is said says so, and the page comes back. */
    @Test
    void aConnectionThatFailsIsTold() throws Exception {
        var served = new Served(folder, Served.PLAN);
        int port = served.server.port();
        var page = new LivePage(browser, served.file);
        page.open(served);
        served.close();
        page.waitUntil(() -> page.told().contains("The server is gone"));
        page.choose("app");
        page.write("name", "Nobody hears");
        page.waitUntil(() -> page.told().contains("can\u2019t be reached; nothing was changed"));
        try (var again = LiveServer.start(served.file, port, folder.resolve("keys"))) {
            assertEquals(port, again.port());
            page.waitUntil(() -> page.told().contains("Connected"));
        }
    }

    /** Lines that come late don't take the place of those at which somebody aims. */
    @Test
    void whatStandsUnderThePointerStays() throws Exception {
        try (var served = new Served(folder, Served.PLAN)) {
            var page = new LivePage(browser, served.file);
            page.open(served);
            page.choose("item:crew");
            page.click("#panel [data-key=icon] button.iconic");
            page.waitUntil(() -> !page.all("#sheet .icons button").isEmpty());
            var icon = page.find("#sheet .icons button:nth-child(3)");
            String name = icon.getDomAttribute("aria-label");
            // Asked for, and on its way, while the hand goes to another.
            browser.executeScript(
                    """
                    const fetched = window.fetch;
                    window.fetch = async (...all) => { await new Promise(done => { window.letGo = done; }); return fetched(...all); };
                    const search = document.querySelector('#sheet input[type=search]');
                    search.value = 'boat';
                    search.dispatchEvent(new Event('input'));
                    """);
            page.waitUntil(() -> Boolean.TRUE.equals(browser.executeScript("return Boolean(window.letGo)")));
            new Actions(browser).moveToElement(icon).perform();
            browser.executeScript("window.letGo()");
            page.waitUntil(() -> page.find("#sheet [role=status]").getText().startsWith("More was found"));
            assertTrue(icon.isDisplayed(), "the line was taken away");
            // What is pressed is what stood there.
            new Actions(browser).clickAndHold(icon).perform();
            Files.writeString(served.file, Served.PLAN.replace("name: Shore", "name: Pier"));
            page.waitUntil(() -> browser.executeScript("return document.body.dataset.digest") != null);
            browser.executeScript("window.fetch = null; delete window.fetch;");
            new Actions(browser).release().perform();
            page.saved("icon: " + name);
        }
    }

    /** What a text editor wrote is taken back as well, after it was said. */
    @Test
    void whatOthersWroteIsTakenBackOnlyWhenThatIsWanted() throws Exception {
        try (var served = new Served(folder, Served.PLAN)) {
            var page = new LivePage(browser, served.file);
            page.open(served);
            String other = Served.PLAN.replace("name: Shore", "name: Pier");
            Files.writeString(served.file, other);
            page.waitUntil(() -> page.find("#undo").getDomProperty("title").contains("what another program wrote at "));
            page.click("#undo");
            page.waitUntil(
                    () -> page.find("#sheet-title").getText().startsWith("This undoes what another program wrote at "));
            assertEquals(other, served.text());
            page.press("#sheet", "Leave it as it was");
            page.click("#undo");
            page.press("#sheet", "Undo");
            page.waitUntil(() -> served(served).equals(Served.PLAN));
            page.waitUntil(() -> page.find("#undo").getDomProperty("title").startsWith("Undo (Ctrl"));
            assertFalse(page.find("#undo").isEnabled());
        }
    }

    private static String served(Served served) {
        try {
            return served.text();
        } catch (java.io.IOException gone) {
            throw new java.io.UncheckedIOException(gone);
        }
    }
}
