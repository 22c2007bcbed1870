package org.yonderarc.draw;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.JarURLConnection;
import java.net.URL;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** The open icon set that comes with the library: outlines, and filled twins of many. Thread-safe. */
public final class BundledIcons implements Icons {
    /** Where the package keeps its files; the version is that of the dependency. */
    static final String PACKAGE = "META-INF/resources/webjars/tabler__icons/3.35.0/";

    private static final String ROOT = PACKAGE + "icons/";

    private final Map<String, Optional<IconArt>> loaded = new ConcurrentHashMap<>();

    /** The bundled set; icons are read when they are first asked for. */
    public BundledIcons() {}

    @Override
    public boolean has(String name) {
        return isPlain(name) && resource("outline/" + name) != null;
    }

    @Override
    public boolean hasTwin(String name) {
        return isPlain(name) && resource("filled/" + name) != null;
    }

    @Override
    public Collection<String> all() {
        return Names.ALL;
    }

    /** The names of the set, listed when they are first asked for: that takes a while. */
    private static final class Names {
        static final List<String> ALL = list();
    }

    private static List<String> list() {
        try {
            if (!(resource("outline/home").openConnection() instanceof JarURLConnection connection)) {
                return List.of();
            }
            String outlines = ROOT + "outline/";
            return connection.getJarFile().stream()
                    .map(java.util.zip.ZipEntry::getName)
                    .filter(entry -> entry.startsWith(outlines) && entry.endsWith(".svg"))
                    .map(entry -> entry.substring(outlines.length(), entry.length() - ".svg".length()))
                    .sorted()
                    .toList();
        } catch (IOException failed) {
            throw new UncheckedIOException("the bundled icons can't be listed", failed);
        }
    }

    @Override
    public Optional<IconArt> art(String name, boolean filled) {
        Optional<IconArt> exact = load(name, filled);
        return exact.isEmpty() && filled ? load(name, false) : exact;
    }

    private Optional<IconArt> load(String name, boolean filled) {
        if (!isPlain(name)) {
            return Optional.empty();
        }
        return loaded.computeIfAbsent((filled ? "filled/" : "outline/") + name, path -> {
            URL url = resource(path);
            if (url == null) {
                return Optional.empty();
            }
            try (InputStream in = url.openStream()) {
                return Optional.of(new IconArt(name, filled, IconReader.shapes(in), !filled, 2));
            } catch (IOException failed) {
                throw new UncheckedIOException("the bundled icon " + path + " can't be read", failed);
            }
        });
    }

    /** Only plain names become part of a resource's path. */
    private static boolean isPlain(String name) {
        return !name.isEmpty()
                && name.chars().allMatch(c -> c == '-' || (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9'));
    }

    private static URL resource(String path) {
        return BundledIcons.class.getClassLoader().getResource(ROOT + path + ".svg");
    }
}
