package org.yonderarc.navigator;

import java.util.Objects;
import java.util.Optional;
import org.yonderarc.plan.Place;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;

/**
 * What listeners are told of one step.
 *
 * @param number the number of the step, from 1, without a gap
 * @param change the change: the step, the states before and after, the effects, the reason
 * @param from the place that was shown
 * @param to the place that is shown
 * @param passage the transition to play; no value where the place is the same
 * @param announcement what a screen reader should say; empty for nothing
 */
public record Moved(long number, Change change, Place from, Place to, Optional<Passage> passage, String announcement) {
    public Moved {
        Objects.requireNonNull(change, "change");
        Objects.requireNonNull(from, "from");
        Objects.requireNonNull(to, "to");
        Objects.requireNonNull(passage, "passage");
        Objects.requireNonNull(announcement, "announcement");
    }
}
