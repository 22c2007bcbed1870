package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** {@code yonder export}: the plan's names and states as files for other tools. */
class ExportCommandTest {
    private static final String PLAN =
            "yonder: 1\napp: { name: Quay, start: tides }\nscreens: { tides: {}, log: { path: \"/log/{day}\" } }\n";

    @TempDir
    private Path folder;

    private final StringWriter err = new StringWriter();

    private int export(String plan, String... more) throws Exception {
        Path file = folder.resolve("quay.yaml");
        Files.writeString(file, plan);
        var all = new java.util.ArrayList<>(java.util.List.of("export", file.toString()));
        all.addAll(java.util.List.of(more));
        return Main.run(new PrintWriter(new StringWriter()), new PrintWriter(err, true), all.toArray(String[]::new));
    }

    @Test
    void theEndingSaysWhatIsWritten() throws Exception {
        Path java = folder.resolve("QuayPlaces.java");
        assertEquals(0, export(PLAN, "-o", java.toString(), "--package", "org.quay"));
        String source = Files.readString(java);
        assertTrue(source.startsWith("// Made from quay.yaml by"), source);
        assertTrue(source.contains("package org.quay;") && source.contains("class QuayPlaces"), source);
        Path ts = folder.resolve("places.ts");
        assertEquals(0, export(PLAN, "-o", ts.toString()));
        assertTrue(Files.readString(ts).contains("log: { day: string };"));
        Path kotlin = folder.resolve("QuayPlaces.kt");
        assertEquals(0, export(PLAN, "-o", kotlin.toString(), "--package", "org.quay"));
        assertTrue(Files.readString(kotlin).contains("package org.quay\n"));
        assertTrue(Files.readString(kotlin).contains("object QuayPlaces {"));
        Path swift = folder.resolve("QuayPlaces.swift");
        assertEquals(0, export(PLAN, "-o", swift.toString()));
        assertTrue(Files.readString(swift).contains("static func log(day: String) -> String {"));
        Path vectors = folder.resolve("quay.vectors.json");
        assertEquals(0, export(PLAN, "-o", vectors.toString()));
        assertTrue(Files.readString(vectors).contains("\"step\" : \"open:log?day=day\""));
        Path states = folder.resolve("quay.scxml");
        assertEquals(0, export(PLAN, "-o", states.toString()));
        assertTrue(Files.readString(states).contains("<scxml"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "places.rs | | the name ends in .scxml, .java, .kt, .swift, .ts or .vectors.json",
                "places | | the name ends in .scxml, .java, .kt, .swift, .ts or .vectors.json",
                "places.ts | org.quay | --package is for a Java class",
                "my-places.java | | \"my-places\" can't be the name of a Java class.",
                "Places.java | org.1 | \"org.1\" can't be the name of a Java package",
                "quay.yaml | | the name ends in .scxml, .java, .kt, .swift, .ts or .vectors.json",
                "my-places.kt | | \"my-places\" can't be the name of a Kotlin object",
                "my-places.swift | | \"my-places\" can't be the name of a Swift type",
                "Places.swift | org.quay | --package is for a Java class or a Kotlin object",
            })
    void whatCanNotBeWrittenIsToldAndNothingIs(String name, String packageName, String why) throws Exception {
        String file = folder.resolve(name).toString();
        int status =
                packageName == null ? export(PLAN, "-o", file) : export(PLAN, "-o", file, "--package", packageName);
        assertEquals(2, status);
        assertTrue(err.toString().contains(why), err.toString());
        assertFalse(Files.exists(Path.of(file)) && !name.equals("quay.yaml"));
        assertEquals(PLAN, Files.readString(folder.resolve("quay.yaml")));
    }

    /** Names are written again; what a person wrote stays. */
    @Test
    void onlyWhatWasMadeIsReplaced() throws Exception {
        Path java = folder.resolve("Places.java");
        assertEquals(0, export(PLAN, "-o", java.toString()));
        assertEquals(0, export(PLAN.replace("tides: {}", "tides: {}, map: {}"), "-o", java.toString()));
        assertTrue(Files.readString(java).contains("MAP"));
        Files.writeString(java, "class Places {}\n");
        assertEquals(2, export(PLAN, "-o", java.toString()));
        assertTrue(err.toString().contains("was not made by yonder export"), err.toString());
        assertEquals("class Places {}\n", Files.readString(java));
    }

    @Test
    void aPlanWithErrorsHasNoNames() throws Exception {
        assertEquals(
                1,
                export(
                        PLAN.replace("tides: {}, ", ""),
                        "-o",
                        folder.resolve("Places.java").toString()));
        assertFalse(Files.exists(folder.resolve("Places.java")));
    }
}
