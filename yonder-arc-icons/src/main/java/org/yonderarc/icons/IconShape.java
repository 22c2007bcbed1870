package org.yonderarc.icons;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.tree.Decimals;

/**
 * One shape of an icon as an outline, on the icon's grid: for hosts that draw and read no SVG.
 *
 * @param outline its outline
 * @param filled whether it is filled
 * @param evenOdd whether what is inside is told by SVG's rule {@code evenodd}, and not by {@code nonzero}
 * @param stroke how it is stroked; no value where it isn't
 * @param opacity how much of it is seen, from 0 to 1
 */
public record IconShape(Outline outline, boolean filled, boolean evenOdd, Optional<Stroke> stroke, double opacity) {
    private static final Pattern ELEMENT = Pattern.compile("<(/?)(\\w+)([^>]*?)/?>");
    private static final Pattern ATTRIBUTE = Pattern.compile("([\\w-]+)=\"([^\"]*)\"");

    /** How lines end. */
    public enum Cap {
        /** In a half circle. */
        ROUND,
        /** Where the line ends. */
        BUTT,
        /** Half a stroke's width further. */
        SQUARE
    }

    /** How lines meet. */
    public enum Join {
        /** In a part of a circle. */
        ROUND,
        /** In a corner. */
        MITER,
        /** In a corner that is cut off. */
        BEVEL
    }

    /**
     * A stroke.
     *
     * @param width its width on the grid; an average where a transform stretches the two directions differently
     */
    public record Stroke(double width, Cap cap, Join join) {}

    /** Reads the shapes of icons. */
    static List<IconShape> of(IconArt art) {
        var out = new ArrayList<IconShape>();
        for (String shape : art.shapes()) {
            SvgTransform group = SvgTransform.NONE;
            Matcher element = ELEMENT.matcher(shape);
            while (element.find()) {
                Map<String, String> attributes = attributes(Objects.requireNonNull(element.group(3)));
                SvgTransform own = SvgTransform.of(attributes.getOrDefault("transform", ""));
                String name = Objects.requireNonNull(element.group(2));
                if (name.equals("g")) {
                    group = own;
                } else {
                    out.add(of(art, name, attributes, group.after(own)));
                }
            }
        }
        return List.copyOf(out);
    }

    private static Map<String, String> attributes(String text) {
        var out = new HashMap<String, String>();
        for (Matcher one = ATTRIBUTE.matcher(text); one.find(); ) {
            out.put(Objects.requireNonNull(one.group(1)), Objects.requireNonNull(one.group(2)));
        }
        return out;
    }

    private static IconShape of(IconArt art, String element, Map<String, String> attributes, SvgTransform transform) {
        boolean isFilled = !art.stroked() || is(attributes, "fill", "currentColor");
        boolean isStroked = art.stroked() && !is(attributes, "stroke", "none");
        double width = number(attributes, "stroke-width").orElse(art.strokeWidth()) * transform.scale();
        Cap cap = is(attributes, "stroke-linecap", "butt")
                ? Cap.BUTT
                : is(attributes, "stroke-linecap", "square") ? Cap.SQUARE : Cap.ROUND;
        Join join = is(attributes, "stroke-linejoin", "miter")
                ? Join.MITER
                : is(attributes, "stroke-linejoin", "bevel") ? Join.BEVEL : Join.ROUND;
        return new IconShape(
                transform.apply(outline(element, attributes)),
                isFilled,
                is(attributes, "fill-rule", "evenodd"),
                isStroked ? Optional.of(new Stroke(width, cap, join)) : Optional.empty(),
                number(attributes, "opacity").orElse(1));
    }

    private static Outline outline(String element, Map<String, String> attributes) {
        return switch (element) {
            case "path" -> new Outline(PathData.parts(attributes.getOrDefault("d", "")));
            case "circle" -> ellipse(attributes, length(attributes, "r"), length(attributes, "r"));
            case "ellipse" -> ellipse(attributes, length(attributes, "rx"), length(attributes, "ry"));
            case "rect" -> rect(attributes);
            case "line" ->
                new Outline(List.of(
                        new Outline.Move(length(attributes, "x1"), length(attributes, "y1")),
                        new Outline.Line(length(attributes, "x2"), length(attributes, "y2"))));
            case "polyline" -> points(attributes, false);
            case "polygon" -> points(attributes, true);
            default -> throw new IllegalArgumentException("an icon has no shape <" + element + ">");
        };
    }

    private static Outline ellipse(Map<String, String> attributes, double rx, double ry) {
        double x = length(attributes, "cx");
        double y = length(attributes, "cy");
        return rx <= 0 || ry <= 0
                ? new Outline(List.of())
                : Outline.rounded(new Box(-1, -1, 2, 2), 1).mapped(one -> x + rx * one, one -> y + ry * one);
    }

    /** As section 9.2 says: a radius that isn't told is the other one, and none is more than half of its side. */
    private static Outline rect(Map<String, String> attributes) {
        double x = length(attributes, "x");
        double y = length(attributes, "y");
        double width = length(attributes, "width");
        double height = length(attributes, "height");
        if (width <= 0 || height <= 0) {
            return new Outline(List.of());
        }
        OptionalDouble across = number(attributes, "rx");
        OptionalDouble down = number(attributes, "ry");
        double rx = Math.min(width / 2, across.orElse(down.orElse(0)));
        double ry = Math.min(height / 2, down.orElse(across.orElse(0)));
        if (rx <= 0 || ry <= 0) {
            return Outline.rounded(new Box(x, y, width, height), 0);
        }
        // With corners as round as they are wide, then stretched.
        double stretch = ry / rx;
        return Outline.rounded(new Box(0, 0, width, height / stretch), rx)
                .mapped(one -> x + one, one -> y + stretch * one);
    }

    private static Outline points(Map<String, String> attributes, boolean closes) {
        List<Double> numbers = SvgGrammar.numbers(attributes.getOrDefault("points", ""));
        var parts = new ArrayList<Outline.Part>();
        for (int i = 0; i + 1 < numbers.size(); i += 2) {
            double x = numbers.get(i);
            double y = numbers.get(i + 1);
            parts.add(i == 0 ? new Outline.Move(x, y) : new Outline.Line(x, y));
        }
        if (closes && !parts.isEmpty()) {
            parts.add(new Outline.Close());
        }
        return new Outline(parts);
    }

    private static boolean is(Map<String, String> attributes, String name, String value) {
        return value.equals(attributes.get(name));
    }

    private static double length(Map<String, String> attributes, String name) {
        return number(attributes, name).orElse(0);
    }

    private static OptionalDouble number(Map<String, String> attributes, String name) {
        String value = attributes.get(name);
        return value == null ? OptionalDouble.empty() : Decimals.parse(value.replace("px", ""));
    }
}
