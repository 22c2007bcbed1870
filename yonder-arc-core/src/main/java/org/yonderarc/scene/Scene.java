package org.yonderarc.scene;

import java.util.List;
import java.util.Objects;
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
}
