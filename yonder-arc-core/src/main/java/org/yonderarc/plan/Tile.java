package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * What lies behind every icon.
 *
 * @param shape its shape
 * @param size its width and height in dp, within {@link #SIZE}. Default: 16 dp more than the icon
 */
@Keys(value = "tile", shortForm = "shape")
public record Tile(Shape shape, @Key(range = "SIZE") Optional<Double> size) {
    /** Widths and heights in dp. */
    public static final Range SIZE = new Range(16, 96);

    private static final double BEYOND = 16;
    private static final double ROUNDED = 0.28;
    private static final double SQUARE = 0.08;

    /** The shape of a tile. */
    public enum Shape {
        /** A circle. */
        ROUND,
        /** A square with round corners. */
        ROUNDED,
        /** A square. */
        SQUARE
    }

    public Tile {
        Objects.requireNonNull(shape, "shape");
        SIZE.require(size, "the size of a tile");
    }

    /** Its width and height around an icon of a size, in dp. */
    public double around(double icon) {
        return size.orElse(icon + BEYOND);
    }

    /** The radius of its corners where it is so wide, in dp. */
    public double radius(double width) {
        return switch (shape) {
            case ROUND -> width / 2;
            case ROUNDED -> width * ROUNDED;
            case SQUARE -> width * SQUARE;
        };
    }
}
