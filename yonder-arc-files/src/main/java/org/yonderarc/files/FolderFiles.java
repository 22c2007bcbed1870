package org.yonderarc.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import org.yonderarc.check.FileLook;

/** The files of a plan's folder. A link counts only if what it leads to lies inside of the folder too. */
final class FolderFiles implements SiblingFiles {
    private final Path folder;
    private final FileLook look;

    FolderFiles(Path folder, FileLook look) {
        this.folder = folder;
        this.look = look;
    }

    @Override
    public Optional<String> trouble(String path) {
        return look.trouble(path);
    }

    @Override
    public String lacking(String font, String text) {
        return look.lacking(font, text);
    }

    @Override
    public boolean has(String path) {
        return inside(path).isPresent();
    }

    @Override
    public Optional<SourceText> text(String path) throws FileException {
        Optional<Path> inside = inside(path);
        return inside.isPresent() ? Optional.of(SourceText.read(inside.get())) : Optional.empty();
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
