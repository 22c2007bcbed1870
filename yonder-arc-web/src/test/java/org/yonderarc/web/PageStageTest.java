package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.Rectangle;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Typeface;
import org.yonderarc.fit.Device;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;
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
class PageStageTest {
    private static PlanBuilder builder() {
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

    private static final Plan DRAWER = builder()
            .bar(bar -> bar.menu("main")
                    .form(FormBuilder.drawer().opens(DrawerForm.Opening.OVER).width(280)))
            .build();

    private static final Plan BOTTOM = builder()
            .bar(bar -> bar.menu("main").form(FormBuilder.bottom().maxItems(3)))
            .build();

    /** A bar that is scrolled sideways, below a top bar that leaves. */
    private static final Plan LONG = PlanBuilder.app("Long")
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

    private static final Plan RAIL =
            builder().bar(bar -> bar.menu("main").form(FormBuilder.rail())).build();

    @TempDir
    private static Path folder;

    private static ChromeDriver browser;

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

    private static String address(String name) {
        return folder.resolve(name + ".html").toUri().toString();
    }

    private static void open(ChromeDriver driver, String name) {
        driver.get("about:blank");
        driver.get(address(name));
        until(() -> !driver.findElements(By.cssSelector("#device main")).isEmpty());
    }

    private static void until(BooleanSupplier holds) {
        Chromium.waiting(browser).until(driver -> holds.getAsBoolean());
    }

    private static WebElement named(String name) {
        return browser.findElement(By.cssSelector("#device [aria-label='" + name + "']"));
    }

    private static String focused() {
        return String.valueOf(browser.switchTo().activeElement().getAttribute("aria-label"));
    }

    private static void rest(String title) {
        until(() -> browser.getTitle().startsWith(title)
                && browser.findElements(By.cssSelector("#device main")).size() == 1);
    }

    private static double number(ChromeDriver driver, String script) {
        return ((Number) driver.executeScript("return " + script)).doubleValue();
    }

    /** Where a device is, as it is scaled. */
    private static Rectangle box(int device) {
        String of = "document.querySelectorAll('.device')[" + device + "].getBoundingClientRect()";
        return new Rectangle(
                (int) number(browser, of + ".x"),
                (int) number(browser, of + ".y"),
                (int) number(browser, of + ".height"),
                (int) number(browser, of + ".width"));
    }

    @Test
    void everyDeviceFitsAndItsScaleIsSaid() {
        var devices = new Select(browser.findElement(By.id("device-name")));
        for (Device device : Device.PRESETS) {
            devices.selectByValue(device.id());
            until(() -> number(browser, "document.getElementById('device').offsetWidth") == device.width());
            Rectangle box = box(0);
            assertTrue(box.x >= 304 && box.x + box.width <= 1280, device.id() + " at " + box.x + ", " + box.width);
            assertTrue(
                    box.y >= 0 && box.y + box.height <= number(browser, "innerHeight"),
                    device.id() + " at " + box.y + ", " + box.height);
            String label = browser.findElement(By.cssSelector(".label")).getText();
            assertEquals(box.width < device.width() - 1, label.contains("%"), label);
        }
    }

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

    @Test
    void theWindowItselfIsADeviceWithoutAFrame() {
        new Select(browser.findElement(By.id("device-name"))).selectByValue("");
        until(() -> number(browser, "document.getElementById('device').offsetWidth") == 1280);
        assertEquals(0, browser.findElement(By.id("device")).getRect().x);
        browser.findElement(By.id("open-tools")).click();
        new Select(browser.findElement(By.id("device-name"))).selectByValue("phone");
        until(() -> number(browser, "document.getElementById('device').offsetWidth") == 384);
        assertTrue(browser.findElement(By.id("tools")).isDisplayed());
    }

    @Test
    void aDrawerIsADialogThatKeepsTheFocusAndGivesItBack() {
        browser.executeScript("document.querySelector(\"#device [aria-label='Menu']\").focus()");
        assertEquals("false", named("Menu").getAttribute("aria-expanded"));
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        until(() -> focused().equals("Tides"));
        WebElement dialog = browser.findElement(By.cssSelector("#device [role=dialog]"));
        assertEquals("Menu", dialog.getAccessibleName());
        assertEquals("true", dialog.getAttribute("aria-modal"));
        assertEquals("true", named("Menu").getAttribute("aria-expanded"));
        assertEquals(
                List.of("header", "main"),
                browser.executeScript("return Array.from(document.querySelectorAll('#device [inert]'),"
                        + " element => element.tagName.toLowerCase())"));
        var seen = new ArrayList<String>();
        for (int i = 0; i < 4; i++) {
            new Actions(browser).sendKeys(Keys.TAB).perform();
            seen.add(focused());
        }
        assertEquals(List.of("Surveys, 2", "Map", "Crew", "Tides"), seen);
        new Actions(browser).sendKeys(Keys.ESCAPE).perform();
        until(() -> focused().equals("Menu"));
        until(() -> browser.findElements(By.cssSelector("#device [role=dialog], #device [inert]"))
                .isEmpty());
    }

    @Test
    void theBrowsersBackClosesWhatIsOpenFirst() {
        browser.findElement(By.cssSelector("#device [aria-label='Menu']")).click();
        until(() -> !browser.findElements(By.cssSelector("[role=dialog]")).isEmpty());
        named("Surveys, 2").click();
        rest("Surveys");
        named("Menu").click();
        until(() -> !browser.findElements(By.cssSelector("[role=dialog]")).isEmpty());
        browser.navigate().back();
        until(() ->
                browser.findElements(By.cssSelector("#device [role=dialog]")).isEmpty());
        rest("Surveys");
        browser.navigate().back();
        rest("Tides");
    }

    @Test
    void goingBackGivesFocusAndScrollBack() {
        browser.executeScript("location.hash = '/surveys'");
        rest("Surveys");
        browser.executeScript("document.querySelector('#device main').scrollTop = 900");
        until(() -> number(browser, "document.querySelector('#device main').scrollTop") == 900);
        browser.executeScript(
                "document.querySelector(\"#device [aria-label^='Survey 16']\").focus({preventScroll: true})");
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        rest("Survey 16");
        until(() -> focused().equals("Survey 16"));
        browser.navigate().back();
        rest("Surveys");
        until(() -> focused().startsWith("Survey 16"));
        assertEquals(900, number(browser, "document.querySelector('#device main').scrollTop"), 1);
    }

    /** What was open when the page was left is not on the way of who comes again: it was closed. */
    @Test
    void forwardDoesNotOpenWhatBackClosed() {
        named("Menu").click();
        until(() -> !browser.findElements(By.cssSelector("[role=dialog]")).isEmpty());
        browser.navigate().back();
        until(() ->
                browser.findElements(By.cssSelector("#device [role=dialog]")).isEmpty());
        browser.navigate().forward();
        until(() -> number(browser, "history.state.entry") == 1);
        browser.executeAsyncScript("requestAnimationFrame(() => requestAnimationFrame(arguments[0]))");
        assertEquals(List.of(), browser.findElements(By.cssSelector("#device [role=dialog]")));
        rest("Tides");
    }

    @Test
    void aReloadKeepsTheScrollHereAndBehind() {
        browser.executeScript("location.hash = '/surveys'");
        rest("Surveys");
        browser.executeScript("document.querySelector('#device main').scrollTop = 900");
        until(() -> view().contains("down=900"));
        browser.navigate().refresh();
        rest("Surveys");
        until(() -> number(browser, "document.querySelector('#device main').scrollTop") == 900);
        named("Survey 16, 12 m from the shore").click();
        rest("Survey 16");
        assertFalse(view().contains("down="), "what is below has not been scrolled");
        browser.navigate().refresh();
        rest("Survey 16");
        browser.navigate().back();
        rest("Surveys");
        assertTrue(view().contains("down=900"), view());
        until(() -> number(browser, "document.querySelector('#device main').scrollTop") == 900);
    }

    /** What is kept with the entry of the history. */
    private static String view() {
        return String.valueOf(browser.executeScript("return history.state.view"));
    }

    /** A link is told as copied when it was, and can be read where it was not. */
    @Test
    void aLinkIsCopiedWithoutAClipboardToo() {
        browser.executeScript("Object.defineProperty(navigator, 'clipboard', {value: undefined});"
                + "addEventListener('copy', event => { window.copied = document.activeElement.value; });");
        browser.findElement(By.id("copy-link")).click();
        until(() -> text("happened").startsWith("A link to this view is copied"));
        assertTrue(String.valueOf(browser.executeScript("return window.copied")).contains("#view=at="));
        browser.executeScript("document.execCommand = () => false;");
        browser.findElement(By.id("copy-link")).click();
        until(() -> text("happened").contains("#view=at="));
    }

    private static String text(String id) {
        return browser.findElement(By.id(id)).getText();
    }

    /** At four times the size, a window has a quarter of its width and height. */
    @Test
    void aWindowThatIsEnlargedLeavesRoomForContent() {
        browser.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", 320, "height", 200, "deviceScaleFactor", 4, "mobile", false));
        try {
            // Beside the bar by which it is scrolled.
            until(() -> number(browser, "document.getElementById('device').offsetWidth") >= 300
                    && number(browser, "document.getElementById('device').offsetWidth") <= 320);
            assertEquals(300, number(browser, "document.getElementById('device').offsetHeight"));
            assertTrue(number(browser, "document.querySelector('#device main').offsetHeight") > 200);
            browser.executeScript("document.getElementById('desk').scrollTop = 500");
            assertEquals(100, number(browser, "document.getElementById('desk').scrollTop"), "all of it is reached");
            assertFalse(browser.findElement(By.id("tools")).isDisplayed());
        } finally {
            browser.executeCdpCommand("Emulation.clearDeviceMetricsOverride", Map.of());
        }
    }

    @Test
    void theToolsAreDraggedOutOfTheWayOrLeftOut() throws Exception {
        new Select(browser.findElement(By.id("device-name"))).selectByValue("");
        WebElement button = browser.findElement(By.id("open-tools"));
        until(button::isDisplayed);
        int top = button.getRect().y;
        new Actions(browser).dragAndDropBy(button, 0, 150).perform();
        assertEquals(top + 150, button.getRect().y, 2);
        assertEquals("false", button.getAttribute("aria-expanded"), "what was dragged is not clicked");
        button.click();
        assertEquals("true", button.getAttribute("aria-expanded"));
        var writer = new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE);
        Files.writeString(folder.resolve("bare.html"), writer.withoutTools().page(DRAWER));
        open(browser, "bare");
        until(() -> number(browser, "document.getElementById('device').offsetWidth") == 1280);
        assertFalse(browser.findElement(By.id("open-tools")).isDisplayed());
        assertFalse(browser.findElement(By.id("tools")).isDisplayed());
    }

