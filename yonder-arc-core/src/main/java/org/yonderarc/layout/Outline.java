package org.yonderarc.layout;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.yonderarc.tree.Decimals;

/**
 * The outline of a path: moves, lines and cubic Bezier curves, in dp.
 *
 * @param parts its parts in order; the first is a move
 */
public record Outline(List<Part> parts) {
    /** The radius in dp of the curve from a bar's edge into its notch. */
    private static final double FILLET = 12;

    /** Draws the parts of an outline. */
    public interface Pen {
        /** Starts at a point. */
        void move(double x, double y);

        /** Draws a straight line to a point. */
        void line(double x, double y);

        /** Draws a cubic Bezier curve to a point, by two control points. */
        void curve(double x1, double y1, double x2, double y2, double x, double y);

        /** Draws a straight line back to the start. */
        void close();
    }

    /** One part of an outline. */
    public sealed interface Part {
        /** Draws it. */
        void draw(Pen pen);

        /** The part with other coordinates. */
        Part mapped(DoubleUnaryOperator x, DoubleUnaryOperator y);

        /** The part on its way to another of the same kind; no value where the kinds differ. */
        Optional<Part> toward(Part other, double share);
    }

    private static double between(double a, double b, double share) {
        return a + (b - a) * share;
    }

    /** Starts at a point. */
    public record Move(double x, double y) implements Part {
        @Override
        public void draw(Pen pen) {
            pen.move(x, y);
        }

        @Override
        public Part mapped(DoubleUnaryOperator ofX, DoubleUnaryOperator ofY) {
            return new Move(ofX.applyAsDouble(x), ofY.applyAsDouble(y));
        }

        @Override
        public Optional<Part> toward(Part other, double share) {
            return other instanceof Move to
                    ? Optional.of(new Move(between(x, to.x, share), between(y, to.y, share)))
                    : Optional.empty();
        }
    }

    /** A straight line to a point. */
    public record Line(double x, double y) implements Part {
        @Override
        public void draw(Pen pen) {
            pen.line(x, y);
        }

        @Override
        public Part mapped(DoubleUnaryOperator ofX, DoubleUnaryOperator ofY) {
            return new Line(ofX.applyAsDouble(x), ofY.applyAsDouble(y));
        }

        @Override
        public Optional<Part> toward(Part other, double share) {
            return other instanceof Line to
                    ? Optional.of(new Line(between(x, to.x, share), between(y, to.y, share)))
                    : Optional.empty();
        }
    }

    /** A cubic Bezier curve to a point, by two control points. */
    public record Curve(double x1, double y1, double x2, double y2, double x, double y) implements Part {
        @Override
        public void draw(Pen pen) {
            pen.curve(x1, y1, x2, y2, x, y);
        }

        @Override
        public Part mapped(DoubleUnaryOperator ofX, DoubleUnaryOperator ofY) {
            return new Curve(
                    ofX.applyAsDouble(x1),
                    ofY.applyAsDouble(y1),
                    ofX.applyAsDouble(x2),
                    ofY.applyAsDouble(y2),
                    ofX.applyAsDouble(x),
                    ofY.applyAsDouble(y));
        }

        @Override
        public Optional<Part> toward(Part other, double share) {
            return other instanceof Curve to
                    ? Optional.of(new Curve(
                            between(x1, to.x1, share),
                            between(y1, to.y1, share),
                            between(x2, to.x2, share),
                            between(y2, to.y2, share),
                            between(x, to.x, share),
                            between(y, to.y, share)))
                    : Optional.empty();
        }
    }

    /** A straight line back to the start. */
    public record Close() implements Part {
        @Override
        public void draw(Pen pen) {
            pen.close();
        }

        @Override
        public Part mapped(DoubleUnaryOperator ofX, DoubleUnaryOperator ofY) {
            return this;
        }

        @Override
        public Optional<Part> toward(Part other, double share) {
            return other instanceof Close ? Optional.of(this) : Optional.empty();
        }
    }

