package org.yonderarc.draw;

import java.nio.file.Path;
import java.util.Optional;

/** The port through which {@link Typeface} gets the font files that a plan names. */
@FunctionalInterface
public interface Fonts {
    /** There are no font files: for places where no folder is at hand. */
    Fonts NONE = file -> Optional.empty();

    /** The largest font file that is read: 32 MiB. */
    int LARGEST = 32 << 20;

    /** The bytes of an OpenType font file; nothing where there is none that can be used. */
    Optional<byte[]> read(String file);

    /** Why a font isn't used as it is, in the words of a message; nothing where it is, or there is no file. */
    default Optional<String> trouble(String file) {
        return Optional.empty();
    }

    /** The fonts in a folder; a path or a link that leads out of it is not a font. */
    static Fonts in(Path folder) {
        return new FolderFonts(folder);
    }
}
