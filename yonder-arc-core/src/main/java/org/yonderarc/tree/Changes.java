package org.yonderarc.tree;

import java.util.Optional;

/** Receives each key in which two things differ. */
@FunctionalInterface
public interface Changes {
    /**
     * A key has another value.
     *
     * @param key the keys down to it, with dots: {@code badge.cap}
     * @param before the old value; none where it was absent
     * @param after the new value; none where it is absent
     */
    void changed(String key, Optional<Value> before, Optional<Value> after);
}
