package org.yonderarc.motion;

import java.util.List;
import org.yonderarc.plan.Colour;

/**
 * One movement of one node of a film.
 *
 * @param path the keys from the top down to the node, each with a slash before it
 * @param move what changes
 * @param pace how far the change has come at a time
 */
public record Track(String path, Move move, Pace pace) {
    /** What changes of a node. */
    public sealed interface Move {}

    /**
     * The node moves in a straight line, with everything in it: by these distances at share 0, and not at all at share 1. What is in
     * a node that moves may move in it.
     *
     * @param dx the distance to the right, in dp
     * @param dy the distance downwards, in dp
     */
    public record Shift(double dx, double dy) implements Move {}

    /**
     * A rectangle changes its size, from its upper left corner. At share 1 it has its own size.
     *
     * @param width the width at share 0, in dp
     * @param height the height at share 0, in dp
     * @param radius the radius of its corners at share 0, in dp; at no time more than half of its shorter side
     */
    public record Resize(double width, double height, double radius) implements Move {}

    /**
     * A text or an icon changes its size: a text from the left end of its baseline, an icon from its upper left corner.
     *
     * @param from how many times as large it is at share 0; 1 at share 1
     */
    public record Scale(double from) implements Move {}

    /**
     * The opacity of the node changes; it multiplies the one that the node has.
     *
     * @param from the factor at share 0, from 0 to 1
     * @param to the factor at share 1, from 0 to 1
     */
    public record Fade(double from, double to) implements Move {}

    /**
     * The colour of a rectangle, a text, an icon or a path changes.
     *
     * @param colours the colours at equal steps of the share, from 0 to 1; between them it is interpolated in sRGB,
     *     with red, green and blue multiplied by alpha
     */
    public record Tint(List<Colour> colours) implements Move {
        public Tint {
            colours = List.copyOf(colours);
        }

        /** The colour at a share; before 0 the first, after 1 the last. */
        public Colour at(double share) {
            double step = Math.max(0, Math.min(1, share)) * (colours.size() - 1);
            int before = (int) Math.min(Math.floor(step), colours.size() - 2.0);
            return between(colours.get(before), colours.get(before + 1), step - before);
        }

        private static Colour between(Colour a, Colour b, double share) {
            double alpha = Tween.lerp(a.alpha(), b.alpha(), share);
            return alpha <= 0
                    ? b.withAlpha(0)
                    : new Colour(
                            channel(a.red() * a.alpha(), b.red() * b.alpha(), share, alpha),
                            channel(a.green() * a.alpha(), b.green() * b.alpha(), share, alpha),
                            channel(a.blue() * a.alpha(), b.blue() * b.alpha(), share, alpha),
                            alpha);
        }

        private static int channel(double a, double b, double share, double alpha) {
            return (int) Math.round(Math.min(255, Tween.lerp(a, b, share) / alpha));
        }
    }
}
