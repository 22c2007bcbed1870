package org.yonderarc.fit;

/**
 * Distances from the four edges, in dp, none negative.
 *
 * @param top from the upper edge
 * @param right from the right edge
 * @param bottom from the lower edge
 * @param left from the left edge
 */
public record Insets(double top, double right, double bottom, double left) {
    /** No distance from any edge. */
    public static final Insets NONE = new Insets(0, 0, 0, 0);

    public Insets {
        if (!(top >= 0 && right >= 0 && bottom >= 0 && left >= 0)) {
            throw new IllegalArgumentException("insets can't be negative");
        }
    }
}
