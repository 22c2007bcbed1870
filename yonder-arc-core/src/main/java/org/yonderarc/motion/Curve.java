package org.yonderarc.motion;

import java.util.List;
import org.yonderarc.plan.Easing;

/** Evaluates easings as CSS Easing Functions Level 2 defines them. */
public final class Curve {
    /** A curve is solved to this precision. */
    private static final double PRECISION = 1e-12;

    private Curve() {}

    /**
     * The progress of an easing.
     *
     * @param time the share of the duration that has passed; may be below 0 or above 1
     * @return the progress, 0 at the start and 1 at the end, but for curves that reach beyond
     */
    public static double progress(Easing easing, double time) {
        if (easing instanceof Easing.CubicBezier bezier) {
            return bezier(bezier, time);
        }
        return easing instanceof Easing.Steps steps
                ? steps(steps, time)
                : linear(((Easing.Linear) easing).stops(), time);
    }

    /** Section 2.3: outside of 0 to 1 the curve goes on along the tangent at its end. */
    private static double bezier(Easing.CubicBezier curve, double time) {
        if (time < 0) {
            double slope = curve.x1() > 0
                    ? curve.y1() / curve.x1()
                    : curve.y1() == 0 && curve.x2() > 0 ? curve.y2() / curve.x2() : 0;
            return slope * time;
        }
        if (time > 1) {
            double slope = curve.x2() < 1
                    ? (curve.y2() - 1) / (curve.x2() - 1)
                    : curve.y2() == 1 && curve.x1() < 1 ? (curve.y1() - 1) / (curve.x1() - 1) : 0;
            return 1 + slope * (time - 1);
        }
        return at(curve.y1(), curve.y2(), solve(curve, time));
    }

    /** The parameter at which the curve's time is {@code time}: Newton's method, within brackets that always close. */
    private static double solve(Easing.CubicBezier curve, double time) {
        double low = 0;
        double high = 1;
        double s = time;
        for (int i = 0; i < 100; i++) {
            double x = at(curve.x1(), curve.x2(), s) - time;
            if (Math.abs(x) < PRECISION) {
                return s;
            }
            if (x > 0) {
                high = s;
            } else {
                low = s;
            }
            double slope = slope(curve.x1(), curve.x2(), s);
            double next = slope > 0 ? s - x / slope : low - 1;
            s = next > low && next < high ? next : (low + high) / 2;
        }
        return s;
    }

    private static double at(double a, double b, double s) {
        double r = 1 - s;
        return 3 * r * r * s * a + 3 * r * s * s * b + s * s * s;
    }

    private static double slope(double a, double b, double s) {
        double r = 1 - s;
        return 3 * r * r * a + 6 * r * s * (b - a) + 3 * s * s * (1 - b);
    }

    /** Section 2.4; the flag that tells before from at is never set here. */
    private static double steps(Easing.Steps steps, double time) {
        int jumps =
                switch (steps.jump()) {
                    case START, END -> steps.count();
                    case NONE -> steps.count() - 1;
                    case BOTH -> steps.count() + 1;
                };
        double step = Math.floor(time * steps.count());
        if (steps.jump() == Easing.Jump.START || steps.jump() == Easing.Jump.BOTH) {
            step++;
        }
        if (time >= 0 && step < 0) {
            step = 0;
        }
        if (time <= 1 && step > jumps) {
            step = jumps;
        }
        return step / jumps;
    }

    /** Section 2.2: outside of the points, the first or the last line goes on. */
    private static double linear(List<Easing.Stop> stops, double time) {
        double percent = time * 100;
        int a = 0;
        for (int i = 0; i < stops.size() - 1; i++) {
            if (stops.get(i).percent() <= percent) {
                a = i;
            }
        }
        // At the last of several points with one time, the line behind it counts.
        Easing.Stop from = stops.get(a);
        Easing.Stop to = stops.get(a + 1);
        double span = to.percent() - from.percent();
        if (span == 0) {
            return to.progress();
        }
        return from.progress() + (to.progress() - from.progress()) * (percent - from.percent()) / span;
    }
}
