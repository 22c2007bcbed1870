package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The Java guide is one program: compiled, and run in a Java of its own, it prints what stands beside its lines. */
class JavaGuideTest {
    private static final Path GUIDE = Path.of("../docs/java.md");
    private static final Pattern PRINTED = Pattern.compile(";\\s+// (.*)$");

    @Test
    void theGuidePrintsWhatItSays(@TempDir Path folder) throws Exception {
        var expected = new ArrayList<String>();
        var code = new StringBuilder();
        var imports = new StringBuilder();
        for (String part : Files.readString(GUIDE).split("(?m)^```java\n")) {
            // What stands before the first block is text.
            if (!part.startsWith("#")) {
                String block = part.substring(0, part.indexOf("\n```"));
                (block.startsWith("import ") ? imports : code).append(block).append('\n');
                block.lines()
                        .map(PRINTED::matcher)
                        .filter(Matcher::find)
                        .forEach(printed -> expected.add(printed.group(1).strip()));
            }
        }
        Files.writeString(
                folder.resolve("Guide.java"),
                imports + "class Guide {\n public static void main(String[] none) throws Exception {\n" + code
                        + " }\n}\n");
        String path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        run(folder, "javac", "-proc:none", "-encoding", "UTF-8", "-cp", path, "Guide.java");
        String said = run(
                folder,
                "java",
                "-Djava.awt.headless=true",
                "-Dstdout.encoding=UTF-8",
                "-Dfile.encoding=UTF-8",
                "-cp",
                folder + System.getProperty("path.separator") + path,
                "Guide");
        assertEquals(String.join("\n", expected), said.strip());
    }

    private static String run(Path folder, String tool, String... arguments) throws Exception {
        var all = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", tool).toString()));
        all.addAll(List.of(arguments));
        Process process = new ProcessBuilder(all)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .start();
        var said = new ByteArrayOutputStream();
        process.getInputStream().transferTo(new PrintStream(said));
        String text = said.toString(StandardCharsets.UTF_8);
        assertEquals(0, process.waitFor(), text);
        return text;
    }
}
