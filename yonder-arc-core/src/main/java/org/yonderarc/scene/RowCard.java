package org.yonderarc.scene;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;

/**
 * Rows below each other on one card, with lines between them.
 *
 * @param key the card's key
 * @param first the number of its first row
 * @param y its upper edge
 * @param lineFrom how far from the card's edge a line starts
 * @param height how high a row is
 */
record RowCard(String key, int first, double y, double lineFrom, ToDoubleFunction<FittedRow> height) {
    /** Draws what stands in a row. */
    @FunctionalInterface
    interface Inside {
        void draw(FittedRow row, Box box, Canvas art);
    }

    void draw(List<FittedRow> rows, Canvas art, Inside inside) {
        if (rows.isEmpty()) {
            return;
        }
        Box area = art.area();
        double width = area.width() - 2 * Canvas.PAD;
        double all = rows.stream().mapToDouble(height).sum();
        var card = new Box(area.x() + Canvas.PAD, y, width, all);
        art.card(key, card);
        double top = y;
        for (int i = 0; i < rows.size(); i++) {
            FittedRow row = rows.get(i);
            boolean isFirst = i == 0;
            var box = new Box(card.x(), top, width, height.applyAsDouble(row));
            top = box.bottom();
            art.row(first + i, row, box, inner -> {
                if (!isFirst) {
                    var line = new Box(box.x() + lineFrom, box.y(), Math.max(0, box.width() - lineFrom), 1);
                    inner.rect("line", line, 0, inner.palette().line());
                }
                inside.draw(row, box, inner);
            });
        }
    }
}
