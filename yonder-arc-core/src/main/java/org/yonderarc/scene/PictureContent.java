package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Type;

/** Content that lives by its pictures: large cards, a gallery in columns, one thing in detail. */
final class PictureContent {
    private static final double GAP = 12;
    private static final double INSET = 12;
    private static final double CARD_PICTURE = 136;
    /** The narrowest card where several stand beside each other. */
    private static final double CARD = 320;

    private static final double COLUMN = 184;
    private static final double TILE_PICTURE = 120;
    private static final double HERO = 208;
    private static final double FACT = 48;
    private static final Type TILE_TITLE = Type.semibold(14);

    private PictureContent() {}

    static void cards(List<FittedRow> rows, Canvas art) {
        if (rows.isEmpty()) {
            NeutralContent.tiles(CARD, CARD_PICTURE, 3, art);
            return;
        }
        Box area = art.area();
        double column = CARD * Math.max(1, (1 + art.textScale()) / 2);
        int columns = (int) Math.max(1, (area.width() - 2 * Canvas.PAD + GAP) / (column + GAP));
        double width = (area.width() - 2 * Canvas.PAD - (columns - 1) * GAP) / columns;
        double y = area.y() + Canvas.PAD;
        for (int first = 0; first < rows.size(); first += columns) {
            List<FittedRow> line = rows.subList(first, Math.min(rows.size(), first + columns));
            double words = line.stream()
                    .mapToDouble(row -> Lines.of(row, width - 32, art).height())
                    .max()
                    .orElse(0);
            double height = 8 + CARD_PICTURE + Math.max(64, words + 22);
            for (int i = 0; i < line.size(); i++) {
                FittedRow row = line.get(i);
                var box = new Box(area.x() + Canvas.PAD + i * (width + GAP), y, width, height);
                art.row(first + i, row, box, inner -> card(row, box, inner));
            }
            y += height + GAP;
        }
    }

    private static void card(FittedRow row, Box box, Canvas art) {
        art.card("ground", box);
        var picture = new Box(box.x() + 8, box.y() + 8, box.width() - 16, CARD_PICTURE);
        art.picture("picture", picture, 10, row.seed());
        double left = box.x() + 16;
        double most = box.width() - 32;
        if (!row.value().isEmpty()) {
            pill(row.value(), picture, art);
        }
        Lines.of(row, most, art).draw(left, (picture.bottom() + box.bottom()) / 2);
    }

    private static void pill(String text, Box picture, Canvas art) {
        Type type = Type.semibold(12);
        double width = Math.min(picture.width() - 16, art.width(text, type) + 20);
        var box = new Box(picture.right() - 8 - width, picture.y() + 8, width, art.room(24));
        art.rect("pill", box, 99, art.palette().surface());
        art.middle("pill-text", text, new Ink(type, art.palette().text()), box.centerX(), box.centerY(), width - 12);
    }

    static void gallery(List<FittedRow> rows, Canvas art) {
        if (rows.isEmpty()) {
            NeutralContent.tiles(COLUMN - GAP, TILE_PICTURE, 3, art);
            return;
        }
        Box area = art.area();
        double column = COLUMN * Math.max(1, (1 + art.textScale()) / 2);
        int columns = (int) Math.max(1, Math.round((area.width() - Canvas.PAD) / column));
        double width = (area.width() - 2 * Canvas.PAD - (columns - 1) * GAP) / columns;
        double y = area.y() + Canvas.PAD;
        for (int first = 0; first < rows.size(); first += columns) {
            List<FittedRow> line = rows.subList(first, Math.min(rows.size(), first + columns));
            double words = line.stream()
                    .mapToDouble(row -> words(row, width, art).height())
                    .max()
                    .orElse(0);
            double height = 8 + TILE_PICTURE + Math.max(56, words + 18);
            for (int i = 0; i < line.size(); i++) {
                FittedRow row = line.get(i);
                var box = new Box(area.x() + Canvas.PAD + i * (width + GAP), y, width, height);
                art.row(first + i, row, box, inner -> tile(row, box, words, inner));
            }
            y += height + GAP;
        }
    }

    private static Lines words(FittedRow row, double width, Canvas art) {
        return new Lines(art, width - 2 * INSET)
                .add("title", row.title(), new Ink(TILE_TITLE, art.palette().text()), 20)
                .add("note", row.note(), new Ink(Type.regular(12), art.palette().muted()), 18);
    }

