package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.kit.RandomPlans;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.web.PageWriter;

/** Pages as people with other needs see and hear them: axe-core finds nothing wrong in any view. */
class ViewsTest {
    /** Every so many views are looked at; all of them with -Dyonder.views=1. */
    private static final int EVERY = Integer.getInteger("yonder.views", 12);
    /** Opens what can be opened: a drawer, an overflow, a fan. */
    private static final String OPEN =
            "const all = document.querySelectorAll('#device [aria-expanded=false]'); if (all.length) { all[%d %% all.length].click(); }";

    private static final String GO =
            "const go = document.getElementById('screen-name'); go.value = '%s'; go.dispatchEvent(new Event('change'));";

    @TempDir
    private static Path folder;

    private static ChromeDriver browser;
    private int number;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(1680, 1100);
        PageHost.stopClock(browser);
    }

    @AfterAll
    static void stop() {
        browser.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("features", List.of()));
        Chromium.done(browser);
    }

    @Test
    void noneHasViolations() throws Exception {
        var plans = new LinkedHashMap<String, Plan>();
        for (String name : ExamplePlans.NAMES) {
            plans.put(name, ExamplePlans.plan(name));
        }
        for (int seed = 0; seed < 5; seed++) {
            plans.put("random-" + seed, RandomPlans.plan(new Random(seed)));
        }
        var found = new ArrayList<String>();
        for (var plan : plans.entrySet()) {
            look(plan.getKey(), plan.getValue(), found);
        }
        assertEquals(List.of(), found, number + " views");
    }

    private void look(String name, Plan plan, List<String> found) throws Exception {
        Path page = Files.writeString(
                folder.resolve(name + ".html"),
                new PageWriter(new BundledIcons(), Pictures.in(ExamplePlans.FOLDER), Fonts.in(ExamplePlans.FOLDER))
                        .page(plan));
        List<String> languages = plan.app().languages();
        String other = languages.isEmpty() ? "" : languages.get(languages.size() - 1);
        var views = new ArrayList<String[]>();
        views.add(new String[] {"phone~~~~~1~less~", "", ""});
        views.add(new String[] {"phone~~~dark~~1~less~", "", String.format(OPEN, 0)});
        views.add(new String[] {"phone~~~~" + other + "~1~less~more", "", String.format(OPEN, 1)});
        views.add(new String[] {"phone-small~~~~~2~less~", "", String.format(OPEN, 0)});
        views.add(new String[] {"phone~turned~~dark~~1~less~more", "", String.format(OPEN, 0)});
        views.add(new String[] {"tablet~~~~" + other + "~2~less~", "", String.format(OPEN, 0)});
        views.add(new String[] {"desktop~~~~~1~less~", "", String.format(OPEN, 1)});
        views.add(new String[] {"phone~~~~~1~less~", "active", String.format(OPEN, 0)});
        views.add(new String[] {"desktop~~~~~1~less~", "active", "document.getElementById('beside').click()"});
        for (Screen screen : plan.screens()) {
            String device = views.size() % 2 == 0 ? "phone-small" : "tablet";
            views.add(new String[] {device + "~~~~~1~less~", "", String.format(GO, screen.id())});
        }
        for (String[] view : views) {
            if (number++ % EVERY == 0) {
                look(name, page, view, found);
            }
        }
    }

    private void look(String name, Path page, String[] view, List<String> found) throws Exception {
        browser.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "forced-colors", "value", view[1]))));
        browser.get("about:blank");
        browser.get(page.toUri() + "#view=on=" + Percent.encode(view[0]));
        Chromium.waiting(browser)
                .until(driver -> Boolean.TRUE.equals(browser.executeScript("return !!window.yonderApp")));
        browser.executeScript(view[2]);
        // Long after, everything has come to rest.
        browser.executeScript("kit.tick(2000); kit.tick(9000); kit.tick(20000)");
        boolean isOutlined = !browser.findElements(By.cssSelector("#device nav div > svg:not(a *, button *)"))
                .isEmpty();
        String wrong = Chromium.violations(browser)
                .lines()
                // With forced colours, axe reads those that the page wanted; it sees no ground that is drawn as an
                // outline, but what lies
                // below it. Of both, the contrast is not judged here.
                .filter(line -> view[1].isEmpty() && !isOutlined || !line.startsWith("color-contrast"))
                .collect(Collectors.joining("\n"));
        if (!wrong.isEmpty()) {
            found.add("\n" + name + " " + String.join(" ", view) + "\n  " + wrong);
        }
    }
}
