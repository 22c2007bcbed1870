package org.yonderarc.layout;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.START;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Insets;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Size;

/** Lays rails, drawers and the place of the overflow out. */
final class SideLayout {
    /** Texts of lists grow with the person's text scale up to this. */
    private static final double MOST_SCALE = 2;
    /** Labels of rails grow up to this: a rail is narrow. */
    private static final double MOST_RAIL_SCALE = 1.5;
    /** The narrowest rail. */
    private static final double NARROW_RAIL = 64;

    private final Device device;
    private final TextMeasure measure;
    private final List<Layout.Slot> slots = new ArrayList<>();
    private final List<TextLine> headings = new ArrayList<>();
    private final List<Box> dividers = new ArrayList<>();
    private final List<Layout.Button> buttons = new ArrayList<>();

    private SideLayout(Device device, TextMeasure measure) {
        this.device = device;
        this.measure = measure;
    }

    static Layout.Bar rail(FittedBar.Rail bar, Device device, TextMeasure measure) {
        return new SideLayout(device, measure).layOut(bar);
    }

    static Layout.Bar drawer(FittedBar.Drawer bar, Device device, TextMeasure measure) {
        return new SideLayout(device, measure).layOut(bar);
    }

    static Layout.Bar more(FittedBar.More bar, Box content, Device device, TextMeasure measure) {
        return new SideLayout(device, measure).layOut(bar, content);
    }

    /** The width of a drawer on a device. */
    static double width(FittedBar.Drawer bar, Device device) {
        Form.Drawer form = bar.form();
        double left = device.safe().left();
        if (bar.collapsed()) {
            return form.collapsed().orElseThrow() + left;
        }
        boolean beside = form.opens() == Form.Opening.KEPT || form.opens() == Form.Opening.BESIDE;
        double most = beside ? device.width() / 2 : device.width() - Metrics.BESIDE_DRAWER;
        return Math.min(form.width() + left, most);
    }

