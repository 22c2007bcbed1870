package org.yonderarc.sheet;

import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.plan.Body;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.SceneNode;

/**
 * What a device's body shows on its screen: a camera, a strip or keys, a fold.
 *
 * @param device the device
 * @param body the body around its screen
 * @param bezel from the body's edge to the screen, in dp
 */
record BodyParts(Device device, Box body, double bezel) {
    private static final Colour LENS = Colour.rgb(0x0B1418);
    private static final Colour GLINT = Colour.rgb(0x3C5866);
    /** Seen on light and on dark ground. */
    private static final Colour SIGN = new Colour(124, 140, 148, 0.85);

    private static final Colour FOLD = new Colour(124, 140, 148, 0.22);
    private static final double LENS_SIZE = 12;
    /** Less than this at the lower edge has no room for a strip or keys. */
    private static final double LEAST_BELOW = 16;

    void draw(List<SceneNode> nodes) {
        camera(nodes);
        below(nodes);
        if (device.body() == Body.FOLD) {
            var line = new Box(body.centerX() - 1, body.y() + bezel, 2, body.height() - 2 * bezel);
            nodes.add(new SceneNode.Rect("fold", line, 0, FOLD));
        }
    }

    /** A lens at the edge that the hardware claims most of; none where it claims nothing. */
    private void camera(List<SceneNode> nodes) {
        Insets safe = device.safe();
        double most = Math.max(Math.max(safe.top(), safe.left()), safe.right());
        if (most < 2 * LENS_SIZE) {
            return;
        }
        boolean isAbove = most == safe.top();
        double across = device.body() == Body.SQUARE ? body.x() + bezel + 44 : body.centerX();
        double x =
                isAbove ? across : most == safe.left() ? body.x() + bezel + most / 2 : body.right() - bezel - most / 2;
        double y = isAbove ? body.y() + bezel + most / 2 : body.centerY();
        if (device.body() == Body.ROUND) {
            // A second eye beside the lens.
            Box eye = Box.around(x + (isAbove ? 20 : 0), y + (isAbove ? 0 : 20), LENS_SIZE / 2, LENS_SIZE / 2);
            nodes.add(new SceneNode.Rect("eye", eye, LENS_SIZE / 4, LENS));
        }
        nodes.add(new SceneNode.Rect("lens", Box.around(x, y, LENS_SIZE, LENS_SIZE), LENS_SIZE / 2, LENS));
        nodes.add(new SceneNode.Path(
                "glint",
                new Outline(List.of(
                        new Outline.Move(x - 3, y - 1), new Outline.Curve(x - 3, y - 2.5, x - 1.5, y - 3, x, y - 3))),
                GLINT,
                Optional.of(1.0)));
    }

    /** A strip to swipe from, or three keys. */
    private void below(List<SceneNode> nodes) {
        double room = device.safe().bottom();
        double y = body.bottom() - bezel - room / 2;
        if (room < LEAST_BELOW) {
            return;
        }
        if (device.body() == Body.ROUND) {
            nodes.add(new SceneNode.Rect("strip", Box.around(body.centerX(), y + 4, 128, 5), 2.5, SIGN));
        } else if (device.body() == Body.SQUARE) {
            double apart = (body.width() - 2 * bezel) / 4;
            for (int key = -1; key <= 1; key++) {
                Box box = Box.around(body.centerX() + key * apart, y, 18, key == 0 ? 18 : 4);
                nodes.add(new SceneNode.Rect("key" + (key + 1), box, key == 0 ? 6 : 2, SIGN));
            }
        }
    }
}
