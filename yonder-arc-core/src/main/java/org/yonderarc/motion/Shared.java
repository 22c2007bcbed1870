package org.yonderarc.motion;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
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
        Optional<Place> place = place(other);
        return scene.nodes().stream()
                .map(node ->
                        node instanceof SceneNode.Group group && Pair.isScreen(group) ? lifted(group, place) : node)
                .collect(toList());
    }

    /** The row of {@code scene} that opens the screen of {@code other}. */
    static Optional<SceneNode.Group> row(Scene scene, Scene other) {
        Optional<Place> place = place(other);
        return scene.screen().stream()
                .flatMap(screen -> screen.groups().stream())
                .filter(row -> opens(row, place))
                .findFirst();
    }

    private static Optional<Place> place(Scene scene) {
        return scene.screen().map(group -> group.part() instanceof Part.Screen screen ? screen.place() : null);
    }

    private static SceneNode lifted(SceneNode.Group screen, Optional<Place> place) {
        var children = new ArrayList<SceneNode>();
        // Painted last: on their way they lie above everything else.
        var above = new ArrayList<SceneNode>();
        for (SceneNode node : screen.children()) {
            if (node instanceof SceneNode.Group row && opens(row, place)) {
                // What stays behind of the row has no text that could be shared once more.
                children.add(row.with(List.of()));
                above.addAll(row.children());
            } else {
                children.add(node);
            }
        }
        children.addAll(above);
        return screen.with(children);
    }

    private static boolean opens(SceneNode.Group row, Optional<Place> place) {
        return row.meaning() instanceof Meaning.Link link
                && link.step() instanceof Step.Open open
                && place.filter(open.place()::equals).isPresent();
    }
}
