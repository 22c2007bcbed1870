package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * The mark of the selected item. Sizes without a value are those that suit the kind and the bar.
 *
 * @param kind its kind: none, a line, a filled shape, a dot, a pair of brackets, or a raised circle in a curved notch of the bar
 * @param edge at which edge of the item a line or a dot stands: towards the content, or away from it
 * @param behind what a shape lies behind, or brackets stand around: the icon, or the whole item
 * @param width its length along the bar in dp, within {@link #WIDTH}
 * @param thickness its extent across the bar in dp, within {@link #THICKNESS}
 * @param radius the radius of its corners in dp, within {@link #RADIUS}
 * @param length what a line is as long as, where it has no width: the icon, the label or the item
 * @param depth how far the middle of a notch's circle lies below the bar's edge in dp, within {@link #DEPTH}; above it below 0. Default: 6
 * @param distance how far a line or a dot stands from the bar's edge, or how wide the room around a notch's circle is, in dp, within
 *     {@link #DISTANCE}. Default: 0 for a line, 4 for a dot, 6 for a notch
 * @param picture the picture that a shape is, in place of a colour: a file in the plan's folder
 */
@Keys(value = "indicator", shortForm = "kind", usual = "NONE")
public record Indicator(
        @Key(isRequired = true) Kind kind,
        Edge edge,
        Behind behind,
        @Key(range = "WIDTH") Optional<Double> width,
        @Key(range = "THICKNESS") Optional<Double> thickness,
        @Key(range = "RADIUS") Optional<Double> radius,
        Optional<Length> length,
        @Key(range = "DEPTH") Optional<Double> depth,
        @Key(range = "DISTANCE") Optional<Double> distance,
        @Key(codec = "PlanCodecs.FILE") Optional<String> picture) {
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
