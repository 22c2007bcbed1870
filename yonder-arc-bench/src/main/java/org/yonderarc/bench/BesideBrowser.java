package org.yonderarc.bench;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.draw.Studio;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.fit.Device;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/**
 * The same work done by a browser and by us, in turns: laying the demo's bar out again after a change of width, and taking a
 * picture of it. Prints medians of the rounds and their ratios.
 */
public final class BesideBrowser {
    private static final int ROUNDS = 9;
    private static final int FRAMES = 2_000;

    private static final String BAR =
            """
            document.body.innerHTML = '<style>*{margin:0;box-sizing:border-box;font:400 12px Inter,sans-serif}'
              + '#app{width:384px;height:824px;display:flex;flex-direction:column;background:#f6f8f9}'
              + 'header{height:92px;display:grid;place-items:end center;padding-bottom:18px;background:#fff}'
              + 'main{flex:1;padding:16px;display:grid;gap:12px;align-content:start}main p{height:72px;background:#fff}'
              + 'nav{height:84px;display:flex;background:#fff}nav a{flex:1;display:flex;flex-direction:column;'
              + 'align-items:center;padding-top:10px;gap:4px}nav i{width:24px;height:24px;background:#56666d}</style>'
              + '<div id=app><header>Tides</header><main><p>1<p>2<p>3<p>4</main><nav><a><i></i>Tides</a><a><i></i>Surveys</a>'
              + '<a><i></i>Species</a><a><i></i>Map</a><a><i></i>Crew</a></nav></div>';
            """;

    private static final String REFLOW =
            """
            const app = document.getElementById('app'), items = [...document.querySelectorAll('nav a')];
            const start = performance.now();
            let sum = 0;
            for (let i = 0; i < arguments[0]; i++) {
              app.style.width = (i % 2 ? 384 : 400) + 'px';
              for (const item of items) { sum += item.getBoundingClientRect().width; }
            }
            return (performance.now() - start) * 1000 / arguments[0];
            """;

    private BesideBrowser() {}

    /** Runs the comparison. */
    public static void main(String[] arguments) {
        ChromeDriver browser = Chromium.start(400, 900);
        try {
            browser.get("about:blank");
            browser.executeScript(BAR);
            compare(browser);
        } finally {
            browser.quit();
        }
    }

    private static void compare(ChromeDriver browser) {
        var studio = new Studio();
        var walk = Walk.of(Brinelight.plan());
        var views = List.of(
                new View(walk, Device.PHONE, studio.measure()),
                new View(walk, Device.PHONE.resized(400, 824), studio.measure()));
        var theirs = new ArrayList<Double>();
        var ours = new ArrayList<Double>();
        var theirPictures = new ArrayList<Double>();
        var ourPictures = new ArrayList<Double>();
        for (int round = 0; round < ROUNDS; round++) {
            theirs.add(((Number) browser.executeScript(REFLOW, FRAMES)).doubleValue());
            long start = System.nanoTime();
            double sum = 0;
            for (int i = 0; i < FRAMES; i++) {
                sum += views.get(i % 2).scene(walk.start()).width();
            }
            ours.add((System.nanoTime() - start) / 1e3 / FRAMES + sum * 0);
            start = System.nanoTime();
            byte[] picture = Base64.getDecoder().decode(browser.getScreenshotAs(OutputType.BASE64));
            theirPictures.add((System.nanoTime() - start) / 1e6 + picture.length * 0.0);
            start = System.nanoTime();
            byte[] own = studio.png(views.get(0).scene(walk.start()), 1);
            ourPictures.add((System.nanoTime() - start) / 1e6 + own.length * 0.0);
        }
        print("layout of the app's frame after a change of width", median(theirs), median(ours), "us");
        print("a picture at 1x", median(theirPictures), median(ourPictures), "ms");
        System.gc();
        long before = used();
        for (int i = 0; i < 100_000; i++) {
            views.get(i % 2).scene(walk.start());
        }
        System.gc();
        System.out.printf("memory after 100,000 frames more: %+.1f MiB%n", (used() - before) / 1048576.0);
    }

    private static long used() {
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().skip(values.size() / 2).findFirst().orElseThrow();
    }

    private static void print(String what, double theirs, double ours, String unit) {
        System.out.printf(
                "%s: browser %.1f %s, ours %.1f %s, ratio %.1f%n", what, theirs, unit, ours, unit, theirs / ours);
    }
}
