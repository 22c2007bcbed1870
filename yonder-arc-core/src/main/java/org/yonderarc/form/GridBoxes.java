package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;

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
import org.yonderarc.layout.TextFit;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.GridForm;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Size;

/** Lays menus in the content out: cards in columns, or rows below each other. */
final class GridBoxes {
    /** Wider lists are hard to read; they are centred. */
    private static final double WIDEST_LIST = 640;
    /** Wider grids are centred, as other content is. */
    private static final double WIDEST_GRID = 760;
    /** The narrowest column at the usual text size. */
    private static final double COLUMN = 104;
    /** The distance of cards from the edges of the content. */
    private static final double MARGIN = 16;

    private static final double BETWEEN = 12;
    /** What stands on a card keeps this distance from its edges. */
    private static final double INSET = 12;

    private static final double CARD_RADIUS = 16;
    /** The lowest card. */
    private static final double LOWEST = 96;

    private static final double BELOW_ICON = 8;
    private static final double NOTE_SIZE = 12;
    /** Lines of a label on a card, and of its note. */
    private static final int LINES = 2;

    private static final double SHEET_RADIUS = 24;
    /** The share of the device's height that a sheet takes at most. */
    private static final double MOST_SHEET = 0.7;

    private final GridForm form;
    private final FittedBar bar;
    private final Device device;
    private final TextMeasure measure;
    private final Box content;
    private final double scale;
    private final String appName;
    private final double beside;
    private final ListBoxes list;
    private final ItemLayout cells;

    private GridBoxes(GridForm form, FittedBar bar, Room room, Box content) {
        this.form = form;
        this.bar = bar;
        this.device = room.device();
        this.measure = room.measure();
        this.appName = room.appName();
        this.content = content;
        this.beside = room.widest();
        this.scale = Math.min(device.textScale(), ListBoxes.MOST_SCALE);
        boolean isRows = form.layout() == Form.TileLayout.ROWS;
        this.cells = new ItemLayout(
                content,
                isRows ? Form.IconPosition.BEFORE : Form.IconPosition.ABOVE,
                Form.Labels.ALL,
                scale,
                isRows ? MarkHome.Inner.TRAILING : MarkHome.Inner.LOWER,
                measure);
        this.list = new ListBoxes(bar.look(), cells, false);
    }

    static Layout.Bar layOut(GridForm form, FittedBar bar, Room room) {
        if (!form.sheet()) {
            return new GridBoxes(form, bar, room, room.content()).layOut();
        }
        Device device = room.device();
        double least = room.content().x();
        double width = Math.min(room.content().width(), WIDEST_LIST);
        double left = least + (room.content().width() - width) / 2;
        double end = device.height() - device.safe().bottom();
        double needed = new GridBoxes(form, bar, room, new Box(left, 0, width, end))
                .layOut().list().slots().stream()
                        .mapToDouble(slot -> slot.target().bottom())
                        .max()
                        .orElse(0);
        double height = Math.min(needed + MARGIN, device.height() * MOST_SHEET);
        return new GridBoxes(form, bar, room, new Box(left, end - height, width, height)).layOut();
    }

    private Layout.Bar layOut() {
        boolean isRows = form.layout() == Form.TileLayout.ROWS;
        boolean isOverflow = bar.standing() == FittedBar.Standing.OVERFLOW;
        // At the head of content its edges are those of the content.
        double widest = !isOverflow && beside > 0 ? beside : isRows ? WIDEST_LIST : WIDEST_GRID;
        double wide = Math.min(content.width(), widest);
        var room = new Box(content.centerX() - wide / 2, content.y() + (isRows ? 8 : MARGIN), wide, 0);
        Optional<Layout.Face> face = bar.person().map(person -> new PersonBoxes(scale, measure)
                .above(person, content, new Box(room.x(), content.y() + 8, room.width(), 0)));
        double top = face.isPresent() ? content.y() + 88 : room.y();
        Optional<Layout.Logo> logo = form.showLogo()
                ? Optional.of(new LogoBoxes(appName, measure).start(room.x() + MARGIN, top, room.width() - 2 * MARGIN))
                : Optional.empty();
        top = logo.map(shown -> shown.box().bottom() + MARGIN).orElse(top);
        var below = new Box(room.x(), top, room.width(), 0);
        double bottom = isRows ? list.add(bar.lines(), below) : cards(below);
        // As the place of an overflow it takes all of the content; at the head of content, what it needs.
        Box box = isOverflow
                ? content
                : new Box(content.x(), content.y(), content.width(), Math.max(0, bottom - content.y()));
        if (form.sheet()) {
            return sheet(face, logo, top);
        }
        var ground = new Layout.Ground(
                box,
                0,
                false,
                isOverflow ? Optional.of(Role.BACKGROUND) : Optional.empty(),
                Optional.empty(),
                Layout.Scrim.NONE);
        Box view = new Box(box.x(), top, box.width(), Math.max(0, box.bottom() - top));
        Layout.ItemList items = list.in(view);
        return new Layout.Bar(
                bar,
                ground,
                isOverflow ? items : items.unclipped(),
                List.of(),
                new Layout.Head(Optional.empty(), logo, face),
                List.of());
    }

