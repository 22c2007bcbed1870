package org.yonderarc.layout;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;

/** A circle, raised into a curved notch of the bar, that carries the icon. */
final class NotchMark implements MarkHome {
    private static final double SIZE = 52;
    /** How much larger than the icon the circle is in other bars. */
    private static final double BESIDE = 8;
    /** How far the middle of the circle lies below the bar's edge. */
    private static final double DEPTH = 6;
    /** The room between the circle and the notch. */
    private static final double GAP = 6;
    /** The room that a notch needs beside the first and the last item. */
    private static final double PADDING = 24;
    /** The notch of a shadow is never narrower than this. */
    private static final double LEAST = 8;

    @Override
    public Map<String, String> idle() {
        return Map.ofEntries(
                Map.entry("edge", "a notch is cut into the edge towards the content"),
                Map.entry("behind", "the icon stands in a notch"),
                Map.entry("thickness", "a notch holds a circle; set \"width\""),
                Map.entry("radius", "a notch holds a circle; set \"width\""),
                Map.entry("length", "only a line takes its length from something"),
                Map.entry("picture", "only a shape can be a picture"));
    }

    @Override
    public List<Layout.Shape> shapes(Room room) {
        // Elsewhere than in a bottom bar it stands around the icon, and keeps off the label.
        double usual = room.inner() == Inner.UPPER ? SIZE : room.icon().width() + BESIDE;
        double size = room.indicator().width().orElse(usual);
        double y = room.inner() == Inner.UPPER
                ? room.bar().y() + depth(room.indicator())
                : room.icon().centerY();
        double x = room.inner() == Inner.UPPER
                ? room.target().centerX()
                : room.icon().centerX();
        return List.of(new Layout.Shape(Box.around(x, y, size, size), size / 2));
    }

    @Override
    public Paint usualIcon() {
        return new Paint.ByRole(Role.ACCENT_TEXT);
    }

    @Override
    public boolean isBehindIcon() {
        return true;
    }

    @Override
    public boolean isRaised() {
        return true;
    }

    @Override
    public double padding(Indicator indicator) {
        return PADDING + Math.max(0, around(indicator) - (SIZE / 2 + GAP));
    }

    static double gap(Indicator indicator) {
        return indicator.distance().orElse(GAP);
    }

    /** The radius of the notch. */
    private static double around(Indicator indicator) {
        return indicator.width().orElse(SIZE) / 2 + gap(indicator);
    }

    private static double depth(Indicator indicator) {
        return indicator.depth().orElse(DEPTH);
    }

    @Override
    public double above(Indicator indicator) {
        double lower = depth(indicator) + around(indicator);
        // What the circle reaches further into the bar than usual, its label gives way by.
        return Math.max(0, 4 + lower - (DEPTH + SIZE / 2 + GAP));
    }

    @Override
    public double labelTop(Indicator indicator, Box bar) {
        return bar.y() + depth(indicator) + around(indicator) + 1;
    }

    @Override
    public Optional<Double> iconMiddle(Indicator indicator, Box bar) {
        return Optional.of(bar.y() + depth(indicator));
    }

    @Override
    public Optional<Outline> carved(Indicator indicator, Box bar, double radius, Box mark, double spread) {
        double around = Math.max(LEAST, mark.width() / 2 + gap(indicator) - spread);
        return Optional.of(
                Outline.notched(bar, radius + spread, mark.centerX(), mark.centerY() + (spread > 0 ? 2 : 0), around));
    }
}
