package org.yonderarc.draw;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.yonderarc.icons.Icons;
import org.yonderarc.icons.PlanIcons;
import org.yonderarc.icons.SvgIcon;

/** Reads a plan's own icons from the folder {@code icons} beside it. */
public final class IconFolder {
    private IconFolder() {}

    /** The icons of the folder {@code icons} beside the plan file, over {@code others}. */
    public static Icons beside(Path plan, Icons others) {
        Path folder = plan.toAbsolutePath().resolveSibling("icons");
        if (!Files.isDirectory(folder)) {
            return others;
        }
        Map<String, SvgIcon> own = new TreeMap<>();
        try (Stream<Path> files = Files.list(folder)) {
            Path real = folder.toRealPath();
            files.filter(file -> PlanIcons.isFile(file.getFileName().toString()))
                    .sorted()
                    .limit(PlanIcons.MOST)
                    .forEach(file -> read(file, real)
                            .ifPresent(icon -> own.put(file.getFileName().toString(), icon)));
        } catch (IOException unreadable) {
            return others;
        }
        return PlanIcons.of(own, others);
    }

    /** An icon; a link that leads out of the folder is none. */
    private static Optional<SvgIcon> read(Path file, Path folder) {
        try {
            Path real = file.toRealPath();
            if (!real.startsWith(folder) || !Files.isRegularFile(real)) {
                return Optional.empty();
            }
            long size = Files.size(real);
            if (size > PlanIcons.LARGEST) {
                return Optional.of(SvgIcon.unusable("its file has " + (size >> 10) + " KiB"));
            }
            try (InputStream in = Files.newInputStream(real)) {
                return Optional.of(read(in));
            }
        } catch (IOException broken) {
            return Optional.of(SvgIcon.unusable("it is no SVG"));
        }
    }

    static SvgIcon read(InputStream in) throws IOException {
        var factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        var icon = new SvgIcon.Builder();
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(in);
            while (xml.hasNext()) {
                switch (xml.next()) {
                    case XMLStreamConstants.DTD -> icon.documentType();
                    case XMLStreamConstants.START_ELEMENT -> icon.open(xml.getLocalName(), attributes(xml));
                    case XMLStreamConstants.END_ELEMENT -> icon.close();
                    default -> {}
                }
            }
        } catch (XMLStreamException wrong) {
            throw new IOException("no SVG: " + wrong.getMessage(), wrong);
        }
        return icon.build();
    }

    private static List<SvgIcon.Attribute> attributes(XMLStreamReader xml) {
        var out = new ArrayList<SvgIcon.Attribute>();
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            String namespace = xml.getAttributeNamespace(i);
            out.add(new SvgIcon.Attribute(
                    xml.getAttributeLocalName(i), xml.getAttributeValue(i), namespace == null || namespace.isEmpty()));
        }
        return out;
    }
}
