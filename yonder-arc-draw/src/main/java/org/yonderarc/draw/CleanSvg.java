package org.yonderarc.draw;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.yonderarc.icons.SvgGrammar;
import org.yonderarc.tree.Markup;

/**
 * An SVG (1.1) from outside with only what draws: shapes, groups, gradients and clips, their geometry and their colours.
 * Scripts, styles, texts, filters, pictures within pictures, references to anything but its own gradients and clips, and
 * whatever else is not named here, are left out.
 */
final class CleanSvg {
    /** More elements than this are no logo. */
    private static final int MOST_ELEMENTS = 5000;
    /** More bytes are no logo. */
    private static final int MOST_BYTES = 1 << 20;
    /** Deeper nesting says nothing. */
    private static final int DEEPEST = 40;

    private static final Set<String> ELEMENTS = Set.of(
            "svg",
            "g",
            "defs",
            "path",
            "circle",
            "rect",
            "line",
            "polyline",
            "polygon",
            "ellipse",
            "linearGradient",
            "radialGradient",
            "stop",
            "clipPath",
            "title",
            "desc");
    private static final Set<String> ATTRIBUTES = Set.of(
            "id",
            "viewBox",
            "preserveAspectRatio",
            "width",
            "height",
            "d",
            "cx",
            "cy",
            "r",
            "x",
            "y",
            "x1",
            "y1",
            "x2",
            "y2",
            "rx",
            "ry",
            "fx",
            "fy",
            "points",
            "transform",
            "gradientTransform",
            "gradientUnits",
            "spreadMethod",
            "clipPathUnits",
            "offset");
    /** What draws nothing: that it is left out needs no words. */
    private static final Set<String> SILENT = Set.of("metadata", "namedview", "script", "desc", "title");

    /** Those that a style attribute may say as well. */
    private static final Set<String> LOOKS = Set.of(
            "fill",
            "stroke",
            "stroke-width",
            "stroke-linecap",
            "stroke-linejoin",
            "stroke-miterlimit",
            "fill-rule",
            "clip-rule",
            "clip-path",
            "opacity",
            "fill-opacity",
            "stroke-opacity",
            "stop-color",
            "stop-opacity",
            "display",
            "visibility",
            "color");

    private static final Pattern PLAIN = Pattern.compile("[A-Za-z0-9(),.+#%\\-_\\s]*");
    private static final Pattern LOCAL = Pattern.compile("url\\(\\s*[\"']?(#[A-Za-z][A-Za-z0-9_.-]*)[\"']?\\s*\\)");
    private static final Pattern NUMBER = Pattern.compile("[0-9]+(?:\\.[0-9]+)?(?:[eE][+-]?[0-9]+)?");

    private final StringBuilder out = new StringBuilder();
    private int elements;
    private int depth;
    private int skipped;
    /** How deep we are in clips: one that is clipped itself could name itself, or grow without end. */
    private int clips;

    private final Set<String> leftOut = new TreeSet<>();

    private CleanSvg() {}

    /**
     * A clean document.
     *
     * @param text the document
     * @param leftOut the names of the elements that were left out though they draw, in alphabetical order
     */
    record Clean(String text, Set<String> leftOut) {}

