package org.yonderarc.walk;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;

/**
 * Where a person is in an app, and what the app has told. Immutable.
 *
 * @param branch the id of the item whose branch the person is on, or {@link #LOOSE}
 * @param trails the trail of every branch that was visited, by branch
 * @param facts the value of every fact, by id
 * @param open the id of the bar whose drawer or overflow is open
 * @param collapsed the ids of the bars that are collapsed to icons, and of the sections that are folded
 * @param visited the branches that the person was on before, each once, the last one last
 */
public record State(
        String branch,
        Map<String, Trail> trails,
        Map<String, FactValue> facts,
        Optional<String> open,
        Set<String> collapsed,
        List<String> visited) {
    /** The branch of a start screen that no item leads to. No item can have this id. */
    public static final String LOOSE = "/";

    public State {
        trails = Map.copyOf(trails);
        facts = FactTable.of(facts);
        Objects.requireNonNull(open, "open");
        collapsed = Collections.unmodifiableSet(new LinkedHashSet<>(collapsed));
        visited = List.copyOf(visited);
        if (!trails.containsKey(Objects.requireNonNull(branch, "branch"))) {
            throw new IllegalArgumentException("the branch \"" + branch + "\" has no trail");
        }
    }

    /** A state in which nothing is open and nothing is collapsed. */
    public State(String branch, Map<String, Trail> trails, Map<String, FactValue> facts) {
        this(branch, trails, facts, Optional.empty(), Set.of(), List.of());
    }

    /** The same place with other facts. */
    public State withFacts(Map<String, FactValue> other) {
        return new State(branch, trails, other, open, collapsed, visited);
    }

    /** The same with these bars collapsed, and these sections folded. */
    State withCollapsed(Set<String> other) {
        return new State(branch, trails, facts, open, other, visited);
    }

    /** The same with other trails. */
    State withTrails(Map<String, Trail> other) {
        return new State(branch, other, facts, open, collapsed, visited);
    }

    /** The same place with this bar's drawer or overflow open, or none. */
    public State withOpen(Optional<String> bar) {
        return new State(branch, trails, facts, bar, collapsed, visited);
    }

    /** The trail of the branch that the person is on. */
    public Trail trail() {
        return Objects.requireNonNull(trails.get(branch));
    }

    /** Where the person is. */
    public Place place() {
        return trail().top();
    }

    /** The state with nothing open; the same instance where nothing was. */
    State closed() {
        return open.isEmpty() ? this : withOpen(Optional.empty());
    }

    /** The state on a branch with this trail, with nothing open; the branch that is left is the last of those visited. */
    State at(String other, Trail trail) {
        List<String> before = visited;
        if (!other.equals(branch)) {
            var all = new ArrayList<>(visited);
            all.removeAll(List.of(other, branch));
            all.add(branch);
            before = all;
        }
        Map<String, Trail> changed = trails;
        if (trails.get(other) != trail) {
            changed = new HashMap<>(trails);
            changed.put(other, trail);
        }
        return new State(other, changed, facts, Optional.empty(), collapsed, before);
    }
}
