package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Entry;

/** Sections that fold and a search field, in a real browser, by mouse and by keyboard. */
class PageFoldTest {
    @TempDir
    static Path folder;

    private static ChromeDriver browser;

    @BeforeAll
    static void open() throws Exception {
        browser = Chromium.start(1280, 800);
        var plan = PlanBuilder.app("Quay")
                .start("home")
                .fact("wanted", "")
                .screen("home", screen -> screen.title("Home").icon("home"))
                .screen("crew", screen -> screen.title("Crew").icon("user"))
                .screen("rota", screen -> screen.title("Rota").icon("calendar"))
                .screen("rules", screen -> screen.title("Rules").icon("book"))
                .screen("find", screen -> screen.title("Find a boat").icon("zoom"))
                .menu("main", menu -> menu.item("home")
                        .item("find")
                        .section("Plans", Entry.Collapsible.COLLAPSED, "plans", "calendar", in -> in.item("rota"))
                        .section("Papers", Entry.Collapsible.PAGE, in -> in.item("rules"))
                        .section("Crew", in -> in.item("crew")))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.drawer()
                                .opens(DrawerForm.Opening.ALWAYS)
                                .search("find")
                                .filter("wanted")))
                .build();
        Files.writeString(
                folder.resolve("fold.html"), new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(plan));
    }

    @AfterAll
    static void close() {
        Chromium.done(browser);
    }

    @BeforeEach
    void page() {
        browser.get("about:blank");
        browser.get(folder.resolve("fold.html").toUri() + "#view=on=desktop~~~~~1~");
        until(() -> names().contains("Plans"));
    }

    private static void until(BooleanSupplier holds) {
        Chromium.waiting(browser).until(driver -> holds.getAsBoolean());
    }

    @SuppressWarnings("unchecked")
    private static List<String> names() {
        return (List<String>) browser.executeScript(
                "return Array.from(document.querySelectorAll('#device nav a, #device nav button'),"
                        + " element => element.getAttribute('aria-label'))");
    }

    private static WebElement named(String name) {
        return browser.findElement(By.cssSelector("#device nav [aria-label='" + name + "']"));
    }

    @Test
    void aSectionUnfoldsAndFoldsByMouse() {
        assertEquals(List.of("Find a boat", "Home", "Plans", "Papers", "Crew"), sorted());
        assertEquals("false", named("Plans").getAttribute("aria-expanded"));
        named("Plans").click();
        until(() -> names().contains("Rota"));
        assertEquals("true", named("Plans").getAttribute("aria-expanded"));
        named("Rota").click();
        until(() -> browser.getTitle().startsWith("Rota"));
        named("Plans").click();
        until(() -> !names().contains("Rota"));
        assertTrue(browser.getTitle().startsWith("Rota"), "who folds a section stays");
        assertEquals(List.of(), Chromium.complaints(browser));
    }

    private static List<String> sorted() {
        // The search field stands first for the eye, wherever it stands in the tree.
        return java.util.stream.Stream.concat(
                        names().stream().filter("Find a boat"::equals),
                        names().stream().filter(name -> !name.equals("Find a boat")))
                .toList();
    }

    @Test
    void theFocusStaysWhereAKeyFolds() {
        WebElement heading = named("Plans");
        browser.executeScript("arguments[0].focus()", heading);
        browser.switchTo().activeElement().sendKeys(Keys.ENTER);
        until(() -> names().contains("Rota"));
        assertEquals("Plans", browser.switchTo().activeElement().getAttribute("aria-label"));
        browser.switchTo().activeElement().sendKeys(Keys.ENTER);
        until(() -> !names().contains("Rota"));
        assertEquals("Plans", browser.switchTo().activeElement().getAttribute("aria-label"));
    }

    @Test
    void aPageOfTheDrawerLeadsBack() {
        named("Papers").click();
        until(() -> names().contains("Rules") && !names().contains("Home"));
        named("Papers").click();
        until(() -> names().contains("Home") && !names().contains("Rules"));
    }

    /** People type into a field of the browser's own: what doesn't match goes, and focus and caret stay. */
    @Test
    void whatIsTypedLeavesTheEntriesThatHoldIt() throws Exception {
        WebElement field = browser.findElement(By.cssSelector("#device input"));
        assertEquals("searchbox", field.getAriaRole());
        assertEquals("Find", field.getAccessibleName());
        field.click();
        field.sendKeys("ru");
        until(() -> sorted().equals(List.of("Find a boat", "Rules")));
        assertEquals(field, browser.switchTo().activeElement());
        field.sendKeys("x", Keys.ARROW_LEFT, Keys.BACK_SPACE);
        until(() -> browser.findElement(By.cssSelector("#device nav")).getText().contains("Nothing found"));
        assertEquals("rx", field.getDomProperty("value"), "the caret stood before the last letter");
        field.sendKeys(Keys.DELETE);
        until(() -> names().containsAll(List.of("Rota", "Rules", "Crew")));
        assertEquals("", Chromium.violations(browser));
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.BACK_SPACE);
        until(() -> names().contains("Plans") && !names().contains("Rota"));
        assertEquals(List.of(), Chromium.complaints(browser));
    }

    /** Two screens are seen while one takes the other's place; assistive technology may find one of them only. */
    @Test
    void aScreenOnItsWayOutIsNotHeard() {
        browser.executeScript("window.seen = 0; window.heard = 0;"
                + "(function look() { var count = what => document.querySelectorAll('#device ' + what).length;"
                + " seen = Math.max(seen, count('main')); heard = Math.max(heard, count('main:not([inert])'));"
                + " requestAnimationFrame(look); })()");
        // A machine that is busy may show no frame in between: then once more.
        for (int turn = 0; turn < 10 && !browser.executeScript("return seen").equals(2L); turn++) {
            String next = turn % 2 == 0 ? "Find a boat" : "Home";
            named(next).click();
            until(() -> browser.getTitle().startsWith(next));
            until(() -> browser.executeScript("return document.querySelectorAll('#device main').length")
                    .equals(1L));
        }
        assertEquals(2L, browser.executeScript("return seen"), "both are seen for a while");
        assertEquals(1L, browser.executeScript("return heard"));
    }

    @Test
    void aSearchFieldDoesWhatItsItemDoes() throws Exception {
        named("Find a boat").click();
        until(() -> browser.getTitle().startsWith("Find a boat"));
        assertEquals("", Chromium.violations(browser));
    }
}
