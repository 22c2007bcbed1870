package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.ItemLayout;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.MarkHome;
import org.yonderarc.layout.Marks;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.BottomForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Size;

/** Lays bottom bars out: edge to edge or floating, in one row or several, or scrolling. */
final class BottomBoxes {
    /** Labels of a bar that scrolls have at least this much room, in dp. */
    private static final double SCROLLING_SLOT = 72;

    /** How far the middle of that circle lies below the bar's edge. */
    private static final double RAISED_DEPTH = 6;
    /** What the notch around that circle takes of the bar beside it, at both sides together. */
    private static final double AROUND_RAISED = 24;

    private final BottomForm form;
    private final FittedBar bar;
    private final List<FittedItem> items;
    private final Device device;
    private final TextMeasure measure;
    /** The free room between the edges. */
    private final double left;

    private final double right;
    /** The room before the first item, and before it and behind the last one together. */
    private final double before;

    private final double ends;
    private final double spacing;
    private final Optional<FittedItem> raised;
    private final Form.IconPosition side;

    private BottomBoxes(BottomForm form, FittedBar bar, Room room) {
        this.form = form;
        this.bar = bar;
        this.items = bar.items();
        this.device = room.device();
        this.measure = room.measure();
        double inset = form.floating().map(BottomForm.Floating::inset).orElse(0.0);
        double start = room.left() + inset;
        double end = room.right() - inset;
        double free = Math.max(0, end - start);
        double width = Math.min(
                free, form.floating().flatMap(BottomForm.Floating::maxWidth).orElse(free));
        this.left = switch (form.floating().map(BottomForm.Floating::align).orElse(Form.Alignment.CENTER)) {
            case START -> start;
            // On the grid of the slots, or the first would begin before the bar.
            case CENTER -> width < free ? Metrics.onGrid(start + (free - width) / 2) : start;
            case END -> width < free ? Metrics.onGrid(end - width) : start;
        };
        this.right = left + width;
        MarkHome mark = Marks.of(bar.look().indicator().kind());
        // What stands at the ends gives way before the items have no room at all.
        this.before = Math.min(
                width / 2,
                Math.max(
                        bar.look().padding(Size.PADDING_START),
                        mark.padding(bar.look().indicator())));
        this.ends = Math.min(
                width,
                before
                        + Math.max(
                                bar.look().padding(Size.PADDING_END),
                                mark.padding(bar.look().indicator())));
        // What is raised out of the bar has its label below it, wherever icons stand otherwise.
        this.spacing = bar.look().size(Size.SPACING);
        this.raised = bar.apart().stream().findFirst();
        this.side =
                mark.isRaised() || raised.isPresent() || cutsBeside() ? Form.IconPosition.ABOVE : form.iconPosition();
    }

    /** The boxes; the bar stands between what stands at the side edges. */
    static Layout.Bar layOut(BottomForm form, FittedBar bar, Room room) {
        return new BottomBoxes(form, bar, room).layOut(room.from(), room.to());
    }

    private Layout.Bar layOut(double from, double to) {
        int rows = rows();
        double scale = scale(rows);
        double row = rowHeight(scale);
        double height = row * rows;
        Optional<BottomForm.Floating> floating = form.floating();
        double bottom = device.height()
                - Math.max(
                        device.safe().bottom(),
                        floating.map(how -> how.bottomOffset().orElse(how.inset()))
                                .orElse(0.0));
        double y = bottom - height;
        Box inner = new Box(left, y, right - left, height);
        Box box = floating.isPresent() ? inner : new Box(from, y, to - from, device.height() - y);
        var cells = cells(new Box(box.x(), y, box.width(), height), scale);
        List<Layout.Slot> slots = slots(cells, inner, rows, row);
        boolean scrolls = form.whenFull() == Form.WhenFull.SCROLL;
        var ground = new Layout.Ground(
                box,
                floating.map(how -> Math.min(how.radius(), height / 2)).orElse(0.0),
                floating.map(BottomForm.Floating::shadow).orElse(false),
                Optional.of(Role.SURFACE),
                floating.isPresent()
                        ? Optional.empty()
                        : Optional.of(new Box(box.x(), box.y(), box.width(), Metrics.HAIRLINE)),
                Layout.Scrim.NONE);
        Box view = scrolls ? inner : box;
        return new Layout.Bar(
                bar,
                ground,
                Layout.ItemList.of(view, scrolls, slots),
                raised.stream().map(item -> raised(cells, item, inner)).collect(toList()),
                Layout.Head.NONE,
                List.of());
    }

