package org.yonderarc.draw;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.finding.Brief;
import org.yonderarc.icons.IconArt;
import org.yonderarc.tree.Decimals;

/**
 * An icon's SVG from outside, cleaned: only shapes, their geometry and transforms are kept, scaled to the grid.
 *
 * @param shapes its shapes as SVG elements without colours, on a grid of 24 by 24
 * @param stroked whether its shapes are stroked
 * @param strokeWidth the width of its strokes on the grid
 * @param unsafe what was left out because it could run code or load something
 * @param odd what is odd about it
 */
@NullUnmarked // null says that there is none, within this file and those that ask it
record CleanIcon(List<String> shapes, boolean stroked, double strokeWidth, List<String> unsafe, List<String> odd) {
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

    CleanIcon {
        shapes = List.copyOf(shapes);
        unsafe = List.copyOf(unsafe);
        odd = List.copyOf(odd);
    }

    static CleanIcon unusable(String why) {
        return new CleanIcon(List.of(), false, 0, List.of(), List.of(why));
    }

    static CleanIcon read(InputStream in) throws IOException {
        var factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            return new Run().read(factory.createXMLStreamReader(in));
        } catch (XMLStreamException wrong) {
            throw new IOException("no SVG: " + wrong.getMessage(), wrong);
        }
    }

    /** One reading. */
    private static final class Run {
        private final Set<String> unsafe = new LinkedHashSet<>();
        private final Set<String> odd = new LinkedHashSet<>();
        private final ArrayDeque<String> transforms = new ArrayDeque<>();
        private final ArrayDeque<Map<String, String>> paints = new ArrayDeque<>();
        private final List<Drawn> drawn = new ArrayList<>();
        private double scale = 1;
        private int skipped;

        CleanIcon read(XMLStreamReader xml) throws XMLStreamException {
            while (xml.hasNext()) {
                switch (xml.next()) {
                    case XMLStreamConstants.DTD -> unsafe.add("a document type with entities");
                    case XMLStreamConstants.START_ELEMENT -> start(xml);
                    case XMLStreamConstants.END_ELEMENT -> end(xml);
                    default -> {}
                }
            }
            if (drawn.isEmpty()) {
                odd.add("it draws nothing");
            } else if (drawn.size() > MOST_SHAPES) {
                odd.add("it has " + drawn.size() + " shapes");
            }
            Optional<Drawn> first = drawn.stream().filter(Drawn::isStroked).findFirst();
            double width = first.map(Drawn::width).orElse(USUAL_WIDTH);
            // A shape's width is in the lengths of its own view box; it is only left out where those are the grid's.
            double whole = scale == 1 ? width : Double.NaN;
            return new CleanIcon(
                    drawn.stream()
                            .limit(MOST_SHAPES)
                            .map(one -> one.text(first.isPresent(), whole))
                            .toList(),
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

        private void start(XMLStreamReader xml) {
            String name = xml.getLocalName();
            boolean isKnown = GROUPS.contains(name) || SHAPES.contains(name);
            if (skipped > 0 || !isKnown) {
                if (skipped++ == 0 && !HARMLESS.contains(name)) {
                    unsafe.add("script".equals(name) ? "a script" : "the element " + name);
                }
                return;
            }
            attributes(xml);
            if (transforms.isEmpty()) {
                transforms.push(grid(xml));
            } else {
                transforms.push(transform(xml));
            }
            paints.push(paint(xml));
            if (SHAPES.contains(name)) {
                shape(xml, name);
            }
        }

        private void end(XMLStreamReader xml) {
            if (skipped > 0) {
                skipped--;
            } else {
                transforms.pop();
                paints.pop();
            }
        }

        private void attributes(XMLStreamReader xml) {
            for (int i = 0; i < xml.getAttributeCount(); i++) {
                String name = xml.getAttributeLocalName(i);
                String value = xml.getAttributeValue(i);
                if (name.startsWith("on")) {
                    unsafe.add("the event handler " + name);
                } else if (name.equals("href") || value.contains("url(") || value.contains("javascript:")) {
                    unsafe.add("a reference in " + name);
                }
            }
        }

        /** How what stands here is painted: as its attributes say, then its style, else as what it is in. */
        private Map<String, String> paint(XMLStreamReader xml) {
            var out = new HashMap<>(paints.isEmpty() ? Map.<String, String>of() : paints.peek());
            double seen = Double.parseDouble(out.getOrDefault("opacity", "1"));
            var own = new HashMap<String, String>();
            for (String name : PAINTS) {
                Optional.ofNullable(xml.getAttributeValue(null, name)).ifPresent(value -> own.put(name, value.strip()));
            }
            String style = xml.getAttributeValue(null, "style");
            for (String one : style == null ? new String[0] : style.split(";")) {
                int colon = one.indexOf(':');
                String name = colon < 0 ? "" : one.substring(0, colon).strip();
                if (PAINTS.contains(name)) {
                    own.put(name, one.substring(colon + 1).strip());
                }
            }
            for (String name : List.of("opacity", "fill-opacity")) {
                seen *= number(own.remove(name))
                        .filter(share -> share >= 0 && share <= 1)
                        .orElse(1.0);
            }
            String wide = own.get("stroke-width");
            Optional<Double> width = number(wide).filter(any -> any >= 0 && any * scale <= IconArt.GRID);
            if (wide != null && width.isEmpty()) {
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
        private String grid(XMLStreamReader xml) {
            double[] box = box(xml);
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

        private static double[] box(XMLStreamReader xml) {
            String view = xml.getAttributeValue(null, "viewBox");
            if (view != null) {
                String[] parts = view.strip().split("[\\s,]+");
                if (parts.length == 4) {
                    double[] box = new double[4];
                    for (int i = 0; i < 4; i++) {
                        box[i] = number(parts[i]).orElse(0.0);
                    }
                    if (isSide(box[2]) && isSide(box[3])) {
                        return box;
                    }
                }
            }
            double width = number(xml.getAttributeValue(null, "width"))
                    .filter(Run::isSide)
                    .orElse(IconArt.GRID);
            double height = number(xml.getAttributeValue(null, "height"))
                    .filter(Run::isSide)
                    .orElse(IconArt.GRID);
            return new double[] {0, 0, width, height};
        }

        private static Optional<Double> number(String text) {
            OptionalDouble number = text == null
                    ? OptionalDouble.empty()
                    : Decimals.parse(text.replace("px", "").strip());
            return number.isPresent() ? Optional.of(number.getAsDouble()) : Optional.empty();
        }

        private static String plain(double number) {
            // Not shortened: a thousandth counts where the view box is large.
            return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
        }

        private static String transform(XMLStreamReader xml) {
            String own = xml.getAttributeValue(null, "transform");
            return own != null && SvgGrammar.isTransform(own) ? SvgGrammar.spaced(own) : "";
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

        private void shape(XMLStreamReader xml, String name) {
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
            for (int i = 0; i < xml.getAttributeCount(); i++) {
                String attribute = xml.getAttributeLocalName(i);
                String value = xml.getAttributeValue(i).strip();
                // One of another namespace only has the name of a geometry.
                boolean isOwn = xml.getAttributeNamespace(i) == null
                        || xml.getAttributeNamespace(i).isEmpty();
                if (isOwn && GEOMETRY.contains(attribute) && !isSound(attribute, value)) {
                    odd.add(attribute + " of a " + name + " is \"" + Brief.value(value) + "\"");
                } else if (isOwn && GEOMETRY.contains(attribute)) {
                    out.append(' ')
                            .append(attribute)
                            .append("=\"")
                            .append(value)
                            .append('"');
                }
            }
            Map<String, String> paint = paints.peek();
            boolean isFilled = !NO_PAINTS.contains(paint.getOrDefault("fill", "black"));
            boolean isStroked = !NO_PAINTS.contains(paint.getOrDefault("stroke", "none"));
            if (isFilled || isStroked) {
                double width = Double.parseDouble(paint.getOrDefault("stroke-width", plain(USUAL_WIDTH)));
                drawn.add(new Drawn(out.toString(), isFilled, isStroked, width, more(paint, isStroked)));
            }
        }

        private static String more(Map<String, String> paint, boolean isStroked) {
            var out = new StringBuilder();
            if (paint.getOrDefault("fill-rule", "").equals("evenodd")) {
                out.append(" fill-rule=\"evenodd\"");
            }
            if (!paint.get("opacity").equals("1")) {
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
