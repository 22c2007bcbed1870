package org.yonderarc.icons;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.InputStream;
import java.net.URL;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamReader;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.plan.IconSet;

/** The shapes of every bundled icon are those that a parser of XML reads. */
class IconReaderTest {
    private static final Set<String> GEOMETRY =
            Set.of("d", "cx", "cy", "r", "x", "y", "width", "height", "rx", "ry", "fill-rule");

    @ParameterizedTest
    @EnumSource(IconSet.class)
    void everyIconIsReadAsXmlIs(IconSet set) throws Exception {
        IconPackage files = IconPackage.of(set);
        int seen = 0;
        for (String name : files.names()) {
            for (boolean filled : new boolean[] {false, true}) {
                URL url = files.file(name, filled);
                if (url != null) {
                    seen++;
                    try (InputStream ours = url.openStream();
                            InputStream theirs = url.openStream()) {
                        var read = new ArrayList<Map<String, String>>();
                        for (String shape : IconReader.shapes(ours)) {
                            read.addAll(shapes(new java.io.ByteArrayInputStream(shape.getBytes())));
                        }
                        assertEquals(shapes(theirs), read, name);
                    }
                }
            }
        }
        assertTrue(seen > 2000, "icons: " + seen);
    }

    /** Each element that is seen, with its geometry. */
    private static List<Map<String, String>> shapes(InputStream in) throws Exception {
        var out = new ArrayList<Map<String, String>>();
        XMLStreamReader xml = XMLInputFactory.newDefaultFactory().createXMLStreamReader(in, "UTF-8");
        while (xml.hasNext()) {
            if (xml.next() == XMLStreamConstants.START_ELEMENT
                    && !List.of("svg", "g").contains(xml.getLocalName())) {
                var shape = new TreeMap<String, String>();
                shape.put("element", xml.getLocalName());
                boolean isHidden = "none".equals(xml.getAttributeValue(null, "fill"))
                        && "none".equals(xml.getAttributeValue(null, "stroke"));
                for (int i = 0; i < xml.getAttributeCount(); i++) {
                    if (GEOMETRY.contains(xml.getAttributeLocalName(i))) {
                        shape.put(xml.getAttributeLocalName(i), xml.getAttributeValue(i));
                    }
                }
                if (!isHidden) {
                    out.add(shape);
                }
            }
        }
        return out;
    }
}
