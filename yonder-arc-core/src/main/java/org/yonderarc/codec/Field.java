package org.yonderarc.codec;

import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One key of a shape.
 *
 * @param key the key
 * @param codec what it takes
 * @param get gives the value of a finished thing
 * @param fallback the value where the key is absent, from the thing's id; null only for a required key
 * @param doc what it means, in one sentence
 */
public record Field<R, T>(
        String key, Codec<T> codec, Function<R, T> get, @Nullable Function<String, T> fallback, String doc) {
    /** The value of a thing with this id where the key is absent; for a key that may be absent. */
    public T absent(String id) {
        return Objects.requireNonNull(fallback, key).apply(id);
    }

    public boolean isRequired() {
        return fallback == null;
    }

    /** A field is itself alone: what it takes and gives can't be compared. */
    @Override
    public boolean equals(Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }
}
