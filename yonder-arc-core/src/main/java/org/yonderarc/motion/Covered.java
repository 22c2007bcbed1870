package org.yonderarc.motion;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;

/**
 * What a circle that carries an icon covers on its way from one item to another: of the items between them, neither icon nor badge shows
 * on it. They are faded and not painted below it, as an element that a page moves to another place in its document loses the focus.
 */
final class Covered {
    private Covered() {}

    /** Fades what the circle covers in the items of a list that neither leaves nor gets it. */
    static void hide(Pair list, List<SceneNode> children) {
        Optional<Box> circle = children.stream()
                .filter(node -> Pair.part(node) == Part.Plain.MARK)
                .findFirst()
                .flatMap(SceneNode::box);
        if (circle.isEmpty()) {
            return;
        }
        for (Pair pair : list.children()) {
            if (pair.b() instanceof SceneNode.Group item
                    && item.part() instanceof Part.Item
                    && !isCurrent(pair.a())
                    && !isCurrent(item)) {
                children.replaceAll(node -> node.key().equals(item.key()) && node instanceof SceneNode.Group group
                        ? hide(group, circle.get())
                        : node);
            }
        }
    }

    private static boolean isCurrent(SceneNode node) {
        return node instanceof SceneNode.Group group && group.meaning() instanceof Meaning.Link link && link.current();
    }

    private static SceneNode hide(SceneNode.Group item, Box circle) {
        return item.with(item.children().stream()
                .map(part -> part instanceof SceneNode.Icon || Pair.part(part) == Part.Plain.BADGE
                        ? part.faded(seen(part.box().orElseThrow(), circle))
                        : part)
                .collect(toList()));
    }

    /** How much is seen of something: nothing where half of it is covered. */
    private static double seen(Box box, Box circle) {
        double across = Math.min(box.right(), circle.right()) - Math.max(box.x(), circle.x());
        double down = Math.min(box.bottom(), circle.bottom()) - Math.max(box.y(), circle.y());
        double covered = Math.max(0, across) * Math.max(0, down) / (box.width() * box.height());
        return Math.max(0, 1 - 2 * covered);
    }
}
