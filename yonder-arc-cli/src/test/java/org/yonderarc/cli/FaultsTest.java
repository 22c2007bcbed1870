package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.File;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.yonderarc.files.JsonText;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;

/** Inputs that once crashed, hung, filled the memory or slipped through: each ends with a clear answer, in small room. */
class FaultsTest extends FaultsFixture {
    private static Path inputs() throws Exception {
        return Path.of(FaultsTest.class.getResource("faults").toURI());
    }

    private static List<Path> plans() throws Exception {
        try (Stream<Path> all = Files.walk(inputs())) {
            return all.filter(file -> file.toString().matches(".*\\.(yaml|json)"))
                    .sorted()
                    .toList();
        }
    }

    /** Runs one command after the other, each a line of words parted by tabs, and tells of each what came of it. */
    static final class Many {
        private Many() {}

        public static void main(String[] arguments) throws Exception {
            for (String line : Files.readAllLines(Path.of(arguments[0]))) {
                var out = new StringWriter();
                int status = Main.run(new PrintWriter(out), new PrintWriter(out), line.split("\t"));
                System.out.println(line + "\n" + status + " " + JsonText.write(Trees.text(out.toString())));
            }
        }
    }

    /** The same in one process with 512 MB, one after the other; what hangs or ends it is the first of which nothing is told. */
    private List<Outcome> together(List<String> lines) throws Exception {
        Path list = Files.write(folder.resolve("commands.txt"), lines);
        File said = File.createTempFile("said", ".txt");
        Process process = new ProcessBuilder(java(Many.class, list.toString()))
                .redirectErrorStream(true)
                .redirectOutput(said)
                .start();
        boolean ended = process.waitFor(SECONDS * 2, TimeUnit.SECONDS);
        process.destroyForcibly().waitFor();
        List<String> told = Files.readAllLines(said.toPath());
        assertTrue(said.delete());
        var out = new ArrayList<Outcome>();
        for (int i = 0; i < lines.size(); i++) {
            int at = told.indexOf(lines.get(i));
            assertTrue(
                    at >= 0 && at + 1 < told.size(),
                    (ended ? "it ends everything: " : "it hangs: ") + lines.get(i) + "\n"
                            + String.join("\n", told.subList(Math.max(0, told.size() - 20), told.size())));
            String[] parts = told.get(at + 1).split(" ", 2);
            out.add(new Outcome(Integer.parseInt(parts[0]), ((TextValue) JsonText.read(parts[1])).text()));
        }
        return out;
    }

    @Test
    void everyInputHasAnAnswerInSmallRoom() throws Exception {
        List<String> plans = plans().stream()
                .map(Path::toString)
                .filter(plan -> plan.contains("slow") || plan.contains("pic"))
                .toList();
        List<Outcome> checked =
                together(plans.stream().map(plan -> "check\t" + plan).toList());
        var sound = new ArrayList<String>();
        for (int i = 0; i < plans.size(); i++) {
            answered(checked.get(i));
            assertTrue(checked.get(i).said().length() < 100_000, "a report that nobody reads: " + plans.get(i));
            if (checked.get(i).status() == 0) {
                sound.add("draw\t" + plans.get(i) + "\t-o\t" + folder.resolve("d.png"));
            }
        }
        together(sound).forEach(FaultsTest::answered);
    }

    /** Plans as large as the bounds allow, of up to a megabyte. */
    @Test
    void plansAtTheirBoundsHaveAnAnswerToo() throws Exception {
        String head =
                "yonder: 1\napp: { name: A, start: a, required: [ b ] }\nfacts: { f: 0 }\nscreens:\n  a: A\n  b: B\n";
        String screens =
                lines(8990, "  some-screen-with-a-long-name-%1$d: { under: a, needs: f > %1$d, otherwise: a }\n");
        String menu = "menus:\n  main:\n    - a\n    - b\n";
        var plans = new java.util.TreeMap<String, String>();
        plans.put("screens", head + screens + menu);
        plans.put(
                "bars",
                head + lines(8990, "  s%d: { under: a }\n") + menu + "bars:\n"
                        + lines(100, "  - { id: x%1$d, menu: main, within: s%1$d }\n"));
        plans.put("items", head + menu + lines(4900, "    - { screen: b, id: i%1$d, when: f > %1$d and f < 9 }\n"));
        plans.put(
                "unknown",
                head + lines(8990, "  s%1$d: { under: a, icon: some-icon-%1$d, otherwise: no-%1$d }\n") + menu);
        var lines = new ArrayList<String>();
        for (var plan : plans.entrySet()) {
            lines.add("check\t" + Files.writeString(folder.resolve(plan.getKey() + ".yaml"), plan.getValue()));
        }
        for (Outcome checked : together(lines)) {
            answered(checked);
            assertTrue(
                    checked.said().length() < 100_000,
                    "a report that nobody reads: " + checked.said().length());
        }
    }

