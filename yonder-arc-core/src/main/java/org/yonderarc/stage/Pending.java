package org.yonderarc.stage;

import java.util.Optional;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * What has changed since the last frame, as one: many changes in a frame are shown as one.
 *
 * @param before the state that the last frame showed
 * @param last the last change
 * @param passage how the last change of place is to be shown
 */
record Pending(State before, Change last, Optional<Passage> passage) {
    static Pending of(Walk walk, Change change) {
        return new Pending(change.before(), change, Passage.of(walk, change));
    }

    Pending and(Walk walk, Change change) {
        return new Pending(before, change, Passage.of(walk, change).or(() -> passage));
    }

    /** No value where the same place is shown after all. */
    Optional<Passage> shown(Walk walk, State now) {
        return walk.shown(before).equals(walk.shown(now)) ? Optional.empty() : passage;
    }
}
