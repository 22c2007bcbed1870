package org.yonderarc.layout;

import java.util.Objects;
import org.yonderarc.tree.Decimals;

/**
 * How a text is set.
 *
 * @param size the size of the em in dp, more than 0
 * @param weight how bold
 */
public record Type(double size, Weight weight) {
    /** The weights that the bundled font is used in. */
    public enum Weight {
        /** CSS weight 400. */
        REGULAR(400),
        /** CSS weight 600. */
        SEMIBOLD(600);

        private final int css;

        Weight(int css) {
            this.css = css;
        }

        /** The number that CSS Fonts Level 4, section 2.2 gives this weight. */
        public int css() {
            return css;
        }
    }

    /** The height of a capital letter as a share of the em, in the bundled font. */
    public static final double CAP_HEIGHT = 0.727;

    public Type {
        Objects.requireNonNull(weight, "weight");
        if (!(size > 0)) {
            throw new IllegalArgumentException("a type size is more than 0 dp, not " + Decimals.text(size));
        }
    }

    /** A regular type of this size in dp. */
    public static Type regular(double size) {
        return new Type(size, Weight.REGULAR);
    }

    /** A semibold type of this size in dp. */
    public static Type semibold(double size) {
        return new Type(size, Weight.SEMIBOLD);
    }

    /** The baseline for capitals to stand centred on {@code y}. */
    public double baselineAround(double y) {
        return y + size * CAP_HEIGHT / 2;
    }
}
