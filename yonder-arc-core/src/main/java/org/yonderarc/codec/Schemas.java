package org.yonderarc.codec;

import static java.util.stream.Collectors.toList;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Stream;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** JSON Schemas (draft 2020-12) of whole files. */
public final class Schemas {
    private Schemas() {}

    /** A text up to a length, or a value of another type; which validators in a strict mode want apart. */
    public static MapValue textOr(int longest, String... others) {
        MapValue text = Trees.with(Trees.type("string"), "maxLength", Trees.number(longest));
        return Trees.map(
                "anyOf",
                Trees.list(Stream.concat(Stream.of(text), Stream.of(others).map(Trees::type))
                        .collect(toList())));
    }

    /** That an object has a key; which says that it may have it, too, as validators in a strict mode want it. */
    public static MapValue requires(String key) {
        return Trees.with(
                Trees.map("properties", Trees.map(key, Trees.flag(true))), "required", Trees.texts(List.of(key)));
    }

    /**
     * The schema of files of a shape, as a tree.
     *
     * @param id its URN (RFC 8141), with the version of the format
     * @param title what editors call it
     */
    public static MapValue of(Shape<?> shape, String id, String title) {
        var definitions = new Definitions();
        MapValue object = shape.object(definitions);
        var out = new LinkedHashMap<String, Value>();
        out.put("$schema", Trees.text("https://json-schema.org/draft/2020-12/schema"));
        out.put("$id", Trees.text(id));
        out.put("title", Trees.text(title));
        object.entries().forEach(entry -> out.put(entry.key(), entry.value()));
        out.put("$defs", definitions.all());
        return Trees.map(out);
    }
}
