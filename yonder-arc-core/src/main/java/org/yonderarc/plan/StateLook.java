package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * The colours of an item in one state. What has no value is as in the state below it.
 *
 * @param icon its icon
 * @param label its label
 * @param fill what lies behind the whole item
 * @param indicator the mark of the selected item
 * @param outline the line around the whole item
 * @param tile what lies behind the icon, where the style has a tile
 * @param badge its badge
 */
public record StateLook(
        Optional<Paint> icon,
        Optional<Paint> label,
        Optional<Paint> fill,
        Optional<Paint> indicator,
        Optional<Paint> outline,
        Optional<Paint> tile,
        Optional<Paint> badge) {
    /** Colours without a line around the item, a tile and a badge. */
    public StateLook(Optional<Paint> icon, Optional<Paint> label, Optional<Paint> fill, Optional<Paint> indicator) {
        this(icon, label, fill, indicator, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Says nothing. */
    public static final StateLook NONE =
            new StateLook(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** The same with a tile in a colour. */
    public StateLook onTile(Paint paint) {
        return new StateLook(icon, label, fill, indicator, outline, Optional.of(paint), badge);
    }

    public StateLook {
        Objects.requireNonNull(icon, "icon");
        Objects.requireNonNull(label, "label");
        Objects.requireNonNull(fill, "fill");
        Objects.requireNonNull(indicator, "indicator");
        Objects.requireNonNull(outline, "outline");
        Objects.requireNonNull(tile, "tile");
        Objects.requireNonNull(badge, "badge");
    }

    /** These colours, and those of {@code base} where this one says nothing. */
    public StateLook over(StateLook base) {
        return new StateLook(
                icon.or(() -> base.icon),
                label.or(() -> base.label),
                fill.or(() -> base.fill),
                indicator.or(() -> base.indicator),
                outline.or(() -> base.outline),
                tile.or(() -> base.tile),
                badge.or(() -> base.badge));
    }
}
