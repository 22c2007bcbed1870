package org.yonderarc.layout;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;
import static org.yonderarc.layout.TextLine.Anchor.START;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Look;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Size;
import org.yonderarc.tree.Split;

/**
 * Lays the items of one bar out, each in its slot.
 *
 * @param bar the bar's box, without the safe insets; a mark at an edge stands at its edge
 * @param side where icons stand, seen from their labels
 * @param labels which items show their label
 * @param textScale how much larger than usual labels are set
 * @param inner which edge of the items lies towards the content
 * @param measure how wide texts are
 */
public record ItemLayout(
        Box bar,
        Form.IconPosition side,
        Form.Labels labels,
        double textScale,
        MarkHome.Inner inner,
        TextMeasure measure) {
    /** From the ends of a line to what stands in it, in dp. */
    private static final double LINE_PADDING = 16;

    /** Whether the bar stands, and its items lie below each other. */
    private boolean stands() {
        return inner.stands();
    }

    /** Whether icons stand above or below their labels. */
    public boolean isVertical() {
        return side == Form.IconPosition.ABOVE || side == Form.IconPosition.BELOW;
    }

    /** Whether an item shows its label. */
    public boolean showsLabel(FittedItem item) {
        boolean wanted = labels == Form.Labels.ALL || labels == Form.Labels.SELECTED && item.selected();
        return wanted || item.icon().isEmpty();
    }

    /** How a label is set. */
    public Type type(FittedItem item) {
        return type(item.look(), item.selected());
    }

    private Type type(Look look, boolean selected) {
        double size = look.labelSize(selected) * textScale;
        return look.isBold(selected) ? Type.semibold(size) : Type.regular(size);
    }

    /** How wide a label is at most: as if it were selected, so that texts stay when the selection moves. */
    public double widest(FittedItem item, String text) {
        return Math.max(measure.width(text, type(item.look(), true)), measure.width(text, type(item.look(), false)));
    }

    /** The height of a line of text, in dp. */
    public static double lineHeight(Type type) {
        return crisp(type.size() * Metrics.LINE);
    }

    /** The extent of the icon with a shape behind it, across a bar that lies. */
    private static double iconHeight(Look look) {
        return Math.max(
                look.iconCell(), Marks.of(look.indicator().kind()).across(look.indicator(), look.size(Size.ICON_SIZE)));
    }

    /** The height of icon and label together. */
    public double height(FittedItem item, int lines) {
        double label = showsLabel(item) ? lines * lineHeight(type(item)) : 0;
        double icon = item.icon().isPresent() ? iconHeight(item.look()) : 0;
        if (!isVertical()) {
            return Math.max(icon, label);
        }
        return icon + label + (icon > 0 && label > 0 ? item.look().size(Size.GAP) : 0);
    }

    /** The width of an item's icon with the tile behind it; 0 without an icon. */
    private static double iconWidth(FittedItem item) {
        return item.icon().isPresent() ? item.look().iconCell() : 0;
    }

    /** What the icon takes, with the tile behind it. */
    private static Box cell(FittedItem item, Box icon) {
        double size = item.look().iconCell();
        return icon.width() > 0 && size > icon.width() ? Box.around(icon.centerX(), icon.centerY(), size, size) : icon;
    }

    /** The width of icon and label beside each other. */
    public double naturalWidth(FittedItem item) {
        double label = showsLabel(item) ? widest(item, item.brief()) : 0;
        double icon = iconWidth(item);
        double gap = icon > 0 && label > 0 ? item.look().size(Size.GAP) : 0;
        return isVertical() ? Math.max(icon, label) : icon + gap + label;
    }

    /** An item in a slot, icon and label centred in it. */
    public Layout.Slot slot(FittedItem item, Box target) {
        return isVertical() ? vertical(item, target) : beside(item, target);
    }

    private Layout.Slot vertical(FittedItem item, Box target) {
        double room = Math.max(0, target.width() - 2 * Metrics.LABEL_MARGIN);
        List<String> texts = showsLabel(item) ? texts(item, room) : List.of();
        double size = item.icon().isPresent() ? item.look().size(Size.ICON_SIZE) : 0;
        double cell = item.icon().isPresent() ? iconHeight(item.look()) : 0;
        Type type = type(item);
        double line = lineHeight(type);
        double gap = cell > 0 && !texts.isEmpty() ? item.look().size(Size.GAP) : 0;
        double block = cell + gap + texts.size() * line;
        double top = crisp(target.y() + (target.height() - block) / 2);
        boolean below = side == Form.IconPosition.BELOW;
        double iconMiddle = below ? top + block - cell / 2 : top + cell / 2;
        double labelTop = below ? top : top + cell + gap;
        if (inner == MarkHome.Inner.UPPER && !below) {
            Indicator said = item.look().indicator();
            labelTop = Math.max(labelTop, crisp(Marks.of(said.kind()).labelTop(said, bar)));
        }
        Optional<Double> raised = item.selected() && inner == MarkHome.Inner.UPPER
                ? Marks.of(item.look().indicator().kind())
                        .iconMiddle(item.look().indicator(), bar)
                : Optional.empty();
        double middle = raised.orElse(iconMiddle);
        Box icon = Box.around(target.centerX(), middle, size, size);
        var lines = new ArrayList<TextLine>();
        for (String text : texts) {
            double y = labelTop + line * lines.size() + line / 2;
            lines.add(TextLine.of(text, MIDDLE, target.centerX(), crisp(type.baselineAround(y)), room, type, measure));
        }
        return finished(item, target, icon, lines);
    }

    private Layout.Slot beside(FittedItem item, Box target) {
        Type type = type(item);
        double size = item.icon().isPresent() ? item.look().size(Size.ICON_SIZE) : 0;
        double cell = iconWidth(item);
        boolean shown = showsLabel(item);
        double gap = cell > 0 && shown ? item.look().size(Size.GAP) : 0;
        double room = Math.max(0, target.width() - 2 * Metrics.SLOT_MARGIN - cell - gap);
        List<String> texts = shown ? texts(item, room) : List.of();
        double width = texts.isEmpty() ? 0 : Math.min(room, measure.width(texts.get(0), type));
        double left = target.centerX() - (cell + gap + width) / 2;
        boolean after = side == Form.IconPosition.AFTER;
        Box icon = Box.around(after ? left + width + gap + cell / 2 : left + cell / 2, target.centerY(), size, size);
        double x = after ? left : left + cell + gap;
        var lines = new ArrayList<TextLine>();
        texts.stream()
                .limit(1)
                .forEach(text -> lines.add(TextLine.of(
                        text, START, x, crisp(type.baselineAround(target.centerY())), room, type, measure)));
        return finished(item, target, icon, lines);
    }

    private Layout.Slot finished(FittedItem item, Box target, Box icon, List<TextLine> lines) {
        Box cell = cell(item, icon);
        Box marked = marked(item, cell, lines);
        Optional<Box> circle = mark(item, marked, label(lines), target, 0)
                .filter(mark -> isCarried(item))
                .map(mark -> mark.shapes().get(0).box());
        Optional<Layout.Badge> badge = item.badge()
                .map(text -> circle.map(around -> badges().atRim(text, around, target))
                        .orElseGet(() -> badges().atIcon(item, text, cell, target)));
        return finished(item, target, new Layout.Body(icon, lines, List.of(), badge, Optional.empty()), marked);
    }

    private static Box label(List<TextLine> lines) {
        return lines.stream().map(TextLine::box).reduce(Box::with).orElse(new Box(0, 0, 0, 0));
    }

    private Layout.Slot finished(FittedItem item, Box target, Layout.Body body, Box marked) {
        double radius = Math.min(item.look().size(Size.ITEM_RADIUS), target.height() / 2);
        Optional<Layout.Mark> mark = mark(item, marked, label(body.label()), target, radius);
        return new Layout.Slot(item, target, target, radius, body, mark, Optional.empty());
    }

    /** An item whose icon and texts were placed elsewhere, in a box whose corners have a radius. */
    public Layout.Slot placed(FittedItem item, Box target, Layout.Body body, double radius) {
        boolean takesLabel = body.plates().isEmpty() && !isCarried(item) && isBeside(body.icon(), body.label());
        Box marked = takesLabel ? together(body.icon(), body.label()) : body.icon();
        var room =
                new MarkHome.Room(item.look().indicator(), marked, label(body.label()), target, radius, target, inner);
        Optional<Layout.Mark> mark = item.selected() ? Marks.in(room) : Optional.empty();
        return new Layout.Slot(item, target, target, radius, body, mark, Optional.empty());
    }

    private BadgeBoxes badges() {
        return new BadgeBoxes(side, this::showsLabel, textScale, measure);
    }

    /** The badge of an item on a circle: at the rim of that. */
    public Optional<Layout.Badge> atRim(FittedItem item, Box circle, Box target) {
        return item.badge().map(text -> badges().atRim(text, circle, target));
    }

    /** The badge of an item whose icon stands in {@code icon}. */
    public Optional<Layout.Badge> badge(FittedItem item, Box icon, Box target) {
        return item.badge().map(text -> badges().atIcon(item, text, cell(item, icon), target));
    }

    /** What a shape behind the icon lies behind: beside its label, it takes the label in, too. */
    private Box marked(FittedItem item, Box icon, List<TextLine> lines) {
        return isCarried(item)
                        || isVertical()
                        || lines.isEmpty()
                        || lines.get(0).text().isEmpty()
                        || icon.width() == 0
                ? icon
                : together(icon, lines);
    }

    /** Whether the mark carries the icon, and nothing else. */
    private static boolean isCarried(FittedItem item) {
        return Marks.of(item.look().indicator().kind()).isRaised();
    }

    /** Whether a label stands on the icon's own height, and not below it. */
    private static boolean isBeside(Box icon, List<TextLine> lines) {
        if (lines.isEmpty() || lines.get(0).text().isEmpty() || icon.width() == 0) {
            return false;
        }
        Box label = lines.get(0).box();
        boolean isLevel = label.y() < icon.bottom() && label.bottom() > icon.y();
        return isLevel && (label.x() >= icon.right() || label.right() <= icon.x());
    }

    private static Box together(Box icon, List<TextLine> lines) {
        Box label = lines.get(0).box();
        double left = Math.min(icon.x(), label.x());
        return new Box(left, icon.y(), Math.max(icon.right(), label.right()) - left, icon.height());
    }

    /** The label, or the short one where it doesn't fit; in a bar that stands, on two lines where neither does. */
    private List<String> texts(FittedItem item, double room) {
        if (widest(item, item.label()) <= room) {
            return List.of(item.label());
        }
        boolean breaks = stands() && isVertical() && widest(item, item.brief()) > room;
        return breaks ? TextFit.wrap(item.brief(), bold(item), room, 2, measure) : List.of(item.brief());
    }

    /** The wider of the types in which a label is set, so that it breaks alike whether it is selected or not. */
    private Type bold(FittedItem item) {
        Type selected = type(item.look(), true);
        Type other = type(item.look(), false);
        return measure.width(item.label(), selected) > measure.width(item.label(), other) ? selected : other;
    }

    /** The height of icon and label, where the label has so much room. */
    public double heightIn(FittedItem item, double room) {
        return height(item, showsLabel(item) ? texts(item, room).size() : 0);
    }

    /** The width of the longest word of a label, or of the icon above or below it. */
    public double wordWidth(FittedItem item) {
        double icon = iconWidth(item);
        return showsLabel(item) ? Math.max(icon, longestWord(item, item.brief())) : icon;
    }

    private double longestWord(FittedItem item, String text) {
        double longest = 0;
        for (String word : Split.at(text, ' ')) {
            longest = Math.max(longest, widest(item, word));
        }
        return longest;
    }

    /** A line of a list: icon, label on up to two lines, badge and sign at the end. */
    public Layout.Slot line(FittedItem item, Box target, boolean collapsed) {
        if (collapsed && item.icon().isPresent()) {
            double size = item.look().size(Size.ICON_SIZE);
            return finished(item, target, Box.around(target.centerX(), target.centerY(), size, size), List.of());
        }
        Type type = type(item);
        if (collapsed) {
            // Without an icon there is no more room than for the first letter.
            int first = item.label().isEmpty()
                    ? 0
                    : Character.charCount(item.label().codePointAt(0));
            TextLine letter = TextLine.of(
                    item.label().substring(0, first),
                    MIDDLE,
                    target.centerX(),
                    crisp(type.baselineAround(target.centerY())),
                    target.width(),
                    type,
                    measure);
            return finished(item, target, Box.around(target.centerX(), target.centerY(), 0, 0), List.of(letter));
        }
        double size = item.icon().isPresent() ? item.look().size(Size.ICON_SIZE) : 0;
        double cell = iconWidth(item);
        double padding = padding(item);
        double left = target.x() + padding;
        Box icon = Box.around(left + cell / 2, target.centerY(), size, size);
        double right = target.right() - padding;
        Optional<Box> leaves = item.sign().isPresent()
                ? Optional.of(Box.around(right - 8, target.centerY(), 16, 16))
                : Optional.empty();
        right = leaves.map(box -> box.x() - 8).orElse(right);
        double x = left + (cell > 0 ? cell + item.look().size(Size.GAP) : 0);
        boolean isAtIcon = badges().isAtIcon(item, iconWidth(item));
        Optional<Layout.Badge> badge =
                isAtIcon ? badge(item, icon, target) : badges().trailing(item, right, target.centerY(), right - x);
        right = badge.filter(any -> !isAtIcon).map(box -> box.box().x() - 8).orElse(right);
        Optional<TextLine> value = value(item, right, target.centerY());
        right = value.map(line -> line.left() - 8).orElse(right);
        double room = Math.max(0, right - x);
        List<String> texts = listTexts(item, room, type);
        List<String> notes = notes(item, room);
        double height = lineHeight(type);
        double second = lineHeight(noteType());
        double y = target.centerY() - (texts.size() * height + notes.size() * second) / 2;
        var lines = new ArrayList<TextLine>();
        for (String text : texts) {
            lines.add(TextLine.of(text, START, x, crisp(type.baselineAround(y + height / 2)), room, type, measure));
            y += height;
        }
        var below = new ArrayList<TextLine>();
        for (String text : notes) {
            double baseline = crisp(noteType().baselineAround(y + second / 2));
            below.add(TextLine.of(text, START, x, baseline, room, noteType(), measure));
            y += second;
        }
        Box whole = cell(item, icon);
        Box marked = !isCarried(item) && isBeside(icon, lines) ? together(whole, lines) : whole;
        return finished(item, target, new Layout.Body(icon, lines, below, value, badge, leaves, List.of()), marked);
    }

    private static double padding(FittedItem item) {
        return item.look().itemPadding(LINE_PADDING);
    }

    private Type noteType() {
        return Type.regular(12 * textScale);
    }

    private List<String> notes(FittedItem item, double room) {
        return item.note().isEmpty() ? List.of() : TextFit.wrap(item.note(), noteType(), room, 2, measure);
    }

    /** What stands at the end of a line; it takes at most a third of the bar. */
    private Optional<TextLine> value(FittedItem item, double right, double middle) {
        if (item.value().isEmpty()) {
            return Optional.empty();
        }
        Type type = Type.regular(13 * textScale);
        double baseline = crisp(type.baselineAround(middle));
        return Optional.of(
                TextLine.of(item.value(), TextLine.Anchor.END, right, baseline, bar.width() / 3, type, measure));
    }

    private List<String> listTexts(FittedItem item, double room, Type type) {
        return measure.width(item.label(), type) <= room
                ? List.of(item.label())
                : TextFit.wrap(item.label(), type, room, 2, measure);
    }

    /** The room that the label of a line has, where the line is so wide. */
    private double lineRoom(FittedItem item, double width) {
        double size = item.icon().isPresent() ? iconWidth(item) + item.look().size(Size.GAP) : 0;
        double badge = badges().trailing(item, 0, 0, width)
                .filter(any -> !badges().isAtIcon(item, iconWidth(item)))
                .map(found -> found.box().width() + 8)
                .orElse(0.0);
        double value = value(item, 0, 0).map(line -> line.width() + 8).orElse(0.0);
        return Math.max(
                0,
                width - 2 * padding(item) - size - badge - value - (item.sign().isPresent() ? 24 : 0));
    }

    /** How many times the longest word of a label fits into a line so wide. */
    public double wordShare(FittedItem item, double width) {
        double longest = longestWord(item, item.label());
        return longest == 0 ? 1 : lineRoom(item, width) / longest;
    }

    /** The height that a line of a list needs in so much room. */
    public double lineHeight(FittedItem item, double width, double least) {
        Type type = type(item);
        double room = lineRoom(item, width);
        int lines = Math.max(1, listTexts(item, room, type).size());
        double below = notes(item, room).size() * lineHeight(noteType());
        return Math.max(tiled(item, least), lines * lineHeight(type) + below + 2 * Metrics.SLOT_MARGIN);
    }

    /** The least height of a line with a tile in it. */
    public double tiled(FittedItem item, double least) {
        return item.look().tile().isEmpty() ? least : Math.max(least, iconWidth(item) + 2 * Metrics.SLOT_MARGIN);
    }

    private Optional<Layout.Mark> mark(FittedItem item, Box icon, Box label, Box target, double radius) {
        return item.selected()
                ? Marks.in(new MarkHome.Room(item.look().indicator(), icon, label, target, radius, bar, inner))
                : Optional.empty();
    }
}
