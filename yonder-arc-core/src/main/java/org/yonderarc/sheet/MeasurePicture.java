package org.yonderarc.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;

/** Measures as a picture: the bar at twice its size, red-lined, and each part named beside it. */
public final class MeasurePicture {
    private static final Colour RED = Colour.rgb(0xC81E3A);
    private static final double ZOOM = 2;
    private static final double LEFT = 96;
    private static final double TOP = 96;
    private static final double LINE = 20;
    private static final double LEGEND = 560;

    private final Measures measures;
    private final TextMeasure measure;
    private final Box view;
    private final List<SceneNode> nodes = new ArrayList<>();

    private MeasurePicture(Measures measures, TextMeasure measure) {
        this.measures = measures;
        this.measure = measure;
        this.view = measures.shot().view(measures.bar().area());
    }

    /** The picture. */
    public static Scene of(Measures measures, TextMeasure measure) {
        return new MeasurePicture(measures, measure).draw();
    }

    private double x(double dp) {
        return LEFT + (dp - view.x()) * ZOOM;
    }

    private double y(double dp) {
        return TOP + (dp - view.y()) * ZOOM;
    }

    private Scene draw() {
        Shot shot = measures.shot();
        Scene part = shot.scene(measure);
        String title = shot.plan().app().name() + ", " + shot.part().orElseThrow() + " on "
                + shot.setting().device().id() + ", in dp";
        Sheet.text(nodes, "title", title, Type.semibold(15), LEFT, 36, measure);
        nodes.add(part.placed("bar", LEFT, TOP, ZOOM, 12));
        extents();
        double legend = LEFT + part.width() * ZOOM + 40;
        double bottom = legend(legend);
        double height = Math.max(TOP + part.height() * ZOOM, bottom) + 48;
        return new Scene(legend + LEGEND, height, Sheet.DESK, shot.plan().app().name() + ", measured", nodes);
    }

    /** The extents of the bar and its items, and frames around what stands in items. */
    private void extents() {
        Box box = measures.bar().area();
        boolean lies = box.width() >= box.height();
        int index = 0;
        for (SceneNode.Group item : measures.items()) {
            Box area = item.area();
            if (lies) {
                across("item-" + index, x(area.x()), x(area.right()), TOP - LINE, brief(area.width()));
            } else {
                along("item-" + index, LEFT - LINE, y(area.y()), y(area.bottom()), brief(area.height()));
            }
            int inner = 0;
            for (SceneNode node : item.children()) {
                boolean isRead = node instanceof SceneNode.Icon || node instanceof SceneNode.Text;
                if (isRead && node.box().isPresent()) {
                    frame("frame-" + index + "-" + inner++, node.box().get());
                }
            }
            index++;
        }
        if (lies) {
            along("height", LEFT - LINE - 4, y(box.y()), y(box.bottom()), brief(box.height()));
        } else {
            across("width", x(box.x()), x(box.right()), TOP - LINE, brief(box.width()));
        }
    }

    private double legend(double x) {
        double y = TOP + 8;
        for (Measures.Measure one : measures.all()) {
            String colour =
                    one.colour().isEmpty() ? "" : "   " + (one.role().isEmpty() ? "" : one.role() + " ") + one.colour();
            String text = one.part() + "   " + size(one.box())
                    + (one.radius() > 0 ? "   radius " + brief(one.radius()) : "")
                    + colour
                    + (one.type().isEmpty() ? "" : "   " + one.type());
            nodes.add(Sheet.note("legend-" + nodes.size(), text, x, y, Sheet.INK, measure));
            y += LINE;
        }
        return y;
    }

    /** Width and height; of a distance, which has only one of them, that one. */
    private static String size(Box box) {
        if (box.width() == 0 || box.height() == 0) {
            return brief(Math.max(box.width(), box.height()));
        }
        return brief(box.width()) + " \u00d7 " + brief(box.height());
    }

    private void across(String key, double a, double b, double y, String text) {
        line(key, a, y, b, y);
        line(key + "-start", a, y - 4, a, y + 4);
        line(key + "-end", b, y - 4, b, y + 4);
        double width = measure.width(text, Type.regular(12));
        nodes.add(Sheet.note(key + "-size", text, (a + b - width) / 2, y - 10, RED, measure));
    }

    private void along(String key, double x, double a, double b, String text) {
        line(key, x, a, x, b);
        line(key + "-start", x - 4, a, x + 4, a);
        line(key + "-end", x - 4, b, x + 4, b);
        double width = measure.width(text, Type.regular(12));
        nodes.add(Sheet.note(key + "-size", text, x - 8 - width, (a + b) / 2, RED, measure));
    }

    /** A number with one decimal at most, as people read it. */
    private static String brief(double dp) {
        return Decimals.brief(Math.round(dp * 10) / 10.0);
    }

    private void line(String key, double x0, double y0, double x1, double y1) {
        var outline = new Outline(List.of(new Outline.Move(x0, y0), new Outline.Line(x1, y1)));
        nodes.add(new SceneNode.Path(key, outline, RED, Optional.of(1.0)));
    }

    private void frame(String key, Box box) {
        if (box.width() > 0) {
            var placed = new Box(x(box.x()), y(box.y()), box.width() * ZOOM, box.height() * ZOOM);
            nodes.add(new SceneNode.Path(key, Outline.rounded(placed, 0), RED.withAlpha(0.6), Optional.of(1.0)));
        }
    }
}
