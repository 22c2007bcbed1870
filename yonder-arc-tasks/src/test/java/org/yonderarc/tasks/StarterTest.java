package org.yonderarc.tasks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;
import org.yonderarc.files.PlanFile;

/** The plans to start from, and the schema beside them. */
class StarterTest {
    static final List<String> ARRANGEMENTS = Starter.ARRANGEMENTS;

    @TempDir
    Path folder;

    @ParameterizedTest
    @FieldSource("ARRANGEMENTS")
    void eachIsWithoutAFindingAndNamesItsSchema(String arrangement) throws Exception {
        Path plan = folder.resolve("quay.yaml");
        Starter.write(plan, "Quay", arrangement);
        assertEquals(List.of(), Project.open(plan).findings());
        String first = Files.readAllLines(plan).get(0);
        Path schema = folder.resolve(first.substring(first.indexOf('=') + 1));
        assertEquals(PlanFile.schema(), Files.readString(schema));

        Path json = Files.createDirectory(folder.resolve("json")).resolve("quay.json");
        Starter.write(json, "Quay", arrangement);
        assertEquals(Project.open(plan).plan(), Project.open(json).plan());
        try (Stream<Path> files = Files.list(json.getParent())) {
            assertEquals(List.of(json), files.toList());
        }
    }

    /** A schema of another version is replaced, a person's own file is not. */
    @Test
    void onlyOurOwnSchemaIsReplaced() throws Exception {
        Path schema = folder.resolve(".plan.schema.json");
        Files.writeString(schema, "{ \"$id\": \"urn:yonder-arc:plan:0\" }");
        Starter.write(folder.resolve("a.yaml"), "A", "bottom");
        assertEquals(PlanFile.schema(), Files.readString(schema));
        Files.writeString(schema, "{ \"mine\": true }");
        Starter.write(folder.resolve("b.yaml"), "B", "bottom");
        assertEquals("{ \"mine\": true }", Files.readString(schema));
        assertTrue(Files.exists(folder.resolve("b.yaml")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Quay | wdie | there is no arrangement \"wdie\". Did you mean \"wide\"?",
                "' ' | bottom | \" \" is not a name for an app. Write one without quotes and backslashes.",
                "a\"b | bottom | \"a\"b\" is not a name for an app. Write one without quotes and backslashes.",
            })
    void whatCantBeUsedIsToldAndNothingIsWritten(String name, String arrangement, String why) {
        Path plan = folder.resolve("quay.yaml");
        var told = assertThrows(InvalidRequestException.class, () -> Starter.write(plan, name, arrangement));
        assertEquals(why, told.getMessage());
        assertFalse(Files.exists(plan) || Files.exists(folder.resolve(".plan.schema.json")));
    }
}
