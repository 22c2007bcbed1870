package org.yonderarc.bind;

import java.util.Optional;
import org.yonderarc.tree.Value;

/** A value that may be absent; absent values are never written. */
record OptionalKind<T>(Kind<T> inner) implements Kind<Optional<T>> {
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
    public String takes() {
        return inner.takes();
    }
}
