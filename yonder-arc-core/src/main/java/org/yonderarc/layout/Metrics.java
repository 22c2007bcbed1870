package org.yonderarc.layout;

/** The sizes of bars that no style sets, in dp, on a grid of 4. */
final class Metrics {
    /** The smallest touch target; twice the 24 of WCAG 2.2, success criterion 2.5.8. */
    static final double TARGET = 48;
    /** Icons of buttons. */
    static final double ICON = 24;
    /** The least distance of a title from an edge or a button. */
    static final double TITLE_MARGIN = 16;
    /** From the edge of a bar to its outermost buttons. */
    static final double EDGE = 4;
    /** Between a label and the edge of its slot. */
    static final double LABEL_MARGIN = 4;
    /** The least room above and below what stands in a slot. */
    static final double SLOT_MARGIN = 8;
    /** The height of a line of text as a share of its size. */
    static final double LINE = 1.3;

    static final double DOT = 8;
    static final double BADGE_HEIGHT = 16;
    static final Type BADGE = Type.semibold(10);
    /** Between a badge's text and its ends. */
    static final double BADGE_PADDING = 4.5;
    /** How far the badge reaches over the icon. */
    static final double BADGE_OVERLAP = 8;
    /** Slots are whole multiples of this, so that all are equal to the last bit and tile without a gap. */
    static final double SLOT_GRID = 1.0 / 64;
    /** A shape behind an icon. */
    static final double SHAPE_WIDTH = 60;

    static final double SHAPE_HEIGHT = 32;
    /** A line at an edge. */
    static final double LINE_WIDTH = 32;

    static final double LINE_THICKNESS = 3;
    /** A dot at an edge. */
    static final double MARK_DOT = 5;
    /** The circle that stands in a notch. */
    static final double NOTCH = 52;
    /** How far the middle of that circle lies below the bar's edge. */
    static final double NOTCH_DEPTH = 6;
    /** The radius of what lies behind an item. */
    static final double ITEM_RADIUS = 12;
    /** The picture of a person in a top bar, and in a drawer. */
    static final double FACE_SMALL = 32;

    static final double FACE = 56;
    /** The main action of a rail. */
    static final double ACTION = 56;
    /** The part of the screen that stays free beside an open drawer. */
    static final double BESIDE_DRAWER = 56;
    /** A heading in a list of items. */
    static final double HEADING = 44;
    /** A divider in a list of items. */
    static final double DIVIDER = 17;
    /** Logos. */
    static final double LOGO_WIDTH = 132;

    static final double LOGO_HEIGHT = 32;

    private Metrics() {}

    /** Whole multiples of the slot grid. */
    static double onGrid(double dp) {
        return Math.floor(dp / SLOT_GRID) * SLOT_GRID;
    }

    /** Half a dp: a whole pixel at twice the scale, so that edges are crisp. */
    static double crisp(double dp) {
        return Math.round(dp * 2) / 2.0;
    }
}
