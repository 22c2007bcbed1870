package org.yonderarc.icons;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.yonderarc.finding.Brief;
import org.yonderarc.tree.Decimals;

/**
 * An icon's SVG from outside, cleaned: only shapes, their geometry and transforms are kept, scaled to the grid. A {@link Builder} makes it from the
 * events of an XML parser, and each host brings a parser of its own.
 *
 * @param shapes its shapes as SVG elements without colours, on a grid of 24 by 24
 * @param stroked whether its shapes are stroked
 * @param strokeWidth the width of its strokes on the grid
 * @param unsafe what was left out because it could run code or load something
 * @param odd what is odd about it
 */
public record SvgIcon(List<String> shapes, boolean stroked, double strokeWidth, List<String> unsafe, List<String> odd) {
    private static final Set<String> SHAPES =
            Set.of("path", "circle", "rect", "line", "polyline", "polygon", "ellipse");
    private static final Set<String> GROUPS = Set.of("svg", "g");
    private static final Set<String> HARMLESS = Set.of("title", "desc", "metadata", "defs");
    private static final Set<String> GEOMETRY =
            Set.of("d", "cx", "cy", "r", "x", "y", "x1", "y1", "x2", "y2", "width", "height", "rx", "ry", "points");
    private static final Set<String> SIZES = Set.of("r", "rx", "ry", "width", "height");
    /** How shapes are painted. Shapes inherit all of it from their groups (SVG 1.1) but opacity, which is multiplied. */
    private static final Set<String> PAINTS = Set.of(
            "fill",
            "stroke",
            "stroke-width",
            "stroke-linecap",
            "stroke-linejoin",
            "fill-rule",
            "opacity",
            "fill-opacity");

    /** Larger numbers are on no grid. */
    private static final double LARGEST = 1e6;

    private static final Set<String> NO_PAINTS = Set.of("none", "transparent");
    private static final double USUAL_WIDTH = 2;
    private static final Set<String> ENDS = Set.of("butt", "square", "miter", "bevel");
    /** More shapes than this are a drawing, not an icon. */
    private static final int MOST_SHAPES = 64;

    public SvgIcon {
        shapes = List.copyOf(shapes);
        unsafe = List.copyOf(unsafe);
        odd = List.copyOf(odd);
    }

    /**
     * A file that can't be used as an icon.
     *
     * @param why the reason, in the words of a message: {@code it is no SVG}
     */
    public static SvgIcon unusable(String why) {
        return new SvgIcon(List.of(), false, 0, List.of(), List.of(why));
    }

    /**
     * An attribute of an element.
     *
     * @param name its name without a prefix
     * @param value its value
     * @param isOwn whether it is in no namespace, as SVG's own attributes are
     */
    public record Attribute(String name, String value, boolean isOwn) {}

    /** Builds an icon from the events of an XML parser, in document order. The parser must not resolve entities from outside the document. */
    public static final class Builder {
        private final Set<String> unsafe = new LinkedHashSet<>();
        private final Set<String> odd = new LinkedHashSet<>();
        private final ArrayDeque<String> transforms = new ArrayDeque<>();
        private final ArrayDeque<Map<String, String>> paints = new ArrayDeque<>();
        private final List<Drawn> drawn = new ArrayList<>();
        private double scale = 1;
        private int skipped;

        /** A builder that no event has reached yet. */
        public Builder() {}

        /** The document has a document type declaration, which could define entities. */
        public void documentType() {
            unsafe.add("a document type with entities");
        }

        /** The icon, after the last event. */
        public SvgIcon build() {
            if (drawn.isEmpty()) {
                odd.add("it draws nothing");
            } else if (drawn.size() > MOST_SHAPES) {
                odd.add("it has " + drawn.size() + " shapes");
            }
            Optional<Drawn> first = drawn.stream().filter(Drawn::isStroked).findFirst();
            double width = first.map(Drawn::width).orElse(USUAL_WIDTH);
            // A shape's width is in the lengths of its own view box; it is only left out where those are the grid's.
            double whole = scale == 1 ? width : Double.NaN;
            return new SvgIcon(
                    drawn.stream()
                            .limit(MOST_SHAPES)
                            .map(one -> one.text(first.isPresent(), whole))
                            .collect(Collectors.toList()),
                    first.isPresent(),
                    width * scale,
                    List.copyOf(unsafe),
                    List.copyOf(odd));
        }

