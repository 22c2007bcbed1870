package org.yonderarc.navigator;

import java.util.Objects;
import org.yonderarc.plan.Place;
import org.yonderarc.walk.Change;

/**
 * Decides whether a step may be taken; the app can answer later, and the step waits. Asked about steps that can be taken and
 * change something; not about facts that the app tells.
 */
@FunctionalInterface
public interface Gate {
    /** What a gate says. */
    enum Answer {
        /** The step is taken. */
        GO,
        /** The step is not taken. */
        STAY,
        /** The step waits until {@link Navigator#answer} says more. */
        WAIT
    }

    /**
     * What a gate is asked. Each asking is another one, and its answer settles it alone.
     *
     * @param number its number, from 1
     * @param change what the step would come to
     * @param here the place that is shown now
     * @param wanted the place that the step leads to
     * @param shown the place that would be shown: another than is wanted where a condition doesn't hold
     */
    record Asked(long number, Change change, Place here, Place wanted, Place shown) {
        public Asked {
            Objects.requireNonNull(change, "change");
            Objects.requireNonNull(here, "here");
            Objects.requireNonNull(wanted, "wanted");
            Objects.requireNonNull(shown, "shown");
        }
    }

    /** The answer. Called under the navigator's lock: quick and pure. */
    Answer ask(Asked asked);
}
