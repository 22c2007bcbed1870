package org.yonderarc.fit;

import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.ItemState;
import org.yonderarc.walk.Step;

/**
 * An item as a bar shows it.
 *
 * @param id the item's id
 * @param label what it says
 * @param brief what it says where the label doesn't fit; the label itself where the plan gives no shorter one
 * @param spoken its accessible name
 * @param note what is said about it where there is room; empty for nothing
 * @param value what stands at its end where there is room; empty for nothing
 * @param icon the name of its icon
 * @param badge what its badge says: empty text for a dot; no value for no badge
 * @param address the address of the place on top of its branch, or on the web; no value where it leads to none
 * @param step the step that a tap takes
 * @param tells whether it sets a fact; it is selected while the fact has its value
 * @param sign the icon at its end: that it leads out of the app, or folds a section
 * @param states the states that it is in
 * @param look how it looks
 */
public record FittedItem(
        String id,
        String label,
        String brief,
        String spoken,
        String note,
        String value,
        Optional<String> icon,
        Optional<String> badge,
        Optional<String> address,
        Step step,
        boolean tells,
        Optional<String> sign,
        Set<ItemState> states,
        Look look) {
    public FittedItem {
        states = Collections.unmodifiableSet(new LinkedHashSet<>(states));
    }

    /** Whether the person is on its branch. */
    public boolean selected() {
        return states.contains(ItemState.SELECTED);
    }

    /** Whether the fact that it sets has its value already; no value where it sets none. */
    public Optional<Boolean> pressed() {
        return tells ? Optional.of(selected()) : Optional.empty();
    }

    /** Whether it can be chosen. */
    public boolean enabled() {
        return !states.contains(ItemState.DISABLED);
    }

    /** Whether it is the heading of a section that folds. */
    public boolean folds() {
        return step instanceof Step.Collapse;
    }

    /** Whether it leads to the items that didn't fit. */
    public boolean isOverflow() {
        return Step.Toggle.isOverflow(id);
    }

    /** The same with this icon, where it has none. */
    public FittedItem orIcon(String other) {
        return new FittedItem(
                id,
                label,
                brief,
                spoken,
                note,
                value,
                icon.or(() -> Optional.of(other)),
                badge,
                address,
                step,
                tells,
                sign,
                states,
                look);
    }

    /** The same, not selected. */
    public FittedItem unselected() {
        var rest = states.isEmpty() ? EnumSet.noneOf(ItemState.class) : EnumSet.copyOf(states);
        rest.remove(ItemState.SELECTED);
        return in(rest);
    }

    /** The same in these states. */
    public FittedItem in(Set<ItemState> other) {
        return new FittedItem(
                id, label, brief, spoken, note, value, icon, badge, address, step, tells, sign, other, look);
    }
}
