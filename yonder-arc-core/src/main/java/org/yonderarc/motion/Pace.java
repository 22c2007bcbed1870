package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/**
 * How far a movement has come at a time: straight lines between points, as the {@code linear()} easing of CSS Easing Functions Level 2.
 * Before the first point and after the last it stays the same.
 *
 * @param points its points, at least two, at times that never go back
 */
public record Pace(List<Point> points) {
    /** The number of equal parts that are looked at first. */
    private static final int PARTS = 8;
    /** How often a part is halved at most; a curve that needs more jumps. */
    private static final int DEEPEST = 12;

    /**
     * A point of it.
     *
     * @param ms the time since the film's start, in ms
     * @param share how far it has come: 0 at its start and 1 at its end, but for springs, which go beyond
     */
    public record Point(double ms, double share) {}

    public Pace {
        points = List.copyOf(points);
    }

    /** When it ends, in ms. */
    public double end() {
        return points.get(points.size() - 1).ms();
    }

    /** How far it has come after {@code ms} milliseconds. */
    public double share(double ms) {
        Point before = points.get(0);
        for (Point point : points) {
            if (point.ms() >= ms) {
                double span = point.ms() - before.ms();
                return span <= 0 || ms <= before.ms()
                        ? before.share()
                        : Tween.lerp(before.share(), point.share(), (ms - before.ms()) / span);
            }
            before = point;
        }
        return before.share();
    }

    /**
     * The lines that stay within an error of a curve; no value for one that jumps before its end. At the end it may: a spring has come to rest there.
     *
     * @param curve the share at a time
     * @param end when the curve ends, in ms
     */
    static Optional<Pace> of(DoubleUnaryOperator curve, double end, double error) {
        var points = new ArrayList<Point>();
        points.add(new Point(0, curve.applyAsDouble(0)));
        for (int i = 0; i < PARTS; i++) {
            double until = i == PARTS - 1 ? Math.nextDown(end) : end * (i + 1) / PARTS;
            if (!lines(curve, points.get(points.size() - 1), until, error, DEEPEST, points)) {
                return Optional.empty();
            }
        }
        points.add(new Point(end, curve.applyAsDouble(end)));
        return Optional.of(new Pace(points));
    }

    /** Adds points up to a time; gives whether that could be done within the error. */
    private static boolean lines(
            DoubleUnaryOperator curve, Point from, double until, double error, int left, List<Point> out) {
        var to = new Point(until, curve.applyAsDouble(until));
        double middle = (from.ms() + until) / 2;
        boolean isStraight = isNear(curve, from, to, 0.25, error)
                && isNear(curve, from, to, 0.5, error)
                && isNear(curve, from, to, 0.75, error);
        if (isStraight) {
            out.add(to);
            return true;
        }
        return left > 0
                && lines(curve, from, middle, error, left - 1, out)
                && lines(curve, out.get(out.size() - 1), until, error, left - 1, out);
    }

    private static boolean isNear(DoubleUnaryOperator curve, Point from, Point to, double at, double error) {
        double exact = curve.applyAsDouble(Tween.lerp(from.ms(), to.ms(), at));
        return Math.abs(exact - Tween.lerp(from.share(), to.share(), at)) <= error;
    }
}
