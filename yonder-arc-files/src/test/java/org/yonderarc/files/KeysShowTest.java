package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.check.Check;
import org.yonderarc.check.FileNames;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;

/**
 * No key is silently ignored: wherever the schema allows a key, some value of it changes what a plan shows or does, or the check says
 * that it has no effect there.
 */
class KeysShowTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int DEEPEST = 4;
    private static final int MOST_VALUES = 8;
    /** In as many views most keys have shown. */
    private static final int SOON = 6;

    /** One of how many keys is tried in each form; all of them with 1, and then what is told to have no effect is looked at, too. */
    private static final int EVERY = Integer.getInteger("yonder.every", 10);

    private static final boolean LONG = EVERY == 1;

    /** Texts of which the reader takes those that fit a key. */
    private static final List<String> TEXTS = List.of(
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

    private final JsonNode schema;
    /** Keys of which some value was taken somewhere, and keys of which none was taken somewhere. */
    private final Set<String> known = new HashSet<>();

    private final Set<String> refused = new TreeSet<>();

    KeysShowTest() throws Exception {
        schema = JSON.readTree(PlanFile.schema());
    }

    /** A place at which keys stand: plans of which one shows each key, the pointer to the place, the definition of what stands there. */
    private record Host(String name, List<String> plans, String at, String definition) {
        Host(String name, String plan, String at, String definition) {
            this(name, List.of(plan), at, definition);
        }
    }

    private static final String HEAD =
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
    private static final String LONG_LABEL = HEAD.replace("{ screen: b, badge: n }", "{ screen: b, id: b }")
            .replace(
                    "b: { icon: map-pin, wireframe: detail }",
                    "b: { title: Whatever can be said of it in a bar, icon: map-pin, wireframe: { kind: list, rows: [ One, Two ] } }");

    /** Keys of which an item has one. */
    private static final List<String> TARGETS = List.of("screen", "web", "document", "signal", "sets");

    /** Keys that nothing in a picture can show, each with the reason. */
    private static final Map<String, String> ELSEWHERE = Map.ofEntries(
            Map.entry("section.id", "names the section for steps"),
            Map.entry("app.required", "is looked at by the check alone"),
            Map.entry("app.link-schemes", "are the hosts of addresses from outside"),
            Map.entry("app.text-files", "names a file that the reader fills in before"),
            Map.entry("theme.colours", "are names for styles"),
            Map.entry("parameter.kind", "is which addresses and links fit"),
            Map.entry("screen.under", "is where links lead as long as no item leads to a screen"),
            Map.entry("theme.icon-set", "is the set that hosts look names up in"),
            Map.entry("theme.font", "is the file that hosts set texts in"),
            Map.entry("theme.font.semibold", "is the file that hosts set texts in"),
            Map.entry("theme.token-file", "names a file that the reader fills in before"));

    private static Stream<Host> hosts() {
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

    @TestFactory
    Stream<DynamicTest> everyKeyShowsOrIsSaidToHaveNoEffect() {
        DynamicTest last = DynamicTest.dynamicTest("a value was found for each key", () -> {
            refused.removeAll(known);
            assertEquals(Set.of(), refused);
        });
        return Stream.concat(hosts().map(this::test), Stream.of(last));
    }

    private DynamicTest test(Host host) {
        return DynamicTest.dynamicTest(host.name, () -> {
            Map<String, String> silent = null;
            for (String text : host.plans) {
                JsonNode plan = JSON.readTree(JsonText.write(YamlTree.parse(text)));
                var here = new TreeMap<String, String>();
                look(host.name, plan, host.at, schema.at("/$defs/" + host.definition), "", 0, here);
                if (silent == null) {
                    silent = here;
                } else {
                    silent.keySet().retainAll(here.keySet());
                }
            }
            assertEquals(Map.of(), silent);
        });
    }

    /** Every key that {@code definition} allows at {@code at}. */
    private void look(
            String host,
            JsonNode plan,
            String at,
            JsonNode definition,
            String path,
            int depth,
            Map<String, String> silent) {
        var base =
                new Everywhere(sound(plan).orElseThrow(() -> new AssertionError("the plan to start from has errors")));
        JsonNode object = object(definition);
        String about = object.path("description").asText() + " ";
        for (Map.Entry<String, JsonNode> property : object.path("properties").properties()) {
            String key = property.getKey();
            boolean isChosen = depth > 0 || Math.floorMod((host + key).hashCode(), EVERY) == 0;
            String name = path.isEmpty() ? key : path + "." + key;
            if (plan.at(at).has(key) || !isChosen || isElsewhere(definition, name)) {
                continue;
            }
            var taken = new ArrayList<JsonNode>();
            boolean shows = false;
            boolean told = false;
            var looked = new HashSet<String>();
            for (JsonNode value : values(property.getValue(), 0)) {
                boolean isDone = shows || told || taken.size() == MOST_VALUES;
                if (isDone && (!value.isObject() || looked.contains(described(value)))) {
                    continue;
                }
                JsonNode with = plan.deepCopy();
                ObjectNode there = (ObjectNode) with.at(at);
                if (TARGETS.contains(key) && there.has("screen")) {
                    there.remove(TARGETS);
                }
                there.set(key, value);
                Optional<Plan> other = sound(with);
                if (other.isEmpty()) {
                    continue;
                }
                known.add(about + key);
                String pointer = at + "/" + key;
                boolean isEmptyMap = value.isContainerNode() && value.isEmpty();
                if (!isEmptyMap && !isDone) {
                    taken.add(value);
                    var seen = new Everywhere(other.get());
                    shows = base.differs(seen, SOON);
                    told = !shows && isTold(with, other.get(), pointer);
                    shows |= (!told || LONG) && base.differs(seen, Integer.MAX_VALUE);
                    if (told && shows) {
                        silent.put(name, "is told to have no effect, but " + value + " has one");
                    }
                }
                // Styles are hosts of their own.
                if (value.isObject() && depth < DEEPEST && !key.equals("style") && looked.add(described(value))) {
                    look(host, with, pointer, object(property.getValue()), name + described(value), depth + 1, silent);
                }
            }
            if (taken.isEmpty() && looked.isEmpty()) {
                refused.add(about + key);
            } else if (!taken.isEmpty() && !shows && !told) {
                silent.put(name, "is silent: " + taken);
            }
        }
    }

    private boolean isElsewhere(JsonNode definition, String name) {
        return ELSEWHERE.keySet().stream().anyMatch(known -> {
            int dot = known.indexOf('.');
            return known.substring(dot + 1).equals(name)
                    && schema.at("/$defs/" + known.substring(0, dot)).equals(definition);
        });
    }

    private static boolean isTold(JsonNode written, Plan plan, String pointer) {
        Stream<Finding> read;
        try {
            read = PlanReader.read(JsonTree.parse(written.toString())).findings().stream();
        } catch (ParseException impossible) {
            throw new AssertionError(impossible);
        }
        return Stream.concat(read, Check.plan(plan, IconNames.ANY).stream())
                .filter(finding -> finding.code() == Code.NO_EFFECT)
                .anyMatch(finding -> (pointer + "/").startsWith(finding.spot().pointer() + "/"));
    }

    /** What kind of thing a map makes: its words, but no names, colours, texts or numbers of a plan. */
    private static String described(JsonNode value) {
        var out = new StringBuilder(value.has("to") ? " gradient" : "");
        value.properties().stream()
                .filter(one -> List.of("kind", "shape", "form").contains(one.getKey()))
                .forEach(one -> out.append(' ').append(one.getValue().asText()));
        return out.toString();
    }

    /** The plan, if it can be read and its links lead somewhere. */
    private static Optional<Plan> sound(JsonNode plan) {
        try {
            return PlanReader.read(JsonTree.parse(plan.toString()))
                    .plan()
                    .filter(read -> !Finding.anyError(Check.draft(read, IconNames.ANY, FileNames.ANY)));
        } catch (ParseException impossible) {
            throw new AssertionError(impossible);
        }
    }

    private JsonNode resolved(JsonNode definition) {
        return definition.has("$ref")
                ? schema.at(definition.get("$ref").asText().substring(1))
                : definition;
    }

    /** The map that a definition allows, if it allows one. */
    private JsonNode object(JsonNode definition) {
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
    private List<JsonNode> values(JsonNode definition, int depth) {
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

    private static List<Double> numbers(JsonNode here) {
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
    private void objects(JsonNode here, int depth, List<JsonNode> out) {
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
