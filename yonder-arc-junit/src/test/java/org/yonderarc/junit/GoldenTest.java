package org.yonderarc.junit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.draw.Studio;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** Pictures that stay as they are. */
class GoldenTest {
    @TempDir
    private Path folder;

    @AfterEach
    void forget() {
        System.clearProperty("yonder.golden");
    }

    private static Scene scene(String title) {
        Plan plan = PlanBuilder.app("Quay")
                .start("tides")
                .screen("tides", screen -> screen.title(title).icon("droplet"))
                .build();
        var walk = Walk.of(plan);
        return new View(walk, Device.PHONE, new Studio().measure()).scene(walk.start());
    }

    private Golden golden() {
        return Golden.in(folder.resolve("golden")).differing(folder.resolve("made"));
    }

    private String fails(String name, Scene scene) {
        return assertThrows(AssertionError.class, () -> golden().require(name, scene))
                .getMessage();
    }

    @Test
    void aNewPictureIsWrittenAndLookedAt() {
        assertTrue(fails("tides", scene("Tides")).contains("commit it if it is as it should be"));
        golden().require("tides", scene("Tides"));
    }

    @Test
    void anotherPictureFailsWithWhatDiffersAndWhereToLook() throws Exception {
        fails("tides", scene("Tides"));
        Path file = folder.resolve("golden/tides.svg");
        String before = Files.readString(file);
        String said = fails("tides", scene("Tidal"));
        assertTrue(said.contains("The picture \"tides\" is another one"), said);
        assertTrue(said.contains("Tides") && said.contains("Tidal"), said);
        assertEquals(before, Files.readString(file), "it stays until somebody takes the other one");
        assertTrue(Files.readString(folder.resolve("made/tides.svg")).contains("Tidal"));
    }

    @Test
    void aChangeIsTakenWhereThatIsSaid() {
        fails("tides", scene("Tides"));
        System.setProperty("yonder.golden", "take");
        golden().require("tides", scene("Tidal"));
        System.clearProperty("yonder.golden");
        golden().require("tides", scene("Tidal"));
    }

    @Test
    void lineEndsOfAnotherSystemAreNoChange() throws Exception {
        fails("tides", scene("Tides"));
        Path file = folder.resolve("golden/tides.svg");
        Files.writeString(file, Files.readString(file).replace("\n", "\r\n"));
        golden().require("tides", scene("Tides"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "../tides",
                "..",
                "/tmp/tides",
                "a/b",
                "a\\b",
                "C:tides",
                "",
                ".hidden",
                "tides\u0000",
                "tides\n",
                "$(tides)"
            })
    void aNameLeadsNowhereElse(String name) throws Exception {
        assertThrows(IllegalArgumentException.class, () -> golden().require(name, scene("Tides")));
        try (Stream<Path> left = Files.list(folder)) {
            assertEquals(0, left.count());
        }
    }

    @Test
    void aLinkIsNotWrittenThrough() throws Exception {
        Path outside = folder.resolve("outside.svg");
        Files.createDirectories(folder.resolve("golden"));
        Files.createSymbolicLink(folder.resolve("golden/tides.svg"), outside);
        var refused = assertThrows(UncheckedIOException.class, () -> golden().require("tides", scene("Tides")));
        assertTrue(refused.getMessage().contains("is a link"), refused.getMessage());
        assertFalse(Files.exists(outside));
    }
}
