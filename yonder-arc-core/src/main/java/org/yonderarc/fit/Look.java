package org.yonderarc.fit;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.Ground;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Style;

/**
 * How an item looks in a form, resolved: the item's own style over that of the bar's form, over the theme's, over what is
 * usual for the form.
 *
 * @param style the style, with every size and the colours of every state but those that only shade others
 */
public record Look(Style style) {
    /** A size in dp. */
    public double size(Size size) {
        return style.sizes().get(size);
    }

    /** The width of each item in dp, where it is fixed. */
    public Optional<Double> itemWidth() {
        return Optional.ofNullable(style.sizes().get(Size.ITEM_WIDTH));
    }

    /** The mark of the selected item. */
    public Indicator indicator() {
        return style.indicator().orElse(Indicator.NONE);
    }

    /** What the plan says of what lies behind the bar. */
    public Ground ground() {
        return style.ground();
    }

    /** Whether a label is set in semibold. */
    public boolean isBold(boolean selected) {
        return style.bold().orElse(Style.Which.SELECTED).takes(selected);
    }

    /** Whether an icon is shown filled. */
    public boolean isFilled(boolean selected) {
        return style.filled().orElse(Style.Which.SELECTED).takes(selected);
    }

    /** Whether the style says how disabled items look; otherwise they are shown faintly. */
    public boolean saysDisabled() {
        return style.states().containsKey(ItemState.DISABLED);
    }

    /** The colours in these states; the later ones of {@link ItemState} lie over the earlier ones. */
    public StateLook in(Set<ItemState> states) {
        StateLook look = style.states().getOrDefault(ItemState.DEFAULT, StateLook.NONE);
        for (ItemState state : states.isEmpty() ? EnumSet.noneOf(ItemState.class) : EnumSet.copyOf(states)) {
            look = style.states().getOrDefault(state, StateLook.NONE).over(look);
        }
        return look;
    }
}
