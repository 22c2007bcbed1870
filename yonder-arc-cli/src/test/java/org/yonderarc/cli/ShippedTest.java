package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.yonderarc.draw.Licences;
import org.yonderarc.files.JsonText;
import org.yonderarc.plan.IconSet;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** What the archive of the command holds of others, compared with the list of what somebody has looked at. */
class ShippedTest {
    private static final Set<String> LICENCES = Set.of("Apache-2.0", "MIT", "BSD-3-Clause");

    @Test
    void whatShipsIsWhatWasLookedAt() throws Exception {
        List<String> shipped = Files.readAllLines(Path.of("shipped.txt")).stream()
                .filter(line -> !line.startsWith("#"))
                .toList();
        assertEquals(String.join("\n", shipped), String.join("\n", bill()));
        for (String line : shipped) {
            assertTrue(LICENCES.contains(line.split(" +")[2]), line);
        }
    }

    /** A line for each library in the bill of materials that the build has made: name and version, SHA-256, licence. */
    private static List<String> bill() throws Exception {
        var out = new ArrayList<String>();
        Value bill = JsonText.read(Files.readString(Path.of("target/bom.json")));
        for (Value component : list(bill, "components")) {
            if (text(component, "group").equals("org.yonderarc")) {
                continue;
            }
            String hash = list(component, "hashes").stream()
                    .filter(one -> text(one, "alg").equals("SHA-256"))
                    .map(one -> text(one, "content"))
                    .findFirst()
                    .orElse("-");
            String licence = list(component, "licenses").stream()
                    .map(one -> get(one, "license")
                            .map(license -> text(license, "id").isEmpty() ? text(license, "name") : text(license, "id"))
                            .orElse(text(one, "expression")))
                    .sorted()
                    .findFirst()
                    .orElse("-");
            // The tool takes "BSD" in a pom for the oldest of its versions; both files hold the one with three clauses.
            licence = licence.equals("BSD-4-Clause") ? "BSD-3-Clause" : licence;
            out.add(text(component, "group") + ":" + text(component, "name") + ":" + text(component, "version") + " "
                    + hash + " " + licence.replace(' ', '-'));
        }
        return out.stream().sorted().toList();
    }

    /** Each font and each set of icons that the build holds is named, with its hash, and has its licence beside it. */
    @Test
    void fontsAndIconsAreThoseThatAreNamed() throws Exception {
        String notice = Files.readString(Path.of("../NOTICE.md"));
        var named = new TreeSet<String>();
        Pattern.compile("`([0-9a-f]{64})`").matcher(notice).results().forEach(one -> named.add(one.group(1)));
        var found = new TreeSet<String>();
        for (String module : List.of("fonts", "examples", "draw", "icons", "web", "live", "browser")) {
            Path classes = Path.of("../yonder-arc-" + module + "/target/classes");
            for (Path file : files(classes, ".*\\.(ttf|otf|woff2?)")) {
                assertTrue(Files.exists(file.resolveSibling("LICENSE.txt")), file + " has no licence beside it");
                found.add(hash(List.of(file), file.getParent(), false));
            }
        }
        Path icons = Path.of("../yonder-arc-icons/target/classes/org/yonderarc/icons");
        for (String set : List.of("line", "slim")) {
            assertTrue(Files.exists(icons.resolve(set).resolve("LICENSE")), set);
            List<Path> all = files(icons.resolve(set), ".*\\.svg");
            assertTrue(notice.contains("the " + all.size() + " icons of `" + set + "`"), set + ": " + all.size());
            found.add(hash(all, icons.resolve(set), true));
        }
        assertEquals(named, found);
    }

    /** What is told of licences is read from where it lies. */
    @Test
    void theTextsOfLicencesAreThere() {
        for (String text : List.of(
                Licences.ofFont(), Licences.ofFallbackFont(), Licences.of(IconSet.LINE), Licences.of(IconSet.SLIM))) {
            assertTrue(text.contains("Copyright") && text.length() > 900, text);
        }
    }

    /** A library that ships has its licence within, or is under the Apache License, whose text lies in the archive, or has one there. */
    @Test
    void everyLibraryHasItsText() throws Exception {
        for (Path jar : files(Path.of("target/lib"), ".*\\.jar")) {
            String name = jar.getFileName().toString().replaceAll("-[0-9].*", "");
            String line = Files.readAllLines(Path.of("shipped.txt")).stream()
                    .filter(one -> one.contains(":" + name + ":"))
                    .findFirst()
                    .orElse("");
            try (var zip = new ZipFile(jar.toFile())) {
                boolean isWithin = zip.stream()
                        .anyMatch(entry -> entry.getName().matches("(?i)(.*/)?(LICENSE(\\.txt)?|about\\.html)"));
                assertTrue(
                        name.startsWith("yonder-arc")
                                || isWithin
                                || line.endsWith("Apache-2.0")
                                || Files.exists(Path.of("src/main/licences", name + ".txt")),
                        name);
            }
        }
    }

    private static List<Path> files(Path folder, String name) throws IOException {
        if (!Files.exists(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(file -> file.getFileName().toString().matches(name))
                    .sorted(Comparator.comparing(file -> folder.relativize(file).toString()))
                    .toList();
        }
    }

    private static String hash(List<Path> files, Path folder, boolean withNames) throws Exception {
        var digest = MessageDigest.getInstance("SHA-256");
        for (Path file : files) {
            if (withNames) {
                digest.update(folder.relativize(file).toString().getBytes(StandardCharsets.UTF_8));
            }
            digest.update(Files.readAllBytes(file));
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private static Optional<Value> get(Value map, String key) {
        return map instanceof MapValue known ? known.entry(key).map(MapValue.Entry::value) : Optional.empty();
    }

    private static String text(Value map, String key) {
        return get(map, key).map(value -> ((TextValue) value).text()).orElse("");
    }

    private static List<Value> list(Value map, String key) {
        return get(map, key).map(value -> ((ListValue) value).items()).orElse(List.of());
    }
}
