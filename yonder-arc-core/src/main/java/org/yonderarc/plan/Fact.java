package org.yonderarc.plan;

import java.util.Objects;

/**
 * A live value that the app tells.
 *
 * @param id its id
 * @param initial its type, and its value until the app tells another
 */
public record Fact(String id, FactValue initial) implements Identified {
    public Fact {
        Ids.require(id, "fact");
        Objects.requireNonNull(initial, "initial");
    }
}
