package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
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

    /** The path of a node whose key another beside it has too: hosts and films tell them apart by it. No value where there is none. */
    public Optional<String> doubled() {
        return doubled(nodes, "");
    }

    private static Optional<String> doubled(List<SceneNode> siblings, String above) {
        Set<String> keys = new HashSet<>();
        for (SceneNode node : siblings) {
            String path = above + node.key();
            Optional<String> found = !keys.add(node.key())
                    ? Optional.of(path)
                    : node instanceof SceneNode.Group group ? doubled(group.children(), path + "/") : Optional.empty();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
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
        var shift = Shift.by(-area.x(), -area.y());
        return new Scene(area.width(), area.height(), background, title, shift.all(nodes));
    }

    /** The first group that is such a part of the app, wherever it stands. */
    public Optional<SceneNode.Group> first(Predicate<Part> wanted) {
        return first(nodes, wanted);
    }

    /** The first group that is this part of the app. */
    public Optional<SceneNode.Group> first(Part part) {
        return first(part::equals);
    }

    /** The bar with this word: that of its form, or {@code more}. */
    public Optional<SceneNode.Group> bar(String word) {
        return first(part -> part instanceof Part.Bar bar && bar.word().equals(word));
    }

    /** The content of the place that is shown. */
    public Optional<SceneNode.Group> screen() {
        return first(Part.Screen.class::isInstance);
    }

    private static Optional<SceneNode.Group> first(List<SceneNode> nodes, Predicate<Part> wanted) {
        for (SceneNode node : nodes) {
            if (node instanceof SceneNode.Group group) {
                Optional<SceneNode.Group> found =
                        wanted.test(group.part()) ? Optional.of(group) : first(group.children(), wanted);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }
}
