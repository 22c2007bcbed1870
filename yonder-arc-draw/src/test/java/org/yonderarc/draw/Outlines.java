package org.yonderarc.draw;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.IconShape;

/** Draws the outlines of an icon, by nothing but Java's own shapes. */
final class Outlines {
    private static final float MITER = 4;

    private Outlines() {}

    static void draw(IconArt art, Graphics2D graphics) {
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        for (IconShape shape : art.outlines()) {
            Path2D path = PngPainter.path2d(shape.outline());
            path.setWindingRule(shape.evenOdd() ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
            var seen = new Area();
            if (shape.filled()) {
                seen.add(new Area(path));
            }
            shape.stroke()
                    .ifPresent(line -> seen.add(
                            new Area(new BasicStroke((float) line.width(), cap(line.cap()), join(line.join()), MITER)
                                    .createStrokedShape(path))));
            graphics.setComposite(AlphaComposite.SrcOver.derive((float) shape.opacity()));
            graphics.fill(seen);
        }
    }

    private static int cap(IconShape.Cap cap) {
        return switch (cap) {
            case ROUND -> BasicStroke.CAP_ROUND;
            case BUTT -> BasicStroke.CAP_BUTT;
            case SQUARE -> BasicStroke.CAP_SQUARE;
        };
    }

    private static int join(IconShape.Join join) {
        return switch (join) {
            case ROUND -> BasicStroke.JOIN_ROUND;
            case MITER -> BasicStroke.JOIN_MITER;
            case BEVEL -> BasicStroke.JOIN_BEVEL;
        };
    }
}
