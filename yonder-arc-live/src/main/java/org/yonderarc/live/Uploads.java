package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import org.yonderarc.draw.FileCleaner;
import org.yonderarc.files.FileException;
import org.yonderarc.files.SafeFile;
import org.yonderarc.tree.MapValue;

/**
 * Files that people bring: icons, pictures and fonts. Each is read by the code that draws it, and kept as that has cleaned it, under a
 * name of letters, digits and hyphens, in a folder of the plan's.
 */
final class Uploads {
    private static final Map<String, FileCleaner.Kind> KINDS = Map.of(
            "icon", FileCleaner.Kind.ICON,
            "picture", FileCleaner.Kind.PICTURE,
            "font", FileCleaner.Kind.FONT);
    private static final Map<String, String> FOLDERS = Map.of("icon", "icons", "picture", "pictures", "font", "fonts");
    /** A name is cut to so many letters. */
    private static final int LONGEST = 60;

    private final LivePlan plan;

    Uploads(LivePlan plan) {
        this.plan = plan;
    }

    /** Keeps a file; says under which name, or why not. */
    MapValue take(String name, String kind, byte[] bytes) throws FileException, IOException {
        FileCleaner.Kind known = KINDS.get(kind);
        if (known == null) {
            return refused("A file is brought as an icon, a picture or a font.");
        }
        int dot = name.lastIndexOf('.');
        String ending = name.substring(dot + 1).toLowerCase(Locale.ROOT);
        if (dot < 0 || !known.endings().contains(ending)) {
            return refused("A file like this can't be used here. Bring one whose name ends in one of: ."
                    + String.join(", .", new TreeSet<>(known.endings())) + ".");
        }
        String base = slug(name.substring(0, dot));
        if (base.isEmpty()) {
            return refused("This name has no letters. Give the file another one.");
        }
        byte[] clean;
        try {
            clean = FileCleaner.clean(known, ending, bytes);
        } catch (IOException unusable) {
            return refused("This file can't be used: " + unusable.getMessage() + ".");
        }
        Path folder = plan.assets().folder().resolve(FOLDERS.get(kind));
        if (Files.isSymbolicLink(folder)) {
            return refused("The folder \"" + FOLDERS.get(kind) + "\" is a link; nothing is written through it.");
        }
        Files.createDirectories(folder);
        Path file = folder.resolve(base + "." + ending);
        if (Files.isSymbolicLink(file) || Files.exists(file) && !Arrays.equals(Files.readAllBytes(file), clean)) {
            return refused("There is a file \"" + base + "." + ending + "\" already, and it is another one."
                    + " Give this one another name.");
        }
        SafeFile.write(file, clean);
        plan.refresh();
        return Json.map("ok", true, "name", kind.equals("icon") ? base : FOLDERS.get(kind) + "/" + base + "." + ending);
    }

    private static String slug(String name) {
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return plain.substring(0, Math.min(LONGEST, plain.length())).replaceAll("^-|-$", "");
    }

    private static MapValue refused(String why) {
        return Json.map("ok", false, "why", why);
    }
}
