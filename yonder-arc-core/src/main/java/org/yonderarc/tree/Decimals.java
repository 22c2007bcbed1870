package org.yonderarc.tree;

import java.util.OptionalDouble;

/** The one way in which a number stands in a text: as CSS writes it (CSS Values 4, section 5.2), in ASCII digits. */
public final class Decimals {
    /** No digits behind these change a double; longer ones are no number that somebody wrote. */
    private static final int LONGEST = 40;

    private Decimals() {}

    /** The finite number that {@code text} is; nothing if it is none. A negative zero is zero. */
    public static OptionalDouble parse(String text) {
        if (text.length() > LONGEST || !isNumber(text)) {
            return OptionalDouble.empty();
        }
        double number = Double.parseDouble(text) + 0.0;
        return Double.isFinite(number) ? OptionalDouble.of(number) : OptionalDouble.empty();
    }

    /** A sign, digits with a point before some of them, and an exponent: all but some of the digits may be left out. */
    private static boolean isNumber(String text) {
        int at = sign(text, 0);
        int whole = digits(text, at);
        int end = whole;
        if (end < text.length() && text.charAt(end) == '.') {
            end = digits(text, whole + 1);
            if (end == whole + 1) {
                return false;
            }
        } else if (whole == at) {
            return false;
        }
        if (end < text.length() && (text.charAt(end) == 'e' || text.charAt(end) == 'E')) {
            int power = sign(text, end + 1);
            end = digits(text, power);
            return end > power && end == text.length();
        }
        return end == text.length();
    }

    private static int sign(String text, int at) {
        boolean isSign = at < text.length() && (text.charAt(at) == '+' || text.charAt(at) == '-');
        return isSign ? at + 1 : at;
    }

    private static int digits(String text, int from) {
        int at = from;
        while (at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9') {
            at++;
        }
        return at;
    }
}
