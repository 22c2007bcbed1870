package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Typeface;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

/** The page as people use it, in a real browser, from a file. */
class PageTest {
    private static final String HOSTILE = "</script><script>document.title='owned'</script><b>";

    private static final Plan PLAN = PlanBuilder.app("Brinelight")
            .start("tides")
            .fact("drafts", 2)
            .screen("tides", screen -> screen.icon("droplet").wireframe(Wireframe.Kind.CHART))
            .screen("surveys", screen -> screen.icon("clipboard-list")
                    .wireframe(Wireframe.Kind.LIST)
                    .row("Gull Point", "14 species", "Today", "survey?survey=41")
                    .row(HOSTILE, HOSTILE, ""))
            .screen("survey", screen -> screen.title("Survey {survey}")
                    .path("/surveys/{survey}")
                    .under("surveys"))
            .fact("signed-in", false)
            .screen("crew", screen -> screen.needs("signed-in", "sign-in"))
            .screen("sign-in")
            .menu("main", menu -> menu.item("tides")
                    .item("surveys", item -> item.badge("drafts"))
                    .item("crew"))
            .build();

    @TempDir
    private static Path folder;

    private static String address;
    private static ChromeDriver browser;

    @BeforeAll
    static void writePageAndStartBrowser() throws Exception {
        Path page = folder.resolve("page.html");
        Files.writeString(page, new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(PLAN));
        address = page.toUri().toString();
        browser = Chromium.start(1280, 800);
    }

    @AfterAll
    static void stopBrowser() {
        Chromium.done(browser);
    }

    @BeforeEach
    void open() {
        browser.get("about:blank");
        browser.get(address);
        await("Tides");
    }

    @AfterEach
    void nothingWasComplainedAbout() {
        assertEquals(List.of(), Chromium.complaints(browser));
    }

    @Test
    void worksByMouse() {
        item("Surveys").click();
        await("Surveys");
        assertEquals("page", item("Surveys").getAttribute("aria-current"));
        assertEquals(null, item("Tides").getAttribute("aria-current"));
        WebElement row = browser.findElement(By.cssSelector("main a"));
        assertEquals("Gull Point, 14 species, Today", row.getAccessibleName());
        row.click();
        await("Survey 41");
        assertEquals("true", item("Surveys").getAttribute("aria-current"), "selected while a child is shown");
        item("Tides").click();
        await("Tides");
        item("Surveys").click();
        await("Survey 41");
        browser.findElement(By.cssSelector("button[aria-label='Back to Surveys']"))
                .click();
        await("Surveys");
        assertTrue(browser.findElements(By.cssSelector("header button")).isEmpty());
    }

    @Test
    void worksByKeyboardAndKeepsTheFocusOnTheBar() {
        for (int i = 0; i < 40 && !"Surveys, 2".equals(focused()); i++) {
            browser.switchTo().activeElement().sendKeys(Keys.TAB);
        }
        browser.switchTo().activeElement().sendKeys(Keys.ENTER);
        await("Surveys");
        assertEquals("Surveys, 2", focused(), "the bar stays, and so does the focus");
        browser.findElement(By.cssSelector("main a")).sendKeys(Keys.ENTER);
        await("Survey 41");
        assertEquals("Survey 41", focused(), "the row is gone; the focus is on the new content");
        browser.findElement(By.cssSelector("header button")).sendKeys(Keys.SPACE);
        await("Surveys");
        Chromium.waiting(browser).until(any -> "Gull Point, 14 species, Today".equals(focused()));
    }

    @Test
    void theBrowsersOwnButtonsAndAddressesFollow() {
        item("Surveys").click();
        await("Surveys");
        browser.findElement(By.cssSelector("main a")).click();
        await("Survey 41");
        assertTrue(browser.getCurrentUrl().endsWith("#/surveys/41"), browser.getCurrentUrl());
        browser.navigate().back();
        await("Surveys");
        browser.navigate().back();
        await("Tides");
        browser.navigate().forward();
        browser.navigate().forward();
        await("Survey 41");
        browser.findElement(By.cssSelector("header button")).click();
        await("Surveys");
        browser.navigate().back();
        await("Tides");
        browser.navigate().refresh();
        await("Tides");
        browser.get(address + "#/surveys/7");
        await("Survey 7");
        browser.navigate().refresh();
        await("Survey 7");
        browser.findElement(By.cssSelector("button[aria-label='Back to Surveys']"))
                .click();
        await("Surveys");
    }

