package org.yonderarc.plan;

import java.util.Objects;

/**
 * How one screen follows another.
 *
 * @param kind what moves
 * @param timing when and how fast
 * @param stagger the time in ms by which each row of the new screen comes after the one above it, within {@link #STAGGER}
 */
public record Transition(Kind kind, Timing timing, double stagger) {
    /** Times in ms by which rows come after each other. */
    public static final Range STAGGER = new Range(0, 500);

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
        SHARED;

        /** Whether one of the two screens moves above the other. */
        public boolean liesOver() {
            return switch (this) {
                case COVER, RISE, GROW -> true;
                case NONE, FADE, PUSH, SHARED -> false;
            };
        }
    }

    /** All rows at once. */
    public Transition(Kind kind, Timing timing) {
        this(kind, timing, 0);
    }

    public Transition {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(timing, "timing");
        STAGGER.require(stagger, "the stagger of a transition");
    }
}
