package org.yonderarc.tree;

/**
 * A key with nothing behind it.
 *
 * @param spot where it stands
 */
public record NullValue(Spot spot) implements Value {
    @Override
    public String kind() {
        return "nothing";
    }
}
