package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.ItemLayout;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.MarkHome;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.TopForm;

/**
 * Lays the items of a top bar out in a row. Where there is little room, labels become short ones, then icons stand alone; what
 * still doesn't fit is scrolled to, or goes onto further lines. Nothing is cut off.
 */
record TopRow(TopForm form, FittedBar bar, double scale, TextMeasure measure) {
    /** From a label to the ends of its item. */
    private static final double PADDING = 12;
    /** Items on more lines than this are shown with fewer words. */
    private static final int MOST_LINES = 3;

    private enum Level {
        WHOLE,
        SHORT,
        ICONS
    }

    private ItemLayout cells(Box line, Level level) {
        Form.Labels labels = level == Level.ICONS ? Form.Labels.NONE : form.labels();
        return new ItemLayout(line, form.iconPosition(), labels, scale, MarkHome.Inner.LOWER, measure);
    }

    /** The height of a row of its own. */
    double height() {
        var cells = cells(new Box(0, 0, 0, 0), Level.WHOLE);
        double tallest = bar.items().stream()
                .mapToDouble(item -> cells.height(item, 1))
                .max()
                .orElse(0);
        return Math.max(Metrics.TARGET, crisp(tallest + 2 * Metrics.SLOT_MARGIN));
    }

    /** What items beside each other take at least: as icons. */
    double least() {
        return bar.items().isEmpty() ? 0 : sum(widths(cells(new Box(0, 0, 0, 0), Level.ICONS), Level.ICONS));
    }

    /** How many lines items on a line of their own take in so much room. */
    int lines(double room) {
        return wraps() ? wrapped(room).lines().size() : 1;
    }

    private boolean wraps() {
        return form.ownRow() && form.wraps() && !bar.items().isEmpty();
    }

    /**
     * Items on several lines.
     *
     * @param level how they are shown
     * @param widths their widths
     * @param lines how many of them stand on each line
     */
    private record Wrapped(Level level, List<Double> widths, List<Integer> lines) {}

    /** As many words as fit on {@link #MOST_LINES}. */
    private Wrapped wrapped(double room) {
        Wrapped found = wrapped(Level.values()[0], room);
        for (Level level : Level.values()) {
            found = wrapped(level, room);
            if (found.lines().size() <= MOST_LINES) {
                break;
            }
        }
        return found;
    }

    private Wrapped wrapped(Level level, double room) {
        double spacing = bar.look().size(Size.SPACING);
        List<Double> widths = widths(cells(new Box(0, 0, 0, 0), level), level).stream()
                .map(width -> Math.min(width, room))
                .collect(toList());
        if (form.itemWidths() == TopForm.ItemWidths.EQUAL) {
            double widest =
                    widths.stream().mapToDouble(Double::doubleValue).max().orElse(0);
            int count = Math.max(1, (int) ((room + spacing) / (widest + spacing)));
            int lines = (widths.size() + count - 1) / count;
            int each = (widths.size() + lines - 1) / lines;
            double share = Metrics.onGrid((room - spacing * (each - 1)) / each);
            widths = widths.stream().map(width -> share).collect(toList());
        }
        var lines = new ArrayList<Integer>();
        double used = 0;
        for (double width : widths) {
            boolean isFirst = lines.isEmpty() || used + spacing + width > room + 1e-6;
            used = isFirst ? width : used + spacing + width;
            if (isFirst) {
                lines.add(1);
            } else {
                lines.set(lines.size() - 1, lines.get(lines.size() - 1) + 1);
            }
        }
        return new Wrapped(level, widths, lines);
    }

    private Layout.ItemList onLines(Box room, Box whole) {
        double spacing = bar.look().size(Size.SPACING);
        Wrapped wrapped = wrapped(room.width());
        double height = room.height() / wrapped.lines().size();
        var slots = new ArrayList<Layout.Slot>();
        double y = room.y();
        int first = 0;
        for (int count : wrapped.lines()) {
            List<Double> widths = wrapped.widths().subList(first, first + count);
            var line = new Box(whole.x(), y, whole.width(), height);
            ItemLayout cells = cells(line, wrapped.level());
            double x = start(new Box(room.x(), y, room.width(), height), whole, sum(widths));
            for (int i = 0; i < count; i++) {
                slots.add(cells.slot(bar.items().get(first + i), new Box(x, y, widths.get(i), height)));
                x += widths.get(i) + spacing;
            }
            first += count;
            y += height;
        }
        return Layout.ItemList.of(whole, false, slots);
    }