    /** Draws all of it. */
    public void draw(Pen pen) {
        parts.forEach(part -> part.draw(pen));
    }

    /** The box around all of its points, those that only bend it included. */
    public Box bounds() {
        var points = new Points();
        draw(points);
        return points.box();
    }

    /** Collects the points of an outline. */
    private static final class Points implements Pen {
        private double left = Double.MAX_VALUE;
        private double upper = Double.MAX_VALUE;
        private double right = -Double.MAX_VALUE;
        private double lower = -Double.MAX_VALUE;

        Box box() {
            return new Box(left, upper, Math.max(0, right - left), Math.max(0, lower - upper));
        }

        @Override
        public void move(double x, double y) {
            line(x, y);
        }

        @Override
        public void line(double x, double y) {
            left = Math.min(left, x);
            right = Math.max(right, x);
            upper = Math.min(upper, y);
            lower = Math.max(lower, y);
        }

        @Override
        public void curve(double x1, double y1, double x2, double y2, double x, double y) {
            line(x1, y1);
            line(x2, y2);
            line(x, y);
        }

        @Override
        public void close() {
            // It goes back to where it has been.
        }
    }

    /** The outline with other coordinates. */
    public Outline mapped(DoubleUnaryOperator x, DoubleUnaryOperator y) {
        return new Outline(parts.stream().map(part -> part.mapped(x, y)).collect(toList()));
    }

    /** The outline on its way to another of equal structure; no value where the structures differ. */
    public Optional<Outline> toward(Outline other, double share) {
        if (parts.size() != other.parts.size()) {
            return Optional.empty();
        }
        var between = new ArrayList<Part>(parts.size());
        for (int i = 0; i < parts.size(); i++) {
            Optional<Part> part = parts.get(i).toward(other.parts.get(i), share);
            if (part.isEmpty()) {
                return Optional.empty();
            }
            between.add(part.get());
        }
        return Optional.of(new Outline(between));
    }

    public Outline {
        parts = List.copyOf(parts);
    }

    /** A smooth curve through points, given as x and y in turn; it has no overshoot between rising or falling points. */
    public static List<Part> smooth(double... points) {
        int count = points.length / 2;
        double[] slope = new double[count];
        for (int i = 1; i < count - 1; i++) {
            double before = rise(points, i - 1);
            double after = rise(points, i);
            // Fritsch and Carlson's condition, by the harmonic mean: flat where the curve turns.
            slope[i] = before * after <= 0 ? 0 : 2 * before * after / (before + after);
        }
        var parts = new ArrayList<Part>();
        parts.add(new Move(points[0], points[1]));
        for (int i = 1; i < count; i++) {
            double x0 = points[2 * i - 2];
            double y0 = points[2 * i - 1];
            double x = points[2 * i];
            double y = points[2 * i + 1];
            double third = (x - x0) / 3;
            parts.add(new Curve(x0 + third, y0 + slope[i - 1] * third, x - third, y - slope[i] * third, x, y));
        }
        return parts;
    }

    private static double rise(double[] points, int i) {
        return (points[2 * i + 3] - points[2 * i + 1]) / (points[2 * i + 2] - points[2 * i]);
    }

    /** A rectangle with round corners. */
    public static Outline rounded(Box box, double radius) {
        double r = Math.min(radius, Math.min(box.width(), box.height()) / 2);
        var parts = new ArrayList<Part>();
        parts.add(new Move(box.x() + r, box.y()));
        parts.add(new Line(box.right() - r, box.y()));
        corners(parts, box, r, r, r);
        return new Outline(parts);
    }

