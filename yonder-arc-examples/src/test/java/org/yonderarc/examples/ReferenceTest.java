package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaFileObject;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a module exports says what it is. What a method gives is in its first sentence, so no tag is asked for. */
class ReferenceTest {
    private static final Pattern EXPORTED = Pattern.compile("exports ([a-z.]+)");
    /** A record's own constructor: its parameters are described with the record. */
    private static final Pattern COMPACT = Pattern.compile("\\s*public [A-Z]\\w* \\{\\s*");

    @TempDir
    private Path folder;

    @ParameterizedTest
    @ValueSource(strings = {"core", "files", "draw", "web", "desktop"})
    void everythingThatIsExportedIsDocumented(String module) throws Exception {
        Path main = Path.of("../yonder-arc-" + module + "/src/main/java");
        List<String> packages = EXPORTED.matcher(Files.readString(main.resolve("module-info.java")))
                .results()
                .map(found -> found.group(1))
                .toList();
        assertTrue(packages.size() > 0);
        List<Path> sources;
        try (Stream<Path> all = Files.walk(main)) {
            sources = all.filter(file -> file.toString().endsWith(".java") && !file.endsWith("module-info.java"))
                    .toList();
        }
        var said = new DiagnosticCollector<JavaFileObject>();
        var compiler = ToolProvider.getSystemJavaCompiler();
        try (var files = compiler.getStandardFileManager(said, Locale.ROOT, null)) {
            String path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
            compiler.getTask(
                            null,
                            files,
                            said,
                            List.of(
                                    "-d",
                                    folder.toString(),
                                    "-proc:none",
                                    // Comments are looked at by then; no class is needed.
                                    "-XDshould-stop.ifNoError=FLOW",
                                    "-cp",
                                    path,
                                    "-Xdoclint:missing/protected",
                                    "-Xmaxwarns",
                                    "10000"),
                            null,
                            files.getJavaFileObjectsFromPaths(sources))
                    .call();
        }
        var undocumented = new ArrayList<String>();
        int looked = 0;
        for (Diagnostic<? extends JavaFileObject> one : said.getDiagnostics()) {
            looked++;
            if (one.getMessage(Locale.ROOT).contains("no comment")) {
                Path source = Path.of(one.getSource().toUri());
                String name = main.toAbsolutePath()
                        .normalize()
                        .relativize(source.normalize())
                        .getParent()
                        .toString();
                String line = line(source, (int) one.getLineNumber());
                boolean isPublic = Files.readString(source).contains("\npublic ");
                if (packages.contains(name.replace('/', '.'))
                        && isPublic
                        && !COMPACT.matcher(line).matches()) {
                    undocumented.add(source.getFileName() + ":" + one.getLineNumber() + " " + line.strip());
                }
            }
        }
        assertTrue(looked > 0, "the compiler was asked");
        assertEquals(List.of(), undocumented);
    }

    private static String line(Path source, int number) {
        try {
            return Files.readAllLines(source).get(number - 1);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
