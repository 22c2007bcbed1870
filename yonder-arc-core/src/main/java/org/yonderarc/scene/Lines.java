package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.TextFit;

/** Lines of text below each other, as high as the person's text scale makes them. */
final class Lines {
    /** The height of a line of {@link Canvas#BODY} and of {@link Canvas#SMALL}. */
    static final double TITLE = 22;

    static final double NOTE = 20;

    private final Canvas art;
    private final double width;
    private final List<Line> lines = new ArrayList<>();

    private record Line(String key, String text, Ink ink, double height) {}

    Lines(Canvas art, double width) {
        this.art = art;
        this.width = width;
    }

    /** The title of a row over its note. */
    static Lines of(FittedRow row, double width, Canvas art) {
        return new Lines(art, width)
                .add("title", row.title(), new Ink(Canvas.BODY, art.palette().text()), TITLE)
                .add("note", row.note(), new Ink(Canvas.SMALL, art.palette().muted()), NOTE);
    }

    /** As {@link #of}, with the row's value below them. */
    static Lines withValue(FittedRow row, double width, Canvas art) {
        return of(row, width, art)
                .add("value", row.value(), new Ink(Canvas.SMALL, art.palette().muted()), NOTE);
    }

    /** A text; larger ones take a second line, and the largest a third, before anything is shortened. */
    Lines add(String key, String text, Ink ink, double height) {
        int most = art.textScale() <= 1 ? 1 : art.textScale() <= 1.5 ? 2 : 3;
        int index = 0;
        for (String line : TextFit.wrap(text, art.scaled(ink.type()), width, most, art.measure())) {
            lines.add(new Line(index == 0 ? key : key + "-" + index, line, ink, height * art.textScale()));
            index++;
        }
        return this;
    }

    double height() {
        return lines.stream().mapToDouble(Line::height).sum();
    }

    /** Sets the lines from {@code x} on, all together centred on {@code middle}. */
    void draw(double x, double middle) {
        double y = middle - height() / 2;
        for (Line line : lines) {
            art.left(line.key, line.text, line.ink, x, y + line.height / 2, width);
            y += line.height;
        }
    }
}