    private List<Double> widths(ItemLayout cells, Level level) {
        return bar.items().stream().map(item -> width(cells, item, level)).collect(toList());
    }

    private double width(ItemLayout cells, FittedItem item, Level level) {
        double icon = item.icon().isPresent() ? item.look().iconCell() : 0;
        String text = level == Level.WHOLE ? item.label() : item.brief();
        double label = cells.showsLabel(item) ? cells.widest(item, text) : 0;
        double gap = icon > 0 && label > 0 ? item.look().size(Size.GAP) : 0;
        double natural = cells.isVertical() ? Math.max(icon, label) : icon + gap + label;
        return bar.look()
                .itemWidth()
                .orElse(Math.max(Metrics.TARGET, natural + 2 * item.look().itemPadding(PADDING)));
    }

    private double sum(List<Double> widths) {
        double all = widths.stream().mapToDouble(Double::doubleValue).sum();
        return all + bar.look().size(Size.SPACING) * (widths.size() - 1);
    }

    /** The items in {@code room}, in a bar so large. */
    Layout.ItemList in(Box room, Box whole) {
        if (wraps()) {
            return onLines(room, whole);
        }
        var line = new Box(whole.x(), room.y(), whole.width(), room.height());
        ItemLayout cells = cells(line, Level.values()[0]);
        List<Double> widths = List.of();
        for (Level level : Level.values()) {
            cells = cells(line, level);
            widths = widths(cells, level);
            if (sum(widths) <= room.width()) {
                break;
            }
        }
        double spacing = bar.look().size(Size.SPACING);
        int count = widths.size();
        double share = Metrics.onGrid((room.width() - spacing * (count - 1)) / count);
        if (form.itemWidths() == TopForm.ItemWidths.EQUAL && widths.stream().allMatch(width -> width <= share)) {
            widths = widths.stream().map(width -> share).collect(toList());
        }
        double used = sum(widths);
        boolean scrolls = used > room.width();
        double x = scrolls ? room.x() - Metrics.onGrid(offset(widths, room.width())) : start(room, whole, used);
        double height = form.ownRow() ? room.height() : Math.min(room.height(), height());
        var slots = new ArrayList<Layout.Slot>();
        for (int i = 0; i < count; i++) {
            var target = new Box(x, room.centerY() - height / 2, widths.get(i), height);
            slots.add(cells.slot(bar.items().get(i), target));
            x += widths.get(i) + spacing;
        }
        return Layout.ItemList.of(scrolls ? room : whole, scrolls, slots);
    }

    /** On a line of their own, the first begins below the title, where there is room for that. */
    private double atTitle(Box room, double used) {
        double in =
                form.ownRow() ? Math.max(0, Metrics.TITLE_MARGIN - bar.look().itemPadding(PADDING)) : 0;
        return room.x() + (used + 2 * in <= room.width() ? in : 0);
    }

    private double start(Box room, Box whole, double used) {
        return switch (form.alignItems()) {
            case START -> atTitle(room, used);
            case CENTER -> Math.max(room.x(), Math.min(whole.centerX() - used / 2, room.right() - used));
            case END -> form.ownRow() ? atTitle(room, used) : room.right() - used;
        };
    }

    /** How far a row is scrolled, so that the selected item stands as near to the middle as the ends allow. */
    private double offset(List<Double> widths, double room) {
        double spacing = bar.look().size(Size.SPACING);
        double at = 0;
        double middle = 0;
        for (int i = 0; i < widths.size(); i++) {
            if (bar.items().get(i).selected()) {
                middle = at + widths.get(i) / 2;
            }
            at += widths.get(i) + spacing;
        }
        return Math.max(0, Math.min(at - spacing - room, middle - room / 2));
    }
}
