package org.yonderarc.edit;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A plan file, with edits, undo and redo. */
abstract class PlanStoreFixture {
    static final String PLAN =
            """
            yonder: 1
            app: { name: Quay, start: a }
            screens: { a: A, b: B }
            menus: { main: [ a, b ] }
            """;

    @TempDir
    Path folder;

    Path file;

    @BeforeEach
    void write() throws Exception {
        file = folder.resolve("plan.yaml");
        Files.writeString(file, PLAN);
    }

    void edit(String edit) throws Exception {
        try (var store = PlanStore.open(file)) {
            var editor = new PlanEditor(store.source());
            editor.apply(Edit.parse(edit));
            store.save(editor.source().text());
        }
    }

    void undo() throws Exception {
        try (var store = PlanStore.open(file)) {
            store.undo();
        }
    }
}
