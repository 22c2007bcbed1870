package org.yonderarc.codec;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.Mentions;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * A setting that is off by default; {@code true} turns it on with all defaults, a map with values of its own.
 *
 * @param inner the map
 * @param defaults what {@code true} stands for
 */
public record SwitchCodec<T>(Shape<T> inner, T defaults) implements Codec<Optional<T>> {
    @Override
    public Optional<Optional<T>> read(Value value, Context context) {
        return value instanceof FlagValue flag
                ? Optional.of(flag.on() ? Optional.of(defaults) : Optional.empty())
                : inner.read(value, context).map(Optional::of);
    }

    @Override
    public Value write(Optional<T> value) {
        return value.filter(one -> !one.equals(defaults))
                .map(inner::write)
                .orElseGet(() -> Trees.flag(value.isPresent()));
    }

    @Override
    public Value schema(Definitions definitions) {
        return Trees.map("anyOf", Trees.list(List.of(Trees.type("boolean"), inner.schema(definitions))));
    }

    @Override
    public String takes() {
        return "true or false, or a map";
    }

    @Override
    public void visit(Optional<T> value, String pointer, Mentions to) {
        value.ifPresent(present -> inner.visit(present, pointer, to));
    }

    @Override
    public void compare(Optional<T> before, Optional<T> after, String key, Changes to) {
        if (before.isPresent() && after.isPresent()) {
            inner.compare(before.get(), after.get(), key, to);
        } else if (before.isPresent() || after.isPresent()) {
            to.changed(key, Optional.of(write(before)), Optional.of(write(after)));
        }
    }

    @Override
    public void collect(Set<Shape<?>> shapes) {
        inner.collect(shapes);
    }
}
