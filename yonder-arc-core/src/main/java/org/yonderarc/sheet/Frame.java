package org.yonderarc.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Body;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** A plain device of no maker around a scene, on the ground that sheets have. */
public final class Frame {
    private static final Colour BODY = Colour.rgb(0x27343A);
    private static final Colour EDGE = Colour.rgb(0x53636A);
    private static final Colour STRIP = Colour.rgb(0xF4F7F8);
    private static final Colour LINE = Colour.rgb(0xC9D3D7);
    private static final Colour DARK_STRIP = Colour.rgb(0x1D2529);
    private static final Colour DARK_LINE = Colour.rgb(0x3B484E);
    /** What is darker than this has a dark window around it. */
    private static final double DARK = 0.18;

    /** The room around the device, in which its shadow lies. */
    static final double MARGIN = 40;
    /** What a body shows around its screen. */
    private static final double BEZEL = 12;
    /** The height of the strip above a window's content. */
    private static final double TITLE = 36;

    private static final int SHADOWS = 12;

    private Frame() {}

    /** The scene on its device: a body with a camera where the hardware claims an edge, a window where people use a mouse. */
    public static Scene around(Scene scene, Device device) {
        boolean isWindow = device.body() == Body.WINDOW;
        double radius = radius(scene, device.body());
        double bezel = isWindow ? 1 : BEZEL;
        double above = isWindow ? TITLE : bezel;
        double width = scene.width() + 2 * (MARGIN + bezel);
        double height = scene.height() + 2 * MARGIN + above + bezel;
        var body = new Box(MARGIN, MARGIN, width - 2 * MARGIN, height - 2 * MARGIN);
        var nodes = new ArrayList<SceneNode>();
        shadow(body, radius + bezel, nodes);
        if (isWindow) {
            nodes.add(new SceneNode.Rect("body", body, radius, isDark(scene) ? DARK_LINE : LINE));
            nodes.add(window(scene, body, radius));
        } else {
            nodes.add(new SceneNode.Rect("edge", body, radius + bezel, EDGE));
            nodes.add(new SceneNode.Rect("body", inset(body, 1.5), radius + bezel - 1.5, BODY));
            nodes.add(scene.placed("shot", MARGIN + bezel, MARGIN + above, 1, radius));
            var parts = new BodyParts(device, body, BEZEL);
            parts.draw(nodes);
        }
        return new Scene(width, height, Sheet.DESK, scene.title(), nodes);
    }

    /** The content below a strip with three lines to hold it by; one rounded shape together. */
    private static SceneNode window(Scene scene, Box body, double radius) {
        Box inner = inset(body, 1);
        var parts = new ArrayList<SceneNode>();
        parts.add(new SceneNode.Rect("strip", inner, 0, isDark(scene) ? DARK_STRIP : STRIP));
        Colour line = isDark(scene) ? DARK_LINE : LINE;
        for (int i = 0; i < 3; i++) {
            double y = inner.y() + TITLE / 2 - 5 + 4.0 * i;
            parts.add(new SceneNode.Rect("grip-" + i, new Box(body.centerX() - 20, y, 40, 1.5), 0.75, line));
        }
        parts.add(scene.placed("shot", MARGIN + 1, MARGIN + TITLE, 1, 0));
        return new SceneNode.Group(
                "window", new org.yonderarc.scene.Meaning.Plain(), inner, Optional.of(radius - 1), parts);
    }

    private static boolean isDark(Scene scene) {
        return scene.background().luminance() < DARK;
    }

    /** Many thin layers, each wider than the one above, so that no edge of one is seen. */
    private static void shadow(Box body, double radius, List<SceneNode> nodes) {
        for (int layer = SHADOWS; layer >= 1; layer--) {
            double out = 2.5 * layer - 6;
            var box = new Box(body.x() - out, body.y() - out + 12, body.width() + 2 * out, body.height() + 2 * out);
            nodes.add(new SceneNode.Rect("shadow-" + layer, box, radius + out, new Colour(8, 24, 30, 0.014)));
        }
    }

    private static double radius(Scene scene, Body body) {
        double most = Math.min(scene.width(), scene.height()) / 8;
        return switch (body) {
            case WINDOW -> 10;
            case ROUND -> Math.min(56, most);
            case SQUARE -> Math.min(18, most);
            case FOLD -> Math.min(28, most);
            case PLAIN -> Math.min(40, Math.min(scene.width(), scene.height()) / 10);
        };
    }

    private static Box inset(Box box, double by) {
        return new Box(box.x() + by, box.y() + by, box.width() - 2 * by, box.height() - 2 * by);
    }
}
