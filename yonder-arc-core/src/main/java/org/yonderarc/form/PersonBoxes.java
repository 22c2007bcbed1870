package org.yonderarc.form;

import static org.yonderarc.layout.Metrics.crisp;
import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;
import static org.yonderarc.layout.TextLine.Anchor.START;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.ItemLayout;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextFit;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Fill;
import org.yonderarc.tree.Split;

/** Lays persons out at the head of drawers and lists. */
record PersonBoxes(double scale, TextMeasure measure) {
    /** The height of a person above a list. */
    private static final double ABOVE = 80;

    /** The initials in a picture's circle; its type grows with the picture. */
    static TextLine initials(FittedBar.Person person, Box picture, TextMeasure measure) {
        Type type = Type.semibold(picture.height() * 0.4);
        return TextLine.of(
                initials(person.title()),
                MIDDLE,
                picture.centerX(),
                type.baselineAround(picture.centerY()),
                picture.width(),
                type,
                measure);
    }

    /** The first letters of the first and the last word. */
    private static String initials(String name) {
        List<String> words = Split.words(name);
        String first = words.isEmpty() ? "" : letter(words.get(0));
        return words.size() > 1 ? first + letter(words.get(words.size() - 1)) : first;
    }

    private static String letter(String word) {
        return word.isEmpty() ? "" : new String(Character.toChars(Character.toUpperCase(word.codePointAt(0))));
    }

    private Layout.Face face(
            Box ground, Box picture, FittedBar.Person person, List<TextLine> texts, Optional<Fill> background) {
        return new Layout.Face(ground, picture, initials(person, picture, measure), person, texts, background);
    }

    /** A picture alone, in the middle of a narrow drawer. */
    Layout.Face small(FittedBar.Person person, Box room, double top) {
        Box picture = Box.around(room.centerX(), top + 20, 40, 40);
        return face(new Box(room.x(), top, room.width(), 44), picture, person, List.of(), Optional.empty());
    }

    /**
     * A picture with its texts below, {@code left} dp from the edge, at the head of a drawer that is so wide and starts at
     * {@code side}; what lies behind it starts at {@code from}.
     */
    Layout.Face head(
            FittedBar.Person person,
            double side,
            double width,
            double left,
            double from,
            Box room,
            Optional<Fill> background) {
        double x = room.x() + left;
        var picture = new Box(x, room.y() + 20, Metrics.FACE, Metrics.FACE);
        var texts = new ArrayList<TextLine>();
        double most = Math.max(0, room.right() - 16 - x);
        double y = picture.bottom() + 12;
        y = line(person.title(), Type.semibold(17 * scale), x, y, most, 2, texts);
        y = person.note().isEmpty() ? y : line(person.note(), Type.regular(14 * scale), x, y, most, 2, texts);
        return face(new Box(side, from, width, crisp(y) + 16 - from), picture, person, texts, background);
    }

    /** A picture with its text beside it, above a list. */
    Layout.Face above(FittedBar.Person person, Box content, Box room) {
        Type type = Type.semibold(17 * scale);
        Box picture = new Box(room.x() + 28, room.y() + 12, 48, 48);
        var texts = new ArrayList<TextLine>();
        double height = ItemLayout.lineHeight(type);
        double most = Math.max(0, room.right() - picture.right() - 32);
        int lines = 2 * height <= ABOVE - 8
                ? TextFit.wrap(person.title(), type, most, 2, measure).size()
                : 1;
        line(person.title(), type, picture.right() + 16, picture.centerY() - lines * height / 2, most, lines, texts);
        return face(
                new Box(content.x(), content.y(), content.width(), ABOVE), picture, person, texts, Optional.empty());
    }

    /** A text on up to so many lines; gives where they end. */
    private double line(String text, Type type, double x, double y, double most, int lines, List<TextLine> out) {
        double height = ItemLayout.lineHeight(type);
        double at = y;
        for (String part : TextFit.wrap(text, type, most, lines, measure)) {
            double baseline = crisp(type.baselineAround(at + height / 2));
            out.add(TextLine.of(part, START, x, baseline, most, type, measure));
            at += height;
        }
        return at;
    }
}
