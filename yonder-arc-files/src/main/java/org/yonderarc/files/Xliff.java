package org.yonderarc.files;

import java.io.IOException;
import java.io.StringReader;
import java.util.HashMap;
import java.util.Map;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Reads the translations of an XLIFF file: version 1.2 ({@code trans-unit}) and version 2 ({@code unit}). */
final class Xliff {
    private Xliff() {}

    /**
     * The targets by the unit's {@code resname} or {@code name}, else its {@code id}.
     *
     * @throws IOException if it is no XML
     */
    static Map<String, String> read(String text) throws IOException {
        var factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        var texts = new HashMap<String, String>();
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new StringReader(text));
            String unit = "";
            StringBuilder target = null;
            while (xml.hasNext()) {
                int event = xml.next();
                String name = xml.hasName() ? xml.getLocalName() : "";
                if (event == XMLStreamConstants.START_ELEMENT && (name.equals("trans-unit") || name.equals("unit"))) {
                    unit = key(xml);
                } else if (event == XMLStreamConstants.START_ELEMENT && name.equals("target")) {
                    target = new StringBuilder();
                } else if (event == XMLStreamConstants.CHARACTERS && target != null) {
                    target.append(xml.getText());
                } else if (event == XMLStreamConstants.END_ELEMENT && name.equals("target") && target != null) {
                    texts.merge(unit, target.toString(), String::concat);
                    target = null;
                }
            }
        } catch (XMLStreamException wrong) {
            throw new IOException("this is no XLIFF: " + wrong.getMessage(), wrong);
        }
        return texts;
    }

    private static String key(XMLStreamReader xml) {
        for (String attribute : new String[] {"resname", "name", "id"}) {
            String value = xml.getAttributeValue(null, attribute);
            if (value != null) {
                return value;
            }
        }
        return "";
    }
}
