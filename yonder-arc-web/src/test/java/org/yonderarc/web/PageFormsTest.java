package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.interactions.Pause;
import org.openqa.selenium.interactions.PointerInput;
import org.openqa.selenium.interactions.Sequence;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

/** The other forms of bars in a real browser: a drawer that opens, an overflow, a rail on a wider device, and films. */
class PageFormsTest {
    private static final Plan PLAN = PlanBuilder.app("Forms")
            .start("a")
            .languages("en", "de", "ar")
            .screen("a", screen -> screen.title(Map.of("en", "First", "de", "Erste", "ar", "\u0623\u0648\u0644"))
                    .icon("droplet"))
            .screen("b", screen -> screen.title("Second").icon("map-pin"))
            .screen("c", screen -> screen.title("Third").icon("book"))
            .screen("d", screen -> screen.title("Fourth").icon("user"))
            .screen("e", screen -> screen.title("Below").under("b"))
            .menu("main", menu -> menu.item("a").item("b").item("c").item("d"))
            .menu("side", menu -> menu.signal("send", item -> item.label("Send"))
                    .signal("out", item -> item.label("Out")))
            .bar(bar -> bar.menu("main")
                    .form(
                            "phone",
                            FormBuilder.bottom().maxItems(3).style(style -> style.indicator(Indicator.Kind.NOTCH)))
                    .form("tablet", FormBuilder.rail()))
            .bar(bar -> bar.menu("side").form("phone", FormBuilder.drawer().opens(DrawerForm.Opening.BENEATH)))
            .topBar()
            .build();

    @TempDir
    private static Path folder;

    private static ChromeDriver browser;

    @BeforeAll
    static void start() throws Exception {
        Path page = folder.resolve("page.html");
        Files.writeString(page, new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(PLAN));
        // High enough for a phone as large as it is.
        browser = Chromium.start(1280, 1120);
    }

    @AfterAll
    static void stop() {
        Chromium.done(browser);
    }

    @BeforeEach
    void open() {
        browser.get("about:blank");
        browser.get(folder.resolve("page.html").toUri().toString());
        settled("First");
    }

    /** Waits until a film is over: nothing that only films have is left. */
    private static void settled(String title) {
        Chromium.waiting(browser).until(ExpectedConditions.titleContains(title));
        Chromium.waiting(browser)
                .until(driver -> driver.findElements(By.tagName("main")).size() == 1);
    }

    private static void press(String name) {
        browser.findElement(By.cssSelector("[aria-label='" + name + "']")).click();
    }

    /** The names of the items that are shown; asked in one go, since a film may remove them meanwhile. */
    @SuppressWarnings("unchecked")
    private static List<String> shown() {
        return (List<String>) browser.executeScript(
                "return Array.from(document.querySelectorAll('#device :is(nav, [role=dialog]) :is(a, button)'),"
                        + " element => element.getAttribute('aria-label'))");
    }

    @Test
    void aDrawerOpensAndTheGreyAreaClosesIt() {
        assertFalse(shown().contains("Send"));
        press("Menu");
        Chromium.waiting(browser).until(driver -> shown().contains("Send"));
        Chromium.waiting(browser)
                .until(ExpectedConditions.elementToBeClickable(By.cssSelector("[aria-label='Close the menu']")));
        browser.executeScript("document.querySelector(\"[aria-label='Close the menu']\").click()");
        Chromium.waiting(browser).until(driver -> !shown().contains("Send"));
    }

    @Test
    void escapeClosesWhatIsOpenAndHoverShows() {
        press("More");
        Chromium.waiting(browser).until(driver -> shown().contains("Fourth"));
        browser.findElement(By.tagName("body")).sendKeys(Keys.ESCAPE);
        Chromium.waiting(browser).until(driver -> !shown().contains("Fourth"));
        var second = browser.findElement(By.cssSelector("nav a[aria-label='Second']"));
        int plain = second.findElements(By.cssSelector("div")).size();
        new Actions(browser).moveToElement(second).perform();
        Chromium.waiting(browser)
                .until(driver -> second.findElements(By.cssSelector("div")).size() == plain + 1);
    }

    @Test
    void whatDoesNotFitIsInTheOverflow() {
        assertEquals(List.of("First", "Second", "More"), shown());
        press("More");
        Chromium.waiting(browser).until(driver -> shown().contains("Fourth"));
        press("Fourth");
        settled("Fourth");
        assertEquals(List.of("First", "Second", "More"), shown());
    }

