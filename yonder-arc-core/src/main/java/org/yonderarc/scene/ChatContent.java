package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextFit;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;

/** Messages in bubbles: one's own at the end, those of others at the start. */
final class ChatContent {
    private static final double LINE = 22;
    private static final double INSET = 14;
    private static final int MOST_LINES = 4;

    private ChatContent() {}

    static void draw(List<FittedRow> rows, Canvas art) {
        if (rows.isEmpty()) {
            NeutralContent.chat(art);
            return;
        }
        Box area = art.area();
        double y = area.y() + Canvas.PAD;
        for (int i = 0; i < rows.size(); i++) {
            FittedRow row = rows.get(i);
            y = bubble(i, row, y, art) + 12;
        }
    }

    private static double bubble(int index, FittedRow row, double y, Canvas art) {
        Palette palette = art.palette();
        Box area = art.area();
        boolean own = !row.value().isEmpty();
        double most = (area.width() - 2 * Canvas.PAD) * 0.76;
        double lineHeight = LINE * art.textScale();
        double nameHeight = 18 * art.textScale();
        int mostLines = art.textScale() <= 1 ? MOST_LINES : 2 * MOST_LINES;
        List<String> lines =
                TextFit.wrap(row.title(), art.scaled(Canvas.PLAIN), most - 2 * INSET, mostLines, art.measure());
        double widest = lines.stream()
                .mapToDouble(line -> art.width(line, Canvas.PLAIN))
                .max()
                .orElse(0);
        String name = own ? row.value() : row.note();
        Type small = Canvas.SMALL;
        double width = Math.max(widest, name.isEmpty() ? 0 : art.width(name, small)) + 2 * INSET;
        double height = lines.size() * lineHeight + 2 * 10 + (name.isEmpty() ? 0 : nameHeight);
        double x = own ? area.right() - Canvas.PAD - width : area.x() + Canvas.PAD;
        var box = new Box(x, y, width, height);
        Colour ground = own ? palette.accent() : palette.surface();
        Colour text = own ? ground.ink() : palette.text();
        art.row(index, row, box, inner -> {
            inner.rect("bubble", box, 18, ground);
            double line = box.y() + 10;
            if (!name.isEmpty()) {
                inner.left(
                        "name",
                        name,
                        new Ink(small, own ? text.withAlpha(0.8) : palette.muted()),
                        x + INSET,
                        line + nameHeight * 0.45,
                        most);
                line += nameHeight;
            }
            int number = 0;
            for (String words : lines) {
                inner.left(
                        "line-" + number++, words, new Ink(Canvas.PLAIN, text), x + INSET, line + lineHeight / 2, most);
                line += lineHeight;
            }
        });
        return box.bottom();
    }
}
