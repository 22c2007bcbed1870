package org.yonderarc.plan;

import java.util.Collection;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * An immutable list of things with ids, found by id in constant time. Order counts in equality. Of two with the same
 * id the first is found; the check reports the second.
 *
 * @param <T> what it holds
 */
public final class Catalog<T extends Identified> implements Iterable<T> {
    private final List<T> all;
    private final Map<String, T> byId;

    private Catalog(List<T> all) {
        this.all = all;
        this.byId = new HashMap<>(all.size() * 2);
        all.forEach(one -> byId.putIfAbsent(one.id(), one));
    }

    /** A catalog of these, in this order. */
    public static <T extends Identified> Catalog<T> of(Collection<? extends T> all) {
        return new Catalog<>(List.copyOf(all));
    }

    /** The one with this id. */
    public Optional<T> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /**
     * The one with this id.
     *
     * @throws IllegalArgumentException if there is none; the check finds such links beforehand
     */
    public T get(String id) {
        T found = byId.get(id);
        if (found == null) {
            throw new IllegalArgumentException("nothing has the id \"" + id + "\"; run the check before using a plan");
        }
        return found;
    }

    /** The ids, without duplicates. */
    public Set<String> ids() {
        return java.util.Collections.unmodifiableSet(byId.keySet());
    }

    /** All, in order. */
    public List<T> list() {
        return all;
    }

    /** All, in order. */
    public Stream<T> stream() {
        return all.stream();
    }

    @Override
    public Iterator<T> iterator() {
        return all.iterator();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Catalog<?> catalog && all.equals(catalog.all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }

    @Override
    public String toString() {
        return all.toString();
    }
}
