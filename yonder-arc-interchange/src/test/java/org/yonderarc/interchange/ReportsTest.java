package org.yonderarc.interchange;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.InputStream;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.FindingJson;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;

class ReportsTest {
    private static final PlanFile FAULTY = PlanFile.read(
            new SourceText(
                    "my plans/shore plan.yaml",
                    """
                    yonder: 1
                    app: { name: "\ud83d\udc1a", start: tidse }
                    screens: { tides: Tides, map: "Map \\u202E" }
                    menus: { main: [ tides, map ] }
                    """),
            IconNames.ANY);

    @Test
    void sarifFitsTheSchemaOfTheStandard() throws Exception {
        JsonNode log = new ObjectMapper().readTree(FindingSarif.report(FAULTY));
        try (InputStream in = ReportsTest.class.getResourceAsStream("/schema/sarif-schema-2.1.0.json")) {
            JsonSchema schema =
                    JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V7).getSchema(in);
            assertEquals(List.of(), List.copyOf(schema.validate(log)));
        }
        JsonNode result = log.at("/runs/0/results/0");
        assertEquals("unknown-screen", result.at("/ruleId").asText());
        assertEquals(
                "unknown-screen",
                log.at("/runs/0/tool/driver/rules/" + result.at("/ruleIndex").asInt() + "/id")
                        .asText());
        JsonNode place = result.at("/locations/0/physicalLocation");
        assertEquals(
                "my%20plans/shore%20plan.yaml",
                place.at("/artifactLocation/uri").asText());
        assertEquals(2, place.at("/region/startLine").asInt());
        assertEquals(26, place.at("/region/startColumn").asInt(), "the shell counts as one character");
        assertEquals(31, place.at("/region/endColumn").asInt());
    }

    @Test
    void jsonSaysWhatTheTextSays() throws Exception {
        JsonNode report = new ObjectMapper().readTree(FindingJson.report(FAULTY));
        assertEquals(1, report.at("/errors").asInt());
        assertEquals(0, report.at("/warnings").asInt(), "a plan with broken links isn't looked at as a whole");
        assertEquals("/app/start", report.at("/findings/0/pointer").asText());
        assertEquals(26, report.at("/findings/0/column").asInt());
        assertEquals("Did you mean \"tides\"?", report.at("/findings/0/remedy").asText());
    }
}
