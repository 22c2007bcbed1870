package org.yonderarc.check;

import java.util.Optional;

/** The port through which the check looks into the files that are there. */
@FunctionalInterface
public interface FileLook {
    /** Looks into no file. */
    FileLook NONE = path -> Optional.empty();

    /** Why a picture or a font can't be used, in the words of a message; nothing where it can, or is neither. */
    Optional<String> trouble(String path);

    /** The characters of {@code text} that a font lacks, each once; none where it can't be read. */
    default String lacking(String font, String text) {
        return "";
    }
}
