package org.yonderarc.icons;

import java.util.ArrayList;
import java.util.List;
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
 * @param stroke how wide it is stroked, with round caps and joins; no value where it isn't
 */
public record IconShape(Outline outline, boolean filled, boolean evenOdd, OptionalDouble stroke) {
    private static final Pattern ELEMENT = Pattern.compile("<(/?)(\\w+)([^>]*?)/?>");
    private static final Pattern ATTRIBUTE = Pattern.compile("([\\w-]+)=\"([^\"]*)\"");
    private static final Pattern SCALE = Pattern.compile("scale\\(([\\d.]+)\\)");

    /** Reads the shapes of bundled icons. */
    static List<IconShape> of(IconArt art) {
        var out = new ArrayList<IconShape>();
        for (String shape : art.shapes()) {
            double scale = 1;
            Matcher element = ELEMENT.matcher(shape);
            while (element.find()) {
                String attributes = element.group(3);
                if (element.group(2).equals("g")) {
                    Matcher scaled = SCALE.matcher(attributes);
                    scale = scaled.find() ? Double.parseDouble(scaled.group(1)) : 1;
                } else {
                    out.add(of(art, outline(element.group(2), attributes, scale), attributes));
                }
            }
        }
        return List.copyOf(out);
    }

    private static IconShape of(IconArt art, Outline outline, String attributes) {
        boolean isFilled = !art.stroked() || attribute(attributes, "fill").equals("currentColor");
        boolean isStroked = art.stroked() && !attribute(attributes, "stroke").equals("none");
        return new IconShape(
                outline,
                isFilled,
                attribute(attributes, "fill-rule").equals("evenodd"),
                isStroked ? OptionalDouble.of(art.strokeWidth()) : OptionalDouble.empty());
    }

    private static Outline outline(String element, String attributes, double scale) {
        Outline outline =
                switch (element) {
                    case "path" -> new Outline(PathData.parts(attribute(attributes, "d")));
                    case "circle" -> {
                        double r = number(attributes, "r");
                        yield Outline.rounded(
                                new Box(number(attributes, "cx") - r, number(attributes, "cy") - r, 2 * r, 2 * r), r);
                    }
                    case "rect" ->
                        Outline.rounded(
                                new Box(
                                        number(attributes, "x"),
                                        number(attributes, "y"),
                                        number(attributes, "width"),
                                        number(attributes, "height")),
                                number(attributes, "rx"));
                    default -> throw new IllegalArgumentException("an icon has no shape <" + element + ">");
                };
        return scale == 1 ? outline : outline.mapped(x -> x * scale, y -> y * scale);
    }

    private static String attribute(String attributes, String name) {
        Matcher attribute = ATTRIBUTE.matcher(attributes);
        while (attribute.find()) {
            if (attribute.group(1).equals(name)) {
                return attribute.group(2);
            }
        }
        return "";
    }

    private static double number(String attributes, String name) {
        return Decimals.parse(attribute(attributes, name)).orElse(0);
    }
}
