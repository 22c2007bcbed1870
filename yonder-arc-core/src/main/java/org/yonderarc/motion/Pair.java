package org.yonderarc.motion;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;

/**
 * What belongs together in two scenes.
 *
 * @param a the node in the first scene; null where it arrives
 * @param b the node in the second scene; null where it leaves
 * @param tempo what times it
 * @param children the pairs of its children; none where both are still or one is missing
 */
@NullUnmarked // null says that there is none, within this file and those that ask it
record Pair(SceneNode a, SceneNode b, Part.Tempo tempo, List<Pair> children) {
    boolean isStill() {
        return a != null && b != null && a.equals(b);
    }

    /** The part that a node is; {@link Part.Plain#OTHER} for one that is no group. */
    static Part part(SceneNode node) {
        return node instanceof SceneNode.Group group ? group.part() : Part.Plain.OTHER;
    }

    static boolean isScreen(SceneNode node) {
        return part(node) instanceof Part.Screen;
    }

    /** How an item comes out of a button; no value for what stands by itself. */
    static Optional<Part.Entrance> entrance(SceneNode node) {
        return part(node) instanceof Part.Item item ? item.entrance() : Optional.empty();
    }
}
