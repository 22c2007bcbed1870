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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.BundledIcons;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Typeface;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Easing;
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
        assertEquals("Surveys, 99+", item("Surveys").getAccessibleName());
        browser.navigate().back();
        await("Tides");
        assertEquals("Surveys, 99+", item("Surveys").getAccessibleName(), "going back doesn't untell a fact");
    }

    @Test
    void meansWhatItShows() {
        assertEquals("Main", browser.findElement(By.tagName("nav")).getAttribute("aria-label"));
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

    /** What CSS Color 4 says of a colour is what the browser makes of it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "#0a6c74",
                "#ABC",
                "#abc8",
                "#0a6c7480",
                "rgb(10 108 116)",
                "rgb(10, 108, 116)",
                "rgb(10 108 116 / 0.5)",
                "rgba(10, 108, 116, 25%)",
                "rgb(50% 0% 100%)",
                "rgb(300 -5 12.6)",
                "hsl(184 84% 25%)",
                "hsl(184, 84%, 25%)",
                "hsla(-30 100% 50% / 0.4)",
                "hsl(725deg 20% 80%)",
                "hsl(0 0% 100%)"
            })
    void coloursAreReadAsTheBrowserReadsThem(String css) {
        String computed = (String) browser.executeScript(
                "const e = document.createElement('i'); e.style.color = arguments[0]; document.body.append(e);"
                        + "const c = getComputedStyle(e).color; e.remove(); return c;",
                css);
        Colour expected = Colour.parse(computed);
        Colour read = Colour.parse(css);
        assertEquals(expected.hex(), read.hex(), css);
        assertEquals(expected.alpha(), read.alpha(), 0.005, css);
        assertEquals(read, Colour.parse(read.css()), css);
    }

    /** What CSS Easing Functions Level 2 takes for an easing is what the browser takes for one. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "linear",
                "ease",
                "ease-in-out",
                "step-start",
                "cubic-bezier(0.2, 0, 0, 1)",
                "cubic-bezier(0,-2,1,3)",
                "cubic-bezier(1.1, 0, 0, 1)",
                "cubic-bezier(0, 0, 1)",
                "steps(3)",
                "steps(3, start)",
                "steps(1, jump-both)",
                "steps(1, jump-none)",
                "steps(2, jump-none)",
                "steps(0)",
                "steps(2.5)",
                "steps(3, middle)",
                "linear(0, 1)",
                "linear(0, 0.5 20% 40%, 1)",
                "linear(20% 0.5, 1)",
                "linear(0 1)",
                "linear()",
                "linear(0, 20%, 1)",
                "linear(0, 0.5 10% 20% 30%, 1)",
                "linear(0, 10% 0.5 20%, 1)",
                "bounce",
                "ease()",
                ""
            })
    void easingsAreThoseOfTheBrowser(String css) {
        boolean expected =
                (boolean) browser.executeScript("return CSS.supports('transition-timing-function', arguments[0])", css);
        boolean read;
        try {
            Easing easing = Easing.parse(css);
            read = true;
            assertEquals(easing, Easing.parse(easing.text()), easing::text);
        } catch (IllegalArgumentException refused) {
            read = false;
        }
        assertEquals(expected, read, css);
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

    private static void await(String title) {
        Chromium.waiting(browser).until(any -> any.findElements(By.tagName("h1")).stream()
                .anyMatch(heading -> heading.getText().equals(title)));
    }
}
