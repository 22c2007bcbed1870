package org.yonderarc.icons;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.yonderarc.plan.IconSet;

/** Where a bundled set keeps its files, and how they are drawn; taken along when the library is built. Thread-safe. */
enum IconPackage {
    /** A folder of outlines, drawn as lines, and one of filled variants. */
    LINE("line/") {
        @Override
        @Nullable
        URL file(String name, boolean filled) {
            return resource((filled ? "filled/" : "outline/") + name);
        }

        @Override
        IconArt art(String name, boolean filled, List<String> shapes) {
            return new IconArt(name, filled, shapes, !filled, 2);
        }
    },
    /** One folder of filled shapes on a grid of 16; filled variants are called so. */
    SLIM("slim/") {
        @Override
        @Nullable
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
    private static final Map<String, String> OWN = Map.ofEntries(
            Map.entry("menu-2", "list"),
            Map.entry("layout-sidebar-left-collapse", "layout-sidebar-inset"),
            Map.entry("layout-sidebar-left-expand", "layout-sidebar"),
            Map.entry("layout-sidebar-right-collapse", "layout-sidebar-inset-reverse"),
            Map.entry("layout-sidebar-right-expand", "layout-sidebar-reverse"),
            Map.entry("dots", "three-dots"),
            Map.entry("plus", "plus-lg"),
            Map.entry("world", "globe"),
            Map.entry("map-pin", "geo-alt"),
            Map.entry("photo", "image"),
            Map.entry("user", "person"));

    /** Not beside a class, whose name a shrinker may change. */
    private static final String FOLDER = "/org/yonderarc/icons/";

    private final String root;
    private volatile @Nullable List<String> names;
    /** The icons that were read, by name; those of filled variants end in "/filled". */
    final Map<String, Optional<IconArt>> loaded = new ConcurrentHashMap<>();

    IconPackage(String root) {
        this.root = root;
    }

    static IconPackage of(IconSet set) {
        return switch (set) {
            case LINE -> LINE;
            case SLIM -> SLIM;
        };
    }

    /** The path of a file of the package. */
    String path(String file) {
        return FOLDER + root + file;
    }

    /** The file of an icon, or of its filled variant; null where there is none. */
    abstract @Nullable URL file(String name, boolean filled);

    abstract IconArt art(String name, boolean filled, List<String> shapes);

    @Nullable
    URL resource(String file) {
        return IconPackage.class.getResource(path(file) + ENDING);
    }

    /** The names of the set, listed when they are first asked for: that takes a while. */
    List<String> names() {
        List<String> known = names;
        if (known == null) {
            known = list();
            names = known;
        }
        return known;
    }

    /** From the set's own table: files in a jar, a folder or an image of modules are listed each in another way. */
    private List<String> list() {
        try (InputStream in = IconPackage.class.getResourceAsStream(path("icons.json"));
                JsonParser json = new JsonFactory().createParser(in)) {
            var all = new ArrayList<String>();
            json.nextToken();
            while (json.nextToken() == JsonToken.FIELD_NAME) {
                String name = json.currentName();
                if (this == LINE || !name.endsWith(TWIN)) {
                    all.add(name);
                }
                json.nextToken();
                json.skipChildren();
            }
            Collections.sort(all);
            return List.copyOf(all);
        } catch (IOException failed) {
            throw new UncheckedIOException("the bundled icons can't be listed", failed);
        }
    }
}
