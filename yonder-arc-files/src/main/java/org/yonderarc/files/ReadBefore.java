package org.yonderarc.files;

import java.lang.ref.SoftReference;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.tree.Value;

/**
 * The texts that were read last, with their trees, which never change: whoever edits a plan asks for the same text again and again.
 * Given up where memory is short. Thread-safe.
 */
final class ReadBefore {
    private static final int MOST = 4;
    /** Longer texts are read each time. */
    private static final int LONGEST = 4 << 20;

    private final Map<String, SoftReference<Value>> trees = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, SoftReference<Value>> eldest) {
            return size() > MOST;
        }
    };

    synchronized Optional<Value> tree(String text) {
        return Optional.ofNullable(trees.get(text)).map(SoftReference::get);
    }

    synchronized void keep(String text, Value tree) {
        if (text.length() <= LONGEST) {
            trees.remove(text);
            trees.put(text, new SoftReference<>(tree));
        }
    }
}
