package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.END;
import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;
import static org.yonderarc.layout.TextLine.Anchor.START;

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

/**
 * Lays round buttons out, and the items that they fan out: on a quarter of a circle from a corner and on half of one from an edge.
 * Where labels stand beside their icons, the arc is drawn out along the edge, so that each label has a line of its own.
 */
final class RadialLayout {
    /** The distance of the button from the edges. */
    private static final double MARGIN = 16;
    /** The room that bars at the upper and the lower edge take together, at most, where their own sizes aren't known yet. */
    private static final double BARS = 136;
    /** Between an item and a label beside it. */
    private static final double BESIDE = 8;
    /** Between the ends of a label's plate and its text. */
    private static final double PLATE = 10;
    /** How far items stand from the button's middle, at the side of an arc that is drawn out. */
    private static final double SIDE = 88;
    /** The narrowest cell of an item with its label below. */
    private static final double CELL = 84;
    /** The smallest circle on which items stand. */
    private static final double NEAREST = 96;
    /** Labels grow up to this. */
    private static final double MOST_SCALE = 1.5;

    private final RadialForm form;
    private final FittedBar bar;
    private final Box free;
    private final TextMeasure measure;
    private final ItemLayout cells;
    private final double item;
    private final double spacing;
    private final boolean isBeside;

    /** Where an item stands, seen from the button's middle. */
    private record Spot(double x, double y) {}

    private RadialLayout(RadialForm form, FittedBar bar, Room room) {
        this.form = form;
        this.bar = bar;
        this.free = room.free();
        this.measure = room.measure();
        double scale = Math.min(room.device().textScale(), MOST_SCALE);
        this.item = bar.look().size(Size.ITEM_HEIGHT);
        this.spacing = bar.look().size(Size.SPACING);
        this.isBeside = isBeside(form);
        this.cells = new ItemLayout(free, Form.IconSide.ABOVE, Form.Labels.ALL, scale, MarkHome.Inner.LOWER, measure);
    }

    private static boolean isBeside(RadialForm form) {
        return form.labels() == Beside.BESIDE && form.at() != Corner.LOWER;
    }

    static Layout.Bar layOut(RadialForm form, FittedBar bar, Room room) {
        return new RadialLayout(form, bar, room).layOut();
    }

    /** How many items can be fanned out on a device, whatever bars it has; at least 2. */
    static int most(RadialForm form, Device device) {
        UsualLook look = Forms.of(Form.Kind.RADIAL).look();
        double item = look.sizes().get(Size.ITEM_HEIGHT);
        double spacing = look.sizes().get(Size.SPACING);
        double button = look.sizes().get(Size.THICKNESS);
        double height = device.height() - device.safe().top() - device.safe().bottom() - BARS - 2 * MARGIN - button;
        double width = device.width() - device.safe().left() - device.safe().right() - 2 * MARGIN - button;
        int most = (int) RadialForm.MOST.most();
        while (most > RadialForm.MOST.least() && !fits(form, most, item, spacing, width, height)) {
            most--;
        }
        return most;
    }

    private static boolean fits(RadialForm form, int count, double item, double spacing, double width, double height) {
        if (isBeside(form)) {
            return (count - 1) * (item + spacing) <= height;
        }
        double radius = radius(form, count, item, spacing);
        boolean isEdge = form.at() == Corner.LOWER || form.at() == Corner.END || form.at() == Corner.START;
        double across = isEdge && form.at() == Corner.LOWER ? width / 2 : width;
        double up = isEdge && form.at() != Corner.LOWER ? height / 2 : height;
        return radius + item / 2 <= across && radius <= up;
    }

    /** The radius of the circle on which so many items stand without touching each other. */
    private static double radius(RadialForm form, int count, double item, double spacing) {
        double pitch = form.labels() == Beside.NONE ? item + spacing : Math.max(CELL, item + spacing);
        double sweep = sweep(form);
        double step = Math.toRadians(count > 1 ? sweep / (count - 1) : sweep);
        return Math.max(NEAREST, pitch / (2 * Math.sin(Math.min(Math.PI, step) / 2)));
    }

    private static double sweep(RadialForm form) {
        return switch (form.at()) {
            case LOWER_END, LOWER_START -> 90;
            case LOWER, END, START -> 180;
        };
    }

    /** The direction from which the arc starts, in degrees against the clock from the right; it goes on clockwise. */
    private static double start(RadialForm form) {
        return switch (form.at()) {
            case LOWER_END, LOWER -> 180;
            case LOWER_START, START -> 90;
            case END -> 270;
        };
    }