    @Test
    void textsGrowAndSpeakOtherLanguages() {
        double before = labelSize();
        new Select(browser.findElement(By.id("text-size"))).selectByValue("2");
        Chromium.waiting(browser).until(driver -> labelSize() > before * 1.2);
        var languages = new Select(browser.findElement(By.id("language")));
        assertEquals(
                List.of("English", "Deutsch", "\u0627\u0644\u0639\u0631\u0628\u064a\u0629"),
                languages.getOptions().stream().map(option -> option.getText()).toList());
        languages.selectByValue("de");
        settled("Erste");
        assertEquals("Erste", shown().get(0));
        Chromium.waiting(browser).until(ExpectedConditions.attributeToBe(By.id("device"), "lang", "de"));
        double left = itemLeft();
        languages.selectByValue("ar");
        settled("\u0623\u0648\u0644");
        Chromium.waiting(browser).until(driver -> itemLeft() > left + 100);
    }

    private static double labelSize() {
        return number("parseFloat(getComputedStyle(document.querySelector('nav a span')).fontSize)");
    }

    private static double itemLeft() {
        return number("document.querySelector('nav a').getBoundingClientRect().left");
    }

    private static double number(String expression) {
        return ((Number) browser.executeScript("return " + expression)).doubleValue();
    }

    @Test
    void aTopBarThatLeavesGoesWithTheContent() throws Exception {
        Plan plan = PlanBuilder.app("Leaves")
                .start("a")
                .screen("a", screen -> {
                    screen.title("Long").wireframe(Wireframe.Kind.LIST);
                    for (int i = 0; i < 30; i++) {
                        screen.row("Row " + i, "", "");
                    }
                })
                .bar(bar -> bar.form(FormBuilder.top().onScroll(Form.Scrolling.HIDE)))
                .build();
        Path page = folder.resolve("leaves.html");
        Files.writeString(page, new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(plan));
        browser.get(page.toUri().toString());
        settled("Long");
        for (int by : new int[] {0, 30, 56, 300, 0}) {
            browser.executeScript("document.querySelector('main').scrollTop = " + by);
            double bottom = 92 - Math.min(56, by);
            Chromium.waiting(browser).until(driver -> Math.abs(bottom("header") - bottom) < 0.6);
            // The first row begins 16 dp below the bar, and moves with the content, a dp for each dp.
            assertEquals(92 + 16 + 72 - by, bottom("main [role=listitem] > *"), 0.6, "scrolled by " + by);
        }
    }

