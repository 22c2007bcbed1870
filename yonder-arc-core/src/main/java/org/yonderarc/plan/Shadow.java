package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * The shadow of a bar.
 *
 * @param shown whether there is one
 * @param colour its colour; by default a faint dark one
 * @param blur how far it reaches beyond the bar in dp, within {@link #BLUR}
 * @param x how far it is moved in reading direction in dp, within {@link #OFFSET}
 * @param y how far it is moved down in dp, within {@link #OFFSET}
 */
public record Shadow(boolean shown, Optional<Paint> colour, double blur, double x, double y) {
    /** How far shadows reach, in dp. */
    public static final Range BLUR = new Range(0, 48);
    /** How far shadows are moved, in dp. */
    public static final Range OFFSET = new Range(-32, 32);
    /** A soft shadow, a little below. */
    public static final Shadow USUAL = new Shadow(true, Optional.empty(), 12, 0, 4);

    public Shadow {
        Objects.requireNonNull(colour, "colour");
        BLUR.require(blur, "the blur of a shadow");
        OFFSET.require(x, "the offset of a shadow");
        OFFSET.require(y, "the offset of a shadow");
    }
}
