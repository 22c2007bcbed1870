package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** The command killed, on a full disk, and several times at once. */
class InterruptedTest extends FaultsFixture {
    /** The command, killed at another moment each time: the plan is before or after, never between. */
    @Test
    void aKilledEditLeavesOneOrTheOther() throws Exception {
        Path plan = demo("plan.yaml");
        String other = Files.readString(plan).replace("Quay", "Pier");
        String first = Files.readString(plan);
        int kills = Integer.getInteger("yonder.kills", 4);
        int changed = 0;
        long start = System.nanoTime();
        process(List.of(), "edit", plan.toString(), "set:/app/name=Pier");
        long whole = (System.nanoTime() - start) / 1_000_000;
        for (int i = 0; i < kills; i++) {
            boolean undo = i % 3 == 2;
            String name = Files.readString(plan).equals(first) ? "Pier" : "Quay";
            String before = Files.readString(plan);
            Process process = new ProcessBuilder(
                            command("edit", plan.toString(), undo ? "--undo" : "set:/app/name=" + name))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            // However busy the machine is: the last one comes to its end, and finds nothing in its way.
            long until = i == kills - 1 ? SECONDS * 1_000L : whole / 3 + (i * 977L) % whole;
            process.waitFor(until, TimeUnit.MILLISECONDS);
            process.destroyForcibly().waitFor();
            String after = Files.readString(plan);
            assertTrue(after.equals(first) || after.equals(other), after);
            changed += after.equals(before) ? 0 : 1;
        }
        assertTrue(changed > 0, "not even one that wasn't killed changed anything");
        Outcome next = run("edit", plan.toString(), "set:/app/name=Jetty");
        assertEquals(0, next.status(), next.said());
        String before = Files.readString(plan).replace("Jetty", "Pier");
        assertEquals(0, run("edit", plan.toString(), "--undo").status());
        assertTrue(
                Files.readString(plan).equals(first) || Files.readString(plan).equals(before));
        try (Stream<Path> left = Files.list(folder)) {
            assertEquals(
                    0, left.filter(file -> file.toString().endsWith(".part")).count(), "parts are tidied");
        }
    }

    /** What was drawn before is whole, or what is drawn now: a killed run leaves no half of it. */
    @TestFactory
    Stream<DynamicTest> aKilledPictureLeavesOneOrTheOther() throws Exception {
        return Stream.of("draw --scale 3 x.png", "page x.html")
                .map(command -> DynamicTest.dynamicTest(command, () -> {
                    Path plan = demo("plan.yaml");
                    String[] words = command.split(" ");
                    Path made = folder.resolve(words[words.length - 1]);
                    var arguments = new ArrayList<>(List.of(words[0], plan.toString(), "-o", made.toString()));
                    arguments.addAll(List.of(words).subList(1, words.length - 1));
                    long start = System.nanoTime();
                    assertEquals(
                            0,
                            process(List.of(), arguments.toArray(String[]::new)).status());
                    long whole = (System.nanoTime() - start) / 1_000_000;
                    byte[] now = Files.readAllBytes(made);
                    byte[] before = "before".getBytes(StandardCharsets.UTF_8);
                    for (int i = 0; i < Integer.getInteger("yonder.kills", 2); i++) {
                        Files.write(made, before);
                        Process process = new ProcessBuilder(command(arguments.toArray(String[]::new)))
                                .redirectErrorStream(true)
                                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                                .start();
                        process.waitFor(whole / 2 + (i * 977L) % Math.max(1, whole / 2), TimeUnit.MILLISECONDS);
                        process.destroyForcibly().waitFor();
                        byte[] left = Files.readAllBytes(made);
                        assertTrue(Arrays.equals(left, before) || Arrays.equals(left, now), "torn: " + left.length);
                    }
                }));
    }

    /** A disk without room, as a limit on how large a file may grow: nothing is half written, and it is said. */
    @Test
    void aFullDiskChangesNothing() throws Exception {
        Path plan = demo("plan.yaml");
        Files.writeString(plan, Files.readString(plan) + ("# " + "long ".repeat(20) + "\n").repeat(40));
        String before = Files.readString(plan);
        File said = File.createTempFile("said", ".txt");
        var command = new ArrayList<>(List.of("bash", "-c", "ulimit -f 3; exec \"$@\"", "bash"));
        command.addAll(command("edit", plan.toString(), "set:/app/name=Pier"));
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said)
                .start();
        assertTrue(process.waitFor(SECONDS, TimeUnit.SECONDS));
        String text = Files.readString(said.toPath());
        assertTrue(said.delete());
        assertEquals(2, process.exitValue(), text);
        assertTrue(text.contains("nothing was written") || text.contains("can't be written"), text);
        assertEquals(before, Files.readString(plan));
        assertEquals(0, run("edit", plan.toString(), "set:/app/name=Pier").status());
        assertEquals(0, run("edit", plan.toString(), "--undo").status());
        assertEquals(before, Files.readString(plan));
        try (Stream<Path> left = Files.list(folder)) {
            assertEquals(
                    0, left.filter(file -> file.toString().endsWith(".part")).count());
        }
    }

    /** Eight runs at the same time: each waits for the others, and all changes count. */
    @Test
    void runsAtTheSameTimeAllCount() throws Exception {
        Path plan = demo("plan.yaml");
        var runs = new ArrayList<Process>();
        for (int i = 0; i < 8; i++) {
            runs.add(new ProcessBuilder(command(
                            "edit",
                            plan.toString(),
                            "set:/screens/s" + i + "={ title: New, icon: home, under: a }",
                            "--force"))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start());
        }
        for (Process run : runs) {
            assertTrue(run.waitFor(SECONDS, TimeUnit.SECONDS));
        }
        String text = Files.readString(plan);
        for (int i = 0; i < 8; i++) {
            assertTrue(text.contains("s" + i + ": { title: New"), text);
        }
    }
}
