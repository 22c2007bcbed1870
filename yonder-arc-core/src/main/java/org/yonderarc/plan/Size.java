package org.yonderarc.plan;

import java.util.Locale;

/** The sizes that a style can set, in dp. */
public enum Size {
    /** The width and height of icons. */
    ICON_SIZE(12, 64, "The width and height of icons, in dp."),
    /** The size of labels, before the person's text scale. */
    LABEL_SIZE(8, 32, "The type size of labels in dp, before the person's own text scale."),
    /** The size of the label of the selected item, before the person's text scale. */
    SELECTED_SIZE(8, 32, "The type size in dp of the selected item's label. Default: as the others."),
    /** The size of the title in a top bar, of headings in a drawer. */
    TITLE_SIZE(8, 40, "The type size in dp of a top bar's title, or of a drawer's headings."),
    /** The width of each item; without it, items share the room. */
    ITEM_WIDTH(40, 480, "The width of each item in dp. Without it, the items share the room."),
    /** The height of each item of a rail or a drawer. */
    ITEM_HEIGHT(32, 160, "The height of each item of a rail or a drawer, in dp."),
    /** Between the ends of an item and what stands in it. */
    ITEM_PADDING(
            0,
            48,
            "The room between the ends of an item and what stands in it, in dp. Default: 12 in a top bar, 16 in a list."),
    /** Between items. */
    SPACING(0, 64, "The room between items, in dp."),
    /** Between the items and the ends of the bar. */
    PADDING(0, 96, "The room between the items and the ends of the bar, in dp."),
    /** Above the first item, where items lie below each other. */
    PADDING_TOP(0, 96, "The room above items that lie below each other, in dp. Default: the padding."),
    /** Below the last item, where items lie below each other. */
    PADDING_BOTTOM(0, 96, "The room below items that lie below each other, in dp. Default: the padding."),
    /** Before items, at the leading side. */
    PADDING_START(0, 96, "The room between items and the leading end or side of the bar, in dp. Default: the padding."),
    /** Behind items, at the trailing side. */
    PADDING_END(0, 96, "The room between items and the trailing end or side of the bar, in dp. Default: the padding."),
    /** How far items under a heading are set in. */
    INDENT(0, 64, "How far items under a heading are set in, in lists, in dp."),
    /** The radius of what lies behind an item. */
    ITEM_RADIUS(0, 60, "The radius in dp of the corners of what lies behind an item."),
    /** Between icon and label. */
    GAP(0, 32, "The room between icon and label, in dp."),
    /** The bar's height where it lies, its width where it stands. */
    THICKNESS(
            48,
            200,
            "The bar's least height where it lies, its least width where it stands, in dp; it grows with what stands in it.");

    private final Range range;
    private final String meaning;

    Size(double least, double most, String meaning) {
        this.range = new Range(least, most);
        this.meaning = meaning;
    }

    /** The values that it can have, in dp. */
    public Range range() {
        return range;
    }

    /** What it is, in one sentence. */
    public String meaning() {
        return meaning;
    }

    /** The word for it in a plan file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