    /** From the upper right corner clockwise back to the start. */
    private static void corners(List<Part> parts, Box box, double upperRight, double r, double upperLeft) {
        arc(parts, box.right() - upperRight, box.y() + upperRight, upperRight, -90, 0);
        parts.add(new Line(box.right(), box.bottom() - r));
        arc(parts, box.right() - r, box.bottom() - r, r, 0, 90);
        parts.add(new Line(box.x() + r, box.bottom()));
        arc(parts, box.x() + r, box.bottom() - r, r, 90, 180);
        parts.add(new Line(box.x(), box.y() + upperLeft));
        arc(parts, box.x() + upperLeft, box.y() + upperLeft, upperLeft, 180, 270);
        parts.add(new Close());
    }

    /**
     * A rectangle with round corners and a notch in its upper edge, around a circle.
     *
     * @param x the middle of the circle
     * @param y the middle of the circle
     * @param around the radius of the notch
     */
    public static Outline notched(Box box, double radius, double x, double y, double around) {
        double r = Math.min(radius, Math.min(box.width(), box.height()) / 2);
        double fillet = FILLET;
        double down = y - box.y();
        // A circle above the edge that doesn't reach it leaves no notch.
        double reach =
                Math.sqrt(Math.max(0, (around + fillet) * (around + fillet) - (fillet - down) * (fillet - down)));
        // Where the two circles touch, seen from the middle of the notch.
        double turn = Math.toDegrees(Math.atan2(fillet - down, reach));
        var parts = new ArrayList<Part>();
        // A notch beside a corner leaves the corner less room to be round.
        double start = Math.max(0, Math.min(r, x - reach - box.x()));
        double end = Math.max(0, Math.min(r, box.right() - x - reach));
        parts.add(new Move(box.x() + start, box.y()));
        parts.add(new Line(Math.max(box.x() + start, x - reach), box.y()));
        arc(parts, x - reach, box.y() + fillet, fillet, -90, -turn);
        arc(parts, x, y, around, 180 - turn, turn);
        arc(parts, x + reach, box.y() + fillet, fillet, 180 + turn, 270);
        parts.add(new Line(box.right() - end, box.y()));
        corners(parts, box, end, r, start);
        return new Outline(parts);
    }

    /** An arc from one angle to another in degrees, clockwise from the right; pieces of at most a quarter turn. */
    private static void arc(List<Part> parts, double x, double y, double r, double from, double to) {
        if (r <= 0) {
            return;
        }
        int pieces = Math.max(1, (int) Math.ceil(Math.abs(to - from) / 90 - 1e-9));
        double step = Math.toRadians(to - from) / pieces;
        double pull = 4.0 / 3 * Math.tan(step / 4) * r;
        for (int i = 0; i < pieces; i++) {
            double a = Math.toRadians(from) + i * step;
            double b = a + step;
            parts.add(new Curve(
                    x + r * Math.cos(a) - pull * Math.sin(a),
                    y + r * Math.sin(a) + pull * Math.cos(a),
                    x + r * Math.cos(b) + pull * Math.sin(b),
                    y + r * Math.sin(b) - pull * Math.cos(b),
                    x + r * Math.cos(b),
                    y + r * Math.sin(b)));
        }
    }

    /** The same outline elsewhere. */
    public Outline moved(double right, double down) {
        return right == 0 && down == 0
                ? this
                : new Outline(parts.stream()
                        .map(part -> part.mapped(x -> x + right, y -> y + down))
                        .collect(toList()));
    }

    /** The outline as path data of SVG 1.1, section 8.3. */
    public String pathData() {
        var data = new PathData();
        draw(data);
        return data.out.toString();
    }

    private static final class PathData implements Pen {
        private final StringBuilder out = new StringBuilder();

        private void add(char command, double... numbers) {
            char join = command;
            for (double number : numbers) {
                out.append(join).append(Decimals.brief(number));
                join = ' ';
            }
        }

        @Override
        public void move(double x, double y) {
            add('M', x, y);
        }

        @Override
        public void line(double x, double y) {
            add('L', x, y);
        }

        @Override
        public void curve(double x1, double y1, double x2, double y2, double x, double y) {
            add('C', x1, y1, x2, y2, x, y);
        }

        @Override
        public void close() {
            out.append('Z');
        }
    }
}
