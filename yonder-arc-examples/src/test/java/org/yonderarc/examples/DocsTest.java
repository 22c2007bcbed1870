package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.bind.PlanReference;
import org.yonderarc.bind.PlanSchema;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.journey.Journeys;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** Every example in the README and the docs is run, and every link leads somewhere. */
class DocsTest extends DocsFixture {
    private static final Pattern LINK = Pattern.compile("\\]\\(([^)#:]*)(?:#([^)]+))?\\)");

    static Stream<Path> documents() throws Exception {
        return Stream.concat(Stream.of(ROOT.resolve("README.md")), Files.list(ROOT.resolve("docs")))
                .filter(path -> path.toString().endsWith(".md"))
                .sorted();
    }

    @Test
    void theGuideCountsTheLanguagesThatTheLibraryKnows() throws Exception {
        // Norwegian has two tags.
        long count = BuiltInText.known().stream()
                .map(tag -> Stream.of(BuiltInText.values())
                        .map(word -> word.in(tag))
                        .toList())
                .distinct()
                .count();
        String guide = Files.readString(ROOT.resolve("docs/plan.md"));
        assertTrue(guide.contains("is known in " + count + " languages"), () -> count + " languages");
    }

    @ParameterizedTest
    @MethodSource("documents")
    void linksLeadSomewhereAndPlansCheckClean(Path document) throws Exception {
        String text = Files.readString(document);
        LINK.matcher(text).results().forEach(link -> {
            Path target = link.group(1).isEmpty() ? document : document.resolveSibling(link.group(1));
            assertTrue(Files.exists(target), document + " links to " + link.group(1));
            assertTrue(
                    link.group(2) == null || anchors(target).contains(link.group(2)),
                    document + " links to " + link.group());
        });
        for (String yaml : blocks(text, "yaml")) {
            var read = PlanFile.read(new SourceText(document + ".yaml", yaml), new BundledIcons());
            assertEquals(List.of(), read.findings(), () -> FindingText.report(read, FindingText.Colours.NONE));
        }
    }

