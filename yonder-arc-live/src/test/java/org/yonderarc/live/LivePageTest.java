package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
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
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.chromium.Chromium;

/** The live page, used by mouse and keyboard, with the plan's text compared. */
class LivePageTest {
    private static ChromeDriver browser;

    @TempDir
    Path folder;

    private Served served;
    private LivePage page;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(1280, 940);
    }

    private static final Pattern UNREACHED = Pattern.compile(
            "net::ERR_(CONNECTION_(REFUSED|RESET|CLOSED)|INCOMPLETE_CHUNKED|EMPTY_RESPONSE|SOCKET_NOT_CONNECTED)");

    @AfterAll
    static void quit() {
        Chromium.done(browser);
    }

    @BeforeEach
    void open() throws Exception {
        served = new Served(folder, Served.PLAN);
        page = new LivePage(browser, served.file);
        page.open(served);
    }

    @AfterEach
    void end() {
        served.close();
        assertEquals(
                List.of(),
                Chromium.complaints(browser).stream()
                        // The server that is stopped while the page is open.
                        .filter(line -> !UNREACHED.matcher(line).find())
                        .toList());
    }

    @Test
    void anItemIsWrittenRelinkedHiddenAndTakenBack() {
        page.choose("item:map");
        page.write("label", "Chart");
        page.saved("{ screen: map, badge: drafts, label: Chart }");
        page.settle();
        assertTrue(page.app().contains("Chart"), page.app());
        page.select("badge", "none");
        page.saved("{ screen: map, label: Chart }");
        page.settle();
        page.write("when", "drafts > 0");
        page.saved("when: \"drafts > 0\"");
        page.settle();
        page.click("#kind-tablet");
        page.saved("hide-on: [ tablet ]");
        page.settle();
        page.select("screen", "Pool");
        page.press("#sheet", "Do it anyway");
        page.saved("{ screen: pool, label: Chart");
        page.settle();
        page.write("id", "chart");
        page.saved("id: chart");
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
        assertTrue(page.app().contains("Map"), page.app());
    }

    /** By keyboard alone: chosen, moved, written, removed. */
    @Test
    void theOutlineIsUsedByKeyboard() {
        page.choose("item:tides");
        var keys = new Actions(browser);
        keys.sendKeys(Keys.ARROW_DOWN).perform();
        page.waitUntil(() -> page.find("#panel h2").getText().equals("Map"));
        keys.keyDown(Keys.ALT).sendKeys(Keys.ARROW_DOWN).keyUp(Keys.ALT).perform();
        page.saved("    - crew\n    # to the map\n    - { screen: map, badge: drafts }   # here\n");
        page.settle();
        page.waitUntil(() -> "item:map".equals(browser.executeScript("return document.activeElement.dataset.thing")));
        keys.keyDown(Keys.ALT).sendKeys(Keys.ARROW_UP).keyUp(Keys.ALT).perform();
        page.waitUntil(() -> page.text().equals(Served.PLAN));
        page.settle();
        keys.sendKeys(Keys.DELETE).perform();
        page.press("#sheet", "Remove");
        page.waitUntil(() -> !page.text().contains("badge: drafts"));
        page.settle();
        keys.keyDown(Keys.CONTROL).sendKeys("z").keyUp(Keys.CONTROL).perform();
        page.waitUntil(() -> page.text().contains("badge: drafts"));
    }

    @Test
    void thingsAreChosenInTheAppAndDraggedThere() {
        WebElement map = page.inApp("Map");
        new Actions(browser).moveToElement(map).click().perform();
        assertEquals("Map", page.find("#panel h2").getText());
        page.waitUntil(() -> {
            List<Double> chosen = page.box(page.find("#chosen"));
            List<Double> item = page.box(page.inApp("Map"));
            return Math.abs(chosen.get(0) - item.get(0)) < 1 && Math.abs(chosen.get(2) - item.get(2)) < 1;
        });
        assertTrue(page.find("[data-thing='item:map']")
                .getAttribute("aria-selected")
                .equals("true"));
        // A click that chooses is none for the app.
        assertEquals("/tides", page.find("#address").getAttribute("textContent"));
        page.drag(page.inApp("Crew"), page.inApp("Map"), 0.2, 0.5);
        page.saved("    - crew\n    # to the map\n");
        page.settle();
        page.undo();
        page.settle();
        new Actions(browser).moveToElement(page.inApp("Pool")).click().perform();
        assertEquals("Row", page.find("#panel .path span").getText());
        page.write("note", "Deep");
        page.saved("{ title: Pool, screen: pool, note: Deep }");
        page.settle();
        page.drag(page.inApp("Pool"), page.textInApp("Plain"), 0.5, 0.8);
        page.waitUntil(() -> page.text().indexOf("Plain") < page.text().indexOf("Pool"));
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    @Test
    void iconsAreFoundByMeaningAndBroughtAlong() throws Exception {
        page.choose("item:crew");
        page.click("#panel [data-key='icon'] .iconic");
        page.waitUntil(() -> !page.all("#sheet .icons button").isEmpty());
        page.find("#sheet input[type=search]").sendKeys("boat");
        page.waitUntil(() -> !page.all("#sheet button[aria-label='sailboat']").isEmpty());
        page.click("#sheet button[aria-label='sailboat']");
        page.saved("{ screen: crew, icon: sailboat }");
        page.settle();
        assertEquals(
                "icon-sailboat",
                browser.executeScript(
                        "return document.querySelector('#panel .iconic use').getAttribute('href').slice(1)"));
        Path drawing = Files.writeString(
                folder.resolve("Star Fish.svg"),
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\"><path d=\"M4 4h16v16z\"/></svg>");
        page.click("#panel [data-key='icon'] .iconic");
        page.waitUntil(() -> !page.all("#sheet input[type=file]").isEmpty());
        page.find("#sheet input[type=file]").sendKeys(drawing.toString());
        page.saved("icon: star-fish");
        assertTrue(Files.exists(folder.resolve("icons/star-fish.svg")));
    }

    /** Any form for any menu, as the schema has them; and the bars that need no menu. */
    @Test
    void aBarIsAddedInAnyForm() throws Exception {
        page.press("#outline", "Add a bar");
        page.waitUntil(() -> !page.all("#sheet .ask").isEmpty());
        List<String> offered = page.all("#sheet .ask button").stream()
                .map(button -> button.getText())
                .toList();
        assertEquals(List.of("bottom", "top", "rail", "drawer", "radial", "grid", "A top bar with the title"), offered);
        page.press("#sheet", "drawer");
        page.saved("form: drawer");
        page.saved("id: main-drawer");
    }

    @Test
    void screensAreAddedRenamedAndRemovedWithWhatLeadsThere() {
        page.press("#outline", "Add a screen");
        page.name("Log book");
        page.saved("  log-book: {}\n");
        page.settle();
        page.waitUntil(() -> page.find("#panel h2").getText().equals("Log book"));
        page.write("id", "diary");
        page.saved("  diary: { title: Log book }\n");
        page.settle();
        page.select("under", "Crew");
        page.saved("diary: { title: Log book, under: crew }");
        page.settle();
        page.press("#panel", "Add a row");
        page.saved("rows: [ { title: New row } ]");
        page.settle();
        page.choose("screen:map");
        page.press("#panel", "Remove, with what refers to it");
        page.waitUntil(() -> page.find("#sheet").getText().contains("item map"));
        page.press("#sheet", "Remove");
        page.waitUntil(() -> !page.text().contains("screen: map"));
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    @Test
    void barsAreGivenAFormByLooking() {
        page.choose("bar:main");
        page.waitUntil(() -> page.all("#panel .pictures button img").size() >= 4);
        page.press("#panel .pictures", "drawer");
        page.saved("forms: { phone: drawer, tablet: bottom, desktop: bottom }");
        page.settle();
        page.waitUntil(() -> page.app().contains("Tides") && page.inApp("Map") == null);
        page.undo();
        page.settle();
        page.select("labels", "selected");
        page.saved("{ menu: main, form: bottom, labels: selected }");
        page.settle();
        page.write("floating/inset", "24");
        page.saved("floating: { inset: 24 }");
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    /** A number is dragged by its name, seen meanwhile, and written once. */
    @Test
    void numbersAreDragged() {
        page.choose("bar:main");
        page.write("floating/radius", "12");
        page.saved("floating: { radius: 12 }");
        page.settle();
        WebElement name = page.find("#panel [data-key='floating/radius'] label");
        new Actions(browser)
                .moveToElement(name)
                .clickAndHold()
                .moveByOffset(4, 0)
                .moveByOffset(6, 0)
                .release()
                .perform();
        page.saved("floating: { radius: 22 }");
        page.settle();
        page.undo();
        page.settle();
        page.undo();
        assertEquals(Served.PLAN, page.text());
    }

    @Test
    void coloursAreToldByTheirContrastAndMended() {
        page.choose("theme");
        String before = page.find("#panel .pairs").getText();
        assertFalse(before.contains("Fix"), before);
        browser.executeScript(
                "const c = document.querySelector(\"#panel input[aria-label='accent in the light scheme']\");"
                        + "c.value = '#88ddee'; c.dispatchEvent(new Event('input')); window.colour = c;");
        // While it is dragged nothing is written, and the app shows it already.
        page.waitUntil(() -> page.find("#panel .pairs").getText().contains("Fix"));
        assertEquals(Served.PLAN, page.text());
        page.waitUntil(() -> isShown("rgb(136, 221, 238)"));
        browser.executeScript("window.colour.dispatchEvent(new Event('change'))");
        page.press("#sheet", "Leave it as it was");
        page.waitUntil(() -> !isShown("rgb(136, 221, 238)"));
        page.waitUntil(() -> !page.find("#panel .pairs").getText().contains("Fix"));
        browser.executeScript(
                "const c = document.querySelector(\"#panel input[aria-label='accent in the light scheme']\");"
                        + "c.value = '#88ddee'; c.dispatchEvent(new Event('change'));");
        page.waitUntil(() -> page.find("#sheet").isDisplayed());
        assertTrue(
                page.find("#sheet").getText().contains("contrast"),
                page.find("#sheet").getText());
        page.press("#sheet", "Do it anyway");
        page.saved("theme: { light: { accent: \"#88ddee\" } }");
        page.settle();
        page.press("#panel .pairs", "Fix");
        page.waitUntil(() -> !page.text().contains("#88ddee"));
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    /** Whether anything in the app has a colour. */
    private static boolean isShown(String colour) {
        return Boolean.TRUE.equals(browser.executeScript(
                "return [...document.querySelectorAll('#device *')].some(e => getComputedStyle(e).color === arguments[0])",
                colour));
    }

    /** Lists are put together by name, in their order. */
    @Test
    void listsArePutTogetherByName() {
        page.choose("bar:top");
        page.select("actions", "Crew");
        page.saved("- { form: top, actions: [ crew ] }");
        page.settle();
        page.select("actions", "Map");
        page.saved("actions: [ crew, map ]");
        page.settle();
        page.press("#panel", "Move Map up");
        page.saved("actions: [ map, crew ]");
        page.settle();
        page.press("#panel", "Remove Map");
        page.saved("actions: [ crew ]");
        page.settle();
        page.press("#panel", "Remove Crew");
        page.waitUntil(() -> !page.text().contains("actions"));
        page.settle();
        page.choose("app");
        page.write("languages", "en");
        page.saved("languages: [ en ]");
        page.settle();
        page.choose("screen:map");
        page.select("bars", "Main");
        page.saved("bars: [ main ]");
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    @Test
    void aColourIsOneForBothSchemesOrOneForEach() {
        page.press("#outline", "Add a style");
        page.name("Calm");
        page.saved("styles: { calm: { selected: { label: accent, icon: accent } } }");
        page.settle();
        page.press("#panel", "Another Label in the dark scheme");
        page.saved("label: { light: accent, dark: accent }");
        page.settle();
        page.write("selected/label/dark", "text");
        page.saved("label: { light: accent, dark: text }");
        page.settle();
        page.press("#panel", "The same Label in both schemes");
        page.saved("selected: { label: accent, icon: accent }");
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    /** A screen that is chosen in the outline is seen, and one that is new is where the focus goes. */
    @Test
    void theAppShowsTheScreenThatIsChosenInTheOutline() {
        page.choose("screen:pool");
        page.waitUntil(() -> page.find("#address").getAttribute("textContent").equals("/pool"));
        page.choose("item:map");
        assertEquals("/pool", page.find("#address").getAttribute("textContent"));
        page.choose("screen:crew");
        page.press("#outline", "Add a screen");
        page.name("Log");
        page.saved("  log: {}\n");
        page.waitUntil(() -> page.find("#panel h2").getText().equals("Log"));
        page.write("path", "/logs/{log}");
        page.saved("log: { path: \"/logs/{log}\" }");
        page.settle();
        page.choose("screen:tides");
        page.choose("screen:log");
        page.waitUntil(() -> page.find("#address").getAttribute("textContent").equals("/logs/log"));
        page.choose("app");
        page.write("name", "Quay");
        page.saved("name: Quay");
        page.settle();
        page.waitUntil(() -> page.find("h1.app").getAttribute("textContent").equals("Quay"));
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    @Test
    void motionIsACurveOrASpring() {
        page.choose("motion");
        WebElement handle = page.find("#panel circle");
        new Actions(browser)
                .moveToElement(handle)
                .clickAndHold()
                .moveByOffset(20, -10)
                .release()
                .perform();
        page.saved("easing: \"cubic-bezier(");
        page.settle();
        page.press("#panel", "A spring");
        page.saved("spring: { stiffness: 300, damping: 26 }");
        page.waitUntil(() -> page.find("#panel").getText().contains("It settles in "));
        page.settle();
        page.write("select/spring/damping", "34");
        page.saved("damping: 34");
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    /** A save elsewhere changes what is shown, and nothing of where one is. */
    @Test
    void aSaveKeepsPlaceTrailFactsScrollAndFocus() throws Exception {
        String rows = "        - { title: Pool, screen: pool }\n";
        String many = Served.PLAN.replace(rows, rows + "        - Filler\n".repeat(30));
        Files.writeString(page.file, many);
        page.settle();
        page.click("#mode-play");
        page.click("#tab-try");
        WebElement fact = page.find("#facts input");
        fact.sendKeys(Keys.chord(Keys.CONTROL, "a"), "7");
        page.waitUntil(() -> page.app().contains("7"));
        WebElement map = page.inApp("Map");
        browser.executeScript("arguments[0].focus()", map);
        browser.executeScript(
                "const m = document.querySelector('#device main'); m.scrollTop = 120; m.dispatchEvent(new Event('scroll'));");
        Thread.sleep(100);
        Files.writeString(page.file, many.replace("title: Map", "title: Chart"));
        page.settle();
        page.waitUntil(() -> page.app().contains("Chart"));
        assertTrue(page.app().contains("7"), page.app());
        assertEquals(
                120L,
                ((Number) browser.executeScript("return Math.round(document.querySelector('#device main').scrollTop)"))
                        .longValue());
        assertTrue(String.valueOf(browser.executeScript("return document.activeElement.textContent"))
                .contains("Chart"));
        page.inApp("Pool").click();
        page.waitUntil(() -> page.find("#address").getAttribute("textContent").equals("/pool"));
        Files.writeString(page.file, many.replace("icon: droplet", "icon: droplet, title: Basin"));
        page.settle();
        page.waitUntil(() -> page.app().contains("Basin"));
        assertEquals("/pool", page.find("#address").getAttribute("textContent"));
        page.click("#go-back");
        page.waitUntil(() -> page.find("#address").getAttribute("textContent").equals("/tides"));
        page.click("#mode-choose");
        page.click("#tab-plan");
    }

    @Test
    void errorsAreShownWithTheirLineAndGoAgain() throws Exception {
        Files.writeString(page.file, Served.PLAN.replace("start: tides", "start: tidse"));
        page.waitUntil(() -> page.find("#trouble").isDisplayed());
        String told = page.find("#trouble").getText();
        assertTrue(told.contains("3 | app: { name: Shore, start: tidse }"), told);
        assertTrue(page.app().contains("Pool"), "the last good view");
        page.press("#trouble", "Go there");
        assertEquals("Shore", page.find("#panel h2").getText());
        Files.writeString(page.file, Served.PLAN);
        page.waitUntil(() -> !page.find("#trouble").isDisplayed());
    }

    @Test
    void aPageComesBackWithItsServer() throws Exception {
        int port = served.address().getPort();
        served.server.close();
        page.waitUntil(() -> page.told().contains("The server is gone"));
        Files.writeString(page.file, Served.PLAN.replace("title: Map", "title: Chart"));
        try (LiveServer again = LiveServer.start(page.file, port, folder.resolve("keys"))) {
            assertEquals(served.address(), again.address());
            page.waitUntil(() -> page.app().contains("Chart"));
            page.choose("item:crew");
            page.write("label", "Team");
            page.saved("label: Team");
            page.settle();
        }
    }

    @Test
    void twoPagesHavePlacesOfTheirOwnOrFollowEachOther() {
        String first = browser.getWindowHandle();
        browser.switchTo().newWindow(WindowType.WINDOW);
        String second = browser.getWindowHandle();
        page.open(served);
        browser.executeScript("window.yonderApp.go('map')");
        page.waitUntil(() -> page.find("#address").getAttribute("textContent").equals("/map"));
        browser.switchTo().window(first);
        assertEquals("/tides", page.find("#address").getAttribute("textContent"));
        page.click("#follow");
        browser.switchTo().window(second);
        page.click("#follow");
        browser.executeScript("window.yonderApp.go('crew')");
        browser.switchTo().window(first);
        page.waitUntil(() -> page.find("#address").getAttribute("textContent").equals("/crew"));
        // What one changes the other shows.
        page.choose("item:map");
        page.write("label", "Chart");
        page.saved("label: Chart");
        browser.switchTo().window(second);
        page.waitUntil(() -> page.app().contains("Chart"));
        browser.close();
        browser.switchTo().window(first);
    }

    @Test
    void refusalsSayWhyAndWhatWasWrittenStays() {
        page.choose("app");
        page.write("name", "");
        page.waitUntil(() -> page.find("#note").isDisplayed());
        assertTrue(
                page.find("#note").getText().contains("The app has no \"name\""),
                page.find("#note").getText());
        assertEquals("Shore", page.find("#panel [data-key='name'] input").getAttribute("value"));
        assertEquals(Served.PLAN, page.text());
        page.press("#note", "Close");
    }

    @Test
    void whatIsInTheMiddleOfBeingWrittenIsKept() throws Exception {
        page.choose("item:map");
        WebElement label = page.find("#panel [data-key='label'] input");
        label.sendKeys("Cha");
        Files.writeString(page.file, Served.PLAN.replace("name: Shore", "name: Coast"));
        page.settle();
        page.waitUntil(
                () -> "Cha".equals(page.find("#panel [data-key='label'] input").getAttribute("value")));
        page.find("#panel [data-key='label'] input").sendKeys("rt", Keys.ENTER);
        page.saved("label: Chart");
        assertTrue(page.text().contains("name: Coast"));
        page.settle();
        // Who writes what somebody else has changed meanwhile is told, and overwrites nothing.
        WebElement field = page.find("#panel [data-key='label'] input");
        field.sendKeys("s");
        Files.writeString(page.file, page.text().replace("label: Chart", "label: Coastline"));
        page.settle();
        field.sendKeys(Keys.ENTER);
        page.waitUntil(() -> page.find("#note").isDisplayed());
        assertTrue(page.find("#note").getText().contains("Somebody else has changed \"item:map\""));
        assertTrue(page.text().contains("label: Coastline"), page.text());
    }

    @Test
    void nothingIsInTheWayOfThoseWhoDoNotSeeItOrUseNoMouse() throws Exception {
        for (String thing : List.of(
                "app", "item:map", "screen:tides", "bar:main", "theme", "motion", "fact:drafts", "row:tides/0")) {
            if (thing.startsWith("row:")) {
                page.choose("screen:tides");
                page.press("#panel", "Pool");
            } else {
                page.choose(thing);
            }
            page.waitUntil(() -> !page.all("#panel h2").isEmpty());
            assertEquals("", Chromium.violations(browser), thing);
        }
        page.choose("item:map");
        page.click("#panel [data-key='icon'] .iconic");
        page.waitUntil(() -> page.all("#sheet .icons button").size() > 5);
        assertEquals("", Chromium.violations(browser), "icons");
        browser.findElement(By.cssSelector("#sheet .bar button")).click();
        for (String button : List.of("#show-map", "#compare", "#hand-over")) {
            page.click(button);
            page.waitUntil(() -> !page.all("dialog[open]").isEmpty());
            assertEquals("", Chromium.violations(browser), button);
            browser.executeScript("document.querySelector('dialog[open]').close()");
        }
    }

    @Test
    void screensAreGuardedOnTheMap() {
        page.click("#show-map");
        page.waitUntil(() -> !page.all("#map[open] .guard").isEmpty());
        new Select(page.find("#map .guard > select")).selectByVisibleText("Crew");
        new Select(page.find("#map [data-key='otherwise'] select")).selectByVisibleText("Tides");
        page.saved("crew: { icon: users, otherwise: tides }");
        page.settle();
        page.waitUntil(() -> !page.all("#map[open] [data-key='needs'] input").isEmpty());
        WebElement needs = page.find("#map [data-key='needs'] input");
        needs.sendKeys("drafts > 1 and d");
        // What is offered completes the last word.
        page.waitUntil(() -> !page.all("#map datalist option[value='drafts > 1 and drafts > 0']")
                .isEmpty());
        needs.sendKeys(Keys.BACK_SPACE, Keys.BACK_SPACE, Keys.BACK_SPACE, Keys.BACK_SPACE, Keys.BACK_SPACE);
        needs.sendKeys(Keys.BACK_SPACE, Keys.ENTER);
        page.saved("crew: { icon: users, otherwise: tides, needs: \"drafts > 1\" }");
        page.settle();
        page.waitUntil(() -> "Crew"
                .equals(new Select(page.find("#map .guard > select"))
                        .getFirstSelectedOption()
                        .getText()));
        page.find("#map .bar button").click();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    /** Whoever stands on a screen that is called otherwise still does, also when that is taken back. */
    @Test
    void aRenamingKeepsThePlace() {
        browser.executeScript("window.yonderApp.go('crew')");
        browser.executeScript("window.yonderApp.go('tides')");
        browser.executeScript("window.yonderApp.go('pool')");
        page.choose("screen:pool");
        page.write("id", "basin");
        page.saved("basin: { under: tides, icon: droplet, title: Pool }");
        page.settle();
        assertEquals("/basin", page.find("#address").getAttribute("textContent"));
        page.choose("screen:tides");
        browser.executeScript("window.yonderApp.go('basin')");
        page.write("id", "today");
        page.saved("start: today");
        page.settle();
        assertEquals("/basin", page.find("#address").getAttribute("textContent"));
        page.undo();
        page.settle();
        assertEquals("/basin", page.find("#address").getAttribute("textContent"));
        page.undo();
        page.settle();
        assertEquals("/pool", page.find("#address").getAttribute("textContent"));
    }

    /** Where there is no room for an outline, what is changed is chosen from a list, under the app. */
    @Test
    void onAPhoneThereIsTheAppAndWhatCanBeChanged() throws Exception {
        Dimension wide = browser.manage().window().getSize();
        browser.manage().window().setSize(new Dimension(500, 900));
        try {
            page.waitUntil(() -> page.find("#change").isDisplayed());
            page.waitUntil(() -> Math.abs(page.box(page.find("#device")).get(2)
                            - page.box(page.find("#desk")).get(2))
                    < 1);
            page.inApp("Map").click();
            page.waitUntil(
                    () -> page.find("#address").getAttribute("textContent").equals("/map"));
            page.click("#change");
            new Select(page.find("#panel .narrow")).selectByVisibleText("Item: Map");
            page.write("label", "Chart");
            page.saved("label: Chart");
            page.settle();
            assertEquals("", Chromium.violations(browser));
            page.undo();
            assertEquals(Served.PLAN, page.text());
        } finally {
            browser.manage().window().setSize(wide);
        }
    }

    @Test
    void picturesAreBroughtAlong() throws Exception {
        Path drawing = Files.writeString(
                folder.resolve("My Crest.svg"),
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 40 20\"><rect width=\"40\" height=\"20\" fill=\"#0a6c74\"/></svg>");
        page.choose("app");
        browser.executeScript("document.querySelector('#panel > details').open = true");
        page.find("#panel [data-key='logo'] input[type=file]").sendKeys(drawing.toString());
        page.saved("logo: pictures/my-crest.svg");
        page.settle();
        assertTrue(Files.exists(folder.resolve("pictures/my-crest.svg")));
    }

    private void dragInOutline(String from, String to) {
        page.waitUntil(() -> !page.all("#outline [data-thing='" + from + "']").isEmpty());
        browser.executeScript(
                """
                const data = new DataTransfer();
                const tell = (thing, what) => document.querySelector(`#outline [data-thing="${thing}"]`)
                  .dispatchEvent(new DragEvent(what, {bubbles: true, cancelable: true, dataTransfer: data}));
                tell(arguments[0], 'dragstart');
                tell(arguments[1], 'dragover');
                tell(arguments[1], 'drop');
                tell(arguments[0], 'dragend');
                """,
                from,
                to);
    }

    /** Before another line, into a section, onto the screen to which it leads then, below another screen. */
    @Test
    void linesAreDraggedInTheOutline() {
        dragInOutline("item:crew", "item:tides");
        page.saved("  main:\n    - crew\n    - { screen: tides, icon: home }\n");
        page.settle();
        page.undo();
        page.settle();
        LivePage.unchecked(
                () -> served.deed("\"do\":\"wrap\",\"thing\":\"item:crew\",\"count\":1,\"heading\":\"People\""));
        page.settle();
        dragInOutline("item:map", "section:main/2");
        page.saved("# here\n");
        page.saved("{ screen: map, badge: drafts } ] }");
        page.settle();
        dragInOutline("item:map", "screen:pool");
        page.waitUntil(() -> page.find("#sheet").isDisplayed());
        page.sure();
        page.saved("{ screen: pool, badge: drafts, id: map }");
        page.settle();
        dragInOutline("screen:map", "screen:crew");
        page.saved("map: { title: Map, icon: map, under: crew }");
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    /** A name in one language more takes what it would say in the others along. */
    @Test
    void namesAreWrittenInEachLanguage() throws Exception {
        String plan = Served.PLAN
                .replace("start: tides }", "start: tides, languages: [ en, de ] }")
                .replace("map: { title: Map,", "map: { title: { en: Map, de: Karte },");
        Files.writeString(page.file, plan);
        page.settle();
        page.choose("item:map");
        new Select(page.find("#panel select[aria-label='Language of Label']")).selectByVisibleText("de");
        page.waitUntil(() -> page.find("#panel [data-key='label'] input")
                .getAttribute("placeholder")
                .equals("Karte"));
        page.write("label", "Seekarte");
        page.saved("label: { en: Map, de: Seekarte }");
        page.settle();
        page.undo();
        assertEquals(plan, page.text());
    }

    /** Rows are listed and written as text in the language that is shown. */
    @Test
    void rowsAreWrittenInEachLanguage() throws Exception {
        String plan = Served.PLAN
                .replace("start: tides }", "start: tides, languages: [ en, de ] }")
                .replace(
                        "  crew: { icon: users }",
                        "  crew: { icon: users, wireframe: { kind: list, rows: [ { title: { en: Ann, de: Anna }, screen: map } ] } }");
        Files.writeString(page.file, plan);
        page.settle();
        page.choose("screen:crew");
        new Select(page.find("#panel select[aria-label='Language of Title']")).selectByVisibleText("de");
        page.waitUntil(() -> page.find("#rows-text").getAttribute("value").equals("Anna |  |  | map"));
        page.write("rows", "Anja | neu |  | tides");
        page.saved("{ title: { en: Ann, de: Anja }, screen: tides, note: neu }");
        page.settle();
        page.undo();
        assertEquals(plan, page.text());
    }
}
