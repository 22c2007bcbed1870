package org.yonderarc.plan;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Places of screens whose path takes parameters, for previews that are given none. */
public final class Samples {
    private Samples() {}

    /** The place of a screen, with a sample for each parameter that can't be left out. */
    public static Place of(Plan plan, Screen screen) {
        return filled(plan, Place.of(screen.id()));
    }

    /**
     * A place with samples for the parameters that it lacks and that can't be left out: what the plan's {@code sample} says; else what
     * a row or an item that leads there gives; else the parameter's own name, 1 or true.
     *
     * @param place of any screen; one that the plan doesn't have stays as it is
     */
    public static Place filled(Plan plan, Place place) {
        Optional<Screen> screen = plan.screens().find(place.screen());
        if (screen.isEmpty()
                || place.parameters().keySet().containsAll(screen.get().path().required())) {
            return place;
        }
        Map<String, String> linked = linked(plan, screen.get());
        var all = new LinkedHashMap<>(place.parameters());
        for (String name : screen.get().path().required()) {
            Optional<Parameter> known = screen.get().parameters().find(name);
            all.computeIfAbsent(name, any -> known.flatMap(Parameter::sample)
                    .or(() -> Optional.ofNullable(linked.get(name)))
                    .orElseGet(() -> switch (screen.get().kindOf(name)) {
                        case TEXT -> name;
                        case NUMBER -> "1";
                        case FLAG -> "true";
                    }));
        }
        return new Place(place.screen(), all);
    }

    private static Map<String, String> linked(Plan plan, Screen screen) {
        Stream<Place> rows = plan.screens().stream()
                .flatMap(any -> any.wireframe().rows().stream())
                .flatMap(row -> row.to().stream());
        return Stream.concat(rows, plan.items().flatMap(item -> item.place().stream()))
                .filter(place -> place.screen().equals(screen.id()))
                // What an entry of a list fills is known only while the app runs.
                .filter(place -> place.parameters().entrySet().stream()
                        .allMatch(one -> screen.kindOf(one.getKey()).takes(one.getValue())
                                && one.getValue().indexOf('{') < 0))
                .findFirst()
                .map(Place::parameters)
                .orElse(Map.of());
    }
}