        /**
         * A shape.
         *
         * @param element what it is and where: {@code <path d="..."}
         * @param isFilled whether it is filled
         * @param isStroked whether it is stroked
         * @param width how wide its stroke is in its own lengths
         * @param more its other paint
         */
        private record Drawn(String element, boolean isFilled, boolean isStroked, double width, String more) {
            /**
             * The whole element, for a group that is filled, or stroked so wide and not filled.
             *
             * @param usual the width of the group's strokes in the shape's lengths; not a number where that is not known
             */
            String text(boolean isStrokedGroup, double usual) {
                String paint = "";
                if (isStrokedGroup) {
                    paint += isFilled ? " fill=\"currentColor\"" : "";
                    paint += isStroked ? "" : " stroke=\"none\"";
                    paint += isStroked && width != usual ? " stroke-width=\"" + plain(width) + "\"" : "";
                }
                return element + paint + more + "/>";
            }
        }

        /**
         * A start tag.
         *
         * @param name its name without a prefix
         */
        public void open(String name, List<Attribute> attributes) {
            boolean isKnown = GROUPS.contains(name) || SHAPES.contains(name);
            if (skipped > 0 || !isKnown) {
                if (skipped++ == 0 && !HARMLESS.contains(name)) {
                    unsafe.add("script".equals(name) ? "a script" : "the element " + name);
                }
                return;
            }
            judge(attributes);
            if (transforms.isEmpty()) {
                transforms.push(grid(attributes));
            } else {
                transforms.push(transform(attributes));
            }
            paints.push(paint(attributes));
            if (SHAPES.contains(name)) {
                shape(attributes, name);
            }
        }

        /** An end tag, of the element that was opened last. */
        public void close() {
            if (skipped > 0) {
                skipped--;
            } else {
                transforms.pop();
                paints.pop();
            }
        }

        private void judge(List<Attribute> attributes) {
            for (Attribute one : attributes) {
                String name = one.name();
                String value = one.value();
                if (name.startsWith("on")) {
                    unsafe.add("the event handler " + name);
                } else if (name.equals("href") || value.contains("url(") || value.contains("javascript:")) {
                    unsafe.add("a reference in " + name);
                }
            }
        }

        /** The value of one of SVG's own attributes; empty where there is none. */
        private static String value(List<Attribute> attributes, String name) {
            for (Attribute one : attributes) {
                if (one.isOwn() && one.name().equals(name)) {
                    return one.value().strip();
                }
            }
            return "";
        }

        /** How what stands here is painted: as its attributes say, then its style, else as what it is in. */
        private Map<String, String> paint(List<Attribute> attributes) {
            var out = new HashMap<>(paints.isEmpty() ? Map.of() : paints.getFirst());
            double seen = Double.parseDouble(out.getOrDefault("opacity", "1"));
            var own = new HashMap<String, String>();
            for (String name : PAINTS) {
                String value = value(attributes, name);
                if (!value.isEmpty()) {
                    own.put(name, value);
                }
            }
            for (String one : value(attributes, "style").split(";")) {
                int colon = one.indexOf(':');
                String name = colon < 0 ? "" : one.substring(0, colon).strip();
                if (PAINTS.contains(name)) {
                    own.put(name, one.substring(colon + 1).strip());
                }
            }
            for (String name : List.of("opacity", "fill-opacity")) {
                seen *= number(Objects.requireNonNullElse(own.remove(name), ""))
                        .filter(share -> share >= 0 && share <= 1)
                        .orElse(1.0);
            }
            String wide = own.getOrDefault("stroke-width", "");
            Optional<Double> width = number(wide).filter(any -> any >= 0 && any * scale <= IconArt.GRID);
            if (!wide.isEmpty() && width.isEmpty()) {
                odd.add("a stroke is " + Brief.value(wide) + " wide");
                own.remove("stroke-width");
            } else {
                width.ifPresent(any -> own.put("stroke-width", plain(any)));
            }
            out.putAll(own);
            out.put("opacity", plain(seen));
            return out;
        }

