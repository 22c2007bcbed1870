package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

/** A page with a drawer at each side: each has a button of its own. */
class PageDrawersTest {
    private static final Plan PLAN = PlanBuilder.app("Quay")
            .start("one")
            .screen("one", screen -> screen.icon("droplet")
                    .wireframe(Wireframe.Kind.CHART)
                    .row("Kiln", "rising", "980 \u00b0C", "two")
                    .row("Shelf", "", "960 \u00b0C", "two")
                    .row("Door", "", "940 \u00b0C", "two"))
            .screen("two", screen -> screen.icon("map-pin"))
            .menu("main", menu -> menu.item("one").item("two").web("https://quay.example/", item -> item.id("outside")
                    .label("Outside")
                    .icon("world")))
            .menu("crew", menu -> menu.item("two", item -> item.id("people").label("People")))
            .bar(bar -> bar.menu("main").form(FormBuilder.drawer().footer("two", "outside")))
            .bar(bar -> bar.menu("crew").form(FormBuilder.drawer().side(Form.Side.TRAILING)))
            .topBar()
            .build();

    @TempDir
    private Path folder;

    private ChromeDriver open() throws Exception {
        Path page = folder.resolve("page.html");
        Files.writeString(page, new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(PLAN));
        ChromeDriver browser = Chromium.start(1280, 1000);
        browser.get(page.toUri().toString());
        Chromium.waiting(browser).until(driver -> !driver.findElements(By.cssSelector("#device [aria-label='Menu']"))
                .isEmpty());
        return browser;
    }

    private static String found(ChromeDriver browser, String script) {
        return String.valueOf(browser.executeScript("return " + script));
    }

    /** Each button opens its own drawer; Escape closes it, and the button has the focus again. */
    @ParameterizedTest
    @CsvSource({"Menu, One, true", "Crew, People, false"})
    void eachButtonOpensItsOwn(String button, String item, boolean isLeft) throws Exception {
        ChromeDriver browser = open();
        String element = "document.querySelector(\"#device button[aria-label='" + button + "']\")";
        assertEquals(
                String.valueOf(isLeft),
                found(
                        browser,
                        element
                                + ".getBoundingClientRect().x < document.getElementById('device').getBoundingClientRect().x + 150"));
        browser.executeScript(element + ".focus()");
        browser.switchTo().activeElement().sendKeys(Keys.ENTER);
        Chromium.waiting(browser).until(driver -> found(browser, "document.activeElement.ariaLabel")
                .equals(item));
        browser.switchTo().activeElement().sendKeys(Keys.ESCAPE);
        Chromium.waiting(browser).until(driver -> found(browser, "document.activeElement.ariaLabel")
                .equals(button));
        Chromium.done(browser);
    }

    /** The map, the first picture and the app are parts of one document. */
    @Test
    void noTwoElementsHaveOneId() throws Exception {
        ChromeDriver browser = open();
        assertEquals(
                List.of(),
                browser.executeScript("const all = [...document.querySelectorAll('[id]')].map(one => one.id);"
                        + " return all.filter((id, at) => all.indexOf(id) !== at)"));
        Chromium.done(browser);
    }

    /** Lists hold nothing but their entries: neither a chart among rows nor another list between items. */
    @Test
    void axeFindsNothing() throws Exception {
        ChromeDriver browser = open();
        assertEquals("", Chromium.violations(browser));
        browser.findElement(By.cssSelector("#device [aria-label='Menu']")).click();
        Chromium.waiting(browser).until(driver -> found(browser, "document.activeElement.ariaLabel")
                .equals("One"));
        assertEquals("", Chromium.violations(browser));
        Chromium.done(browser);
    }
}
