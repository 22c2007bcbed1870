package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.yonderarc.files.FileException;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;

/** Files of a plan: line ends, modes, links, what is not replaced. */
class PlanStoreFilesTest extends PlanStoreFixture {
    @Test
    void aFileThatIsNoHistoryIsLeftAlone() throws Exception {
        Files.writeString(PlanStore.historyOf(file), "my notes");
        FileException refused = assertThrows(FileException.class, () -> edit("set:/app/name=Pier"));
        assertTrue(refused.getMessage().contains("this is not a history of changes"), refused.getMessage());
        assertEquals("my notes", Files.readString(PlanStore.historyOf(file)));
        assertEquals(PLAN, Files.readString(file));
    }

    @Test
    void nothingIsLeftWhereNothingChanged() throws Exception {
        assertThrows(FileException.class, this::undo);
        try (var files = Files.list(folder)) {
            assertEquals(1, files.count());
        }
    }

    @Test
    void lineEndsAndTheByteOrderMarkStay() throws Exception {
        String windows = "\uFEFF" + PLAN.replace("\n", "\r\n") + "bars:\r\n  - { menu: main }\r\n  - top\r\n";
        Files.writeString(file, windows);
        edit("set:/app/name=Pier");
        edit("add:/bars={ menu: main, form: rail, id: side }");
        edit("move:/bars/2=0");
        edit("remove:/bars/1");
        String text = Files.readString(file);
        String expected = windows.replace("Quay", "Pier")
                .replace("  - { menu: main }\r\n", "  - { menu: main, form: rail, id: side }\r\n");
        assertEquals(expected, text);
        for (int i = 0; i < 4; i++) {
            undo();
        }
        assertEquals(windows, Files.readString(file));
    }

    @Test
    void theModeStaysAndALinkStaysALink() throws Exception {
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        Path inner = Files.createDirectory(folder.resolve("inner"));
        Path link = Files.createSymbolicLink(inner.resolve("link.yaml"), Path.of("../plan.yaml"));
        try (var store = PlanStore.open(link)) {
            store.save(PLAN.replace("Quay", "Pier"));
        }
        assertTrue(Files.isSymbolicLink(link));
        assertEquals(PLAN.replace("Quay", "Pier"), Files.readString(file));
        assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(file)));
        undo();
        assertEquals(PLAN, Files.readString(file));
    }

    @Test
    void deadPartsAreTidiedAndLivingOnesLeft() throws Exception {
        long dead = new ProcessBuilder("true").start().toHandle().onExit().get().pid();
        Path left = Files.writeString(folder.resolve(".yonder-" + dead + "-1.part"), "half");
        Path living = Files.writeString(
                folder.resolve(".yonder-" + ProcessHandle.current().pid() + "-999999.part"), "half");
        Path other = Files.writeString(folder.resolve(".yonder-notes.part"), "mine");
        edit("set:/app/name=Pier");
        assertFalse(Files.exists(left));
        assertTrue(Files.exists(living));
        assertTrue(Files.exists(other));
    }

    @Test
    void devicesAndPipesAreNotReplaced() throws Exception {
        Path pipe = folder.resolve("pipe");
        assertEquals(0, new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor());
        for (Path special : new Path[] {pipe, Path.of("/dev/null")}) {
            FileException refused = assertThrows(FileException.class, () -> SafeFile.write(special, "x"));
            assertTrue(refused.getMessage().contains("device or a pipe"), refused.getMessage());
        }
        Path nowhere = Files.createSymbolicLink(folder.resolve("nowhere"), Path.of("missing/file"));
        assertTrue(assertThrows(FileException.class, () -> SafeFile.write(nowhere, "x"))
                .getMessage()
                .contains("leads nowhere"));
    }

    /** Nor one that leads nowhere: what it names would be made. */
    @Test
    void aHistoryThatIsALinkIsNotWrittenThrough() throws Exception {
        Path history = PlanStore.historyOf(file);
        Path elsewhere = folder.resolve("elsewhere");
        for (boolean isThere : new boolean[] {false, true}) {
            Files.deleteIfExists(history);
            if (isThere) {
                Files.writeString(elsewhere, "");
            }
            Files.createSymbolicLink(history, elsewhere);
            var refused = assertThrows(FileException.class, () -> edit("set:/app/name=Pier"));
            assertTrue(refused.getMessage().contains("is a link"), refused.getMessage());
            assertEquals(isThere, Files.exists(elsewhere));
            assertEquals(PLAN, Files.readString(file));
        }
        assertEquals(0, Files.size(elsewhere));
    }

    @Test
    void aTextThatCouldNotBeReadAgainIsNotWritten() throws Exception {
        byte[] before = Files.readAllBytes(file);
        try (var store = PlanStore.open(file)) {
            String large = "#".repeat((int) SourceText.LARGEST + 1);
            assertThrows(FileException.class, () -> store.save(large));
        }
        assertArrayEquals(before, Files.readAllBytes(file));
        assertEquals(PLAN, new String(before, StandardCharsets.UTF_8));
    }
}
