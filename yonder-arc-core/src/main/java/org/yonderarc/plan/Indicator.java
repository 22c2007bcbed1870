package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * The mark of the selected item. Sizes without a value are those that suit the kind and the bar.
 *
 * @param kind its kind
 * @param edge at which edge of the item a line or a dot stands
 * @param behind what a shape lies behind
 * @param width its length along the bar in dp, 2 to 400
 * @param thickness its extent across the bar in dp, 1 to 120
 * @param radius the radius of its corners in dp, 0 to 60
 */
public record Indicator(
        Kind kind,
        Edge edge,
        Behind behind,
        Optional<Double> width,
        Optional<Double> thickness,
        Optional<Double> radius) {
    /** No mark. */
    public static final Indicator NONE = of(Kind.NONE);

    /** The kinds of marks. */
    public enum Kind {
        /** No mark: colour, weight and the filled icon say it. */
        NONE,
        /** A line at an edge of the item. */
        LINE,
        /** A filled shape behind the icon or the item. */
        SHAPE,
        /** A small dot at an edge of the item. */
        DOT,
        /** A circle, raised into a curved notch of the bar, that carries the icon. */
        NOTCH
    }

    /** An edge of an item, seen from the screen's content. */
    public enum Edge {
        /** The edge towards the content. */
        INNER,
        /** The edge away from the content. */
        OUTER
    }

    /** What a shape lies behind. */
    public enum Behind {
        /** The icon. */
        ICON,
        /** The whole item. */
        ITEM
    }

    public Indicator {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(edge, "edge");
        Objects.requireNonNull(behind, "behind");
        Objects.requireNonNull(width, "width");
        Objects.requireNonNull(thickness, "thickness");
        Objects.requireNonNull(radius, "radius");
    }

    /** A mark of this kind, with all defaults. */
    public static Indicator of(Kind kind) {
        return new Indicator(kind, Edge.INNER, Behind.ICON, Optional.empty(), Optional.empty(), Optional.empty());
    }
}
