package org.yonderarc.draw;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;

/** A folder from which files are read that a plan names: never one outside of it, never a huge one. */
record InFolder(Path folder, int largest) {
    /**
     * The bytes of a file; nothing where there is none inside of the folder.
     *
     * @throws IOException with the reason in the words of a message, if it can't be read
     */
    Optional<byte[]> read(String file) throws IOException {
        try {
            Path real = folder.resolve(file).toRealPath();
            if (!real.startsWith(folder.toRealPath()) || !Files.isRegularFile(real)) {
                return Optional.empty();
            }
            try (var in = Files.newInputStream(real)) {
                byte[] bytes = in.readNBytes(largest + 1);
                if (bytes.length > largest) {
                    throw new IOException("its file has more than " + (largest >> 20) + " MiB");
                }
                return Optional.of(bytes);
            }
        } catch (java.nio.file.FileSystemException | InvalidPathException missing) {
            return Optional.empty();
        }
    }
}
