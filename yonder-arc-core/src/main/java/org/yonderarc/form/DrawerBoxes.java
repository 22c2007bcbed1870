package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.DrawerForm.Opening;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Size;

/** Lays open drawers out. */
final class DrawerBoxes {
    private final DrawerForm form;
    private final boolean isTrailing;
    private final FittedBar bar;
    private final Device device;
    private final TextMeasure measure;
    private final LogoBoxes logos;
    private final List<Layout.Button> buttons = new ArrayList<>();
    private final List<Layout.Slot> foot = new ArrayList<>();

    private DrawerBoxes(DrawerForm form, FittedBar bar, Room room) {
        this.form = form;
        this.isTrailing = form.side().isTrailing();
        this.bar = bar;
        this.device = room.device();
        this.measure = room.measure();
        this.logos = new LogoBoxes(room.appName(), measure);
    }

    static Layout.Bar layOut(DrawerForm form, FittedBar bar, Room room) {
        return new DrawerBoxes(form, bar, room).layOut();
    }

    private double width() {
        double left = claimed();
        if (bar.isCollapsed()) {
            return form.collapsedWidth().orElseThrow() + left;
        }
        double beside = form.width().share().isPresent() ? 0 : Metrics.BESIDE_DRAWER;
        double most = form.opens().takesRoom() ? device.width() / 2 : device.width() - beside;
        // A share of a narrow window is never less than the narrowest drawer.
        double wanted = form.width()
                .share()
                .map(share -> Math.max(DrawerForm.Width.DP.least() + left, device.width() * share))
                .orElse(form.width().dp() + left);
        return Math.min(wanted, most);
    }

    /** What the hardware claims at its edge, in dp. */
    private double claimed() {
        return isTrailing ? device.safe().right() : device.safe().left();
    }

    private ItemLayout cells(Box room, double scale) {
        return new ItemLayout(
                room, Form.IconPosition.BEFORE, Form.Labels.ALL, scale, MarkHome.Inner.of(form.side()), measure);
    }

    private Layout.Bar layOut() {
        Insets safe = device.safe();
        double width = width();
        // Of a drawer beneath the page, no more can be seen than the page leaves free.
        double seen = form.opens() == Opening.BENEATH ? width * form.beneath().shift() : width;
        double left = isTrailing ? device.width() - seen : safe.left();
        var room = new Box(left, safe.top(), seen - claimed(), device.height() - safe.top());
        double scale = scale(room);
        var list = new ListBoxes(bar.look(), cells(room, scale), bar.isCollapsed());
        double top = room.y() + bar.look().padding(Size.PADDING_TOP);
        Optional<FittedBar.Button> fold = bar.buttons().stream().findFirst();
        if (fold.isPresent()) {
            boolean isAlone = bar.isCollapsed() || bar.person().isEmpty() && !form.showLogo();
            double middle = bar.isCollapsed() ? room.centerX() : room.right() - 12 - Metrics.TARGET / 2;
            button(fold.get(), middle, top + Metrics.TARGET / 2);
            top += isAlone ? Metrics.TARGET + 8 : 0;
        }
        Optional<Layout.Logo> logo = form.showLogo() ? Optional.of(logo(room, top, list.inset())) : Optional.empty();
        top = logo.map(shown -> shown.box().bottom() + 16).orElse(top);
        // A head starts at the very edge; below a logo, below it.
        var below = logo.isPresent() ? new Box(room.x(), top - 12, room.width(), 0) : room;
        Optional<Layout.Face> face = face(width, below, top, scale, list.inset() + 16);
        top = face.map(shown -> shown.ground().bottom() + 12).orElse(top);
        Optional<FittedItem> search = bar.apart().stream()
                .filter(item -> SearchBox.is(item, form.search()))
                .findFirst();
        if (search.isPresent()) {
            var line = new Box(room.x(), top, room.width(), SearchBox.LINE);
            foot.add(
                    bar.isCollapsed()
                            ? list.cells()
                                    .line(search.get(), new Box(line.x() + 8, top + 4, line.width() - 16, 48), true)
                            : SearchBox.of(search.get(), line, list.inset(), list.cells()));
            top += SearchBox.LINE + 4;
        }
        Optional<Layout.Field> field = Optional.empty();
        if (bar.filter().isPresent()) {
            var line = new Box(room.x(), top, room.width(), SearchBox.LINE);
            field = Optional.of(SearchBox.typed(bar.filter().get(), line, list.inset(), list.cells()));
            top += SearchBox.LINE + 4;
        }
        double bottom = foot(list, room);
        list.add(bar.lines(), new Box(room.x(), top, room.width(), 0));
        return new Layout.Bar(
                bar,
                ground(width),
                list.in(new Box(isTrailing ? device.width() - width : 0, top, width, Math.max(0, bottom - top))),
                foot,
                new Layout.Head(Optional.empty(), logo, face).with(field),
                buttons);
    }

