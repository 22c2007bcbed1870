package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

/** The other forms of bars in a real browser: a drawer that opens, an overflow, a rail on a wider device, and films. */
class PageFormsTest extends PageFormsFixture {
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
}
