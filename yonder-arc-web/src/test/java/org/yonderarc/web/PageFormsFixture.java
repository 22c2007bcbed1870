package org.yonderarc.web;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Plan;

/** A browser, and a plan with several forms. */
abstract class PageFormsFixture {
    static final Plan PLAN = PlanBuilder.app("Forms")
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
    static Path folder;

    static ChromeDriver browser;

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
    static void settled(String title) {
        Chromium.waiting(browser).until(ExpectedConditions.titleContains(title));
        Chromium.waiting(browser)
                .until(driver -> driver.findElements(By.tagName("main")).size() == 1);
    }

    static void press(String name) {
        browser.findElement(By.cssSelector("[aria-label='" + name + "']")).click();
    }

    /** The names of the items that are shown; asked in one go, since a film may remove them meanwhile. */
    @SuppressWarnings("unchecked")
    static List<String> shown() {
        return (List<String>) browser.executeScript(
                "return Array.from(document.querySelectorAll('#device :is(nav, [role=dialog]) :is(a, button)'),"
                        + " element => element.getAttribute('aria-label'))");
    }

    static double number(String expression) {
        return ((Number) browser.executeScript("return " + expression)).doubleValue();
    }

    /** The lower edge of an element, seen from the upper edge of the device. */
    static double bottom(String selector) {
        return number("document.querySelector('#device " + selector + "').getBoundingClientRect().bottom"
                + " - document.getElementById('device').getBoundingClientRect().top");
    }

    static String text(String id) {
        return browser.findElement(By.id(id)).getText();
    }
}
