package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;
import static org.yonderarc.layout.TextLine.Anchor.START;
import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
import org.yonderarc.plan.Visibility;

/** Lays top bars out. */
final class TopBoxes {
    /** In a narrower bar a person is shown as a picture alone. */
    private static final double FACE_WITH_TEXT = 600;
    /** Where a logo has less room than this, its small form is shown. */
    private static final double LEAST_LOGO = 88;
    /** What the name of a person takes at most, in dp. */
    private static final double MOST_NAME = 160;
    /** Around what stands between the title and the actions, in dp. */
    private static final double AROUND_ITEMS = 24;
    /** From the text of a button to its ends, in dp. */
    private static final double TEXT_PADDING = 16;
    /** Titles grow with the person's text scale up to this. */
    private static final double MOST_SCALE = 1.6;

    private final TopForm form;
    private final FittedBar bar;
    private final List<FittedItem> items;
    private final String appName;
    private final Device device;
    private final TextMeasure measure;
    private final Room room;
    private final double scale;
    private final List<Layout.Slot> apart = new ArrayList<>();
    private final List<Layout.Button> buttons = new ArrayList<>();

    private TopBoxes(TopForm form, FittedBar bar, Room room) {
        this.form = form;
        this.bar = bar;
        this.items = bar.items();
        this.appName = room.appName();
        this.device = room.device();
        this.measure = room.measure();
        this.room = room;
        this.scale = Math.min(device.textScale(), MOST_SCALE);
    }

    /** The boxes; the bar stands between what stands at the side edges. */
    static Layout.Bar layOut(TopForm form, FittedBar bar, Room room) {
        return new TopBoxes(form, bar, room).layOut();
    }

