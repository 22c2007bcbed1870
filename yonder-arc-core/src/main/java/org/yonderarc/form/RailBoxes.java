package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;

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
    private final boolean isTrailing;
    private final Room room;
    private final Device device;
    private final TextMeasure measure;
    private final String appName;
    /** The items and the main action, which are as wide as each other. */
    private final List<FittedItem> all = new ArrayList<>();

    private RailBoxes(RailForm form, FittedBar bar, Room room) {
        this.form = form;
        this.bar = bar;
        this.isTrailing = form.side().isTrailing();
        this.room = room;
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
        return new ItemLayout(
                whole, form.iconPosition(), form.labels(), scale, MarkHome.Inner.of(form.side()), measure);
    }

    private Layout.Bar layOut() {
        double wanted = Math.min(device.textScale(), MOST_SCALE);
        boolean vertical =
                form.iconPosition() == Form.IconPosition.ABOVE || form.iconPosition() == Form.IconPosition.BELOW;
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
        double claimed = isTrailing ? device.safe().right() : device.safe().left();
        double apart = claimed + form.floating().map(RailForm.Floating::inset).orElse(0.0);
        double left = isTrailing ? device.width() - apart - own : apart;
        double height = itemHeight(cells(new Box(left, 0, own, device.height()), scale), own);
        Box whole = whole(left, own, claimed, height);
        return in(whole, new Box(left, whole.y(), own, whole.height()), scale, height);
    }

    /** All of the rail; where it stands free, it is as high as what stands in it. */
    private Box whole(double left, double own, double claimed, double height) {
        if (form.floating().isEmpty()) {
            return new Box(isTrailing ? left : left - claimed, 0, own + claimed, device.height());
        }
        double inset = form.floating().get().inset();
        double upper = room.upper() + inset;
        double free = Math.max(0, room.clear() - inset - upper);
        double high = Math.min(
                free,
                head(height)
                        + used(height)
                        + bar.look().padding(Size.PADDING_TOP)
                        + bar.look().padding(Size.PADDING_BOTTOM));
        return new Box(left, crisp(at(form.alignItems(), upper, upper + free, high)), own, high);
    }

    /** The height of what stands above the items. */
    private double head(double height) {
        return (form.showLogo() ? LogoBoxes.SMALL + BELOW_ACTION : 0)
                + bar.apart().size() * (height + BELOW_ACTION);
    }

    /** The height of the items. */
    private double used(double height) {
        int count = bar.items().size();
        return height * count + bar.look().size(Size.SPACING) * Math.max(0, count - 1);
    }

    /** Where something so long stands between two ends; what is longer than that starts at the first. */
    private static double at(Form.Alignment side, double first, double last, double length) {
        return switch (side) {
            case START -> first;
            case CENTER -> Math.max(first, (first + last - length) / 2);
            case END -> Math.max(first, last - length);
        };
    }

    private Layout.Bar in(Box whole, Box inner, double scale, double height) {
        boolean isFree = form.floating().isPresent();
        var placed = cells(inner, scale);
        double top = inner.y() + (isFree ? 0 : device.safe().top()) + bar.look().padding(Size.PADDING_TOP);
        double bottom = inner.bottom()
                - (isFree ? 0 : device.safe().bottom())
                - bar.look().padding(Size.PADDING_BOTTOM);
        Optional<Layout.Logo> logo = Optional.empty();
        if (form.showLogo()) {
            var logos = new LogoBoxes(appName, measure);
            logo = Optional.of(logos.small(inner.centerX(), top, inner.width() - 16));
            top += LogoBoxes.SMALL + BELOW_ACTION;
        }
        var apart = new ArrayList<Layout.Slot>();
        for (FittedItem action : bar.apart()) {
            apart.add(action(placed, action, new Box(inner.x(), top, inner.width(), height)));
            top += height + BELOW_ACTION;
        }
        var free = new Box(inner.x(), top, inner.width(), Math.max(0, bottom - top));
        var view = new Box(whole.x(), top, whole.width(), free.height());
        return new Layout.Bar(
                bar,
                ground(whole),
                Layout.ItemList.of(view, true, items(placed, free, height)),
                apart,
                new Layout.Head(Optional.empty(), logo, Optional.empty()),
                List.of());
    }

    private Layout.Ground ground(Box whole) {
        if (form.floating().isPresent()) {
            RailForm.Floating how = form.floating().get();
            double radius = Math.min(how.radius(), Math.min(whole.width(), whole.height()) / 2);
            return new Layout.Ground(
                    whole, radius, how.shadow(), Optional.of(Role.SURFACE), Optional.empty(), Layout.Scrim.NONE);
        }
        double x = isTrailing ? whole.x() : whole.right() - Metrics.HAIRLINE;
        return Layout.Ground.of(
                whole,
                form.border()
                        ? Optional.of(new Box(x, whole.y(), Metrics.HAIRLINE, whole.height()))
                        : Optional.empty());
    }

    /** The main action: a cell like the others, all of it in the accent. */
    private static Layout.Slot action(ItemLayout cells, FittedItem item, Box place) {
        double inset = inset(item);
        var target = new Box(place.x() + inset, crisp(place.y()), place.width() - 2 * inset, place.height());
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

    private List<Layout.Slot> items(ItemLayout cells, Box free, double height) {
        List<FittedItem> items = bar.items();
        double y = at(form.alignItems(), free.y(), free.bottom(), used(height));
        var slots = new ArrayList<Layout.Slot>();
        for (FittedItem item : items) {
            double inset = inset(item);
            var target = new Box(free.x() + inset, crisp(y), free.width() - 2 * inset, height);
            slots.add(cells.slot(item, target).filling(target.inset(Metrics.FILL_INSET)));
            y += height + bar.look().size(Size.SPACING);
        }
        return slots;
    }
}
