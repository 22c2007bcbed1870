package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.tree.Split;

/**
 * The address of a screen: {@code /surveys/{survey}} or {@code /surveys{?near,sort}}. A URI Template (RFC 6570) whose simple
 * expressions are whole segments, so that an address can also be matched back. A form-style query (section 3.2.8) may stand
 * at its end; its parameters may be left out.
 */
public final class PathTemplate {
    private final String text;
    private final List<Segment> segments;
    private final List<String> options;
    private final List<String> required;
    private final List<String> names;

    private record Segment(String text, boolean isParameter) {}

    private PathTemplate(String text, List<Segment> segments, List<String> options) {
        this.text = text;
        this.segments = segments;
        this.options = options;
        this.required = segments.stream()
                .filter(Segment::isParameter)
                .map(Segment::text)
                .collect(toList());
        var all = new ArrayList<>(required);
        all.addAll(options);
        this.names = List.copyOf(all);
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
        int mark = text.indexOf("{?");
        String path = mark < 0 ? text : text.substring(0, mark);
        List<String> options = mark < 0 ? List.of() : options(text.substring(mark));
        var segments = new ArrayList<Segment>();
        if (!path.equals("/")) {
            for (String part : Split.at(path.substring(1), '/')) {
                segments.add(segment(part));
            }
        }
        var template = new PathTemplate(text, List.copyOf(segments), options);
        var names = new HashSet<String>();
        for (String name : template.names()) {
            if (!names.add(name)) {
                throw new IllegalArgumentException("the parameter {" + name + "} stands twice in the path");
            }
        }
        return template;
    }

    private static List<String> options(String query) {
        if (!query.endsWith("}")) {
            throw new IllegalArgumentException(
                    "parameters that may be left out stand at the end of a path: {?near,sort}");
        }
        var names = new ArrayList<String>();
        for (String name : Split.at(query.substring(2, query.length() - 1), ',')) {
            names.add(Ids.require(name, "parameter"));
        }
        return List.copyOf(names);
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

    /** How many segments it has, and the first of them where that is no parameter: paths that differ in it share no address. */
    public String key() {
        return segments.size() + "/" + (segments.isEmpty() || segments.get(0).isParameter ? "" : segments.get(0).text);
    }

    /** The keys of the paths that may have an address. */
    public static List<String> keys(String address) {
        int mark = address.indexOf('?');
        String path = mark < 0 ? address : address.substring(0, mark);
        if (path.equals("/") || !path.startsWith("/")) {
            return List.of("0/");
        }
        List<String> parts = Split.at(path.substring(1), '/');
        String any = parts.size() + "/";
        return Percent.decode(parts.get(0))
                .map(first -> List.of(any + first, any))
                .orElse(List.of(any));
    }

    /** The names of all parameters, in order. */
    public List<String> names() {
        return names;
    }

    /** The names of the parameters without which there is no address, in order. */
    public List<String> required() {
        return required;
    }

    /** The names of the parameters that may be left out, in order. */
    public List<String> options() {
        return options;
    }

    /**
     * The address with the parameters filled in: each value is percent-encoded but for unreserved characters
     * (RFC 6570, sections 3.2.2 and 3.2.8).
     *
     * @throws IllegalArgumentException if a parameter that can't be left out has no value
     */
    public String expand(Map<String, String> parameters) {
        var out = new StringBuilder(segments.isEmpty() ? "/" : "");
        for (Segment segment : segments) {
            out.append('/').append(segment.isParameter ? encoded(segment.text, parameters) : segment.text);
        }
        char join = '?';
        for (String name : options) {
            if (parameters.containsKey(name)) {
                out.append(join).append(name).append('=').append(encoded(name, parameters));
                join = '&';
            }
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

    /**
     * The parameters with which this path gives {@code address}, or empty where it never does. Of the query only what
     * this path knows counts; a name that stands there twice has its first value.
     */
    public Optional<Map<String, String>> match(String address) {
        if (!address.startsWith("/")) {
            return Optional.empty();
        }
        int mark = address.indexOf('?');
        String path = mark < 0 ? address : address.substring(0, mark);
        List<String> parts = path.equals("/") ? List.of() : Split.at(path.substring(1), '/');
        if (parts.size() != segments.size()) {
            return Optional.empty();
        }
        var parameters = new HashMap<String, String>();
        for (int i = 0; i < parts.size(); i++) {
            Segment segment = segments.get(i);
            Optional<String> decoded = Percent.decode(parts.get(i));
            if (decoded.isEmpty()) {
                return Optional.empty();
            }
            if (segment.isParameter) {
                if (!isValue(decoded.get())) {
                    return Optional.empty();
                }
                parameters.put(segment.text, decoded.get());
            } else if (!segment.text.equals(decoded.get())) {
                return Optional.empty();
            }
        }
        return mark < 0 || query(address.substring(mark + 1), parameters) ? Optional.of(parameters) : Optional.empty();
    }

    private static boolean isValue(String decoded) {
        return !decoded.isEmpty() && decoded.length() <= Place.LONGEST_VALUE;
    }

    /** Reads what of a query this path knows; whether all of it could be read. A name without a value counts as left out. */
    private boolean query(String query, Map<String, String> parameters) {
        for (String pair : Split.at(query, '&')) {
            int equals = pair.indexOf('=');
            String name = equals < 0 ? pair : pair.substring(0, equals);
            if (options.contains(name) && equals >= 0 && equals < pair.length() - 1) {
                Optional<String> decoded = Percent.decode(pair.substring(equals + 1));
                if (decoded.isEmpty() || !isValue(decoded.get())) {
                    return false;
                }
                parameters.putIfAbsent(name, decoded.get());
            }
        }
        return true;
    }

    /** The path without its query and with its parameters' names taken away: two paths of one shape can't be told apart. */
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
