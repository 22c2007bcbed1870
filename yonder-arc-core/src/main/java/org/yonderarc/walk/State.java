package org.yonderarc.walk;

import java.util.Map;
import java.util.Objects;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;

/**
 * Where a person is in an app, and what the app has told. Immutable.
 *
 * @param branch the id of the item whose branch the person is on, or {@link #LOOSE}
 * @param trails the trail of every branch that was visited, by branch
 * @param facts the value of every fact, by id
 */
public record State(String branch, Map<String, Trail> trails, Map<String, FactValue> facts) {
    /** The branch of a start screen that no item leads to. No item can have this id. */
    public static final String LOOSE = "/";

    public State {
        trails = Map.copyOf(trails);
        facts = Map.copyOf(facts);
        if (!trails.containsKey(Objects.requireNonNull(branch, "branch"))) {
            throw new IllegalArgumentException("the branch \"" + branch + "\" has no trail");
        }
    }

    /** The trail of the branch that the person is on. */
    public Trail trail() {
        return trails.get(branch);
    }

    /** Where the person is. */
    public Place place() {
        return trail().top();
    }
}
