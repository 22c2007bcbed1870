package org.yonderarc.bind;

import java.util.function.Function;

/**
 * One key of a shape.
 *
 * @param key the key
 * @param kind what it takes
 * @param get gives the value of a finished thing
 * @param fallback the value where the key is absent, from the thing's id; null only for a required key
 * @param doc what it means, in one sentence
 */
record Field<R, T>(String key, Kind<T> kind, Function<R, T> get, Function<String, T> fallback, String doc) {
    boolean isRequired() {
        return fallback == null;
    }
}
