package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
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
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;

/**
 * No key is silently ignored: wherever the schema allows a key, some value of it changes what a plan shows or does, or the check says
 * that it has no effect there.
 */
class KeysShowTest extends KeysShowFixture {
    /** In as many views most keys have shown. */
    private static final int SOON = 6;

    /** One of how many keys is tried in each form; all of them with 1, and then what is told to have no effect is looked at, too. */
    private static final int EVERY = Integer.getInteger("yonder.every", 10);

    private static final boolean LONG = EVERY == 1;

    /** Keys of which some value was taken somewhere, and keys of which none was taken somewhere. */
    private final Set<String> known = new HashSet<>();

    private final Set<String> refused = new TreeSet<>();

    KeysShowTest() throws Exception {}

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

    @TestFactory
    Stream<DynamicTest> everyKeyShowsOrIsSaidToHaveNoEffect() {
        DynamicTest last = DynamicTest.dynamicTest("a value was found for each key", () -> {
            refused.removeAll(known);
            assertEquals(Set.of(), refused);
        });
        return Stream.concat(hosts().map(this::test), Stream.of(last));
    }

    private DynamicTest test(Host host) {
        return DynamicTest.dynamicTest(host.name(), () -> {
            Map<String, String> silent = null;
            for (String text : host.plans()) {
                JsonNode plan = JSON.readTree(JsonText.write(YamlTree.parse(text)));
                var here = new TreeMap<String, String>();
                look(host.name(), plan, host.at(), schema.at("/$defs/" + host.definition()), "", 0, here);
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
}
