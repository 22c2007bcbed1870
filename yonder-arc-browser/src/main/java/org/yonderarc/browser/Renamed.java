package org.yonderarc.browser;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;
import org.yonderarc.tree.Split;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Trail;

/** Where a person is, after something of the plan is called otherwise: whoever stands on a screen still does. */
final class Renamed {
    private final String noun;
    private final String from;
    private final String to;

    private Renamed(String noun, String from, String to) {
        this.noun = noun;
        this.from = from;
        this.to = to;
    }

    /** Reads {@code screen tides today}. */
    static Renamed read(String text) {
        List<String> words = Split.at(text, ' ');
        return new Renamed(words.get(0), words.get(1), words.get(2));
    }

    State in(State state) {
        UnaryOperator<String> items = names("item");
        Map<String, Trail> trails = new HashMap<>();
        state.trails().forEach((branch, trail) -> trails.put(items.apply(branch), in(trail)));
        Map<String, FactValue> facts = new HashMap<>();
        state.facts().forEach((fact, value) -> facts.put(names("fact").apply(fact), value));
        var visited = new ArrayList<String>();
        state.visited().forEach(branch -> visited.add(items.apply(branch)));
        var folded = new HashSet<String>();
        state.collapsed().forEach(bar -> folded.add(names("bar").apply(bar)));
        return new State(
                items.apply(state.branch()), trails, facts, state.open().map(names("bar")), folded, visited);
    }

    private UnaryOperator<String> names(String of) {
        return id -> noun.equals(of) && id.equals(from) ? to : id;
    }

    private Trail in(Trail trail) {
        Trail out = null;
        for (Place place : trail.places()) {
            var now = new Place(names("screen").apply(place.screen()), place.parameters());
            out = out == null ? Trail.at(now) : out.push(now);
        }
        return out;
    }
}
