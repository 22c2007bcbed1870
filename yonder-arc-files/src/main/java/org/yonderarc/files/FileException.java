package org.yonderarc.files;

import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Thrown for a file that can't be read or written. The message names the file, the reason and a way out. */
public final class FileException extends Exception {
    private static final long serialVersionUID = 1L;

    /**
     * A file that can't be read or written.
     *
     * @param reason why, as a sentence; may be empty
     * @param remedy what to do, as a sentence; may be empty
     */
    public FileException(Path file, String reason, String remedy) {
        this(file.toString(), reason, remedy);
    }

    /** The same, of a file that has no path here. */
    public FileException(String file, String reason, String remedy) {
        super(Stream.of(file + ":", reason, remedy)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" ")));
    }
}
