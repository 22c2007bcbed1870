package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** When files were written last, and how large they are: what tells that one of them is another now. */
record Stamps(Map<Path, String> all) {
    private static final String ABSENT = "";

    Stamps {
        all = Map.copyOf(all);
    }

    static Stamps of(List<Path> files) {
        var all = new HashMap<Path, String>();
        files.forEach(file -> all.put(file, stamp(file)));
        return new Stamps(all);
    }

    static String stamp(Path file) {
        try {
            BasicFileAttributes found = Files.readAttributes(file, BasicFileAttributes.class);
            return found.lastModifiedTime() + " " + found.size() + " " + found.fileKey();
        } catch (IOException absent) {
            return ABSENT;
        }
    }
}
