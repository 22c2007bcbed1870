package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The small programs do what they show. */
class ProgramsTest {
    @TempDir
    private Path folder;

    private String console(String... typed) throws Exception {
        var out = new StringWriter();
        Iterator<String> lines = List.of(typed).iterator();
        new ConsoleApp(folder.resolve("state"))
                .run(() -> lines.hasNext() ? Optional.of(lines.next()) : Optional.empty(), new PrintWriter(out));
        return out.toString();
    }

    @Test
    void theConsoleAppGoesOnWhereItWasKilled() throws Exception {
        String first = console("surveys", "1", "9", "nonsense");
        assertTrue(first.contains("== Tides =="), first);
        assertTrue(first.contains("== Survey 41 =="), first);
        assertTrue(first.contains("! there is no row 9 to open"), first);
        assertTrue(first.contains("! there is no step \"nonsense\""), first);
        String second = console("back", "back", "back");
        assertTrue(second.startsWith("== Survey 41 =="), second);
        assertTrue(second.contains("* leave"), second);
    }

    private static String printed(Runnable program) {
        var out = new ByteArrayOutputStream();
        PrintStream before = System.out;
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        try {
            program.run();
        } finally {
            System.setOut(before);
        }
        return out.toString(StandardCharsets.UTF_8);
    }

    @Test
    void nestedTabsKeepTheirTrailsAndSignInReturns() {
        assertEquals(
                """
                choose:huts -> beds
                choose:meals -> meals
                open:meal?meal=soup -> meal?meal=soup
                choose:beds -> beds
                choose:meals -> meal?meal=soup
                choose:news -> news
                choose:huts -> meal?meal=soup
                """,
                printed(() -> NestedTabs.main(new String[0])));
        assertEquals(
                """
                asked for the outing, shown sign-in
                signed in, shown outing
                """,
                printed(() -> SignInAndReturn.main(new String[0])));
    }
}
