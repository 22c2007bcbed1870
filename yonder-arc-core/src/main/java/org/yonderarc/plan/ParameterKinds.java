package org.yonderarc.plan;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What the parameters of a plan's paths take. A parameter has one kind along a path: what {@code /surveys/{survey}} says of
 * {@code {survey}} also holds for {@code /surveys/{survey}/sightings}.
 */
public final class ParameterKinds {
    /** By the start of a path, up to the parameter: the first screen that says what it takes. */
    private final Map<String, Screen> saying = new HashMap<>();

    /** The kinds of the parameters of these screens. */
    public ParameterKinds(Catalog<Screen> screens) {
        for (Screen screen : screens) {
            for (Parameter parameter : screen.parameters()) {
                if (parameter.kind().isPresent()) {
                    start(screen, parameter.id()).ifPresent(start -> saying.putIfAbsent(start, screen));
                }
            }
        }
    }

    /** What a parameter of a screen's path takes: what the screen says, else what another screen says whose path begins the same way, else text. */
    public Parameter.Kind of(Screen screen, String parameter) {
        return said(screen, parameter)
                .or(() -> other(screen, parameter).flatMap(other -> said(other, parameter)))
                .orElse(Parameter.Kind.TEXT);
    }

    /** The first screen that says what the parameter takes, and whose path begins the same way. */
    public Optional<Screen> other(Screen screen, String parameter) {
        return saying.isEmpty()
                ? Optional.empty()
                : start(screen, parameter).map(saying::get).filter(other -> other != screen);
    }

    private static Optional<Parameter.Kind> said(Screen screen, String parameter) {
        return screen.parameters().find(parameter).flatMap(Parameter::kind);
    }

    /** A screen's path up to a parameter, which stands in it as a segment. */
    private static Optional<String> start(Screen screen, String parameter) {
        String text = screen.path().text();
        int at = text.indexOf("{" + parameter + "}");
        return at < 0 ? Optional.empty() : Optional.of(text.substring(0, at + parameter.length() + 2));
    }
}
