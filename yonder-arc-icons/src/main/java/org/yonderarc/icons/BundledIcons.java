package org.yonderarc.icons;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.IconSet;

/** The open icon sets that come with the library: outlines, and filled variants of many. Thread-safe. */
public final class BundledIcons implements Icons {
    /** So many icons are proposed for one that there isn't. */
    private static final int PROPOSED = 3;

    private final IconPackage set;
    private final IconSet which;

    /** The usual set; icons are read when they are first asked for. */
    public BundledIcons() {
        this(IconSet.LINE);
    }

    private BundledIcons(IconSet set) {
        this.set = IconPackage.of(set);
        this.which = set;
    }

    /** The text of a set's licence: MIT. */
    public static String licence(IconSet set) {
        String path = IconPackage.of(set).path("LICENSE");
        try (InputStream in = BundledIcons.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IOException("missing in the library");
            }
            return IconReader.text(in).strip();
        } catch (IOException failed) {
            throw new UncheckedIOException(path + " can't be read", failed);
        }
    }

    @Override
    public Icons in(IconSet other) {
        return other == which ? this : new BundledIcons(other);
    }

    @Override
    public boolean has(String name) {
        return isPlain(name) && set.file(name, false) != null;
    }

    @Override
    public boolean hasFilled(String name) {
        return isPlain(name) && set.file(name, true) != null;
    }

    @Override
    public List<String> like(String name) {
        return which == IconSet.LINE ? Search.ALL.meaning(name, PROPOSED) : Search.ALL.like(name, all(), PROPOSED);
    }

    /** Read when it is first needed. */
    private static final class Search {
        static final IconSearch ALL = new IconSearch();

        private Search() {}
    }

    @Override
    public Collection<String> all() {
        return set.names();
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
        return set.loaded.computeIfAbsent(filled ? name + "/filled" : name, key -> {
            URL url = set.file(name, filled);
            if (url == null) {
                return Optional.empty();
            }
            try (InputStream in = url.openStream()) {
                return Optional.of(set.art(name, filled, IconReader.shapes(in)));
            } catch (IOException failed) {
                throw new UncheckedIOException("the bundled icon " + name + " can't be read", failed);
            }
        });
    }

    /** Only plain names become part of a resource's path. */
    private static boolean isPlain(String name) {
        return !name.isEmpty()
                && name.chars().allMatch(c -> c == '-' || (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9'));
    }
}
