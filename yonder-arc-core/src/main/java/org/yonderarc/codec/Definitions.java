package org.yonderarc.codec;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The definitions of a schema: each shape once, by name. */
public final class Definitions {
    private final Map<String, Value> byName = new LinkedHashMap<>();

    /** A reference to the definition {@code name}, which is made when it is first asked for. */
    public MapValue reference(String name, Supplier<Value> definition) {
        if (!byName.containsKey(name)) {
            byName.put(name, Trees.map(Map.of()));
            byName.put(name, definition.get());
        }
        return Trees.map("$ref", Trees.text("#/$defs/" + name));
    }

    public MapValue all() {
        return Trees.map(byName);
    }
}
