package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Optional;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Identified;
import org.yonderarc.plan.Ids;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * A map whose keys are ids.
 *
 * @param noun what stands under each id: "screen"
 * @param entry how one is read and written
 */
record CatalogKind<T extends Identified>(String noun, Entry<T> entry) implements Kind<Catalog<T>> {
    /** The regular expression of {@link Ids}. */
    static final String ID_PATTERN = "^[a-z][a-z0-9]*(-[a-z0-9]+)*$";

    /** A thing that knows the id it stands under. */
    interface Entry<T> {
        Optional<T> read(String id, Value value, Context context);

        Value write(T thing);

        Value schema(Definitions definitions);
    }

    /** The entry of a shape. */
    static <T extends Identified> Entry<T> of(Shape<T> shape) {
        return new Entry<>() {
            @Override
            public Optional<T> read(String id, Value value, Context context) {
                return shape.read(id, value, context);
            }

            @Override
            public Value write(T thing) {
                return shape.write(thing.id(), thing);
            }

            @Override
            public Value schema(Definitions definitions) {
                return shape.schema(definitions);
            }
        };
    }

    @Override
    public Optional<Catalog<T>> read(Value value, Context context) {
        if (!(value instanceof MapValue map)) {
            context.wrongType(value, takes(), "Write the ids as keys below it.");
            return Optional.empty();
        }
        var all = new ArrayList<T>();
        for (MapValue.Entry one : new Fields(map, context).byId(noun)) {
            Context inner = context.of(noun + " \"" + one.key() + "\"");
            entry.read(one.key(), one.value(), inner).ifPresent(all::add);
        }
        return Optional.of(Catalog.of(all));
    }

    @Override
    public Value write(Catalog<T> value) {
        var out = new LinkedHashMap<String, Value>();
        value.forEach(one -> out.put(one.id(), entry.write(one)));
        return Trees.map(out);
    }

    @Override
    public Value schema(Definitions definitions) {
        var out = new LinkedHashMap<String, Value>();
        out.put("type", Trees.text("object"));
        out.put("propertyNames", Trees.map("pattern", Trees.text(ID_PATTERN)));
        out.put("additionalProperties", entry.schema(definitions));
        return Trees.map(out);
    }

    @Override
    public String takes() {
        return "a map of ids";
    }
}
