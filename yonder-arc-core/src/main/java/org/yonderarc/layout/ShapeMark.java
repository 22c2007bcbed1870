package org.yonderarc.layout;

import java.util.List;
import java.util.Map;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;

/** A filled shape behind the icon or the item. */
final class ShapeMark implements MarkHome {
    private static final double WIDTH = 60;
    private static final double HEIGHT = 32;
    /** How far it reaches beyond the icon, and beside it the label, at each end. */
    private static final double BEYOND = 12;

    @Override
    public Map<String, String> idle() {
        return Map.ofEntries(
                Map.entry("edge", "a shape lies behind the icon or the item"),
                Map.entry("length", "only a line takes its length from something"),
                Map.entry("depth", "only a notch is so deep"),
                Map.entry("distance", "a shape lies behind the icon or the item"));
    }

    @Override
    public List<Layout.Shape> shapes(Room room) {
        Indicator indicator = room.indicator();
        Box target = room.target();
        Box icon = room.icon();
        if (indicator.behind() == Indicator.Behind.ITEM || icon.width() <= 0) {
            double width = Math.min(target.width(), indicator.width().orElse(target.width()));
            double height = Math.min(target.height(), indicator.thickness().orElse(target.height()));
            Box box = Box.around(target.centerX(), target.centerY(), width, height);
            double radius = indicator.radius().orElse(Math.min(room.radius(), height / 2));
            return List.of(new Layout.Shape(box, radius));
        }
        double natural = Math.max(WIDTH, icon.width() + 2 * BEYOND);
        double width = Math.min(target.width(), indicator.width().orElse(natural));
        double height = Math.min(target.height(), indicator.thickness().orElse(HEIGHT));
        double x = Math.max(target.x(), Math.min(icon.centerX() - width / 2, target.right() - width));
        var box = new Box(x, icon.centerY() - height / 2, width, height);
        return List.of(new Layout.Shape(box, indicator.radius().orElse(height / 2)));
    }

    @Override
    public Paint usualFill() {
        return new Paint.ByRole(Role.TINT);
    }

    @Override
    public boolean isBehindIcon() {
        return true;
    }

    @Override
    public double across(Indicator indicator, double icon) {
        return indicator.behind() == Indicator.Behind.ICON
                ? Math.max(icon, indicator.thickness().orElse(HEIGHT))
                : icon;
    }
}
