package org.yonderarc.check;

import java.util.Optional;

/** The port through which the check asks about files in the plan's folder. */
@FunctionalInterface
public interface FileNames {
    /** Knows every file: for places where no folder is at hand. */
    FileNames ANY = path -> true;

    /**
     * Whether there is such a file, and it really lies inside of the plan's folder.
     *
     * @param path a relative path with forward slashes and without {@code ..}
     */
    boolean has(String path);

    /** Why a file that is there can't be used as the picture it is named for; nothing where it can, or is no picture. */
    default Optional<String> trouble(String path) {
        return Optional.empty();
    }
}
