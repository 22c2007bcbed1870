package org.yonderarc.navigator;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Trail;

/** Those who opened a place and wait for what it closes with. */
final class Results {
    private final List<Awaited> all = new ArrayList<>();

    /** A place on a trail, and who wants its result. */
    private record Awaited(String branch, Trail opened, Consumer<Optional<String>> result) {}

    /** Waits for the place on which a change ended. */
    void await(State after, Consumer<Optional<String>> result) {
        all.add(new Awaited(after.branch(), after.trail(), result));
    }

    /** What is to be told after a change: results, or that there will be none. */
    List<Runnable> settled(Change change) {
        var due = new ArrayList<Runnable>();
        for (Awaited awaited : List.copyOf(all)) {
            if (isOn(change.after(), awaited)) {
                continue;
            }
            all.remove(awaited);
            Optional<String> result = change.before().trail() == awaited.opened ? result(change) : Optional.empty();
            due.add(() -> awaited.result.accept(result));
        }
        return due;
    }

    private static Optional<String> result(Change change) {
        return change.effects().stream()
                .filter(Effect.Result.class::isInstance)
                .map(effect -> ((Effect.Result) effect).result())
                .findFirst();
    }

    /** Whether the place still stands on its trail: the very same visit, not another to the same place. */
    private static boolean isOn(State state, Awaited awaited) {
        for (Optional<Trail> at = Optional.ofNullable(state.trails().get(awaited.branch));
                at.isPresent();
                at = at.get().below()) {
            if (at.get() == awaited.opened) {
                return true;
            }
        }
        return false;
    }
}