    /** It goes with the finger, comes back as soon as the content goes up, or the focus comes into it; the end is clear of it. */
    @Test
    void aBottomBarThatLeavesComesBack() throws Exception {
        Plan plan = PlanBuilder.app("Retreats")
                .start("a")
                .screen("a", screen -> {
                    screen.title("Long").icon("list").wireframe(Wireframe.Kind.LIST);
                    for (int i = 0; i < 30; i++) {
                        screen.row("Row " + i, "", "");
                    }
                })
                .screen("b", screen -> screen.icon("droplet"))
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().onScroll(Form.Scrolling.HIDE)))
                .build();
        Path page = folder.resolve("retreats.html");
        Files.writeString(page, new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(plan));
        browser.get(page.toUri().toString());
        settled("Long");
        double rest = bottom("nav");
        double height = rest
                - number("document.querySelector('#device nav').getBoundingClientRect().top"
                        + " - document.getElementById('device').getBoundingClientRect().top");
        double[][] steps = {{30, 30}, {300, height}, {280, height - 20}, {0, 0}, {400, height}};
        for (double[] step : steps) {
            browser.executeScript("document.querySelector('main').scrollTop = " + step[0]);
            waitFor(() -> Math.abs(bottom("nav") - rest - step[1]) < 0.6, "scrolled to " + step[0]);
        }
        browser.executeScript("document.querySelector('#device nav a').focus({ preventScroll: true })");
        waitFor(() -> Math.abs(bottom("nav") - rest) < 0.6, "the focus is in it");
        browser.executeScript("document.querySelector('main').scrollTop = 100000");
        String last = "Math.max(...[...document.querySelectorAll('#device main [role=listitem] > *')]"
                + ".map(row => row.getBoundingClientRect().bottom))"
                + " - document.getElementById('device').getBoundingClientRect().top";
        waitFor(() -> number(last) <= rest - height && number(last) > rest - 2 * height, "the last row is clear of it");
    }

    private static void waitFor(java.util.function.BooleanSupplier met, String what) {
        Chromium.waiting(browser).withMessage(what).until(driver -> met.getAsBoolean());
    }

    /** The lower edge of an element, seen from the upper edge of the device. */
    private static double bottom(String selector) {
        return number("document.querySelector('#device " + selector + "').getBoundingClientRect().bottom"
                + " - document.getElementById('device').getBoundingClientRect().top");
    }

    @Test
    void anotherDeviceShowsAnotherFormAndKeepsThePlace() {
        press("Second");
        settled("Second");
        new Select(browser.findElement(By.id("device-name"))).selectByValue("tablet");
        Chromium.waiting(browser).until(driver -> shown().size() == 4);
        assertEquals(
                "page",
                browser.findElement(By.cssSelector("nav a[aria-label='Second']"))
                        .getAttribute("aria-current"));
    }

    @Test
    void fingersPullAndPushTheDrawer() {
        swipe(6, 60);
        awaitDrawer(false);
        assertEquals("The app was started.", text("happened"), "let go too early");
        swipe(6, 250);
        awaitDrawer(true);
        Chromium.waiting(browser).until(driver -> text("happened").startsWith("It opens."));
        swipe(340, -250);
        awaitDrawer(false);
        swipe(200, 150);
        settled("First");
        assertFalse(shown().contains("Send"), "not from the edge");
    }

    /** What a finger pulls follows it before it is lifted. */
    @Test
    void theDrawerFollowsTheFinger() {
        browser.executeScript("window.seen = new Set(); let held = true;"
                + "addEventListener('pointerup', () => held = false, true);"
                + "(function look() {"
                + "  const item = document.querySelector('#device [aria-label=Send]');"
                + "  if (held && item) { seen.add(Math.round(item.getBoundingClientRect().right)); }"
                + "  if (held) { requestAnimationFrame(look); }"
                + "})();");
        swipe(6, 250);
        awaitDrawer(true);
        List<?> seen = (List<?>) browser.executeScript("return [...seen]");
        assertTrue(seen.size() >= 3, "places of an item while the finger was down: " + seen);
        for (int i = 1; i < seen.size(); i++) {
            assertTrue(((Number) seen.get(i)).intValue() > ((Number) seen.get(i - 1)).intValue(), seen::toString);
        }
    }

    /** What clips or scrolls could take the finger away from the app: the browser then pans, and tells of no more moves. */
    @Test
    void aFingerOnTheDrawersOwnItemsPushesIt() {
        swipe(6, 250);
        awaitDrawer(true);
        Chromium.waiting(browser).until(driver -> text("happened").startsWith("It opens."));
        browser.executeScript("window.taken = 0; addEventListener('pointercancel', () => window.taken++);");
        swipe(220, 60, -200);
        awaitDrawer(false);
        assertEquals(0L, browser.executeScript("return window.taken"));
    }

    @Test
    void aFingerGoesBackAndTheHistoryFollows() {
        press("Second");
        settled("Second");
        browser.executeScript("location.hash = '/e'");
        settled("Below");
        swipe(6, 300);
        settled("Second");
        assertEquals("/b", text("address"));
        browser.navigate().forward();
        settled("Below");
        assertTrue(browser.manage().logs().get(LogType.BROWSER).getAll().isEmpty());
    }

    private static void awaitDrawer(boolean isOpen) {
        Chromium.waiting(browser).until(driver -> shown().contains("Send") == isOpen);
    }

    /** A finger that comes down on the device, moves across it in steps, rests and is lifted. */
    private static void swipe(int from, int by) {
        swipe(from, 300, by);
    }

    private static void swipe(int from, int down, int by) {
        var box = browser.findElement(By.id("device")).getRect();
        var finger = new PointerInput(PointerInput.Kind.TOUCH, "finger");
        var way = new Sequence(finger, 0);
        int x = box.x + from;
        int y = box.y + down;
        way.addAction(finger.createPointerMove(Duration.ZERO, PointerInput.Origin.viewport(), x, y));
        way.addAction(finger.createPointerDown(0));
        for (int part = 1; part <= 10; part++) {
            way.addAction(finger.createPointerMove(
                    Duration.ofMillis(20), PointerInput.Origin.viewport(), x + by * part / 10, y));
        }
        way.addAction(new Pause(finger, Duration.ofMillis(200)));
        way.addAction(finger.createPointerUp(0));
        browser.perform(List.of(way));
    }

    private static String text(String id) {
        return browser.findElement(By.id(id)).getText();
    }

    /** Choosing while a film plays: everything arrives in the end, and nothing of the films is left behind. */
    @Test
    void hastyChoosingLeavesNothingBehind() {
        browser.executeAsyncScript(
                """
                const done = arguments[arguments.length - 1];
                let last = performance.now(), gaps = [], steps = 0;
                const frame = now => {
                  gaps.push(now - last); last = now;
                  if (gaps.length % 4 === 0 && steps < 40) {
                    steps++;
                    document.querySelector("nav a[aria-label='" + (steps % 2 ? 'Second' : 'First') + "']").click();
                  }
                  if (gaps.length < 220) { requestAnimationFrame(frame); }
                  else { gaps.sort((a, b) => a - b); done([gaps[110], gaps[218]]); }
                };
                requestAnimationFrame(frame);
                """);
        settled("First");
        assertEquals(1, browser.findElements(By.cssSelector("main")).size());
        Object leftovers = browser.executeScript(
                "return document.querySelectorAll('#device nav').length + ' ' + document.querySelectorAll('#device h1').length");
        assertEquals("1 1", leftovers);
        assertTrue(browser.manage().logs().get(LogType.BROWSER).getAll().isEmpty());
    }
}
