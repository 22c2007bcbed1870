package org.yonderarc.walk;

import java.util.ArrayDeque;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.yonderarc.plan.Place;

/**
 * The places walked on one branch. Never empty. Shares what lies below its top, so a step costs the same however long
 * the trail is.
 */
public final class Trail {
    private final Place top;
    private final @Nullable Trail below;
    private final Trail root;
    private final int depth;

    private Trail(Place top, @Nullable Trail below) {
        this.top = Objects.requireNonNull(top, "top");
        this.below = below;
        this.root = below == null ? this : below.root;
        this.depth = below == null ? 1 : below.depth + 1;
    }

    /** A trail of one place. */
    public static Trail at(Place root) {
        return new Trail(root, null);
    }

    /** This trail with {@code place} on top. */
    public Trail push(Place place) {
        return new Trail(place, this);
    }

    /** The place on top: where a person on this branch is. */
    public Place top() {
        return top;
    }

    /** The trail without its top; empty at the root. */
    public Optional<Trail> below() {
        return Optional.ofNullable(below);
    }

    /** The trail cut down to its first place. */
    public Trail root() {
        return root;
    }

    /** How many places, at least 1. */
    public int depth() {
        return depth;
    }

    /** The places, oldest first. */
    public List<Place> places() {
        var places = new ArrayDeque<Place>();
        for (Trail trail = this; trail != null; trail = trail.below) {
            places.addFirst(trail.top);
        }
        return List.copyOf(places);
    }

    @Override
    public boolean equals(Object other) {
        if (!(other instanceof Trail trail) || depth != trail.depth) {
            return false;
        }
        @Nullable Trail a = this;
        @Nullable Trail b = trail;
        while (a != b && a != null && b != null) {
            if (!a.top.equals(b.top)) {
                return false;
            }
            a = a.below;
            b = b.below;
        }
        return true;
    }

    @Override
    public int hashCode() {
        return 31 * top.hashCode() + depth;
    }

    @Override
    public String toString() {
        return places().toString();
    }
}
