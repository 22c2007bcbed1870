package org.yonderarc.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.yonderarc.files.Digest;
import org.yonderarc.files.FileException;
import org.yonderarc.files.SafeFile;

/** A folder that is filled anew by each run, but for the files in it that a person changed or put there. */
final class MadeFiles {
    /** What was made, and a digest of each: a file that differs from it is somebody's work. */
    private static final String LIST = ".made";

    private final Path folder;
    private final Map<String, String> made = new TreeMap<>();
    private final List<Path> kept = new ArrayList<>();

    MadeFiles(Path folder) {
        this.folder = folder;
        try {
            for (String line : Files.readAllLines(folder.resolve(LIST))) {
                int space = line.indexOf(' ');
                if (space > 0) {
                    made.put(line.substring(space + 1), line.substring(0, space));
                }
            }
        } catch (IOException firstRun) {
            made.clear();
        }
    }

    Path path(String name) {
        return folder.resolve(name);
    }

    void write(String name, String text) throws FileException {
        write(name, text.getBytes(StandardCharsets.UTF_8));
    }

    /** Writes a file, unless a person changed the one that is there. */
    void write(String name, byte[] bytes) throws FileException {
        Path file = path(name);
        if (Files.exists(file) && !isMade(file, name, bytes)) {
            kept.add(file);
            return;
        }
        SafeFile.write(file, bytes);
        made.put(name, Digest.of(bytes));
    }

    private boolean isMade(Path file, String name, byte[] wanted) {
        try {
            String there = Digest.of(Files.readAllBytes(file));
            return there.equals(made.get(name)) || there.equals(Digest.of(wanted));
        } catch (IOException unreadable) {
            return false;
        }
    }

    /** Keeps what was made in mind for the next run; gives the files that were left as they are. */
    List<Path> done() throws FileException {
        var list = new StringBuilder();
        made.forEach(
                (name, digest) -> list.append(digest).append(' ').append(name).append('\n'));
        SafeFile.write(folder.resolve(LIST), list.toString());
        return kept;
    }
}
