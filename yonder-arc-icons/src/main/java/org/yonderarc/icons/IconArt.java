package org.yonderarc.icons;

import java.util.List;
import org.yonderarc.tree.Decimals;

/**
 * The drawing of an icon on a grid of 24 by 24, in one colour.
 *
 * @param name the icon's name
 * @param filled whether this is the filled variant
 * @param shapes its shapes as SVG elements without colours of their own: {@code <path d="..."/>}, filled with {@code currentColor} among others
 *     that are stroked; safe to be put into any document
 * @param stroked whether its shapes are stroked, with round caps and joins, and not filled, where they don't say otherwise
 * @param strokeWidth how wide, on the grid
 */
public record IconArt(String name, boolean filled, List<String> shapes, boolean stroked, double strokeWidth) {
    /** The width and height of the grid. */
    public static final double GRID = 24;

    public IconArt {
        shapes = List.copyOf(shapes);
    }

    /**
     * The shapes as outlines, for hosts that draw and read no SVG.
     *
     * @throws IllegalArgumentException if a shape is neither a path nor one of SVG's basic shapes
     */
    public List<IconShape> outlines() {
        return IconShape.of(this);
    }

    /** The attributes of SVG 1.1 that give the shapes this colour. */
    public String paint(String colour) {
        return stroked
                ? "fill=\"none\" stroke=\"" + colour + "\" stroke-width=\"" + Decimals.brief(strokeWidth)
                        + "\" stroke-linecap=\"round\" stroke-linejoin=\"round\""
                        + (takesColour(colour) ? " color=\"" + colour + "\"" : "")
                : "fill=\"" + colour + "\"";
    }

    /** Whether shapes that are filled among strokes have to be told the colour. */
    private boolean takesColour(String colour) {
        return !colour.equals("currentColor") && shapes.stream().anyMatch(shape -> shape.contains("currentColor"));
    }

    /** A name that no other icon of the set has: {@code book} or {@code book-filled}. */
    public String key() {
        return filled ? name + "-filled" : name;
    }
}
