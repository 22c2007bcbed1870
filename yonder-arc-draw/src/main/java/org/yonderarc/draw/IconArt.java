package org.yonderarc.draw;

import java.util.List;

/**
 * The drawing of an icon on a grid of 24 by 24, in one colour.
 *
 * @param name the icon's name
 * @param filled whether this is the filled twin; an outline is stroked 2 wide, with round caps and joins
 * @param shapes its shapes as SVG elements without colours: {@code <path d="..."/>}; safe to be put into any document
 */
public record IconArt(String name, boolean filled, List<String> shapes) {
    /** The width and height of the grid. */
    public static final double GRID = 24;

    public IconArt {
        shapes = List.copyOf(shapes);
    }

    /** The attributes of SVG 1.1 that give the shapes this colour. */
    public String paint(String colour) {
        return filled
                ? "fill=\"" + colour + "\""
                : "fill=\"none\" stroke=\"" + colour
                        + "\" stroke-width=\"2\" stroke-linecap=\"round\" stroke-linejoin=\"round\"";
    }

    /** A name that no other icon of the set has: {@code book} or {@code book-filled}. */
    public String key() {
        return filled ? name + "-filled" : name;
    }
}
