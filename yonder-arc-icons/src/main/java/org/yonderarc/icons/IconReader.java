package org.yonderarc.icons;

import static java.util.stream.Collectors.joining;

import java.io.BufferedReader;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the shapes of a bundled icon, whose files are known when the library is built: no entity, comment or style is in one. A test
 * compares each with what a parser of XML reads.
 */
final class IconReader {
    private static final Pattern SHAPE = Pattern.compile("<(path|circle|rect)\\b([^>]*?)/?>");
    /** The geometry of these shapes, and what makes one invisible. */
    private static final Pattern ATTRIBUTE =
            Pattern.compile("(?<![\\w-])(d|cx|cy|r|x|y|width|height|rx|ry|fill-rule|fill|stroke)=\"([^\"]*)\"");

    private IconReader() {}

    /** All of a stream's text. */
    static String text(InputStream in) {
        // Older Androids have no method that reads all bytes.
        return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
                .lines()
                .collect(joining("\n"));
    }

    static List<String> shapes(InputStream in) {
        Matcher shape = SHAPE.matcher(text(in));
        var shapes = new ArrayList<String>();
        while (shape.find()) {
            var out = new StringBuilder("<").append(shape.group(1));
            int hidden = 0;
            Matcher attribute = ATTRIBUTE.matcher(shape.group(2));
            while (attribute.find()) {
                boolean isPaint =
                        attribute.group(1).equals("fill") || attribute.group(1).equals("stroke");
                if (isPaint && attribute.group(2).equals("none")) {
                    hidden++;
                } else if (!attribute.group(1).equals("stroke")) {
                    // A dot among strokes is filled.
                    out.append(' ').append(attribute.group());
                }
            }
            // The set's icons start with an invisible square that only fixes the size.
            if (hidden < 2) {
                shapes.add(out.append("/>").toString());
            }
        }
        return shapes;
    }
}
