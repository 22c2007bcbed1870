package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** A text with holes for parameters and facts: {@code Survey {survey}}. */
public final class Template {
    private final String source;
    private final List<Part> parts;

    private record Part(String text, boolean isHole) {}

    private Template(String source, List<Part> parts) {
        this.source = source;
        this.parts = parts;
    }

    /**
     * Reads a template; a hole is an id in braces, and a brace that is doubled is one brace of the text.
     *
     * @throws IllegalArgumentException with the reason, if a brace has no partner or a hole has no proper name
     */
    public static Template parse(String source) {
        var parts = new ArrayList<Part>();
        var literal = new StringBuilder();
        int at = 0;
        while (at < source.length()) {
            char c = source.charAt(at);
            boolean isBrace = c == '{' || c == '}';
            boolean isDoubled = isBrace && at + 1 < source.length() && source.charAt(at + 1) == c;
            if (!isBrace || isDoubled) {
                literal.append(c);
                at += isDoubled ? 2 : 1;
                continue;
            }
            int close = c == '}' ? -1 : source.indexOf('}', at);
            if (close < 0) {
                throw new IllegalArgumentException(
                        c == '}'
                                ? "a \"}\" has no \"{\" before it; write \"}}\" for one in the text"
                                : "a \"{\" has no \"}\" behind it; write \"{{\" for one in the text");
            }
            if (literal.length() > 0) {
                parts.add(new Part(literal.toString(), false));
                literal.setLength(0);
            }
            parts.add(new Part(Ids.require(source.substring(at + 1, close), "hole"), true));
            at = close + 1;
        }
        if (literal.length() > 0) {
            parts.add(new Part(literal.toString(), false));
        }
        return new Template(source, List.copyOf(parts));
    }

    /** The text with every hole filled by {@code values}; what has no value stays empty. */
    public String fill(Function<String, Optional<String>> values) {
        if (parts.size() == 1 && !parts.get(0).isHole) {
            return parts.get(0).text;
        }
        var out = new StringBuilder();
        parts.forEach(part -> out.append(part.isHole ? values.apply(part.text).orElse("") : part.text));
        return out.toString();
    }

    /** The names of the holes of a text; none where its braces are none of holes. */
    static List<String> holesOf(String text) {
        try {
            return text.indexOf('{') < 0 ? List.of() : parse(text).holes();
        } catch (IllegalArgumentException none) {
            return List.of();
        }
    }

    /** A text with its holes filled; itself where its braces are none of holes. */
    static String fill(String text, Function<String, Optional<String>> values) {
        try {
            return text.indexOf('{') < 0 ? text : parse(text).fill(values);
        } catch (IllegalArgumentException none) {
            return text;
        }
    }

    /** The names of the holes, in order. */
    public List<String> holes() {
        return parts.stream().filter(Part::isHole).map(Part::text).collect(toList());
    }

    /** The template with another name for a hole. */
    public Template renamed(String hole, String to) {
        var out = new StringBuilder();
        parts.forEach(part -> out.append(
                part.isHole
                        ? "{" + (part.text.equals(hole) ? to : part.text) + "}"
                        : part.text.replace("{", "{{").replace("}", "}}")));
        return parse(out.toString());
    }

    /** The template as it was written. */
    public String source() {
        return source;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Template template && source.equals(template.source);
    }

    @Override
    public int hashCode() {
        return source.hashCode();
    }

    @Override
    public String toString() {
        return source;
    }
}
