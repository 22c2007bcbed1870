package org.yonderarc.navigator;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Fitting;
import org.yonderarc.plan.Place;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** A state as observers see it, and the step that led there. Fitted once for each device, however many look. */
final class Observation {
    private final Walk walk;
    private final State state;
    private final Optional<Moved> moved;
    private final String language;
    private final Map<Device, Fitting> fittings = new ConcurrentHashMap<>();

    Observation(Walk walk, State state, Optional<Moved> moved, String language) {
        this.walk = walk;
        this.state = state;
        this.moved = moved;
        this.language = language;
    }

    Walk walk() {
        return walk;
    }

    State state() {
        return state;
    }

    /** The step; no value for the state that was there when an observer came. */
    Optional<Moved> moved() {
        return moved;
    }

    Place place() {
        return walk.shown(state);
    }

    /** The title of the place that is shown, in the language of announcements. */
    String title() {
        return Fitter.title(walk.plan(), place(), state, language);
    }

    Fitting on(Device device) {
        return fittings.computeIfAbsent(device, any -> Fitter.fit(walk, device, state));
    }
}
