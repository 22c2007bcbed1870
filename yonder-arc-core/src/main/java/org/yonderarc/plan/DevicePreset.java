package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * A device of a plan's own: a kiosk, a car's display, a reader. Pictures, sheets and the page offer it beside the usual ones, and
 * the check lays labels out on it.
 *
 * @param id its id; one that the usual ones have takes their place
 * @param width its width in dp, within {@link #SIZE}
 * @param height its height in dp, within {@link #SIZE}
 * @param top what the hardware claims of its upper edge in dp, within {@link #INSET}
 * @param bottom what it claims of its lower edge
 * @param left what it claims of its left edge
 * @param right what it claims of its right edge
 * @param pointer what people point with
 * @param body what pictures draw around it
 * @param pixelRatio how many pixels a picture of it has for each dp, within {@link #SCALE}; no value where that is as usual
 */
public record DevicePreset(
        String id,
        double width,
        double height,
        double top,
        double bottom,
        double left,
        double right,
        Visibility.Pointer pointer,
        Body body,
        Optional<Double> pixelRatio)
        implements Identified {
    /** Widths and heights in dp. */
    public static final Range SIZE = new Range(240, 4000);
    /** Pixels for each dp. */
    public static final Range SCALE = new Range(0.5, 4);
    /** What hardware may claim of an edge in dp. */
    public static final Range INSET = new Range(0, 100);

    /** The usual body for who points with this. */
    public static Body usual(Visibility.Pointer pointer) {
        return pointer == Visibility.Pointer.FINE ? Body.WINDOW : Body.PLAIN;
    }

    public DevicePreset {
        Ids.require(id, "device");
        SIZE.require(width, "the width of a device");
        SIZE.require(height, "the height of a device");
        INSET.require(top, "the inset of a device");
        INSET.require(bottom, "the inset of a device");
        INSET.require(left, "the inset of a device");
        INSET.require(right, "the inset of a device");
        if (left + right >= width / 2 || top + bottom >= height / 2) {
            throw new IllegalArgumentException("the insets of a device leave more than half of it free");
        }
        Objects.requireNonNull(pointer, "pointer");
        Objects.requireNonNull(body, "body");
        SCALE.require(pixelRatio, "the scale of a device");
    }
}
