package org.yonderarc.files;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.check.Check;
import org.yonderarc.check.FileNames;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;

/** Plans into which a value of any key is put, and values for each key from its schema. */
abstract class KeysShowFixture {
    static final ObjectMapper JSON = new ObjectMapper();

    static final int DEEPEST = 4;

    static final int MOST_VALUES = 8;

    /** Texts of which the reader takes those that fit a key. */
    static final List<String> TEXTS = List.of(
            "#c02020",
            "accent",
            "c",
            "b",
            "n",
            "wanted",
            "who",
            "bold",
            "star",
            "beds",
            "/x/y",
            "b?x=1",
            "{who}!",
            "front.png",
            "front.svg",
            "n > 5",
            "steps(4, jump-both)",
            "https://quay.example/x",
            "de",
            "phone",
            "main",
            "part",
            "on");

    final JsonNode schema;

    KeysShowFixture() throws Exception {
        schema = JSON.readTree(PlanFile.schema());
    }

    /** A place at which keys stand: plans of which one shows each key, the pointer to the place, the definition of what stands there. */
    record Host(String name, List<String> plans, String at, String definition) {
        Host(String name, String plan, String at, String definition) {
            this(name, List.of(plan), at, definition);
        }
    }

    static final String HEAD =
            """
            yonder: 1
            app: { name: Quay, start: a, languages: [ en, de ], logo: logo.svg }
            facts: { n: 3, who: Ana, wanted: '', on: true, beds: [ { id: 1, label: North }, { id: 2, label: South } ] }
            screens:
              a: { icon: home, wireframe: { kind: list, rows: [ { title: One, screen: "d?x=1" }, { title: Two }, { title: Three }, { title: R4 }, { title: R5 }, { title: R6 }, { title: R7 }, { title: R8 }, { title: R9 }, { title: R10 }, { title: R11 }, { title: R12 }, { title: R13 }, { title: R14 }, { title: R15 }, { title: R16 }, { title: R17 }, { title: R18 }, { title: R19 } ] } }
              b: { icon: map-pin, wireframe: detail }
              c: { icon: user }
              d: { title: "D {x}", under: a, path: "/d/{x}" }
              e: { icon: settings }
              f: { icon: star }
              g: { icon: bell, under: b }
              h: { icon: anchor, under: b }
            styles: { bold: { bold: all, icon-size: 30 } }
            menus:
              main:
                - { screen: a, badge: n }
                - { screen: b, badge: n }
                - { signal: leave, label: Leave, icon: door, badge: n, enabled: n > 9 }
                - { section: More, items: [ { screen: c, id: c }, e ] }
                - divider
                - { screen: f, badge: { fact: n, kind: dot } }
              part: [ g, h ]
            """;

    /** One of the items says much, and leads to a screen with rows. */
    static final String LONG_LABEL = HEAD.replace("{ screen: b, badge: n }", "{ screen: b, id: b }")
            .replace(
                    "b: { icon: map-pin, wireframe: detail }",
                    "b: { title: Whatever can be said of it in a bar, icon: map-pin, wireframe: { kind: list, rows: [ One, Two ] } }");

    static Stream<Host> hosts() {
        var out = new ArrayList<Host>();
        Map<String, String> forms = new TreeMap<>(Map.of(
                "bottom", "",
                "rail", "",
                "drawer", "",
                "drawer kept", "form: drawer, opens: always, ",
                "drawer beneath", "form: drawer, opens: beneath, ",
                "top", "",
                "radial", "",
                "grid", "form: grid, on-screens: [ a ], ",
                "grid rows", "form: grid, on-screens: [ a ], layout: rows, ",
                "grid cards", "form: grid, on-screens: [ a ], layout: cards, "));
        forms.forEach((name, form) -> {
            String kind = name.split(" ")[0];
            String bar = "  - { " + (form.isEmpty() ? "form: " + kind + ", " : form)
                    + "menu: main, style: { bold: none } }\n";
            String bars = "bars:\n" + bar + (kind.equals("top") ? "" : "  - { form: top }\n");
            out.add(new Host(name, HEAD + bars, "/bars/0", "form-" + kind));
            out.add(new Host(name + " style", HEAD + bars, "/bars/0/style", "style"));
            out.add(new Host(name + " item", LONG_LABEL + bars, "/menus/main/1", "item"));
            out.add(new Host(name + " section", HEAD + bars, "/menus/main/3", "section"));
            if (List.of("bottom", "rail", "top", "drawer kept").contains(name)) {
                out.add(new Host(
                        name + " motion",
                        HEAD + "motion: { drawers: 100, transition: none, reduced: none, states: 0 }\n" + bars,
                        "/motion",
                        "motion"));
            }
        });
        String usual = LONG_LABEL + "bars: [ { menu: main, form: bottom, action: leave }, top ]\n";
        String kept = "{ form: drawer, opens: always, collapsed-width: 80, show-logo: true }";
        String logos = HEAD + "bars: [ { menu: main, forms: { phone: { form: drawer, filter: wanted }, tablet: " + kept
                + ", desktop: " + kept + " } }, top ]\n";
        out.add(new Host("theme", "theme: { light: { accent: '#0b3d91' } }\n" + usual, "/theme", "theme"));
        out.add(new Host("screen", usual, "/screens/b", "screen"));
        out.add(new Host(
                "app",
                List.of(logos, usual, HEAD + "bars: [ { menu: main, form: bottom, max-items: 3 }, top ]\n"),
                "/app",
                "app"));
        String numbered = usual.replace("path: \"/d/{x}\"", "path: \"/d/{x}{?y}\", parameters: { x: {}, y: {} }");
        out.add(new Host("parameter", numbered, "/screens/d/parameters/x", "parameter"));
        out.add(new Host("parameter left out", numbered, "/screens/d/parameters/y", "parameter"));
        out.add(new Host("row", usual, "/screens/a/wireframe/rows/1", "row"));
        // One form alone, while somebody works on it: -Dyonder.host=bottom.
        String only = System.getProperty("yonder.host", "");
        return out.stream().filter(host -> host.name.startsWith(only));
    }

