package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;

/** Fields and switches on one card: a row whose value is {@code on} or {@code off} is a switch. */
final class FormContent {
    private static final double ROW = 64;
    private static final double INSET = 16;
    private static final double CHEVRON = 22;
    private static final double SWITCH_WIDTH = 48;
    private static final double SWITCH_HEIGHT = 28;

    private FormContent() {}

    static void draw(List<FittedRow> rows, Canvas art) {
        if (rows.isEmpty()) {
            NeutralContent.form(art);
            return;
        }
        Box area = art.area();
        double width = area.width() - 2 * Canvas.PAD;
        // In large type the values of all rows stand below as soon as one has no room, so that the rows look alike.
        boolean beside = rows.stream().allMatch(row -> isBeside(row, width, art));
        new RowCard("card", 0, area.y() + Canvas.PAD, INSET, row -> height(row, width, beside, art))
                .draw(rows, art, (row, box, inner) -> field(row, box, beside, inner));
    }

    private static boolean isSwitch(FittedRow row) {
        return row.value().equals("on") || row.value().equals("off");
    }

    /** Whether there is room for the value at the end of the row, so that neither it nor the title is shortened. */
    private static boolean isBeside(FittedRow row, double width, Canvas art) {
        return art.textScale() <= 1
                || isSwitch(row)
                || art.width(row.title(), Canvas.BODY) + art.width(row.value(), Canvas.PLAIN) + 12 <= room(row, width);
    }

    private static double room(FittedRow row, double width) {
        return width - 2 * INSET - (isSwitch(row) ? SWITCH_WIDTH + 12 : row.to().isPresent() ? CHEVRON : 0);
    }

    private static double height(FittedRow row, double width, boolean beside, Canvas art) {
        return Math.max(
                ROW, Math.ceil((lines(row, width, beside, art).height() + ROW - Lines.TITLE - Lines.NOTE) / 4) * 4);
    }

    private static Lines lines(FittedRow row, double width, boolean beside, Canvas art) {
        double room = room(row, width);
        if (isSwitch(row)) {
            return Lines.of(row, room, art);
        }
        double value = Math.min(art.width(row.value(), Canvas.PLAIN), width * 0.45);
        return beside ? Lines.of(row, room - value - 12, art) : Lines.withValue(row, room, art);
    }

    private static void field(FittedRow row, Box box, boolean beside, Canvas art) {
        Palette palette = art.palette();
        double right = box.right() - INSET;
        // What it is called comes first, as it is read.
        lines(row, box.width(), beside, art).draw(box.x() + INSET, box.centerY());
        if (isSwitch(row)) {
            toggle(row.value(), right, box.centerY(), art);
        } else {
            if (row.to().isPresent()) {
                art.icon(
                        "chevron",
                        Box.around(right - 6, box.centerY(), 18, 18),
                        Canvas.CHEVRON,
                        false,
                        palette.muted());
                right -= CHEVRON;
            }
            if (beside) {
                double most = box.width() * 0.45;
                art.right("value", row.value(), new Ink(Canvas.PLAIN, palette.muted()), right, box.centerY(), most);
            }
        }
    }

    private static void toggle(String value, double right, double middle, Canvas art) {
        Palette palette = art.palette();
        boolean on = value.equals("on");
        var track = new Box(right - SWITCH_WIDTH, middle - SWITCH_HEIGHT / 2, SWITCH_WIDTH, SWITCH_HEIGHT);
        double knob = SWITCH_HEIGHT - 8;
        double x = on ? track.right() - 4 - knob : track.x() + 4;
        art.figure(Part.Plain.SWITCH, "switch", value, track, inner -> {
            inner.rect("track", track, 99, on ? palette.accent() : palette.muted());
            inner.rect("knob", new Box(x, track.y() + 4, knob, knob), 99, palette.surface());
        });
    }
}
