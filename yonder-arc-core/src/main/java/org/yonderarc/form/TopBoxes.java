package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;
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
import org.yonderarc.plan.Size;
import org.yonderarc.plan.TopForm;

/** Lays top bars out. */
final class TopBoxes {
    /** In a narrower bar a person is shown as a picture alone. */
    private static final double FACE_WITH_TEXT = 600;
    /** A logo or a title in a bar with items has at least this much room. */
    private static final double LEAST_TITLE = 96;
    /** Where a logo has less room than this, its small form is shown. */
    private static final double LEAST_LOGO = 88;
    /** Titles grow with the person's text scale up to this. */
    private static final double MOST_SCALE = 1.6;

    private final TopForm form;
    private final FittedBar bar;
    private final List<FittedItem> items;
    private final String appName;
    private final Device device;
    private final TextMeasure measure;
    private final double from;
    private final double scale;
    private final List<Layout.Slot> inRow = new ArrayList<>();
    private final List<Layout.Slot> apart = new ArrayList<>();
    private final List<Layout.Button> buttons = new ArrayList<>();

    private TopBoxes(TopForm form, FittedBar bar, Room room) {
        this.form = form;
        this.bar = bar;
        this.items = bar.items();
        this.appName = room.appName();
        this.device = room.device();
        this.measure = room.measure();
        this.from = room.from();
        this.scale = Math.min(device.textScale(), MOST_SCALE);
    }

    /** The boxes; the bar starts at {@code from}, the trailing edge of what stands at the leading edge. */
    static Layout.Bar layOut(TopForm form, FittedBar bar, Room room) {
        return new TopBoxes(form, bar, room).layOut();
    }

    private Layout.Bar layOut() {
        Type type = Type.semibold(bar.look().size(Size.TITLE_SIZE) * scale);
        double height = Math.max(
                Math.max(bar.look().size(Size.THICKNESS), Metrics.TARGET),
                crisp(type.size() * Metrics.LINE + 2 * Metrics.SLOT_MARGIN));
        double top = device.safe().top();
        double middle = top + height / 2;
        var box = new Box(from, 0, device.width() - from, top + height);
        double leading = leading(middle);
        double trailing = device.width() - device.safe().right() - Metrics.EDGE;
        Optional<Layout.Face> face = bar.person().map(person -> face(person, trailing, middle));
        double end = actions(face.map(one -> one.ground().x()).orElse(trailing), middle);
        boolean hasItems = !items.isEmpty();
        Optional<TextLine> title = Optional.empty();
        Optional<Layout.Logo> logo = Optional.empty();
        double free = leading;
        if (form.title() != TopForm.Middle.NONE) {
            // Both sides give way by the wider of the two, or the title would leave the centre.
            double side = Math.max(
                    Math.max(
                                    leading,
                                    from + Metrics.TITLE_MARGIN + device.safe().left())
                            - from,
                    Math.max(box.right() - end, device.safe().right() + Metrics.TITLE_MARGIN));
            double most = hasItems ? itemsTitleRoom(leading, end, type) : Math.max(0, box.width() - 2 * side);
            if (form.title() == TopForm.Middle.LOGO) {
                double width = Math.min(Metrics.LOGO_WIDTH, most);
                double x = hasItems ? leading + 12 : box.centerX() - width / 2;
                logo = Optional.of(logos(x, middle, width));
                free = x + width;
            } else {
                Type fits = fitting(bar.title(), type, most);
                double baseline = crisp(fits.baselineAround(middle));
                TextLine line = hasItems
                        ? TextLine.of(bar.title(), START, leading + 12, baseline, most, fits, measure)
                        : TextLine.of(bar.title(), MIDDLE, box.centerX(), baseline, most, fits, measure);
                title = Optional.of(line);
                free = line.left() + line.width();
            }
        }
        if (hasItems) {
            items(new Box(free + 16, top, Math.max(0, end - free - 24), height), box);
        }
        Optional<Box> line = form.line()
                ? Optional.of(new Box(box.x(), box.bottom() - Metrics.HAIRLINE, box.width(), Metrics.HAIRLINE))
                : Optional.empty();
        inRow.addAll(apart);
        return new Layout.Bar(
                bar,
                Layout.Ground.of(box, line),
                Layout.ItemList.of(box, false, inRow),
                List.of(),
                new Layout.Head(title, logo, face),
                buttons);
    }