        /** The transform from the icon's own view box to the grid. */
        private String grid(List<Attribute> attributes) {
            double[] box = box(attributes);
            if (box[2] != box[3]) {
                odd.add("it is " + plain(box[2]) + " wide and " + plain(box[3]) + " high");
            }
            double side = Math.max(box[2], box[3]);
            scale = IconArt.GRID / side;
            double x = -box[0] + (side - box[2]) / 2;
            double y = -box[1] + (side - box[3]) / 2;
            return scale == 1 && x == 0 && y == 0
                    ? ""
                    : "scale(" + plain(scale) + ") translate(" + plain(x) + " " + plain(y) + ")";
        }

        private static boolean isSide(double length) {
            return length >= 1 / LARGEST && length <= LARGEST;
        }

        private static double[] box(List<Attribute> attributes) {
            String[] parts = value(attributes, "viewBox").split("[\\s,]+");
            if (parts.length == 4) {
                double[] box = new double[4];
                for (int i = 0; i < 4; i++) {
                    box[i] = number(parts[i]).orElse(0.0);
                }
                if (isSide(box[2]) && isSide(box[3])) {
                    return box;
                }
            }
            double width =
                    number(value(attributes, "width")).filter(Builder::isSide).orElse(IconArt.GRID);
            double height =
                    number(value(attributes, "height")).filter(Builder::isSide).orElse(IconArt.GRID);
            return new double[] {0, 0, width, height};
        }

        private static Optional<Double> number(String text) {
            OptionalDouble number = Decimals.parse(text.replace("px", "").strip());
            return number.isPresent() ? Optional.of(number.getAsDouble()) : Optional.empty();
        }

        private static String plain(double number) {
            // Not shortened: a thousandth counts where the view box is large.
            return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
        }

        private static String transform(List<Attribute> attributes) {
            String own = value(attributes, "transform");
            return SvgGrammar.isTransform(own) ? SvgGrammar.spaced(own) : "";
        }

        /** A path is drawn up to its first fault; a number is one, a size isn't negative, and points come in pairs. */
        private static boolean isSound(String attribute, String value) {
            if (attribute.equals("d")) {
                return SvgGrammar.isPath(value);
            }
            if (attribute.equals("points")) {
                return SvgGrammar.isPoints(value);
            }
            Optional<Double> number = number(value);
            return number.isPresent()
                    && Math.abs(number.get()) <= LARGEST
                    && (number.get() >= 0 || !SIZES.contains(attribute));
        }

        private void shape(List<Attribute> attributes, String name) {
            var out = new StringBuilder("<").append(name);
            var all = new ArrayList<String>();
            transforms.descendingIterator().forEachRemaining(one -> {
                if (!one.isEmpty()) {
                    all.add(one);
                }
            });
            if (!all.isEmpty()) {
                out.append(" transform=\"").append(String.join(" ", all)).append('"');
            }
            for (Attribute one : attributes) {
                // One of another namespace only has the name of a geometry.
                if (one.isOwn() && GEOMETRY.contains(one.name())) {
                    geometry(out, name, one.name(), one.value().strip());
                }
            }
            Map<String, String> paint = paints.getFirst();
            boolean isFilled = !NO_PAINTS.contains(paint.getOrDefault("fill", "black"));
            boolean isStroked = !NO_PAINTS.contains(paint.getOrDefault("stroke", "none"));
            if (isFilled || isStroked) {
                double width = Double.parseDouble(paint.getOrDefault("stroke-width", plain(USUAL_WIDTH)));
                drawn.add(new Drawn(out.toString(), isFilled, isStroked, width, more(paint, isStroked)));
            }
        }

        private void geometry(StringBuilder out, String element, String name, String value) {
            if (isSound(name, value)) {
                out.append(' ').append(name).append("=\"").append(value).append('"');
            } else {
                odd.add(name + " of a " + element + " is \"" + Brief.value(value) + "\"");
            }
        }

        private static String more(Map<String, String> paint, boolean isStroked) {
            var out = new StringBuilder();
            if (paint.getOrDefault("fill-rule", "").equals("evenodd")) {
                out.append(" fill-rule=\"evenodd\"");
            }
            if (!paint.getOrDefault("opacity", "1").equals("1")) {
                out.append(" opacity=\"").append(paint.get("opacity")).append('"');
            }
            // Ends and corners are round where a file says nothing of them.
            for (String end : List.of("stroke-linecap", "stroke-linejoin")) {
                String how = paint.getOrDefault(end, "");
                if (isStroked && ENDS.contains(how)) {
                    out.append(' ').append(end).append("=\"").append(how).append('"');
                }
            }
            return out.toString();
        }
    }
}