    /**
     * The clean document.
     *
     * @throws IOException with the reason in the words of a message, if it is none, or draws nothing
     */
    static Clean of(byte[] bytes) throws IOException {
        if (bytes.length > MOST_BYTES) {
            throw new IOException("an SVG has at most " + (MOST_BYTES >> 10) + " KiB");
        }
        if (bytes.length > 1 && (bytes[0] & 0xFF) == 0x1F && (bytes[1] & 0xFF) == 0x8B) {
            throw new IOException("it is compressed; keep the SVG itself");
        }
        var factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            var run = new CleanSvg();
            run.read(factory.createXMLStreamReader(new ByteArrayInputStream(bytes)));
            return new Clean(run.out.toString(), Collections.unmodifiableSet(run.leftOut));
        } catch (XMLStreamException wrong) {
            throw new IOException("it is no SVG", wrong);
        }
    }

    private void read(XMLStreamReader xml) throws XMLStreamException, IOException {
        while (xml.hasNext()) {
            switch (xml.next()) {
                case XMLStreamConstants.START_ELEMENT -> start(xml);
                case XMLStreamConstants.END_ELEMENT -> end(xml);
                default -> {}
            }
        }
        if (elements < 2) {
            throw new IOException("it draws nothing");
        }
    }

    private void start(XMLStreamReader xml) throws IOException {
        String name = xml.getLocalName();
        if (depth == 0 && !name.equals("svg")) {
            throw new IOException("it is no SVG");
        }
        boolean isKnown = ELEMENTS.contains(name) && (depth == 0 || !name.equals("svg"));
        if (skipped > 0 || !isKnown) {
            if (skipped++ == 0 && !SILENT.contains(name)) {
                leftOut.add(name);
            }
            return;
        }
        clips += name.equals("clipPath") ? 1 : 0;
        if (++elements > MOST_ELEMENTS || ++depth > DEEPEST) {
            throw new IOException("it has too many parts for a picture of an app");
        }
        out.append('<').append(name);
        if (depth == 1) {
            out.append(" xmlns=\"http://www.w3.org/2000/svg\"");
        }
        Map<String, String> attributes = attributes(xml);
        if (clips > 0) {
            attributes.remove("clip-path");
        }
        for (Map.Entry<String, String> attribute : attributes.entrySet()) {
            out.append(' ')
                    .append(attribute.getKey())
                    .append("=\"")
                    .append(Markup.escape(attribute.getValue()))
                    .append('"');
        }
        out.append('>');
        if (depth == 1) {
            sized(xml);
        }
    }

    /** Its size can't be nothing, nor so large that drawing it takes forever. */
    private static void sized(XMLStreamReader xml) throws IOException {
        String view = xml.getAttributeValue(null, "viewBox");
        var sides = new ArrayList<String>();
        if (view != null) {
            List<String> parts = List.of(view.strip().split("[\\s,]+"));
            if (parts.size() != 4) {
                throw new IOException("its viewBox is not four numbers");
            }
            sides.addAll(parts.subList(2, 4));
        }
        for (String side : List.of("width", "height")) {
            String length = xml.getAttributeValue(null, side);
            if (length != null && !length.strip().endsWith("%")) {
                sides.add(length.strip().replaceAll("[a-z]*$", ""));
            }
        }
        for (String side : sides) {
            double length = NUMBER.matcher(side).matches() ? Double.parseDouble(side) : 0;
            if (!(length > 0 && length <= 100_000)) {
                throw new IOException("it is \"" + side + "\" wide or high");
            }
        }
    }

    private static Map<String, String> attributes(XMLStreamReader xml) {
        var kept = new TreeMap<String, String>();
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String space = xml.getAttributeNamespace(i);
            String name = xml.getAttributeLocalName(i);
            String value = xml.getAttributeValue(i).strip();
            boolean isOwn = space == null || space.isEmpty();
            if (isOwn && name.equals("style")) {
                for (String declaration : value.split(";")) {
                    int colon = declaration.indexOf(':');
                    if (colon > 0) {
                        look(
                                kept,
                                declaration.substring(0, colon).strip(),
                                declaration.substring(colon + 1).strip());
                    }
                }
            } else if (isOwn && ATTRIBUTES.contains(name) && isSound(name, value)) {
                kept.put(name, name.endsWith("ransform") ? SvgGrammar.spaced(value) : value);
            } else if (isOwn) {
                look(kept, name, value);
            }
        }
        return kept;
    }

    private static boolean isSound(String name, String value) {
        return switch (name) {
            case "d" -> SvgGrammar.isPath(value);
            case "transform", "gradientTransform" -> SvgGrammar.isTransform(value);
            default -> PLAIN.matcher(value).matches();
        };
    }

    private static void look(Map<String, String> kept, String name, String value) {
        if (!LOOKS.contains(name.toLowerCase(Locale.ROOT))) {
            return;
        }
        var local = LOCAL.matcher(value);
        if (local.matches()) {
            kept.put(name, "url(" + local.group(1) + ")");
        } else if (PLAIN.matcher(value).matches()
                && !value.toLowerCase(Locale.ROOT).contains("url")) {
            kept.put(name, value);
        }
    }

    private void end(XMLStreamReader xml) {
        if (skipped > 0) {
            skipped--;
            return;
        }
        depth--;
        clips -= xml.getLocalName().equals("clipPath") ? 1 : 0;
        out.append("</").append(xml.getLocalName()).append('>');
    }
}
