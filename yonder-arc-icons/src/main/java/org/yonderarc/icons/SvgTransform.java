package org.yonderarc.icons;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.yonderarc.layout.Outline;

/** An affine transform as SVG 1.1, section 7.6 has it: x' = ax + cy + e, y' = bx + dy + f. */
record SvgTransform(double a, double b, double c, double d, double e, double f) {
    static final SvgTransform NONE = new SvgTransform(1, 0, 0, 1, 0, 0);

    private static final Pattern ONE = Pattern.compile("(\\w+)\\s*\\(([^)]*)\\)");

    /** Reads a list of transforms that {@link SvgGrammar#isTransform} accepts; the last one is applied first. */
    static SvgTransform of(String list) {
        SvgTransform all = NONE;
        for (Matcher one = ONE.matcher(list); one.find(); ) {
            all = all.after(of(one.group(1), SvgGrammar.numbers(one.group(2))));
        }
        return all;
    }

    private static SvgTransform of(String name, List<Double> given) {
        double first = given.isEmpty() ? 0 : given.get(0);
        return switch (name) {
            case "translate" -> new SvgTransform(1, 0, 0, 1, first, given.size() > 1 ? given.get(1) : 0);
            case "scale" -> new SvgTransform(first, 0, 0, given.size() > 1 ? given.get(1) : first, 0, 0);
            case "rotate" -> rotation(first, given);
            case "skewX" -> new SvgTransform(1, 0, Math.tan(Math.toRadians(first)), 1, 0, 0);
            case "skewY" -> new SvgTransform(1, Math.tan(Math.toRadians(first)), 0, 1, 0, 0);
            default ->
                given.size() < 6
                        ? NONE
                        : new SvgTransform(first, given.get(1), given.get(2), given.get(3), given.get(4), given.get(5));
        };
    }

    /** Around the origin, or a point that is given. */
    private static SvgTransform rotation(double degrees, List<Double> given) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        var turn = new SvgTransform(cos, sin, -sin, cos, 0, 0);
        return given.size() < 3 ? turn : turn.around(given.get(1), given.get(2));
    }

    private SvgTransform around(double x, double y) {
        return new SvgTransform(1, 0, 0, 1, x, y).after(this).after(new SvgTransform(1, 0, 0, 1, -x, -y));
    }

    /** This transform, applied after another one. */
    SvgTransform after(SvgTransform first) {
        return new SvgTransform(
                a * first.a + c * first.b,
                b * first.a + d * first.b,
                a * first.c + c * first.d,
                b * first.c + d * first.d,
                a * first.e + c * first.f + e,
                b * first.e + d * first.f + f);
    }

    /** The factor by which lengths grow; the geometric mean where it depends on the direction. */
    double scale() {
        return Math.sqrt(Math.abs(a * d - b * c));
    }

    Outline apply(Outline outline) {
        if (equals(NONE)) {
            return outline;
        }
        var parts = new ArrayList<Outline.Part>();
        outline.draw(new Outline.Pen() {
            @Override
            public void move(double x, double y) {
                parts.add(new Outline.Move(x(x, y), y(x, y)));
            }

            @Override
            public void line(double x, double y) {
                parts.add(new Outline.Line(x(x, y), y(x, y)));
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                parts.add(new Outline.Curve(x(x1, y1), y(x1, y1), x(x2, y2), y(x2, y2), x(x, y), y(x, y)));
            }

            @Override
            public void close() {
                parts.add(new Outline.Close());
            }
        });
        return new Outline(parts);
    }

    private double x(double x, double y) {
        return a * x + c * y + e;
    }

    private double y(double x, double y) {
        return b * x + d * y + f;
    }
}