    /** The plan, if it can be read and its links lead somewhere. */
    static Optional<Plan> sound(JsonNode plan) {
        try {
            return PlanReader.read(JsonTree.parse(plan.toString()))
                    .plan()
                    .filter(read -> !Finding.anyError(Check.draft(read, IconNames.ANY, FileNames.ANY)));
        } catch (ParseException impossible) {
            throw new AssertionError(impossible);
        }
    }

    JsonNode resolved(JsonNode definition) {
        return definition.has("$ref")
                ? schema.at(definition.get("$ref").asText().substring(1))
                : definition;
    }

    /** The map that a definition allows, if it allows one. */
    JsonNode object(JsonNode definition) {
        JsonNode here = resolved(definition);
        if (here.path("type").asText().equals("object")) {
            return here;
        }
        for (JsonNode one : here.path("anyOf")) {
            JsonNode found = object(one);
            if (found.has("properties")) {
                return found;
            }
        }
        return JSON.createObjectNode();
    }

    /** Values that tell whether a key does something. */
    List<JsonNode> values(JsonNode definition, int depth) {
        var out = new ArrayList<JsonNode>();
        JsonNode here = resolved(definition);
        if (here.has("const")) {
            out.add(here.get("const"));
        }
        here.path("enum").forEach(out::add);
        here.path("type")
                .forEach(type -> out.addAll(values(JSON.createObjectNode().set("type", type), depth)));
        switch (here.path("type").asText()) {
            case "boolean" ->
                List.of(true, false)
                        .forEach(flag -> out.add(JSON.getNodeFactory().booleanNode(flag)));
            case "integer", "number" ->
                numbers(here).forEach(number -> out.add(JSON.getNodeFactory().numberNode(number)));
            case "string" -> TEXTS.forEach(text -> out.add(JSON.getNodeFactory().textNode(text)));
            case "array" ->
                values(here.path("items"), depth + 1)
                        .forEach(item -> out.add(JSON.createArrayNode().add(item)));
            case "object" -> objects(here, depth, out);
            default -> {}
        }
        here.path("anyOf").forEach(one -> out.addAll(values(one, depth)));
        if (here.has("allOf")) {
            here.path("allOf").forEach(one -> out.addAll(values(one, depth)));
        }
        return out;
    }

    static List<Double> numbers(JsonNode here) {
        double least = here.path("minimum").asDouble(0);
        double most = here.path("maximum").asDouble(1000);
        boolean isWhole = here.path("type").asText().equals("integer");
        return Stream.of(most, least, (least + most) / 2, 20.0)
                .filter(number -> number >= least && number <= most)
                .map(number -> isWhole ? Math.floor(number) : number)
                .distinct()
                .toList();
    }

    /** The least maps that are allowed: the required keys alone, with each of their values. */
    void objects(JsonNode here, int depth, List<JsonNode> out) {
        if (depth > DEEPEST) {
            return;
        }
        List<ObjectNode> made = new ArrayList<>(List.of(JSON.createObjectNode()));
        for (JsonNode required : here.path("required")) {
            List<JsonNode> values = values(here.path("properties").path(required.asText()), depth + 1);
            var more = new ArrayList<ObjectNode>();
            for (ObjectNode one : made) {
                for (JsonNode value : values) {
                    ObjectNode next = one.deepCopy();
                    next.set(required.asText(), value);
                    more.add(next);
                }
            }
            made = more;
        }
        if (here.path("additionalProperties").isObject()) {
            for (String key : List.of("en", "light", "phone", "n")) {
                for (JsonNode value : values(here.get("additionalProperties"), depth + 1)) {
                    out.add(JSON.createObjectNode().set(key, value));
                }
            }
        }
        out.addAll(made);
        if (here.path("description").asText().contains("gradient")) {
            out.add(JSON.createObjectNode().put("from", "accent").put("to", "#c02020"));
        }
    }
}
