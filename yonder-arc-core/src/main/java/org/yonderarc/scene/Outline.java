package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;

/**
 * The outline of a path: moves, lines and cubic Bezier curves, in dp.
 *
 * @param parts its parts in order; the first is a move
 */
public record Outline(List<Part> parts) {
    /** One part of an outline. */
    public sealed interface Part {}

    /** Starts at a point. */
    public record Move(double x, double y) implements Part {}

    /** A straight line to a point. */
    public record Line(double x, double y) implements Part {}

    /** A cubic Bezier curve to a point, by two control points. */
    public record Curve(double x1, double y1, double x2, double y2, double x, double y) implements Part {}

    /** A straight line back to the start. */
    public record Close() implements Part {}

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

    /** The outline as path data of SVG 1.1, section 8.3. */
    public String pathData() {
        var out = new StringBuilder();
        for (Part part : parts) {
            if (part instanceof Move move) {
                add(out, 'M', move.x, move.y);
            } else if (part instanceof Line line) {
                add(out, 'L', line.x, line.y);
            } else if (part instanceof Curve curve) {
                add(out, 'C', curve.x1, curve.y1, curve.x2, curve.y2, curve.x, curve.y);
            } else {
                out.append('Z');
            }
        }
        return out.toString();
    }

    private static void add(StringBuilder out, char command, double... numbers) {
        char join = command;
        for (double number : numbers) {
            out.append(join).append(Decimals.text(number));
            join = ' ';
        }
    }
}
