package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.interactions.Pause;
import org.openqa.selenium.interactions.PointerInput;
import org.openqa.selenium.interactions.Sequence;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;

/** Buttons that fan their items out, and menus in the content, in a real browser: by touch and by keyboard. */
class FansAndGridsTest {
    private static final List<String> FANNED = List.of("Tides", "Map", "Rest");

    @TempDir
    private static Path folder;

    private static ChromeDriver browser;

    @BeforeAll
    static void start() throws Exception {
        write("fan", plan(true));
        write("clear", plan(false));
        browser = Chromium.start(1280, 800);
    }

    @AfterAll
    static void stop() {
        Chromium.done(browser);
    }

    @BeforeEach
    void open() {
        page("fan");
    }

    private static Plan plan(boolean scrim) {
        return PlanBuilder.app("Brinelight")
                .start("start")
                .screen("start", screen -> screen.title("Start").icon("home"))
                .screen("tides", screen -> screen.title("Tides").icon("droplet"))
                .screen("map", screen -> screen.title("Map").icon("map-pin"))
                .screen("species", screen -> screen.title("Species").icon("book"))
                .screen("crew", screen -> screen.title("Crew").icon("user"))
                .menu(
                        "quick",
                        menu -> menu.item("tides").item("map").item("species").item("crew"))
                .menu("all", menu -> menu.item("tides", item -> item.note("Low at 12:10"))
                        .section("People", section -> section.item("crew", item -> {})))
                .bar(bar -> bar.menu("all").form(FormBuilder.grid("start")))
                .bar(bar -> bar.menu("quick")
                        .form(FormBuilder.radial()
                                .maxItems(3)
                                .scrim(scrim)
                                .overflow(more ->
                                        more.label("Rest").icon("menu-2").layout(Form.TileLayout.CARDS))
                                .label("Go")
                                .icon("plus")
                                .turn(45)))
                .topBar()
                .build();
    }

    private static void write(String name, Plan plan) throws Exception {
        Files.writeString(
                folder.resolve(name + ".html"),
                new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(plan));
    }

    private static void page(String name) {
        browser.get("about:blank");
        browser.get(folder.resolve(name + ".html").toUri().toString());
        until(() -> browser.getTitle().contains("Start"));
        until(() -> shown("Quick").equals(List.of("Go")));
    }

    private static void until(BooleanSupplier holds) {
        Chromium.waiting(browser).until(driver -> holds.getAsBoolean());
    }

    /** The names of what can be pressed in a bar, asked in one go. */
    @SuppressWarnings("unchecked")
    private static List<String> shown(String bar) {
        return (List<String>) browser.executeScript(
                "return Array.from(document.querySelectorAll(`#device :is(nav, [role=dialog])[aria-label='" + bar
                        + "'] a, #device :is(nav, [role=dialog])[aria-label='" + bar
                        + "'] button`), element => element.getAttribute('aria-label'))");
    }

    private static void press(String bar, String name) {
        browser.findElement(By.cssSelector(
                        "#device :is(nav, [role=dialog])[aria-label='" + bar + "'] [aria-label='" + name + "']"))
                .click();
    }

    private static void opened() {
        press("Quick", "Go");
        // The film must be over before anything of it is pressed: until then it moves away from under the pointer.
        until(() -> shown("Quick").containsAll(FANNED) && shown("Quick").size() == FANNED.size() + 1);
    }

    private static void closed() {
        until(() -> shown("Quick").equals(List.of("Go")));
    }

    /** A finger held on the round button, which shows no name, is told it, and opens nothing. */
    @Test
    void aFingerHeldOnTheButtonIsToldItsName() {
        var box =
                browser.findElement(By.cssSelector("#device [aria-label='Go']")).getRect();
        var finger = new PointerInput(PointerInput.Kind.TOUCH, "finger");
        var down = new Sequence(finger, 0)
                .addAction(finger.createPointerMove(
                        Duration.ZERO, PointerInput.Origin.viewport(), box.x + box.width / 2, box.y + box.height / 2))
                .addAction(finger.createPointerDown(0))
                .addAction(new Pause(finger, Duration.ofMillis(2500)))
                .addAction(finger.createPointerUp(0));
        browser.executeScript("window.told = new Set();"
                + "(function look() { document.querySelectorAll('#device div > span').forEach(any => told.add(any.textContent));"
                + " requestAnimationFrame(look); })()");
        browser.perform(List.of(down));
        until(() -> Boolean.TRUE.equals(browser.executeScript("return told.has('Go')")));
        until(() -> !seen().contains("Go"));
        closed();
    }

    @SuppressWarnings("unchecked")
    private static List<String> seen() {
        return (List<String>) browser.executeScript(
                "return Array.from(document.querySelectorAll('#device div > span'), text => text.textContent)");
    }

    @Test
    void theButtonOpensAndClosesTheFan() {
        opened();
        press("Quick", "Go");
        closed();
    }

    @Test
    void escapeClosesTheFanAndThePersonStays() {
        opened();
        browser.findElement(By.tagName("body")).sendKeys(Keys.ESCAPE);
        closed();
        assertTrue(browser.getTitle().contains("Start"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"fan", "clear"})
    void tappingOutsideClosesTheFanAndNothingElse(String page) {
        page(page);
        opened();
        var device = browser.findElement(By.id("device"));
        new Actions(browser).moveToElement(device, -100, -220).click().perform();
        closed();
        assertTrue(browser.getTitle().contains("Start"));
    }

    @Test
    void choosingClosesTheFanAndLeadsThere() {
        opened();
        press("Quick", "Map");
        until(() -> browser.getTitle().contains("Map"));
        closed();
    }

    @Test
    void theFanIsWalkedByKeyboardAlone() {
        browser.executeScript(
                "document.querySelector(\"#device :is(nav, [role=dialog])[aria-label='Quick'] [aria-label='Go']\").focus()");
        browser.switchTo().activeElement().sendKeys(Keys.ENTER);
        until(() -> shown("Quick").containsAll(FANNED));
        for (int i = 0; i < 12 && !focused().equals("Map"); i++) {
            new Actions(browser).sendKeys(Keys.TAB).perform();
        }
        assertEquals("Map", focused(), "reached by the tabulator key");
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        until(() -> browser.getTitle().contains("Map"));
        closed();
    }

    private static String focused() {
        return String.valueOf(browser.switchTo().activeElement().getAttribute("aria-label"));
    }

    @Test
    void whatTheFanHasNoRoomForStandsOnCards() {
        opened();
        press("Quick", "Rest");
        until(() -> shown("Rest").equals(List.of("Species", "Crew")));
        press("Rest", "Crew");
        until(() -> browser.getTitle().contains("Crew"));
    }

    @Test
    void tilesStandAtTheHeadOfTheScreenAndLeadOn() {
        assertEquals(List.of("Tides", "Crew"), shown("All"));
        String text = browser.findElement(By.cssSelector("#device :is(nav, [role=dialog])[aria-label='All']"))
                .getText();
        assertTrue(text.contains("Low at 12:10") && text.contains("People"), text);
        press("All", "Tides");
        until(() -> browser.getTitle().contains("Tides"));
        until(() -> shown("All").isEmpty());
    }
}
