package org.yonderarc.draw;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Keeps the values that were asked for last, so many and no more: films ask for icons in ever new colours. Thread-safe.
 *
 * @param <V> what is kept
 */
final class RecentCache<V> {
    private final int most;
    private final Map<String, V> kept = new LinkedHashMap<>(16, 0.75f, true);

    RecentCache(int most) {
        this.most = most;
    }

    /** The value of a key, made where it isn't kept. Two threads may make one each; they are equal. */
    V get(String key, Function<String, V> make) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        V made = make.apply(key);
        synchronized (kept) {
            kept.put(key, made);
            if (kept.size() > most) {
                kept.remove(kept.keySet().iterator().next());
            }
        }
        return made;
    }

    int size() {
        synchronized (kept) {
            return kept.size();
        }
    }
}
