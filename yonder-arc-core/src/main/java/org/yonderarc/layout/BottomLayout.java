package org.yonderarc.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Insets;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Size;

/** Lays bottom bars out: edge to edge or floating, in one row or several, or scrolling. */
final class BottomLayout {
    /** Labels of a bar that scrolls have at least this much room, in dp. */
    private static final double SCROLLING_SLOT = 72;

    /** A notch needs some room beside the first and the last item. */
    private static final double NOTCH_PADDING = 24;

    private final FittedBar.Bottom bar;
    private final Device device;
    private final TextMeasure measure;
    /** The free room between the edges. */
    private final double left;

    private final double right;
    private final double padding;
    private final double spacing;
    private final Form.IconSide side;

    private BottomLayout(FittedBar.Bottom bar, Device device, double from, TextMeasure measure) {
        this.bar = bar;
        this.device = device;
        this.measure = measure;
        Insets safe = device.safe();
        double inset = bar.form().floating().map(Form.Floating::inset).orElse(0.0);
        this.left = Math.max(from > 0 ? from : safe.left(), 0) + inset;
        this.right = device.width() - safe.right() - inset;
        boolean notch = bar.look().indicator().kind() == Indicator.Kind.NOTCH;
        this.padding = Math.max(bar.look().size(Size.PADDING), notch ? NOTCH_PADDING : 0);
        // What is raised into a notch has its label below it, wherever icons stand otherwise.
        this.side = notch ? Form.IconSide.ABOVE : bar.form().icons();
        this.spacing = bar.look().size(Size.SPACING);
    }

    /** The boxes; the bar starts at {@code from}, the trailing edge of what stands at the leading edge. */
    static Layout.Bar layOut(FittedBar.Bottom bar, Device device, double from, TextMeasure measure) {
        return new BottomLayout(bar, device, from, measure).layOut(from);
    }

    private Layout.Bar layOut(double from) {
        int rows = rows();
        double scale = scale(rows);
        double row = rowHeight(scale);
        double height = row * rows;
        Optional<Form.Floating> floating = bar.form().floating();
        double bottom = device.height()
                - Math.max(
                        device.safe().bottom(),
                        floating.map(Form.Floating::inset).orElse(0.0));
        double y = bottom - height;
        Box inner = new Box(left, y, right - left, height);
        Box box = floating.isPresent() ? inner : new Box(from, y, device.width() - from, device.height() - y);
        var cells = new Cells(
                new Box(box.x(), y, box.width(), height), side, bar.form().labels(), scale, false, measure);
        List<Layout.Slot> slots = slots(cells, inner, rows, row);
        boolean scrolls = bar.form().whenFull() == Form.WhenFull.SCROLL;
        Layout.Bar base = Layout.Bar.of(bar, box);
        return new Layout.Bar(
                bar,
                box,
                floating.map(form -> Math.min(form.radius(), height / 2)).orElse(0.0),
                floating.map(Form.Floating::shadow).orElse(false),
                scrolls ? inner : base.view(),
                slots,
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                false);
    }

    private int rows() {
        int items = Math.max(1, bar.items().size());
        boolean wraps = bar.form().whenFull() == Form.WhenFull.WRAP;
        int most = Math.min(bar.form().most(), Math.max(1, (int) ((right - left) / Metrics.TARGET)));
        return wraps ? (items + most - 1) / most : 1;
    }

    /** The text scale at which every label fits, if there is one that isn't smaller than usual. */
    private double scale(int rows) {
        double wanted = device.textScale();
        double least = Math.min(1, wanted);
        if (bar.form().whenFull() == Form.WhenFull.SCROLL) {
            return Math.min(wanted, 1.6);
        }
        var cells = new Cells(new Box(0, 0, 0, 0), side, bar.form().labels(), wanted, false, measure);
        double room = slotWidth(rows) - 2 * Metrics.LABEL_MARGIN;
        double widest = 0;
        for (FittedItem item : bar.items()) {
            if (cells.showsLabel(item)) {
                widest = Math.max(widest, cells.widest(item, item.brief()));
            }
        }
        return widest <= room ? wanted : Math.max(least, Math.floor(wanted * room / widest * 64) / 64);
    }

