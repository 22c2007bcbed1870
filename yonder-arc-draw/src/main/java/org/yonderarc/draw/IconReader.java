package org.yonderarc.draw;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.yonderarc.tree.Markup;

/** Reads the shapes of an icon's SVG, and nothing else: no styles, scripts, links, entities or foreign elements. */
final class IconReader {
    private static final Set<String> SHAPES = Set.of("path", "circle", "rect");
    /** The geometry of these shapes, and nothing that could name another resource. */
    private static final Set<String> GEOMETRY =
            Set.of("d", "cx", "cy", "r", "x", "y", "width", "height", "rx", "ry", "fill-rule");

    private IconReader() {}

    static List<String> shapes(InputStream in) throws IOException {
        var factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(in, "UTF-8");
            var shapes = new ArrayList<String>();
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamConstants.START_ELEMENT
                        && SHAPES.contains(xml.getLocalName())
                        && isSeen(xml)) {
                    shapes.add(shape(xml));
                }
            }
            return shapes;
        } catch (XMLStreamException wrong) {
            throw new IOException("no SVG: " + wrong.getMessage(), wrong);
        }
    }

    /** The set's icons start with an invisible square that only fixes the size. */
    private static boolean isSeen(XMLStreamReader xml) {
        return !("none".equals(xml.getAttributeValue(null, "fill"))
                && "none".equals(xml.getAttributeValue(null, "stroke")));
    }

    private static String shape(XMLStreamReader xml) {
        var out = new StringBuilder("<").append(xml.getLocalName());
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String name = xml.getAttributeLocalName(i);
            if (GEOMETRY.contains(name)) {
                out.append(' ')
                        .append(name)
                        .append("=\"")
                        .append(Markup.escape(xml.getAttributeValue(i)))
                        .append('"');
            }
        }
        return out.append("/>").toString();
    }
}
