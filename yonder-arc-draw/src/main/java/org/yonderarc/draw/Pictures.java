package org.yonderarc.draw;

import java.nio.file.Path;
import java.util.Base64;
import java.util.Optional;

/** The port through which painters get the pictures that a plan names. */
@FunctionalInterface
public interface Pictures {
    /** There are no pictures: for places where no folder is at hand. */
    Pictures NONE = file -> Optional.empty();

    /** The largest picture file that is read: 8 MiB. */
    int LARGEST = 8 << 20;

    /**
     * A picture.
     *
     * @param mime its media type: {@code image/png}, {@code image/jpeg} or {@code image/svg+xml}
     * @param bytes its file's bytes
     */
    record Picture(String mime, byte[] bytes) {
        /** The picture as an address of its own (RFC 2397). */
        public String dataUri() {
            return "data:" + mime + ";base64," + Base64.getEncoder().encodeToString(bytes);
        }
    }

    /** The picture in a file, cleaned; nothing where there is none that can be used. */
    Optional<Picture> read(String file);

    /** Why the picture in a file can't be used, in the words of a message; nothing where it can, or there is no file. */
    default Optional<String> trouble(String file) {
        return Optional.empty();
    }

    /**
     * The pictures in a folder; a path or a link that leads out of it is no picture. Each is cleaned when it is first asked
     * for: what is told beside the pixels, and whatever could run or load something, is left out.
     */
    static Pictures in(Path folder) {
        return new FolderPictures(folder);
    }
}
