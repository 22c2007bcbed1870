package org.yonderarc.layout;

/** Writes numbers the same way everywhere, for file formats. */
public final class Decimals {
    /** A thousandth of a dp: 1/300 of a pixel on the sharpest screens. */
    private static final int SCALE = 1000;

    private Decimals() {}

    /** The number with at most three decimals and no trailing zeros: {@code 12}, {@code 0.5}, {@code -3.125}. */
    public static String text(double number) {
        long scaled = Math.round(number * SCALE);
        long whole = Math.abs(scaled) / SCALE;
        long rest = Math.abs(scaled) % SCALE;
        String sign = scaled < 0 ? "-" : "";
        if (rest == 0) {
            return sign + whole;
        }
        String decimals = Long.toString(SCALE + rest).substring(1);
        int end = decimals.length();
        while (decimals.charAt(end - 1) == '0') {
            end--;
        }
        return sign + whole + "." + decimals.substring(0, end);
    }
}
