package org.yonderarc.plan;

import java.util.Objects;

/**
 * How one screen follows another.
 *
 * @param kind what moves
 * @param timing when and how fast
 */
public record Transition(Kind kind, Timing timing) {
    /** What moves when one screen follows another. */
    public enum Kind {
        /** Nothing: the new screen is there at once. */
        NONE,
        /** The old one fades out and the new one in. */
        FADE,
        /** The new one pushes the old one aside: forward on the way down, by the order of items between branches. */
        PUSH,
        /** The new one slides over the old one. */
        COVER,
        /** The new one rises from below. */
        RISE,
        /** The new one grows from the chosen item. */
        GROW,
        /** What both show, glides from its old place to its new one. */
        SHARED
    }

    public Transition {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(timing, "timing");
    }
}