    /** A sheet at the lower edge; it goes on below the edge, so that its lower corners aren't seen. */
    private Layout.Bar sheet(Optional<Layout.Face> face, Optional<Layout.Logo> logo, double top) {
        double end = device.height() + SHEET_RADIUS;
        var box = new Box(content.x(), content.y(), content.width(), end - content.y());
        var ground = new Layout.Ground(
                box, SHEET_RADIUS, true, Optional.of(Role.SURFACE), Optional.empty(), Layout.Scrim.DIM);
        var view = new Box(box.x(), top, box.width(), Math.max(0, content.bottom() - top));
        return new Layout.Bar(
                bar, ground, list.in(view), List.of(), new Layout.Head(Optional.empty(), logo, face), List.of());
    }

    /** As many columns as the width and the text size allow. */
    private int columns(double width) {
        double column = COLUMN * Math.max(1, (1 + scale) / 2);
        int fit = (int) ((width + BETWEEN) / (column + BETWEEN));
        return form.columns()
                .orElseGet(() -> (int) Math.max(GridForm.COLUMNS.least(), Math.min(GridForm.COLUMNS.most(), fit)));
    }

    /** The items on cards; gives where they end. */
    private double cards(Box room) {
        double width = room.width() - 2 * MARGIN;
        int columns = columns(width);
        double card = (width - (columns - 1) * BETWEEN) / columns;
        double y = room.y();
        var row = new ArrayList<FittedItem>();
        for (FittedBar.Line line : bar.lines()) {
            if (line.item().isPresent()) {
                if (row.size() == columns) {
                    y = row(row, room.x() + MARGIN, y, card);
                    row.clear();
                }
                row.add(line.item().get());
            } else {
                y = row.isEmpty() ? y : row(row, room.x() + MARGIN, y, card);
                row.clear();
                if (line.heading().isPresent()) {
                    y += list.heading(line.heading().get(), room.x() + MARGIN + 4, y, width);
                } else {
                    list.divider(room.x() + MARGIN, y, width);
                    y += Metrics.DIVIDER;
                }
            }
        }
        return row.isEmpty() ? y : row(row, room.x() + MARGIN, y, card);
    }

    /** One row of cards, all as high as the highest; gives where the next row starts. */
    private double row(List<FittedItem> items, double x, double y, double width) {
        double height = 0;
        for (FittedItem item : items) {
            height = Math.max(height, height(item, width));
        }
        double at = x;
        for (FittedItem item : items) {
            list.add(card(item, new Box(at, y, width, crisp(height))));
            at += width + BETWEEN;
        }
        return y + crisp(height) + BETWEEN;
    }

    private List<String> label(FittedItem item, double width) {
        return TextFit.wrap(item.label(), cells.type(item), width - 2 * INSET, LINES, measure);
    }

    private Type noteType() {
        return Type.regular(NOTE_SIZE * scale);
    }

    private List<String> note(FittedItem item, double width) {
        return TextFit.wrap(item.note(), noteType(), width - 2 * INSET, LINES, measure);
    }

    private double icon(FittedItem item) {
        return item.icon().isPresent() ? item.look().size(Size.ICON_SIZE) + 4 : 0;
    }

    private double height(FittedItem item, double width) {
        return Math.max(LOWEST, 2 * INSET + content(item, width));
    }

    private Layout.Slot card(FittedItem item, Box box) {
        double size = icon(item);
        double y = box.y() + (box.height() - content(item, box.width())) / 2;
        Box icon = Box.around(box.centerX(), y + size / 2, size, size);
        y += size > 0 ? size + BELOW_ICON : 0;
        var labels = new ArrayList<TextLine>();
        y = lines(label(item, box.width()), cells.type(item), box, y, labels);
        var notes = new ArrayList<TextLine>();
        lines(note(item, box.width()), noteType(), box, y, notes);
        Optional<Box> leaves = item.sign().isPresent()
                ? Optional.of(Box.around(box.right() - INSET - 4, box.y() + INSET + 4, 16, 16))
                : Optional.empty();
        double radius = Math.min(Math.max(CARD_RADIUS, item.look().size(Size.ITEM_RADIUS)), box.height() / 2);
        var body = new Layout.Body(icon, labels, notes, cells.badge(item, icon, box), leaves);
        return cells.placed(item, box, body, radius)
                .on(new Layout.Plate(box, radius, Role.SURFACE, Optional.empty(), true));
    }

    /** The height of what stands on a card. */
    private double content(FittedItem item, double width) {
        double icon = icon(item);
        return icon
                + (icon > 0 ? BELOW_ICON : 0)
                + label(item, width).size() * ItemLayout.lineHeight(cells.type(item))
                + note(item, width).size() * ItemLayout.lineHeight(noteType());
    }

    private double lines(List<String> texts, Type type, Box box, double from, List<TextLine> out) {
        double y = from;
        double height = ItemLayout.lineHeight(type);
        for (String text : texts) {
            double baseline = crisp(type.baselineAround(y + height / 2));
            out.add(TextLine.of(text, MIDDLE, box.centerX(), baseline, box.width() - 2 * INSET, type, measure));
            y += height;
        }
        return y;
    }
}
