package org.yonderarc.layout;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.Indicator;

/** A line at an edge of the item. */
final class LineMark implements MarkHome {
    private static final double LENGTH = 32;
    private static final double THICKNESS = 3;
    /** A line along an item keeps this distance from its ends, and so from the round corners of a bar. */
    private static final double FROM_ENDS = 8;

    private static double along(Room room) {
        Box target = room.target();
        double whole = (room.stands() ? target.height() : target.width()) - 2 * FROM_ENDS;
        return room.indicator()
                .length()
                .map(what -> switch (what) {
                    case ICON -> extent(room, room.icon());
                    case LABEL -> extent(room, room.label());
                    case ITEM -> whole;
                })
                .filter(length -> length > 0)
                .orElse(LENGTH);
    }

    private static double extent(Room room, Box box) {
        return room.stands() ? box.height() : box.width();
    }

    /** A line as long as something stands where that stands. */
    private static double middle(Room room, double length) {
        boolean isOfLabel = room.indicator().length().equals(Optional.of(Indicator.Length.LABEL));
        Box target = room.target();
        double x = isOfLabel && room.label().width() > 0 ? room.label().centerX() : target.centerX();
        return Math.max(target.x() + length / 2, Math.min(x, target.right() - length / 2));
    }

    @Override
    public Map<String, String> idle() {
        return Map.ofEntries(
                Map.entry("behind", "a line stands at an edge"),
                Map.entry("depth", "only a notch is so deep"),
                Map.entry("picture", "only a shape can be a picture"));
    }

    @Override
    public List<Layout.Shape> shapes(Room room) {
        Box bar = room.bar();
        Box target = room.target();
        double whole = room.stands() ? target.height() : target.width();
        double length = Math.min(room.indicator().width().orElseGet(() -> along(room)), whole);
        double thick = room.indicator().thickness().orElse(THICKNESS);
        double off = room.indicator().distance().orElse(0.0);
        Box box = room.stands()
                ? new Box(
                        room.isFar() ? bar.right() - thick - off : bar.x() + off,
                        target.centerY() - length / 2,
                        thick,
                        length)
                : new Box(
                        middle(room, length) - length / 2,
                        room.isFar() ? bar.bottom() - thick - off : bar.y() + off,
                        length,
                        thick);
        return List.of(new Layout.Shape(box, room.indicator().radius().orElse(thick / 2)));
    }
}
