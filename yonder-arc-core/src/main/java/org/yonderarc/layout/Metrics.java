package org.yonderarc.layout;

/** The sizes of bars, in dp, on a grid of 4. */
final class Metrics {
    /** The smallest touch target; twice the 24 of WCAG 2.2, success criterion 2.5.8. */
    static final double TARGET = 48;

    static final double TOP_HEIGHT = 56;
    static final Type TITLE = Type.semibold(17);
    /** The least distance of a title from an edge or a button. */
    static final double TITLE_MARGIN = 16;

    static final double BOTTOM_HEIGHT = 64;
    static final double ICON = 24;
    /** From the bar's upper edge to the icon. */
    static final double ICON_TOP = 10;
    /** From the bar's upper edge to the label's baseline. */
    static final double LABEL_BASELINE = 51;

    static final Type LABEL = Type.regular(12);
    static final Type LABEL_SELECTED = Type.semibold(12);
    /** Between a label and the edge of its slot. */
    static final double LABEL_MARGIN = 4;

    static final double DOT = 8;
    static final double BADGE_HEIGHT = 16;
    static final Type BADGE = Type.semibold(10);
    /** Between a badge's text and its ends. */
    static final double BADGE_PADDING = 4.5;
    /** How far the badge reaches over the icon. */
    static final double BADGE_OVERLAP = 8;

    /** Slots are whole multiples of this, so that all are equal to the last bit and tile without a gap. */
    static final double SLOT_GRID = 1.0 / 64;

    private Metrics() {}
}