    @Test
    void choosingAgainAndLeavingAreTold() {
        item("Tides").click();
        assertEquals(
                "Chosen again at the branch's root: the app is told. (chosen again: tides)",
                browser.findElement(By.id("happened")).getText());
    }

    @Test
    void factsToldBesideTheDeviceAreFollowedAtOnce() {
        item("Crew").click();
        await("Sign in");
        browser.findElement(By.name("signed-in")).click();
        await("Crew");
        assertTrue(browser.getCurrentUrl().endsWith("#/crew"), browser.getCurrentUrl());
        WebElement drafts = browser.findElement(By.name("drafts"));
        drafts.sendKeys(Keys.chord(Keys.CONTROL, "a"), "120");
        Chromium.waiting(browser)
                .until(any -> item("Surveys").getAccessibleName().equals("Surveys, 99+"));
        browser.navigate().back();
        await("Tides");
        assertEquals("Surveys, 99+", item("Surveys").getAccessibleName(), "going back doesn't untell a fact");
    }

    @Test
    void meansWhatItShows() {
        assertEquals("Menu", browser.findElement(By.tagName("nav")).getAttribute("aria-label"));
        assertEquals("heading", browser.findElement(By.cssSelector("header h1")).getAriaRole());
        assertEquals("Surveys, 2", item("Surveys").getAccessibleName());
        assertTrue(item("Surveys").getRect().getHeight() >= 48);
        assertEquals("link", item("Surveys").getAriaRole());
    }

    @Test
    void hostileTextsAreOnlyTexts() {
        item("Surveys").click();
        await("Surveys");
        assertTrue(browser.findElement(By.tagName("main")).getText().contains("</script><script>"));
        assertFalse(browser.getTitle().contains("owned"));
        assertEquals(0, browser.findElements(By.cssSelector("main b")).size());
    }

    /** The font of the page is a part of the bundled one; the browser's own measure is the reference. */
    @Test
    void theExactMeasureIsTheBrowsers() {
        var measure = Typeface.bundled().measure();
        for (Type type : List.of(Type.regular(12), Type.semibold(12), Type.regular(15), Type.semibold(34))) {
            for (String text :
                    List.of("Surveys", "AVATAR To Wax", "12:10", "Gull Point, lower shore", "\u00C5ngstr\u00F6m fi")) {
                double expected = ((Number) browser.executeScript(
                                "const c = document.createElement('canvas').getContext('2d');"
                                        + "c.font = arguments[0]; c.fontKerning = 'normal';"
                                        + "return c.measureText(arguments[1]).width;",
                                type.weight().css() + " " + type.size() + "px Inter",
                                text))
                        .doubleValue();
                assertEquals(expected, measure.width(text, type), expected * 0.002, text + " in " + type);
            }
        }
    }

    @Test
    void narrowWindowsAreFilled() {
        browser.manage().window().setSize(new Dimension(520, 740));
        try {
            browser.get("about:blank");
            browser.get(address);
            await("Tides");
            Number width = (Number) browser.executeScript("return innerWidth");
            assertEquals(
                    width.intValue(),
                    browser.findElement(By.id("device")).getSize().getWidth());
            assertEquals(
                    0, browser.findElement(By.cssSelector("nav")).getLocation().getX());
        } finally {
            browser.manage().window().setSize(new Dimension(1280, 800));
        }
    }

    private static WebElement item(String label) {
        return browser.findElement(By.cssSelector("nav a[aria-label^='" + label + "']"));
    }

    private static String focused() {
        return browser.switchTo().activeElement().getAttribute("aria-label");
    }

    /** Waits for a title, and for the end of the film that leads to it: until then, what leaves is there too. */
    private static void await(String title) {
        Chromium.waiting(browser)
                .until(any -> any.findElements(By.tagName("h1")).stream()
                                .anyMatch(heading -> heading.getText().equals(title))
                        && Boolean.TRUE.equals(browser.executeScript("return !document.getAnimations().length")));
    }
}
