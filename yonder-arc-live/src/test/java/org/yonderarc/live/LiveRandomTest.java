package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.tree.MapValue;

/** Whatever is done, the file, the server and the page say the same, and all of it can be taken back. */
class LiveRandomTest {
    /** So many operations; more with -Dyonder.operations=2000. */
    private static final int OPERATIONS = Integer.getInteger("yonder.operations", 25);

    @TempDir
    Path folder;

    @Test
    void fileServerAndPageAgreeAndEverythingIsTakenBack() throws Exception {
        String first;
        try (var in = getClass().getResourceAsStream("/org/yonderarc/examples/brinelight.yaml")) {
            first = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        ChromeDriver browser = Chromium.start(1280, 900);
        try (var served = new Served(folder, first)) {
            var page = new LivePage(browser, served.file);
            page.open(served);
            var operations = new RandomOperations(20261127);
            int made = 0;
            for (int i = 0; i < OPERATIONS; i++) {
                String before = served.text();
                MapValue now = served.now();
                String operation = operations.next(Json.get(now, "plan").orElseThrow());
                boolean changed = change(served, i, operation, before);
                made += changed ? 1 : 0;
                String after = served.text();
                assertEquals(changed, !after.equals(before), operation);
                agree(served, page, after, operation);
            }
            assertTrue(made > OPERATIONS / 3, "made: " + made);
            System.out.println("Of " + OPERATIONS + " operations " + made + " were made.");
            for (int i = 0; i < made; i++) {
                assertTrue(Json.flag(served.post("undo", "{}"), "ok"), "undo " + i);
            }
            assertEquals(first, served.text());
            page.settle();
        } finally {
            Chromium.done(browser);
        }
    }

    /** Most are asked for by a page; now and then somebody writes by hand. Says whether anything was changed. */
    private static boolean change(Served served, int i, String operation, String before) throws Exception {
        if (i % 10 == 9) {
            Files.writeString(served.file, before + "# by hand, " + i + "\n");
            return true;
        }
        MapValue answer = served.post("edit", "{\"anyway\":true,\"operations\":[" + operation + "]}");
        return Json.flag(answer, "ok")
                && !Json.text(answer, "said").isEmpty()
                && !served.text().equals(before);
    }

    private static void agree(Served served, LivePage page, String text, String operation) throws Exception {
        page.waitUntil(() -> page.isShown(text));
        PlanFile read = PlanFile.inFolder(
                new SourceText("shore.yaml", text), org.yonderarc.check.IconNames.ANY, served.file.getParent());
        assertTrue(read.plan().isPresent(), () -> operation + " broke the plan: " + read.findings());
        String plan = PlanFile.toJson(read.plan().get());
        assertEquals(plan, JsonText.write(Json.get(served.now(), "plan").orElseThrow()), operation);
        String shown = (String)
                page.browser.executeAsyncScript(
                        "const done = arguments[0]; import(location.pathname + 'model.js').then(m => done(JSON.stringify(m.whole())));");
        assertEquals(plan, JsonText.write(JsonText.read(shown)), operation);
    }
}
