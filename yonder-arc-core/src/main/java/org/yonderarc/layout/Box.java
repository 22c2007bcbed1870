package org.yonderarc.layout;

import org.yonderarc.tree.Decimals;

/**
 * A rectangle in dp. The origin is the upper left corner of the device; y grows downwards.
 *
 * @param x the left edge
 * @param y the upper edge
 * @param width the width, not negative
 * @param height the height, not negative
 */
public record Box(double x, double y, double width, double height) {
    public Box {
        if (!(width >= 0 && height >= 0)) {
            throw new IllegalArgumentException(
                    "a box can't be " + Decimals.text(width) + " x " + Decimals.text(height));
        }
    }

    /** The right edge. */
    public double right() {
        return x + width;
    }

    /** The lower edge. */
    public double bottom() {
        return y + height;
    }

    /** The middle between left and right. */
    public double centerX() {
        return x + width / 2;
    }

    /** The middle between top and bottom. */
    public double centerY() {
        return y + height / 2;
    }

    /** A box of this size with its middle at {@code x}, {@code y}. */
    public static Box around(double x, double y, double width, double height) {
        return new Box(x - width / 2, y - height / 2, width, height);
    }

    /** The box made smaller by {@code by} dp on each side, larger where negative. */
    public Box inset(double by) {
        double across = Math.min(by, width / 2);
        double down = Math.min(by, height / 2);
        return new Box(x + across, y + down, width - 2 * across, height - 2 * down);
    }

    /** Whether {@code other} lies within this box, edges included. */
    public boolean contains(Box other) {
        return other.x >= x && other.y >= y && other.right() <= right() && other.bottom() <= bottom();
    }

    /** Whether the two share an area; touching edges share none. */
    public boolean overlaps(Box other) {
        return x < other.right() && other.x < right() && y < other.bottom() && other.y < bottom();
    }

    /** The part of this box that lies within another; of no size where they share none. */
    public Box within(Box other) {
        double left = Math.max(x, other.x);
        double top = Math.max(y, other.y);
        return new Box(
                left,
                top,
                Math.max(0, Math.min(right(), other.right()) - left),
                Math.max(0, Math.min(bottom(), other.bottom()) - top));
    }

    /** The smallest box that holds this one and another. */
    public Box with(Box other) {
        double left = Math.min(x, other.x);
        double top = Math.min(y, other.y);
        return new Box(left, top, Math.max(right(), other.right()) - left, Math.max(bottom(), other.bottom()) - top);
    }
}
