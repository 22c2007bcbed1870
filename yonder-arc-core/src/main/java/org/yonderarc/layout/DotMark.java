package org.yonderarc.layout;

import java.util.List;
import java.util.Map;

/** A small dot at an edge of the item. */
final class DotMark implements MarkHome {
    private static final double SIZE = 5;
    private static final double FROM_EDGE = 4;

    @Override
    public Map<String, String> idle() {
        return Map.ofEntries(
                Map.entry("behind", "a dot stands at an edge"),
                Map.entry("width", "a dot is as wide as it is thick"),
                Map.entry("length", "only a line takes its length from something"),
                Map.entry("depth", "only a notch is so deep"),
                Map.entry("picture", "only a shape can be a picture"));
    }

    @Override
    public List<Layout.Shape> shapes(Room room) {
        Box bar = room.bar();
        Box target = room.target();
        double size = room.indicator().thickness().orElse(SIZE);
        double off = room.indicator().distance().orElse(FROM_EDGE);
        double near = room.indicator().distance().orElse(room.inner() == Inner.UPPER ? FROM_EDGE - 1 : FROM_EDGE);
        Box box = room.stands()
                ? new Box(
                        room.isFar() ? bar.right() - size - off : bar.x() + off,
                        target.centerY() - size / 2,
                        size,
                        size)
                : new Box(
                        target.centerX() - size / 2,
                        room.isFar() ? bar.bottom() - size - off : bar.y() + near,
                        size,
                        size);
        return List.of(new Layout.Shape(box, room.indicator().radius().orElse(size / 2)));
    }
}
