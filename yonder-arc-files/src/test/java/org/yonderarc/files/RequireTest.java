package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.function.Executable;
import org.junit.jupiter.api.io.TempDir;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.finding.Severity;
import org.yonderarc.plan.Plan;

/** Plans and journeys in one call, wherever they are; what keeps them from being used is one exception. */
class RequireTest {
    private static final String PLAN = "yonder: 1\napp: { name: Quay, start: tides }\nscreens: { tides: {} }\n";
    private static final String BROKEN = PLAN.replace("start: tides", "start: tide");
    private static final String JOURNEYS = "journeys: { Back: [ { do: back, at: tides } ] }\n";

    @TempDir
    private Path folder;

    private static InputStream stream(String text) {
        return new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void aPlanIsReadFromAFileATextOrAStream() throws Exception {
        Path file = Files.writeString(folder.resolve("quay.yaml"), PLAN);
        Plan plan = PlanFile.require(file);
        assertEquals("Quay", plan.app().name());
        assertEquals(plan, PlanFile.require("quay.yaml", PLAN));
        assertEquals(plan, PlanFile.require("quay.yaml", stream("\uFEFF" + PLAN)));
        assertEquals(plan, PlanFile.require("quay.json", PlanFile.toJson(plan)));
    }

    /** With the texts that stand beside it. */
    @Test
    void aPlanIsReadFromAResource() {
        Plan plan = PlanFile.require(RequireTest.class, "beside/plan.yaml");
        assertEquals(
                "Gezeiten",
                plan.screens().find("tides").orElseThrow().title().in("de").source());
    }

    private static String refused(Executable reads) {
        return assertThrows(InvalidPlanException.class, reads).getMessage();
    }

    @Test
    void whatKeepsAPlanFromBeingUsedIsTheMessage() throws Exception {
        Path file = Files.writeString(folder.resolve("quay.yaml"), BROKEN);
        for (Executable reads : new Executable[] {
            () -> PlanFile.require(file),
            () -> PlanFile.require("quay.yaml", BROKEN),
            () -> PlanFile.require("quay.yaml", stream(BROKEN))
        }) {
            String said = refused(reads);
            assertTrue(said.contains("quay.yaml:2:") && said.contains("\"tide\""), said);
        }
        var trouble = assertThrows(InvalidPlanException.class, () -> PlanFile.require("quay.yaml", BROKEN));
        assertEquals(Code.UNKNOWN_SCREEN, trouble.findings().get(0).code());
        assertTrue(refused(() -> PlanFile.require(folder.resolve("none.yaml"))).contains("there is no such file"));
        assertTrue(
                refused(() -> PlanFile.require(RequireTest.class, "none.yaml")).contains("no such resource beside"));
        assertTrue(refused(() -> PlanFile.require(RequireTest.class, "../RequireTest.class"))
                .contains("no such resource"));
        assertTrue(refused(() -> PlanFile.require("quay.yaml", stream("\0"))).contains("not a text file"));
        var fails = new InputStream() {
            @Override
            public int read() throws IOException {
                throw new IOException("gone");
            }
        };
        assertTrue(refused(() -> PlanFile.require("quay.yaml", fails)).contains("quay.yaml: it can't be read (gone)"));
    }

    @Test
    void journeysAreReadFromAFileATextOrAResource() throws Exception {
        Path file = Files.writeString(folder.resolve("journeys.yaml"), JOURNEYS);
        assertEquals("Back", JourneyFile.require(file).get(0).name());
        assertEquals(
                "Back", JourneyFile.require("journeys.yaml", JOURNEYS).get(0).name());
        assertTrue(refused(() -> JourneyFile.require("journeys.yaml", "journey: {}"))
                .contains("journeys.yaml: line 1"));
        assertTrue(
                refused(() -> JourneyFile.require(folder.resolve("none.yaml"))).contains("no such file"));
        assertTrue(refused(() -> JourneyFile.require(RequireTest.class, "none.yaml"))
                .contains("no such resource"));
    }

    /** What is built tells its warnings too. */
    @Test
    void aBuilderTellsWhatTheCheckFinds() {
        var builder = PlanBuilder.app("Quay")
                .start("tides")
                .screen("tides")
                .fact("unused", 1)
                .menu("main", menu -> {
                    for (String id : new String[] {"tides"}) {
                        menu.item(id);
                    }
                });
        assertEquals("Quay", builder.build().app().name());
        assertTrue(builder.findings().stream()
                .anyMatch(finding -> finding.severity() != Severity.ERROR
                        && finding.message().contains("unused")));
        assertTrue(builder.screen("map", screen -> screen.under("nowhere")).findings().stream()
                .anyMatch(finding -> finding.severity() == Severity.ERROR));
    }
}
