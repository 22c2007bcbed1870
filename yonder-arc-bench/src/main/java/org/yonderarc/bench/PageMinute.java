package org.yonderarc.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.web.PageWriter;

/** A minute of random choosing in the demo's page in Chromium: the times between its frames, and what a choice takes of the main thread. */
public final class PageMinute {
    /**
     * Chooses something that can be chosen every 100 to 700 ms, so that some films end and others are interrupted, and
     * gives the sorted times between frames. Seeded, so that each run chooses alike.
     */
    private static final String CHOOSE =
            """
            const done = arguments[arguments.length - 1], chooses = arguments[1], gaps = [];
            let seed = 7, last = performance.now(), next = last, end = last + arguments[0], chosen = 0;
            const random = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;
            const frame = now => {
              gaps.push(now - last);
              last = now;
              if (chooses && now >= next) {
                const all = document.querySelectorAll('#device a[href^="#"], #device button');
                if (all.length) { all[Math.floor(random() * all.length)].click(); chosen++; }
                next = now + 100 + 600 * random();
              }
              if (now < end) { requestAnimationFrame(frame); }
              else { gaps.shift(); done([chosen, ...gaps.sort((a, b) => a - b)]); }
            };
            requestAnimationFrame(frame);
            """;

    /** Chooses the next of what the bars hold, and is done when its film has ended. */
    private static final String CHOOSE_ONE =
            """
            const done = arguments[arguments.length - 1];
            const all = [...document.querySelectorAll('#device nav a[href^="#"]')].filter(a => !a.hasAttribute('aria-current'));
            all[arguments[0] % all.length].click();
            setTimeout(() => done(null), 1500);
            """;

    /** So many choices are measured one by one, after a few that are not. */
    private static final int CHOICES = 24;

    private static final int WARM = 6;

    private PageMinute() {}

    /** Runs it for a minute, or for as many seconds as the argument says. */
    public static void main(String[] arguments) throws IOException {
        int seconds = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 60;
        Path page = Files.createTempFile("yonder-page", ".html");
        Files.writeString(page, new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(Brinelight.plan()));
        ChromeDriver browser = Chromium.start(1280, 900);
        try {
            browser.manage().timeouts().scriptTimeout(Duration.ofSeconds(seconds + 30L));
            browser.get(page.toUri().toString());
            // What the machine itself misses, in a page where nothing happens.
            measure(browser, seconds, false);
            measure(browser, seconds, true);
            work(browser, "a choice");
            browser.executeCdpCommand(
                    "Emulation.setEmulatedMedia",
                    Map.of("features", List.of(Map.of("name", "prefers-reduced-motion", "value", "reduce"))));
            browser.navigate().refresh();
            work(browser, "a choice with less motion");
        } finally {
            browser.quit();
            Files.delete(page);
        }
    }

    /** What choices take of the main thread, in the one and a half seconds in which their films begin and end. */
    private static void work(ChromeDriver browser, String what) {
        browser.executeCdpCommand("Performance.enable", Map.of());
        var spent = new ArrayList<Map<String, Double>>();
        for (int i = 0; i < WARM + CHOICES; i++) {
            Map<String, Double> before = metrics(browser);
            browser.executeAsyncScript(CHOOSE_ONE, i);
            Map<String, Double> after = metrics(browser);
            after.replaceAll((name, value) -> (value - before.get(name)) * 1000);
            if (i >= WARM) {
                spent.add(after);
            }
        }
        double[] task = sorted(spent, "TaskDuration");
        System.out.printf(
                "%s: %.0f ms of the main thread in the median, %.0f at most; script %.0f, style %.0f, layout %.0f%n",
                what,
                task[task.length / 2],
                task[task.length - 1],
                sorted(spent, "ScriptDuration")[CHOICES / 2],
                sorted(spent, "RecalcStyleDuration")[CHOICES / 2],
                sorted(spent, "LayoutDuration")[CHOICES / 2]);
    }

    private static double[] sorted(List<Map<String, Double>> spent, String name) {
        return spent.stream().mapToDouble(one -> one.get(name)).sorted().toArray();
    }

    private static Map<String, Double> metrics(ChromeDriver browser) {
        var out = new HashMap<String, Double>();
        var told = (List<?>)
                browser.executeCdpCommand("Performance.getMetrics", Map.of()).get("metrics");
        for (Object one : told) {
            var metric = (Map<?, ?>) one;
            out.put((String) metric.get("name"), ((Number) metric.get("value")).doubleValue());
        }
        return out;
    }

    private static void measure(ChromeDriver browser, int seconds, boolean chooses) {
        @SuppressWarnings("unchecked")
        var told = (List<Number>) browser.executeAsyncScript(CHOOSE, seconds * 1000, chooses);
        List<Number> gaps = told.subList(1, told.size());
        long late = gaps.stream().filter(gap -> gap.doubleValue() > 25).count();
        System.out.printf(
                "%d frames, %d choices: median %.1f ms, 99%% within %.1f ms, worst %.1f ms, %d late%n",
                gaps.size(),
                told.get(0).intValue(),
                gaps.get(gaps.size() / 2).doubleValue(),
                gaps.get(gaps.size() * 99 / 100).doubleValue(),
                gaps.get(gaps.size() - 1).doubleValue(),
                late);
    }
}
