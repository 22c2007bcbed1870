package org.yonderarc.plan;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** One line of a menu: an item, a section of items under a heading, or a divider. */
public sealed interface Entry permits Item, Entry.Section, Entry.Divider {
    /** The items in it, itself included. */
    Stream<Item> items();

    /** What stands above its items; no value where nothing does. */
    default Optional<Words> title() {
        return Optional.empty();
    }

    /** Whether it is a line between items. */
    default boolean isDivider() {
        return false;
    }

    /** The same with every item in it changed. */
    Entry map(UnaryOperator<Item> change);

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

        @Override
        public Optional<Words> title() {
            return Optional.of(heading);
        }

        @Override
        public Entry map(UnaryOperator<Item> change) {
            return new Section(heading, list.stream().map(change).toList());
        }
    }

    /** A line between items. */
    record Divider() implements Entry {
        @Override
        public Stream<Item> items() {
            return Stream.empty();
        }

        @Override
        public boolean isDivider() {
            return true;
        }

        @Override
        public Entry map(UnaryOperator<Item> change) {
            return this;
        }
    }
}
