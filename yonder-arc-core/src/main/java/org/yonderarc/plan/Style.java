package org.yonderarc.plan;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * How items look. What a style doesn't say is as in the style below it; the order is: the item's own style, that of its
 * bar's form, that of the theme, at last what is usual for the form.
 *
 * @param indicator the mark of the selected item
 * @param bold which labels are set in semibold
 * @param titleBold whether the title of a top bar, or the headings of a list, are set in semibold
 * @param filled which icons are shown filled; where one has no filled variant, its outline stands in
 * @param background what lies behind the bar; of a style of an item, nothing
 * @param tile what lies behind every icon
 * @param badgePosition where badges stand
 * @param sizes sizes in dp
 * @param states colours by state
 */
public record Style(
        Optional<Indicator> indicator,
        Optional<Which> bold,
        Optional<Boolean> titleBold,
        Optional<Which> filled,
        Background background,
        Optional<Tile> tile,
        Optional<BadgePosition> badgePosition,
        Map<Size, Double> sizes,
        Map<ItemState, StateLook> states) {
    /** Says nothing. */
    public static final Style NONE = saying(Optional.empty(), Optional.empty());

    private static Style saying(Optional<Indicator> indicator, Optional<Which> filled) {
        return new Style(
                indicator,
                Optional.empty(),
                Optional.empty(),
                filled,
                Background.NONE,
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Map.of());
    }

    /** The style that says only what mark the selected item has. */
    public static Style of(Indicator indicator) {
        return saying(Optional.of(indicator), Optional.empty());
    }

    /** The style that says only which icons are shown filled. */
    public static Style filling(Which filled) {
        return saying(Optional.empty(), Optional.of(filled));
    }

    /** Which items something holds for. */
    public enum Which {
        /** The selected one. */
        SELECTED,
        /** All. */
        ALL,
        /** None. */
        NONE;

        /** Whether it holds for an item. */
        public boolean takes(boolean selected) {
            return this == ALL || this == SELECTED && selected;
        }
    }

    /** Where badges stand. */
    public enum BadgePosition {
        /** At the icon's upper corner; in lists, at the end of the line. */
        USUAL,
        /** At the icon's upper corner, in lists too. */
        UPPER,
        /** At the icon's lower corner. */
        LOWER
    }

    public Style {
        Objects.requireNonNull(indicator, "indicator");
        Objects.requireNonNull(bold, "bold");
        Objects.requireNonNull(titleBold, "titleBold");
        Objects.requireNonNull(filled, "filled");
        Objects.requireNonNull(background, "background");
        Objects.requireNonNull(tile, "tile");
        Objects.requireNonNull(badgePosition, "badgePosition");
        sizes = Map.copyOf(sizes);
        states = Map.copyOf(states);
    }

    /** The same with other colours by state. */
    public Style withStates(Map<ItemState, StateLook> other) {
        return new Style(indicator, bold, titleBold, filled, background, tile, badgePosition, sizes, other);
    }

    /** This style, and {@code base} where it says nothing. */
    public Style over(Style base) {
        if (base.equals(NONE)) {
            return this;
        }
        var allSizes = new EnumMap<Size, Double>(Size.class);
        allSizes.putAll(base.sizes);
        allSizes.putAll(sizes);
        var allStates = new EnumMap<ItemState, StateLook>(ItemState.class);
        allStates.putAll(base.states);
        states.forEach((state, look) -> allStates.merge(state, look, (below, above) -> above.over(below)));
        return new Style(
                indicator.or(() -> base.indicator),
                bold.or(() -> base.bold),
                titleBold.or(() -> base.titleBold),
                filled.or(() -> base.filled),
                background.over(base.background),
                tile.or(() -> base.tile),
                badgePosition.or(() -> base.badgePosition),
                allSizes,
                allStates);
    }

    /**
     * A style under the name by which bars and items refer to it.
     *
     * @param id its name
     * @param style the style
     */
    public record Named(String id, Style style) implements Identified {
        public Named {
            Ids.require(id, "style");
            Objects.requireNonNull(style, "style");
        }
    }

    /**
     * What stands under the key {@code style}: the name of a shared style, or a style of one's own.
     *
     * @param name the name; no value for a style of one's own
     * @param own the style of one's own; says nothing where there is a name
     */
    public record Ref(Optional<String> name, Style own) {
        public Ref {
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(own, "own");
        }

        /** Refers to a shared style. */
        public static Ref to(String name) {
            return new Ref(Optional.of(name), Style.NONE);
        }

        /** A style of one's own. */
        public static Ref own(Style style) {
            return new Ref(Optional.empty(), style);
        }

        /** The style that is meant. */
        public Style in(Catalog<Named> shared) {
            return name.flatMap(shared::find).map(Named::style).orElse(own);
        }
    }
}
