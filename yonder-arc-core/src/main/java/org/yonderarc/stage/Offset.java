package org.yonderarc.stage;

/**
 * How far something is scrolled.
 *
 * @param across to the right, in dp; negative for those who read from right to left
 * @param down downwards, in dp
 */
record Offset(double across, double down) {
    /** At the start. */
    static final Offset NONE = new Offset(0, 0);

    boolean isNone() {
        return across == 0 && down == 0;
    }
}
