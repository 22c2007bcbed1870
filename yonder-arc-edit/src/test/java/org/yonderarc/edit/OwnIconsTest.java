package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Icons of one's own are renamed and removed with all that uses them, and come back. */
class OwnIconsTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Brinelight, start: tides }
            facts: { pools: [ { label: Low, icon: kelp }, { label: High } ] }
            screens:
              tides: { icon: kelp }
              crew: { icon: users }   # from the set
            menus:
              main: [ tides, { screen: crew, selected-icon: kelp-filled } ]
            """;
    private static final String DRAWING = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'/>";

    @TempDir
    Path folder;

    private Path plan;
    private Path icons;

    @BeforeEach
    void write() throws Exception {
        plan = Files.writeString(folder.resolve("shore.yaml"), PLAN);
        icons = Files.createDirectory(folder.resolve("icons"));
        for (String name : new String[] {"kelp", "kelp-filled", "crab"}) {
            Files.writeString(icons.resolve(name + ".svg"), DRAWING);
        }
    }

    private void edit(String... edits) throws Exception {
        try (var store = PlanStore.open(plan)) {
            var editor = store.editor();
            for (String edit : edits) {
                editor.apply(Edit.parse(edit));
            }
            store.save(editor);
        }
    }

    private void back() throws Exception {
        try (var store = PlanStore.open(plan)) {
            store.undo();
        }
    }

    private String files() throws Exception {
        try (Stream<Path> all = Files.list(icons)) {
            return String.join(
                    " ",
                    all.filter(Files::isRegularFile)
                            .map(file -> file.getFileName().toString().replace(".svg", ""))
                            .sorted()
                            .toList());
        }
    }

    @Test
    void isRenamedWithAllThatUsesIt() throws Exception {
        edit("own-icon:kelp=seaweed");
        assertEquals(PLAN.replace("kelp-filled", "seaweed-filled").replace("kelp", "seaweed"), Files.readString(plan));
        assertEquals("crab seaweed seaweed-filled", files());
        back();
        assertEquals(PLAN, Files.readString(plan));
        assertTrue(files().contains("kelp kelp-filled"), files());
        try (var store = PlanStore.open(plan)) {
            store.redo();
        }
        assertTrue(Files.readString(plan).contains("icon: seaweed"));
        assertTrue(files().contains("seaweed seaweed-filled"), files());
    }

    @Test
    void isRemovedWithAllThatUsesIt() throws Exception {
        edit("remove:own-icon/kelp");
        assertEquals("crab", files());
        String text = Files.readString(plan);
        assertTrue(!text.contains("kelp") && text.contains("# from the set") && text.contains("label: Low"), text);
        back();
        assertEquals(PLAN, Files.readString(plan));
        assertEquals("crab kelp kelp-filled", files());
    }

    /** One that the plan doesn't use is a file alone. */
    @Test
    void anUnusedOneIsAFileAlone() throws Exception {
        edit("own-icon:crab=shell");
        edit("remove:own-icon/shell");
        assertEquals(PLAN, Files.readString(plan));
        assertEquals("kelp kelp-filled", files());
    }

    /** Another plan of the folder keeps what it uses. */
    @ParameterizedTest
    @CsvSource({
        "own-icon:kelp=seaweed, crab kelp kelp-filled seaweed seaweed-filled",
        "remove:own-icon/kelp, crab kelp kelp-filled"
    })
    void anotherPlanKeepsItsIcon(String edit, String files) throws Exception {
        Files.writeString(folder.resolve("other.yaml"), PLAN);
        edit(edit);
        assertEquals(files, files());
    }

    @ParameterizedTest
    @CsvSource({
        "own-icon:krab=shell, There is no own icon \"krab\". Did you mean \"crab\"?",
        "own-icon:kelp=crab, There is an own icon \"crab\" already. Choose another name.",
        "own-icon:kelp=users, The plan uses another icon \"users\"",
        "own-icon:kelp=crab-filled, \"crab-filled\" would be the filled variant of another icon.",
        "own-icon:kelp=../x, \"../x\" is not an id: an id has lower case letters",
        "remove:own-icon/users, There is no own icon \"users\"."
    })
    void whatCantBeIsTold(String edit, String told) throws Exception {
        String said = assertThrows(EditException.class, () -> edit(edit)).getMessage();
        assertTrue(said.startsWith(told), said);
        assertEquals("crab kelp kelp-filled", files());
    }

    /** A link may lead anywhere: it is neither listed nor followed. */
    @Test
    void linksAreLeftAlone() throws Exception {
        Path secret = Files.writeString(folder.resolve("secret.txt"), "secret");
        Files.createSymbolicLink(icons.resolve("pin.svg"), secret);
        assertThrows(EditException.class, () -> edit("own-icon:pin=needle"));
        assertEquals("secret", Files.readString(secret));
        assertTrue(Files.notExists(icons.resolve("needle.svg")));
    }

    /** What was prepared for the check, and isn't saved, leaves nothing. */
    @Test
    void whatIsNotSavedLeavesNothing() throws Exception {
        try (var store = PlanStore.open(plan)) {
            var editor = store.editor();
            editor.apply(Edit.parse("own-icon:kelp=seaweed"));
            store.prepare(editor);
            assertEquals("crab kelp kelp-filled seaweed seaweed-filled", files());
        }
        assertEquals("crab kelp kelp-filled", files());
    }
}
