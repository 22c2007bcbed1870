package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.check.IconNames;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.tasks.Starter;

/** The demo plan comes of an empty folder by the page alone, with the steps of the guide. */
class LiveGuideTest {
    @TempDir
    Path folder;

    private LivePage page;
    private final List<String> rows = new ArrayList<>();

    @Test
    void theGuideLeadsToTheDemoPlan() throws Exception {
        String guide = Files.readString(Path.of("..", "docs", "live.md"));
        List<String> steps = steps(guide);
        assertTrue(steps.size() > 150, "steps: " + steps.size());
        Path file = folder.resolve("brinelight.yaml");
        Starter.write(file, "Brinelight", Starter.ARRANGEMENTS.get(0));
        ChromeDriver browser = Chromium.start(1280, 940);
        try (var server = LiveServer.start(file, 0, folder.resolve("keys"))) {
            page = new LivePage(browser, file);
            browser.get(server.address().toString());
            page.ready();
            for (String step : steps) {
                take(step);
            }
            page.settle();
        } finally {
            Chromium.done(browser);
        }
        PlanFile made = PlanFile.read(new SourceText("brinelight.yaml", Files.readString(file)), IconNames.ANY);
        assertEquals(PlanFile.toJson(demo()), PlanFile.toJson(made.plan().orElseThrow()));
    }

    private org.yonderarc.plan.Plan demo() throws Exception {
        try (var in = getClass().getResourceAsStream("/org/yonderarc/examples/brinelight.yaml")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return PlanFile.read(new SourceText("brinelight.yaml", text), IconNames.ANY)
                    .plan()
                    .orElseThrow();
        }
    }

    private static List<String> steps(String guide) {
        var out = new ArrayList<String>();
        boolean isIn = false;
        for (String line : guide.lines().toList()) {
            if (line.equals("<!-- live") || line.equals("-->")) {
                if (isIn) {
                    out.add("");
                }
                isIn = line.equals("<!-- live");
            } else if (isIn) {
                out.add(line);
            }
        }
        return out;
    }

    /** One line of the guide; rows are gathered, and written together before the next other step. */
    private void take(String step) {
        if (step.startsWith("rows ")) {
            rows.add(step.substring("rows ".length()));
            return;
        }
        if (!rows.isEmpty()) {
            String text = String.join("\n", rows);
            rows.clear();
            done(() -> page.write("rows", text));
        }
        if (step.isEmpty()) {
            return;
        }
        String word = step.substring(0, step.indexOf(' '));
        String rest = step.substring(step.indexOf(' ') + 1);
        int is = rest.indexOf(" = ");
        String key = is < 0 ? rest : rest.substring(0, is);
        String value = is < 0 ? "" : rest.substring(is + 3);
        switch (word) {
            case "choose" -> page.choose(rest);
            case "remove" -> {
                page.choose(rest);
                done(() -> page.press("#panel", "Remove, with what refers to it"));
            }
            case "write" -> done(() -> page.write(key, value));
            case "select" -> done(() -> page.select(key, value));
            case "icon" -> done(() -> page.icon(rest));
            case "screen" ->
                done(() -> {
                    page.press("#outline", "Add a screen");
                    page.name(rest);
                });
            case "fact" -> {
                done(() -> {
                    page.press("#outline", "Add a fact");
                    page.name(rest);
                });
                page.waitUntil(() -> page.find("#panel h2").getText().equals(rest));
            }
            case "kind" ->
                done(() ->
                        new Select(page.find("#panel select[aria-label='Kind of value']")).selectByVisibleText(rest));
            case "item" ->
                done(() -> {
                    page.press("#outline", "Add an item to menu main");
                    page.press("#sheet", rest);
                });
            case "form" -> {
                page.press("#panel .tabs", key);
                page.waitUntil(() -> page.all("#panel .pictures img").size() >= 4);
                done(() -> page.press("#panel .pictures", value));
            }
            default -> throw new IllegalArgumentException(step);
        }
    }

    /** Does it, says yes where the page asks, and waits until it is saved and shown. */
    private void done(Runnable step) {
        String before = page.text();
        step.run();
        page.waitUntil(() -> {
            page.sure();
            return !page.text().equals(before);
        });
        page.settle();
    }
}
