package org.yonderarc.fonts;

import static java.util.stream.Collectors.joining;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.yonderarc.layout.Type;

/** The files of the fonts that come with the library, for every weight of text. */
public final class BundledFonts {
    /** Not beside the class, whose name a shrinker may change. */
    private static final String FOLDER = "/org/yonderarc/fonts/";

    private BundledFonts() {}

    /** The font that texts are set in: an OpenType file. The caller closes the stream. */
    public static InputStream open(Type.Weight weight) {
        return resource("inter/" + name(weight) + ".otf");
    }

    /** The font for letters that the other lacks, such as Arabic, Hebrew, Greek and Cyrillic: a TrueType file. The caller closes the stream. */
    public static InputStream openFallback(Type.Weight weight) {
        return resource("dejavu/DejaVuSans" + (weight == Type.Weight.SEMIBOLD ? "-Bold" : "") + ".ttf");
    }

    /** The PostScript name of the font of a weight. */
    public static String name(Type.Weight weight) {
        return switch (weight) {
            case REGULAR -> "Inter-Regular";
            case SEMIBOLD -> "Inter-SemiBold";
        };
    }

    /** The text of the licence of the font: the SIL Open Font License 1.1. */
    public static String licence() {
        return text("inter/LICENSE.txt");
    }

    /** The text of the licence of the font for letters that the other lacks: free, as that of Bitstream Vera. */
    public static String fallbackLicence() {
        return text("dejavu/LICENSE.txt");
    }

    private static String text(String path) {
        try (InputStream in = resource(path)) {
            // Older Androids have no method that reads all bytes.
            return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
                    .lines()
                    .collect(joining("\n"))
                    .strip();
        } catch (IOException failed) {
            throw new UncheckedIOException(path + " can't be read", failed);
        }
    }

    private static InputStream resource(String path) {
        InputStream in = BundledFonts.class.getResourceAsStream(FOLDER + path);
        if (in == null) {
            throw new IllegalStateException(path + " is missing in the library");
        }
        return in;
    }
}
