package org.yonderarc.icons;

import java.util.Collection;
import java.util.Optional;
import java.util.TreeSet;
import org.yonderarc.plan.IconSet;

/**
 * Icons of one set, and of another where that lacks them.
 *
 * @param first is asked first
 * @param second is asked for what the first lacks
 */
record EitherIcons(Icons first, Icons second) implements Icons {
    @Override
    public Icons in(IconSet set) {
        return new EitherIcons(first.in(set), second.in(set));
    }

    private Icons of(String name) {
        return first.has(name) ? first : second;
    }

    @Override
    public Optional<IconArt> art(String name, boolean filled) {
        Optional<IconArt> art = first.art(name, filled);
        return art.isPresent() ? art : second.art(name, filled);
    }

    @Override
    public boolean has(String name) {
        return of(name).has(name);
    }

    @Override
    public boolean hasFilled(String name) {
        return of(name).hasFilled(name);
    }

    @Override
    public Collection<String> all() {
        var all = new TreeSet<>(first.all());
        all.addAll(second.all());
        return all;
    }
}
