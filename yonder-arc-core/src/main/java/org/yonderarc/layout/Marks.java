package org.yonderarc.layout;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.Indicator;

/** The kinds of marks. */
public final class Marks {
    private static final MarkHome NONE = new MarkHome() {
        @Override
        public List<Layout.Shape> shapes(Room room) {
            return List.of();
        }

        @Override
        public Map<String, String> idle() {
            var idle = new HashMap<String, String>();
            List.of("edge", "behind", "width", "thickness", "radius", "length", "depth", "distance", "picture")
                    .forEach(key -> idle.put(key, "there is no mark"));
            return idle;
        }
    };
    private static final MarkHome LINE = new LineMark();
    private static final MarkHome SHAPE = new ShapeMark();
    private static final MarkHome DOT = new DotMark();
    private static final MarkHome BRACKETS = new BracketsMark();
    private static final MarkHome NOTCH = new NotchMark();

    private Marks() {}

    /** The outline of a bar at the lower edge around a circle that is raised out of it, everything larger by {@code spread} dp. */
    public static Outline around(Box circle, Box bar, double radius, double spread) {
        return NOTCH.carved(Indicator.NONE, bar, radius, circle, spread).orElseThrow();
    }

    /** The gap in dp between a circle and the notch around it. */
    public static double gap(Indicator indicator) {
        return NotchMark.gap(indicator);
    }

    /** The home of a kind. */
    public static MarkHome of(Indicator.Kind kind) {
        return switch (kind) {
            case NONE -> NONE;
            case LINE -> LINE;
            case SHAPE -> SHAPE;
            case DOT -> DOT;
            case BRACKETS -> BRACKETS;
            case NOTCH -> NOTCH;
        };
    }

    /** The mark that a style asks for in some room; no value where it asks for none. */
    static Optional<Layout.Mark> in(MarkHome.Room room) {
        Indicator.Kind kind = room.indicator().kind();
        List<Layout.Shape> shapes = of(kind).shapes(room);
        return shapes.isEmpty() ? Optional.empty() : Optional.of(new Layout.Mark(kind, shapes));
    }
}
