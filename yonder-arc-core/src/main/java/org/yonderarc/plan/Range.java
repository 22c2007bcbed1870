package org.yonderarc.plan;

import java.util.Optional;
import org.yonderarc.tree.NumberValue;

/**
 * A range of numbers, both ends inclusive. Records check their values against it, and so does the reader of plan files.
 *
 * @param least the smallest
 * @param most the largest
 */
public record Range(double least, double most) {
    /**
     * The value itself.
     *
     * @param what what it is, for the message
     * @throws IllegalArgumentException if it is outside, or no number
     */
    public double require(double value, String what) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(what + " is " + NumberValue.plain(least) + " to "
                    + NumberValue.plain(most) + ", not " + NumberValue.plain(value));
        }
        return value;
    }

    /** As {@link #require(double, String)}; no value is within every range. */
    public void require(Optional<? extends Number> value, String what) {
        value.ifPresent(number -> require(number.doubleValue(), what));
    }
}
