package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.File;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.io.TempDir;

/** The command in a process of its own, with little memory. */
abstract class FaultsFixture {
    /** Far more than any of them takes; one that hangs is stopped. */
    static final int SECONDS = 180;

    @TempDir
    Path folder;

    record Outcome(int status, String said) {}

    static Outcome run(String... arguments) {
        var out = new StringWriter();
        int status = Main.run(new PrintWriter(out), new PrintWriter(out), arguments);
        return new Outcome(status, out.toString());
    }

    static List<String> java(Class<?> main, String... arguments) {
        var command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-XX:-UsePerfData",
                "-Djava.awt.headless=true",
                "-cp",
                System.getProperty("java.class.path"),
                main.getName()));
        command.addAll(List.of(arguments));
        return command;
    }

    static List<String> command(String... arguments) {
        return java(Main.class, arguments);
    }

    /** The real command in a process of its own, with 512 MB. */
    static Outcome process(List<String> environment, String... arguments) throws Exception {
        var command = new ArrayList<String>(List.of("env"));
        command.addAll(environment);
        command.addAll(command(arguments));
        File said = File.createTempFile("said", ".txt");
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said)
                .start();
        boolean ended = process.waitFor(SECONDS, TimeUnit.SECONDS);
        process.destroyForcibly().waitFor();
        String text = Files.readString(said.toPath(), StandardCharsets.UTF_8);
        assertTrue(said.delete());
        assertTrue(ended, "it hangs: " + String.join(" ", arguments) + "\n" + text);
        return new Outcome(process.exitValue(), text);
    }

    Path demo(String name) throws Exception {
        Path plan = folder.resolve(name);
        Files.writeString(
                plan,
                """
                yonder: 1
                app: { name: Quay, start: a, languages: [ en, de ], text-files: "texts/{language}.properties", logo: logo.svg }
                theme: { token-file: colours.json }
                screens: { a: { icon: home, picture: front.png }, b: { icon: own } }
                menus: { main: [ a, b ] }
                """);
        Files.createDirectories(folder.resolve("texts"));
        Files.createDirectories(folder.resolve("icons"));
        Files.writeString(folder.resolve("texts/de.properties"), "screens.a.title=Anfang\n");
        Files.writeString(folder.resolve("colours.json"), "{}");
        String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\"><path d=\"M0 0h9v9z\"/></svg>";
        Files.writeString(folder.resolve("logo.svg"), svg);
        Files.writeString(folder.resolve("icons/own.svg"), svg);
        run("draw", plan.toString(), "-o", folder.resolve("front.png").toString(), "--scale", "0.25");
        return plan;
    }
}
