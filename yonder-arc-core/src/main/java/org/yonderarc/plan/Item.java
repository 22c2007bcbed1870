package org.yonderarc.plan;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A menu item. One that goes to a screen is a branch: it has a trail of its own.
 *
 * @param id its id; by default that of its screen or its signal; unique in its menu
 * @param target what it leads to
 * @param label what it says; by default the title of its screen
 * @param shortLabel what it says where there is little room; by default the label
 * @param spokenLabel its accessible name; by default the label
 * @param note what is said about it where there is room, in tiles and lists
 * @param value what stands at its end where there is room, in lists
 * @param icon the name of its icon; by default that of its screen
 * @param selectedIcon the name of its icon while it is selected; by default the filled variant of the icon
 * @param badge its badge
 * @param tag a word where a badge would stand, while none shows; may have holes for facts
 * @param when shown only while this holds
 * @param enabled can be chosen only while this holds
 * @param transition how its screen follows another; by default as the screen says
 * @param slot whether it stands in the bar or in the overflow
 * @param visibility where it shows
 * @param style how it looks, over the style of its bar
 * @param repeat the list of whose entries it is repeated for each; it never shows itself
 * @param of the entry that it was made of, of a repeated item
 */
public record Item(
        String id,
        Target target,
        Optional<Words> label,
        Optional<Words> shortLabel,
        Optional<Words> spokenLabel,
        Optional<Words> note,
        Optional<Words> value,
        Optional<String> icon,
        Optional<String> selectedIcon,
        Optional<Badge> badge,
        Optional<Words> tag,
        Optional<Condition> when,
        Optional<Condition> enabled,
        Optional<Transition> transition,
        Slot slot,
        Visibility visibility,
        Optional<Style.Ref> style,
        Optional<Repeat> repeat,
        Optional<ListEntry> of)
        implements Identified, Entry {
    /** Where an item stands when a bar is full. */
    public enum Slot {
        /** In the bar if there is room, by its order. */
        AUTO,
        /** Always in the bar. */
        BAR,
        /** Always in the overflow. */
        OVERFLOW
    }

    /**
     * How an item is repeated.
     *
     * @param fact the id of the fact that is the list
     * @param maxItems of how many entries at most there are items, within {@link #MOST}
     */
    public record Repeat(String fact, int maxItems) {
        /** How many items there may be. */
        public static final Range MOST = new Range(1, FactValue.Entries.MOST);

        public Repeat {
            Ids.require(fact, "fact");
            MOST.require(maxItems, "the number of items of a list");
        }
    }

    /**
     * The items that show in its place with these facts: itself, or one for each entry of its list. An entry that lacks what its
     * place is made of has none: it would lead nowhere.
     */
    public Stream<Item> repeated(Map<String, FactValue> facts) {
        if (repeat.isEmpty()) {
            return Stream.of(this);
        }
        return facts.get(repeat.get().fact()) instanceof FactValue.Entries list
                ? list.entries().stream()
                        .filter(this::isFilledBy)
                        .limit(repeat.get().maxItems())
                        .map(this::with)
                : Stream.empty();
    }

    private boolean isFilledBy(ListEntry entry) {
        return target.holes().stream().allMatch(hole -> entry.value(hole).isPresent());
    }

    /** The item of an entry: {@code project-7} of the item {@code project} and the entry {@code 7}. */
    private Item with(ListEntry entry) {
        Function<String, Optional<String>> told = entry::value;
        return new Item(
                id + "-" + entry.id(),
                target.filled(told),
                Optional.of(Words.plain(entry.label())),
                Optional.empty(),
                Optional.empty(),
                entry.value("note").map(Words::plain).or(() -> note),
                entry.value("value").map(Words::plain).or(() -> value),
                entry.value("icon").or(() -> icon),
                entry.value("icon").isPresent() ? Optional.empty() : selectedIcon,
                badge,
                tag,
                when,
                enabled,
                transition,
                slot,
                visibility,
                style,
                Optional.empty(),
                Optional.of(entry));
    }

    public Item {
        Ids.require(id, "item");
        Objects.requireNonNull(target, "target");
        Objects.requireNonNull(label, "label");
        Objects.requireNonNull(shortLabel, "shortLabel");
        Objects.requireNonNull(spokenLabel, "spokenLabel");
        Objects.requireNonNull(note, "note");
        Objects.requireNonNull(value, "value");
        Objects.requireNonNull(icon, "icon");
        Objects.requireNonNull(selectedIcon, "selectedIcon");
        Objects.requireNonNull(badge, "badge");
        Objects.requireNonNull(tag, "tag");
        Objects.requireNonNull(when, "when");
        Objects.requireNonNull(enabled, "enabled");
        Objects.requireNonNull(transition, "transition");
        Objects.requireNonNull(slot, "slot");
        Objects.requireNonNull(visibility, "visibility");
        Objects.requireNonNull(style, "style");
        Objects.requireNonNull(repeat, "repeat");
        Objects.requireNonNull(of, "of");
    }

    /** An item that leads to a screen, with all defaults. */
    static Item to(String screen) {
        return new Item(
                screen,
                new Target.ToScreen(Place.of(screen), true),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Slot.AUTO,
                Visibility.EVERYWHERE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** The place that it goes to: no value for an item that leaves the person where they are. */
    public Optional<Place> place() {
        return target instanceof Target.ToScreen to && to.navigates() ? Optional.of(to.place()) : Optional.empty();
    }

    /** The id of the screen that it names, whether it goes there or only tells. */
    public Optional<String> screen() {
        return target instanceof Target.ToScreen to ? Optional.of(to.place().screen()) : Optional.empty();
    }

    @Override
    public Stream<Item> items() {
        return Stream.of(this);
    }

    @Override
    public Entry map(UnaryOperator<Item> change) {
        return change.apply(this);
    }

    /** The same, to be chosen only while a condition holds. */
    public Item enabledWhile(Condition condition) {
        return new Item(
                id,
                target,
                label,
                shortLabel,
                spokenLabel,
                note,
                value,
                icon,
                selectedIcon,
                badge,
                tag,
                when,
                Optional.of(condition),
                transition,
                slot,
                visibility,
                style,
                repeat,
                of);
    }
}