    private Layout.Bar layOut(FittedBar.Rail bar) {
        Insets safe = device.safe();
        double wanted = Math.min(device.textScale(), MOST_RAIL_SCALE);
        boolean vertical =
                bar.form().icons() == Form.IconSide.ABOVE || bar.form().icons() == Form.IconSide.BELOW;
        double usual = bar.form().narrow() ? NARROW_RAIL : bar.look().size(Size.THICKNESS);
        var cells =
                new Cells(new Box(0, 0, 0, 0), bar.form().icons(), bar.form().labels(), wanted, true, measure);
        double widest =
                bar.items().stream().mapToDouble(cells::naturalWidth).max().orElse(0);
        double most = vertical ? usual * 1.3 : 240;
        double around = vertical ? 2 * (widestInset(bar) + Metrics.LABEL_MARGIN) : 40;
        double own = crisp(Math.max(usual, Math.min(most, widest + around)));
        // Labels grow only as far as the longest word still fits.
        double longest = vertical
                ? bar.items().stream().mapToDouble(cells::wordWidth).max().orElse(0)
                : widest;
        double scale = longest + around <= own ? wanted : atLeastUsual(wanted * (own - around) / longest);
        double width = own + safe.left();
        var box = new Box(0, 0, width, device.height());
        var placed = new Cells(
                new Box(safe.left(), 0, own, device.height()),
                bar.form().icons(),
                bar.form().labels(),
                scale,
                true,
                measure);
        double top = safe.top() + bar.look().size(Size.PADDING);
        double bottom = device.height() - safe.bottom() - bar.look().size(Size.PADDING);
        if (bar.action().isPresent()) {
            Box target = Box.around(safe.left() + own / 2, top + Metrics.ACTION / 2, Metrics.ACTION, Metrics.ACTION);
            Box icon = Box.around(target.centerX(), target.centerY(), Metrics.ICON, Metrics.ICON);
            slots.add(new Layout.Slot(
                    bar.action().get(),
                    target,
                    16,
                    icon,
                    List.of(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty()));
            top = target.bottom() + 20;
        }
        railItems(bar, placed, new Box(safe.left(), top, own, Math.max(0, bottom - top)));
        return finished(bar, box, new Box(0, top, width, Math.max(0, bottom - top)), Optional.empty(), false);
    }

    private double widestInset(FittedBar.Rail bar) {
        return bar.items().stream().mapToDouble(SideLayout::railInset).max().orElse(0);
    }

    private static double railInset(FittedItem item) {
        return item.look().indicator().behind() == Indicator.Behind.ITEM ? 8 : 4;
    }

    /** A scale that was made smaller for lack of room: not smaller than usual, unless the person wants it smaller. */
    private double atLeastUsual(double scale) {
        return Math.max(Math.min(1, device.textScale()), scale);
    }

    private void railItems(FittedBar.Rail bar, Cells cells, Box room) {
        double spacing = bar.look().size(Size.SPACING);
        double tallest = Metrics.TARGET;
        for (FittedItem item : bar.items()) {
            double label = room.width() - 2 * (railInset(item) + Metrics.LABEL_MARGIN);
            double block = cells.heightIn(item, label) + 2 * Metrics.SLOT_MARGIN;
            tallest = Math.max(tallest, block);
        }
        boolean labelled = bar.form().labels() != Form.Labels.NONE;
        double height = crisp(Math.max(tallest, labelled ? bar.look().size(Size.ITEM_HEIGHT) : 56));
        double all = height * bar.items().size() + spacing * (bar.items().size() - 1);
        double y =
                switch (bar.form().items()) {
                    case START -> room.y();
                    case CENTER -> Math.max(room.y(), room.centerY() - all / 2);
                    case END -> Math.max(room.y(), room.bottom() - all);
                };
        for (FittedItem item : bar.items()) {
            double inset = railInset(item);
            slots.add(cells.slot(item, new Box(room.x() + inset, crisp(y), room.width() - 2 * inset, height)));
            y += height + spacing;
        }
    }

    private Layout.Bar layOut(FittedBar.Drawer bar) {
        Insets safe = device.safe();
        double width = width(bar, device);
        var box = new Box(0, 0, width, device.height());
        // Of a drawer beneath the page, no more can be seen than the page leaves free.
        boolean beneath = bar.form().opens() == Form.Opening.BENEATH;
        double seen = beneath ? width * bar.form().beneath().share() : width;
        var room = new Box(safe.left(), safe.top(), seen - safe.left(), device.height() - safe.top());
        double wanted = Math.min(device.textScale(), MOST_SCALE);
        double inside = room.width() - 2 * bar.look().size(Size.PADDING);
        var largest = new Cells(room, Form.IconSide.BEFORE, Form.Labels.ALL, wanted, true, measure);
        // A word that can't be broken fits whole: in a narrow drawer, labels grow less.
        double share = Stream.concat(bar.lines().stream().flatMap(line -> line.item().stream()), bar.footer().stream())
                .mapToDouble(item -> largest.wordShare(item, inside))
                .min()
                .orElse(1);
        double scale = bar.collapsed() || share >= 1 ? wanted : atLeastUsual(wanted * share);
        var cells = new Cells(room, Form.IconSide.BEFORE, Form.Labels.ALL, scale, true, measure);
        double top = room.y() + bar.look().size(Size.PADDING);
        if (bar.fold().isPresent() && (bar.collapsed() || bar.head().isEmpty())) {
            double middle = bar.collapsed() ? room.centerX() : room.right() - 12 - Metrics.TARGET / 2;
            button(bar.fold().get(), middle, top + Metrics.TARGET / 2);
            top += Metrics.TARGET + 8;
        } else if (bar.fold().isPresent()) {
            button(bar.fold().get(), room.right() - 12 - Metrics.TARGET / 2, top + Metrics.TARGET / 2);
        }
        Optional<Layout.Face> face = Optional.empty();
        if (bar.head().isPresent()) {
            face = Optional.of(
                    bar.collapsed()
                            ? smallFace(bar.head().get(), room, top)
                            : face(bar.head().get(), new Box(0, 0, width, 0), room, scale));
            top = face.get().ground().bottom() + 12;
        }
        double bottom = footer(bar, cells, room);
        list(bar.lines(), bar.look(), cells, new Box(room.x(), top, room.width(), 0), bar.collapsed());
        boolean scrim = bar.form().opens() == Form.Opening.OVER;
        Box view = new Box(0, top, width, Math.max(0, bottom - top));
        return finished(bar, box, view, face, scrim);
    }

    /** The items at the foot; gives where they start. */
    private double footer(FittedBar.Drawer bar, Cells cells, Box room) {
        double inset = bar.look().size(Size.PADDING);
        double bottom = device.height() - device.safe().bottom() - inset;
        double least = bar.look().size(Size.ITEM_HEIGHT);
        double side = bar.collapsed() ? Math.min(inset, 8) : inset;
        double width = room.width() - 2 * side;
        var heights = bar.footer().stream()
                .map(item -> bar.collapsed() ? least : crisp(cells.lineHeight(item, width, least)))
                .toList();
        double y = bottom - heights.stream().mapToDouble(height -> height).sum();
        double start = y;
        for (int i = 0; i < heights.size(); i++) {
            Box target = new Box(room.x() + side, y, width, heights.get(i));
            slots.add(cells.line(bar.footer().get(i), target, bar.collapsed()));
            y += heights.get(i);
        }
        return bar.footer().isEmpty() ? bottom : start - 8;
    }

    private void button(FittedBar.Button button, double x, double y) {
        Box target = Box.around(x, y, Metrics.TARGET, Metrics.TARGET);
        buttons.add(new Layout.Button(target, Box.around(x, y, Metrics.ICON, Metrics.ICON), button));
    }

    private Layout.Face smallFace(FittedBar.Person person, Box room, double top) {
        Box picture = Box.around(room.centerX(), top + 20, 40, 40);
        return new Layout.Face(new Box(room.x(), top, room.width(), 44), picture, person, List.of());
    }

    private Layout.Face face(FittedBar.Person person, Box whole, Box room, double scale) {
        double x = room.x() + 20;
        var picture = new Box(x, room.y() + 20, Metrics.FACE, Metrics.FACE);
        Type title = Type.semibold(17 * scale);
        Type note = Type.regular(14 * scale);
        var texts = new ArrayList<TextLine>();
        double most = Math.max(0, room.right() - 16 - x);
        double y = picture.bottom() + 12;
        y = line(person.title(), title, x, y, most, texts);
        y = person.note().isEmpty() ? y : line(person.note(), note, x, y, most, texts);
        return new Layout.Face(new Box(whole.x(), whole.y(), whole.width(), crisp(y) + 16), picture, person, texts);
    }

    private double line(String text, Type type, double x, double y, double most, List<TextLine> out) {
        double height = Cells.lineHeight(type);
        out.add(TextLine.of(text, START, x, crisp(type.baselineAround(y + height / 2)), most, type, measure));
        return y + height;
    }

    /** Lines of a list from the upper edge of {@code room} on; gives where they end. */
    private double list(
            List<FittedBar.Line> lines, org.yonderarc.fit.Look look, Cells cells, Box room, boolean collapsed) {
        double inset = collapsed ? Math.min(look.size(Size.PADDING), 8) : look.size(Size.PADDING);
        double width = room.width() - 2 * inset;
        double y = room.y();
        for (FittedBar.Line line : lines) {
            if (line.item().isPresent()) {
                FittedItem item = line.item().get();
                double least = look.size(Size.ITEM_HEIGHT);
                double height = collapsed ? least : crisp(cells.lineHeight(item, width, least));
                slots.add(cells.line(item, new Box(room.x() + inset, y, width, height), collapsed));
                y += height + look.size(Size.SPACING);
            } else if (line.heading().isPresent() && !collapsed) {
                Type type = Type.semibold(look.size(Size.TITLE_SIZE) * cells.textScale());
                double height = Math.max(Metrics.HEADING, Cells.lineHeight(type) + 16);
                double x = room.x() + inset + 16;
                headings.add(TextLine.of(
                        line.heading().get(),
                        START,
                        x,
                        crisp(type.baselineAround(y + height / 2 + 4)),
                        Math.max(0, width - 32),
                        type,
                        measure));
                y += height;
            } else {
                dividers.add(new Box(room.x() + inset + 4, y + 8, Math.max(0, width - 8), 1));
                y += Metrics.DIVIDER;
            }
        }
        return y;
    }

    private Layout.Bar layOut(FittedBar.More bar, Box content) {
        double scale = Math.min(device.textScale(), MOST_SCALE);
        var cells = new Cells(content, Form.IconSide.BEFORE, Form.Labels.ALL, scale, true, measure);
        double wide = Math.min(content.width(), 640);
        var room = new Box(content.centerX() - wide / 2, content.y() + 8, wide, 0);
        Optional<Layout.Face> face = Optional.empty();
        double top = room.y();
        if (bar.person().isPresent()) {
            Type type = Type.semibold(17 * scale);
            Box picture = new Box(room.x() + 24, top + 12, 48, 48);
            var texts = new ArrayList<TextLine>();
            double height = Cells.lineHeight(type);
            line(
                    bar.person().get().title(),
                    type,
                    picture.right() + 16,
                    picture.centerY() - height / 2,
                    Math.max(0, room.right() - picture.right() - 32),
                    texts);
            face = Optional.of(new Layout.Face(
                    new Box(content.x(), content.y(), content.width(), 80),
                    picture,
                    bar.person().get(),
                    texts));
            top = content.y() + 88;
        }
        list(bar.lines(), bar.look(), cells, new Box(room.x(), top, room.width(), 0), false);
        return finished(
                bar,
                content,
                new Box(content.x(), top, content.width(), Math.max(0, content.bottom() - top)),
                face,
                false);
    }

    private Layout.Bar finished(FittedBar bar, Box box, Box view, Optional<Layout.Face> face, boolean scrim) {
        return new Layout.Bar(
                bar, box, 0, scrim, view, slots, headings, dividers, buttons, face, Optional.empty(), scrim);
    }
}
