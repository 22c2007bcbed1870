package org.yonderarc.plan;

import java.util.List;

/**
 * An ordered list of items, defined once and shown by any number of bars.
 *
 * @param id its id
 * @param entries its items, sections and dividers in order
 */
public record Menu(String id, List<Entry> entries) implements Identified {
    public Menu {
        Ids.require(id, "menu");
        entries = List.copyOf(entries);
    }

    /** All items, those in sections included, in order. */
    public List<Item> items() {
        return entries.stream().flatMap(Entry::items).toList();
    }
}