    /** The anchors of a page's headings, as they are shown where the project is hosted. */
    private static Set<String> anchors(Path page) {
        try {
            return Files.readString(page)
                    .lines()
                    .filter(line -> line.startsWith("#"))
                    .map(line -> line.replaceFirst("^#+ ", "")
                            .toLowerCase(Locale.ROOT)
                            .replaceAll("[^\\p{L}\\p{N} -]", "")
                            .replace(' ', '-'))
                    .collect(Collectors.toSet());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** A key that stands in one more place is looked at: whether it means the same there. */
    @Test
    void aKeyHasOneMeaningWhereverItStands() throws Exception {
        String reference = Files.readString(ROOT.resolve("docs/plan.md"));
        var places = new TreeMap<String, Set<String>>();
        for (String part :
                reference.substring(reference.indexOf("## Reference")).split("(?m)^### ")) {
            String name = part.lines().findFirst().orElse("");
            if (!List.of("colours", "look", "own words").contains(name)) {
                keys(part).forEach(key -> places.computeIfAbsent(key, any -> new TreeSet<>())
                        .add(name));
            }
        }
        places.values().removeIf(names -> names.size() == 1);
        String words = Files.readString(ROOT.resolve("docs/words.md"));
        String shared = words.substring(words.indexOf("## Keys that stand in several places"));
        var told = new TreeMap<String, Set<String>>();
        for (String line : shared.lines().toList()) {
            keys(line).forEach(key -> {
                String in = line.replaceFirst(".*\\| (.*) \\|$", "$1");
                assertNull(told.put(key, new TreeSet<>(List.of(in.split(", ")))), key + " has two meanings");
            });
        }
        assertEquals(places, told);
    }

    private static List<String> keys(String tables) {
        return Pattern.compile("(?m)^\\| `([a-z0-9-]+)` \\|")
                .matcher(tables)
                .results()
                .map(row -> row.group(1))
                .toList();
    }

    /** The storeys that the architecture draws are those of the modules' descriptions. */
    @Test
    void modulesUseOnlyWhatIsBelowThem() throws Exception {
        String drawn = Files.readString(ROOT.resolve("docs/architecture.md"));
        drawn = drawn.substring(drawn.indexOf("The modules form layers"));
        var storeys = new TreeMap<String, Integer>();
        List<String> lines = drawn.lines()
                .dropWhile(line -> !line.startsWith("    "))
                .takeWhile(line -> line.startsWith("    "))
                .toList();
        for (int i = 0; i < lines.size(); i++) {
            for (String name : lines.get(i).substring(26).split("[, ]+")) {
                if (Files.exists(ROOT.resolve("yonder-arc-" + name + "/pom.xml"))) {
                    storeys.put(name, lines.size() - i);
                }
            }
        }
        assertTrue(storeys.size() > 12, storeys::toString);
        var used = Pattern.compile("<artifactId>yonder-arc-([a-z-]+)</artifactId>(.*?)</dependency>");
        for (var module : storeys.entrySet()) {
            String pom = Files.readString(ROOT.resolve("yonder-arc-" + module.getKey() + "/pom.xml"));
            Matcher dependency = used.matcher(pom);
            while (dependency.find()) {
                String name = dependency.group(1);
                if (!dependency.group(2).contains("<scope>test</scope>") && storeys.containsKey(name)) {
                    boolean isBelow = storeys.get(name) < storeys.get(module.getKey());
                    assertTrue(isBelow || name.equals("browser"), module.getKey() + " uses " + name);
                }
            }
        }
    }

    /** What the text of a guide writes as a key with its value is a key: examples are run, but sentences are not. */
    @ParameterizedTest
    @MethodSource("documents")
    void keysInSentencesAreKeys(Path document) throws Exception {
        var known = new HashSet<>(
                Set.of("again", "surveys", "refused", "guest", "map", "phone", "tablet", "desktop", "signal"));
        words(PlanSchema.schema(), known);
        String text = Files.readString(document).replaceAll("(?s)```.*?```", "");
        Set<String> unknown = Pattern.compile("`([^`]+)`")
                .matcher(text)
                .results()
                .map(code -> code.group(1))
                .filter(code -> !code.startsWith("#"))
                .flatMap(code -> Pattern.compile("(?<![\\w/:.-])([a-z][a-z-]*):\\s")
                        .matcher(code)
                        .results())
                .map(key -> key.group(1))
                .filter(key -> !known.contains(key))
                .collect(Collectors.toSet());
        assertEquals(Set.of(), unknown);
    }

    private static void words(Value schema, Set<String> known) {
        if (schema instanceof MapValue map) {
            for (MapValue.Entry entry : map.entries()) {
                if (entry.key().equals("properties") && entry.value() instanceof MapValue keys) {
                    keys.entries().forEach(key -> known.add(key.key()));
                }
                words(entry.value(), known);
            }
        } else if (schema instanceof ListValue list) {
            list.items().forEach(item -> words(item, known));
        }
    }

    @Test
    void everyScreenshotIsShownInTheReadme() throws Exception {
        String readme = Files.readString(ROOT.resolve("README.md"));
        try (var pictures = Files.list(ROOT.resolve("docs/screenshots"))) {
            List<Path> all = pictures.toList();
            assertFalse(all.isEmpty());
            assertTrue(all.size() < 20, "under 20 pictures");
            all.forEach(
                    picture -> assertTrue(readme.contains(picture.getFileName().toString()), picture.toString()));
        }
    }

    @Test
    void theReferenceIsThatOfTheReader() throws Exception {
        assertTrue(Files.readString(ROOT.resolve("docs/plan.md"))
                .endsWith(PlanReference.markdown().stripTrailing() + "\n"));
    }

    @Test
    void theReferenceOfJourneysIsThatOfTheirReader() throws Exception {
        assertTrue(Files.readString(ROOT.resolve("docs/navigator.md"))
                .contains("\n" + Journeys.reference().stripTrailing() + "\n"));
    }
}
