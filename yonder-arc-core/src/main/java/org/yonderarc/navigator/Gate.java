package org.yonderarc.navigator;

import org.yonderarc.walk.Change;

/** Decides whether a step may be taken; the app can answer later, and the step waits. */
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

    /** The answer for a step that would come to {@code change}. Called under the navigator's lock: quick and pure. */
    Answer ask(Change change);
}
