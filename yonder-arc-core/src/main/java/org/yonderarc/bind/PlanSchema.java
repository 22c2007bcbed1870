package org.yonderarc.bind;

import java.util.LinkedHashMap;
import org.yonderarc.codec.Definitions;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The JSON Schema (draft 2020-12) of plan files, made from the shapes that the reader reads by. */
public final class PlanSchema {
    private PlanSchema() {}

    /** The schema as a tree. */
    public static MapValue schema() {
        var definitions = new Definitions();
        MapValue plan = PlanShape.PLAN.object(definitions);
        var out = new LinkedHashMap<String, Value>();
        out.put("$schema", Trees.text("https://json-schema.org/draft/2020-12/schema"));
        out.put("title", Trees.text("Yonder Arc plan"));
        plan.entries().forEach(entry -> out.put(entry.key(), entry.value()));
        out.put("$defs", definitions.all());
        return Trees.map(out);
    }
}