    /** Whether a label beside its icon would be cut off though all of them stand in one row: above it, it has more room. */
    private boolean cutsBeside() {
        boolean isBeside =
                form.iconPosition() == Form.IconPosition.BEFORE || form.iconPosition() == Form.IconPosition.AFTER;
        if (!isBeside || form.labels() != Form.Labels.ALL || form.whenFull() != Form.WhenFull.OVERFLOW) {
            return false;
        }
        double least = device.atLeastUsual(0);
        var cells = cells(new Box(0, 0, 0, 0), form.iconPosition(), least);
        double room = slotWidth(1) - 2 * Metrics.SLOT_MARGIN;
        return items.stream().anyMatch(item -> cells.naturalWidth(item) > room);
    }

    private ItemLayout cells(Box whole, double scale) {
        return cells(whole, side, scale);
    }

    private ItemLayout cells(Box whole, Form.IconPosition side, double scale) {
        return new ItemLayout(whole, side, form.labels(), scale, MarkHome.Inner.UPPER, measure);
    }

    /** Rows of at most so many items as the form says; more where they would take more than half of the device. */
    private int rows() {
        if (form.whenFull() != Form.WhenFull.WRAP) {
            return 1;
        }
        int count = Math.max(1, items.size());
        int highest = Math.max(1, (int) (device.height() / 2 / rowHeight(device.textScale())));
        int most = Math.min(Math.max(form.maxItems(), (count + highest - 1) / highest), Math.max(1, (int)
                ((right - left) / Metrics.TARGET)));
        return (count + most - 1) / most;
    }

    /** The text scale at which every label fits, if there is one that isn't smaller than usual. */
    private double scale(int rows) {
        double wanted = device.textScale();
        double least = Math.min(1, wanted);
        if (form.whenFull() == Form.WhenFull.SCROLL) {
            return Math.min(wanted, 1.6);
        }
        var cells = cells(new Box(0, 0, 0, 0), wanted);
        double room = slotWidth(rows) - 2 * Metrics.LABEL_MARGIN;
        double widest = 0;
        for (FittedItem item : items) {
            if (cells.showsLabel(item)) {
                widest = Math.max(widest, cells.widest(item, item.brief()));
            }
        }
        return widest <= room ? wanted : Math.max(least, Math.floor(wanted * room / widest * 64) / 64);
    }

    private double rowHeight(double scale) {
        var cells = cells(new Box(0, 0, 0, 0), scale);
        double tallest = 0;
        double above = 0;
        for (FittedItem item : items) {
            tallest = Math.max(tallest, cells.height(item, 1));
            above = Math.max(
                    above,
                    Marks.of(item.look().indicator().kind()).above(item.look().indicator()));
        }
        double own = bar.look().size(Size.THICKNESS);
        return Math.max(Math.max(own, Metrics.TARGET), Metrics.crisp(tallest + 2 * Metrics.SLOT_MARGIN + above));
    }

    /** An item; what a state colours behind it stays a little within its slot. */
    private static Layout.Slot slot(ItemLayout cells, FittedItem item, Box target) {
        return cells.slot(item, target).filling(target.inset(Metrics.FILL_INSET));
    }

    private int perRow(int rows) {
        return Math.max(1, (items.size() + rows - 1) / rows);
    }

    private double slotWidth(int rows) {
        int count = raised.isPresent() ? Math.max(1, (items.size() + 1) / 2) : perRow(rows);
        double room = (raised.isPresent() ? halfWidth() : right - left - ends) - spacing * (count - 1);
        double most = Math.max(0, Metrics.onGrid(room / count));
        return bar.look().itemWidth().map(fixed -> Math.min(fixed, most)).orElse(most);
    }

    /** The main action: a circle in the middle, raised out of the bar. */
    private Layout.Slot raised(ItemLayout cells, FittedItem item, Box inner) {
        double middle = inner.y() + RAISED_DEPTH;
        var target = new Box(
                inner.centerX() - form.actionSize() / 2,
                middle - form.actionSize() / 2,
                form.actionSize(),
                Math.max(form.actionSize(), inner.bottom() - middle + form.actionSize() / 2));
        Box circle = Box.around(inner.centerX(), middle, form.actionSize(), form.actionSize());
        double size = item.look().size(Size.ICON_SIZE);
        Box icon = Box.around(circle.centerX(), circle.centerY(), size, size);
        var body = new Layout.Body(icon, List.of(), List.of(), cells.atRim(item, circle, target), Optional.empty());
        return cells.placed(item, target, body, form.actionSize() / 2)
                .filling(circle)
                .on(new Layout.Plate(circle, form.actionSize() / 2, Role.ACCENT, Optional.of(Role.ACCENT_TEXT), true));
    }

