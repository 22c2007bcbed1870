package org.yonderarc.android;

import android.content.res.AssetManager;
import android.util.Xml;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.xmlpull.v1.XmlPullParser;
import org.xmlpull.v1.XmlPullParserException;
import org.yonderarc.icons.Icons;
import org.yonderarc.icons.PlanIcons;
import org.yonderarc.icons.SvgIcon;

/** Reads icons from a folder of an app's assets, by the system's own reader of XML. */
final class AssetIcons {
    private AssetIcons() {}

    static Icons in(AssetManager assets, String folder, Icons others) {
        Map<String, SvgIcon> own = new TreeMap<>();
        try {
            String[] files = assets.list(folder);
            for (String file : files == null ? new String[0] : files) {
                if (PlanIcons.isFile(file) && own.size() < PlanIcons.MOST) {
                    own.put(file, read(assets, folder + "/" + file));
                }
            }
        } catch (IOException unreadable) {
            return others;
        }
        return PlanIcons.of(own, others);
    }

    private static SvgIcon read(AssetManager assets, String path) {
        try (InputStream in = assets.open(path)) {
            byte[] bytes = bytes(in);
            return bytes.length > PlanIcons.LARGEST
                    ? SvgIcon.unusable("its file has more than " + (PlanIcons.LARGEST >> 10) + " KiB")
                    : read(bytes);
        } catch (IOException | XmlPullParserException broken) {
            return SvgIcon.unusable("it is no SVG");
        }
    }

    /** What a stream has, up to a little more than an icon may have. */
    private static byte[] bytes(InputStream in) throws IOException {
        var out = new ByteArrayOutputStream();
        var some = new byte[8192];
        for (int count = in.read(some); count >= 0 && out.size() <= PlanIcons.LARGEST; count = in.read(some)) {
            out.write(some, 0, count);
        }
        return out.toByteArray();
    }

    private static SvgIcon read(byte[] bytes) throws IOException, XmlPullParserException {
        XmlPullParser xml = Xml.newPullParser();
        xml.setInput(new ByteArrayInputStream(bytes), null);
        var icon = new SvgIcon.Builder();
        for (int event = xml.nextToken(); event != XmlPullParser.END_DOCUMENT; event = xml.nextToken()) {
            switch (event) {
                case XmlPullParser.DOCDECL -> icon.documentType();
                case XmlPullParser.START_TAG -> icon.open(xml.getName(), attributes(xml));
                case XmlPullParser.END_TAG -> icon.close();
                default -> {}
            }
        }
        return icon.build();
    }

    private static List<SvgIcon.Attribute> attributes(XmlPullParser xml) {
        var out = new ArrayList<SvgIcon.Attribute>();
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            out.add(new SvgIcon.Attribute(
                    xml.getAttributeName(i),
                    xml.getAttributeValue(i),
                    xml.getAttributeNamespace(i).isEmpty()));
        }
        return out;
    }
}
