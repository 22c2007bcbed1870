package org.yonderarc.codec;

import java.util.LinkedHashMap;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** JSON Schemas (draft 2020-12) of whole files. */
public final class Schemas {
    private Schemas() {}

    /** The schema of files of a shape, as a tree. */
    public static MapValue of(Shape<?> shape, String title) {
        var definitions = new Definitions();
        MapValue object = shape.object(definitions);
        var out = new LinkedHashMap<String, Value>();
        out.put("$schema", Trees.text("https://json-schema.org/draft/2020-12/schema"));
        out.put("title", Trees.text(title));
        object.entries().forEach(entry -> out.put(entry.key(), entry.value()));
        out.put("$defs", definitions.all());
        return Trees.map(out);
    }
}
