package org.yonderarc.sheet;

import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;

/**
 * One way in which the pictures of a sheet differ.
 *
 * @param name its name
 * @param choices its values in order
 */
public record Axis(String name, List<Choice> choices) {
    /** No difference: a sheet of one row or one column. */
    public static final Axis NONE = new Axis("", List.of(new Choice("", shot -> shot)));

    public Axis {
        Objects.requireNonNull(name, "name");
        choices = List.copyOf(choices);
        if (choices.isEmpty()) {
            throw new IllegalArgumentException("the axis \"" + name + "\" has no value here");
        }
    }

    /**
     * One value.
     *
     * @param caption what stands beside the pictures
     * @param apply makes a picture one of this value
     */
    public record Choice(String caption, UnaryOperator<Shot> apply) {}
}
