package org.yonderarc.fit;

import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.ItemState;

/**
 * What a person's pointer and keyboard are on.
 *
 * @param hovered the id of the item that a pointer rests on
 * @param pressed the id of the item that is being pressed
 * @param focused the id of the item that has the keyboard's focus
 */
public record Interaction(Optional<String> hovered, Optional<String> pressed, Optional<String> focused) {
    /** On nothing. */
    public static final Interaction NONE = new Interaction(Optional.empty(), Optional.empty(), Optional.empty());

    public Interaction {
        Objects.requireNonNull(hovered, "hovered");
        Objects.requireNonNull(pressed, "pressed");
        Objects.requireNonNull(focused, "focused");
    }

    /** A pointer rests on an item. */
    public static Interaction hover(String item) {
        return new Interaction(Optional.of(item), Optional.empty(), Optional.empty());
    }

    /** An item is being pressed. */
    public static Interaction press(String item) {
        return new Interaction(Optional.empty(), Optional.of(item), Optional.empty());
    }

    /** An item has the keyboard's focus. */
    public static Interaction focus(String item) {
        return new Interaction(Optional.empty(), Optional.empty(), Optional.of(item));
    }

    /** The states of an item that this, its being selected and its being disabled come to. */
    public Set<ItemState> states(String item, boolean selected, boolean enabled) {
        var states = EnumSet.noneOf(ItemState.class);
        if (selected) {
            states.add(ItemState.SELECTED);
        }
        if (focused.filter(item::equals).isPresent()) {
            states.add(ItemState.FOCUSED);
        }
        if (hovered.filter(item::equals).isPresent()) {
            states.add(ItemState.HOVER);
        }
        if (pressed.filter(item::equals).isPresent()) {
            states.add(ItemState.PRESSED);
        }
        if (!enabled) {
            states.add(ItemState.DISABLED);
        }
        return states;
    }
}
