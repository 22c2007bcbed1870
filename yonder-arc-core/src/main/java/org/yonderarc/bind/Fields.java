package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Ids;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** The keys of one map: hands out each that is asked for, and reports those that nobody asked for. */
final class Fields {
    private final MapValue map;
    private final String what;
    private final List<Finding> findings;
    private final Map<String, MapValue.Entry> entries = new LinkedHashMap<>();
    private final Set<String> asked = new LinkedHashSet<>();

    /**
     * @param what the map in the words of a message: {@code screen "survey"}
     */
    Fields(MapValue map, String what, List<Finding> findings) {
        this.map = map;
        this.what = what;
        this.findings = findings;
        for (MapValue.Entry entry : map.entries()) {
            if (entries.putIfAbsent(entry.key(), entry) != null) {
                report(
                        Code.DUPLICATE_ID,
                        entry.keySpot(),
                        "\"" + entry.key() + "\" stands twice in " + what + ".",
                        "Rename or remove one of them; the first counts until then.");
            }
        }
    }

    void report(Code code, Spot spot, String message, String remedy) {
        findings.add(new Finding(code, spot, message, remedy));
    }

    Spot spot() {
        return map.spot();
    }

    /** All entries, for a map whose keys are ids; those that break the grammar are reported and left out. */
    List<MapValue.Entry> byId(String kind) {
        var good = new ArrayList<MapValue.Entry>();
        for (MapValue.Entry entry : entries.values()) {
            var problem = Ids.problem(entry.key());
            if (problem.isEmpty()) {
                good.add(entry);
            } else {
                report(
                        Code.BAD_VALUE,
                        entry.keySpot(),
                        "\"" + entry.key() + "\" is no id for a " + kind + ": " + problem.get() + ".",
                        "Write an id such as \"shore-map\".");
            }
        }
        return good;
    }

    Optional<Value> value(String key) {
        asked.add(key);
        return Optional.ofNullable(entries.get(key)).map(MapValue.Entry::value);
    }

    /** The value, or a finding that it is missing. */
    Optional<Value> required(String key, String remedy) {
        Optional<Value> value = value(key);
        if (value.isEmpty()) {
            report(Code.MISSING_KEY, map.spot(), capitalised(what) + " has no \"" + key + "\".", remedy);
        }
        return value;
    }

    Optional<String> text(String key) {
        return value(key).flatMap(value -> textOf(value, key));
    }

    /** A text that {@code parse} accepts; its complaint becomes a finding. */
    <T> Optional<T> parsed(String key, Function<String, T> parse, String remedy) {
        return value(key).flatMap(value -> textOf(value, key).flatMap(text -> parsed(value, text, parse, remedy)));
    }

    <T> Optional<T> parsed(Value value, String text, Function<String, T> parse, String remedy) {
        try {
            return Optional.of(parse.apply(text));
        } catch (IllegalArgumentException refused) {
            report(Code.BAD_VALUE, value.spot(), capitalised(refused.getMessage()) + ".", remedy);
            return Optional.empty();
        }
    }

    Optional<String> textOf(Value value, String key) {
        if (value instanceof TextValue text) {
            return Optional.of(text.text());
        }
        wrongType(
                value, "\"" + key + "\"", "a text", "Write a text; put it in quotes if it looks like something else.");
        return Optional.empty();
    }

    void wrongType(Value value, String subject, String wanted, String remedy) {
        report(
                Code.WRONG_TYPE,
                value.spot(),
                capitalised(subject) + " takes " + wanted + ", but here is " + value.kind() + ".",
                remedy);
    }

    /** Reports every key that was not asked for. To be called last. */
    void done() {
        for (MapValue.Entry entry : entries.values()) {
            if (!asked.contains(entry.key())) {
                report(
                        Code.UNKNOWN_KEY,
                        entry.keySpot(),
                        capitalised(what) + " has no key \"" + entry.key() + "\".",
                        Suggestion.sentence(
                                entry.key(),
                                asked,
                                "It takes " + Suggestion.choice(List.copyOf(asked)) + ". Remove the line."));
            }
        }
    }

    static String capitalised(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
