package org.yonderarc.files;

import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A file that can't be read or written. The message names the file, the reason and a way out. */
public final class FileTrouble extends Exception {
    private static final long serialVersionUID = 1L;

    FileTrouble(Path file, String reason, String remedy) {
        this(file.toString(), reason, remedy);
    }

    FileTrouble(String file, String reason, String remedy) {
        super(Stream.of(file + ":", reason, remedy)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" ")));
    }
}