    private Layout.Bar layOut() {
        Type type = Looks.title(bar.look(), scale);
        double titles = ItemLayout.lineHeight(type) + (bar.note().isEmpty() ? 0 : ItemLayout.lineHeight(noteType()));
        TopRow row = new TopRow(form, bar, scale, measure);
        double tallest = Stream.<Double>of(
                        Metrics.TARGET, titles + 2 * Metrics.SLOT_MARGIN, tiles(), form.ownRow() ? 0.0 : row.height())
                .max(Double::compare)
                .orElseThrow();
        double height = Math.max(bar.look().size(Size.THICKNESS), tallest);
        double top = device.safe().top();
        double middle = top + height / 2;
        boolean hasItems = !items.isEmpty();
        Optional<FittedItem> search = bar.apart().stream()
                .filter(item -> SearchBox.is(item, form.search()))
                .findFirst();
        double searching = search.isPresent() ? SearchBox.LINE : 0;
        // The items keep from the ends what the style asks for beyond the usual.
        double before = Math.max(0, bar.look().padding(Size.PADDING_START) - Metrics.EDGE);
        double behind = Math.max(0, bar.look().padding(Size.PADDING_END) - Metrics.EDGE);
        double rest = Math.max(0, room.right() - room.left() - before - behind);
        double below = hasItems && form.ownRow() ? row.height() * row.lines(rest) : 0;
        var box = new Box(room.from(), 0, room.to() - room.from(), top + height + searching + below);
        double leading = leading(middle);
        double trailing = trailing(middle);
        double beside = actionsWidth()
                + (form.titleShows() == TopForm.TitleContent.NONE ? 0 : TopHome.LEAST_TITLE + 12 + AROUND_ITEMS)
                + (form.ownRow() ? 0 : row.least());
        Optional<Layout.Face> face =
                bar.person().map(person -> face(person, trailing, trailing - leading - beside, middle));
        double end = actions(face.map(one -> one.ground().x()).orElse(trailing), middle);
        boolean isBeside = hasItems && !form.ownRow();
        // Both sides give way by the wider of the two, or the title would leave the centre.
        double side = Math.max(
                Math.max(
                                leading,
                                room.from()
                                        + Metrics.TITLE_MARGIN
                                        + device.safe().left())
                        - room.from(),
                Math.max(box.right() - end, device.safe().right() + Metrics.TITLE_MARGIN));
        double centred = Math.max(0, box.width() - 2 * side);
        boolean isAtStart = isBeside
                || startsTitle()
                || form.titleShows() != TopForm.TitleContent.LOGO && leastTitle(type) > centred;
        Optional<TextLine> title = Optional.empty();
        Optional<TextLine> note = Optional.empty();
        Optional<Layout.Logo> logo = Optional.empty();
        double free = leading;
        if (form.titleShows() != TopForm.TitleContent.NONE) {
            double most = isBeside
                    ? itemsTitleRoom(end - leading - 12 - AROUND_ITEMS, row.least(), type)
                    : isAtStart ? Math.max(0, end - leading - 24) : centred;
            if (form.titleShows() == TopForm.TitleContent.LOGO) {
                double width = Math.min(Metrics.LOGO_WIDTH, most);
                double x = isAtStart ? leading + 12 : box.centerX() - width / 2;
                logo = Optional.of(logos(x, middle, width));
                free = x + width;
            } else {
                Type fits = fitting(bar.title(), type, most);
                double upper = bar.note().isEmpty() ? middle : middle - titles / 2 + ItemLayout.lineHeight(fits) / 2;
                double x = isAtStart ? leading + 12 : box.centerX();
                TextLine.Anchor anchor = isAtStart ? START : MIDDLE;
                TextLine line =
                        TextLine.of(bar.title(), anchor, x, crisp(fits.baselineAround(upper)), most, fits, measure);
                title = Optional.of(line);
                free = line.left() + line.width();
                if (!bar.note().isEmpty()) {
                    double lower = middle + titles / 2 - ItemLayout.lineHeight(noteType()) / 2;
                    double baseline = crisp(noteType().baselineAround(lower));
                    TextLine second = TextLine.of(bar.note(), anchor, x, baseline, most, noteType(), measure);
                    note = Optional.of(second);
                    free = Math.max(free, second.left() + second.width());
                }
            }
        }
        search.ifPresent(item -> {
            apart.add(SearchBox.of(
                    item, new Box(room.left(), top + height, room.right() - room.left(), SearchBox.LINE), 16, cells()));
        });
        Layout.ItemList list = Layout.ItemList.of(box, false, List.of());
        if (isBeside) {
            list = row.in(new Box(free + 16, top, Math.max(0, end - free - AROUND_ITEMS), height), box);
        } else if (hasItems) {
            list = row.in(new Box(room.left() + before, top + height + searching, rest, below), box);
        }
        Optional<Box> line = form.border()
                ? Optional.of(new Box(box.x(), box.bottom() - Metrics.HAIRLINE, box.width(), Metrics.HAIRLINE))
                : Optional.empty();
        return new Layout.Bar(
                bar, Layout.Ground.of(box, line), list, apart, new Layout.Head(title, note, logo, face), buttons);
    }

    /** The height that tiles behind the icons of actions need. */
    private double tiles() {
        return bar.apart().stream()
                .filter(action -> action.look().tile().isPresent())
                .mapToDouble(action -> action.look().iconCell() + 2 * Metrics.SLOT_MARGIN)
                .max()
                .orElse(0);
    }

    /** What the title and what stands below it take, set as small as they may be. */
    private double leastTitle(Type type) {
        return Math.max(
                measure.width(bar.title(), new Type(usual(type), type.weight())),
                measure.width(bar.note(), noteType()));
    }

    private double usual(Type type) {
        return Math.min(type.size(), bar.look().size(Size.TITLE_SIZE));
    }

    private Type noteType() {
        return Type.regular(13 * scale);
    }

    private boolean startsTitle() {
        return switch (form.alignTitle()) {
            case CENTER -> false;
            case START -> true;
            case BY_DEVICE -> device.pointer() == Visibility.Pointer.FINE;
        };
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
        double start = room.left() + bar.look().padding(Size.PADDING_START);
        return bar.buttons().stream()
                .filter(button -> !button.atEnd())
                .findFirst()
                .map(button -> button(button, start, middle).right())
                .orElse(start);
    }

    /** The button at the trailing side; gives where the free room ends. */
    private double trailing(double middle) {
        double end = room.right() - bar.look().padding(Size.PADDING_END);
        return bar.buttons().stream()
                .filter(FittedBar.Button::atEnd)
                .findFirst()
                .map(button -> button(button, end - Metrics.TARGET, middle).x())
                .orElse(end);
    }

