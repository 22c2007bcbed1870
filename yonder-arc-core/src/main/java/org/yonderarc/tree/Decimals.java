package org.yonderarc.tree;

import java.util.OptionalDouble;
import java.util.regex.Pattern;

/** The one way in which a number stands in a text: as CSS writes it (CSS Values 4, section 5.2), in ASCII digits. */
public final class Decimals {
    /** No digits behind these change a double; longer ones are no number that somebody wrote. */
    private static final int LONGEST = 40;

    private static final Pattern NUMBER =
            Pattern.compile("[+-]?(?:[0-9]+(?:\\.[0-9]+)?|\\.[0-9]+)(?:[eE][+-]?[0-9]+)?");

    private Decimals() {}

    /** The finite number that {@code text} is; nothing if it is none. A negative zero is zero. */
    public static OptionalDouble parse(String text) {
        if (text.length() > LONGEST || !NUMBER.matcher(text).matches()) {
            return OptionalDouble.empty();
        }
        double number = Double.parseDouble(text) + 0.0;
        return Double.isFinite(number) ? OptionalDouble.of(number) : OptionalDouble.empty();
    }
}
