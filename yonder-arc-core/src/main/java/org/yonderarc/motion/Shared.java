package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Step;

/**
 * Elements that two screens share although one of them has them within a row: the row that opens the other screen. Its
 * picture and its texts are lifted out of it, and so have the keys that the other screen's own have.
 */
final class Shared {
    private Shared() {}

    /** The nodes of {@code scene}, what it shares with the screen of {@code other} lifted out of its row. */
    static List<SceneNode> lifted(Scene scene, Scene other) {
        Optional<String> place = screen(other).map(group -> group.key().substring("screen:".length()));
        return scene.nodes().stream()
                .map(node -> node instanceof SceneNode.Group group && Pair.isScreen(group)
                        ? lifted(group, place.orElse(""))
                        : node)
                .toList();
    }

    /** The row of {@code scene} that opens the screen of {@code other}. */
    static Optional<SceneNode.Group> row(Scene scene, Scene other) {
        String place = screen(other)
                .map(group -> group.key().substring("screen:".length()))
                .orElse("");
        return screen(scene).stream()
                .flatMap(screen -> screen.children().stream())
                .filter(SceneNode.Group.class::isInstance)
                .map(SceneNode.Group.class::cast)
                .filter(row -> opens(row, place))
                .findFirst();
    }

    private static Optional<SceneNode.Group> screen(Scene scene) {
        return scene.nodes().stream()
                .filter(Pair::isScreen)
                .map(SceneNode.Group.class::cast)
                .findFirst();
    }

    private static SceneNode lifted(SceneNode.Group screen, String place) {
        var children = new ArrayList<SceneNode>();
        // Painted last: on their way they lie above everything else.
        var above = new ArrayList<SceneNode>();
        for (SceneNode node : screen.children()) {
            if (node instanceof SceneNode.Group row && opens(row, place)) {
                // What stays behind of the row has no text that could be shared once more.
                children.add(new SceneNode.Group(
                        row.key(), row.meaning(), row.area(), row.clip(), List.of(), row.opacity()));
                above.addAll(row.children());
            } else {
                children.add(node);
            }
        }
        children.addAll(above);
        return new SceneNode.Group(
                screen.key(), screen.meaning(), screen.area(), screen.clip(), children, screen.opacity());
    }

    private static boolean opens(SceneNode.Group row, String place) {
        return row.meaning() instanceof Meaning.Link link
                && link.step() instanceof Step.Open open
                && open.place().text().equals(place);
    }
}
