package org.yonderarc.codec;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Identified;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Mentions;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * A map whose keys are ids.
 *
 * @param noun what stands under each id: "screen"
 * @param entry how one is read and written
 * @param most how many there may be
 */
public record CatalogCodec<T extends Identified>(String noun, Entry<T> entry, int most) implements Codec<Catalog<T>> {
    /** The regular expression of {@link Ids}. */
    public static final String ID_PATTERN = "^[a-z][a-z0-9]*(-[a-z0-9]+)*$";

    /** A thing that knows the id it stands under. */
    public interface Entry<T> {
        Optional<T> read(String id, Value value, Context context);

        Value write(T thing);

        Value schema(Definitions definitions);

        /** Tells what one mentions that stands at {@code pointer}. */
        default void visit(T thing, String pointer, Mentions to) {}

        /** Adds the shapes that one is made of. */
        default void collect(Set<Shape<?>> shapes) {}
    }

    /** The entry of a shape. */
    public static <T extends Identified> Entry<T> of(Shape<T> shape) {
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

            @Override
            public void visit(T thing, String pointer, Mentions to) {
                shape.visit(thing, pointer, to);
            }

            @Override
            public void collect(Set<Shape<?>> shapes) {
                shape.collect(shapes);
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
        List<MapValue.Entry> entries = new Fields(map, context).byId(noun);
        for (MapValue.Entry one : context.within(entries, most, value.spot())) {
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
        out.put("maxProperties", Trees.number(most));
        return Trees.map(out);
    }

    @Override
    public void visit(Catalog<T> value, String pointer, Mentions to) {
        value.forEach(one -> entry.visit(one, JsonPointer.child(pointer, one.id()), to));
    }

    @Override
    public void collect(Set<Shape<?>> shapes) {
        entry.collect(shapes);
    }

    @Override
    public String takes() {
        return "a map of ids";
    }
}
