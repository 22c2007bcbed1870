package org.yonderarc.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The address of a screen: {@code /surveys/{survey}}. A URI Template of level 1 (RFC 6570, section 1.2) whose
 * expressions are whole segments, so that an address can also be matched back.
 */
public final class PathTemplate {
    private final String text;
    private final List<Segment> segments;

    private record Segment(String text, boolean isParameter) {}

    private PathTemplate(String text, List<Segment> segments) {
        this.text = text;
        this.segments = segments;
    }

    /**
     * Reads a path.
     *
     * @throws IllegalArgumentException with the reason, if it isn't a path
     */
    public static PathTemplate parse(String text) {
        if (!text.startsWith("/")) {
            throw new IllegalArgumentException("a path starts with \"/\"");
        }
        if (text.equals("/")) {
            return new PathTemplate(text, List.of());
        }
        var segments = new ArrayList<Segment>();
        var names = new HashSet<String>();
        for (String part : text.substring(1).split("/", -1)) {
            Segment segment = segment(part);
            if (segment.isParameter && !names.add(segment.text)) {
                throw new IllegalArgumentException("the parameter {" + segment.text + "} stands twice in the path");
            }
            segments.add(segment);
        }
        return new PathTemplate(text, List.copyOf(segments));
    }

    private static Segment segment(String part) {
        if (part.isEmpty()) {
            throw new IllegalArgumentException("a path has no empty segment, and no \"/\" at its end");
        }
        if (part.startsWith("{") && part.endsWith("}")) {
            return new Segment(Ids.require(part.substring(1, part.length() - 1), "parameter"), true);
        }
        if (part.equals(".") || part.equals("..")) {
            // RFC 3986, section 5.2.4: browsers remove dot segments before anybody sees them.
            throw new IllegalArgumentException("a path has no \".\" or \"..\" segment");
        }
        boolean plain = part.chars().allMatch(c -> c > ' ' && c < 127 && "{}?#%\"<>\\^`|[]".indexOf(c) < 0);
        if (!plain) {
            throw new IllegalArgumentException(
                    "the segment \"" + part + "\" is neither plain characters of an address nor one {parameter}");
        }
        return new Segment(part, false);
    }

    /** The names of the parameters, in order. */
    public List<String> names() {
        return segments.stream().filter(Segment::isParameter).map(Segment::text).toList();
    }

    /**
     * The address with the parameters filled in: each value is percent-encoded but for unreserved characters
     * (RFC 6570, section 3.2.2).
     *
     * @throws IllegalArgumentException if a parameter has no value
     */
    public String expand(Map<String, String> parameters) {
        if (segments.isEmpty()) {
            return "/";
        }
        var out = new StringBuilder();
        for (Segment segment : segments) {
            out.append('/').append(segment.isParameter ? encoded(segment.text, parameters) : segment.text);
        }
        return out.toString();
    }

    private static String encoded(String name, Map<String, String> parameters) {
        String value = parameters.get(name);
        if (value == null) {
            throw new IllegalArgumentException("the parameter {" + name + "} has no value");
        }
        return Percent.encode(value);
    }

    /** The parameters with which this path gives {@code address}, or empty where it never does. */
    public Optional<Map<String, String>> match(String address) {
        if (!address.startsWith("/")) {
            return Optional.empty();
        }
        String[] parts =
                address.equals("/") ? new String[0] : address.substring(1).split("/", -1);
        if (parts.length != segments.size()) {
            return Optional.empty();
        }
        var parameters = new HashMap<String, String>();
        for (int i = 0; i < parts.length; i++) {
            Segment segment = segments.get(i);
            Optional<String> decoded = Percent.decode(parts[i]);
            if (decoded.isEmpty()) {
                return Optional.empty();
            }
            if (segment.isParameter) {
                if (decoded.get().isEmpty() || decoded.get().length() > Place.LONGEST_VALUE) {
                    return Optional.empty();
                }
                parameters.put(segment.text, decoded.get());
            } else if (!segment.text.equals(decoded.get())) {
                return Optional.empty();
            }
        }
        return Optional.of(parameters);
    }

    /** The path with its parameters' names taken away: two paths of one shape can't be told apart. */
    public String shape() {
        var out = new StringBuilder();
        segments.forEach(segment -> out.append('/').append(segment.isParameter ? "{}" : segment.text));
        return out.toString();
    }

    /** The path as it was written. */
    public String text() {
        return text;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PathTemplate path && text.equals(path.text);
    }

    @Override
    public int hashCode() {
        return text.hashCode();
    }

    @Override
    public String toString() {
        return text;
    }
}
