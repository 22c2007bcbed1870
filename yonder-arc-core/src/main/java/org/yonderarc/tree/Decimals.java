package org.yonderarc.tree;

import java.util.OptionalDouble;

/** The one way in which a number stands in a text: as CSS writes it (CSS Values 4, section 5.2), in ASCII digits. */
public final class Decimals {
    /** No digits behind these change a double; longer ones are no number that somebody wrote. */
    private static final int LONGEST = 40;
    /** Whole numbers up to here are exact in a double, and so are these powers of ten: a quotient is rounded once. */
    private static final double MOST_WHOLE = 9_007_199_254_740_992.0;

    private static final int THOUSAND = 1000;

    private static final double[] TENS = new double[23];
    /** Digits that always tell a double from its neighbours. */
    private static final int MOST_DIGITS = 17;

    static {
        TENS[0] = 1;
        for (int i = 1; i < TENS.length; i++) {
            TENS[i] = 10 * TENS[i - 1];
        }
    }

    private Decimals() {}

    /** The finite number that {@code text} is; nothing if it is none. A negative zero is zero. */
    public static OptionalDouble parse(String text) {
        if (text.length() > LONGEST || !isNumber(text)) {
            return OptionalDouble.empty();
        }
        double number = value(text);
        return Double.isFinite(number) ? OptionalDouble.of(number) : OptionalDouble.empty();
    }

    /**
     * The number with as few digits as tell it from its neighbours, and no exponent where that is short: {@code 12},
     * {@code 0.1}, {@code 1e300}; {@code NaN} and {@code Infinity} where it is none.
     */
    public static String text(double number) {
        if (Double.isNaN(number)) {
            return "NaN";
        }
        String sign = number < 0 ? "-" : "";
        double size = Math.abs(number);
        if (size == Double.POSITIVE_INFINITY) {
            return sign + "Infinity";
        }
        for (int decimals = 0; decimals < TENS.length && size * TENS[decimals] < MOST_WHOLE; decimals++) {
            double whole = Math.rint(size * TENS[decimals]);
            if (whole / TENS[decimals] == size) {
                return sign + pointed(Long.toString((long) whole), decimals);
            }
        }
        var exact = new Exact(size);
        int digits = 1;
        while (digits < MOST_DIGITS && value(exact.rounded(digits).text()) != size) {
            digits++;
        }
        return sign + exact.rounded(digits).text();
    }

    /** The number, rounded, with at most three decimals and no trailing zeros: {@code 12}, {@code 0.5}, {@code -3.125}. */
    public static String brief(double number) {
        double thousandths = Math.floor(number * THOUSAND + 0.5);
        // A script has no longs of its own: they are slow there.
        return Math.abs(thousandths) < Integer.MAX_VALUE
                ? brief((int) thousandths)
                : brief(Math.round(number * THOUSAND));
    }

    private static String brief(int scaled) {
        int size = Math.abs(scaled);
        return brief(scaled < 0 ? "-" : "", Integer.toString(size / THOUSAND), size % THOUSAND);
    }

    private static String brief(long scaled) {
        long size = Math.abs(scaled);
        return brief(scaled < 0 ? "-" : "", Long.toString(size / THOUSAND), (int) (size % THOUSAND));
    }

    private static String brief(String sign, String whole, int rest) {
        if (rest == 0) {
            return sign + whole;
        }
        String decimals = Integer.toString(THOUSAND + rest).substring(1);
        int end = decimals.length();
        while (decimals.charAt(end - 1) == '0') {
            end--;
        }
        return sign + whole + "." + decimals.substring(0, end);
    }

    private static String pointed(String digits, int decimals) {
        String padded = "0".repeat(Math.max(0, decimals + 1 - digits.length())) + digits;
        int whole = padded.length() - decimals;
        return decimals == 0 ? padded : padded.substring(0, whole) + "." + padded.substring(whole);
    }

    /** The value of what is a number, as its digits and the place of their point say. */
    private static double value(String text) {
        int at = sign(text, 0);
        int whole = digits(text, at);
        boolean pointed = whole < text.length() && text.charAt(whole) == '.';
        int end = pointed ? digits(text, whole + 1) : whole;
        String digits = text.substring(at, whole) + (pointed ? text.substring(whole + 1, end) : "");
        int point = whole - at + (end < text.length() ? power(text, end + 1) : 0);
        double size = size(digits, point);
        return text.charAt(0) == '-' && size != 0 ? -size : size;
    }

    /** An exponent; beyond a million all are the same. */
    private static int power(String text, int from) {
        int power = 0;
        for (int i = sign(text, from); i < text.length(); i++) {
            power = Math.min(1_000_000, 10 * power + text.charAt(i) - '0');
        }
        return text.charAt(from) == '-' ? -power : power;
    }

    private static double size(String digits, int point) {
        int decimals = digits.length() - point;
        if (digits.length() <= 15 && Math.abs(decimals) < TENS.length) {
            long whole = digits.isEmpty() ? 0 : Long.parseLong(digits);
            return decimals >= 0 ? whole / TENS[decimals] : whole * TENS[-decimals];
        }
        return new Exact(digits, point).nearest();
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
