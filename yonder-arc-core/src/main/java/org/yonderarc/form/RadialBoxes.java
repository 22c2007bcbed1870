package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.END;
import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;
import static org.yonderarc.layout.TextLine.Anchor.START;
import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.ItemLayout;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.MarkHome;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.RadialForm;
import org.yonderarc.plan.RadialForm.Beside;
import org.yonderarc.plan.RadialForm.Corner;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Size;

/** Lays round buttons out, and the items that they fan out on their {@link Arc}. */
final class RadialBoxes {
    /** The distance of the button from the edges. */
    private static final double MARGIN = 16;
    /** The room that bars at the upper and the lower edge take together, at most, where their own sizes aren't known yet. */
    private static final double BARS = 136;
    /** Between an item and a label beside it. */
    private static final double BESIDE = 8;
    /** Between the ends of a label's plate and its text. */
    private static final double PLATE = 10;
    /** Between an item and its label below. */
    private static final double BELOW = 2;
    /** What the plate of a label is higher than its text. */
    private static final double PLATE_HEIGHT = 8;
    /** What baselines on whole pixels may take more. */
    private static final double CRISP = 1;
    /** Labels grow up to this. */
    private static final double MOST_SCALE = 1.5;

    private final RadialForm form;
    private final FittedBar bar;
    private final Box free;
    private final TextMeasure measure;
    private final ItemLayout cells;
    private final Arc arc;
    private final double item;
    private final double edge;

    private RadialBoxes(RadialForm form, FittedBar bar, Room room) {
        this.form = form;
        this.bar = bar;
        this.free = room.free();
        this.measure = room.measure();
        double scale = Math.min(room.device().textScale(), MOST_SCALE);
        this.item = bar.look().size(Size.ITEM_HEIGHT);
        double label = label(form, bar.look().size(Size.LABEL_SIZE) * scale);
        this.arc = new Arc(form, item, bar.look().size(Size.SPACING), bar.look().size(Size.THICKNESS), label);
        this.edge = edge(item, label, bar.look().size(Size.THICKNESS));
        this.cells =
                new ItemLayout(free, Form.IconPosition.ABOVE, Form.Labels.ALL, scale, MarkHome.Inner.LOWER, measure);
    }

    /** What a label below its item takes. */
    private static double label(RadialForm form, double size) {
        boolean isBelow = form.labels() != Beside.NONE && !Arc.isBeside(form);
        return isBelow ? BELOW + ItemLayout.lineHeight(Type.semibold(size)) + PLATE_HEIGHT + CRISP : 0;
    }

    /** How far the button's middle is from the edges: so far that labels of items beside it stand within them too. */
    private static double edge(double item, double label, double button) {
        return Math.max(MARGIN + button / 2, item / 2 + label);
    }

    static Layout.Bar layOut(RadialForm form, FittedBar bar, Room room) {
        return new RadialBoxes(form, bar, room).layOut();
    }

    /** How many items can be fanned out on a device, whatever bars it has; at least 2. */
    static int most(RadialForm form, Device device) {
        var sizes = Forms.of(Form.Kind.RADIAL).look().sizes();
        double item = Objects.requireNonNull(sizes.get(Size.ITEM_HEIGHT));
        double label = label(
                form, Objects.requireNonNull(sizes.get(Size.LABEL_SIZE)) * Math.min(device.textScale(), MOST_SCALE));
        double edge = edge(item, label, Objects.requireNonNull(sizes.get(Size.THICKNESS)));
        var arc = new Arc(
                form,
                item,
                Objects.requireNonNull(sizes.get(Size.SPACING)),
                Objects.requireNonNull(sizes.get(Size.THICKNESS)),
                label);
        double height = device.height() - device.safe().top() - device.safe().bottom() - BARS;
        double width = device.width() - device.safe().left() - device.safe().right();
        boolean isSide = form.position() == Corner.END || form.position() == Corner.START;
        double up = isSide ? height / 2 : height - edge;
        double across = form.position() == Corner.LOWER ? width / 2 : width - edge;
        int most = (int) RadialForm.MOST.most();
        while (most > RadialForm.MOST.least() && !arc.fits(most, across, up)) {
            most--;
        }
        return most;
    }

