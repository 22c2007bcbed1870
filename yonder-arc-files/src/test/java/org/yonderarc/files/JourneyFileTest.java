package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.plan.Plan;

/** Journeys find the first difference, and say where; state machines hold together. */
class JourneyFileTest {
    private static final Plan PLAN = PlanBuilder.app("Shore")
            .start("tides")
            .fact("in", false)
            .screen("tides")
            .screen("map", screen -> screen.title("Shore map"))
            .screen("crew", screen -> screen.needs("in", "door"))
            .screen("door")
            .screen("pin", screen -> screen.path("/map/{pin}").under("map"))
            .menu("main", menu -> menu.item("tides")
                    .item("map")
                    .item("crew")
                    .signal("send", item -> item.when("in"))
                    .item("door", item -> item.showOn("desktop")))
            .build();

    @TempDir
    private Path folder;

    private List<String> differences(String journey) throws Exception {
        Path file = Files.writeString(folder.resolve("j.yaml"), journey);
        return JourneyFile.read(file).stream()
                .map(one -> Rehearsal.of(PLAN, one).difference())
                .flatMap(Optional::stream)
                .toList();
    }

    @Test
    void journeysAreWalkedOnEachOfTheirDevices() throws Exception {
        Path file = Files.writeString(
                folder.resolve("j.yaml"),
                """
                device: [ phone, tablet ]
                journeys:
                  Usual: [ { do: choose:map, at: map } ]
                  Wide: { device: desktop, legs: [ { do: choose:door, at: door } ] }
                """);
        assertEquals(
                List.of("Usual (phone)", "Usual (tablet)", "Wide"),
                JourneyFile.read(file).stream().map(Journey::name).toList());
        assertEquals(List.of(), differences(Files.readString(file)));
        assertEquals(
                1,
                differences(Files.readString(file).replace("device: desktop", "device: phone"))
                        .size());
        assertThrows(FileException.class, () -> differences("device: []\njourneys: { A: [ back ] }\n"));
    }

    /** One leg, and the difference that it comes to, or none. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ do: choose:map, at: map, selected: map, title: Shore map, shown: [ tides, crew ], hidden: send, back: tides } |",
                "{ do: back, effect: leave, back: leave } |",
                "{ do: choose:crew, at: door, selected: crew } |",
                "{ do: open:nowhere, refused: no screen } |",
                "{ do: choose:map, at: tides }      | at should be \"tides\", but is \"map\"",
                "{ do: choose:map, selected: crew } | selected should be \"crew\", but is \"map\"",
                "{ do: choose:map, title: Map }     | the title should be \"Map\", but is \"Shore map\"",
                "{ shown: send }                    | \"send\" isn't shown; shown: tides, map, crew",
                "{ hidden: map }                    | \"map\" is shown",
                "{ do: choose:map, back: leave }    | back should be \"leave\", but is \"tides\"",
                "{ do: choose:map, effect: leave }  | the effect should be \"leave\", but is none",
                "{ do: open:nowhere }               | the step was refused: There is no screen",
                "{ do: choose:map, refused: why }   | but it was taken",
                "{ do: choose:send }                | the step was refused: The item \"send\" is hidden now.",
                "{ do: choose:door }                | the step was refused: \"door\" isn't shown on phone.",
                "{ do: choose:door, refused: on phone } |",
                "{ do: jump }                       | there is no step \"jump\"",
            })
    void aLegIsAsExpectedOrTheDifferenceIsSaid(String leg, String difference) throws Exception {
        List<String> found = differences("journeys:\n  One:\n    - " + leg + "\n");
        assertEquals(difference == null ? 0 : 1, found.size(), found.toString());
        if (difference != null) {
            assertTrue(found.get(0).startsWith("One, line 3: "), found.get(0));
            assertTrue(found.get(0).contains(difference), found.get(0));
            assertTrue(found.get(0).contains("trail  "), found.get(0));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "journeys: { A: [ { do: back, att: x } ] } | line 1: The leg has no key \"att\". Did you mean \"at\"?",
                "journey: { A: [] }                        | Did you mean \"journeys\"?",
                "device: Ph ne                             | \"Ph ne\" is not the name of a device",
                "journeys: { A: 3 }                        | takes a list, but here is a number",
                "[]                                        | takes a map",
                "facts: { a: [] }                          | takes a text, a number, true or false",
                "facts: {}                                 | has no \"journeys\"",
            })
    void aFileThatCannotBeReadSaysWhy(String text, String reason) {
        var trouble = assertThrows(FileException.class, () -> differences(text));
        assertTrue(trouble.getMessage().contains(reason), trouble.getMessage());
    }

    @Test
    void everythingThatIsWrongIsSaidAtOnce() {
        var trouble = assertThrows(
                FileException.class,
                () -> differences("device: 3x\njourneys:\n  A:\n    - { do: back, att: x }\n    - 3\n"));
        assertTrue(trouble.getMessage().contains("line 1: \"3x\" is not the name of a device"));
        assertTrue(trouble.getMessage().contains("line 4: "), trouble.getMessage());
        assertTrue(trouble.getMessage().contains("line 5: "), trouble.getMessage());
    }

    /** The journeys of the guide fit the schema, and what the reader refuses doesn't. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"journeys\": {\"A\": [\"back\", {\"do\": \"back\", \"shown\": [\"a\", \"b\"], \"at\": \"a\"}]}} | true",
                "{\"device\": \"500x700\", \"facts\": {\"n\": 3, \"on\": true}, \"journeys\": {}} | true",
                "{\"device\": \"kiosk\", \"journeys\": {}} | true",
                "{\"facts\": {}} | false",
                "{\"journeys\": {\"A\": 3}} | false",
                "{\"journeys\": {\"A\": [{\"att\": \"x\"}]}} | false",
                "{\"device\": \"-phone\", \"journeys\": {}} | false",
                "{\"facts\": {\"a\": []}, \"journeys\": {}} | false",
            })
    void schemaAndReaderAgree(String json, boolean isRight) throws Exception {
        var schema =
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(JourneyFile.schema());
        assertEquals(isRight, schema.validate(new ObjectMapper().readTree(json)).isEmpty(), "by the schema");
        Path file = Files.writeString(folder.resolve("j.json"), json);
        if (isRight) {
            JourneyFile.read(file);
        } else {
            assertThrows(FileException.class, () -> JourneyFile.read(file));
        }
    }

    @Test
    void theCopyOfTheSchemaInTheDocsIsCurrent() throws Exception {
        assertEquals(JourneyFile.schema(), Files.readString(Path.of("../docs/journeys.schema.json")));
    }
}
