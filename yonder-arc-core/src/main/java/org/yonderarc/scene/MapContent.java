package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.plan.Colour;

/** A stretch of shore with a pin for each row, and the first row on a card below. */
final class MapContent {
    private static final double PIN = 36;
    /** A card with its margins is no wider. */
    private static final double WIDEST_CARD = 440;
    /** What is left of the map above its card; less is no map. */
    private static final double LEAST_MAP = 72;
    /** Where the pins stand, as shares of width and height; all near the shore line. */
    private static final double[][] SPOTS = {
        {0.56, 0.44}, {0.34, 0.20}, {0.72, 0.62}, {0.46, 0.31}, {0.62, 0.73}, {0.28, 0.10}
    };
    /** The shore line from top to bottom, as shares. */
    private static final double[][] SHORE = {
        {0.16, -0.02}, {0.30, 0.12}, {0.40, 0.22}, {0.44, 0.33}, {0.60, 0.44}, {0.66, 0.58}, {0.60, 0.74}, {0.74, 1.02}
    };

    private MapContent() {}

    static void draw(List<FittedRow> rows, Canvas art) {
        Box area = art.area();
        Palette palette = art.palette();
        art.rect("sea", area, 0, palette.tints().get(5).ground());
        for (int depth = 3; depth >= 1; depth--) {
            art.path(
                    "shallow:" + depth,
                    land(area, -0.07 * depth),
                    palette.tints().get(0).ground().withAlpha(0.5));
        }
        art.path("beach", land(area, -0.015), palette.tints().get(1).ground());
        art.path("land", land(area, 0.03), palette.tints().get(2).ground());
        art.path("hill", land(area, 0.2), palette.tints().get(2).shape().withAlpha(0.35));
        for (int i = Math.min(rows.size(), SPOTS.length) - 1; i >= 0; i--) {
            double x = area.x() + area.width() * SPOTS[i][0];
            double y = area.y() + area.height() * SPOTS[i][1];
            Colour colour = i == 0 ? palette.badge() : palette.accent();
            art.besideRow(i, "pin:" + i, Box.around(x, y, PIN, PIN), pin -> {
                pin.rect("ground", Box.around(x, y + PIN / 2 - 2, 14, 5), 99, palette.shadow());
                pin.icon("icon", Box.around(x, y, PIN, PIN), Canvas.PIN, true, colour);
            });
        }
        if (!rows.isEmpty()) {
            var side = new Box(area.x(), area.y(), Math.min(area.width(), WIDEST_CARD), area.height());
            double card = ListContent.height(rows.subList(0, 1), side.width() - 2 * Canvas.PAD, art);
            if (area.height() > card + LEAST_MAP) {
                art.in(
                        side,
                        inner -> ListContent.card(rows.subList(0, 1), 0, area.bottom() - card - Canvas.PAD, inner));
            }
        }
    }

    /** The land right of the shore line moved right by a share of the width. */
    private static Outline land(Box area, double shift) {
        var parts = new ArrayList<Outline.Part>();
        double[] points = new double[SHORE.length * 2];
        for (int i = 0; i < SHORE.length; i++) {
            // The curve is smooth along its first coordinate, and the shore runs downwards: y goes first.
            points[2 * i] = area.y() + area.height() * SHORE[i][1];
            points[2 * i + 1] = area.x() + area.width() * (SHORE[i][0] + shift);
        }
        for (Outline.Part part : Outline.smooth(points)) {
            parts.add(swapped(part));
        }
        parts.add(new Outline.Line(area.right(), area.bottom()));
        parts.add(new Outline.Line(area.right(), area.y()));
        parts.add(new Outline.Close());
        return new Outline(parts);
    }

    private static Outline.Part swapped(Outline.Part part) {
        if (part instanceof Outline.Move move) {
            return new Outline.Move(move.y(), move.x());
        }
        var curve = (Outline.Curve) part;
        return new Outline.Curve(curve.y1(), curve.x1(), curve.y2(), curve.x2(), curve.y(), curve.x());
    }
}
