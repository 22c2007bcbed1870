package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;

/** Items, screens and sample content, edited in the live page. */
class LiveItemsTest extends LivePageFixture {
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
                () -> served.operation("\"do\":\"wrap\",\"thing\":\"item:crew\",\"count\":1,\"heading\":\"People\""));
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
