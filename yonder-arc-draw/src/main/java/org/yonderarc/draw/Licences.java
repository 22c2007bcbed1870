package org.yonderarc.draw;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.IconSet;

/** The licences of the bundled font and icons, as their makers ask to have them beside copies. */
public final class Licences {
    private Licences() {}

    /** That of the font: SIL Open Font License 1.1. */
    public static String ofFont() {
        return read("inter/LICENSE.txt");
    }

    /** That of the font for letters that the other lacks: free, as that of Bitstream Vera. */
    public static String ofFallbackFont() {
        return read("dejavu/LICENSE.txt");
    }

    /** That of a set of icons: MIT. */
    public static String of(IconSet set) {
        return BundledIcons.licence(set);
    }

    private static String read(String path) {
        try (InputStream in = Licences.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IOException("missing in the library");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).strip();
        } catch (IOException failed) {
            throw new UncheckedIOException(path + " can't be read", failed);
        }
    }
}
