package org.yonderarc.tree;

/**
 * A number.
 *
 * @param spot where it stands
 * @param number the number, as IEEE 754 double; may be infinite or NaN where the file can say so
 */
public record NumberValue(Spot spot, double number) implements Value {
    @Override
    public String kind() {
        return Double.isFinite(number) ? "a number" : Double.isNaN(number) ? "no number (.nan)" : "an infinite number";
    }

    /** The number as a person writes it: whole numbers without a fraction. */
    public static String plain(double number) {
        return Decimals.text(number);
    }
}