    @Test
    void whatIsPrintedIsTheScreenAlone() {
        new Select(browser.findElement(By.id("device-name"))).selectByValue("desktop");
        until(() -> number(browser, "document.getElementById('device').offsetWidth") == 1280);
        browser.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", "print"));
        try {
            browser.executeScript("dispatchEvent(new Event('beforeprint'))");
            var box = box(0);
            assertEquals(List.of(0, 0, 680), List.of(box.x, box.y, box.width));
            assertFalse(browser.findElement(By.id("tools")).isDisplayed());
            assertFalse(browser.findElement(By.cssSelector(".label")).isDisplayed());
        } finally {
            browser.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", ""));
        }
        browser.executeScript("dispatchEvent(new Event('afterprint'))");
        until(() -> box(0).width > 680);
    }

    /** The title is the app's, in its language; the tools have that of the plan. */
    @Test
    void languagesAreThoseOfWhatIsSaid() {
        new Select(browser.findElement(By.id("language"))).selectByValue("ar");
        until(() -> "ar".equals(browser.executeScript("return document.documentElement.lang")));
        assertEquals("en", browser.executeScript("return document.body.lang"));
        assertEquals("ar", browser.executeScript("return document.getElementById('said').lang"));
        var screens = new Select(browser.findElement(By.id("screen-name")));
        assertEquals(
                List.of("a screen", "Tides", "Surveys", "Survey 1", "Map", "Crew"),
                screens.getOptions().stream().map(WebElement::getText).toList());
    }

