package org.yonderarc.plan;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.yonderarc.tree.Split;

/**
 * A screen with its parameters filled in. As text: {@code survey?survey=41}.
 *
 * @param screen the screen's id
 * @param parameters the parameters by name, in alphabetical order; never null, may be empty, no value is empty
 */
public record Place(String screen, Map<String, String> parameters) {
    /** Longer values are refused: they would make addresses that no browser keeps. */
    public static final int LONGEST_VALUE = 500;

    public Place {
        Ids.require(screen, "screen");
        parameters.forEach((name, value) -> {
            Ids.require(name, "parameter");
            if (value.isEmpty() || value.length() > LONGEST_VALUE) {
                throw new IllegalArgumentException(
                        "parameter \"" + name + "\" needs a value of 1 to " + LONGEST_VALUE + " characters");
            }
            if (!Percent.isEncodable(value)) {
                throw new IllegalArgumentException("parameter \"" + name + "\" holds half of a character");
            }
        });
        parameters = parameters.isEmpty() ? Map.of() : java.util.Collections.unmodifiableMap(new TreeMap<>(parameters));
    }

    /** A screen without parameters. */
    public static Place of(String screen) {
        return new Place(screen, Map.of());
    }

    /**
     * Reads a place as it is written in plans and on the command line: {@code settings}, {@code survey?survey=41},
     * {@code a?b=1&c=2}; values percent-decoded by RFC 3986.
     *
     * @throws IllegalArgumentException with the reason, if it isn't written so
     */
    public static Place parse(String text) {
        int mark = text.indexOf('?');
        if (mark < 0) {
            return of(text);
        }
        var parameters = new TreeMap<String, String>();
        for (String pair : Split.at(text.substring(mark + 1), '&')) {
            int equals = pair.indexOf('=');
            if (equals < 0) {
                throw new IllegalArgumentException(
                        "\"" + pair + "\" is not name=value; write a place as screen?name=value");
            }
            String name = pair.substring(0, equals);
            String value = Percent.decode(pair.substring(equals + 1))
                    .orElseThrow(() -> new IllegalArgumentException("\"" + pair + "\" is badly percent-encoded"));
            if (parameters.put(name, value) != null) {
                throw new IllegalArgumentException("parameter \"" + name + "\" is given twice");
            }
        }
        return new Place(text.substring(0, mark), parameters);
    }

    /** The value of a parameter. */
    public Optional<String> text(String parameter) {
        return Optional.ofNullable(parameters.get(parameter));
    }

    /**
     * The value of a parameter that takes a number.
     *
     * @throws IllegalArgumentException if it has a value that is none
     */
    public Optional<Double> number(String parameter) {
        return typed(parameter, Parameter.Kind.NUMBER).map(Double::valueOf);
    }

    /**
     * The value of a parameter that takes a whole number.
     *
     * @throws IllegalArgumentException if it has a value that is none
     */
    public Optional<Long> integer(String parameter) {
        return typed(parameter, Parameter.Kind.INTEGER).map(Long::valueOf);
    }

    /**
     * The value of a parameter that takes {@code true} or {@code false}.
     *
     * @throws IllegalArgumentException if it has another value
     */
    public Optional<Boolean> flag(String parameter) {
        return typed(parameter, Parameter.Kind.FLAG).map("true"::equals);
    }

    private Optional<String> typed(String parameter, Parameter.Kind kind) {
        return text(parameter).filter(value -> {
            if (!kind.takes(value)) {
                throw new IllegalArgumentException("{" + parameter + "} is \"" + value + "\" and not " + kind.words());
            }
            return true;
        });
    }

    /** The place as text, such that {@link #parse} gives an equal place. */
    public String text() {
        var out = new StringBuilder(screen);
        char join = '?';
        for (var parameter : parameters.entrySet()) {
            out.append(join).append(parameter.getKey()).append('=').append(Percent.encode(parameter.getValue()));
            join = '&';
        }
        return out.toString();
    }

    @Override
    public String toString() {
        return text();
    }
}
