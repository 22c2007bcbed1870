package org.yonderarc.tree;

/**
 * A text.
 *
 * @param spot where it stands
 * @param text the text, never null, may be empty
 */
public record TextValue(Spot spot, String text) implements Value {
    @Override
    public String kind() {
        return "a text";
    }
}