    private Layout.Bar layOut() {
        double size = bar.look().size(Size.THICKNESS);
        Box button = button(size);
        Box icon = Box.around(button.centerX(), button.centerY(), Metrics.ICON, Metrics.ICON);
        var plate = new Layout.Plate(button, size / 2, Role.ACCENT, Optional.of(Role.ACCENT_TEXT), true);
        var buttons = List.of(new Layout.Button(button, icon, bar.buttons().get(0), Optional.of(plate)));
        var slots = new ArrayList<Layout.Slot>();
        if (bar.isOpen()) {
            List<Spot> spots = spots(bar.items().size());
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
        double bottom = free.bottom() - MARGIN - size / 2;
        return switch (form.at()) {
            case LOWER_END -> Box.around(right, bottom, size, size);
            case LOWER_START -> Box.around(left, bottom, size, size);
            case LOWER -> Box.around(free.centerX(), bottom, size, size);
            case END -> Box.around(right, free.centerY(), size, size);
            case START -> Box.around(left, free.centerY(), size, size);
        };
    }

    /** Where items stand, in the order of the menu: from the top in reading direction. */
    private List<Spot> spots(int count) {
        return isBeside ? column(count) : circle(count);
    }

    private List<Spot> circle(int count) {
        double radius = radius(form, count, item, spacing);
        double step = count > 1 ? sweep(form) / (count - 1) : 0;
        double first = count > 1 ? start(form) : start(form) - sweep(form) / 2;
        var spots = new ArrayList<Spot>();
        for (int i = 0; i < count; i++) {
            double turn = Math.toRadians(first - i * step);
            spots.add(new Spot(radius * Math.cos(turn), -radius * Math.sin(turn)));
        }
        return spots;
    }

    /** On an arc that is drawn out along the edge, one line apart from each other. */
    private List<Spot> column(int count) {
        double pitch = item + spacing;
        boolean isCorner = form.at() == Corner.LOWER_END || form.at() == Corner.LOWER_START;
        double side = form.at() == Corner.LOWER_START || form.at() == Corner.START ? 1 : -1;
        double reach = isCorner ? Math.max(NEAREST, count * pitch) : Math.max(NEAREST, count * pitch / 2);
        var spots = new ArrayList<Spot>();
        for (int i = 0; i < count; i++) {
            double y = isCorner ? -(count - i) * pitch : (i - (count - 1) / 2.0) * pitch;
            double away = SIDE * Math.sqrt(Math.max(0, 1 - y * y / (reach * reach)));
            spots.add(new Spot(side * away, y));
        }
        return spots;
    }

    private Layout.Slot slot(FittedItem fitted, Box button, Spot spot) {
        double x = clamped(button.centerX() + spot.x, free.x() + item / 2, free.right() - item / 2);
        double y = clamped(button.centerY() + spot.y, free.y() + item / 2, free.bottom() - item / 2);
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
                body.on(label.stream().map(RadialLayout::plate).toList()),
                placed.mark(),
                Optional.of(new Layout.Plate(circle, radius, Role.SURFACE, Optional.empty(), true)));
    }

    private static double clamped(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    /** What lies behind a label, so that it can be read on any content. */
    private static Box plate(TextLine line) {
        double height = ItemLayout.lineHeight(line.type()) + 8;
        double middle = line.baseline() - line.type().size() * Type.CAP_HEIGHT / 2;
        return new Box(line.left() - PLATE, middle - height / 2, line.width() + 2 * PLATE, height);
    }

    private List<TextLine> label(FittedItem fitted, Box circle) {
        if (form.labels() == Beside.NONE) {
            return List.of();
        }
        Type type = cells.type(fitted);
        double gap = fitted.look().size(Size.GAP);
        if (!isBeside) {
            double height = ItemLayout.lineHeight(type) + 8;
            double y = circle.bottom() + 2 + height / 2;
            double most =
                    Math.min(CELL - 4, 2 * Math.min(circle.centerX() - free.x(), free.right() - circle.centerX()));
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
        boolean isAfter = form.at() == Corner.LOWER_START || form.at() == Corner.START;
        double at = isAfter ? circle.right() + gap + PLATE : circle.x() - gap - PLATE;
        double most = (isAfter ? free.right() - at : at - free.x()) - PLATE - BESIDE;
        return List.of(
                TextLine.of(fitted.label(), isAfter ? START : END, at, baseline, Math.max(0, most), type, measure));
    }
}
