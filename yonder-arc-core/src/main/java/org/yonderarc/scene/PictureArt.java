package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Row;

/** Content that lives by its pictures: large cards, a gallery in columns, one thing in detail. */
final class PictureArt {
    private static final double GAP = 12;
    private static final double INSET = 12;
    private static final double CARD = 208;
    private static final double CARD_PICTURE = 136;
    private static final double TILE = 184;
    private static final double TILE_PICTURE = 120;
    private static final double HERO = 208;
    private static final double FACT = 48;
    private static final Type TILE_TITLE = Type.semibold(14);

    private PictureArt() {}

    static void cards(List<Row> rows, Art art) {
        Box area = art.area();
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            double y = area.y() + Art.PAD + i * (CARD + GAP);
            var box = new Box(area.x() + Art.PAD, y, area.width() - 2 * Art.PAD, CARD);
            art.card("card:" + i, box);
            art.row(i, row, box, inner -> card(row, box, inner));
        }
    }

    private static void card(Row row, Box box, Art art) {
        Palette palette = art.palette();
        var picture = new Box(box.x() + 8, box.y() + 8, box.width() - 16, CARD_PICTURE);
        art.picture("picture", picture, 10, row.title());
        double left = box.x() + 16;
        double most = box.width() - 32;
        if (!row.value().isEmpty()) {
            pill(row.value(), picture, art);
        }
        double y = picture.bottom();
        art.left("title", row.title(), new Ink(Art.BODY, palette.text()), left, y + 22, most);
        art.left("note", row.note(), new Ink(Art.SMALL, palette.muted()), left, y + 43, most);
    }

    private static void pill(String text, Box picture, Art art) {
        Type type = Type.semibold(12);
        double width = Math.min(picture.width() - 16, art.width(text, type) + 20);
        var box = new Box(picture.right() - 8 - width, picture.y() + 8, width, 24);
        art.rect("pill", box, 99, art.palette().surface());
        art.middle("pill-text", text, new Ink(type, art.palette().text()), box.centerX(), box.centerY(), width - 12);
    }

    static void gallery(List<Row> rows, Art art) {
        Box area = art.area();
        int columns = (int) Math.max(1, Math.round((area.width() - Art.PAD) / 184));
        double width = (area.width() - 2 * Art.PAD - (columns - 1) * GAP) / columns;
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            double x = area.x() + Art.PAD + i % columns * (width + GAP);
            double y = area.y() + Art.PAD + (double) (i / columns) * (TILE + GAP);
            var box = new Box(x, y, width, TILE);
            art.card("card:" + i, box);
            art.row(i, row, box, inner -> tile(row, box, inner));
        }
    }

    private static void tile(Row row, Box box, Art art) {
        var picture = new Box(box.x() + 8, box.y() + 8, box.width() - 16, TILE_PICTURE);
        art.picture("picture", picture, 10, row.title());
        double left = box.x() + INSET;
        double most = box.width() - 2 * INSET;
        art.left("title", row.title(), new Ink(TILE_TITLE, art.palette().text()), left, picture.bottom() + 19, most);
        art.left(
                "note",
                row.note(),
                new Ink(Type.regular(12), art.palette().muted()),
                left,
                picture.bottom() + 38,
                most);
    }

    /** The first row is the thing itself: its title, what is said of it and a picture. The others are facts about it. */
    static void detail(List<Row> rows, Art art) {
        Box area = art.area();
        Palette palette = art.palette();
        String seed = rows.isEmpty() ? "" : rows.get(0).title();
        var hero = new Box(area.x() + Art.PAD, area.y() + Art.PAD, area.width() - 2 * Art.PAD, HERO);
        art.picture("picture", hero, Art.CARD_RADIUS, seed);
        if (rows.isEmpty()) {
            return;
        }
        Row first = rows.get(0);
        art.left(
                "title", first.title(), new Ink(Art.LARGE, palette.text()), hero.x(), hero.bottom() + 28, hero.width());
        var text = new Box(hero.x(), hero.bottom() + 44, hero.width(), 80);
        double next = art.paragraph("note", first.note(), new Ink(Art.PLAIN, palette.muted()), text, 22, 4) + 16;
        facts(rows.subList(1, rows.size()), next, art);
    }

    private static void facts(List<Row> rows, double y, Art art) {
        if (rows.isEmpty()) {
            return;
        }
        Box area = art.area();
        var card = new Box(area.x() + Art.PAD, y, area.width() - 2 * Art.PAD, rows.size() * FACT);
        art.card("facts", card);
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            var box = new Box(card.x(), card.y() + i * FACT, card.width(), FACT);
            if (i > 0) {
                art.rect(
                        "line:" + i,
                        new Box(box.x() + 16, box.y(), box.width() - 16, 1),
                        0,
                        art.palette().line());
            }
            art.row(i + 1, row, box, inner -> fact(row, box, inner));
        }
    }

    private static void fact(Row row, Box box, Art art) {
        double half = box.width() / 2 - 24;
        double right = box.right() - 16;
        if (row.to().isPresent()) {
            art.icon(
                    "chevron",
                    Box.around(right - 6, box.centerY(), 18, 18),
                    Art.CHEVRON,
                    false,
                    art.palette().muted());
            right -= 22;
        }
        art.left("title", row.title(), new Ink(Art.PLAIN, art.palette().muted()), box.x() + 16, box.centerY(), half);
        art.right("value", row.value(), new Ink(Art.BODY, art.palette().text()), right, box.centerY(), half);
    }
}
