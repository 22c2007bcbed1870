package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Insets;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.ItemLayout;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.MarkHome;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.RailForm;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Size;

/** Lays rails out. */
final class RailBoxes {
    /** Labels of rails grow with the person's text scale up to this: a rail is narrow. */
    private static final double MOST_SCALE = 1.5;
    /** The narrowest rail. */
    private static final double NARROW = 64;
    /** The height of an item without a label. */
    private static final double BARE = 56;
    /** Between the main action and the items. */
    private static final double BELOW_ACTION = 16;

    private final RailForm form;
    private final FittedBar bar;
    private final Device device;
    private final TextMeasure measure;
    private final String appName;
    /** The items and the main action, which are as wide as each other. */
    private final List<FittedItem> all = new ArrayList<>();

    private RailBoxes(RailForm form, FittedBar bar, Room room) {
        this.form = form;
        this.bar = bar;
        this.device = room.device();
        this.measure = room.measure();
        this.appName = room.appName();
        all.addAll(bar.apart());
        all.addAll(bar.items());
    }

    static Layout.Bar layOut(RailForm form, FittedBar bar, Room room) {
        return new RailBoxes(form, bar, room).layOut();
    }

    private ItemLayout cells(Box whole, double scale) {
        return new ItemLayout(whole, form.icons(), form.labels(), scale, MarkHome.Inner.TRAILING, measure);
    }

    private Layout.Bar layOut() {
        Insets safe = device.safe();
        double wanted = Math.min(device.textScale(), MOST_SCALE);
        boolean vertical = form.icons() == Form.IconSide.ABOVE || form.icons() == Form.IconSide.BELOW;
        double thickness = bar.look().size(Size.THICKNESS);
        // A thickness that a style says goes before.
        double usual = form.narrow() && thickness == RailHome.THICKNESS ? NARROW : thickness;
        var cells = cells(new Box(0, 0, 0, 0), wanted);
        double widest = all.stream().mapToDouble(cells::naturalWidth).max().orElse(0);
        double most = vertical ? usual * 1.3 : 240;
        double around = vertical ? 2 * (widestInset() + Metrics.LABEL_MARGIN) : 40;
        double own = crisp(Math.max(usual, Math.min(most, widest + around)));
        // Labels grow only as far as the longest word still fits.
        double longest =
                vertical ? all.stream().mapToDouble(cells::wordWidth).max().orElse(0) : widest;
        double scale = longest + around <= own ? wanted : device.atLeastUsual(wanted * (own - around) / longest);
        double width = own + safe.left();
        var placed = cells(new Box(safe.left(), 0, own, device.height()), scale);
        double top = safe.top() + bar.look().padding(Size.PADDING_TOP);
        double bottom = device.height() - safe.bottom() - bar.look().padding(Size.PADDING_BOTTOM);
        Optional<Layout.Logo> logo = Optional.empty();
        if (form.logo()) {
            var logos = new LogoBoxes(appName, measure);
            logo = Optional.of(logos.small(safe.left() + own / 2, top, own - 16));
            top += LogoBoxes.SMALL + BELOW_ACTION;
        }
        var apart = new ArrayList<Layout.Slot>();
        double height = itemHeight(placed, own);
        for (FittedItem action : bar.apart()) {
            apart.add(action(placed, action, new Box(safe.left(), top, own, height)));
            top += height + BELOW_ACTION;
        }
        var free = new Box(safe.left(), top, own, Math.max(0, bottom - top));
        var view = new Box(0, top, width, free.height());
        var box = new Box(0, 0, width, device.height());
        Optional<Box> line = form.line()
                ? Optional.of(new Box(width - Metrics.HAIRLINE, 0, Metrics.HAIRLINE, device.height()))
                : Optional.empty();
        return new Layout.Bar(
                bar,
                Layout.Ground.of(box, line),
                Layout.ItemList.of(view, true, items(placed, free, height)),
                apart,
                new Layout.Head(Optional.empty(), logo, Optional.empty()),
                List.of());
    }

    /** The main action: a cell like the others, all of it in the accent. */
    private static Layout.Slot action(ItemLayout cells, FittedItem item, Box room) {
        double inset = inset(item);
        var target = new Box(room.x() + inset, crisp(room.y()), room.width() - 2 * inset, room.height());
        Layout.Slot slot = cells.slot(item.unselected(), target);
        return slot.on(new Layout.Plate(target, slot.radius(), Role.ACCENT, Optional.of(Role.ACCENT_TEXT), false));
    }

    private double widestInset() {
        return all.stream().mapToDouble(RailBoxes::inset).max().orElse(0);
    }

    private static double inset(FittedItem item) {
        return item.look().indicator().behind() == Indicator.Behind.ITEM ? 8 : 4;
    }

    private double itemHeight(ItemLayout cells, double width) {
        double tallest = Metrics.TARGET;
        for (FittedItem item : all) {
            double label = width - 2 * (inset(item) + Metrics.LABEL_MARGIN);
            tallest = Math.max(tallest, cells.heightIn(item, label) + 2 * Metrics.SLOT_MARGIN);
        }
        boolean labelled = form.labels() != Form.Labels.NONE;
        return crisp(Math.max(tallest, labelled ? bar.look().size(Size.ITEM_HEIGHT) : BARE));
    }

    private List<Layout.Slot> items(ItemLayout cells, Box room, double height) {
        List<FittedItem> items = bar.items();
        double spacing = bar.look().size(Size.SPACING);
        double used = height * items.size() + spacing * (items.size() - 1);
        double y =
                switch (form.items()) {
                    case START -> room.y();
                    case CENTER -> Math.max(room.y(), room.centerY() - used / 2);
                    case END -> Math.max(room.y(), room.bottom() - used);
                };
        var slots = new ArrayList<Layout.Slot>();
        for (FittedItem item : items) {
            double inset = inset(item);
            var target = new Box(room.x() + inset, crisp(y), room.width() - 2 * inset, height);
            slots.add(cells.slot(item, target).filling(target.inset(Metrics.FILL_INSET)));
            y += height + spacing;
        }
        return slots;
    }
}
