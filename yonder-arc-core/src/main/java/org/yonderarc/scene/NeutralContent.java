package org.yonderarc.scene;

import org.yonderarc.layout.Box;

/** Content of which the plan has no rows: bars where texts would stand, in the places that rows would have. */
final class NeutralContent {
    private static final double ROW = 72;
    private static final double FIELD = 64;
    private static final double GAP = 12;
    private static final double THUMB = 48;
    /** How long the bars are, as shares of the room. */
    private static final double[] LENGTHS = {0.62, 0.45, 0.7, 0.38, 0.55, 0.66, 0.42};

    private NeutralContent() {}

    private static void bar(String key, double x, double y, double width, double height, Canvas art) {
        art.rect(
                key,
                new Box(x, y - height / 2, Math.max(0, width), height),
                99,
                art.palette().quiet());
    }

    /** A card with as many rows of a height as the screen has room for, at least three. */
    private static Box card(double row, Canvas art) {
        Box area = art.area();
        int count = (int) Math.max(3, Math.min(LENGTHS.length, (area.height() - 2 * Canvas.PAD) / row - 1));
        var card = new Box(area.x() + Canvas.PAD, area.y() + Canvas.PAD, area.width() - 2 * Canvas.PAD, count * row);
        art.card("card", card);
        return card;
    }

    /** Lines of a list on one card, as many as the screen has room for. */
    static void list(Canvas art) {
        Box card = card(ROW, art);
        double width = card.width();
        for (int i = 0; i < card.height() / ROW; i++) {
            double y = card.y() + i * ROW + ROW / 2;
            double x = card.x() + GAP;
            art.rect(
                    "thumb-" + i,
                    Box.around(x + THUMB / 2, y, THUMB, THUMB),
                    GAP,
                    art.palette().quiet());
            double room = width - THUMB - 4 * GAP;
            bar("title-" + i, x + THUMB + GAP, y - 10, Math.min(280, room * LENGTHS[i]), 12, art);
            bar("note-" + i, x + THUMB + GAP, y + 12, Math.min(360, room * LENGTHS[LENGTHS.length - 1 - i]), 8, art);
        }
    }

    /** Cards or tiles with a picture each, in columns of at least {@code column} dp. */
    static void tiles(double column, double picture, int rows, Canvas art) {
        Box area = art.area();
        int columns = (int) Math.max(1, (area.width() - Canvas.PAD) / (column + GAP));
        double width = (area.width() - 2 * Canvas.PAD - (columns - 1) * GAP) / columns;
        double height = picture + 64;
        for (int i = 0; i < columns * rows; i++) {
            double x = area.x() + Canvas.PAD + i % columns * (width + GAP);
            double y = area.y() + Canvas.PAD + i / columns * (height + GAP);
            art.card("card-" + i, new Box(x, y, width, height));
            art.rect(
                    "picture-" + i,
                    new Box(x + 8, y + 8, width - 16, picture),
                    10,
                    art.palette().quiet());
            double most = width - 32;
            bar("title-" + i, x + 16, y + picture + 26, most * LENGTHS[i % LENGTHS.length], 12, art);
            bar("note-" + i, x + 16, y + picture + 46, most * LENGTHS[(i + 3) % LENGTHS.length], 8, art);
        }
    }

    /** Fields on one card: what each is called, and a switch or what stands in it. */
    static void form(Canvas art) {
        Box card = card(FIELD, art);
        double width = card.width();
        for (int i = 0; i < card.height() / FIELD; i++) {
            double y = card.y() + i * FIELD + FIELD / 2;
            double right = card.right() - Canvas.PAD;
            bar("title-" + i, card.x() + Canvas.PAD, y, Math.min(220, width * 0.5 * LENGTHS[i]), 12, art);
            if (i % 3 == 2) {
                var track = new Box(right - 48, y - 14, 48, 28);
                art.rect("track-" + i, track, 99, art.palette().quiet());
                art.rect(
                        "knob-" + i,
                        new Box(track.x() + 4, track.y() + 4, 20, 20),
                        99,
                        art.palette().surface());
            } else {
                double value = Math.min(160, width * 0.3 * LENGTHS[(i + 2) % LENGTHS.length]);
                bar("value-" + i, right - value, y, value, 10, art);
            }
        }
    }

    /** Messages from both sides, as many as the screen has room for. */
    static void chat(Canvas art) {
        Box area = art.area();
        double most = (area.width() - 2 * Canvas.PAD) * 0.76;
        double y = area.y() + Canvas.PAD;
        for (int i = 0; i < LENGTHS.length; i++) {
            boolean isOwn = i % 3 == 1;
            int lines = i % 2 == 0 ? 2 : 1;
            double width = Math.min(420, most * LENGTHS[i]) + 28;
            double height = 20 + lines * 22;
            if (i > 2 && y + height > area.bottom() - Canvas.PAD) {
                return;
            }
            double x = isOwn ? area.right() - Canvas.PAD - width : area.x() + Canvas.PAD;
            Palette palette = art.palette();
            art.rect("bubble-" + i, new Box(x, y, width, height), 18, isOwn ? palette.quiet() : palette.surface());
            for (int line = 0; line < lines; line++) {
                double length = (width - 28) * (line == 1 ? 0.6 : 1);
                art.rect(
                        "line-" + i + "-" + line,
                        new Box(x + 14, y + 16 + line * 22, length, 10),
                        99,
                        isOwn ? palette.surface() : palette.quiet());
            }
            y += height + GAP;
        }
    }

    /** What stands above a chart: what it is of, and its figure. */
    static void figure(Box head, Canvas art) {
        bar("title", head.x(), head.y() + 26, head.width() * 0.3, 10, art);
        bar("value", head.x(), head.y() + 62, head.width() * 0.36, 24, art);
        bar("note", head.right() - head.width() * 0.28, head.y() + 68, head.width() * 0.28, 10, art);
    }

    /** What stands below something that plays: its name, and who made it. */
    static void playing(Box picture, Canvas art) {
        bar("title", picture.x(), picture.bottom() + 26, picture.width() * 0.5, 14, art);
        bar("note", picture.x(), picture.bottom() + 50, picture.width() * 0.34, 10, art);
    }

    /** A headline below a picture, and lines of text. */
    static void below(Box picture, Canvas art) {
        double y = picture.bottom() + 28;
        bar("title", picture.x(), y, picture.width() * 0.5, 16, art);
        for (int i = 0; i < 4; i++) {
            y += i == 0 ? 32 : 22;
            bar("line-" + i, picture.x(), y, picture.width() * (i == 3 ? 0.6 : 0.96), 10, art);
        }
    }
}
