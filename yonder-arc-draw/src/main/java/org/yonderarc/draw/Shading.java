package org.yonderarc.draw;

import java.awt.Color;
import java.awt.LinearGradientPaint;
import java.awt.geom.Point2D;
import java.util.List;
import org.yonderarc.plan.Fill;
import org.yonderarc.scene.SceneNode;

/** Gradients as Java2D paints them. */
final class Shading {
    private Shading() {}

    /** The paint of a gradient. */
    static LinearGradientPaint of(SceneNode.Gradient node) {
        List<Fill.Shade> shades = node.shades();
        var at = new float[shades.size()];
        var colours = new Color[shades.size()];
        for (int i = 0; i < at.length; i++) {
            // Java2D wants each further than the one before; a hard edge is one that is as near as can be.
            at[i] = Math.max((float) shades.get(i).at(), i == 0 ? 0 : Math.nextUp(at[i - 1]));
            colours[i] = PngPainter.color(shades.get(i).colour());
        }
        at[at.length - 1] = 1;
        for (int i = at.length - 2; i > 0; i--) {
            at[i] = Math.min(at[i], Math.nextDown(at[i + 1]));
        }
        return new LinearGradientPaint(
                new Point2D.Double(node.startX(), node.startY()),
                new Point2D.Double(node.endX(), node.endY()),
                at,
                colours);
    }
}
