package org.yonderarc.draw;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.Icons;
import org.yonderarc.plan.IconSet;

/**
 * The icons of the folder {@code icons} beside a plan, over another set. Each is an SVG file whose name without its ending
 * is the icon's name, of lower case letters, digits and hyphens; {@code NAME-filled.svg} is its filled variant. What could run code or load something is left out.
 */
public final class PlanIcons implements Icons {
    /** The largest file that is read as an icon. */
    static final long LARGEST = 64 << 10;
    /** More files than this in the folder are not looked at. */
    private static final int MOST = 10_000;

    /** Names become ids in documents, so they are as plain as those of the set; other files are no icons. */
    private static final Pattern NAME = Pattern.compile("[a-z0-9-]+\\.svg");

    private static final String TWIN = "-filled";
    private static final String ENDING = ".svg";

    private final Icons others;
    private final Map<String, CleanIcon> own;

    private PlanIcons(Icons others, Map<String, CleanIcon> own) {
        this.others = others;
        this.own = own;
    }

    /** The icons of the folder {@code icons} beside the plan file, over {@code others}. */
    public static Icons beside(Path plan, Icons others) {
        Path folder = plan.toAbsolutePath().resolveSibling("icons");
        if (!Files.isDirectory(folder)) {
            return others;
        }
        var own = new TreeMap<String, CleanIcon>();
        try (Stream<Path> files = Files.list(folder)) {
            Path real = folder.toRealPath();
            files.filter(file -> NAME.matcher(file.getFileName().toString()).matches())
                    .sorted()
                    .limit(MOST)
                    .forEach(file -> read(file, real).ifPresent(icon -> own.put(name(file), icon)));
        } catch (IOException unreadable) {
            return others;
        }
        return new PlanIcons(others, own);
    }

    @Override
    public Icons in(IconSet set) {
        return new PlanIcons(others.in(set), own);
    }

    private static String name(Path file) {
        String name = file.getFileName().toString();
        return name.substring(0, name.length() - ENDING.length());
    }

    /** An icon; a link that leads out of the folder is none. */
    private static Optional<CleanIcon> read(Path file, Path folder) {
        try {
            Path real = file.toRealPath();
            if (!real.startsWith(folder) || !Files.isRegularFile(real)) {
                return Optional.empty();
            }
            long size = Files.size(real);
            if (size > LARGEST) {
                return Optional.of(CleanIcon.unusable("its file has " + (size >> 10) + " KiB"));
            }
            try (InputStream in = Files.newInputStream(real)) {
                return Optional.of(CleanIcon.read(in));
            }
        } catch (IOException broken) {
            return Optional.of(CleanIcon.unusable("it is no SVG"));
        }
    }

    @Override
    public Optional<IconArt> art(String name, boolean filled) {
        CleanIcon twin = filled ? own.get(name + TWIN) : null;
        CleanIcon icon = twin == null ? own.get(name) : twin;
        if (icon == null) {
            return others.art(name, filled);
        }
        return Optional.of(new IconArt(name, twin != null, icon.shapes(), icon.stroked(), icon.strokeWidth()));
    }

    @Override
    public boolean has(String name) {
        return own.containsKey(name) || others.has(name);
    }

    @Override
    public boolean hasFilled(String name) {
        return own.containsKey(name) ? own.containsKey(name + TWIN) : others.hasFilled(name);
    }

    @Override
    public Collection<String> own() {
        return own.keySet().stream()
                .filter(name -> !name.endsWith(TWIN) || !own.containsKey(without(name)))
                .toList();
    }

    private static String without(String name) {
        return name.substring(0, name.length() - TWIN.length());
    }

    @Override
    public List<String> unsafe(String name) {
        return Stream.of(name, name + TWIN)
                .filter(own::containsKey)
                .flatMap(icon -> Objects.requireNonNull(own.get(icon)).unsafe().stream())
                .distinct()
                .toList();
    }

    @Override
    public List<String> odd(String name) {
        return Stream.of(name, name + TWIN)
                .filter(own::containsKey)
                .flatMap(icon -> Objects.requireNonNull(own.get(icon)).odd().stream())
                .distinct()
                .toList();
    }

    @Override
    public List<String> like(String name) {
        return others.like(name);
    }

    @Override
    public Collection<String> all() {
        var all = new TreeSet<>(others.all());
        all.addAll(own());
        return all;
    }
}
