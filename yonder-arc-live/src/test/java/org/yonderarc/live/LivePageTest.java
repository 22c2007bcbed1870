package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.chromium.Chromium;

/** The live page, used by mouse and keyboard, with the plan's text compared. */
class LivePageTest extends LivePageFixture {
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
}
