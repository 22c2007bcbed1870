package org.yonderarc.live;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.yonderarc.draw.BundledIcons;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.PlanFolder;
import org.yonderarc.draw.PlanIcons;
import org.yonderarc.files.FileTrouble;
import org.yonderarc.files.SafeFile;
import org.yonderarc.tree.MapValue;

/**
 * Files that people bring: icons, pictures and fonts. Each is looked into before it is kept, by the same that reads it for pictures,
 * under a name of letters, digits and hyphens, in a folder of the plan's.
 */
final class Uploads {
    private static final Map<String, Set<String>> ENDINGS = Map.of(
            "icon", Set.of("svg"),
            "picture", Set.of("svg", "png", "jpg", "jpeg", "gif"),
            "font", Set.of("ttf", "otf", "woff"));
    private static final Map<String, String> FOLDERS = Map.of("icon", "icons", "picture", "pictures", "font", "fonts");
    private static final int LARGEST_ICON = 64 << 10;

    private final LivePlan plan;

    Uploads(LivePlan plan) {
        this.plan = plan;
    }

    /** Keeps a file; says under which name, or why not. */
    MapValue take(String name, String kind, byte[] bytes) throws FileTrouble, IOException {
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (!ENDINGS.getOrDefault(kind, Set.of()).contains(ending)) {
            return refused("A file that ends in ." + ending + " can't be used here. Bring one of: ."
                    + String.join(
                            ", .",
                            ENDINGS.getOrDefault(kind, Set.of("svg")).stream()
                                    .sorted()
                                    .toList()) + ".");
        }
        if (kind.equals("icon") && bytes.length > LARGEST_ICON) {
            return refused("An icon has at most 64 KiB.");
        }
        String base = slug(name.substring(0, name.length() - ending.length() - 1));
        if (base.isEmpty()) {
            return refused("This name has no letters. Give the file another one.");
        }
        String trouble = trouble(base, ending, kind, bytes);
        if (!trouble.isEmpty()) {
            return refused(trouble);
        }
        Path folder = plan.materials().folder().resolve(FOLDERS.get(kind));
        if (Files.isSymbolicLink(folder)) {
            return refused("The folder \"" + FOLDERS.get(kind) + "\" is a link; nothing is written through it.");
        }
        Files.createDirectories(folder);
        Path file = folder.resolve(base + "." + ending);
        if (Files.exists(file) && !Arrays.equals(Files.readAllBytes(file), bytes)) {
            return refused("There is a file \"" + base + "." + ending + "\" already, and it is another one."
                    + " Give this one another name.");
        }
        SafeFile.write(file, bytes);
        plan.refresh();
        return Json.map("ok", true, "name", kind.equals("icon") ? base : FOLDERS.get(kind) + "/" + base + "." + ending);
    }

    /** What is wrong with it, as the plan's own reader says, in a folder where nobody looks. */
    private static String trouble(String base, String ending, String kind, byte[] bytes) throws IOException {
        Path folder = Files.createTempDirectory("yonder-upload");
        Path inner = kind.equals("icon") ? Files.createDirectory(folder.resolve("icons")) : folder;
        Path file = inner.resolve(base + "." + ending);
        try {
            Files.write(file, bytes);
            if (kind.equals("icon")) {
                PlanIcons icons = (PlanIcons) PlanIcons.beside(folder.resolve("plan.yaml"), new BundledIcons());
                if (!icons.unsafe(base).isEmpty()) {
                    return "This icon could run or load something: " + String.join(", ", icons.unsafe(base)) + ".";
                }
                boolean isDrawn = icons.art(base, false)
                        .filter(art -> !art.shapes().isEmpty())
                        .isPresent();
                return isDrawn ? "" : "There is nothing in this file that can be drawn as an icon.";
            }
            String found = new PlanFolder(Pictures.in(folder), Fonts.in(folder))
                    .trouble(base + "." + ending)
                    .orElse("");
            return found.isEmpty() ? "" : "This file can't be used: " + found + ".";
        } finally {
            Files.deleteIfExists(file);
            if (!inner.equals(folder)) {
                Files.deleteIfExists(inner);
            }
            Files.deleteIfExists(folder);
        }
    }

    private static String slug(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
    }

    private static MapValue refused(String why) {
        return Json.map("ok", false, "why", why);
    }
}
