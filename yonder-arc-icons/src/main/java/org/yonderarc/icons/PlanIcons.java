package org.yonderarc.icons;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.plan.IconSet;

/**
 * A plan's own icons, over another set: those of the folder {@code icons} beside it. Each is an SVG file whose name without its ending
 * is the icon's name, of lower case letters, digits and hyphens; {@code NAME-filled.svg} is its filled variant. What could run code or load something is left out.
 */
public final class PlanIcons implements Icons {
    /** The most bytes that a file of an icon has. */
    public static final int LARGEST = 64 << 10;
    /** More files than this in the folder are not looked at. */
    public static final int MOST = 10_000;

    /** Names become ids in documents, so they are as plain as those of the set; other files are no icons. */
    private static final Pattern NAME = Pattern.compile("[a-z0-9-]+\\.svg");

    private static final String TWIN = "-filled";
    private static final String ENDING = ".svg";

    private final Icons others;
    private final Map<String, SvgIcon> own;

    private PlanIcons(Icons others, Map<String, SvgIcon> own) {
        this.others = others;
        this.own = own;
    }

    /**
     * These icons, and those of another set for every other name.
     *
     * @param files the icons by file name; a name that {@link #isFile} rejects is left out
     */
    public static Icons of(Map<String, SvgIcon> files, Icons others) {
        var own = new TreeMap<String, SvgIcon>();
        files.forEach((file, icon) -> {
            if (isFile(file)) {
                own.put(file.substring(0, file.length() - ENDING.length()), icon);
            }
        });
        return own.isEmpty() ? others : new PlanIcons(others, own);
    }

    /** Whether a file with this name counts as an icon. */
    public static boolean isFile(String name) {
        return NAME.matcher(name).matches();
    }

    @Override
    public Icons in(IconSet set) {
        return new PlanIcons(others.in(set), own);
    }

    @Override
    public Optional<IconArt> art(String name, boolean filled) {
        SvgIcon twin = filled ? own.get(name + TWIN) : null;
        SvgIcon icon = twin == null ? own.get(name) : twin;
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
                .collect(Collectors.toList());
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
                .collect(Collectors.toList());
    }

    @Override
    public List<String> odd(String name) {
        return Stream.of(name, name + TWIN)
                .filter(own::containsKey)
                .flatMap(icon -> Objects.requireNonNull(own.get(icon)).odd().stream())
                .distinct()
                .collect(Collectors.toList());
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
