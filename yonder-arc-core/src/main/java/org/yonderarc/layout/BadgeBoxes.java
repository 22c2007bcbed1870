package org.yonderarc.layout;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;

import java.util.Optional;
import java.util.function.Predicate;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Style;

/**
 * Lays badges out: at a corner of the icon, on the rim of a raised circle, at the end of a line.
 *
 * @param side where icons stand, seen from their labels
 * @param showsLabel whether an item shows its label
 * @param textScale how much larger than usual labels are set
 * @param measure how wide texts are
 */
record BadgeBoxes(Form.IconPosition side, Predicate<FittedItem> showsLabel, double textScale, TextMeasure measure) {
    /** How far a badge may reach beyond an icon that stands before its label, in dp. */
    private static final double BEFORE_LABEL = 3;

    /** The badge of an icon in a raised circle: on its rim, where it leaves the icon free. */
    Layout.Badge atRim(String text, Box circle, Box target) {
        double reach = circle.width() / 2 * Math.sqrt(0.5);
        double x = circle.centerX() + reach;
        double y = circle.centerY() - reach;
        if (text.isEmpty()) {
            return new Layout.Badge(Box.around(x, y, Metrics.DOT, Metrics.DOT), Optional.empty());
        }
        var line = TextLine.of(text, MIDDLE, 0, 0, circle.width(), Metrics.BADGE, measure);
        double width = Math.max(Metrics.BADGE_HEIGHT, line.width() + 2 * Metrics.BADGE_PADDING);
        // It begins where a round one would, so that a longer one grows away from the icon, as far as its slot goes.
        double left = Math.min(x - Metrics.BADGE_HEIGHT / 2, target.right() - Layout.Badge.RING - width);
        var box = new Box(Math.max(target.x(), left), y - Metrics.BADGE_HEIGHT / 2, width, Metrics.BADGE_HEIGHT);
        return new Layout.Badge(box, Optional.of(inside(line, box)));
    }

    private static TextLine inside(TextLine line, Box box) {
        return new TextLine(
                line.text(),
                MIDDLE,
                box.centerX(),
                Metrics.BADGE.baselineAround(box.centerY()),
                line.width(),
                Metrics.BADGE);
    }

    /** Whether the badge of a line stands at the icon, and not at the end: a long one would hide it. */
    boolean isAtIcon(FittedItem item, double icon) {
        double longest =
                item.badge().map(text -> measure.width(text, Metrics.BADGE)).orElse(0.0);
        return item.look().badgeAt() != Style.BadgePosition.USUAL && longest < icon / 2;
    }

    /** A badge at the end of a line; a dot where there is no room for what it says. */
    Optional<Layout.Badge> trailing(FittedItem item, double right, double middle, double most) {
        return item.badge().map(text -> {
            if (text.isEmpty() || most < 40) {
                return new Layout.Badge(
                        Box.around(right - Metrics.DOT / 2, middle, Metrics.DOT, Metrics.DOT), Optional.empty());
            }
            Type type = Type.semibold(12 * Math.min(textScale, 1.5));
            double height = crisp(type.size() * 1.7);
            double width = Math.min(most, Math.max(height, measure.width(text, type) + 12));
            Box box = new Box(right - width, middle - height / 2, width, height);
            return new Layout.Badge(
                    box,
                    Optional.of(TextLine.of(
                            text,
                            MIDDLE,
                            box.centerX(),
                            type.baselineAround(box.centerY()),
                            Math.max(0, width - 2),
                            type,
                            measure)));
        });
    }

    /** The badge of an icon: at its upper trailing corner, within the slot. */
    Layout.Badge atIcon(FittedItem item, String text, Box icon, Box target) {
        if (text.isEmpty()) {
            double x = icon.right() - Metrics.DOT / 2 - 2;
            double wanted = isLower(item) ? icon.bottom() - Metrics.DOT + 2 : icon.y() - 2;
            double y = Math.max(target.y(), Math.min(wanted, target.bottom() - Metrics.DOT));
            return new Layout.Badge(new Box(x, y, Metrics.DOT, Metrics.DOT), Optional.empty());
        }
        double room = Math.max(0, target.width() - 2 * Metrics.BADGE_PADDING - 2 * Layout.Badge.RING);
        var line = TextLine.of(text, MIDDLE, 0, 0, room, Metrics.BADGE, measure);
        double width = Math.max(Metrics.BADGE_HEIGHT, line.width() + 2 * Metrics.BADGE_PADDING);
        // A narrow slot, or a label that begins there, draws the badge back over the icon.
        double inside = target.right() - Layout.Badge.RING;
        double most = side == Form.IconPosition.BEFORE && showsLabel.test(item)
                ? Math.min(inside, icon.right() + BEFORE_LABEL)
                : inside;
        double x = Math.max(target.x(), Math.min(icon.right() - Metrics.BADGE_OVERLAP, most - width));
        double wanted = isLower(item) ? icon.bottom() - Metrics.BADGE_HEIGHT + 5 : icon.y() - 5;
        var box = new Box(
                x,
                Math.max(target.y(), Math.min(wanted, target.bottom() - Metrics.BADGE_HEIGHT)),
                width,
                Metrics.BADGE_HEIGHT);
        return new Layout.Badge(box, Optional.of(inside(line, box)));
    }

    private static boolean isLower(FittedItem item) {
        return item.look().badgeAt() == Style.BadgePosition.LOWER;
    }
}
