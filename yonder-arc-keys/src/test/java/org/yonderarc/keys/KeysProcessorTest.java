package org.yonderarc.keys;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is made of a record, and what a mistake says. That the core's own shapes are right, the core's tests show. */
class KeysProcessorTest {
    private static final String SHELF =
            """
            package org.yonderarc.plan;

            /**
             * A shelf, with boards. It stands.
             *
             * @param boards how many boards it has, within {@link #BOARDS}; more bend
             * @param wordy whether it says "so", as {@link Noun#ITEM}
             */
            @Keys(value = "shelf", copies = "boards")
            record Shelf(@Key(range = "BOARDS") int boards, boolean wordy) {
                static final Shelf DEFAULT = new Shelf(3, false);
                static final int BOARDS = 9;
            }
            """;

    @TempDir
    Path made;

    @Test
    void aKeyHasItsNameItsUsualValueItsRangeAndItsSentence() throws Exception {
        assertEquals(List.of(), compiled("Shelf", SHELF));
        String shape = text("shape/ShelfShape");
        assertTrue(shape.contains("new Shape<Shelf>(\"shelf\", \"A shelf, with boards.\")"), shape);
        assertTrue(shape.contains("Codecs.whole(Shelf.BOARDS)"), shape);
        assertTrue(shape.contains("Shelf.DEFAULT.boards()"), shape);
        assertTrue(shape.contains("\"How many boards it has; more bend.\""), shape);
        assertTrue(shape.contains("\"Whether it says \\\"so\\\", as Noun#ITEM.\""), shape);
    }

    @Test
    void aBuilderSetsEachKeyAndTellsItsRange() throws Exception {
        compiled("Shelf", SHELF);
        String builder = text("build/ShelfBuilder");
        assertTrue(builder.contains("public ShelfBuilder boards(int value)"), builder);
        assertTrue(builder.contains("Sets how many boards it has, within {@link Shelf#BOARDS}; more bend."), builder);
        assertTrue(builder.contains("as {@code Noun.ITEM}."), builder);
        assertTrue(builder.contains("put(\"wordy\", value)"), builder);
    }

    @Test
    void copiesThatAreAskedForChangeOneComponentAndKeepTheOthers() throws Exception {
        compiled("Shelf", SHELF);
        String copies = text("plan/ShelfCopies").replaceAll("\\s+", " ");
        assertTrue(
                copies.contains("static Shelf boards(Shelf of, int other) { return new Shelf( other, of.wordy()); }"),
                copies);
        assertFalse(copies.contains("Shelf wordy("), copies);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "* @param boards how many boards it has, within {@link #BOARDS}; more bend| |add \"@param boards\"",
                "@Key(range = \"BOARDS\") int| int|a number needs a range",
                "boolean wordy|java.util.Map<String, String> wordy|nothing is known of java.util.Map",
                "boolean wordy|@Key(codec = \"Codecs.FLAG\") java.util.List<Boolean> wordy|a builder knows lists of texts alone",
                "copies = \"boards\"|shortForm = \"board\"|there is no component \"board\"",
                "record Shelf(|class Other {} record Shelf(|@Keys is for records",
            })
    void aMistakeIsAnErrorThatSaysWhatToDo(String right, String wrong, String told) throws Exception {
        List<String> errors = compiled("Shelf", SHELF.replace(right, wrong == null ? "" : wrong));
        assertTrue(errors.stream().anyMatch(one -> one.contains(told)), () -> told + " in " + errors);
    }

    @Test
    void aSwitchNeedsWhatItStandsFor() throws Exception {
        List<String> errors = compiled(
                "Shelf",
                """
                package org.yonderarc.plan;

                /** A shelf. */
                @Keys(value = "shelf", isSwitch = true)
                record Shelf() {}
                """);
        assertEquals(List.of("a switch needs a DEFAULT that it stands for"), errors);
    }

    /** The errors of a compilation beside the core's own annotations; what is made is compiled only where it can be. */
    private List<String> compiled(String name, String source) throws IOException {
        Path plan = Path.of(System.getProperty("basedir"), "../yonder-arc-core/src/main/java/org/yonderarc/plan");
        var compiler = ToolProvider.getSystemJavaCompiler();
        var told = new DiagnosticCollector<JavaFileObject>();
        var files = compiler.getStandardFileManager(told, Locale.ROOT, null);
        var all = new ArrayList<JavaFileObject>();
        files.getJavaFileObjects(plan.resolve("Keys.java"), plan.resolve("Key.java"), plan.resolve("Noun.java"))
                .forEach(all::add);
        all.add(new SimpleJavaFileObject(URI.create("memory:///" + name + ".java"), JavaFileObject.Kind.SOURCE) {
            @Override
            public CharSequence getCharContent(boolean ignoresErrors) {
                return source;
            }
        });
        var task = compiler.getTask(null, files, told, List.of("-proc:only", "-s", made.toString()), null, all);
        task.setProcessors(List.of(new KeysProcessor()));
        task.call();
        return told.getDiagnostics().stream()
                .filter(one ->
                        one.getKind() == Diagnostic.Kind.ERROR && one.getCode().equals("compiler.err.proc.messager"))
                .map(one -> one.getMessage(Locale.ROOT))
                .toList();
    }

    private String text(String name) throws IOException {
        try (Stream<Path> all = Files.walk(made)) {
            return Files.readString(all.filter(file -> file.endsWith(Path.of("org/yonderarc/" + name + ".java")))
                    .findFirst()
                    .orElseThrow());
        }
    }
}
