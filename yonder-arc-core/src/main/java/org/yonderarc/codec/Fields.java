package org.yonderarc.codec;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Ids;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** The keys of one map: hands out each that is asked for, and reports those that nobody asked for. */
public final class Fields {
    private final MapValue map;
    private final Context context;
    private final Map<String, MapValue.Entry> entries = new LinkedHashMap<>();
    private final Set<String> asked = new LinkedHashSet<>();

    public Fields(MapValue map, Context context) {
        this.map = map;
        this.context = context;
        for (MapValue.Entry entry : map.entries()) {
            if (entries.putIfAbsent(entry.key(), entry) != null) {
                context.report(
                        Code.DUPLICATE_ID,
                        entry.keySpot(),
                        "\"" + entry.key() + "\" stands twice in " + context.subject() + ".",
                        "Rename or remove one of them; the first counts until then.");
            }
        }
    }

    public Context context() {
        return context;
    }

    public MapValue map() {
        return map;
    }

    /** All entries, for a map whose keys are ids; those that break the grammar are reported and left out. */
    public List<MapValue.Entry> byId(String kind) {
        var good = new ArrayList<MapValue.Entry>();
        for (MapValue.Entry entry : entries.values()) {
            var problem = Ids.problem(entry.key());
            if (problem.isEmpty()) {
                good.add(entry);
            } else {
                context.report(
                        Code.BAD_VALUE,
                        entry.keySpot(),
                        "\"" + entry.key() + "\" is not an id for a " + kind + ": " + problem.get() + ".",
                        "Write an id such as \"shore-map\".");
            }
        }
        return good;
    }

    public boolean has(String key) {
        return entries.containsKey(key);
    }

    public Optional<Value> value(String key) {
        asked.add(key);
        return Optional.ofNullable(entries.get(key)).map(MapValue.Entry::value);
    }

    /** Reports every key that was not asked for. To be called last. */
    public void done() {
        for (MapValue.Entry entry : entries.values()) {
            if (!asked.contains(entry.key()) && !context.findings().wants(Code.UNKNOWN_KEY)) {
                context.findings().leaveOut(Code.UNKNOWN_KEY, entry.keySpot());
            } else if (!asked.contains(entry.key())) {
                String remedy = Suggestion.sentence(
                        entry.key(), asked, "It takes " + Suggestion.choice(List.copyOf(asked)) + ". Remove the line.");
                context.findings()
                        .add(new Finding(
                                Code.UNKNOWN_KEY,
                                entry.keySpot(),
                                context.opening() + " has no key \"" + entry.key() + "\".",
                                remedy,
                                Suggestion.fix(entry.key(), free())));
            }
        }
    }

    /** The keys that were asked for and are not there: a misspelt key can't mean one that is. */
    private List<String> free() {
        return asked.stream().filter(key -> !entries.containsKey(key)).collect(toList());
    }
}
