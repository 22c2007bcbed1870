package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;

/** The schema and the reader agree, on a plan with every key and on every way of spoiling one value of it. */
class SchemaTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    private final JsonSchema schema =
            JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(PlanFile.schema());

    static Plan everything() throws Exception {
        try (var in = SchemaTest.class.getResourceAsStream("everything.yaml")) {
            String yaml = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            PlanFile read = PlanFile.read(new SourceText("everything.yaml", yaml), IconNames.ANY);
            return read.plan()
                    .orElseThrow(() -> new AssertionError(FindingText.report(read, FindingText.Colours.NONE)));
        }
    }

    @Test
    void theSchemaItselfIsValid() throws Exception {
        JsonSchema meta = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(java.net.URI.create("https://json-schema.org/draft/2020-12/schema"));
        assertEquals(List.of(), List.copyOf(meta.validate(JSON.readTree(PlanFile.schema()))));
    }

    /** Samples of values, samples of texts and the folder of icons, which messages quote as they quote keys. */
    private static final Set<String> QUOTED =
            Set.of("en", "geo", "false", "on", "off", "https", "http", "shore-map", "wanted", "icons");

    /** What a finding names in quotes, and what it points to, is a key of the schema or a word that one takes. */
    @Test
    void findingsNameKeysThatThereAre() throws Exception {
        var known = new HashSet<>(QUOTED);
        words(JSON.readTree(PlanFile.schema()), known);
        var quoted = Pattern.compile("\\\\\"([a-z][a-z.-]*)(?::[^\"\\\\]*)?\\\\\"|\"/([a-z][a-z-]*)");
        var unknown = new TreeSet<String>();
        int count = 0;
        for (String part : List.of("check", "form", "fit", "bind")) {
            try (Stream<Path> files = Files.walk(Path.of("../yonder-arc-core/src/main/java/org/yonderarc", part))) {
                for (Path file : files.filter(Files::isRegularFile).toList()) {
                    var matcher = quoted.matcher(Files.readString(file));
                    while (matcher.find()) {
                        String name = matcher.group(1) == null ? matcher.group(2) : matcher.group(1);
                        count++;
                        Stream.of(name.split("\\."))
                                .filter(key -> !key.isEmpty() && !known.contains(key))
                                .forEach(key -> unknown.add(file.getFileName() + ": " + key));
                    }
                }
            }
        }
        assertEquals(Set.of(), unknown);
        assertTrue(count > 100, "names are looked at: " + count);
    }

    private static void words(JsonNode schema, Set<String> known) {
        schema.path("properties").fieldNames().forEachRemaining(known::add);
        schema.path("enum").forEach(word -> known.add(word.asText()));
        known.add(schema.path("const").asText());
        schema.forEach(inner -> words(inner, known));
    }

    @Test
    void aPlanWithEveryKeyIsWrittenWithoutLoss() throws Exception {
        Plan plan = everything();
        for (SourceText text : List.of(
                new SourceText("p.yaml", PlanFile.toYaml(plan)), new SourceText("p.json", PlanFile.toJson(plan)))) {
            PlanFile again = PlanFile.read(text, IconNames.ANY);
            assertEquals(plan, again.plan().orElseThrow(), text::text);
        }
    }

    @Test
    void agreesWithTheReaderOnRightAndWrongPlans() throws Exception {
        JsonNode right = JSON.readTree(PlanFile.toJson(everything()));
        assertEquals(List.of(), List.copyOf(schema.validate(right)));
        var disagreements = new ArrayList<String>();
        int[] cases = new int[2];
        spoiled(right, "", wrong -> {
            boolean fits = schema.validate(wrong.plan).isEmpty();
            boolean reads = reads(wrong.plan);
            cases[fits ? 1 : 0]++;
            // A text may break a grammar that a regular expression can't tell; everything else must agree.
            boolean looser = fits && !reads && wrong.what.endsWith("\"###\"");
            if (fits != reads && !looser) {
                disagreements.add(
                        wrong.what + (fits ? ": only the schema accepts it" : ": only the reader accepts it"));
            }
        });
        assertEquals(List.of(), disagreements);
        assertTrue(
                cases[0] > 500 / EVERY && cases[1] > 50 / EVERY,
                "many wrong plans and many right ones: " + cases[0] + ", " + cases[1]);
    }

    @Test
    void theCopyInTheDocsIsCurrent() throws Exception {
        assertEquals(PlanFile.schema(), Files.readString(Path.of("../docs/plan.schema.json")));
    }

    /** One of how many plans with one fault each is tried; all of them with 1. */
    private static final int EVERY = Integer.getInteger("yonder.every", 5);

    record Spoiled(String what, JsonNode plan) {}

    private static boolean reads(JsonNode plan) {
        try {
            return !Finding.anyError(
                    PlanReader.read(JsonTree.parse(plan.toString())).findings());
        } catch (ParseException impossible) {
            throw new AssertionError(impossible);
        }
    }

    /** Copies of {@code root} in which one value is replaced or removed, or one key is added; one of {@link #EVERY}, the same in each run. */
    static void spoiled(JsonNode root, String at, Consumer<Spoiled> take) throws Exception {
        JsonNode here = root.at(at);
        if (here instanceof ObjectNode object) {
            spoil(root, at, at + " gets a key", there -> ((ObjectNode) there).put("zzz-not-a-key", 1), take);
            for (String key : (Iterable<String>) object::fieldNames) {
                String below = at + "/" + key.replace("~", "~0").replace("/", "~1");
                spoil(root, at, below + " removed", there -> ((ObjectNode) there).remove(key), take);
                for (String value : List.of("42", "-1", "true", "\"###\"", "\"all\"", "[]", "{}", "null")) {
                    JsonNode put = JSON.readTree(value);
                    spoil(root, at, below + " = " + value, there -> ((ObjectNode) there).set(key, put), take);
                }
                spoiled(root, below, take);
            }
        } else if (here instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int index = i;
                for (String value : List.of("42", "true", "\"###\"", "[]", "{}", "null")) {
                    JsonNode put = JSON.readTree(value);
                    spoil(root, at, at + "/" + i + " = " + value, there -> ((ArrayNode) there).set(index, put), take);
                }
                spoiled(root, at + "/" + i, take);
            }
        }
    }

    private static void spoil(
            JsonNode root, String at, String what, Consumer<JsonNode> change, Consumer<Spoiled> take) {
        if (Math.floorMod(what.hashCode(), EVERY) == 0) {
            JsonNode other = root.deepCopy();
            change.accept(other.at(at));
            take.accept(new Spoiled(what, other));
        }
    }
}
