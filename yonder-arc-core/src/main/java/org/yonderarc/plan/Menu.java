package org.yonderarc.plan;

import java.util.ArrayList;
import java.util.HashSet;
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

    /** The same, its rules applied to these screens. */
    Menu of(Catalog<Screen> screens) {
        if (entries.stream().noneMatch(Entry.Every.class::isInstance)) {
            return this;
        }
        var taken = new HashSet<String>();
        entries.stream()
                .filter(entry -> !(entry instanceof Entry.Every))
                .flatMap(Entry::items)
                .forEach(item -> item.screen().ifPresent(taken::add));
        var resolved = new ArrayList<Entry>();
        for (Entry entry : entries) {
            if (entry instanceof Entry.Every every) {
                Entry.Every made = every.of(screens, taken);
                made.made().forEach(item -> taken.add(item.id()));
                resolved.add(made);
            } else {
                resolved.add(entry);
            }
        }
        return new Menu(id, resolved);
    }

    /** All items, those in sections included, in order. */
    public List<Item> items() {
        return entries.stream().flatMap(Entry::items).toList();
    }
}
