package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** When files were written last, and how large they are: what tells that one of them is another now. */
record FileStamps(Map<Path, String> all) {
    private static final String ABSENT = "";

    FileStamps {
        all = Map.copyOf(all);
    }

    static FileStamps of(List<Path> files) {
        var all = new HashMap<Path, String>();
        files.forEach(file -> all.put(file, stamp(file)));
        return new FileStamps(all);
    }

    private static List<String> names(Path folder) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.map(one -> one.getFileName().toString()).sorted().toList();
        }
    }

    /** The same, as they were before where that is known. */
    FileStamps but(FileStamps before) {
        var out = new HashMap<>(all);
        out.replaceAll((file, now) -> before.all.getOrDefault(file, now));
        return new FileStamps(out);
    }

    static String stamp(Path file) {
        try {
            BasicFileAttributes found = Files.readAttributes(file, BasicFileAttributes.class);
            String stamp = found.lastModifiedTime() + " " + found.size() + " " + found.fileKey();
            // The clock of a disk ticks slowly: what came into a folder right after it was made doesn't change its
            // time.
            return found.isDirectory() ? stamp + " " + names(file) : stamp;
        } catch (IOException absent) {
            return ABSENT;
        }
    }
}
