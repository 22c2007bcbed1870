package org.yonderarc.browser;

import java.util.ArrayList;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NullValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Turns what {@code JSON.parse} gives into the neutral tree, for the one reader. */
final class JsonValues {
    private JsonValues() {}

    static Value parse(String json) {
        return value(parseJson(json), "");
    }

    private static Value value(JSObject json, String pointer) {
        Spot spot = Spot.at(pointer);
        return switch (kind(json)) {
            case "object" -> map(json, spot);
            case "array" -> list(json, spot);
            case "string" -> new TextValue(spot, text(json));
            case "number" -> new NumberValue(spot, number(json));
            case "boolean" -> new FlagValue(spot, flag(json));
            default -> new NullValue(spot);
        };
    }

    private static Value map(JSObject json, Spot spot) {
        var entries = new ArrayList<MapValue.Entry>();
        for (String key : keys(json)) {
            String pointer = spot.child(key);
            entries.add(new MapValue.Entry(key, Spot.at(pointer), value(member(json, key), pointer)));
        }
        return new MapValue(spot, entries);
    }

    private static Value list(JSObject json, Spot spot) {
        var items = new ArrayList<Value>();
        for (int i = 0; i < length(json); i++) {
            items.add(value(item(json, i), spot.child(Integer.toString(i))));
        }
        return new ListValue(spot, items);
    }

    @JSBody(params = "json", script = "return JSON.parse(json);")
    private static native JSObject parseJson(String json);

    @JSBody(params = "json", script = "return json === null ? 'null' : Array.isArray(json) ? 'array' : typeof json;")
    private static native String kind(JSObject json);

    @JSBody(params = "json", script = "return Object.keys(json);")
    private static native String[] keys(JSObject json);

    @JSBody(
            params = {"json", "key"},
            script = "return json[key];")
    private static native JSObject member(JSObject json, String key);

    @JSBody(
            params = {"json", "index"},
            script = "return json[index];")
    private static native JSObject item(JSObject json, int index);

    @JSBody(params = "json", script = "return json.length;")
    private static native int length(JSObject json);

    @JSBody(params = "json", script = "return json;")
    private static native String text(JSObject json);

    @JSBody(params = "json", script = "return json;")
    private static native double number(JSObject json);

    @JSBody(params = "json", script = "return json;")
    private static native boolean flag(JSObject json);
}
