package org.yonderarc.live;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.motion.Curve;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Spring;
import org.yonderarc.plan.Timing;
import org.yonderarc.tree.MapValue;

/** How a plan's motions go over time, as a page is told of it. */
final class Motions {
    private static final int POINTS = 48;

    private Motions() {}

    static MapValue of(Motion motion) {
        return Json.map(
                "select", of(motion.select()),
                "states", of(motion.states()),
                "drawers", of(motion.drawers()),
                "screens", of(motion.transition().timing()));
    }

    private static MapValue of(Timing timing) {
        List<Double> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            points.add(Math.round(1000 * progress(timing, i / (double) POINTS)) / 1000.0);
        }
        return Json.map(
                "ms",
                Math.round(timing.takes()),
                "easing",
                timing instanceof Timing.Eased eased ? eased.easing().text() : "",
                "spring",
                timing instanceof Timing.Sprung,
                "points",
                points);
    }

    private static double progress(Timing timing, double share) {
        return timing instanceof Timing.Sprung sprung
                ? new Spring(sprung).progress(share * sprung.takes())
                : Curve.progress(((Timing.Eased) timing).easing(), share);
    }
}