    private Box button(FittedBar.Button button, double x, double middle) {
        var target = new Box(x, middle - Metrics.TARGET / 2, Metrics.TARGET, Metrics.TARGET);
        Box icon = Box.around(target.centerX(), target.centerY(), Metrics.ICON, Metrics.ICON);
        buttons.add(new Layout.Button(target, icon, button, Optional.empty()));
        return target;
    }

    /** The buttons at the trailing side, before {@code end}; one without an icon has its label. Gives where they start. */
    private double actions(double end, double middle) {
        var cells = cells();
        List<FittedItem> actions = actions();
        // A text button's ground keeps the distance from the edge that titles have at the other end.
        boolean isText =
                !actions.isEmpty() && actions.get(actions.size() - 1).icon().isEmpty();
        double x = end - actionsWidth() - (isText && bar.person().isEmpty() ? 8 : 0);
        double at = x;
        for (FittedItem action : actions) {
            var target = new Box(at, middle - Metrics.TARGET / 2, width(cells, action), Metrics.TARGET);
            double height = action.icon().isEmpty() ? Math.max(32, cells.height(action, 1) + 12) : Metrics.TARGET - 8;
            apart.add(cells.slot(action, target)
                    .filling(Box.around(target.centerX(), middle, Math.max(0, target.width() - 8), height)));
            at = target.right();
        }
        return x;
    }

    private List<FittedItem> actions() {
        return bar.apart().stream()
                .filter(item -> !SearchBox.is(item, form.search()))
                .collect(toList());
    }

    private double actionsWidth() {
        var cells = cells();
        return actions().stream().mapToDouble(action -> width(cells, action)).sum();
    }

    private ItemLayout cells() {
        return new ItemLayout(
                new Box(room.from(), 0, room.to() - room.from(), 0),
                Form.IconPosition.BEFORE,
                Form.Labels.NONE,
                scale,
                MarkHome.Inner.LOWER,
                measure);
    }

    private static double width(ItemLayout cells, FittedItem action) {
        return action.icon().isPresent()
                ? Math.max(Metrics.TARGET, action.look().iconCell() + 2 * Metrics.SLOT_MARGIN)
                : Math.max(
                        Metrics.TARGET,
                        cells.naturalWidth(action) + 2 * action.look().itemPadding(TEXT_PADDING));
    }

    private Layout.Face face(FittedBar.Person person, double end, double most, double middle) {
        Type type = Type.semibold(14 * scale);
        double wanted = Math.min(MOST_NAME, measure.width(person.title(), type));
        // The name gives way to what can be chosen.
        boolean withText = device.width() >= FACE_WITH_TEXT && Metrics.TARGET + wanted + 20 <= most;
        double text = withText ? wanted : 0;
        double width = Metrics.TARGET + (text > 0 ? text + 20 : 0);
        var ground = new Box(end - width, middle - Metrics.TARGET / 2, width, Metrics.TARGET);
        // What is outermost keeps the same distance from the edge as an icon at the other end.
        double x = ground.x() + Metrics.TARGET / 2 - (text > 0 ? 0 : Metrics.EDGE);
        Box picture = Box.around(x, middle, Metrics.FACE_SMALL, Metrics.FACE_SMALL);
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

    /** A title is whole where the items can be shown as icons beside it. */
    private double itemsTitleRoom(double room, double items, Type type) {
        double wanted = Math.max(measure.width(bar.title(), type), measure.width(bar.note(), noteType()));
        double least = Math.min(TopHome.LEAST_TITLE, room / 2);
        return Math.max(0, Math.min(Math.max(TopHome.LEAST_TITLE, wanted), Math.max(least, room - items)));
    }

    /** The type, made smaller down to its usual size where the text doesn't fit. */
    private Type fitting(String text, Type type, double most) {
        double width = measure.width(text, type);
        return width <= most || width == 0
                ? type
                : new Type(Math.max(usual(type), Math.floor(type.size() * most / width * 16) / 16), type.weight());
    }
}
