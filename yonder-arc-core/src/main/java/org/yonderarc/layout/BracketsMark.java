package org.yonderarc.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.yonderarc.plan.Indicator;

/** A pair of brackets around the icon or the item, open towards it. */
final class BracketsMark implements MarkHome {
    private static final double THICKNESS = 2;
    /** How far the ends of a bracket reach towards what it stands around. */
    private static final double REACH = 6;
    /** From the icon to a bracket at its side. */
    private static final double AROUND = 6;
    /** From the icon to the ends of a bracket. */
    private static final double ABOVE = 4;
    /** From the ends of the item to a bracket around all of it. */
    private static final double WITHIN = 4;

    @Override
    public double across(Indicator indicator, double icon) {
        return indicator.behind() == Indicator.Behind.ICON ? icon + 2 * ABOVE : icon;
    }

    @Override
    public Map<String, String> idle() {
        return Map.ofEntries(
                Map.entry("edge", "brackets stand around the icon or the item"),
                Map.entry("length", "only a line takes its length from something"),
                Map.entry("depth", "only a notch is so deep"),
                Map.entry("distance", "brackets stand around the icon or the item"),
                Map.entry("picture", "only a shape can be a picture"));
    }

    @Override
    public List<Layout.Shape> shapes(Room room) {
        Indicator indicator = room.indicator();
        Box target = room.target();
        boolean isOfItem =
                indicator.behind() == Indicator.Behind.ITEM || room.icon().width() <= 0;
        Box icon = room.icon();
        Box wanted = isOfItem
                ? target.inset(WITHIN)
                : new Box(icon.x() - AROUND, icon.y() - ABOVE, icon.width() + 2 * AROUND, icon.height() + 2 * ABOVE);
        double width = Math.min(target.width(), indicator.width().orElse(wanted.width()));
        double top = Math.max(target.y(), wanted.y());
        double height = Math.min(target.bottom(), wanted.bottom()) - top;
        double thick = Math.min(indicator.thickness().orElse(THICKNESS), Math.min(width, height) / 4);
        double reach = Math.min(REACH + thick, width / 3);
        double left = Math.max(target.x(), Math.min(wanted.centerX() - width / 2, target.right() - width));
        double right = left + width;
        double radius = Math.min(indicator.radius().orElse(thick / 2), thick / 2);
        var shapes = new ArrayList<Layout.Shape>();
        for (Box box : List.of(
                new Box(left, top, thick, height),
                new Box(left, top, reach, thick),
                new Box(left, top + height - thick, reach, thick),
                new Box(right - thick, top, thick, height),
                new Box(right - reach, top, reach, thick),
                new Box(right - reach, top + height - thick, reach, thick))) {
            shapes.add(new Layout.Shape(box, radius));
        }
        return shapes;
    }
}
