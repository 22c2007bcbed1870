package org.yonderarc.scene;

import org.yonderarc.layout.Box;

/** Content of which the plan has no rows: bars where texts would stand, in the places that rows would have. */
final class NeutralContent {
    private static final double ROW = 72;
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

    /** Lines of a list on one card, as many as the screen has room for. */
    static void list(Canvas art) {
        Box area = art.area();
        double width = area.width() - 2 * Canvas.PAD;
        int count = (int) Math.max(3, Math.min(LENGTHS.length, (area.height() - 2 * Canvas.PAD) / ROW - 1));
        var card = new Box(area.x() + Canvas.PAD, area.y() + Canvas.PAD, width, count * ROW);
        art.card("card", card);
        for (int i = 0; i < count; i++) {
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
