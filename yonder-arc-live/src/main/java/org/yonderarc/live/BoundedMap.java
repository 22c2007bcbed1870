package org.yonderarc.live;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What was put last, by its name; what is older than so many is forgotten. */
final class BoundedMap<T> {
    private final int most;
    private final Map<String, T> kept = new LinkedHashMap<>();

    BoundedMap(int most) {
        this.most = most;
    }

    synchronized void put(String name, T what) {
        kept.remove(name);
        kept.put(name, what);
        if (kept.size() > most) {
            kept.remove(kept.keySet().iterator().next());
        }
    }

    synchronized Optional<T> get(String name) {
        return Optional.ofNullable(kept.get(name));
    }
}
