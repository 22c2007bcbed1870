package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import org.yonderarc.edit.EditHistory.Did;
import org.yonderarc.files.FileException;

/** A plan that is changed in place loses nothing: not to undoing, not to others, not to a killed run. */
class PlanStoreTest extends PlanStoreFixture {
    private void redo() throws Exception {
        try (var store = PlanStore.open(file)) {
            store.redo();
        }
    }

    @Test
    void severalChangesAreTakenBackAndMadeAgainOneByOne() throws Exception {
        var texts = new ArrayList<String>();
        for (int i = 0; i < 5; i++) {
            texts.add(Files.readString(file));
            edit("set:/app/name=Quay" + i);
        }
        String last = Files.readString(file);
        for (int i = 4; i >= 0; i--) {
            undo();
            assertEquals(texts.get(i), Files.readString(file));
        }
        assertTrue(assertThrows(FileException.class, this::undo)
                .getMessage()
                .contains("no change that could be taken back"));
        for (int i = 1; i < 5; i++) {
            redo();
            assertEquals(texts.get(i), Files.readString(file));
        }
        redo();
        assertEquals(last, Files.readString(file));
        assertThrows(FileException.class, this::redo);
        undo();
        edit("set:/app/name=Pier");
        assertThrows(FileException.class, this::redo, "a new change ends what could be made again");
    }

    /** What was written by hand since is never dropped. */
    @Test
    void whatWasNotWrittenHereIsNotTakenBack() throws Exception {
        edit("set:/app/name=Pier");
        String byHand = Files.readString(file) + "# by hand\n";
        Files.writeString(file, byHand);
        FileException refused = assertThrows(FileException.class, this::undo);
        assertTrue(refused.getMessage().contains("changed by something else since"), refused.getMessage());
        assertEquals(byHand, Files.readString(file));
        edit("set:/app/start=b");
        undo();
        assertEquals(byHand, Files.readString(file));
    }

    @Test
    void whatWasWrittenMeanwhileIsNotOverwritten() throws Exception {
        try (var store = PlanStore.open(file)) {
            Files.writeString(file, "# newer\n" + PLAN);
            FileException refused = assertThrows(FileException.class, () -> store.save("yonder: 1\n"));
            assertTrue(refused.getMessage().contains("changed by something else meanwhile"), refused.getMessage());
        }
        assertEquals("# newer\n" + PLAN, Files.readString(file));
        edit("set:/app/name=Pier");
        undo();
        assertEquals("# newer\n" + PLAN, Files.readString(file));
    }

    @Test
    void twentyAtOnceAllCount() throws Exception {
        var pool = Executors.newFixedThreadPool(20);
        var all = new ArrayList<Callable<Void>>();
        for (int i = 0; i < 20; i++) {
            String edit = "set:/screens/s" + i + "=Screen";
            all.add(() -> {
                edit(edit);
                return null;
            });
        }
        for (var one : pool.invokeAll(all)) {
            one.get();
        }
        pool.shutdown();
        String text = Files.readString(file);
        for (int i = 0; i < 20; i++) {
            assertTrue(text.contains("s" + i + ": Screen"), text);
        }
        for (int i = 0; i < 20; i++) {
            undo();
        }
        assertEquals(PLAN, Files.readString(file));
    }

    /** Killed after the change was noted and before the plan was replaced; and while noting it. */
    @Test
    void aKilledRunIsPassedOver() throws Exception {
        edit("set:/app/name=Pier");
        String pier = Files.readString(file);
        Path history = PlanStore.historyOf(file);
        try (var open = EditHistory.open(history)) {
            open.add(Did.EDIT, pier, "never came to be");
        }
        undo();
        assertEquals(PLAN, Files.readString(file));
        redo();
        assertEquals(pier, Files.readString(file));
        Files.writeString(history, "EDIT 0123 half a li", StandardOpenOption.APPEND);
        undo();
        assertEquals(PLAN, Files.readString(file));
        Files.writeString(history, "yonder hist");
        edit("set:/app/name=Jetty");
        undo();
        assertEquals(PLAN, Files.readString(file));
    }

    /** The history stays small, and what it still keeps can be taken back. */
    @Test
    void anOldHistoryIsShortened() throws Exception {
        for (int i = 0; i < 7; i++) {
            String large = "# " + Integer.toString(i).repeat(6_000_000) + "\n" + PLAN;
            try (var store = PlanStore.open(file)) {
                store.save(large);
            }
        }
        edit("set:/app/name=Pier");
        long size = Files.size(PlanStore.historyOf(file));
        assertTrue(size < 32L << 20, "bytes: " + size);
        undo();
        undo();
        assertTrue(Files.readString(file).startsWith("# 5555"));
    }

    /** Many changes cost what they changed, and all of them can be taken back. */
    @Test
    void aLongRunIsTakenBackToTheFirstByte() throws Exception {
        int changes = Integer.getInteger("yonder.changes", 150);
        for (int i = 0; i < changes; i++) {
            try (var store = PlanStore.open(file)) {
                store.save(PLAN + "# \uD83D" + (char) (0xDE00 + i % 60) + "\n");
            }
        }
        long size = Files.size(PlanStore.historyOf(file));
        assertTrue(size < changes * 300L, "bytes: " + size);
        for (int i = 0; i < changes; i++) {
            undo();
        }
        assertEquals(PLAN, Files.readString(file));
    }

    @Test
    void whatSomethingElseChangedIsTakenBackWhereItWasNoted() throws Exception {
        edit("set:/app/name=Pier");
        String pier = Files.readString(file);
        Files.writeString(file, pier + "# by hand\n");
        try (var store = PlanStore.open(file)) {
            assertFalse(store.canUndo());
            store.note(pier);
            assertTrue(store.canUndo());
            assertFalse(store.canRedo());
            assertTrue(store.undoesOther().isPresent());
        }
        undo();
        try (var store = PlanStore.open(file)) {
            assertTrue(store.undoesOther().isEmpty(), "this was made here");
        }
        assertEquals(pier, Files.readString(file));
        undo();
        assertEquals(PLAN, Files.readString(file));
        redo();
        redo();
        assertEquals(pier + "# by hand\n", Files.readString(file));
    }
}
