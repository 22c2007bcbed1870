package org.yonderarc.draw;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import org.yonderarc.tree.Decimals;

/** A shape of Java2D as the path data of SVG 1.1, section 8.3. */
final class PathText {
    private static final String LETTERS = "MLQCZ";
    /** So many coordinates each of them has, in the order of the constants of a {@link PathIterator}. */
    private static final int[] COORDINATES = {2, 2, 4, 6, 0};

    private PathText() {}

    static String of(Shape shape) {
        var out = new StringBuilder();
        var at = new double[6];
        for (PathIterator path = shape.getPathIterator(null); !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            out.append(LETTERS.charAt(kind));
            for (int i = 0; i < COORDINATES[kind]; i++) {
                out.append(i == 0 ? "" : " ").append(Decimals.brief(at[i]));
            }
        }
        return out.toString();
    }
}