    @Test
    void devicesStandBesideEachOtherInStep() {
        browser.findElement(By.id("beside")).click();
        until(() -> browser.findElements(By.cssSelector(".device main, .device .main"))
                        .size()
                == 2);
        new Select(browser.findElement(By.id("device-name"))).selectByValue("tablet");
        until(() -> browser.findElements(By.cssSelector(".device")).get(1).getSize().height > 100);
        List<WebElement> both = browser.findElements(By.cssSelector(".device"));
        Rectangle left = box(0);
        Rectangle right = box(1);
        String where = left.x + ", " + left.width + " and " + right.x + ", " + right.width;
        assertTrue(left.x + left.width < right.x && right.x + right.width <= 1280, where);
        both.get(1).findElement(By.cssSelector("[aria-label='Menu']")).click();
        until(() -> browser.findElements(By.cssSelector("[role=dialog]")).size() == 2);
        WebElement map = both.get(0).findElement(By.cssSelector("[aria-label='Map']"));
        // The drawer comes from outside of the device, where other things take the click.
        until(() -> map.getRect().x >= left.x);
        map.click();
        until(() -> both.stream()
                .allMatch(
                        device -> device.findElement(By.tagName("h1")).getText().equals("Map")));
        assertEquals(
                "dark",
                new Select(browser.findElement(By.id("scheme")))
                        .getFirstSelectedOption()
                        .getText());
        browser.findElements(By.cssSelector(".label button")).get(2).click();
        until(() -> browser.findElements(By.cssSelector(".device")).size() == 1);
    }

