package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Rectangle;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Typeface;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Plan;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** The stage in the page: room for every device, drawers as dialogs, the history, the tools, and what is heard. */
class PageStageTest extends PageFixture {
    @ParameterizedTest
    @CsvSource({"390, 844", "844, 390", "320, 568", "768, 1024"})
    void whatIsTouchedIsFilledByTheApp(int width, int height) throws Exception {
        ChromeDriver touched = Chromium.start(width, height, true);
        try {
            open(touched, "drawer");
            var box = touched.findElement(By.id("device")).getRect();
            assertEquals(List.of(0, 0, width, height), List.of(box.x, box.y, box.width, box.height));
            assertFalse(touched.findElement(By.id("tools")).isDisplayed());
            touched.findElement(By.id("open-tools")).click();
            assertTrue(touched.findElement(By.id("start-over")).isDisplayed());
            assertFalse(touched.findElement(By.id("device-name")).isDisplayed(), "the window is the device");
            touched.findElement(By.id("open-tools")).click();
            touched.findElement(By.cssSelector("#device [aria-label='Menu']")).click();
            new WebDriverWait(touched, Duration.ofSeconds(10))
                    .until(driver -> !driver.findElements(By.cssSelector("[role=dialog]"))
                            .isEmpty());
        } finally {
            Chromium.done(touched);
        }
    }

    /** What is scrolled by the browser is hit where it is seen. */
    @ParameterizedTest
    @ValueSource(strings = {"phone", "phone-small"})
    void whatIsScrolledIsHitWhereItIsSeen(String device) {
        open(browser, "long");
        new Select(browser.findElement(By.id("device-name"))).selectByValue(device);
        rest("Surveys");
        browser.executeScript("document.querySelector('#device main').scrollTop = 700");
        until(() -> number(
                        browser,
                        "document.querySelector('#device header').getBoundingClientRect().bottom"
                                + " - document.getElementById('device').getBoundingClientRect().top")
                < 40);
        Rectangle box = box(0);
        int y = box.y + (device.equals("phone") ? 48 : 36);
        String under = (String) browser.executeScript(
                "return document.elementFromPoint(arguments[0], arguments[1]).closest('a').getAttribute('aria-label')",
                box.x + 100,
                y);
        new Actions(browser).moveToLocation(box.x + 100, y).click().perform();
        rest(under);
        browser.navigate().back();
        rest("Surveys");
        browser.executeScript(
                "const list = document.querySelector('#device nav > div:last-child'); list.scrollLeft = 999");
        until(() -> number(browser, "document.querySelector('#device nav > div:last-child').scrollLeft") > 50);
        // A finger scrolls it to all sides ("manipulation" is all of panning), and nothing else across: the rest is the
        // app's.
        assertEquals(
                List.of("manipulation", "pan-y pinch-zoom"),
                browser.executeScript("return ['nav > div:last-child', 'main'].map(part =>"
                        + " getComputedStyle(document.querySelector('#device ' + part)).touchAction)"));
        named("Six").click();
        rest("Six");
    }

    @Test
    void withinAnotherPageItWorksAndTakesNoFocus() throws Exception {
        Path outer = folder.resolve("outer.html");
        String page = Files.readString(folder.resolve("bottom.html"));
        Files.writeString(
                outer,
                "<!DOCTYPE html><meta charset=utf-8><title>Outer</title><input id=mine autofocus><iframe width=700 height=600 srcdoc=\""
                        + page.replace("&", "&amp;").replace("\"", "&quot;") + "\"></iframe>");
        browser.get(outer.toUri().toString());
        browser.findElement(By.id("mine")).sendKeys("a");
        browser.switchTo().frame(0);
        until(() -> !browser.findElements(By.cssSelector("#device main")).isEmpty());
        browser.switchTo().defaultContent();
        assertEquals("mine", browser.executeScript("return document.activeElement.id"));
        browser.switchTo().frame(0);
        named("Surveys, 2").click();
        until(() -> browser.findElement(By.cssSelector("#device h1")).getText().equals("Surveys"));
        browser.findElement(By.cssSelector("#device main a")).click();
        until(() -> browser.findElement(By.cssSelector("#device h1")).getText().equals("Survey 1"));
        named("Back to Surveys").click();
        until(() -> browser.findElement(By.cssSelector("#device h1")).getText().equals("Surveys"));
        browser.switchTo().defaultContent();
        Chromium.complaints(browser);
    }

    /** What the elements say, and in which order, is what the stage says in Java. */
    @ParameterizedTest
    @CsvSource({
        "bottom, ''",
        "bottom, choose:surveys",
        "bottom, choose:surveys open:survey?survey=3",
        "bottom, toggle:main",
        "rail, choose:map",
        "drawer, toggle:main"
    })
    void thePageSaysWhatTheStageSays(String name, String steps) {
        Plan plan = name.equals("bottom") ? BOTTOM : name.equals("rail") ? RAIL : DRAWER;
        var walk = Walk.of(plan);
        State state = walk.start();
        open(browser, name);
        for (String step : steps.isEmpty() ? new String[0] : steps.split(" ")) {
            state = walk.step(state, Steps.parse(plan, step)).after();
        }
        String saved = org.yonderarc.plan.Percent.encode(org.yonderarc.walk.SavedState.write(state));
        browser.get("about:blank");
        browser.get(address(name) + "#view=at=" + saved);
        until(() -> !browser.findElements(By.cssSelector("#device main")).isEmpty());
        var stage = new Stage(
                walk, state, Surroundings.of(Device.PHONE), Typeface.bundled().measure(), step -> false);
        assertEquals(said(stage), said());
    }

