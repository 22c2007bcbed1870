package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Row;

/** Lines below each other on one card: picture, title, note, value. */
final class ListArt {
    private static final double ROW = 72;
    private static final double THUMB = 48;
    private static final double INSET = 12;

    private ListArt() {}

    static void draw(List<Row> rows, Art art) {
        card(rows, 0, art.area().y() + Art.PAD, art);
    }

    /** The rows from {@code first} on, as a card whose upper edge is at {@code y}. */
    static void card(List<Row> rows, int first, double y, Art art) {
        int count = rows.size() - first;
        if (count <= 0) {
            return;
        }
        Box area = art.area();
        var card = new Box(area.x() + Art.PAD, y, area.width() - 2 * Art.PAD, count * ROW);
        art.card("card", card);
        for (int i = first; i < rows.size(); i++) {
            Row row = rows.get(i);
            var box = new Box(card.x(), y + (i - first) * ROW, card.width(), ROW);
            art.row(i, row, box, inner -> line(row, box, inner));
            if (i > first) {
                double x = box.x() + INSET + THUMB + INSET;
                art.rect(
                        "line:" + i,
                        new Box(x, box.y(), box.right() - x, 1),
                        0,
                        art.palette().line());
            }
        }
    }

    private static void line(Row row, Box box, Art art) {
        Palette palette = art.palette();
        var thumb = new Box(box.x() + INSET, box.y() + (ROW - THUMB) / 2, THUMB, THUMB);
        art.picture("picture", thumb, 12, row.title());
        double right = box.right() - INSET;
        if (row.to().isPresent()) {
            art.icon("chevron", Box.around(right - 8, box.centerY(), 18, 18), Art.CHEVRON, false, palette.muted());
            right -= 24;
        }
        double left = thumb.right() + INSET;
        double value = art.right(
                "value", row.value(), new Ink(Art.SMALL, palette.muted()), right, box.centerY(), (right - left) * 0.45);
        double most = right - left - (value > 0 ? value + INSET : 0);
        art.titleAndNote(row, left, box.centerY(), most);
    }
}
