package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.chromium.Chromium;

/** The live page while somebody works with it: nothing is asked too early, said wrongly, or lost. */
class LiveCareTest {
    private static final String PLAN = Served.PLAN.replace(
            "  crew: { icon: users }\n",
            "  crew: { icon: users }\n  pot: { title: \"Pot {pot}\", path: \"/pots/{pot}\" }\n");

    private static ChromeDriver browser;

    @TempDir
    Path folder;

    private Served served;
    private LivePage page;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(1280, 940);
    }

    @AfterAll
    static void quit() {
        Chromium.done(browser);
    }

    @BeforeEach
    void open() throws Exception {
        served = new Served(folder, PLAN);
        page = new LivePage(browser, served.file);
        page.open(served);
    }

    @AfterEach
    void end() {
        served.close();
    }

    private String address() {
        return page.find("#address").getAttribute("textContent");
    }

    private void said(String text) {
        page.waitUntil(() -> page.told().equals(text));
    }

    /** A fact always has a value of its kind, also where nothing is written. */
    @Test
    void aFactKeepsAValue() {
        page.choose("fact:drafts");
        new Select(page.find("#panel select[aria-label='Kind of value']")).selectByVisibleText("A text");
        page.saved("drafts: \"\"");
        page.settle();
        page.write("facts/drafts", "some");
        page.saved("drafts: some");
        page.settle();
        page.write("facts/drafts", "");
        page.saved("drafts: \"\"");
        page.settle();
        new Select(page.find("#panel select[aria-label='Kind of value']")).selectByVisibleText("A list");
        page.saved("drafts: []");
    }

    /** Whoever presses twice means it once. */
    @Test
    void aDoubleClickIsOneOperation() {
        page.choose("item:map");
        WebElement remove =
                browser.findElement(By.cssSelector("#panel button[aria-label='Remove, with what refers to it']"));
        new Actions(browser).doubleClick(remove).perform();
        page.waitUntil(() -> !page.all("#sheet[open] .ask button").isEmpty());
        new Actions(browser).doubleClick(page.find("#sheet[open] .ask button")).perform();
        page.waitUntil(() -> !page.text().contains("badge: drafts"));
        page.settle();
        assertEquals("Item map removed. No item, row or parent leads to \"Map\".", page.told());
        page.undo();
        assertEquals(PLAN, page.text());
        page.settle();
        said("Taken back: item map removed");
        page.settle();
        page.choose("screen:tides");
        new Actions(browser)
                .doubleClick(page.find("#panel .rows button[aria-label='Remove Pool']"))
                .perform();
        page.waitUntil(() -> !page.text().contains("Pool"));
        page.settle();
        assertTrue(page.text().contains("- Plain"), page.text());
        assertFalse(page.told().contains("Somebody else"), page.told());
        page.undo();
        page.settle();
        // Pressed slowly, the next row stands under the mouse by then.
        WebElement slow = page.find("#panel .rows button[aria-label='Remove Pool']");
        new Actions(browser).click(slow).pause(300).click().perform();
        page.waitUntil(() -> !page.text().contains("Pool"));
        page.settle();
        assertTrue(page.text().contains("- Plain"), page.text());
    }

    /** What was wrong isn't said any more as soon as the plan is another. */
    /** An item comes to set a fact, to another value, and keeps its id. */
    @Test
    void anItemSetsAFact() {
        page.choose("item:crew");
        new Select(page.find("#panel select[aria-label='Kind of target']")).selectByVisibleText("A fact");
        // Nothing leads to the crew then.
        page.press("#sheet", "Do it anyway");
        page.saved("sets: { fact: drafts, value: 2 }");
        page.settle();
        page.write("sets/value", "5");
        page.saved("sets: { fact: drafts, value: 5 }");
        assertTrue(page.text().contains("id: crew"), page.text());
        page.settle();
        assertEquals("Crew", page.find("#panel h2").getText());
        page.undoAll();
        assertEquals(PLAN, page.text());
    }

    @Test
    void anErrorGoesWhenItIsMended() throws Exception {
        page.choose("screen:map");
        page.write("path", "nowhere");
        page.waitUntil(() -> page.find("#note").isDisplayed());
        assertFalse(page.told().isEmpty());
        Files.writeString(page.file, PLAN.replace("title: Map", "title: Chart"));
        page.settle();
        page.waitUntil(() -> !page.find("#note").isDisplayed());
        said("");
    }

    /** What can't be shown, and what is shown then: nobody is asked in between. */
    @Test
    void aGuardIsPutTogetherInTwoSteps() {
        page.choose("screen:crew");
        page.write("needs", "drafts > 2");
        page.saved("crew: { icon: users, needs: \"drafts > 2\" }");
        page.settle();
        assertFalse(page.find("#sheet").isDisplayed());
        assertTrue(page.told().contains("needs"), page.told());
        page.select("otherwise", "Tides");
        page.saved("otherwise: tides");
    }

    @Test
    void aKeyTakesBackWhatAFieldHasSaved() {
        page.choose("item:map");
        page.write("label", "Chart");
        page.saved("label: Chart");
        page.settle();
        said("Item map: label is now \"Chart\", where there was none");
        var keys = new Actions(browser);
        keys.keyDown(Keys.CONTROL).sendKeys("z").keyUp(Keys.CONTROL).perform();
        page.waitUntil(() -> page.text().equals(PLAN));
        said("Taken back: item map: label is now \"Chart\", where there was none");
        page.settle();
        // What isn't saved is the field's own to take back.
        page.find("#panel [data-key='label'] input").sendKeys("Cha");
        keys.keyDown(Keys.CONTROL).sendKeys("z").keyUp(Keys.CONTROL).perform();
        assertEquals(PLAN, page.text());
        assertEquals("", page.find("#panel [data-key='label'] input").getDomProperty("value"));
    }

    @Test
    void aRenamingIsToldAsOne() {
        page.choose("screen:pool");
        page.write("id", "basin");
        page.saved("screen: basin");
        page.settle();
        assertTrue(page.told().startsWith("Screen \"pool\" renamed to \"basin\""), page.told());
        assertFalse(page.told().contains("removed"), page.told());
        page.undo();
        page.settle();
        page.waitUntil(() -> page.told().startsWith("Taken back: screen \"pool\" renamed to \"basin\""));
    }

    /** What is new, and what needs to know more, is shown as soon as it is chosen. */
    @Test
    void aScreenThatIsChosenIsShown() {
        page.press("#outline", "Add a screen");
        page.name("Harbour watch");
        page.waitUntil(() -> address().equals("/harbour-watch"));
        page.settle();
        page.choose("screen:pot");
        page.waitUntil(() -> address().equals("/pots/pot"));
        page.undo();
        Path now = page.file;
        LivePage.unchecked(() -> Files.writeString(
                now,
                page.text()
                        .replace(
                                "path: \"/pots/{pot}\"",
                                "path: \"/pots/{pot}\", parameters: { pot: { sample: 12 } }")));
        page.settle();
        page.choose("screen:crew");
        page.choose("screen:pot");
        page.waitUntil(() -> address().equals("/pots/12"));
        assertTrue(page.app().contains("Pot 12"), page.app());
        page.click("#tab-try");
        new Select(page.find("#screen-name")).selectByVisibleText("Crew");
        page.waitUntil(() -> address().equals("/crew"));
        page.waitUntil(() -> browser.getTitle().startsWith("Crew"));
        page.click("#tab-plan");
    }

    /** A form is seen on a device of the kind that it was chosen for. */
    @Test
    void theFormOfAKindIsSeen() {
        page.choose("bar:main");
        page.press("#panel", "tablet");
        page.press("#panel .pictures", "rail");
        page.saved("tablet: rail");
        page.settle();
        page.waitUntil(() -> "tablet".equals(page.find("#device-name").getDomProperty("value")));
    }

    /** Somebody else writes while something is dragged: it still comes where it is dropped. */
    @Test
    void aDragOutlastsWhatOthersWrite() throws Exception {
        WebElement crew = page.inApp("Crew");
        WebElement map = page.inApp("Map");
        new Actions(browser)
                .moveToElement(crew)
                .clickAndHold()
                .moveByOffset(-3, 8)
                .perform();
        String other = PLAN.replace("title: Map, icon", "title: Chart, icon");
        Files.writeString(page.file, other);
        page.waitUntil(() -> page.inApp("Chart") != null);
        new Actions(browser)
                .moveToElement(page.inApp("Chart"), (int) (-0.3 * map.getSize().width), 0)
                .pause(80)
                .release()
                .perform();
        page.saved("    - crew\n    # to the map\n");
        assertTrue(page.text().contains("title: Chart"));
    }
}
