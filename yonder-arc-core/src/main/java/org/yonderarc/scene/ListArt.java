package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Row;

/** Lines below each other on one card: picture, title, note, value. */
final class ListArt {
    private static final double ROW = 72;
    private static final double THUMB = 48;
    private static final double INSET = 12;
    private static final double CHEVRON = 24;
    /** The share of a row's room that its value takes at most. */
    private static final double MOST_VALUE = 0.45;

    private ListArt() {}

    static void draw(List<Row> rows, Art art) {
        card(rows, 0, art.area().y() + Art.PAD, art);
    }

    /** The rows from {@code first} on, as a card whose upper edge is at {@code y}. */
    static void card(List<Row> rows, int first, double y, Art art) {
        if (rows.size() <= first) {
            return;
        }
        Box area = art.area();
        double width = area.width() - 2 * Art.PAD;
        List<Row> shown = rows.subList(first, rows.size());
        boolean beside = areBeside(shown, width, art);
        var card = new Box(area.x() + Art.PAD, y, width, height(shown, width, art));
        art.card("card", card);
        double top = y;
        for (int i = first; i < rows.size(); i++) {
            Row row = rows.get(i);
            var box = new Box(card.x(), top, width, height(row, width, beside, art));
            top = box.bottom();
            art.row(i, row, box, inner -> line(row, box, beside, inner));
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

    /** How high a card of this width is with these rows. */
    static double height(List<Row> rows, double width, Art art) {
        boolean beside = areBeside(rows, width, art);
        return rows.stream().mapToDouble(row -> height(row, width, beside, art)).sum();
    }

    private static double height(Row row, double width, boolean beside, Art art) {
        return Math.max(ROW, Math.ceil((lines(row, width, beside, art).height() + 2 * INSET + 6) / 4) * 4);
    }

    /**
     * Whether the values stand at the ends of their rows. Where large type leaves one of them no room there, all stand
     * below, so that nothing is shortened and the rows look alike.
     */
    private static boolean areBeside(List<Row> rows, double width, Art art) {
        return art.textScale() <= 1
                || rows.stream().allMatch(row -> {
                    double words = Math.max(art.width(row.title(), Art.BODY), art.width(row.note(), Art.SMALL));
                    return row.value().isEmpty()
                            || words + art.width(row.value(), Art.SMALL) + INSET <= room(row, width);
                });
    }

    private static double room(Row row, double width) {
        return width - INSET - THUMB - 2 * INSET - (row.to().isPresent() ? CHEVRON : 0);
    }

    private static Lines lines(Row row, double width, boolean beside, Art art) {
        double room = room(row, width);
        if (!beside) {
            return Lines.withValue(row, room, art);
        }
        double value = Math.min(art.width(row.value(), Art.SMALL), room * MOST_VALUE);
        return Lines.of(row, room - (row.value().isEmpty() ? 0 : value + INSET), art);
    }

    private static void line(Row row, Box box, boolean beside, Art art) {
        Palette palette = art.palette();
        var thumb = new Box(box.x() + INSET, box.y() + (box.height() - THUMB) / 2, THUMB, THUMB);
        art.picture("picture", thumb, 12, row.title());
        double right = box.right() - INSET;
        if (row.to().isPresent()) {
            art.icon("chevron", Box.around(right - 8, box.centerY(), 18, 18), Art.CHEVRON, false, palette.muted());
            right -= CHEVRON;
        }
        double left = thumb.right() + INSET;
        if (beside) {
            double most = (right - left) * MOST_VALUE;
            art.right("value", row.value(), new Ink(Art.SMALL, palette.muted()), right, box.centerY(), most);
        }
        lines(row, box.width(), beside, art).draw(left, box.centerY());
    }
}
