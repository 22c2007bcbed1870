package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.Comparator;
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
        if (entries.stream().noneMatch(Entry.AllScreens.class::isInstance)) {
            return this;
        }
        var taken = new HashSet<String>();
        entries.stream()
                .filter(entry -> !(entry instanceof Entry.AllScreens))
                .flatMap(Entry::items)
                .forEach(item -> item.screen().ifPresent(taken::add));
        var resolved = new ArrayList<Entry>();
        for (Entry entry : entries) {
            if (entry instanceof Entry.AllScreens every) {
                Entry.AllScreens made = every.of(screens, taken);
                made.made().forEach(item -> taken.add(item.id()));
                resolved.add(made);
            } else {
                resolved.add(entry);
            }
        }
        return new Menu(id, resolved);
    }

    /** The same, the items with these ids first in this order, each within its section; the others stay as they are. */
    public Menu inOrder(List<String> first) {
        if (first.isEmpty()) {
            return this;
        }
        return new Menu(
                id,
                entries.stream()
                        .map(entry -> entry.sorted(first))
                        .sorted(Comparator.comparingInt(
                                entry -> entry instanceof Item item ? rank(item, first) : first.size()))
                        .collect(toList()));
    }

    /** The place of an item among those that are named; behind all of them where it isn't. */
    static int rank(Item item, List<String> first) {
        int index = first.indexOf(item.id());
        return index < 0 ? first.size() : index;
    }

    /** All items, those in sections included, in order. */
    public List<Item> items() {
        return entries.stream().flatMap(Entry::items).collect(toList());
    }
}
