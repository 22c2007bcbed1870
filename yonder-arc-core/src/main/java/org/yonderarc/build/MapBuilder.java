package org.yonderarc.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Collects the keys of one map of a plan. A key that is set twice has the last value. */
abstract class MapBuilder<B extends MapBuilder<B>> {
    private final Map<String, Value> entries = new LinkedHashMap<>();

    abstract B self();

    B put(String key, Value value) {
        entries.put(key, value);
        return self();
    }

    B put(String key, String text) {
        return put(key, Trees.text(text));
    }

    B put(String key, double number) {
        return put(key, Trees.number(number));
    }

    B put(String key, boolean on) {
        return put(key, Trees.flag(on));
    }

    B put(String key, Enum<?> word) {
        return put(key, Trees.text(word.name().toLowerCase(Locale.ROOT).replace('_', '-')));
    }

    B put(String key, String... texts) {
        return put(key, Trees.texts(List.of(texts)));
    }

    /** Adds an item to the list under {@code key}. */
    B add(String key, Value item) {
        var all = new ArrayList<Value>();
        if (entries.get(key) instanceof org.yonderarc.tree.ListValue list) {
            all.addAll(list.items());
        }
        all.add(item);
        return put(key, Trees.list(all));
    }

    /** One text for each scheme. */
    static MapValue each(String light, String dark) {
        var both = new LinkedHashMap<String, Value>();
        both.put("light", Trees.text(light));
        both.put("dark", Trees.text(dark));
        return Trees.map(both);
    }

    MapValue tree() {
        return Trees.map(entries);
    }
}
