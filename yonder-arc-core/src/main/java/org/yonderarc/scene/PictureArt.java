package org.yonderarc.scene;

import static org.yonderarc.layout.TextLine.Anchor.END;
import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;
import static org.yonderarc.layout.TextLine.Anchor.START;

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
        art.text("title", row.title(), START, left, y + 28, most, Art.BODY, palette.text());
        art.text("note", row.note(), START, left, y + 48, most, Art.SMALL, palette.muted());
    }

    private static void pill(String text, Box picture, Art art) {
        Type type = Type.semibold(12);
        double width = Math.min(picture.width() - 16, art.width(text, type) + 20);
        var box = new Box(picture.right() - 8 - width, picture.y() + 8, width, 24);
        art.rect("pill", box, 99, art.palette().surface());
        art.text(
                "pill-text",
                text,
                MIDDLE,
                box.centerX(),
                type.baselineAround(box.centerY()),
                width - 12,
                type,
                art.palette().text());
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
        art.text(
                "title",
                row.title(),
                START,
                left,
                picture.bottom() + 24,
                most,
                TILE_TITLE,
                art.palette().text());
        art.text(
                "note",
                row.note(),
                START,
                left,
                picture.bottom() + 42,
                most,
                Type.regular(12),
                art.palette().muted());
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
        double baseline = hero.bottom() + 36;
        art.text("title", first.title(), START, hero.x(), baseline, hero.width(), Art.LARGE, palette.text());
        var text = new Box(hero.x(), baseline + 8, hero.width(), 80);
        double next = art.paragraph("note", first.note(), text, 22, 4, Art.PLAIN, palette.muted());
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
        double baseline = Art.PLAIN.baselineAround(box.centerY());
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
        art.text(
                "title",
                row.title(),
                START,
                box.x() + 16,
                baseline,
                half,
                Art.PLAIN,
                art.palette().muted());
        art.text(
                "value",
                row.value(),
                END,
                right,
                baseline,
                half,
                Art.BODY,
                art.palette().text());
    }
}
