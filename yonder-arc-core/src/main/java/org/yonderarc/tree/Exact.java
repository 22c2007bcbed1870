package org.yonderarc.tree;

/**
 * A number with all of its decimal digits, to go between doubles and texts without a rounding error: what is too long
 * or too far from one for whole numbers to do it. It is doubled and halved as on paper, so it is short, has no tables
 * that a page would have to load, and is used rarely.
 */
final class Exact {
    /** As many digits as tell any two doubles apart (767), and some for the way there. */
    private static final int ROOM = 800;
    /** The bits of a double's digits, and its smallest power of two (IEEE 754, binary64). */
    private static final int BITS = 53;

    private static final int SMALLEST = -1074;
    private static final int LARGEST = 1024;

    private final byte[] digits;
    private int count;
    /** The value is 0.digits times ten to this. */
    private int point;

    /** Digits and where their point stands, counted from their start. */
    Exact(String digits, int point) {
        int from = 0;
        while (from < digits.length() && digits.charAt(from) == '0') {
            from++;
        }
        this.digits = new byte[ROOM];
        this.count = digits.length() - from;
        this.point = point - from;
        for (int i = 0; i < count; i++) {
            this.digits[i] = (byte) (digits.charAt(from + i) - '0');
        }
        trim();
    }

    /** A finite positive double. */
    Exact(double number) {
        this(Long.toString(mantissa(number)), Long.toString(mantissa(number)).length());
        int power = Math.max(Math.getExponent(number), Double.MIN_EXPONENT) - (BITS - 1);
        for (; power > 0; power--) {
            twice();
        }
        for (; power < 0; power++) {
            half();
        }
    }

    private static long mantissa(double number) {
        long bits = Double.doubleToRawLongBits(number) & (1L << BITS - 1) - 1;
        return Math.getExponent(number) < Double.MIN_EXPONENT ? bits : bits | 1L << BITS - 1;
    }

    /** The nearest double, the even one of two; infinite where it is too large. */
    double nearest() {
        if (count == 0 || point < -330) {
            return 0;
        }
        if (point > 310) {
            return Double.POSITIVE_INFINITY;
        }
        int power = 0;
        // Between a half and one.
        for (; point > 0; power++) {
            half();
        }
        for (; point < 0 || digits[0] < 5; power--) {
            twice();
        }
        if (power > LARGEST) {
            return Double.POSITIVE_INFINITY;
        }
        int bits = Math.min(BITS, power - SMALLEST);
        for (int i = 0; i < bits; i++) {
            twice();
        }
        return bits < 0 ? 0 : scaled(whole(), power - bits);
    }

    /** Times two to a power, without rounding: the bits that don't fit are gone already. */
    private static double scaled(double number, int power) {
        double scaled = number;
        for (int i = 0; i < Math.abs(power); i++) {
            scaled = power > 0 ? 2 * scaled : scaled / 2;
        }
        return scaled;
    }

    /** The nearest whole number, the even one of two. */
    private long whole() {
        long whole = 0;
        for (int i = 0; i < point; i++) {
            whole = 10 * whole + (i < count ? digits[i] : 0);
        }
        return point >= 0 && isRoundedUp(point, whole) ? whole + 1 : whole;
    }

    private boolean isRoundedUp(int at, long before) {
        if (at >= count) {
            return false;
        }
        boolean tie = digits[at] == 5 && at + 1 == count;
        return tie ? before % 2 != 0 : digits[at] >= 5;
    }

    /** The first {@code most} digits, rounded. */
    Exact rounded(int most) {
        if (most >= count) {
            return this;
        }
        boolean up = isRoundedUp(most, digits[most - 1]);
        int last = most - 1;
        while (up && last >= 0 && digits[last] == 9) {
            last--;
        }
        if (last < 0) {
            return new Exact("1", point + 1);
        }
        char[] kept = new char[last + 1];
        for (int i = 0; i <= last; i++) {
            kept[i] = (char) ('0' + digits[i] + (up && i == last ? 1 : 0));
        }
        return new Exact(new String(kept), point);
    }

    /** A digit, a point with the others where there are any, and the power of ten. */
    String text() {
        var out = new StringBuilder();
        for (int i = 0; i < count; i++) {
            out.append((char) ('0' + digits[i]));
            if (i == 0 && count > 1) {
                out.append('.');
            }
        }
        return out.append('e').append(point - 1).toString();
    }

    private void twice() {
        int carry = 0;
        for (int i = count - 1; i >= 0; i--) {
            int doubled = 2 * digits[i] + carry;
            digits[i] = (byte) (doubled % 10);
            carry = doubled / 10;
        }
        if (carry > 0) {
            System.arraycopy(digits, 0, digits, 1, Math.min(count, ROOM - 1));
            digits[0] = (byte) carry;
            count = Math.min(count + 1, ROOM);
            point++;
        }
        trim();
    }

    private void half() {
        int rest = 0;
        for (int i = 0; i < count; i++) {
            int with = 10 * rest + digits[i];
            digits[i] = (byte) (with / 2);
            rest = with % 2;
        }
        if (rest > 0 && count < ROOM) {
            digits[count++] = 5;
        }
        if (digits[0] == 0) {
            System.arraycopy(digits, 1, digits, 0, count - 1);
            count--;
            point--;
        }
        trim();
    }

    private void trim() {
        while (count > 0 && digits[count - 1] == 0) {
            count--;
        }
    }
}
