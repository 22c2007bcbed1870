package org.yonderarc.android;

import android.graphics.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.yonderarc.icons.IconShape;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Outline;
import org.yonderarc.plan.IconSet;

/** Icons and outlines as paths of the system; those of icons are kept. */
final class IconPaths {
    /** So many icons are kept; when full, keeping starts again. */
    private static final int MOST = 512;

    /** A shape of an icon as a path, and how it is painted. */
    record Shape(Path path, IconShape paint) {}

    private record Key(IconSet set, String name, boolean filled) {}

    private final Icons icons;
    private final Map<Key, List<Shape>> known = new HashMap<>();

    IconPaths(Icons icons) {
        this.icons = icons;
    }

    /** The shapes of an icon on its grid; none where there is no icon with this name. */
    List<Shape> shapes(IconSet set, String name, boolean filled) {
        var key = new Key(set, name, filled);
        List<Shape> shapes = known.get(key);
        if (shapes == null) {
            if (known.size() >= MOST) {
                known.clear();
            }
            shapes = icons.in(set).art(name, filled).map(art -> art.outlines()).orElse(List.of()).stream()
                    .map(IconPaths::shape)
                    .collect(Collectors.toList());
            known.put(key, shapes);
        }
        return shapes;
    }

    private static Shape shape(IconShape shape) {
        Path path = path(shape.outline());
        path.setFillType(shape.evenOdd() ? Path.FillType.EVEN_ODD : Path.FillType.WINDING);
        return new Shape(path, shape);
    }

    static Path path(Outline outline) {
        var path = new Path();
        outline.draw(new Outline.Pen() {
            @Override
            public void move(double x, double y) {
                path.moveTo((float) x, (float) y);
            }

            @Override
            public void line(double x, double y) {
                path.lineTo((float) x, (float) y);
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                path.cubicTo((float) x1, (float) y1, (float) x2, (float) y2, (float) x, (float) y);
            }

            @Override
            public void close() {
                path.close();
            }
        });
        return path;
    }
}