    /** The same script of choices, here by the stage and there by the elements: the same tree and places after each. */
    @ParameterizedTest
    @CsvSource({"bottom, 1", "rail, 2", "drawer, 3", "drawer, 4"})
    void oneScriptLeadsToTheSameInBothLanguages(String name, int seed) {
        Plan plan = name.equals("bottom") ? BOTTOM : name.equals("rail") ? RAIL : DRAWER;
        var random = new Random(seed);
        var app = new App(plan);
        open(browser, name);
        for (int i = 0; i < Integer.getInteger("yonder.choices", 8); i++) {
            List<Access> targets = app.stage.tree().all().stream()
                    .filter(part -> part.step().isPresent() && part.enabled() && !part.inert())
                    .toList();
            Access target = targets.get(random.nextInt(targets.size()));
            String what = i + ": " + target.name();
            app.take(new Input.Choose(target.path()));
            browser.executeScript(
                    """
                    Array.from(document.querySelectorAll('#device *'))
                      .find(element => element.yonderPath === arguments[0]).click();
                    """,
                    target.path());
            List<String> expected = said(app.stage);
            until(() -> expected.equals(said()));
            until(() -> apart(app.stage) < 1.5);
            assertEquals(
                    app.walk.addressOf(app.state.place()),
                    browser.findElement(By.id("address")).getText(),
                    what);
        }
    }

    /** An app whose stage has no browser. */
    private static final class App {
        private final Walk walk;
        private final Stage stage;
        private State state;
        private double now;

        App(Plan plan) {
            walk = Walk.of(plan);
            state = walk.start();
            stage = new Stage(
                    walk,
                    state,
                    Surroundings.of(Device.PHONE),
                    Typeface.bundled().measure(),
                    this::step);
        }

        private boolean step(Step step) {
            Change change = walk.step(state, step);
            state = change.after();
            stage.changed(change, now);
            return true;
        }

        void take(Input input) {
            stage.take(input, now);
            now += 5000;
            stage.scene(now);
        }
    }

    /** How far the farthest of what can be chosen stands from where the stage has it, in dp. */
    private static double apart(Stage stage) {
        Object places = browser.executeScript(
                """
                const device = document.getElementById('device');
                const all = device.getBoundingClientRect(), scale = all.width / device.offsetWidth;
                const places = {};
                device.querySelectorAll('a, button').forEach(element => {
                  const box = element.getBoundingClientRect();
                  places[element.yonderPath] = [(box.x - all.x) / scale, (box.y - all.y) / scale, box.width / scale, box.height / scale];
                });
                return places;
                """);
        double most = 0;
        for (Access part : stage.tree().all()) {
            if (part.step().isPresent()) {
                var place = (List<?>) ((Map<?, ?>) places).get(part.path());
                double[] box = {
                    part.box().x(),
                    part.box().y(),
                    part.box().width(),
                    part.box().height()
                };
                for (int i = 0; i < box.length; i++) {
                    double is = place == null ? Double.NaN : ((Number) place.get(i)).doubleValue();
                    most = Double.isNaN(is) ? Double.POSITIVE_INFINITY : Math.max(most, Math.abs(is - box[i]));
                }
            }
        }
        return most;
    }

    @ParameterizedTest
    @CsvSource({
        "drawer, phone, light, ''",
        "drawer, phone, dark, toggle:main",
        "drawer, tablet, light, choose:surveys open:survey?survey=3",
        "bottom, phone, light, choose:crew",
        "bottom, phone, dark, toggle:main",
        "bottom, desktop, light, choose:map",
        "rail, tablet, dark, choose:surveys",
        "rail, desktop, light, choose:surveys open:survey?survey=3",
    })
    void axeFindsNothing(String name, String device, String scheme, String steps) throws Exception {
        Plan plan = name.equals("bottom") ? BOTTOM : name.equals("rail") ? RAIL : DRAWER;
        var walk = Walk.of(plan);
        State state = walk.start();
        for (String step : steps.isEmpty() ? new String[0] : steps.split(" ")) {
            state = walk.step(state, Steps.parse(plan, step)).after();
        }
        String saved = org.yonderarc.plan.Percent.encode(org.yonderarc.walk.SavedState.write(state));
        browser.get("about:blank");
        browser.get(address(name) + "#view=at=" + saved + "&on=" + device + "~~~" + scheme + "~~1~");
        until(() -> !browser.findElements(By.cssSelector("#device main")).isEmpty());
        assertEquals("", Chromium.violations(browser));
    }
}
