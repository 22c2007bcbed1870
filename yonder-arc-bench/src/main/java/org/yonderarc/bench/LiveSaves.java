package org.yonderarc.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.files.FileException;
import org.yonderarc.live.LiveServer;

/** The live page in Chromium: from a save to what is seen of it, and from asking for an edit to its answer. */
public final class LiveSaves {
    private static final int TIMES = 30;
    /** Between two saves, in ms. */
    private static final long PAUSE = 700;

    /** Notes when the app shows a text first: in ms since 1970, as Java counts them. */
    private static final String WATCH =
            """
            document.addEventListener('yonder-painted', () => {
              if (window.wanted && document.getElementById('device').textContent.includes(window.wanted)) {
                window.seen = performance.timeOrigin + performance.now();
                window.wanted = '';
              }
            });
            """;

    private static final String EDITS =
            """
            const [count, done] = arguments;
            (async () => {
            const server = await import(location.pathname + 'server.js');
            const times = [];
            for (let i = 0; i < count; i++) {
              const start = performance.now();
              await server.edit([{do: 'put', thing: 'app', key: 'name', value: 'Edit ' + i}], {anyway: true});
              times.push(performance.now() - start);
              await new Promise(then => setTimeout(then, 300));
            }
            done(times);
            })();
            """;

    private LiveSaves() {}

    /** Runs it with the demo plan and with a plan of 300 screens. */
    public static void main(String[] arguments) throws Exception {
        ChromeDriver browser = Chromium.start(1280, 900);
        try {
            browser.manage().timeouts().scriptTimeout(Duration.ofSeconds(60));
            measure(browser, "the demo plan", Brinelight.yaml(), "title: Surveys\n");
            measure(browser, "300 screens", large(), "title: Screen 0\n");
        } finally {
            browser.quit();
        }
    }

    private static String large() {
        var out = new StringBuilder("yonder: 1\napp: { name: Large, start: s0 }\nscreens:\n");
        for (int i = 0; i < 300; i++) {
            out.append("  s" + i + ":\n    title: Screen " + i + "\n    icon: home\n");
            out.append(i < 15 ? "" : "    under: s" + i % 15 + "\n");
            out.append("    wireframe:\n      kind: list\n      rows:\n");
            out.append("        - { title: Row one, note: A note, value: \"12:10\" }\n        - { title: Row two }\n");
        }
        out.append("menus:\n  main: [ s0, s1, s2, s3, s4 ]\nbars:\n  - { menu: main, form: bottom }\n  - top\n");
        return out.toString();
    }

    private static void measure(ChromeDriver browser, String what, String plan, String title)
            throws IOException, FileException, InterruptedException {
        Path folder = Files.createTempDirectory("yonder-live");
        Path file = Files.writeString(folder.resolve("plan.yaml"), plan);
        try (var live = LiveServer.start(file, 0, folder)) {
            Thread.sleep(3000);
            browser.get(live.address().toString());
            Number first = (Number) browser.executeScript(
                    "return performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? -1");
            Thread.sleep(2000);
            browser.executeScript(WATCH);
            List<Double> saves = new ArrayList<>();
            for (int i = 0; i < TIMES; i++) {
                String wanted = "Seen " + i;
                browser.executeScript("window.wanted = arguments[0]; window.seen = 0;", wanted);
                long start = System.currentTimeMillis();
                Files.writeString(file, plan.replace(title, "title: " + wanted + "\n"));
                Thread.sleep(PAUSE);
                saves.add(((Number) browser.executeScript("return window.seen;")).doubleValue() - start);
            }
            @SuppressWarnings("unchecked")
            var edits = new ArrayList<>((List<Number>) browser.executeAsyncScript(EDITS, TIMES));
            System.out.println(what + ": first view " + Math.round(first.doubleValue()) + " ms, a save " + told(saves)
                    + ", an edit "
                    + told(edits.stream().map(Number::doubleValue).toList()));
        }
    }

    private static String told(List<Double> times) {
        var sorted = new ArrayList<>(times);
        Collections.sort(sorted);
        return Math.round(sorted.get(sorted.size() / 2)) + " ms (" + Math.round(sorted.get(sorted.size() - 1))
                + " at most)";
    }
}
