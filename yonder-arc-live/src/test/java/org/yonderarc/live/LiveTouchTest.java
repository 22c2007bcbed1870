package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.PointerInput;
import org.openqa.selenium.interactions.Sequence;
import org.yonderarc.chromium.Chromium;

/** The live page on a tablet, by finger. */
class LiveTouchTest {
    @TempDir
    Path folder;

    @Test
    void thingsAreChosenAndOrderedByFinger() throws Exception {
        ChromeDriver browser = Chromium.start(1180, 820, true);
        try (var served = new Served(folder, Served.PLAN)) {
            var page = new LivePage(browser, served.file);
            page.open(served);
            List<Double> map = page.box(page.inApp("Map"));
            finger(browser, middle(map), middle(map));
            page.waitUntil(() -> page.find("#panel h2").getText().equals("Map"));
            assertEquals("/tides", page.find("#address").getAttribute("textContent"));
            List<Double> crew = page.box(page.inApp("Crew"));
            double[] before = {map.get(0) + map.get(2) * 0.2, map.get(1) + map.get(3) * 0.2};
            finger(browser, middle(crew), before);
            page.saved("    - crew\n    # to the map\n    - { screen: map, badge: drafts }   # here\n");
            page.settle();
            page.undo();
            assertEquals(Served.PLAN, page.text());
            page.settle();
            page.click("#mode-play");
            List<Double> there = page.box(page.inApp("Map"));
            finger(browser, middle(there), middle(there));
            page.waitUntil(
                    () -> page.find("#address").getAttribute("textContent").equals("/map"));
        } finally {
            Chromium.done(browser);
        }
    }

    private static double[] middle(List<Double> box) {
        return new double[] {box.get(0) + box.get(2) / 2, box.get(1) + box.get(3) / 2};
    }

    /** Puts a finger down, moves it there in some steps, and lifts it. */
    private static void finger(ChromeDriver browser, double[] from, double[] to) {
        var finger = new PointerInput(PointerInput.Kind.TOUCH, "finger");
        var way = new Sequence(finger, 0);
        way.addAction(
                finger.createPointerMove(Duration.ZERO, PointerInput.Origin.viewport(), (int) from[0], (int) from[1]));
        way.addAction(finger.createPointerDown(PointerInput.MouseButton.LEFT.asArg()));
        for (int i = 1; i <= 4; i++) {
            int x = (int) (from[0] + (to[0] - from[0]) * i / 4);
            int y = (int) (from[1] + (to[1] - from[1]) * i / 4);
            way.addAction(finger.createPointerMove(Duration.ofMillis(60), PointerInput.Origin.viewport(), x, y));
        }
        way.addAction(finger.createPointerUp(PointerInput.MouseButton.LEFT.asArg()));
        browser.perform(List.of(way));
    }
}
