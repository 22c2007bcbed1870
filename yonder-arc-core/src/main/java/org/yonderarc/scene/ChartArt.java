package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Row;

/** A headline figure over a curve through the day; the rows after the first stand below as a list. */
final class ChartArt {
    private static final double CARD = 288;
    private static final double CURVE_TOP = 120;
    private static final double CURVE_HEIGHT = 128;
    private static final Type AXIS = Type.regular(11);
    /** The turns of the curve as shares of the day and of the height: two tides. */
    private static final double[][] TURNS = {{0, 0.3}, {0.24, 0.88}, {0.5, 0.1}, {0.76, 0.94}, {1, 0.36}};
    /** The turn at which the marker stands. */
    private static final int MARK = 2;
    /** The hours below the curve. */
    private static final List<String> HOURS = List.of("00:00", "06:00", "12:00", "18:00", "24:00");

    private ChartArt() {}

    static void draw(List<Row> rows, Art art) {
        Box area = art.area();
        var card = new Box(area.x() + Art.PAD, area.y() + Art.PAD, area.width() - 2 * Art.PAD, CARD);
        art.card("chart", card);
        if (!rows.isEmpty()) {
            Row first = rows.get(0);
            art.row(
                    0,
                    first,
                    new Box(card.x(), card.y(), card.width(), CURVE_TOP - 16),
                    inner -> headline(first, card, inner));
        }
        curve(new Box(card.x() + 16, card.y() + CURVE_TOP, card.width() - 32, CURVE_HEIGHT), art);
        ListArt.card(rows, 1, card.bottom() + Art.PAD, art);
    }

    private static void headline(Row row, Box card, Art art) {
        Palette palette = art.palette();
        double left = card.x() + 16;
        double most = card.width() - 32;
        art.left("title", row.title(), new Ink(Art.BODY, palette.muted()), left, card.y() + 26, most);
        double figure =
                art.left("value", row.value(), new Ink(Art.HEADLINE, palette.text()), left, card.y() + 62, most);
        art.right(
                "note",
                row.note(),
                new Ink(Art.PLAIN, palette.muted()),
                card.right() - 16,
                card.y() + 68,
                most - figure - 16);
    }

    private static void curve(Box box, Art art) {
        Palette palette = art.palette();
        for (int line = 0; line <= 2; line++) {
            double y = box.y() + box.height() * line / 2;
            art.rect("grid:" + line, new Box(box.x(), y, box.width(), 1), 0, palette.line());
        }
        double[] points = new double[TURNS.length * 2];
        for (int i = 0; i < TURNS.length; i++) {
            points[2 * i] = box.x() + box.width() * TURNS[i][0];
            points[2 * i + 1] = box.bottom() - box.height() * TURNS[i][1];
        }
        List<Outline.Part> line = Outline.smooth(points);
        var filled = new ArrayList<>(line);
        filled.add(new Outline.Line(box.right(), box.bottom()));
        filled.add(new Outline.Line(box.x(), box.bottom()));
        filled.add(new Outline.Close());
        art.path("area", new Outline(filled), palette.accent().withAlpha(0.12));
        art.stroke("curve", new Outline(line), palette.accent(), 2.5);
        double x = points[2 * MARK];
        double y = points[2 * MARK + 1];
        art.rect("mark-ring", Box.around(x, y, 18, 18), 99, palette.surface());
        art.rect("mark", Box.around(x, y, 12, 12), 99, palette.accent());
        var axis = new Ink(AXIS, palette.muted());
        for (int i = 0; i < HOURS.size(); i++) {
            double at = box.x() + box.width() * i / (HOURS.size() - 1);
            double below = box.bottom() + 18;
            if (i == 0) {
                art.left("hour:" + i, HOURS.get(i), axis, at, below, 48);
            } else if (i == HOURS.size() - 1) {
                art.right("hour:" + i, HOURS.get(i), axis, at, below, 48);
            } else {
                art.middle("hour:" + i, HOURS.get(i), axis, at, below, 48);
            }
        }
    }
}
