package org.yonderarc.walk;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;

/** What the conditions of screens let be shown, and what becomes of places that they don't. */
final class Guards {
    private final Plan plan;

    Guards(Plan plan) {
        this.plan = plan;
    }

    private boolean isAllowed(Place place, Map<String, FactValue> facts) {
        return plan.screens()
                .get(place.screen())
                .needs()
                .map(needs -> needs.holds(facts))
                .orElse(true);
    }

    /** The place that is shown for {@code place} with the facts as they are; nothing where that leads nowhere. */
    Optional<Place> settled(Place place, Map<String, FactValue> facts) {
        if (isAllowed(place, facts)) {
            return Optional.of(place);
        }
        var seen = new LinkedHashSet<String>();
        Place at = place;
        while (seen.add(at.screen())) {
            if (isAllowed(at, facts)) {
                return Optional.of(at);
            }
            Optional<String> otherwise = plan.screens().get(at.screen()).otherwise();
            if (otherwise.isEmpty()) {
                return Optional.empty();
            }
            at = Place.of(otherwise.get());
        }
        return Optional.empty();
    }

    /** A move to a place that may not be allowed: refused where nothing could be shown in its place. */
    Change arrived(State before, Step step, State after, String because) {
        Place wanted = after.place();
        Optional<Place> settled = settled(wanted, after.facts());
        if (settled.isEmpty()) {
            return Change.refused(
                    before, step, "\"" + wanted.screen() + "\" is not allowed now, and nothing is shown in its place.");
        }
        boolean isDiverted = !settled.get().equals(wanted);
        return Change.moved(
                before,
                step,
                after,
                isDiverted
                        ? because + " Its condition doesn't hold, so \""
                                + settled.get().screen() + "\" is shown until it does."
                        : because);
    }

    /** The state after turning away to another branch: places that weren't allowed are no longer waited for. */
    State turnedAway(State state, String to) {
        if (to.equals(state.branch())) {
            return state;
        }
        Trail trail = state.trail();
        Optional<Trail> remaining = Optional.of(trail);
        while (remaining.isPresent() && !isAllowed(remaining.get().top(), state.facts())) {
            remaining = remaining.get().below();
        }
        if (remaining.isPresent() && remaining.get() == trail) {
            return state;
        }
        var trails = new HashMap<>(state.trails());
        // A branch whose root isn't allowed either starts anew when it is chosen again.
        trails.put(state.branch(), remaining.orElseGet(trail::root));
        return state.withTrails(trails);
    }

    /** Places that were allowed before and are no longer leave every trail, but for the roots. */
    State withoutForbidden(State before, State after) {
        var trails = new HashMap<String, Trail>();
        boolean changed = false;
        for (var entry : after.trails().entrySet()) {
            Trail kept = null;
            int depth = 0;
            for (Place place : entry.getValue().places()) {
                boolean forbidden = isAllowed(place, before.facts()) && !isAllowed(place, after.facts());
                if (kept == null || !forbidden) {
                    kept = kept == null ? Trail.at(place) : kept.push(place);
                    depth++;
                }
            }
            boolean whole = depth == entry.getValue().depth();
            changed |= !whole;
            trails.put(entry.getKey(), whole ? entry.getValue() : kept);
        }
        return changed ? after.withTrails(trails) : after;
    }
}
