package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.files.JsonTree;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.files.Version;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Severity;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.tasks.Format;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;
import org.yonderarc.walk.Vectors;

/** Files that earlier versions wrote are read as they were meant; see docs/stability.md. */
class StabilityTest {
    static Stream<Path> versions() throws IOException {
        return Files.list(StoredFiles.ROOT).sorted();
    }

    @ParameterizedTest
    @MethodSource("versions")
    void plansMeanWhatTheyMeant(Path version) throws Exception {
        for (String name : List.of("plan.yaml", "plan.json", "brinelight.yaml")) {
            var errors = StoredFiles.read(version.resolve(name)).findings().stream()
                    .filter(finding -> finding.severity() == Severity.ERROR && finding.code() != Code.RENAMED_KEY)
                    .toList();
            assertEquals(List.of(), errors, name);
        }
        assertEquals(StoredFiles.plan(version.resolve("plan.json")), StoredFiles.plan(version.resolve("plan.yaml")));
    }

    @ParameterizedTest
    @MethodSource("versions")
    void journeysGoAsTheyWent(Path version) throws Exception {
        var plan = StoredFiles.plan(version.resolve("brinelight.yaml"));
        var journeys = JourneyFile.require(version.resolve("brinelight.journeys.yaml"));
        assertTrue(journeys.size() > 3, "journeys: " + journeys.size());
        journeys.forEach(journey -> Rehearsal.require(plan, journey));
    }

    @ParameterizedTest
    @MethodSource("versions")
    void savedStatesAreRestored(Path version) throws Exception {
        var plan = StoredFiles.plan(version.resolve("brinelight.yaml"));
        var navigator = new Navigator(plan, Runnable::run);
        assertEquals(List.of(), navigator.restore(Files.readString(version.resolve("state.txt"))));
        assertEquals(StoredFiles.walked(plan).state(), navigator.state());
    }

    /** What a program finds in the JSON of a version, it finds in that of later ones; there may be more. */
    @ParameterizedTest
    @MethodSource("versions")
    void jsonHasWhatItHad(Path version) throws Exception {
        for (var kept : Map.of(
                        "findings.json", StoredFiles.findings(version.resolve("faulty.yaml")),
                        "walk.json", StoredFiles.walk(version.resolve("brinelight.yaml")))
                .entrySet()) {
            Set<String> lost = shape(json(Files.readString(version.resolve(kept.getKey()))), "");
            assertTrue(lost.size() > 8, kept.getKey() + ": " + lost);
            lost.removeAll(shape(json(kept.getValue()), ""));
            assertEquals(Set.of(), lost, kept.getKey());
        }
    }

    private static Value json(String text) throws Exception {
        return JsonTree.parse(text);
    }

    /** The paths of a tree, each with the type that stands there. */
    private static Set<String> shape(Value value, String at) {
        var out = new TreeSet<>(Set.of(at + " " + value.getClass().getSimpleName()));
        if (value instanceof MapValue map) {
            map.entries().forEach(entry -> out.addAll(shape(entry.value(), at + "/" + entry.key())));
        } else if (value instanceof ListValue list) {
            list.items().forEach(inner -> out.addAll(shape(inner, at + "/*")));
        }
        return out;
    }

    /** Code that names places by an export of a version goes on compiling with those of later ones. */
    @ParameterizedTest
    @MethodSource("versions")
    void exportedNamesStay(Path version) throws Exception {
        var declared = Pattern.compile(
                "(?m)^(.*(public static |const val |fun |<state id).*|  (\"?[a-z][a-z-]*\"?: |\\| \").*)$");
        for (Format format : List.of(Format.JAVA, Format.KOTLIN, Format.SWIFT, Format.TYPESCRIPT, Format.SCXML)) {
            Path stored = version.resolve("names." + format.extension());
            Set<String> was = declarations(declared, Files.readString(stored));
            assertTrue(was.size() > 15, stored + ": " + was);
            was.removeAll(declarations(declared, StoredFiles.export(version.resolve("brinelight.yaml"), format)));
            assertEquals(Set.of(), was, stored.toString());
        }
    }

    private static Set<String> declarations(Pattern declared, String text) {
        return declared.matcher(text)
                .results()
                .map(one -> one.group().strip())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** A method that a version had is there in later ones of the same first number, or the list of changes says so by name. */
    @ParameterizedTest
    @MethodSource("versions")
    void whatAppsCallIsThere(Path version) throws Exception {
        var lost = new TreeSet<>(Files.readAllLines(version.resolve("api.txt")));
        assertTrue(lost.size() > 1000, "methods: " + lost.size());
        lost.removeAll(StoredFiles.api());
        String changes = Files.readString(Path.of("../CHANGELOG.md"));
        var untold = new ArrayList<String>();
        for (String one : lost) {
            String method = one.replaceAll("\\(.*", "").replaceAll(".*\\.([A-Z][A-Za-z]*(\\.[a-z][A-Za-z]*)?)$", "$1");
            if (!changes.contains("`" + method)) {
                untold.add(one);
            }
        }
        assertEquals(List.of(), untold);
    }

    /** Walks go as they went; a runtime that was held to the vectors of a version stays right. */
    @ParameterizedTest
    @MethodSource("versions")
    void conformanceVectorsHold(Path version) throws Exception {
        int steps = 0;
        for (String example : ExamplePlans.NAMES) {
            var stored = StoredVectors.read(version.resolve(example + ".vectors.json"));
            for (var walk : stored.walks().entrySet()) {
                List<Vectors.Outcome> now = Vectors.outcomes(
                        stored.plan(),
                        walk.getValue().stream()
                                .skip(1)
                                .map(StoredVectors.Step::step)
                                .toList());
                for (int i = 0; i < now.size(); i++) {
                    StoredVectors.Step was = walk.getValue().get(i);
                    assertEquals(
                            was.outcome(), now.get(i), example + ", " + walk.getKey() + " " + i + ": " + was.step());
                }
                steps += now.size();
            }
        }
        assertTrue(steps > 1500, "steps: " + steps);
    }

    /** A file of a later format is told, and left as it is. */
    @ParameterizedTest
    @CsvSource({"yonder: 2, newer-format", "yonder: 1, ''"})
    void laterFormatsAreTold(String head, String code) throws Exception {
        Path stored = versions().findFirst().orElseThrow().resolve("brinelight.yaml");
        String text = Files.readString(stored).replaceFirst("(?m)^yonder: 1", head);
        var read = PlanFile.read(new SourceText("p.yaml", text), IconNames.ANY);
        assertEquals(
                code,
                read.findings().stream()
                        .filter(finding -> finding.severity() == Severity.ERROR)
                        .map(finding -> finding.code().id())
                        .findFirst()
                        .orElse(""));
    }

    @Test
    void thisVersionIsStored() throws Exception {
        String version = Version.number();
        assertTrue(
                versions().anyMatch(folder -> folder.endsWith(version)),
                () -> "store the files of " + version + ": run the main method of StoredFiles with it");
    }
}
