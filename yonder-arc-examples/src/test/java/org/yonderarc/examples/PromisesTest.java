package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Each promise of the page about safety names the tests that hold it, and those are there. */
class PromisesTest {
    private static final Path HOME = Path.of("..");
    private static final Pattern ROW = Pattern.compile("\\| ([A-Z].*[.]) \\| (.+) \\|");
    private static final Pattern NAMED = Pattern.compile("`([A-Za-z]+)\\.([A-Za-z]+)`");

    @Test
    void everyPromiseHasATest() throws Exception {
        String page = Files.readString(HOME.resolve("docs/safety.md"));
        String promised = page.substring(page.indexOf("## What is promised"), page.indexOf("## Bounds"));
        var wrong = new ArrayList<String>();
        int promises = 0;
        for (String line :
                promised.lines().filter(line -> line.startsWith("| ")).toList()) {
            if (line.equals("| promise | test |")) {
                continue;
            }
            var row = ROW.matcher(line);
            assertTrue(row.matches(), line);
            promises++;
            var named = NAMED.matcher(row.group(2));
            int tests = row.group(2).contains("`outside/run`") ? 1 : 0;
            while (named.find()) {
                tests++;
                if (!isThere(named.group(1), named.group(2))) {
                    wrong.add(named.group());
                }
            }
            if (tests == 0) {
                wrong.add(row.group(1));
            }
        }
        assertEquals(List.of(), wrong);
        assertTrue(promises > 35, "promises: " + promises);
    }

    private static boolean isThere(String type, String method) throws IOException {
        var declared = Pattern.compile("^    (void|Stream<DynamicTest>) " + method + "\\(", Pattern.MULTILINE);
        for (Path file : files(type + ".java")) {
            if (declared.matcher(Files.readString(file)).find()) {
                return true;
            }
        }
        return false;
    }

    private static List<Path> files(String name) throws IOException {
        var out = new ArrayList<Path>();
        try (var modules = Files.newDirectoryStream(HOME, "yonder-arc-*")) {
            for (Path module : modules) {
                Path tests = module.resolve("src/test/java");
                if (Files.isDirectory(tests)) {
                    try (Stream<Path> all = Files.walk(tests)) {
                        all.filter(file -> file.getFileName().toString().equals(name))
                                .forEach(out::add);
                    }
                }
            }
        }
        return out;
    }
}
