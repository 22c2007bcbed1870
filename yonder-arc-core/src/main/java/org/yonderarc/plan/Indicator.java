package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * The mark of the selected item. Sizes without a value are those that suit the kind and the bar.
 *
 * @param kind its kind
 * @param edge at which edge of the item a line or a dot stands
 * @param behind what a shape lies behind, or brackets stand around
 * @param width its length along the bar in dp, within {@link #WIDTH}
 * @param thickness its extent across the bar in dp, within {@link #THICKNESS}
 * @param radius the radius of its corners in dp, within {@link #RADIUS}
 * @param length what a line is as long as, where it has no length of its own
 * @param depth how far the middle of a notch's circle lies below the bar's edge in dp, within {@link #DEPTH}; above it below 0
 * @param distance how far a line or a dot stands from the bar's edge, or how wide the room around a notch's circle is, in dp, within
 *     {@link #DISTANCE}
 * @param picture the picture file that a shape is, in place of a colour
 */
public record Indicator(
        Kind kind,
        Edge edge,
        Behind behind,
        Optional<Double> width,
        Optional<Double> thickness,
        Optional<Double> radius,
        Optional<Length> length,
        Optional<Double> depth,
        Optional<Double> distance,
        Optional<String> picture) {
    /** Lengths along the bar in dp. */
    public static final Range WIDTH = new Range(2, 400);
    /** Extents across the bar in dp. */
    public static final Range THICKNESS = new Range(1, 120);
    /** Radii of corners in dp. */
    public static final Range RADIUS = new Range(0, 60);
    /** How far a notch's circle lies below the edge in dp. */
    public static final Range DEPTH = new Range(-32, 32);
    /** Distances from the edge, or around a notch's circle, in dp. */
    public static final Range DISTANCE = new Range(0, 40);
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
        /** A pair of brackets around the icon or the item. */
        BRACKETS,
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

    /** What a line is as long as. */
    public enum Length {
        /** The icon. */
        ICON,
        /** The label. */
        LABEL,
        /** The whole item. */
        ITEM
    }

    public Indicator {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(edge, "edge");
        Objects.requireNonNull(behind, "behind");
        WIDTH.require(width, "the width of a mark");
        THICKNESS.require(thickness, "the thickness of a mark");
        RADIUS.require(radius, "the radius of a mark");
        Objects.requireNonNull(length, "length");
        Objects.requireNonNull(picture, "picture");
        DEPTH.require(depth, "the depth of a notch");
        DISTANCE.require(distance, "the distance of a mark");
    }

    /** A mark of this kind, with all defaults. */
    public static Indicator of(Kind kind) {
        return new Indicator(
                kind,
                Edge.INNER,
                Behind.ICON,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
