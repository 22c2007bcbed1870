package org.yonderarc.plan;

import java.util.Objects;

/**
 * A small mark on an item that shows a fact; hidden where the fact is zero, false or empty.
 *
 * @param fact the id of the fact
 * @param kind how it is shown
 * @param cap the largest number shown; more is shown as this and a plus sign; 1 to 9,999
 */
public record Badge(String fact, Kind kind, int cap) {
    /** The cap where a plan gives none. */
    public static final int DEFAULT_CAP = 99;

    /** How a badge is shown. */
    public enum Kind {
        /** As the fact says: a dot for true, the number, the text. */
        AUTO,
        /** A dot, whatever the value. */
        DOT
    }

    public Badge {
        Objects.requireNonNull(fact, "fact");
        Objects.requireNonNull(kind, "kind");
        if (cap < 1 || cap > 9999) {
            throw new IllegalArgumentException("a badge's cap is 1 to 9999, not " + cap);
        }
    }

    /** A badge with all defaults. */
    public static Badge of(String fact) {
        return new Badge(fact, Kind.AUTO, DEFAULT_CAP);
    }
}
