package org.yonderarc.tree;

import java.util.List;
import java.util.Optional;

/**
 * A map, its entries in the order of the file. A key may stand twice: the reader tells.
 *
 * @param spot where it stands
 * @param entries the entries in order
 */
public record MapValue(Spot spot, List<Entry> entries) implements Value {
    public MapValue {
        entries = List.copyOf(entries);
    }

    /**
     * One key and its value.
     *
     * @param key the key
     * @param keySpot where the key itself stands
     * @param value the value
     */
    public record Entry(String key, Spot keySpot, Value value) {}

    /** The first entry under {@code key}. */
    public Optional<Entry> entry(String key) {
        for (Entry entry : entries) {
            if (entry.key().equals(key)) {
                return Optional.of(entry);
            }
        }
        return Optional.empty();
    }

    @Override
    public String kind() {
        return "a map";
    }
}