    private double rowHeight(double scale) {
        var cells = new Cells(new Box(0, 0, 0, 0), side, bar.form().labels(), scale, false, measure);
        double tallest = 0;
        boolean notch = false;
        for (FittedItem item : bar.items()) {
            tallest = Math.max(tallest, cells.height(item, 1));
            notch |= item.look().indicator().kind() == Indicator.Kind.NOTCH;
        }
        double own = bar.look().size(Size.THICKNESS);
        return Math.max(
                Math.max(own, Metrics.TARGET), Metrics.crisp(tallest + 2 * Metrics.SLOT_MARGIN + (notch ? 4 : 0)));
    }

    private int perRow(int rows) {
        int items = bar.items().size();
        return Math.max(1, (items + rows - 1) / rows);
    }

    private double slotWidth(int rows) {
        int count = perRow(rows);
        double room = right - left - 2 * padding - spacing * (count - 1);
        return bar.look()
                .itemWidth()
                .map(fixed -> Math.min(fixed, Metrics.onGrid(room / count)))
                .orElse(Metrics.onGrid(room / count));
    }

    private List<Layout.Slot> slots(Cells cells, Box inner, int rows, double row) {
        if (bar.form().whenFull() == Form.WhenFull.SCROLL) {
            return scrolling(cells, inner);
        }
        boolean spreads = bar.form().labels() == Form.Labels.SELECTED
                && !cells.isVertical()
                && rows == 1
                && bar.look().itemWidth().isEmpty();
        return spreads ? spread(cells, inner) : equal(cells, inner, rows, row);
    }

    private List<Layout.Slot> equal(Cells cells, Box inner, int rows, double row) {
        int count = perRow(rows);
        double width = slotWidth(rows);
        // What the grid leaves over, under 1/64 dp for each slot, is shared by both ends.
        double used = width * count + spacing * (count - 1);
        double start = Metrics.onGrid(inner.x() + (inner.width() - used) / 2);
        var slots = new ArrayList<Layout.Slot>();
        for (int i = 0; i < bar.items().size(); i++) {
            var target = new Box(start + (i % count) * (width + spacing), inner.y() + i / count * row, width, row);
            slots.add(cells.slot(bar.items().get(i), target));
        }
        return slots;
    }

    /** The selected item has the room of its label, the others share the rest. */
    private List<Layout.Slot> spread(Cells cells, Box inner) {
        int count = bar.items().size();
        double room = inner.width() - 2 * padding - spacing * (count - 1);
        long labelled = bar.items().stream().filter(cells::showsLabel).count();
        double widest = 0;
        for (FittedItem item : bar.items()) {
            widest = Math.max(widest, cells.showsLabel(item) ? cells.naturalWidth(item) + 32 : 0);
        }
        double most = labelled == 0 ? 0 : (room - Metrics.TARGET * (count - labelled)) / labelled;
        double wide = Metrics.onGrid(Math.min(widest, most));
        double narrow = count == labelled ? 0 : Metrics.onGrid((room - wide * labelled) / (count - labelled));
        double x = inner.x() + padding;
        var slots = new ArrayList<Layout.Slot>();
        for (FittedItem item : bar.items()) {
            double width = cells.showsLabel(item) ? wide : narrow;
            slots.add(cells.slot(item, new Box(x, inner.y(), width, inner.height())));
            x += width + spacing;
        }
        return slots;
    }

    /** Slots as wide as the widest label; the selected one as near to the middle as the ends allow. */
    private List<Layout.Slot> scrolling(Cells cells, Box inner) {
        double widest = bar.look().itemWidth().orElse(SCROLLING_SLOT);
        int selected = 0;
        for (FittedItem item : bar.items()) {
            widest = Math.max(widest, cells.naturalWidth(item) + 4 * Metrics.LABEL_MARGIN);
            selected = item.selected() ? bar.items().indexOf(item) : selected;
        }
        int count = bar.items().size();
        double room = inner.width() - 2 * padding;
        double width = Metrics.onGrid(Math.max(widest, (room - spacing * (count - 1)) / count));
        double all = width * count + spacing * (count - 1);
        double middle = selected * (width + spacing) + width / 2;
        double offset = Math.max(0, Math.min(all - room, middle - room / 2));
        var slots = new ArrayList<Layout.Slot>();
        for (int i = 0; i < count; i++) {
            double x = inner.x() + padding + i * (width + spacing) - Metrics.onGrid(offset);
            slots.add(cells.slot(bar.items().get(i), new Box(x, inner.y(), width, inner.height())));
        }
        return slots;
    }
}
