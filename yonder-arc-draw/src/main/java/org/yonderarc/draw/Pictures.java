package org.yonderarc.draw;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The port through which painters get the pictures that a plan names. */
@FunctionalInterface
public interface Pictures {
    /** There are no pictures: for places where no folder is at hand. */
    Pictures NONE = file -> Optional.empty();

    /** The largest picture file that is read: 8 MiB. */
    long LARGEST = 8L << 20;

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

    /** The picture in a file; nothing where there is none that can be read. */
    Optional<Picture> read(String file);

    /** The pictures in a folder; a path or a link that leads out of it is no picture. */
    static Pictures in(Path folder) {
        Map<String, String> types =
                Map.of("png", "image/png", "jpg", "image/jpeg", "jpeg", "image/jpeg", "svg", "image/svg+xml");
        return file -> {
            String ending = file.substring(file.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
            try {
                Path real = folder.resolve(file).toRealPath();
                boolean fits = types.containsKey(ending)
                        && real.startsWith(folder.toRealPath())
                        && Files.isRegularFile(real)
                        && Files.size(real) <= LARGEST;
                return fits ? Optional.of(new Picture(types.get(ending), Files.readAllBytes(real))) : Optional.empty();
            } catch (IOException | InvalidPathException missing) {
                return Optional.empty();
            }
        };
    }
}
