package org.yonderarc.tree;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Makes neutral trees that stand in no file, for writers and builders. */
public final class Trees {
    private Trees() {}

    /** A text. */
    public static Value text(String text) {
        return new TextValue(Spot.ROOT, text);
    }

    /** A number. */
    public static Value number(double number) {
        return new NumberValue(Spot.ROOT, number);
    }

    /** True or false. */
    public static Value flag(boolean on) {
        return new FlagValue(Spot.ROOT, on);
    }

    /** A list. */
    public static Value list(List<? extends Value> items) {
        return new ListValue(Spot.ROOT, List.copyOf(items));
    }

    /** A list of texts. */
    public static Value texts(List<String> texts) {
        return list(texts.stream().map(Trees::text).collect(toList()));
    }

    /** A map, in the order of its entries. */
    public static MapValue map(Map<String, ? extends Value> entries) {
        var all = new ArrayList<MapValue.Entry>();
        entries.forEach((key, value) -> all.add(new MapValue.Entry(key, Spot.ROOT, value)));
        return new MapValue(Spot.ROOT, all);
    }

    /** A map of one entry. */
    public static MapValue map(String key, Value value) {
        return map(Map.of(key, value));
    }

    /** A schema with this type. */
    public static MapValue type(String type) {
        return map("type", text(type));
    }

    /** The map with one entry more. */
    public static MapValue with(MapValue map, String key, Value value) {
        var all = new ArrayList<>(map.entries());
        all.add(new MapValue.Entry(key, Spot.ROOT, value));
        return new MapValue(Spot.ROOT, all);
    }

    /** The same tree with every spot's JSON Pointer set to where the value stands in it. */
    public static Value pointed(Value root) {
        return pointed(root, Spot.ROOT);
    }

    private static Value pointed(Value value, Spot spot) {
        if (value instanceof MapValue map) {
            return new MapValue(
                    spot,
                    map.entries().stream()
                            .map(entry -> {
                                Spot at = Spot.at(spot.child(entry.key()));
                                return new MapValue.Entry(entry.key(), at, pointed(entry.value(), at));
                            })
                            .collect(toList()));
        }
        if (value instanceof ListValue list) {
            var items = new ArrayList<Value>();
            for (Value item : list.items()) {
                items.add(pointed(item, Spot.at(spot.child(Integer.toString(items.size())))));
            }
            return new ListValue(spot, items);
        }
        if (value instanceof TextValue text) {
            return new TextValue(spot, text.text());
        }
        if (value instanceof NumberValue number) {
            return new NumberValue(spot, number.number());
        }
        return value instanceof FlagValue flag ? new FlagValue(spot, flag.on()) : new NullValue(spot);
    }
}
