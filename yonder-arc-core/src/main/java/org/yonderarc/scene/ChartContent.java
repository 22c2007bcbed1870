package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.Type;

/** A headline figure over a curve through the day; the rows after the first stand below as a list. */
final class ChartContent {
    private static final double HEAD = 104;
    private static final double NOTE = 24;
    private static final double GAP = 16;
    private static final double AXIS_ROOM = 40;
    private static final double CURVE_HEIGHT = 128;
    private static final Type AXIS = Type.regular(11);
    /** The turns of the curve as shares of the day and of the height: two tides. */
    private static final double[][] TURNS = {{0, 0.3}, {0.24, 0.88}, {0.5, 0.1}, {0.76, 0.94}, {1, 0.36}};
    /** The turn at which the marker stands. */
    private static final int MARK = 2;
    /** The hours below the curve. */
    private static final List<String> HOURS = List.of("00:00", "06:00", "12:00", "18:00", "24:00");

    private ChartContent() {}

    static void draw(List<FittedRow> rows, Canvas art) {
        Box area = art.area();
        double head = art.room(HEAD);
        // In large type the note stands below the figure, so that neither is shortened.
        boolean isBelow = !rows.isEmpty() && !isBeside(rows.get(0), area.width() - 2 * Canvas.PAD - 32, art);
        double top = head + (isBelow ? art.room(NOTE) : 0);
        var card = new Box(
                area.x() + Canvas.PAD,
                area.y() + Canvas.PAD,
                area.width() - 2 * Canvas.PAD,
                top + GAP + CURVE_HEIGHT + art.room(AXIS_ROOM));
        art.card("chart", card);
        if (rows.isEmpty()) {
            NeutralContent.figure(new Box(card.x() + 16, card.y(), card.width() - 32, top), art);
        } else {
            FittedRow first = rows.get(0);
            art.row(
                    0,
                    first,
                    new Box(card.x(), card.y(), card.width(), top),
                    inner -> headline(first, card, isBelow, inner));
        }
        var curve = new Box(card.x() + 16, card.y() + top + GAP, card.width() - 32, CURVE_HEIGHT);
        String about = rows.isEmpty() ? "" : rows.get(0).title();
        art.figure(Part.Plain.OTHER, "figure", about, curve, inner -> curve(curve, inner));
        ListContent.card(rows, 1, card.bottom() + Canvas.PAD, art);
    }

    private static boolean isBeside(FittedRow row, double room, Canvas art) {
        return art.textScale() <= 1
                || art.width(row.value(), Canvas.HEADLINE) + art.width(row.note(), Canvas.PLAIN) + 16 <= room;
    }

    private static void headline(FittedRow row, Box card, boolean isBelow, Canvas art) {
        Palette palette = art.palette();
        double left = card.x() + 16;
        double most = card.width() - 32;
        double scale = art.textScale();
        var ink = new Ink(Canvas.HEADLINE, palette.text());
        art.left("title", row.title(), new Ink(Canvas.BODY, palette.muted()), left, card.y() + 26 * scale, most);
        double figure = art.left("value", row.value(), ink, left, card.y() + 62 * scale, most);
        if (isBelow) {
            art.left("note", row.note(), new Ink(Canvas.PLAIN, palette.muted()), left, card.y() + 100 * scale, most);
            return;
        }
        art.right(
                "note",
                row.note(),
                new Ink(Canvas.PLAIN, palette.muted()),
                card.right() - 16,
                card.y() + 68 * scale,
                most - figure - 16);
    }

    private static void curve(Box box, Canvas art) {
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
        art.rect("point-ring", Box.around(x, y, 18, 18), 99, palette.surface());
        art.rect("point", Box.around(x, y, 12, 12), 99, palette.accent());
        var axis = new Ink(AXIS, palette.muted());
        // Every other one where all of them would run into each other.
        boolean all = HOURS.size() * (art.width(HOURS.get(0), AXIS) + 8) <= box.width();
        for (int i = 0; i < HOURS.size(); i += all ? 1 : 2) {
            double at = box.x() + box.width() * i / (HOURS.size() - 1);
            double below = box.bottom() + 18 * art.textScale();
            double most = box.width() / 2;
            if (i == 0) {
                art.left("hour:" + i, HOURS.get(i), axis, at, below, most);
            } else if (i == HOURS.size() - 1) {
                art.right("hour:" + i, HOURS.get(i), axis, at, below, most);
            } else {
                art.middle("hour:" + i, HOURS.get(i), axis, at, below, most);
            }
        }
    }
}
