package org.yonderarc.navigator;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** The app's gate, and the one step that may wait before it. */
final class Entrance {
    private Gate gate = asked -> Gate.Answer.GO;
    private Optional<Waiting> pending = Optional.empty();
    private Gate.@Nullable Asked asked;
    private long number;

    /** A step that waits, and who wants the result of the place that it opens. */
    private record Waiting(Gate.Asked asked, Optional<Consumer<Optional<String>>> result) {}

    void gate(Gate decider) {
        gate = decider;
    }

    /** A step that is refused, or that changes nothing, needs nobody's leave; neither does a fact that the app tells. */
    Gate.Answer ask(Walk walk, Change change) {
        boolean changes = change.before() != change.after() || !change.effects().isEmpty();
        if (isFact(change.step()) || !changes || change.refusal().isPresent()) {
            return Gate.Answer.GO;
        }
        var next = new Gate.Asked(
                ++number, change, walk.shown(change.before()), change.after().place(), walk.shown(change.after()));
        asked = next;
        return gate.ask(next);
    }

    /** What the app tells doesn't ask to go anywhere, so it neither waits nor takes a waiting step's place. */
    static boolean isFact(Step step) {
        return step.kind() == Step.Kind.TELL || step.kind() == Step.Kind.TELL_ALL;
    }

    /** What was asked last waits for an answer. */
    void await(Optional<Consumer<Optional<String>>> result) {
        pending = Optional.of(new Waiting(Objects.requireNonNull(asked), result));
    }

    Optional<Gate.Asked> pending() {
        return pending.map(Waiting::asked);
    }

    /** The step that waited goes on; gives who wants its result. */
    Optional<Consumer<Optional<String>>> pass() {
        var result = pending.flatMap(Waiting::result);
        pending = Optional.empty();
        return result;
    }

    /** The step that waited is no more: there will be no result of it. */
    List<Runnable> giveUp() {
        return none(pass());
    }

    /** Tells whoever wants a result that there is none. */
    static List<Runnable> none(Optional<Consumer<Optional<String>>> result) {
        return result.<Runnable>map(wanted -> () -> wanted.accept(Optional.empty())).stream()
                .collect(toList());
    }
}
