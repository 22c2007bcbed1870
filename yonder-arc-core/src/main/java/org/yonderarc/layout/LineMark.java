package org.yonderarc.layout;

import java.util.List;

/** A line at an edge of the item. */
final class LineMark implements MarkHome {
    private static final double LENGTH = 32;
    private static final double THICKNESS = 3;

    @Override
    public List<Layout.Shape> shapes(Room room) {
        Box bar = room.bar();
        Box target = room.target();
        double length =
                Math.min(room.indicator().width().orElse(LENGTH), room.stands() ? target.height() : target.width());
        double thick = room.indicator().thickness().orElse(THICKNESS);
        Box box = room.stands()
                ? new Box(room.isFar() ? bar.right() - thick : bar.x(), target.centerY() - length / 2, thick, length)
                : new Box(target.centerX() - length / 2, room.isFar() ? bar.bottom() - thick : bar.y(), length, thick);
        return List.of(new Layout.Shape(box, room.indicator().radius().orElse(thick / 2)));
    }
}
