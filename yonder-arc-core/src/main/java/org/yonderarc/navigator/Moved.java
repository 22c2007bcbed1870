package org.yonderarc.navigator;

import java.util.Objects;
import java.util.Optional;
import org.yonderarc.plan.Place;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;

/**
 * What listeners are told of one step.
 *
 * @param number the number of the step, from 1; steps that changed nothing count too
 * @param cause why it was taken
 * @param change the change: the step, the states before and after, the effects, the reason
 * @param from the place that was shown
 * @param to the place that is shown
 * @param title the title of the place that is shown
 * @param passage the transition to play; no value where the place is the same
 * @param announcement what a screen reader should say; empty for nothing
 */
public record Moved(
        long number,
        Cause cause,
        Change change,
        Place from,
        Place to,
        String title,
        Optional<Passage> passage,
        String announcement) {
    /** Why the state is another one. */
    public enum Cause {
        /** A person or the app took a step. */
        STEP,
        /** A saved state was restored. */
        RESTORED,
        /** The navigator goes on with another plan. */
        PLAN
    }

    public Moved {
        Objects.requireNonNull(cause, "cause");
        Objects.requireNonNull(change, "change");
        Objects.requireNonNull(from, "from");
        Objects.requireNonNull(to, "to");
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(passage, "passage");
        Objects.requireNonNull(announcement, "announcement");
    }

    /** Whether anything is new: another state, or something for the app to do. */
    public boolean isNews() {
        return cause != Cause.STEP
                || change.before() != change.after()
                || !change.effects().isEmpty() && change.refusal().isEmpty();
    }
}