    /** The same number of slots at both sides of the middle, where the main action stands. */
    private List<Layout.Slot> halves(ItemLayout cells, Box inner) {
        int first = (items.size() + 1) / 2;
        double width = slotWidth(1);
        double used = width * first + spacing * (first - 1);
        double half = halfWidth();
        var slots = new ArrayList<Layout.Slot>();
        for (int i = 0; i < items.size(); i++) {
            boolean isBehind = i >= first;
            int count = isBehind ? items.size() - first : first;
            double wide = width * count + spacing * (count - 1);
            double start = isBehind ? inner.centerX() + (form.actionSize() + AROUND_RAISED) / 2 : inner.x() + before;
            // Fewer behind the middle than before it keep their width, and stand in the middle of their half.
            double x = Metrics.onGrid(start + (half - (isBehind ? wide : used)) / 2);
            int at = isBehind ? i - first : i;
            slots.add(slot(cells, items.get(i), new Box(x + at * (width + spacing), inner.y(), width, inner.height())));
        }
        return slots;
    }

    /** What is left at each side of the main action. */
    private double halfWidth() {
        return Math.max(0, (right - left - ends - (form.actionSize() + AROUND_RAISED)) / 2);
    }

    private List<Layout.Slot> slots(ItemLayout cells, Box inner, int rows, double row) {
        if (form.whenFull() == Form.WhenFull.SCROLL) {
            return scrolling(cells, inner);
        }
        if (raised.isPresent()) {
            return halves(cells, inner);
        }
        boolean spreads = form.labels() == Form.Labels.SELECTED
                && !cells.isVertical()
                && rows == 1
                && bar.look().itemWidth().isEmpty();
        return spreads ? spread(cells, inner) : equal(cells, inner, rows, row);
    }

    private List<Layout.Slot> equal(ItemLayout cells, Box inner, int rows, double row) {
        int count = perRow(rows);
        double width = slotWidth(rows);
        // What the grid leaves over, under 1/64 dp for each slot, is shared by both ends.
        double used = width * count + spacing * (count - 1);
        double start = Metrics.onGrid(inner.x() + before + (inner.width() - ends - used) / 2);
        var slots = new ArrayList<Layout.Slot>();
        for (int i = 0; i < items.size(); i++) {
            var target = new Box(start + (i % count) * (width + spacing), inner.y() + i / count * row, width, row);
            slots.add(slot(cells, items.get(i), target));
        }
        return slots;
    }

    /** The selected item has the room of its label, the others share the rest. */
    private List<Layout.Slot> spread(ItemLayout cells, Box inner) {
        int count = items.size();
        double room = inner.width() - ends - spacing * (count - 1);
        long labelled = items.stream().filter(cells::showsLabel).count();
        double widest = 0;
        for (FittedItem item : items) {
            widest = Math.max(widest, cells.showsLabel(item) ? cells.naturalWidth(item) + 32 : 0);
        }
        double most = labelled == 0 ? 0 : (room - Metrics.TARGET * (count - labelled)) / labelled;
        double wide = Math.max(0, Metrics.onGrid(Math.min(widest, most)));
        double narrow =
                count == labelled ? 0 : Math.max(0, Metrics.onGrid((room - wide * labelled) / (count - labelled)));
        double x = inner.x() + before;
        var slots = new ArrayList<Layout.Slot>();
        for (FittedItem item : items) {
            double width = cells.showsLabel(item) ? wide : narrow;
            slots.add(slot(cells, item, new Box(x, inner.y(), width, inner.height())));
            x += width + spacing;
        }
        return slots;
    }

    /** Slots as wide as the widest label; the selected one as near to the middle as the ends allow. */
    private List<Layout.Slot> scrolling(ItemLayout cells, Box inner) {
        double widest = bar.look().itemWidth().orElse(SCROLLING_SLOT);
        int selected = 0;
        for (FittedItem item : items) {
            widest = Math.max(widest, cells.naturalWidth(item) + 4 * Metrics.LABEL_MARGIN);
            selected = item.selected() ? items.indexOf(item) : selected;
        }
        int count = items.size();
        double room = inner.width() - ends;
        double width = Metrics.onGrid(Math.max(widest, (room - spacing * (count - 1)) / count));
        double all = width * count + spacing * (count - 1);
        double middle = selected * (width + spacing) + width / 2;
        double offset = Math.max(0, Math.min(all - room, middle - room / 2));
        var slots = new ArrayList<Layout.Slot>();
        for (int i = 0; i < count; i++) {
            double x = inner.x() + before + i * (width + spacing) - Metrics.onGrid(offset);
            slots.add(slot(cells, items.get(i), new Box(x, inner.y(), width, inner.height())));
        }
        return slots;
    }
}