    /** The logo; its small form where there is little room. */
    private Layout.Logo logos(double x, double middle, double width) {
        var logos = new LogoBoxes(appName, measure);
        return width < LEAST_LOGO
                ? logos.small(x + width / 2, middle - LogoBoxes.SMALL / 2, width)
                : logos.middle(new Box(x, middle - Metrics.LOGO_HEIGHT / 2, width, Metrics.LOGO_HEIGHT));
    }

    /** The button at the leading side; gives where the free room starts. */
    private double leading(double middle) {
        double start = from == 0 ? device.safe().left() : from;
        return bar.buttons().stream()
                .findFirst()
                .map(button -> {
                    var target =
                            new Box(start + Metrics.EDGE, middle - Metrics.TARGET / 2, Metrics.TARGET, Metrics.TARGET);
                    Box icon = Box.around(target.centerX(), target.centerY(), Metrics.ICON, Metrics.ICON);
                    buttons.add(new Layout.Button(target, icon, button, Optional.empty()));
                    return target.right();
                })
                .orElse(start + Metrics.EDGE);
    }

    /** The buttons at the trailing side, before {@code end}; gives where they start. */
    private double actions(double end, double middle) {
        double x = end - bar.apart().size() * Metrics.TARGET;
        var cells = new ItemLayout(
                new Box(from, 0, device.width() - from, 0),
                Form.IconSide.ABOVE,
                Form.Labels.NONE,
                scale,
                MarkHome.Inner.LOWER,
                measure);
        double at = x;
        for (FittedItem action : bar.apart()) {
            var target = new Box(at, middle - Metrics.TARGET / 2, Metrics.TARGET, Metrics.TARGET);
            apart.add(cells.slot(action, target));
            at = target.right();
        }
        return x;
    }

    private Layout.Face face(FittedBar.Person person, double end, double middle) {
        Type type = Type.semibold(14 * scale);
        boolean withText = device.width() >= FACE_WITH_TEXT;
        double text = withText ? Math.min(160, measure.width(person.title(), type)) : 0;
        double width = Metrics.TARGET + (text > 0 ? text + 8 : 0);
        var ground = new Box(end - width, middle - Metrics.TARGET / 2, width, Metrics.TARGET);
        Box picture = Box.around(ground.x() + Metrics.TARGET / 2, middle, Metrics.FACE_SMALL, Metrics.FACE_SMALL);
        List<TextLine> texts = text > 0
                ? List.of(TextLine.of(
                        person.title(),
                        START,
                        picture.right() + 10,
                        crisp(type.baselineAround(middle)),
                        text,
                        type,
                        measure))
                : List.of();
        return new Layout.Face(
                ground, picture, PersonBoxes.initials(person, picture, measure), person, texts, Optional.empty());
    }

    private double itemsTitleRoom(double leading, double end, Type type) {
        double wanted = measure.width(bar.title(), type);
        return Math.max(0, Math.min(Math.max(LEAST_TITLE, wanted), (end - leading) / 2));
    }

    /** The type, made smaller down to its usual size where the text doesn't fit. */
    private Type fitting(String text, Type type, double most) {
        double usual = Math.min(type.size(), bar.look().size(Size.TITLE_SIZE));
        double width = measure.width(text, type);
        return width <= most || width == 0
                ? type
                : Type.semibold(Math.max(usual, Math.floor(type.size() * most / width * 16) / 16));
    }

    private void items(Box room, Box whole) {
        double padding = 12;
        double natural = 0;
        var line = new Box(whole.x(), room.y(), whole.width(), room.height());
        var cells = new ItemLayout(line, Form.IconSide.BEFORE, Form.Labels.ALL, scale, MarkHome.Inner.LOWER, measure);
        var widths = new ArrayList<Double>();
        for (FittedItem item : items) {
            double width =
                    bar.look().itemWidth().orElse(Math.max(Metrics.TARGET, cells.naturalWidth(item) + 2 * padding));
            widths.add(width);
            natural += width;
        }
        double spacing = bar.look().size(Size.SPACING);
        natural += spacing * (widths.size() - 1);
        double shrink = natural > room.width() && natural > 0 ? room.width() / natural : 1;
        double used = natural * shrink;
        double centred = Math.max(room.x(), Math.min(whole.centerX() - used / 2, room.right() - used));
        double x =
                switch (form.items()) {
                    case START -> room.x();
                    case CENTER -> centred;
                    case END -> room.right() - used;
                };
        for (int i = 0; i < widths.size(); i++) {
            double width = widths.get(i) * shrink;
            Box target = new Box(x, room.centerY() - Metrics.TARGET / 2, width, Metrics.TARGET);
            inRow.add(cells.slot(items.get(i), target));
            x += width + spacing * shrink;
        }
    }
}
