package org.yonderarc.plan;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** One line of a menu: an item, a section of items under a heading, or a divider. */
public sealed interface Entry permits Item, Entry.Section, Entry.Divider {
    /** The items in it, itself included. */
    Stream<Item> items();

    /**
     * Items under a heading.
     *
     * @param heading what stands above them
     * @param list the items in order
     */
    record Section(Words heading, List<Item> list) implements Entry {
        public Section {
            Objects.requireNonNull(heading, "heading");
            list = List.copyOf(list);
        }

        @Override
        public Stream<Item> items() {
            return list.stream();
        }
    }

    /** A line between items. */
    record Divider() implements Entry {
        @Override
        public Stream<Item> items() {
            return Stream.empty();
        }
    }
}
