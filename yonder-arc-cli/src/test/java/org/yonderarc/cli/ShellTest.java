package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.files.FindingText.Colours;

/** The command among others in a shell: what completes it, where it writes, what it takes from its surroundings. */
class ShellTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int yonder(String... arguments) {
        return Main.run(new PrintWriter(out), new PrintWriter(err), arguments);
    }

    private Path plan() throws Exception {
        return Files.writeString(
                folder.resolve("quay.yaml"),
                """
                yonder: 1
                app: { name: Quay, start: today, languages: [ en, de ] }
                facts: { drafts: 2 }
                screens:
                  today: { title: Today, icon: home }
                  boat: { title: Boat, path: "/boats/{boat}", icon: anchor }
                  boats: { title: Boats, icon: map }
                menus: { main: [ today, boats ] }
                bars: [ { menu: main, form: bottom }, top ]
                """);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "dr                        | draw",
                "help dr                   | draw",
                "draw ''                   | <files>.yaml .yml .json",
                "draw P --dev              | --device",
                "draw P --device tab       | tablet,tablet-wide",
                "draw P --scheme ''        | dark,light",
                "draw P --language ''      | de,en",
                "draw P --screen bo        | boat?boat=,boats",
                "draw P --open ''          | main,top",
                "draw P --touch hover:b    | hover:boats",
                "draw P --tell ''          | drafts=",
                "draw P -o ''              | <files>",
                "draw P --across sche     | scheme",
                "icons --set ''            | line,slim",
                "measure P bo              | bottom",
                "walk P choose:b           | choose:boats",
                "walk P choose:boats open:boat | open:boat?boat=,open:boats",
                "walk P toggle:            | toggle:,toggle:main,toggle:top",
                "walk P tell:              | tell:,tell:drafts=",
                "walk nowhere.yaml choose: | choose:",
                "nothing P                 | ''",
            })
    void aLineIsCompleted(String line, String words) throws Exception {
        var asked = new ArrayList<>(List.of("export", "--completion", "words", "--"));
        List.of(line.split(" +")).forEach(word -> asked.add(word.equals("''") ? "" : word));
        asked.replaceAll(word -> word.equals("P") ? folder.resolve("quay.yaml").toString() : word);
        plan();
        assertEquals(0, yonder(asked.toArray(String[]::new)));
        assertEquals(
                words.equals("''") ? "" : words,
                String.join(",", out.toString().lines().toList()),
                err::toString);
    }

    @Test
    void scriptsAndTheManualAreMade() {
        for (String shell : List.of("bash", "zsh", "fish")) {
            assertEquals(0, yonder("export", "--completion", shell));
        }
        assertEquals(0, yonder("export", "--completion", "man"));
        assertTrue(out.toString().contains(".SS DRAW\n.nf\nUsage: yonder draw"), out::toString);
        assertEquals(2, yonder("export", "--completion", "bsh"));
        assertTrue(
                err.toString().contains("there is no completion for \"bsh\". Did you mean \"zsh\" or \"bash\""),
                err::toString);
    }

    @Test
    void whatIsMadeGoesToStandardOutput() throws Exception {
        var made = new ByteArrayOutputStream();
        var words = new PrintWriter(out);
        var told = new PrintWriter(err);
        assertEquals(0, Main.run(made, words, told, "draw", plan().toString(), "-o", "-"));
        assertTrue(made.toString(StandardCharsets.UTF_8).startsWith("<?xml"));
        assertEquals("", out.toString());
        assertTrue(err.toString().contains("Drew standard output (Today"), err::toString);
        made.reset();
        assertEquals(0, Main.run(made, words, told, "draw", plan().toString(), "--output=-.png"));
        assertArrayEquals(new byte[] {(byte) 0x89, 'P', 'N', 'G'}, java.util.Arrays.copyOf(made.toByteArray(), 4));
        made.reset();
        assertEquals(0, Main.run(made, words, told, "export", plan().toString(), "-o", "-.java"));
        assertTrue(made.toString(StandardCharsets.UTF_8).contains("public final class Places {"));
        made.reset();
        assertEquals(2, Main.run(made, words, told, "measure", plan().toString(), "rail", "-o", "-"));
        assertTrue(err.toString().contains("no rail is shown on phone. Name one that is: \""), err::toString);
        assertEquals(2, Main.run(made, words, told, "draw", plan().toString(), "-o", "-.bmp"));
        assertEquals(0, made.size());
    }

    /** What would have no effect is told. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "new Quay -o -                     | what this command makes needs a name",
                "demo -o -                         | what this command makes needs a name",
                "draw P -o -.png --outlines        | --outlines: only the texts of an SVG can become shapes",
                "measure P main -o -.csv --token-texts | --token-texts is for a .tokens.json",
                "help drwa                         | there is no command \"drwa\"",
                "edit - set:/app/name=Pier         | a plan that is a file",
            })
    void whatCannotBeDoneIsTold(String line, String message) throws Exception {
        String plan = plan().toString();
        String[] words = Stream.of(line.split(" +"))
                .map(word -> word.equals("P") ? plan : word)
                .toArray(String[]::new);
        var made = new ByteArrayOutputStream();
        assertEquals(2, Main.run(made, new PrintWriter(out), new PrintWriter(err), words));
        assertTrue(err.toString().contains(message), err::toString);
        assertEquals(0, made.size());
    }

    @Test
    void endingsAreInCapitalsOrNot() throws Exception {
        for (String name : List.of("A.PNG", "b.Svg")) {
            assertEquals(
                    0,
                    yonder("draw", plan().toString(), "-o", folder.resolve(name).toString()),
                    err::toString);
        }
        assertEquals(
                0,
                yonder(
                        "export",
                        plan().toString(),
                        "-o",
                        folder.resolve("Places.JAVA").toString()),
                err::toString);
    }

    @Test
    void aBarHasTheNameOfItsFormToo() throws Exception {
        assertEquals(
                0,
                yonder(
                        "measure",
                        plan().toString(),
                        "main",
                        "-o",
                        folder.resolve("m.csv").toString()),
                err::toString);
        String drawer = Files.readString(plan()).replace("form: bottom", "form: drawer");
        Files.writeString(folder.resolve("quay.yaml"), drawer);
        assertEquals(0, yonder("walk", folder.resolve("quay.yaml").toString(), "toggle:drawer"), err::toString);
        assertFalse(out.toString().contains("no bar"), out::toString);
    }

    @Test
    void helpComesByItsWord() {
        assertEquals(0, yonder());
        assertTrue(out.toString().startsWith("Usage: yonder"), out::toString);
        out.getBuffer().setLength(0);
        assertEquals(0, yonder("help", "draw"));
        assertTrue(out.toString().startsWith("Usage: yonder draw"), out::toString);
    }

    /** An example that is broken at the margin can't be copied. */
    @Test
    void examplesStandOnOneLine() {
        yonder();
        List<String> commands = out.toString()
                .lines()
                .filter(line -> line.matches("  [a-z]+ {2,}\\S.*"))
                .map(line -> line.strip().split(" ")[0])
                .toList();
        assertTrue(commands.size() == 13, commands::toString);
        for (String command : commands) {
            out.getBuffer().setLength(0);
            yonder(command, "--help");
            assertTrue(out.toString().lines().allMatch(line -> line.length() <= 80), out::toString);
            int examples = out.toString().indexOf("\nExample");
            if (examples >= 0) {
                assertTrue(
                        out.toString()
                                .substring(examples + 1)
                                .lines()
                                .skip(1)
                                .allMatch(line -> line.matches("|  .*|Exit status.*")),
                        out::toString);
            }
        }
    }

    @Test
    void coloursAndWidthAreAsTheSurroundingsSay() {
        assertEquals(Colours.NONE, Terminal.colours(Map.of(), false));
        assertEquals(Colours.ANSI, Terminal.colours(Map.of(), true));
        assertEquals(Colours.NONE, Terminal.colours(Map.of("TERM", "dumb"), true));
        assertEquals(Colours.ANSI, Terminal.colours(Map.of("FORCE_COLOR", "1"), false));
        assertEquals(Colours.NONE, Terminal.colours(Map.of("FORCE_COLOR", "0"), true));
        assertEquals(Colours.NONE, Terminal.colours(Map.of("FORCE_COLOR", "1", "NO_COLOR", "1"), true));
        assertEquals(80, Terminal.width(Map.of()));
        assertEquals(100, Terminal.width(Map.of("COLUMNS", "100")));
        assertEquals(80, Terminal.width(Map.of("COLUMNS", "20")));
        assertEquals(80, Terminal.width(Map.of("COLUMNS", "wide")));
    }

    /** What takes its time says so, until there is something else to say. */
    @Test
    void whatTakesLongIsSeenToGoOn() throws Exception {
        var terminal = new ByteArrayOutputStream();
        var written = new ByteArrayOutputStream();
        var shown = new PrintStream(terminal, true, StandardCharsets.UTF_8);
        Waiting waiting = Waiting.on(shown, "yonder draw");
        while (!terminal.toString(StandardCharsets.UTF_8).contains("yonder draw: 1 s ...")) {
            Thread.sleep(20);
        }
        var out = waiting.before(written);
        out.write("Drew".getBytes(StandardCharsets.UTF_8));
        assertTrue(terminal.toString(StandardCharsets.UTF_8).endsWith("\r\u001b[K"), terminal::toString);
        assertEquals("Drew", written.toString(StandardCharsets.UTF_8));
        int length = terminal.size();
        waiting.end();
        assertEquals(length, terminal.size(), "it ends once");
    }

    /** There is no Windows here to run it: what its shell needs is looked at. */
    @Test
    void theLauncherForWindowsIsOneForItsShell() throws Exception {
        String text = Files.readString(Path.of("src/main/launcher/yonder.cmd"));
        assertEquals(text.lines().count(), text.split("\r\n", -1).length - 1, "each line ends as there");
        assertFalse(text.replace("\r\n", "").contains("\n"));
        assertTrue(text.startsWith("@echo off\r\n"));
        assertTrue(
                text.contains("-cp \"%YONDER_LIB%\\*\" org.yonderarc.cli.Main %*\r\n"),
                "paths with spaces, all arguments");
        assertTrue(text.endsWith("exit /b %ERRORLEVEL%\r\n"), "the status is the command's");
    }
}
