package org.yonderarc.tree;

import java.util.Objects;

/**
 * Where a value stands in a plan.
 *
 * @param pointer the JSON Pointer (RFC 6901) of the value, empty for the whole document; never null
 * @param line the line in the file, from 1, or 0 where there is no file
 * @param column the column in that line, in code points from 1, or 0 where there is no file
 * @param length how many code points of that line belong to the value, at least 1, or 0 where there is no file
 */
public record Spot(String pointer, int line, int column, int length) {
    /** The whole document, with no file behind it. */
    public static final Spot ROOT = new Spot("", 0, 0, 0);

    public Spot {
        Objects.requireNonNull(pointer, "pointer");
    }

    /** A spot that is known by its pointer alone. */
    public static Spot at(String pointer) {
        return new Spot(pointer, 0, 0, 0);
    }

    /** Whether the file position is known. */
    public boolean isLocated() {
        return line > 0;
    }

    /** The pointer of a member of this value: {@code ~} and {@code /} are escaped as RFC 6901, section 3 says. */
    public String child(String name) {
        return JsonPointer.child(pointer, name);
    }
}