    private Layout.Bar layOut() {
        double size = bar.look().size(Size.THICKNESS);
        Box button = button(size);
        Box icon = Box.around(button.centerX(), button.centerY(), Metrics.ICON, Metrics.ICON);
        var plate = new Layout.Plate(button, size / 2, Role.ACCENT, Optional.of(Role.ACCENT_TEXT), true);
        var buttons = List.of(new Layout.Button(button, icon, bar.buttons().get(0), Optional.of(plate)));
        var slots = new ArrayList<Layout.Slot>();
        if (bar.isOpen()) {
            List<Arc.Spot> spots = arc.spots(bar.items().size());
            for (int i = 0; i < spots.size(); i++) {
                slots.add(slot(bar.items().get(i), button, spots.get(i)));
            }
        }
        Box all = button;
        for (Layout.Slot slot : slots) {
            all = all.with(slot.target());
        }
        Layout.Scrim scrim = !bar.isOpen() ? Layout.Scrim.NONE : form.scrim() ? Layout.Scrim.DIM : Layout.Scrim.CLEAR;
        return new Layout.Bar(
                bar,
                new Layout.Ground(all, 0, false, Optional.empty(), Optional.empty(), scrim),
                new Layout.ItemList(all, false, slots, List.of(), List.of(), Optional.of(button)),
                List.of(),
                Layout.Head.NONE,
                buttons);
    }

    private Box button(double size) {
        double right = free.right() - MARGIN - size / 2;
        double left = free.x() + MARGIN + size / 2;
        double bottom = free.bottom() - edge;
        return switch (form.position()) {
            case LOWER_END -> Box.around(right, bottom, size, size);
            case LOWER_START -> Box.around(left, bottom, size, size);
            case LOWER -> Box.around(free.centerX(), bottom, size, size);
            case END -> Box.around(right, free.centerY(), size, size);
            case START -> Box.around(left, free.centerY(), size, size);
        };
    }

    private Layout.Slot slot(FittedItem fitted, Box button, Arc.Spot spot) {
        double x = clamped(button.centerX() + spot.x(), free.x() + item / 2, free.right() - item / 2);
        double y = clamped(button.centerY() + spot.y(), free.y() + item / 2, free.bottom() - item / 2 - arc.label());
        Box circle = Box.around(x, y, item, item);
        double size = fitted.look().size(Size.ICON_SIZE);
        Box icon = Box.around(x, y, size, size);
        List<TextLine> label = label(fitted, circle);
        Box target = circle;
        for (TextLine line : label) {
            target = target.with(plate(line));
        }
        double radius = Math.min(fitted.look().size(Size.ITEM_RADIUS), item / 2);
        var body = new Layout.Body(icon, label, List.of(), cells.badge(fitted, icon, circle), Optional.empty());
        Layout.Slot placed = cells.placed(fitted, circle, body, radius);
        return new Layout.Slot(
                fitted,
                target,
                circle,
                radius,
                body.on(label.stream().map(RadialBoxes::plate).collect(toList())),
                placed.mark(),
                Optional.of(new Layout.Plate(circle, radius, Role.SURFACE, Optional.empty(), true)));
    }

    private static double clamped(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    /** What lies behind a label, so that it can be read on any content. */
    private static Box plate(TextLine line) {
        double height = ItemLayout.lineHeight(line.type()) + PLATE_HEIGHT;
        double middle = line.baseline() - line.type().size() * Type.CAP_HEIGHT / 2;
        return new Box(line.left() - PLATE, middle - height / 2, line.width() + 2 * PLATE, height);
    }

    private List<TextLine> label(FittedItem fitted, Box circle) {
        if (form.labels() == Beside.NONE) {
            return List.of();
        }
        Type type = cells.type(fitted);
        double gap = fitted.look().size(Size.GAP);
        if (arc.label() > 0) {
            double height = ItemLayout.lineHeight(type) + PLATE_HEIGHT;
            double y = circle.bottom() + BELOW + height / 2;
            double most =
                    Math.min(Arc.CELL - 4, 2 * Math.min(circle.centerX() - free.x(), free.right() - circle.centerX()));
            return List.of(TextLine.of(
                    fitted.brief(),
                    MIDDLE,
                    circle.centerX(),
                    crisp(type.baselineAround(y)),
                    Math.max(0, most - 2 * PLATE),
                    type,
                    measure));
        }
        double baseline = crisp(type.baselineAround(circle.centerY()));
        boolean isAfter = form.position() == Corner.LOWER_START || form.position() == Corner.START;
        double at = isAfter ? circle.right() + gap + PLATE : circle.x() - gap - PLATE;
        double most = (isAfter ? free.right() - at : at - free.x()) - PLATE - BESIDE;
        return List.of(
                TextLine.of(fitted.label(), isAfter ? START : END, at, baseline, Math.max(0, most), type, measure));
    }
}
