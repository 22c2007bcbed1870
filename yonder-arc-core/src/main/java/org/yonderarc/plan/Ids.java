package org.yonderarc.plan;

import java.util.Optional;

/** The grammar of ids: {@code [a-z][a-z0-9]*(-[a-z0-9]+)*}, at most 64 characters. */
public final class Ids {
    /** Room for any readable name; keeps addresses and messages short. */
    public static final int LONGEST = 64;

    private Ids() {}

    /** What is wrong with {@code id}, if anything. */
    public static Optional<String> problem(String id) {
        if (id.isEmpty()) {
            return Optional.of("an id can't be empty");
        }
        if (id.length() > LONGEST) {
            return Optional.of("an id has at most " + LONGEST + " characters");
        }
        char before = '-';
        for (int i = 0; i < id.length(); i++) {
            char c = id.charAt(i);
            boolean letter = c >= 'a' && c <= 'z';
            boolean digit = c >= '0' && c <= '9';
            boolean fits = letter || (i > 0 && (digit || (c == '-' && before != '-' && i < id.length() - 1)));
            if (!fits) {
                return Optional.of("an id has lower case letters, digits and single hyphens, and starts with a letter");
            }
            before = c;
        }
        return Optional.empty();
    }

    /** Whether a text is an id. */
    public static boolean is(String text) {
        return problem(text).isEmpty();
    }

    /**
     * The id itself.
     *
     * @throws IllegalArgumentException if it breaks the grammar
     */
    public static String require(String id, String what) {
        problem(id).ifPresent(problem -> {
            throw new IllegalArgumentException(what + " \"" + id + "\": " + problem);
        });
        return id;
    }

    /** An id made of what people read: "Tide tables" becomes {@code tide-tables}; {@code item} where nothing is left. */
    public static String slug(String text) {
        var out = new StringBuilder();
        for (char c : text.toLowerCase(java.util.Locale.ROOT).toCharArray()) {
            boolean letter = c >= 'a' && c <= 'z';
            boolean digit = c >= '0' && c <= '9';
            if (letter || (digit && out.length() > 0)) {
                out.append(c);
            } else if (out.length() > 0 && out.charAt(out.length() - 1) != '-') {
                out.append('-');
            }
            if (out.length() == LONGEST) {
                break;
            }
        }
        String slug = out.toString();
        slug = slug.endsWith("-") ? slug.substring(0, slug.length() - 1) : slug;
        return slug.isEmpty() ? "item" : slug;
    }

    /** An id as a title: {@code shore-map} becomes "Shore map". */
    public static String asTitle(String id) {
        return Character.toUpperCase(id.charAt(0)) + id.substring(1).replace('-', ' ');
    }
}
