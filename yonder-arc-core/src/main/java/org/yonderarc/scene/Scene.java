package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;

/**
 * A picture before it is painted.
 *
 * @param width the width in dp
 * @param height the height in dp
 * @param background the colour behind everything
 * @param title what it is a picture of
 * @param nodes what to paint, in order
 */
public record Scene(double width, double height, Colour background, String title, List<SceneNode> nodes) {
    public Scene {
        Objects.requireNonNull(background, "background");
        Objects.requireNonNull(title, "title");
        nodes = List.copyOf(nodes);
    }

    /**
     * This scene as a part of another: its upper left corner at {@code x}, {@code y}, everything scaled.
     *
     * @param key the part's key
     * @param radius the radius of its corners in dp, after scaling
     */
    public SceneNode.Group placed(String key, double x, double y, double scale, double radius) {
        var shift = new Shift(false, scale, x, y);
        var box = new Box(x, y, width * scale, height * scale);
        var inner = new ArrayList<SceneNode>();
        inner.add(new SceneNode.Rect("background", box, 0, background));
        inner.addAll(shift.all(nodes));
        return new SceneNode.Group(key, new Meaning.Plain(), box, Optional.of(radius), inner);
    }

    /** The part of this scene inside of {@code area}, as a scene of its own. */
    public Scene cropped(Box area) {
        var shift = new Shift(false, 1, -area.x(), -area.y());
        return new Scene(area.width(), area.height(), background, title, shift.all(nodes));
    }

    /** The group with this key at the top of this scene, or of its page. */
    public Optional<SceneNode.Group> group(String key) {
        return nodes.stream()
                .filter(SceneNode.Group.class::isInstance)
                .map(SceneNode.Group.class::cast)
                .flatMap(group -> group.key().equals("page")
                        ? Stream.concat(
                                Stream.of(group),
                                group.children().stream()
                                        .filter(SceneNode.Group.class::isInstance)
                                        .map(SceneNode.Group.class::cast))
                        : Stream.of(group))
                .filter(group -> group.key().equals(key))
                .findFirst();
    }
}
