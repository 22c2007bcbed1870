package org.yonderarc.live;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import org.yonderarc.files.JsonText;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NullValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** What pages and the server say to each other. */
final class Json {
    private Json() {}

    /** A map of these keys and values, in order; texts, numbers, flags, lists and values. */
    static MapValue map(Object... pairs) {
        var out = new LinkedHashMap<String, Value>();
        for (int i = 0; i < pairs.length; i += 2) {
            out.put((String) pairs[i], value(pairs[i + 1]));
        }
        return Trees.map(out);
    }

    private static Value value(Object any) {
        if (any instanceof Value value) {
            return value;
        }
        if (any instanceof Number number) {
            return Trees.number(number.doubleValue());
        }
        if (any instanceof Boolean on) {
            return Trees.flag(on);
        }
        if (any instanceof List<?> list) {
            return Trees.list(list.stream().map(Json::value).toList());
        }
        return Trees.text(any.toString());
    }

    static String text(Value value) {
        return JsonText.write(value);
    }

    /** A map in a request; an empty one where there is none. */
    static MapValue read(String text) {
        return JsonText.read(text) instanceof MapValue map ? map : Json.map();
    }

    static Optional<Value> get(Value map, String key) {
        return map instanceof MapValue known
                ? known.entry(key).map(MapValue.Entry::value).filter(value -> !(value instanceof NullValue))
                : Optional.empty();
    }

    /** The text of a key; empty for none. */
    static String text(Value map, String key) {
        return get(map, key)
                .filter(TextValue.class::isInstance)
                .map(text -> ((TextValue) text).text())
                .orElse("");
    }

    static boolean flag(Value map, String key) {
        return get(map, key)
                .filter(one -> one instanceof FlagValue flag && flag.on())
                .isPresent();
    }

    static List<Value> list(Value map, String key) {
        return get(map, key)
                .filter(ListValue.class::isInstance)
                .map(list -> ((ListValue) list).items())
                .orElse(List.of());
    }
}
