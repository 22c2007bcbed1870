package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.xml.sax.InputSource;
import org.yonderarc.files.JsonText;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** What a build server does with the command: many plans at once, reports for programs, and an exit status to part by. */
class PipelineTest {
    private static final String PLAN =
            "yonder: 1\napp: { name: Quay, start: tides }\nscreens: { tides: { icon: droplet, title: Tides }, map: { icon: home } }\n"
                    + "menus: { main: [ tides, map ] }\n";
    private static final String JOURNEYS =
            "journeys:\n  There <&\"> again: [ { do: choose:map, at: map } ]\n  Astray: [ { do: choose:map, at: tides } ]\n";

    @TempDir
    private Path folder;

    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    private int yonder(Object... arguments) {
        out = new StringWriter();
        err = new StringWriter();
        var all = java.util.stream.Stream.of(arguments).map(String::valueOf).toArray(String[]::new);
        return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), all);
    }

    @BeforeEach
    void plans() throws Exception {
        Files.createDirectories(folder.resolve("app/inner"));
        Files.createDirectories(folder.resolve("app/target"));
        Files.createDirectories(folder.resolve("app/.hidden"));
        Files.writeString(folder.resolve("app/quay.yaml"), PLAN);
        Files.writeString(folder.resolve("app/inner/other.json"), "{ \"yonder\": 1, \"app\": { \"name\": \"A\" } }");
        Files.writeString(folder.resolve("app/inner/settings.yaml"), "colour: teal\n");
        Files.writeString(folder.resolve("app/target/made.yaml"), PLAN);
        Files.writeString(folder.resolve("app/.hidden/made.yaml"), PLAN);
        Files.writeString(folder.resolve("journeys.yaml"), JOURNEYS);
    }

    private Path app(String name) {
        return folder.resolve("app").resolve(name);
    }

    private static Value at(Value value, Object... path) {
        Value here = value;
        for (Object step : path) {
            here = step instanceof Integer index
                    ? ((ListValue) here).items().get(index)
                    : ((MapValue) here).entry((String) step).orElseThrow().value();
        }
        return here;
    }

    private static String text(Value value, Object... path) {
        return ((TextValue) at(value, path)).text();
    }

    /** All plans of a folder, none of others' folders, and nothing that isn't a plan. */
    @Test
    void aFolderIsCheckedWithAllItsPlans() throws Exception {
        assertEquals(1, yonder("check", folder.resolve("app")));
        assertTrue(out.toString().contains("other.json: 2 errors"), out.toString());
        assertTrue(out.toString().contains("quay.yaml: nothing to report"), out.toString());
        assertFalse(out.toString().contains("settings") || out.toString().contains("made.yaml"), out.toString());
        assertEquals(1, yonder("check", app("quay.yaml"), app("inner"), "--json"));
        Value report = JsonText.read(out.toString());
        assertEquals(2, ((NumberValue) at(report, "errors")).number());
        assertEquals(2, ((ListValue) at(report, "files")).items().size());
        assertEquals("missing-start", text(report, "files", 1, "findings", 1, "code"));
        assertEquals(2, yonder("check", folder.resolve("app/.hidden/none")));
        Files.delete(app("inner/other.json"));
        assertEquals(2, yonder("check", app("inner")));
        assertTrue(err.toString().contains("no plan is in this folder"), err.toString());
    }

    /** One that can't be read keeps nobody from the reports on the others. */
    @Test
    void theOthersAreCheckedWhereOneCanNotBeRead() {
        assertEquals(2, yonder("check", app("none.yaml"), app("quay.yaml")));
        assertTrue(out.toString().contains("quay.yaml: nothing to report"), out.toString());
        assertTrue(err.toString().contains("none.yaml: there is no such file"), err.toString());
    }

    /** The same finding has the same fingerprint when a line comes above it. */
    @Test
    void fingerprintsStayWhenLinesMove() throws Exception {
        Path plan = app("inner/broken.yaml");
        Files.writeString(plan, PLAN.replace("start: tides", "start: tide"));
        yonder("check", plan, "--sarif");
        Value before = JsonText.read(out.toString());
        Files.writeString(plan, "# A line more.\n" + Files.readString(plan));
        yonder("check", plan, "--sarif");
        Value after = JsonText.read(out.toString());
        Object[] print = {"runs", 0, "results", 0, "partialFingerprints", "codeAndPlace/v1"};
        assertEquals(text(before, print), text(after, print));
        Object[] line = {"runs", 0, "results", 0, "locations", 0, "physicalLocation", "region", "startLine"};
        assertEquals(1 + ((NumberValue) at(before, line)).number(), ((NumberValue) at(after, line)).number());
        assertTrue(text(after, "runs", 0, "tool", "driver", "version").matches("\\d+\\.\\d+\\.\\d+"));
        Object[] uri = {"runs", 0, "results", 0, "locations", 0, "physicalLocation", "artifactLocation", "uri"};
        assertEquals(plan.toUri().toString(), text(after, uri));
        Path here = Files.createDirectories(Path.of("target", "pipeline")).resolve("quay.yaml");
        Files.writeString(here, Files.readString(plan));
        yonder("check", here.toAbsolutePath(), "--sarif");
        assertEquals("target/pipeline/quay.yaml", text(JsonText.read(out.toString()), uri));
    }

    @Test
    void differentPlansAndFailedJourneysHaveAStatusOfTheirOwn() throws Exception {
        Path old = folder.resolve("old.yaml");
        Files.writeString(old, PLAN);
        assertEquals(0, yonder("compare", old, app("quay.yaml"), "--json"));
        assertEquals("[ ]", out.toString().strip());
        Files.writeString(old, PLAN.replace("name: Quay", "name: Pier"));
        assertEquals(3, yonder("compare", old, app("quay.yaml")));
        assertEquals(3, yonder("compare", old, app("quay.yaml"), "--json"));
        assertEquals("renamed", text(JsonText.read(out.toString()), 0, "what"));
        Files.writeString(old, PLAN.replace("start: tides", "start: tide"));
        assertEquals(1, yonder("compare", old, app("quay.yaml")));
        assertEquals(3, yonder("walk", app("quay.yaml"), folder.resolve("journeys.yaml")));
        assertEquals(1, yonder("walk", old, folder.resolve("journeys.yaml")));
        assertEquals(2, yonder("walk", app("quay.yaml"), folder.resolve("none.yaml")));
    }

    @Test
    void journeysAreReportedAsJsonAndAsXml() throws Exception {
        Path xml = folder.resolve("report.xml");
        Path pictures = folder.resolve("made/failed");
        assertEquals(
                3, yonder("walk", app("quay.yaml"), folder.resolve("journeys.yaml"), "--junit", xml, "-o", pictures));
        assertTrue(Files.exists(pictures.resolve("astray.png")));
        var document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(Files.readString(xml))));
        var cases = document.getElementsByTagName("testcase");
        assertEquals(
                "There <&\"> again",
                cases.item(0).getAttributes().getNamedItem("name").getNodeValue());
        var failures = document.getElementsByTagName("failure");
        assertEquals(1, failures.getLength());
        assertTrue(failures.item(0).getTextContent().contains("at should be \"tides\", but is \"map\""));
        Files.writeString(folder.resolve("others.yaml"), JOURNEYS);
        Path both = folder.resolve("made/both");
        yonder("walk", app("quay.yaml"), folder.resolve("journeys.yaml"), folder.resolve("others.yaml"), "-o", both);
        assertTrue(Files.exists(both.resolve("astray.png")) && Files.exists(both.resolve("astray-2.png")));
        assertEquals(3, yonder("walk", app("quay.yaml"), folder.resolve("journeys.yaml"), "--json"));
        Value report = JsonText.read(out.toString());
        assertEquals("Astray", text(report, 1, "journey"));
        assertTrue(text(report, 1, "difference").startsWith("Astray, line 3: at should be"));
    }

    @Test
    void iconsAreFoundAsJson() {
        assertEquals(0, yonder("icons", "anchor", "--most", 1, "--json"));
        assertEquals("anchor", text(JsonText.read(out.toString()), 0, "icon"));
    }

    /** Everything that is printed for programs is as the schema says. */
    @ParameterizedTest
    @CsvSource({
        "check, check app/quay.yaml",
        "check, check app/inner/other.json",
        "check-many, check app",
        "compare, compare app/quay.yaml old.yaml",
        "journeys, walk app/quay.yaml journeys.yaml",
        "walk, walk app/quay.yaml choose:map back",
        "icons, icons water",
    })
    void whatIsPrintedIsAsTheSchemaSays(String name, String command) throws Exception {
        Files.writeString(folder.resolve("old.yaml"), PLAN.replace("name: Quay", "name: Pier"));
        var words = java.util.stream.Stream.of((command + " --json").split(" "))
                .map(word -> word.matches(".*\\.(yaml|json)|app")
                        ? folder.resolve(word).toString()
                        : word);
        yonder(words.toArray());
        var mapper = new ObjectMapper();
        var whole = (ObjectNode)
                mapper.readTree(Path.of("../docs/output.schema.json").toFile());
        whole.remove("anyOf");
        whole.put("$ref", "#/$defs/" + name);
        var schema =
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(whole);
        var printed = mapper.readTree(out.toString());
        assertTrue(printed.size() > 0, err.toString());
        assertEquals(java.util.Set.of(), schema.validate(printed));
    }
}
