package org.yonderarc.codec;

import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.Mentions;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.Value;

/** A value that may be absent; absent values are never written. */
public record OptionalCodec<T>(Codec<T> inner) implements Codec<Optional<T>> {
    @Override
    public Optional<Optional<T>> read(Value value, Context context) {
        return inner.read(value, context).map(Optional::of);
    }

    @Override
    public Value write(Optional<T> value) {
        return inner.write(value.orElseThrow());
    }

    @Override
    public Value schema(Definitions definitions) {
        return inner.schema(definitions);
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
            to.changed(key, before.map(inner::write), after.map(inner::write));
        }
    }

    @Override
    public String takes() {
        return inner.takes();
    }

    @Override
    public void collect(Set<Shape<?>> shapes) {
        inner.collect(shapes);
    }
}
