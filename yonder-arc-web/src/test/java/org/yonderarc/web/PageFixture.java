package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Rectangle;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.Stage;

/** A browser, and plans to open in it. */
abstract class PageFixture {
    static PlanBuilder builder() {
        return PlanBuilder.app("Brinelight")
                .languages("en", "ar")
                .start("tides")
                .fact("drafts", 2)
                .screen("tides", screen -> screen.icon("droplet").wireframe(Wireframe.Kind.CHART))
                .screen("surveys", screen -> {
                    screen.icon("clipboard-list").wireframe(Wireframe.Kind.LIST);
                    for (int i = 1; i <= 30; i++) {
                        screen.row("Survey " + i, "12 m from the shore", "", "survey?survey=" + i);
                    }
                })
                .screen("survey", screen -> screen.title("Survey {survey}")
                        .path("/surveys/{survey}")
                        .under("surveys")
                        .wireframe(Wireframe.Kind.DETAIL))
                .screen("map", screen -> screen.icon("map").wireframe(Wireframe.Kind.MAP))
                .screen("crew", screen -> screen.icon("users").wireframe(Wireframe.Kind.FORM))
                .menu("main", menu -> menu.item("tides")
                        .item("surveys", item -> item.badge("drafts"))
                        .item("map")
                        .item("crew"))
                .topBar();
    }

    static final Plan DRAWER = builder()
            .bar(bar -> bar.menu("main")
                    .form(FormBuilder.drawer().opens(DrawerForm.Opening.OVER).width(DrawerForm.Width.dp(280))))
            .build();

    static final Plan BOTTOM = builder()
            .bar(bar -> bar.menu("main").form(FormBuilder.bottom().maxItems(3)))
            .build();

    /** A bar that is scrolled sideways, below a top bar that leaves. */
    static final Plan LONG = PlanBuilder.app("Long")
            .start("surveys")
            .screen("surveys", screen -> {
                screen.icon("clipboard-list").wireframe(Wireframe.Kind.LIST);
                for (int i = 1; i <= 30; i++) {
                    screen.row("Survey " + i, "", "", "survey?survey=" + i);
                }
            })
            .screen("survey", screen -> screen.title("Survey {survey}")
                    .path("/surveys/{survey}")
                    .under("surveys"))
            .screen("one")
            .screen("two")
            .screen("three")
            .screen("four")
            .screen("five")
            .screen("six")
            .menu("main", menu -> menu.item("surveys")
                    .item("one")
                    .item("two")
                    .item("three")
                    .item("four")
                    .item("five")
                    .item("six"))
            .bar(bar -> bar.form(FormBuilder.top().onScroll(Form.Scrolling.HIDE)))
            .bar(bar -> bar.menu("main").form(FormBuilder.bottom().whenFull(Form.WhenFull.SCROLL)))
            .build();

    static final Plan RAIL =
            builder().bar(bar -> bar.menu("main").form(FormBuilder.rail())).build();

    @TempDir
    static Path folder;

    static ChromeDriver browser;

    @BeforeAll
    static void start() throws Exception {
        var writer = new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE);
        for (var plan : Map.of("drawer", DRAWER, "bottom", BOTTOM, "rail", RAIL, "long", LONG)
                .entrySet()) {
            Files.writeString(folder.resolve(plan.getKey() + ".html"), writer.page(plan.getValue()));
        }
        browser = Chromium.start(1280, 940);
    }

    @AfterAll
    static void stop() {
        Chromium.done(browser);
    }

    @BeforeEach
    void open() {
        open(browser, "drawer");
    }

    @AfterEach
    void nothingWasComplainedAbout() {
        assertEquals(List.of(), Chromium.complaints(browser));
    }

    static String address(String name) {
        return folder.resolve(name + ".html").toUri().toString();
    }

    static void open(ChromeDriver driver, String name) {
        driver.get("about:blank");
        driver.get(address(name));
        until(() -> !driver.findElements(By.cssSelector("#device main")).isEmpty());
    }

    static void until(BooleanSupplier holds) {
        Chromium.waiting(browser).until(driver -> holds.getAsBoolean());
    }

    static WebElement named(String name) {
        return browser.findElement(By.cssSelector("#device [aria-label='" + name + "']"));
    }

    static void rest(String title) {
        until(() -> browser.getTitle().startsWith(title)
                && browser.findElements(By.cssSelector("#device main")).size() == 1);
    }

    static double number(ChromeDriver driver, String script) {
        return ((Number) driver.executeScript("return " + script)).doubleValue();
    }

    /** Where a device is, as it is scaled. */
    static Rectangle box(int device) {
        String of = "document.querySelectorAll('.device')[" + device + "].getBoundingClientRect()";
        return new Rectangle(
                (int) number(browser, of + ".x"),
                (int) number(browser, of + ".y"),
                (int) number(browser, of + ".height"),
                (int) number(browser, of + ".width"));
    }

    /** What is kept with the entry of the history. */
    static String view() {
        return String.valueOf(browser.executeScript("return history.state.view"));
    }

    static void back() {
        assertEquals("7", browser.findElement(By.name("drafts")).getDomProperty("value"));
        assertEquals("rtl", browser.findElement(By.id("device")).getDomAttribute("dir"));
        assertEquals("tablet", browser.findElement(By.id("device-name")).getDomProperty("value"));
        assertEquals("dark", browser.findElement(By.id("scheme")).getDomProperty("value"));
    }

    static List<String> said(Stage stage) {
        return stage.tree().all().stream()
                .filter(part -> part.role() != Access.Role.TEXT && part.role() != Access.Role.IMAGE)
                .map(part -> part.role() + "|" + part.name() + "|" + part.current() + "|"
                        + part.expanded().map(String::valueOf).orElse("") + "|" + part.inert())
                .toList();
    }

    static Object said() {
        return browser.executeScript(
                """
                const roles = {HEADER: 'BANNER', NAV: 'NAVIGATION', MAIN: 'MAIN', H1: 'HEADING', A: 'LINK', BUTTON: 'BUTTON'};
                const currents = {page: 'PAGE', true: 'BRANCH'};
                return Array.from(document.querySelectorAll('#device *'))
                  .map(e => [e, e.getAttribute('role') === 'dialog' ? 'DIALOG' : roles[e.tagName]])
                  .filter(([e, role]) => role && e.getAttribute('aria-hidden') !== 'true')
                  .map(([e, role]) => [role,
                    e.getAttribute('aria-label') || '', currents[e.getAttribute('aria-current')] || 'NO',
                    e.getAttribute('aria-expanded') || '', !!e.closest('[inert]')].join('|'));
                """);
    }
}
