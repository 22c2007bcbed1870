package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.START;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Look;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.ItemLayout;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Size;

/** Lays items out below each other, with headings and lines between them. */
final class ListBoxes {
    /** Texts of lists grow with the person's text scale up to this. */
    static final double MOST_SCALE = 2;

    /** Lines are set in no farther than leaves them this much, in dp. */
    private static final double LEAST_LINE = 140;

    /** Items below a heading that folds them are set in by this at least, in dp. */
    private static final double IN_FOLD = 12;

    private final Look look;
    private final ItemLayout cells;
    private final boolean collapsed;
    private final List<Layout.Slot> slots = new ArrayList<>();
    private final List<TextLine> headings = new ArrayList<>();
    private final List<Box> dividers = new ArrayList<>();

    /**
     * A list.
     *
     * @param collapsed whether it shows icons only
     */
    ListBoxes(Look look, ItemLayout cells, boolean collapsed) {
        this.look = look;
        this.cells = cells;
        this.collapsed = collapsed;
    }

    ItemLayout cells() {
        return cells;
    }

    /** The distance of items from the leading side. */
    double inset() {
        return side(Size.PADDING_START);
    }

    /** The distance of items from both sides together. */
    double sides() {
        return inset() + side(Size.PADDING_END);
    }

    private double side(Size side) {
        double padding = look.padding(side);
        return collapsed ? Math.min(padding, 8) : padding;
    }

    /** The lines from the upper edge of {@code room} on; gives where they end. */
    double add(List<FittedBar.Line> lines, Box room) {
        double inset = inset();
        double width = Math.max(0, room.width() - sides());
        double y = room.y();
        // No line gets narrower than its icon and a word need.
        double most = Math.max(0, width - LEAST_LINE);
        boolean isInFold = false;
        for (FittedBar.Line line : lines) {
            if (line.item().isPresent()) {
                FittedItem item = line.item().get();
                isInFold = item.folds() || line.below() && isInFold;
                boolean isSetIn = line.below() && !collapsed;
                double indent = isSetIn ? Math.min(most, Math.max(look.indent(), isInFold ? IN_FOLD : 0)) : 0;
                double height = height(item, width - indent);
                var box = new Box(room.x() + inset + indent, y, width - indent, height);
                slots.add(cells.line(item, box, collapsed));
                y += height + look.size(Size.SPACING);
            } else if (line.heading().isPresent() && !collapsed) {
                isInFold = false;
                y += heading(line.heading().get(), room.x() + inset + 16, y, Math.max(0, width - 32));
            } else {
                divider(room.x() + inset + 4, y, Math.max(0, width - 8));
                y += Metrics.DIVIDER;
            }
        }
        return y;
    }

    /** The height of an item in a list so wide. */
    double height(FittedItem item, double width) {
        double least = look.size(Size.ITEM_HEIGHT);
        return collapsed ? cells.tiled(item, least) : crisp(cells.lineHeight(item, width, least));
    }

    /** A heading at {@code y}; gives its height. */
    double heading(String text, double x, double y, double most) {
        Type type = Looks.title(look, cells.textScale());
        double height = Math.max(Metrics.HEADING, ItemLayout.lineHeight(type) + 16);
        double baseline = crisp(type.baselineAround(y + height / 2 + 4));
        headings.add(TextLine.of(text, START, x, baseline, most, type, cells.measure()));
        return height;
    }

    /** A line between items. */
    void divider(double x, double y, double width) {
        dividers.add(new Box(x, y + 8, width, Metrics.HAIRLINE));
    }

    /** An item that was laid out elsewhere. */
    void add(Layout.Slot slot) {
        slots.add(slot);
    }

    /** What was laid out, as far as {@code view} shows it. */
    Layout.ItemList in(Box view) {
        return new Layout.ItemList(view, true, slots, headings, dividers, Optional.empty());
    }
}
