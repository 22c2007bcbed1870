package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.interactions.Pause;
import org.openqa.selenium.interactions.PointerInput;
import org.openqa.selenium.interactions.Sequence;
import org.openqa.selenium.logging.LogType;
import org.yonderarc.chromium.Chromium;

/** Fingers on the page: drawers that follow, and going back. */
class PageTouchTest extends PageFormsFixture {
    @Test
    void fingersPullAndPushTheDrawer() {
        swipe(6, 60);
        awaitDrawer(false);
        assertEquals("The app was started.", text("happened"), "let go too early");
        swipe(6, 250);
        awaitDrawer(true);
        Chromium.waiting(browser).until(driver -> text("happened").startsWith("It opens."));
        swipe(340, -250);
        awaitDrawer(false);
        swipe(200, 150);
        settled("First");
        assertFalse(shown().contains("Send"), "not from the edge");
    }

    /** What a finger pulls follows it before it is lifted. */
    @Test
    void theDrawerFollowsTheFinger() {
        browser.executeScript("window.seen = new Set(); let held = true;"
                + "addEventListener('pointerup', () => held = false, true);"
                + "(function look() {"
                + "  const item = document.querySelector('#device [aria-label=Send]');"
                + "  if (held && item) { seen.add(Math.round(item.getBoundingClientRect().right)); }"
                + "  if (held) { requestAnimationFrame(look); }"
                + "})();");
        swipe(6, 250);
        awaitDrawer(true);
        List<?> seen = (List<?>) browser.executeScript("return [...seen]");
        assertTrue(seen.size() >= 3, "places of an item while the finger was down: " + seen);
        for (int i = 1; i < seen.size(); i++) {
            assertTrue(((Number) seen.get(i)).intValue() > ((Number) seen.get(i - 1)).intValue(), seen::toString);
        }
    }

    /** What clips or scrolls could take the finger away from the app: the browser then pans, and tells of no more moves. */
    @Test
    void aFingerOnTheDrawersOwnItemsPushesIt() {
        swipe(6, 250);
        awaitDrawer(true);
        Chromium.waiting(browser).until(driver -> text("happened").startsWith("It opens."));
        browser.executeScript("window.taken = 0; addEventListener('pointercancel', () => window.taken++);");
        swipe(220, 60, -200);
        awaitDrawer(false);
        assertEquals(0L, browser.executeScript("return window.taken"));
    }

    @Test
    void aFingerGoesBackAndTheHistoryFollows() {
        press("Second");
        settled("Second");
        browser.executeScript("location.hash = '/e'");
        settled("Below");
        swipe(6, 300);
        settled("Second");
        assertEquals("/b", text("address"));
        browser.navigate().forward();
        settled("Below");
        assertTrue(browser.manage().logs().get(LogType.BROWSER).getAll().isEmpty());
    }

    private static void awaitDrawer(boolean isOpen) {
        Chromium.waiting(browser).until(driver -> shown().contains("Send") == isOpen);
    }

    /** A finger that comes down on the device, moves across it in steps, rests and is lifted. */
    private static void swipe(int from, int by) {
        swipe(from, 300, by);
    }

    private static void swipe(int from, int down, int by) {
        var box = browser.findElement(By.id("device")).getRect();
        var finger = new PointerInput(PointerInput.Kind.TOUCH, "finger");
        var way = new Sequence(finger, 0);
        int x = box.x + from;
        int y = box.y + down;
        way.addAction(finger.createPointerMove(Duration.ZERO, PointerInput.Origin.viewport(), x, y));
        way.addAction(finger.createPointerDown(0));
        for (int part = 1; part <= 10; part++) {
            way.addAction(finger.createPointerMove(
                    Duration.ofMillis(20), PointerInput.Origin.viewport(), x + by * part / 10, y));
        }
        way.addAction(new Pause(finger, Duration.ofMillis(200)));
        way.addAction(finger.createPointerUp(0));
        browser.perform(List.of(way));
    }

    /** Choosing while a film plays: everything arrives in the end, and nothing of the films is left behind. */
    @Test
    void hastyChoosingLeavesNothingBehind() {
        browser.executeAsyncScript(
                """
                const done = arguments[arguments.length - 1];
                let last = performance.now(), gaps = [], steps = 0;
                const frame = now => {
                  gaps.push(now - last); last = now;
                  if (gaps.length % 4 === 0 && steps < 40) {
                    steps++;
                    document.querySelector("nav a[aria-label='" + (steps % 2 ? 'Second' : 'First') + "']").click();
                  }
                  if (gaps.length < 220) { requestAnimationFrame(frame); }
                  else { gaps.sort((a, b) => a - b); done([gaps[110], gaps[218]]); }
                };
                requestAnimationFrame(frame);
                """);
        settled("First");
        assertEquals(1, browser.findElements(By.cssSelector("main")).size());
        Object leftovers = browser.executeScript(
                "return document.querySelectorAll('#device nav').length + ' ' + document.querySelectorAll('#device h1').length");
        assertEquals("1 1", leftovers);
        assertTrue(browser.manage().logs().get(LogType.BROWSER).getAll().isEmpty());
    }
}
