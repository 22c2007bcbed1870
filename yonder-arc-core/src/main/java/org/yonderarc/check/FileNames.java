package org.yonderarc.check;

import java.util.Optional;

/** The port through which the check asks about files in the plan's folder, and what is in them. */
@FunctionalInterface
public interface FileNames extends FileLook {
    /** Knows every file: for places where no folder is at hand. */
    FileNames ANY = path -> true;

    /**
     * Whether there is such a file, and it really lies inside of the plan's folder.
     *
     * @param path a relative path with forward slashes and without {@code ..}
     */
    boolean has(String path);

    @Override
    default Optional<String> trouble(String path) {
        return Optional.empty();
    }
}
