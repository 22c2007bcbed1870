package org.yonderarc.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;
import org.yonderarc.check.FileNames;

/** The files of a plan's folder. A link counts only if what it leads to lies inside of the folder too. */
final class FolderFiles implements FileNames {
    private final Path folder;
    private final Function<String, Optional<String>> pictures;

    FolderFiles(Path folder, Function<String, Optional<String>> pictures) {
        this.folder = folder;
        this.pictures = pictures;
    }

    @Override
    public Optional<String> trouble(String path) {
        return pictures.apply(path);
    }

    @Override
    public boolean has(String path) {
        return inside(path).isPresent();
    }

    /** The file with this path, if it is one and really lies inside of the folder. */
    Optional<Path> inside(String path) {
        try {
            Path real = folder.resolve(path).toRealPath();
            return real.startsWith(folder.toRealPath()) && Files.isRegularFile(real)
                    ? Optional.of(real)
                    : Optional.empty();
        } catch (IOException | InvalidPathException missing) {
            return Optional.empty();
        }
    }
}
