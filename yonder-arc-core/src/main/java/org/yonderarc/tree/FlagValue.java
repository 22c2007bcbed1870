package org.yonderarc.tree;

/**
 * True or false.
 *
 * @param spot where it stands
 * @param on which of the two
 */
public record FlagValue(Spot spot, boolean on) implements Value {
    @Override
    public String kind() {
        return "true or false";
    }
}