    private static String lines(int count, String line) {
        return java.util.stream.IntStream.range(0, count)
                .mapToObj(line::formatted)
                .collect(java.util.stream.Collectors.joining());
    }

    private static void answered(Outcome outcome) {
        assertTrue(outcome.status() <= 1, outcome.said());
        assertFalse(outcome.said().contains("fault of ours"), outcome.said());
        assertFalse(outcome.said().contains("not enough memory"), outcome.said());
        assertFalse(outcome.said().matches("(?s).*\\tat [a-z.]+.*"), outcome.said());
    }

    /** Whatever is made of those that are sound is well-formed. */
    @TestFactory
    Stream<DynamicTest> whatIsMadeOfThemIsSound() throws Exception {
        return plans().stream()
                .filter(plan -> !plan.toString().contains("slow"))
                .filter(plan -> run("check", plan.toString()).status() == 0)
                .flatMap(plan -> Stream.of("draw", "draw --map", "export", "draw --film choose:b", "page")
                        .map(command -> DynamicTest.dynamicTest(plan.getFileName() + " " + command, () -> {
                            String ending =
                                    command.equals("export") ? "scxml" : command.equals("page") ? "html" : "svg";
                            Path made = folder.resolve("made." + ending);
                            var arguments = new ArrayList<>(List.of(command.split(" ")));
                            arguments.add(1, plan.toString());
                            arguments.addAll(List.of("-o", made.toString()));
                            Outcome outcome = run(arguments.toArray(String[]::new));
                            assertEquals(0, outcome.status(), outcome.said());
                            if (!ending.equals("html")) {
                                var factory = DocumentBuilderFactory.newInstance();
                                factory.setNamespaceAware(true);
                                factory.newDocumentBuilder().parse(made.toFile());
                            }
                        })));
    }

    /** No command replaces what it works from, under whatever name. */
    @Test
    void noOutputReplacesAnInput() throws Exception {
        Path plan = demo("plan.yaml");
        assertTrue(Files.exists(folder.resolve("front.png")));
        Path alias = Files.createSymbolicLink(folder.resolve("alias.svg"), Path.of("logo.svg"));
        for (Path input : List.of(
                folder.resolve("logo.svg"), folder.resolve("front.png"), folder.resolve("icons/own.svg"), alias)) {
            byte[] before = Files.readAllBytes(input);
            for (String command :
                    List.of("draw", "draw --map", "draw --across scheme", "draw --film choose:b", "measure bottom")) {
                var arguments = new ArrayList<>(List.of(command.split(" ")));
                arguments.add(1, plan.toString());
                arguments.addAll(List.of("-o", input.toString()));
                Outcome outcome = run(arguments.toArray(String[]::new));
                assertEquals(2, outcome.status(), command + ": " + outcome.said());
                assertTrue(outcome.said().contains("works from this file"), outcome.said());
            }
            assertEquals(
                    new String(before, StandardCharsets.ISO_8859_1),
                    Files.readString(input, StandardCharsets.ISO_8859_1));
        }
        Outcome tokens = run(
                "measure",
                plan.toString(),
                "bottom",
                "-o",
                folder.resolve("colours.json").toString());
        assertEquals(2, tokens.status(), tokens.said());
        assertEquals("{}", Files.readString(folder.resolve("colours.json")));
        Path pipe = folder.resolve("pipe.svg");
        assertEquals(0, new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor());
        Outcome special = run("draw", plan.toString(), "-o", pipe.toString());
        assertEquals(2, special.status());
        assertTrue(special.said().contains("device or a pipe"), special.said());
    }

