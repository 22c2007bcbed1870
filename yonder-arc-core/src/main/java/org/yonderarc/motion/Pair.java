package org.yonderarc.motion;

import java.util.List;
import org.yonderarc.scene.SceneNode;

/**
 * What belongs together in two scenes.
 *
 * @param a the node in the first scene; null where it arrives
 * @param b the node in the second scene; null where it leaves
 * @param part what times it
 * @param children the pairs of its children; none where both are still or one is missing
 */
record Pair(SceneNode a, SceneNode b, Part part, List<Pair> children) {
    /** What times a node. */
    enum Part {
        SCREEN,
        SELECT,
        DRAWER
    }

    boolean isStill() {
        return a != null && b != null && a.equals(b);
    }

    static boolean isScreen(SceneNode node) {
        return node.key().startsWith("screen:");
    }
}