    private Layout.Logo logo(Box room, double top, double inset) {
        return bar.isCollapsed()
                ? logos.small(room.centerX(), top, room.width() - 16)
                : logos.start(
                        room.x() + inset + 16,
                        top + (Metrics.TARGET - Metrics.LOGO_HEIGHT) / 2,
                        room.width() - 2 * inset - 32 - (bar.buttons().isEmpty() ? 0 : Metrics.TARGET));
    }

    /** A word that can't be broken fits whole: in a narrow drawer, labels grow less. */
    private double scale(Box room) {
        double wanted = Math.min(device.textScale(), ListBoxes.MOST_SCALE);
        double inside = room.width()
                - bar.look().padding(Size.PADDING_START)
                - bar.look().padding(Size.PADDING_END);
        var largest = cells(room, wanted);
        double share = Stream.concat(bar.items().stream(), bar.apart().stream())
                .mapToDouble(item -> largest.wordShare(item, inside))
                .min()
                .orElse(1);
        return bar.isCollapsed() || share >= 1 ? wanted : device.atLeastUsual(wanted * share);
    }

    private Layout.Ground ground(double width) {
        var box = new Box(isTrailing ? device.width() - width : 0, 0, width, device.height());
        double inner = isTrailing ? box.x() : box.right() - Metrics.HAIRLINE;
        boolean isOver = form.opens() == Opening.OVER;
        Optional<Box> line = form.opens().takesRoom()
                ? Optional.of(new Box(inner, 0, Metrics.HAIRLINE, device.height()))
                : Optional.empty();
        return new Layout.Ground(
                box, 0, isOver, Optional.of(Role.SURFACE), line, isOver ? Layout.Scrim.DIM : Layout.Scrim.NONE);
    }

    private Optional<Layout.Face> face(double width, Box room, double top, double scale, double left) {
        var persons = new PersonBoxes(scale, measure);
        return bar.person()
                .map(person -> bar.isCollapsed()
                        ? persons.small(person, room, top)
                        : persons.head(
                                person,
                                isTrailing ? device.width() - width : 0,
                                width,
                                left,
                                form.showLogo() ? room.y() : 0,
                                room,
                                form.header().flatMap(DrawerForm.Header::background)));
    }

    /** The items at the foot; gives where they start. */
    private double foot(ListBoxes list, Box room) {
        double bottom = device.height() - device.safe().bottom() - bar.look().padding(Size.PADDING_BOTTOM);
        double side = list.inset();
        double width = room.width() - list.sides();
        List<FittedItem> items = bar.apart().stream()
                .filter(item -> !SearchBox.is(item, form.search()))
                .collect(toList());
        double all =
                items.stream().mapToDouble(item -> list.height(item, width)).sum();
        double y = bottom - all;
        var cells = list.cells();
        for (FittedItem item : items) {
            double height = list.height(item, width);
            foot.add(cells.line(item, new Box(room.x() + side, y, width, height), bar.isCollapsed()));
            y += height;
        }
        return items.isEmpty() ? bottom : bottom - all - 8;
    }

    private void button(FittedBar.Button button, double x, double y) {
        Box target = Box.around(x, y, Metrics.TARGET, Metrics.TARGET);
        buttons.add(new Layout.Button(target, Box.around(x, y, Metrics.ICON, Metrics.ICON), button, Optional.empty()));
    }
}
