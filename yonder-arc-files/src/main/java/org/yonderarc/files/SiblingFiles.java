package org.yonderarc.files;

import java.nio.file.Path;
import java.util.Optional;
import org.yonderarc.check.FileLook;
import org.yonderarc.check.FileNames;

/** The files beside a plan, wherever they are: its texts in other languages, its design tokens, its pictures. */
public interface SiblingFiles extends FileNames {
    /**
     * The text of a file.
     *
     * @param path a relative path with forward slashes and without {@code ..}
     * @return no value where there is none
     * @throws FileException if it can't be read, or isn't UTF-8 text
     */
    Optional<SourceText> text(String path) throws FileException;

    /** The files of a folder; a link counts only if what it leads to lies inside of the folder too. */
    static SiblingFiles in(Path folder) {
        return new FolderFiles(folder, FileLook.NONE);
    }

    /** The resources beside a class, on its class path or in its module. */
    static SiblingFiles of(Class<?> owner) {
        return new ResourceFiles(owner);
    }
}
