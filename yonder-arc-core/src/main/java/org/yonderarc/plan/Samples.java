package org.yonderarc.plan;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Places of screens whose path takes parameters, for previews that are given none. A parameter that can't be left out has the value of
 * its {@code sample}; else that of the first row or item that leads to the screen; else its own name, 1 or true, as its kind takes it.
 */
public final class Samples {
    private final Plan plan;
    private final ParameterKinds kinds;
    private final Map<String, Map<String, String>> linked = new HashMap<>();

    private Samples(Plan plan) {
        this.plan = plan;
        this.kinds = new ParameterKinds(plan.screens());
        Stream<Place> rows = plan.screens().stream()
                .flatMap(screen -> screen.wireframe().rows().stream())
                .flatMap(row -> row.screen().stream());
        Stream.concat(rows, plan.items().flatMap(item -> item.place().stream()))
                .filter(place -> plan.screens()
                        .find(place.screen())
                        .filter(screen -> fits(place, screen))
                        .isPresent())
                .forEach(place -> linked.putIfAbsent(place.screen(), place.parameters()));
    }

    /** The samples of a plan. */
    public static Samples of(Plan plan) {
        return new Samples(plan);
    }

    /** What an entry of a list fills is known only while the app runs. */
    private boolean fits(Place place, Screen screen) {
        return place.parameters().entrySet().stream()
                .allMatch(one -> kinds.of(screen, one.getKey()).takes(one.getValue())
                        && one.getValue().indexOf('{') < 0);
    }

    /** The place of a screen. */
    public Place place(Screen screen) {
        return filled(Place.of(screen.id()));
    }

    /** A place with samples for what it lacks; one of a screen that the plan doesn't have stays as it is. */
    public Place filled(Place place) {
        Optional<Screen> screen = plan.screens().find(place.screen());
        if (screen.isEmpty()
                || place.parameters().keySet().containsAll(screen.get().path().required())) {
            return place;
        }
        Map<String, String> known = linked.getOrDefault(place.screen(), Map.of());
        var all = new LinkedHashMap<>(place.parameters());
        for (String name : screen.get().path().required()) {
            all.computeIfAbsent(name, any -> screen.get()
                    .parameters()
                    .find(name)
                    .flatMap(Parameter::sample)
                    .or(() -> Optional.ofNullable(known.get(name)))
                    .orElseGet(() -> switch (kinds.of(screen.get(), name)) {
                        case TEXT -> name;
                        case NUMBER, INTEGER -> "1";
                        case FLAG -> "true";
                    }));
        }
        return new Place(place.screen(), all);
    }
}
