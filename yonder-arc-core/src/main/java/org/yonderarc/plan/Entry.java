package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** One line of a menu: an item, a section of items under a heading, or a divider. */
public sealed interface Entry permits Item, Entry.Section, Entry.Divider, Entry.AllScreens {
    /** The items in it, itself included. */
    Stream<Item> items();

    /** What stands above its items; no value where nothing does. */
    default Optional<Words> title() {
        return Optional.empty();
    }

    /** The section that it is, if it can be folded. */
    default Optional<Section> folding() {
        return this instanceof Section section && section.collapsible != Collapsible.NEVER
                ? Optional.of(section)
                : Optional.empty();
    }

    /** Whether it is a line between items. */
    default boolean isDivider() {
        return false;
    }

    /** The same, the items in it with these ids first. */
    default Entry sorted(List<String> first) {
        return this;
    }

    /** The same with every item in it changed. */
    Entry map(UnaryOperator<Item> change);

    /** Whether people can fold a section. */
    enum Collapsible {
        /** It always shows. */
        NEVER,
        /** It can be folded; at first it shows. */
        OPEN,
        /** It can be unfolded; at first its heading shows alone. */
        COLLAPSED,
        /** Its heading leads to it, in place of the other entries, and back. */
        PAGE
    }

    /**
     * Items under a heading.
     *
     * @param heading what stands above them
     * @param list the items in order
     * @param id its id in its menu, for who folds it; by default its heading in lower case
     * @param collapsible whether it can be folded
     * @param icon the icon of its heading where it folds
     */
    record Section(Words heading, List<Item> list, Optional<String> id, Collapsible collapsible, Optional<String> icon)
            implements Entry {
        public Section {
            Objects.requireNonNull(heading, "heading");
            Objects.requireNonNull(id, "id");
            Objects.requireNonNull(collapsible, "folds");
            Objects.requireNonNull(icon, "icon");
            list = List.copyOf(list);
        }

        /** What it is called in a menu by who folds it: {@code main.at-the-hut}. */
        public String key(Menu menu) {
            return menu.id() + "."
                    + id.orElseGet(() -> Ids.slug(heading.in(Words.ANY).source()));
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
        public Entry sorted(List<String> first) {
            return new Section(
                    heading,
                    list.stream()
                            .sorted(Comparator.comparingInt(item -> Menu.rank(item, first)))
                            .collect(toList()),
                    id,
                    collapsible,
                    icon);
        }

        @Override
        public Entry map(UnaryOperator<Item> change) {
            return new Section(heading, list.stream().map(change).collect(toList()), id, collapsible, icon);
        }
    }

    /**
     * An item for each screen that a rule takes, in the order of the plan's screens. Screens whose path needs parameters have
     * none, nor those that another item of the menu leads to.
     *
     * @param heading what stands above them
     * @param under the id of the screen under which they stand; no value for those that stand under none
     * @param deep whether those below them belong to it, too
     * @param except the ids of screens that have no item
     * @param made the items, which follow from the screens of a plan; empty before it is one
     */
    record AllScreens(
            Optional<Words> heading, Optional<String> under, boolean deep, List<String> except, List<Item> made)
            implements Entry {
        public AllScreens {
            Objects.requireNonNull(heading, "heading");
            Objects.requireNonNull(under, "under");
            except = List.copyOf(except);
            made = List.copyOf(made);
        }

        @Override
        public Stream<Item> items() {
            return made.stream();
        }

        @Override
        public Optional<Words> title() {
            return heading;
        }

        @Override
        public Entry map(UnaryOperator<Item> change) {
            return new AllScreens(
                    heading, under, deep, except, made.stream().map(change).collect(toList()));
        }

        /** The same for these screens, but for those that have an item. */
        AllScreens of(Catalog<Screen> screens, Set<String> taken) {
            return new AllScreens(
                    heading,
                    under,
                    deep,
                    except,
                    screens.stream()
                            .filter(screen -> takes(screen, screens))
                            .filter(screen -> screen.path().required().isEmpty())
                            .filter(screen -> !except.contains(screen.id()) && !taken.contains(screen.id()))
                            .map(screen -> Item.to(screen.id()))
                            .collect(toList()));
        }

        private boolean takes(Screen screen, Catalog<Screen> screens) {
            if (screen.under().equals(under)) {
                return true;
            }
            var seen = new HashSet<String>();
            Optional<String> above = screen.under();
            while (deep && above.isPresent() && seen.add(above.get())) {
                Optional<String> next = above.flatMap(screens::find).flatMap(Screen::under);
                if (above.equals(under) || next.equals(under)) {
                    return true;
                }
                above = next;
            }
            return false;
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
