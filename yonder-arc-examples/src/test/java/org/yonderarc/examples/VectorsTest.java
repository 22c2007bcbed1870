package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.files.Version;
import org.yonderarc.tasks.PageTask;
import org.yonderarc.tasks.ProgressListener;
import org.yonderarc.tasks.Project;

/** The core, compiled for browsers, is held to the vectors as any other runtime is. */
class VectorsTest {
    @TempDir
    Path folder;

    @Test
    void theCompiledCoreIsHeldToTheVectors() throws Exception {
        ChromeDriver browser = Chromium.start(900, 700);
        try {
            int walks = 0;
            for (String example : ExamplePlans.NAMES) {
                Path plan = Path.of("src/main/resources/org/yonderarc/examples", example + ".yaml");
                Path page = folder.resolve(example + ".html");
                Files.write(
                        page,
                        PageTask.builder()
                                .build()
                                .run(Project.open(plan), ProgressListener.NONE)
                                .bytes());
                browser.get(page.toUri().toString());
                Chromium.waiting(browser)
                        .until(driver -> Boolean.TRUE.equals(browser.executeScript("return !!window.yonderApp")));
                var vectors = StoredVectors.read(
                        StoredFiles.ROOT.resolve(Version.number()).resolve(example + ".vectors.json"));
                for (var walk : vectors.walks().entrySet()) {
                    String steps = walk.getValue().stream()
                            .skip(1)
                            .map(StoredVectors.Step::step)
                            .collect(Collectors.joining("\n"));
                    assertEquals(
                            walk.getValue().stream()
                                    .map(step -> step.outcome().text())
                                    .collect(Collectors.joining("\n")),
                            browser.executeScript("return yonderApp.outcomes(arguments[0])", steps),
                            example + ", " + walk.getKey());
                    walks++;
                }
            }
            assertTrue(walks >= 25, "walks: " + walks);
        } finally {
            Chromium.done(browser);
        }
    }
}
