package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A process that does nothing but edit, undo and redo, killed in the middle of it again and again; {@code
 * -Dyonder.kills=1000} for more.
 */
class KilledEditsTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: N0, start: a }   # kept
            screens: { a: A, b: B }
            menus: { main: [ a, b ] }
            """;

    @TempDir
    Path folder;

    /** Edits until it is killed: the name counts up, and is taken back and made again in between. */
    static final class Loop {
        private Loop() {}

        public static void main(String[] arguments) throws Exception {
            Path plan = Path.of(arguments[0]);
            for (int i = 0; ; i++) {
                try (var store = PlanStore.open(plan)) {
                    var editor = new PlanEditor(store.source());
                    editor.apply(Edit.parse(
                            "set:/app/name=N" + (number(store.source().text()) + 1)));
                    store.save(editor.source().text());
                    if (i % 3 == 1) {
                        store.undo();
                        store.redo();
                    }
                }
                if (i == 0) {
                    System.out.println("going");
                }
            }
        }
    }

    private static int number(String text) {
        return Integer.parseInt(text.replaceAll("(?s).*name: N([0-9]+),.*", "$1"));
    }

    @Test
    void thePlanIsBeforeOrAfterAndEveryChangeCanBeTakenBack() throws Exception {
        Path plan = folder.resolve("plan.yaml");
        Files.writeString(plan, PLAN);
        var random = new Random(15);
        int kills = Integer.getInteger("yonder.kills", 10);
        for (int i = 0; i < kills; i++) {
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-XX:+UseSerialGC",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Loop.class.getName(),
                            plan.toString())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            assertEquals("going", process.inputReader().readLine());
            TimeUnit.MICROSECONDS.sleep(random.nextInt(60_000));
            process.destroyForcibly().waitFor();
            String text = Files.readString(plan);
            int number = number(text);
            assertEquals(PLAN.replace("N0", "N" + number), text, "torn by kill " + i);
            try (var store = PlanStore.open(plan)) {
                store.undo();
                assertEquals(
                        PLAN.replace("N0", "N" + (number - 1)), store.source().text(), "kill " + i);
                store.redo();
                assertEquals(text, store.source().text());
            }
        }
        try (Stream<Path> left = Files.list(folder)) {
            assertTrue(left.filter(file -> file.toString().endsWith(".part")).count() <= 1, "parts pile up");
        }
    }
}
