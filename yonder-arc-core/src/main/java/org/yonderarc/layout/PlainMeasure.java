package org.yonderarc.layout;

/**
 * A measure that needs no font at hand: the advance widths of the bundled font's ASCII characters, and the usual widths
 * of others. Right to about two hundredths for English, as it knows no kerning; rougher for other scripts.
 */
public final class PlainMeasure implements TextMeasure {
    /** The first character of the tables. */
    private static final int FIRST = 0x20;

    /** Thousandths of an em, from the space to the tilde. */
    private static final short[] REGULAR = {
        281, 288, 466, 633, 642, 982, 644, 300, 365, 365, 501, 662, 288, 460, 288, 360, 631, 407, 610, 618, 646, 593,
        620, 566, 619, 620, 288, 302, 662, 662, 662, 511, 966, 690, 654, 730, 722, 601, 590, 746, 743, 269, 571, 672,
        565, 903, 753, 765, 639, 765, 644, 642, 646, 744, 690, 985, 682, 679, 629, 365, 360, 365, 471, 456, 323, 562,
        612, 571, 612, 583, 370, 613, 591, 242, 242, 549, 242, 876, 591, 600, 612, 612, 376, 528, 327, 591, 562, 818,
        546, 562, 552, 426, 333, 426, 662
    };

    /** Thousandths of an em, from the space to the tilde. */
    private static final short[] SEMIBOLD = {
        252, 321, 523, 644, 650, 1004, 663, 326, 373, 373, 540, 673, 319, 465, 319, 379, 660, 423, 623, 636, 666, 612,
        640, 576, 640, 640, 319, 329, 673, 673, 673, 543, 999, 728, 659, 737, 722, 605, 588, 749, 746, 277, 580, 703,
        565, 922, 759, 769, 645, 773, 652, 650, 660, 736, 728, 1020, 720, 713, 652, 373, 379, 373, 481, 469, 351, 574,
        624, 583, 624, 591, 389, 625, 612, 262, 262, 569, 262, 900, 612, 609, 624, 624, 397, 549, 353, 612, 587, 839,
        569, 588, 566, 455, 359, 455, 673
    };

    /** The ems of a lower case letter that is not in the tables. */
    private static final double LETTER_EM = 0.6;
    /** The ems of a capital that is not in the tables. */
    private static final double CAPITAL_EM = 0.7;
    /** The ems of an ideograph or a symbol. */
    private static final double FULL_EM = 1;
    /** The first code point of the ideographic scripts. */
    private static final int IDEOGRAPHS = 0x2E80;

    /** A plain measure; it has no state. */
    public PlainMeasure() {}

    @Override
    public double width(String text, Type type) {
        short[] table = type.weight() == Type.Weight.SEMIBOLD ? SEMIBOLD : REGULAR;
        double ems = 0;
        for (int i = 0; i < text.length(); ) {
            int c = text.codePointAt(i);
            ems += c >= FIRST && c < FIRST + table.length ? table[c - FIRST] / 1000.0 : ems(c);
            i += Character.charCount(c);
        }
        return ems * type.size();
    }

    private static double ems(int c) {
        if (TextFit.joins(c)) {
            return 0;
        }
        if (c >= IDEOGRAPHS) {
            return FULL_EM;
        }
        return Character.isUpperCase(c) ? CAPITAL_EM : LETTER_EM;
    }
}