    /** A tile; all texts of one line of tiles start at one height. */
    private static void tile(FittedRow row, Box box, double words, Canvas art) {
        art.card("ground", box);
        var picture = new Box(box.x() + 8, box.y() + 8, box.width() - 16, TILE_PICTURE);
        art.picture("picture", picture, 10, row.seed());
        Lines lines = words(row, box.width(), art);
        double top = (picture.bottom() + box.bottom() - words) / 2;
        lines.draw(box.x() + INSET, top + lines.height() / 2);
    }

    /** The first row is the thing itself: its title, what is said of it and a picture. The others are facts about it. */
    static void detail(List<FittedRow> rows, Canvas art) {
        Box area = art.area();
        Palette palette = art.palette();
        String seed = rows.isEmpty() ? "" : rows.get(0).seed();
        var hero = new Box(area.x() + Canvas.PAD, area.y() + Canvas.PAD, area.width() - 2 * Canvas.PAD, HERO);
        art.picture("picture", hero, Canvas.CARD_RADIUS, seed);
        if (rows.isEmpty()) {
            NeutralContent.below(hero, art);
            return;
        }
        FittedRow first = rows.get(0);
        var title = new Lines(art, hero.width()).add("title", first.title(), new Ink(Canvas.LARGE, palette.text()), 32);
        title.draw(hero.x(), hero.bottom() + 12 + title.height() / 2);
        var text = new Box(hero.x(), hero.bottom() + 12 + title.height(), hero.width(), 80);
        int most = art.textScale() <= 1 ? 4 : 8;
        double next = art.paragraph("note", first.note(), new Ink(Canvas.PLAIN, palette.muted()), text, 22, most) + 16;
        facts(rows.subList(1, rows.size()), next, art);
    }

    private static void facts(List<FittedRow> rows, double y, Canvas art) {
        if (rows.isEmpty()) {
            return;
        }
        Box area = art.area();
        double width = area.width() - 2 * Canvas.PAD;
        // In large type the values of all rows stand below as soon as one has no room, so that the rows look alike.
        boolean beside = rows.stream().allMatch(row -> isBeside(row, width, art));
        new RowCard("facts", 1, y, 16, row -> height(row, width, beside, art))
                .draw(rows, art, (row, box, inner) -> fact(row, box, beside, inner));
    }

    private static boolean isBeside(FittedRow row, double width, Canvas art) {
        return art.textScale() <= 1
                || art.width(row.title(), Canvas.PLAIN) + art.width(row.value(), Canvas.BODY) + 16 <= room(row, width);
    }

    private static double room(FittedRow row, double width) {
        return width - 32 - (row.to().isPresent() ? 22 : 0);
    }

    private static double height(FittedRow row, double width, boolean beside, Canvas art) {
        return beside ? art.room(FACT) : Math.ceil((fact(row, width, art).height() + 20) / 4) * 4;
    }

    private static Lines fact(FittedRow row, double width, Canvas art) {
        return new Lines(art, room(row, width))
                .add("title", row.title(), new Ink(Canvas.PLAIN, art.palette().muted()), Lines.TITLE)
                .add("value", row.value(), new Ink(Canvas.BODY, art.palette().text()), Lines.TITLE);
    }

    private static void fact(FittedRow row, Box box, boolean beside, Canvas art) {
        double right = box.right() - 16;
        if (row.to().isPresent()) {
            art.icon(
                    "chevron",
                    Box.around(right - 6, box.centerY(), 18, 18),
                    Canvas.CHEVRON,
                    false,
                    art.palette().muted());
            right -= 22;
        }
        if (!beside) {
            fact(row, box.width(), art).draw(box.x() + 16, box.centerY());
            return;
        }
        double most = room(row, box.width()) - 16;
        double title = art.left(
                "title",
                row.title(),
                new Ink(Canvas.PLAIN, art.palette().muted()),
                box.x() + 16,
                box.centerY(),
                Math.max(most / 2, most - art.width(row.value(), Canvas.BODY)));
        art.right("value", row.value(), new Ink(Canvas.BODY, art.palette().text()), right, box.centerY(), most - title);
    }
}
