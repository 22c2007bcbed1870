package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Row;

/** Fields and switches on one card: a row whose value is {@code on} or {@code off} is a switch. */
final class FormArt {
    private static final double ROW = 64;
    private static final double INSET = 16;
    private static final double SWITCH_WIDTH = 48;
    private static final double SWITCH_HEIGHT = 28;

    private FormArt() {}

    static void draw(List<Row> rows, Art art) {
        if (rows.isEmpty()) {
            EmptyArt.draw(art);
            return;
        }
        Box area = art.area();
        var card = new Box(area.x() + Art.PAD, area.y() + Art.PAD, area.width() - 2 * Art.PAD, rows.size() * ROW);
        art.card("card", card);
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            var box = new Box(card.x(), card.y() + i * ROW, card.width(), ROW);
            if (i > 0) {
                art.rect(
                        "line:" + i,
                        new Box(box.x() + INSET, box.y(), box.width() - INSET, 1),
                        0,
                        art.palette().line());
            }
            art.row(i, row, box, inner -> field(row, box, inner));
        }
    }

    private static void field(Row row, Box box, Art art) {
        Palette palette = art.palette();
        double right = box.right() - INSET;
        boolean isSwitch = row.value().equals("on") || row.value().equals("off");
        if (isSwitch) {
            toggle(row.value().equals("on"), right, box.centerY(), art);
            right -= SWITCH_WIDTH + 12;
        } else {
            if (row.to().isPresent()) {
                art.icon("chevron", Box.around(right - 6, box.centerY(), 18, 18), Art.CHEVRON, false, palette.muted());
                right -= 22;
            }
            right -= art.right(
                    "value",
                    row.value(),
                    new Ink(Art.PLAIN, palette.muted()),
                    right,
                    box.centerY(),
                    box.width() * 0.45);
            right -= 12;
        }
        double left = box.x() + INSET;
        art.titleAndNote(row, left, box.centerY(), right - left);
    }

    private static void toggle(boolean on, double right, double middle, Art art) {
        Palette palette = art.palette();
        var track = new Box(right - SWITCH_WIDTH, middle - SWITCH_HEIGHT / 2, SWITCH_WIDTH, SWITCH_HEIGHT);
        art.rect("track", track, 99, on ? palette.accent() : palette.muted());
        double knob = SWITCH_HEIGHT - 8;
        double x = on ? track.right() - 4 - knob : track.x() + 4;
        art.rect("knob", new Box(x, track.y() + 4, knob, knob), 99, palette.surface());
    }
}
