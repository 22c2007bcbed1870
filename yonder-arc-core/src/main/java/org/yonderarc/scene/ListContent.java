package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;

/** Lines below each other on one card: picture, title, note, value. */
final class ListContent {
    private static final double ROW = 72;
    private static final double THUMB = 48;
    private static final double INSET = 12;
    private static final double CHEVRON = 24;
    /** On wider screens a list stands beside the first of its things. */
    private static final double BESIDE_DETAIL = 880;
    /** How wide a list is there. */
    private static final double LIST = 440;
    /** The share of a row's room that its value takes at most. */
    private static final double MOST_VALUE = 0.45;

    private ListContent() {}

    static void draw(List<FittedRow> rows, Canvas art) {
        Box area = art.area();
        boolean isWide = area.width() >= BESIDE_DETAIL && art.textScale() <= 1.3;
        var list = new Box(area.x(), area.y(), isWide ? LIST : area.width(), area.height());
        art.in(list, inner -> {
            if (rows.isEmpty()) {
                NeutralContent.list(inner);
            } else {
                card(rows, 0, list.y() + Canvas.PAD, inner);
            }
        });
        if (isWide) {
            detail(rows, new Box(list.right(), area.y(), area.width() - list.width(), area.height()), art);
        }
    }

    /** What a wide screen has room for beside a list: the first of its things. */
    private static void detail(List<FittedRow> rows, Box room, Canvas art) {
        Palette palette = art.palette();
        double width = room.width() - 2 * Canvas.PAD;
        var card = new Box(
                room.x(), room.y() + Canvas.PAD, width + Canvas.PAD, Math.max(0, Math.min(480, room.height() - 32)));
        art.card("detail", card);
        var hero = new Box(
                card.x() + Canvas.PAD, card.y() + Canvas.PAD, card.width() - 2 * Canvas.PAD, card.height() * 0.45);
        if (rows.isEmpty()) {
            art.rect("hero", hero, INSET, palette.quiet());
            NeutralContent.below(hero, art);
            return;
        }
        FittedRow first = rows.get(0);
        art.picture("hero", hero, INSET, first.seed());
        var words = new Lines(art, hero.width())
                .add("detail-title", first.title(), new Ink(Canvas.LARGE, palette.text()), 30)
                .add("detail-note", first.note(), new Ink(Canvas.PLAIN, palette.muted()), 24);
        words.draw(hero.x(), hero.bottom() + 20 + words.height() / 2);
    }

    /** The rows from {@code first} on, as a card whose upper edge is at {@code y}. */
    static void card(List<FittedRow> rows, int first, double y, Canvas art) {
        if (rows.size() <= first) {
            return;
        }
        Box area = art.area();
        double width = area.width() - 2 * Canvas.PAD;
        List<FittedRow> shown = rows.subList(first, rows.size());
        boolean beside = areBeside(shown, width, art);
        new RowCard("card", first, y, INSET + THUMB + INSET, row -> height(row, width, beside, art))
                .draw(shown, art, (row, box, inner) -> line(row, box, beside, inner));
    }

    /** How high a card of this width is with these rows. */
    static double height(List<FittedRow> rows, double width, Canvas art) {
        boolean beside = areBeside(rows, width, art);
        return rows.stream().mapToDouble(row -> height(row, width, beside, art)).sum();
    }

    private static double height(FittedRow row, double width, boolean beside, Canvas art) {
        return Math.max(ROW, Math.ceil((lines(row, width, beside, art).height() + 2 * INSET + 6) / 4) * 4);
    }

    /**
     * Whether the values stand at the ends of their rows. Where large type leaves one of them no room there, all stand
     * below, so that nothing is shortened and the rows look alike.
     */
    private static boolean areBeside(List<FittedRow> rows, double width, Canvas art) {
        return art.textScale() <= 1
                || rows.stream().allMatch(row -> {
                    double words = Math.max(art.width(row.title(), Canvas.BODY), art.width(row.note(), Canvas.SMALL));
                    return row.value().isEmpty()
                            || words + art.width(row.value(), Canvas.SMALL) + INSET <= room(row, width);
                });
    }

    private static double room(FittedRow row, double width) {
        return width - INSET - THUMB - 2 * INSET - (row.to().isPresent() ? CHEVRON : 0);
    }

    private static Lines lines(FittedRow row, double width, boolean beside, Canvas art) {
        double room = room(row, width);
        if (!beside) {
            return Lines.withValue(row, room, art);
        }
        double value = Math.min(art.width(row.value(), Canvas.SMALL), room * MOST_VALUE);
        return Lines.of(row, room - (row.value().isEmpty() ? 0 : value + INSET), art);
    }

    private static void line(FittedRow row, Box box, boolean beside, Canvas art) {
        Palette palette = art.palette();
        var thumb = new Box(box.x() + INSET, box.y() + (box.height() - THUMB) / 2, THUMB, THUMB);
        art.picture("picture", thumb, 12, row.seed());
        double right = box.right() - INSET;
        if (row.to().isPresent()) {
            art.icon("chevron", Box.around(right - 8, box.centerY(), 18, 18), Canvas.CHEVRON, false, palette.muted());
            right -= CHEVRON;
        }
        double left = thumb.right() + INSET;
        if (beside) {
            double most = (right - left) * MOST_VALUE;
            art.right("value", row.value(), new Ink(Canvas.SMALL, palette.muted()), right, box.centerY(), most);
        }
        lines(row, box.width(), beside, art).draw(left, box.centerY());
    }
}
