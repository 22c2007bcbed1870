package org.yonderarc.plan;

import java.util.Objects;

/**
 * A live value that the app tells.
 *
 * @param id its id
 * @param initial its type, and its value until the app tells another
 * @param saved whether its value is kept in saved states
 */
public record Fact(String id, FactValue initial, boolean saved) implements Identified {
    /** A fact whose value is kept in saved states. */
    public Fact(String id, FactValue initial) {
        this(id, initial, true);
    }

    public Fact {
        Ids.require(id, "fact");
        Objects.requireNonNull(initial, "initial");
    }
}
