package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;

/** What plays now, large, with controls below it; the rows after the first are what comes next. */
final class MediaContent {
    private static final double CONTROLS = 70;

    private MediaContent() {}

    static void draw(List<FittedRow> rows, Canvas art) {
        Palette palette = art.palette();
        Box area = art.area();
        double width = area.width() - 2 * Canvas.PAD;
        double height = Math.min(width * 0.62, Math.max(120, area.height() * 0.42));
        var picture = new Box(area.x() + Canvas.PAD, area.y() + Canvas.PAD, width, height);
        double y = words(rows, picture, art);
        var track = new Box(picture.x(), y, width, 4);
        art.rect("track", track, 2, palette.line());
        art.rect("played", new Box(track.x(), track.y(), width * 0.38, 4), 2, palette.accent());
        art.rect("head", Box.around(track.x() + width * 0.38, track.centerY(), 14, 14), 7, palette.accent());
        double middle = y + 38;
        art.rect("button", Box.around(area.centerX(), middle, 52, 52), 26, palette.accent());
        double x = area.centerX();
        art.path(
                "play",
                new Outline(List.of(
                        new Outline.Move(x - 7, middle - 10),
                        new Outline.Line(x + 11, middle),
                        new Outline.Line(x - 7, middle + 10),
                        new Outline.Close())),
                palette.surface());
        skip("next", x + 72, middle, 1, art);
        skip("before", x - 72, middle, -1, art);
        ListContent.card(rows, 1, y + CONTROLS, art);
    }

    /** The picture of what plays, and what is said of it; gives where the controls begin. */
    private static double words(List<FittedRow> rows, Box picture, Canvas art) {
        if (rows.isEmpty()) {
            art.rect("playing", picture, Canvas.CARD_RADIUS, art.palette().quiet());
            NeutralContent.playing(picture, art);
            return picture.bottom() + 72;
        }
        FittedRow now = rows.get(0);
        art.picture("playing", picture, Canvas.CARD_RADIUS, now.seed());
        var words = new Lines(art, picture.width())
                .add("title", now.title(), new Ink(Canvas.LARGE, art.palette().text()), 26)
                .add("note", now.note(), new Ink(Canvas.SMALL, art.palette().muted()), 22);
        words.draw(picture.x(), picture.bottom() + 13 + words.height() / 2);
        return picture.bottom() + 24 + words.height();
    }

    private static void skip(String key, double x, double y, int direction, Canvas art) {
        art.path(
                key,
                new Outline(List.of(
                        new Outline.Move(x - 8 * direction, y - 8),
                        new Outline.Line(x + 5 * direction, y),
                        new Outline.Line(x - 8 * direction, y + 8),
                        new Outline.Close())),
                art.palette().muted());
        art.rect(
                key + "-bar",
                Box.around(x + 8 * direction, y, 3, 16),
                1.5,
                art.palette().muted());
    }
}
