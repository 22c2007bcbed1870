package org.yonderarc.walk;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * The result of a step.
 *
 * @param step the step
 * @param before the state before it
 * @param after the state after it; the same instance as {@code before} where nothing changed
 * @param effects what the app has to do; never null, may be empty
 * @param because what happened and why, in one sentence
 */
public record Change(Step step, State before, State after, List<Effect> effects, String because) {
    public Change {
        Objects.requireNonNull(step, "step");
        Objects.requireNonNull(before, "before");
        Objects.requireNonNull(after, "after");
        effects = List.copyOf(effects);
        Objects.requireNonNull(because, "because");
    }

    /** A step that came to another state, without effects. */
    static Change moved(State before, Step step, State after, String because) {
        return new Change(step, before, after, List.of(), because);
    }

    /** A step that can't be taken, with the reason. */
    public static Change refused(State state, Step step, String reason) {
        return new Change(step, state, state, List.of(new Effect.Refused(reason)), reason);
    }

    /** Whether the step changed anything. */
    public boolean moved() {
        return before != after;
    }

    /** A reason as a sentence. */
    static String sentence(String reason) {
        boolean ends = reason.endsWith(".") || reason.endsWith("?");
        return Character.toUpperCase(reason.charAt(0)) + reason.substring(1) + (ends ? "" : ".");
    }

    /** Why the step was refused, if it was. */
    public Optional<String> refusal() {
        return effects.stream()
                .filter(Effect.Refused.class::isInstance)
                .map(effect -> ((Effect.Refused) effect).reason())
                .findFirst();
    }
}
