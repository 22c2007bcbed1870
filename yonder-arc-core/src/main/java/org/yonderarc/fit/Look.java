package org.yonderarc.fit;

import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.Background;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Tile;

/**
 * How an item looks in a form, resolved: the item's own style over that of the bar's form, over the theme's, over what is
 * usual for the form.
 *
 * @param style the style, with every size and the colours of every state but those that only shade others
 * @param said the colours at rest that the style of the bar itself says: its title and buttons take them, and otherwise those of texts
 */
public record Look(Style style, StateLook said) {
    /** A look of which the plan says nothing. */
    public Look(Style style) {
        this(style, StateLook.NONE);
    }

    /** A size in dp. */
    public double size(Size size) {
        return Objects.requireNonNull(style.sizes().get(size));
    }

    /** The width of each item in dp, where it is fixed. */
    public Optional<Double> itemWidth() {
        return Optional.ofNullable(style.sizes().get(Size.ITEM_WIDTH));
    }

    /** The room between the ends of an item and what stands in it, in dp. */
    public double itemPadding(double usual) {
        return style.sizes().getOrDefault(Size.ITEM_PADDING, usual);
    }

    /** The type size of labels in dp, before the person's text scale. */
    public double labelSize(boolean selected) {
        double usual = size(Size.LABEL_SIZE);
        return selected ? style.sizes().getOrDefault(Size.SELECTED_SIZE, usual) : usual;
    }

    /** The room at one side in dp: what the style says of it, or of all. */
    public double padding(Size side) {
        return style.sizes().getOrDefault(side, size(Size.PADDING));
    }

    /** How far items under a heading are set in, in dp. */
    public double indent() {
        return style.sizes().getOrDefault(Size.INDENT, 0.0);
    }

    /** What lies behind every icon. */
    public Optional<Tile> tile() {
        return style.tile();
    }

    /** The width and height that an icon takes, with the tile behind it, in dp. */
    public double iconCell() {
        double icon = size(Size.ICON_SIZE);
        return Math.max(icon, style.tile().map(tile -> tile.around(icon)).orElse(0.0));
    }

    /** Where badges stand. */
    public Style.BadgePosition badgeAt() {
        return style.badgePosition().orElse(Style.BadgePosition.USUAL);
    }

    /** The mark of the selected item. */
    public Indicator indicator() {
        return style.indicator().orElse(Indicator.NONE);
    }

    /** What the plan says of what lies behind the bar. */
    public Background ground() {
        return style.background();
    }

    /** Whether a label is set in semibold. */
    public boolean isBold(boolean selected) {
        return style.bold().orElse(Style.Which.SELECTED).takes(selected);
    }

    /** Whether a title, or the heading of a list, is set in semibold. */
    public boolean isTitleBold() {
        return style.titleBold().orElse(true);
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