    @Test
    void theDemoKeepsWhatAPersonChanged() throws Exception {
        Path made = folder.resolve("made");
        assertEquals(0, run("demo", "-o", made.toString()).status());
        Path plan = made.resolve("brinelight.yaml");
        String original = Files.readString(plan);
        Files.writeString(plan, original + "# mine\n");
        Files.writeString(made.resolve("bottom.csv"), "mine");
        Files.delete(made.resolve("map.png"));
        Outcome again = run("demo", "-o", made.toString());
        assertEquals(0, again.status(), again.said());
        assertEquals(original + "# mine\n", Files.readString(plan));
        assertEquals("mine", Files.readString(made.resolve("bottom.csv")));
        assertTrue(Files.exists(made.resolve("map.png")));
        assertTrue(again.said().contains("Left as they are") && again.said().contains("bottom.csv"), again.said());
        Files.writeString(plan, original);
        assertFalse(run("demo", "-o", made.toString()).said().contains("brinelight.yaml\n\nGive"));
    }

    /** Arguments, file names and output are UTF-8, or it is said that they can't be. */
    @Test
    void withoutAProperLocaleNothingIsRuined() throws Exception {
        assumeTrue(new File("/usr/bin/env").exists());
        Path plan = demo("plan.yaml");
        String before = Files.readString(plan);
        Outcome posix = process(List.of("LC_ALL=C"), "edit", plan.toString(), "set:/app/name=K\u00fcste");
        assertEquals(2, posix.status(), posix.said());
        assertTrue(posix.said().contains("LC_ALL=C.UTF-8"), posix.said());
        assertEquals(before, Files.readString(plan));
        Outcome utf8 = process(List.of("LC_ALL=C.UTF-8"), "edit", plan.toString(), "set:/app/name=K\u00fcste");
        assertEquals(0, utf8.status(), utf8.said());
        assertTrue(Files.readString(plan).contains("name: \"K\u00fcste\""), Files.readString(plan));
        Files.writeString(plan, Files.readString(plan).replace("b: {", "b: { title: B\u00e4ume,"));
        Outcome said = process(List.of("LC_ALL=C"), "walk", plan.toString(), "choose:b");
        assertEquals(0, said.status(), said.said());
        assertTrue(said.said().contains("at              B\u00e4ume"), said.said());
        Files.writeString(plan, Files.readString(plan).replace("front.png", "k\u00fcste.png"));
        Files.move(folder.resolve("front.png"), folder.resolve("k\u00fcste.png"));
        Outcome named = process(List.of("LC_ALL=C"), "check", plan.toString());
        assertEquals(2, named.status(), named.said());
        assertTrue(named.said().contains("names files") && named.said().contains("LC_ALL=C.UTF-8"), named.said());
        Outcome found = process(List.of("LC_ALL=C.UTF-8"), "check", plan.toString());
        assertEquals(0, found.status(), found.said());
        assertFalse(found.said().contains("missing-file"), found.said());
    }

    @Test
    void anArgumentWithAnAtSignIsNoFileToReadFrom() throws Exception {
        Path list = Files.writeString(folder.resolve("list"), "--help");
        Outcome outcome = run("check", "@" + list);
        assertEquals(2, outcome.status());
        assertTrue(outcome.said().contains("no such file"), outcome.said());
    }

    /** What is told of values is short, and steers no terminal. */
    @Test
    void messagesAreShortAndHarmless() throws Exception {
        Path plan = folder.resolve("plan.yaml");
        Files.writeString(
                plan,
                "yonder: 1\napp: { name: A, start: a }\nscreens: { a: { icon: \"" + "x".repeat(5000)
                        + "\" }, b: { icon: \"\\e]0;owned\\a\\u202Exx\" } }\nmenus: { main: [ a, b ] }\n");
        Outcome outcome = run("check", plan.toString());
        assertEquals(1, outcome.status());
        assertFalse(outcome.said().contains("x".repeat(201)), outcome.said());
        assertFalse(outcome.said().contains("\u001b") || outcome.said().contains("\u202e"), outcome.said());
        Outcome argument = run("walk", plan.toString(), "choose:\u001b[2J");
        assertFalse(argument.said().contains("\u001b"), argument.said());
    }
}
