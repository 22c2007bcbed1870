package org.yonderarc.layout;

/**
 * One line of text in its place.
 *
 * @param text the text, shortened where it had to be
 * @param anchor what {@code x} is the x of
 * @param x the x of the anchor, in dp
 * @param baseline the y of the baseline, in dp
 * @param width the advance width, in dp
 * @param type how it is set
 */
public record TextLine(String text, Anchor anchor, double x, double baseline, double width, Type type) {
    /** Which point of a line its x names. */
    public enum Anchor {
        /** The left end. */
        START,
        /** The middle. */
        MIDDLE,
        /** The right end. */
        END;

        /** The same point of a line that is read the other way. */
        public Anchor mirrored() {
            return switch (this) {
                case START -> END;
                case MIDDLE -> MIDDLE;
                case END -> START;
            };
        }
    }

    /** A line with its anchor at {@code x}, shortened to {@code most} dp. */
    public static TextLine of(
            String text, Anchor anchor, double x, double baseline, double most, Type type, TextMeasure measure) {
        String shortened = TextFit.shorten(text, type, most, measure);
        return new TextLine(shortened, anchor, x, baseline, measure.width(shortened, type), type);
    }

    /** The left end. */
    public double left() {
        return switch (anchor) {
            case START -> x;
            case MIDDLE -> x - width / 2;
            case END -> x - width;
        };
    }

    /** The box from the height of the capitals down to the baseline. */
    public Box box() {
        double height = type.size() * Type.CAP_HEIGHT;
        return new Box(left(), baseline - height, width, height);
    }
}
