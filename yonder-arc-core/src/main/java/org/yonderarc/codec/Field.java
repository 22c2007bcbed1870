package org.yonderarc.codec;

import java.util.function.Function;

/**
 * One key of a shape.
 *
 * @param key the key
 * @param codec what it takes
 * @param get gives the value of a finished thing
 * @param fallback the value where the key is absent, from the thing's id; null only for a required key
 * @param doc what it means, in one sentence
 */
public record Field<R, T>(String key, Codec<T> codec, Function<R, T> get, Function<String, T> fallback, String doc) {
    public boolean isRequired() {
        return fallback == null;
    }
}
