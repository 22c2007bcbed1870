package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * The colours of an item in one state, each a role, a colour or none. What has no value is as in the state below it.
 *
 * @param icon the colour of its icon
 * @param label the colour of its label
 * @param fill the colour behind the whole item
 * @param indicator the colour of the mark of the selected item
 * @param outline the colour of the line around the whole item
 * @param tile the colour behind its icon, where the style has a tile
 * @param badge the colour of its badge; what it says is black or white
 */
@Keys(value = "look", copies = "tile")
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
        return StateLookCopies.tile(this, paint);
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
