package org.yonderarc.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.web.PageWriter;

/** A minute of random choosing in the demo's page in Chromium: the times between its frames. */
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
        } finally {
            browser.quit();
            Files.delete(page);
        }
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
