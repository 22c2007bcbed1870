package org.yonderarc.layout;

/** The sizes of bars that no style sets, in dp, on a grid of 4. */
public final class Metrics {
    /** The smallest touch target; twice the 24 of WCAG 2.2, success criterion 2.5.8. */
    public static final double TARGET = 48;
    /** Icons of buttons. */
    public static final double ICON = 24;
    /** The least distance of a title from an edge or a button. */
    public static final double TITLE_MARGIN = 16;
    /** From the edge of a bar to its outermost buttons. */
    public static final double EDGE = 4;
    /** Between a label and the edge of its slot. */
    public static final double LABEL_MARGIN = 4;
    /** The least room above and below what stands in a slot. */
    public static final double SLOT_MARGIN = 8;
    /** The height of a line of text as a share of its size. */
    public static final double LINE = 1.3;

    /** The side of a badge without text, in dp. */
    public static final double DOT = 8;
    /** The height of a badge with text, in dp. */
    public static final double BADGE_HEIGHT = 16;
    /** How the text of a badge is set. */
    public static final Type BADGE = Type.semibold(10);
    /** Between a badge's text and its ends. */
    public static final double BADGE_PADDING = 4.5;
    /** How far the badge reaches over the icon. */
    public static final double BADGE_OVERLAP = 8;
    /** Slots are whole multiples of this, so that all are equal to the last bit and tile without a gap. */
    public static final double SLOT_GRID = 1.0 / 64;

    /** The picture of a person in a top bar, in dp. */
    public static final double FACE_SMALL = 32;

    /** The picture of a person in a drawer, in dp. */
    public static final double FACE = 56;
    /** The part of the screen that stays free beside an open drawer. */
    public static final double BESIDE_DRAWER = 56;
    /** A heading in a list of items. */
    public static final double HEADING = 44;
    /** A divider in a list of items. */
    public static final double DIVIDER = 17;
    /** The greatest width of a logo, in dp. */
    public static final double LOGO_WIDTH = 132;

    /** The greatest height of a logo, in dp. */
    public static final double LOGO_HEIGHT = 32;

    /** The thickness of lines between bars and content, and between items. */
    public static final double HAIRLINE = 1;
    /** What a state colours behind an item stays this much within its slot, where slots touch each other. */
    public static final double FILL_INSET = 4;

    private Metrics() {}

    /** Whole multiples of the slot grid. */
    public static double onGrid(double dp) {
        return Math.floor(dp / SLOT_GRID) * SLOT_GRID;
    }

    /** Half a dp: a whole pixel at twice the scale, so that edges are crisp. */
    public static double crisp(double dp) {
        return Math.round(dp * 2) / 2.0;
    }
}
