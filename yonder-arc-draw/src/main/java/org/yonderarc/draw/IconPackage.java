package org.yonderarc.draw;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.JarURLConnection;
import java.net.URL;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import org.yonderarc.plan.IconSet;

/** Where a bundled set keeps its files, and how they are drawn; the versions are those of the dependencies. Thread-safe. */
enum IconPackage {
    /** A folder of outlines, drawn as lines, and one of filled twins. */
    LINE("META-INF/resources/webjars/tabler__icons/3.35.0/", "icons/outline/", "home") {
        @Override
        URL file(String name, boolean filled) {
            return resource((filled ? "icons/filled/" : "icons/outline/") + name);
        }

        @Override
        IconArt art(String name, boolean filled, List<String> shapes) {
            return new IconArt(name, filled, shapes, !filled, 2);
        }
    },
    /** One folder of filled shapes on a grid of 16; filled twins are called so. */
    SLIM("META-INF/resources/webjars/bootstrap-icons/1.11.3/", "icons/", "house") {
        @Override
        URL file(String name, boolean filled) {
            String known = OWN.getOrDefault(name, name);
            return known.endsWith(TWIN) ? null : resource("icons/" + known + (filled ? TWIN : ""));
        }

        @Override
        IconArt art(String name, boolean filled, List<String> shapes) {
            return new IconArt(
                    name, filled, List.of("<g transform=\"scale(1.5)\">" + String.join("", shapes) + "</g>"), false, 2);
        }
    };

    private static final String TWIN = "-fill";
    private static final String ENDING = ".svg";

    /** What the library's own icons are called in the second set. */
    private static final Map<String, String> OWN = Map.of(
            "menu-2", "list",
            "layout-sidebar-left-collapse", "layout-sidebar-inset",
            "layout-sidebar-left-expand", "layout-sidebar",
            "layout-sidebar-right-collapse", "layout-sidebar-inset-reverse",
            "layout-sidebar-right-expand", "layout-sidebar-reverse",
            "dots", "three-dots",
            "plus", "plus-lg",
            "world", "globe",
            "map-pin", "geo-alt",
            "photo", "image");

    private final String root;
    private final String folder;
    private final String sample;
    private volatile List<String> names;

    IconPackage(String root, String folder, String sample) {
        this.root = root;
        this.folder = folder;
        this.sample = sample;
    }

    static IconPackage of(IconSet set) {
        return switch (set) {
            case LINE -> LINE;
            case SLIM -> SLIM;
        };
    }

    /** The path of a file of the package. */
    String path(String file) {
        return root + file;
    }

    /** The file of an icon, or of its filled twin; null where there is none. */
    abstract URL file(String name, boolean filled);

    abstract IconArt art(String name, boolean filled, List<String> shapes);

    URL resource(String file) {
        return IconPackage.class.getClassLoader().getResource(root + file + ENDING);
    }

    /** The names of the set, listed when they are first asked for: that takes a while. */
    List<String> names() {
        if (names == null) {
            names = list();
        }
        return names;
    }

    private List<String> list() {
        try {
            if (!(resource(folder + sample).openConnection() instanceof JarURLConnection connection)) {
                return List.of();
            }
            String start = root + folder;
            return connection.getJarFile().stream()
                    .map(ZipEntry::getName)
                    .filter(entry -> entry.startsWith(start) && entry.endsWith(ENDING))
                    .map(entry -> entry.substring(start.length(), entry.length() - ENDING.length()))
                    .filter(name -> this == LINE || !name.endsWith(TWIN))
                    .sorted()
                    .toList();
        } catch (IOException failed) {
            throw new UncheckedIOException("the bundled icons can't be listed", failed);
        }
    }
}