    @Test
    void aLinkBringsBackThisViewAndSoDoesReloading() {
        new Select(browser.findElement(By.id("device-name"))).selectByValue("tablet");
        new Select(browser.findElement(By.id("language"))).selectByValue("ar");
        new Select(browser.findElement(By.id("scheme"))).selectByValue("dark");
        browser.findElement(By.name("drafts")).sendKeys(Keys.chord(Keys.CONTROL, "a"), "7");
        new Select(browser.findElement(By.id("screen-name"))).selectByValue("map");
        rest("Map");
        String view = (String) browser.executeScript("return history.state.view");
        browser.navigate().refresh();
        rest("Map");
        back();
        browser.get("about:blank");
        browser.get(address("drawer") + "#view=" + view);
        rest("Map");
        back();
        assertTrue(browser.getCurrentUrl().endsWith("#/map"), browser.getCurrentUrl());
    }

    private static void back() {
        assertEquals("7", browser.findElement(By.name("drafts")).getDomProperty("value"));
        assertEquals("rtl", browser.findElement(By.id("device")).getDomAttribute("dir"));
        assertEquals("tablet", browser.findElement(By.id("device-name")).getDomProperty("value"));
        assertEquals("dark", browser.findElement(By.id("scheme")).getDomProperty("value"));
    }

    @Test
    void theStepsSoFarLeadBackAndABadAddressSaysSo() {
        named("Menu").click();
        until(() -> !browser.findElements(By.cssSelector("[role=dialog]")).isEmpty());
        named("Map").click();
        rest("Map");
        browser.executeScript("location.hash = '/surveys/4'");
        rest("Survey 4");
        List<WebElement> steps = browser.findElements(By.cssSelector("#steps button"));
        assertEquals("choose:map", steps.get(0).getText());
        steps.get(0).click();
        rest("Map");
        browser.executeScript("location.hash = '/nowhere/at/all'");
        until(() ->
                browser.findElement(By.id("happened")).getText().equals("Nothing is at the address /nowhere/at/all."));
        assertTrue(browser.getTitle().startsWith("Map"));
        browser.findElement(By.id("start-over")).click();
        rest("Tides");
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
    void textsOfAnotherLanguageRunTheirOwnWay() {
        new Select(browser.findElement(By.id("language"))).selectByValue("ar");
        browser.executeScript("location.hash = '/surveys'");
        rest("Surveys");
        double first = number(browser, letter(0));
        assertTrue(first < number(browser, letter(3)), "the number stands before its unit");
    }

    private static String letter(int index) {
        return "(() => { const span = Array.from(document.querySelectorAll('#device main span'))"
                + ".find(any => any.textContent.startsWith('12 m')).firstChild, range = document.createRange();"
                + " range.setStart(span, " + index + "); range.setEnd(span, " + (index + 1) + ");"
                + " return range.getBoundingClientRect().left; })()";
    }

    @Test
    void reloadingKeepsTheWayBackAndStepsBringTheirFactsBack() {
        browser.executeScript("location.hash = '/surveys'");
        rest("Surveys");
        browser.executeScript("location.hash = '/surveys/4'");
        rest("Survey 4");
        browser.navigate().refresh();
        rest("Survey 4");
        browser.navigate().back();
        rest("Surveys");
        browser.findElement(By.name("drafts")).sendKeys(Keys.chord(Keys.CONTROL, "a"), "7");
        browser.findElement(By.name("drafts")).sendKeys(Keys.chord(Keys.CONTROL, "a"), "9");
        until(() -> browser.findElements(By.cssSelector("#steps button")).size() >= 2);
        browser.findElements(By.cssSelector("#steps button")).get(1).click();
        until(() -> "7".equals(browser.findElement(By.name("drafts")).getDomProperty("value")));
    }

    @Test
    void theStartShowsWithoutTheScriptAndTheLicencesAreThere() throws Exception {
        String page = Files.readString(folder.resolve("drawer.html"));
        Path still = folder.resolve("still.html");
        Files.writeString(still, page.replace("setTimeout(main, 0);", ""));
        browser.get(still.toUri().toString());
        WebElement picture = browser.findElement(By.cssSelector("#device .still"));
        assertTrue(picture.isDisplayed() && picture.getText().contains("Tides"), picture.getText());
        assertTrue(page.contains("<noscript><p"));
        String licences = browser.findElement(By.cssSelector("details pre")).getDomProperty("textContent");
        assertTrue(licences.contains("SIL OPEN FONT LICENSE") && licences.contains("MIT License"), licences);
        assertTrue(licences.contains("TeaVM") && licences.contains("Apache License"), licences);
        Chromium.complaints(browser);
        open(browser, "drawer");
        assertTrue(browser.findElements(By.cssSelector(".still")).isEmpty());
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

    private static List<String> said(Stage stage) {
        return stage.tree().all().stream()
                .filter(part -> part.role() != Access.Role.TEXT && part.role() != Access.Role.IMAGE)
                .map(part -> part.role() + "|" + part.name() + "|" + part.current() + "|"
                        + part.expanded().map(String::valueOf).orElse("") + "|" + part.inert())
                .toList();
    }

    private static Object said() {
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
