package org.yonderarc.stage;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;

/**
 * What lies uppermost at a point.
 *
 * @param target what can be chosen there
 * @param scrolls the path of what can be scrolled there, innermost
 * @param content the place whose content is reached there
 */
record Hit(Optional<HitTarget> target, Optional<String> scrolls, Optional<Place> content) {
    /**
     * How a host that scrolls itself shows something otherwise than the nodes do.
     *
     * @param scrolled how far its parts are scrolled
     * @param up how far it has left upwards, in dp
     * @param grown how far its box reaches further up, in dp
     */
    record Unseen(Offset scrolled, double up, double grown) {
        /** As the nodes do. */
        static final Unseen NONE = new Unseen(Offset.NONE, 0, 0);
    }

    /** Nothing. */
    static final Hit NONE = new Hit(Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * What lies at a point of these nodes: what is painted later lies above, and nothing is reached through a ground.
     *
     * @param unseen how what has a path is shown otherwise than by the nodes
     */
    static Hit at(List<SceneNode> nodes, double x, double y, Function<String, Unseen> unseen) {
        Hit found = in(nodes, "", x, y, unseen);
        return found == null ? NONE : found;
    }

    /** Null where nothing stops the pointer. */
    private static @Nullable Hit in(
            List<SceneNode> nodes, String path, double x, double y, Function<String, Unseen> unseen) {
        for (int i = nodes.size() - 1; i >= 0; i--) {
            SceneNode node = nodes.get(i);
            Hit found = node instanceof SceneNode.Group group ? in(group, path, x, y, unseen) : ground(node, x, y);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private static @Nullable Hit in(
            SceneNode.Group group, String above, double x, double y, Function<String, Unseen> unseen) {
        String path = above + "/" + group.key();
        Unseen hidden = unseen.apply(path);
        Box area = group.area();
        double ownY = y + hidden.up;
        boolean inside =
                holds(new Box(area.x(), area.y() - hidden.grown, area.width(), area.height() + hidden.grown), x, ownY);
        if (group.clip().isPresent() && !inside || isShadow(group.part())) {
            return null;
        }
        Hit found = in(group.children(), path, x + hidden.scrolled.across(), ownY + hidden.scrolled.down(), unseen);
        Optional<HitTarget> own = HitTarget.of(group, path).filter(any -> inside);
        if (found == null && own.isEmpty() && !(inside && isContent(group))) {
            return null;
        }
        Hit inner = found == null ? NONE : found;
        return new Hit(
                inner.target.or(() -> own),
                inner.scrolls.or(() -> inside && scrolls(group.meaning()) ? Optional.of(path) : Optional.empty()),
                inner.content.or(() -> inside && group.part() instanceof Part.Screen screen
                        ? Optional.of(screen.place())
                        : Optional.empty()));
    }

    private static boolean isContent(SceneNode.Group group) {
        return group.part() instanceof Part.Screen || scrolls(group.meaning());
    }

    private static boolean scrolls(Meaning meaning) {
        return meaning instanceof Meaning.Main main && main.reach() > 0
                || meaning instanceof Meaning.Scroll scroll && scroll.across() + scroll.down() > 0;
    }

    private static boolean isShadow(Part part) {
        return part == Part.Plain.SHADOW || part == Part.Plain.PAGE_SHADOW;
    }

    /** Texts, icons and lines let a pointer through to what they stand on. */
    private static @Nullable Hit ground(SceneNode node, double x, double y) {
        boolean stops = node instanceof SceneNode.Rect rect && isSeen(rect.fill())
                || node instanceof SceneNode.Gradient
                || node instanceof SceneNode.Picture;
        return stops && node.box().filter(box -> holds(box, x, y)).isPresent() ? NONE : null;
    }

    private static boolean isSeen(Colour colour) {
        return colour.alpha() > 0;
    }

    static boolean holds(Box box, double x, double y) {
        return x >= box.x() && x < box.right() && y >= box.y() && y < box.bottom();
    }
}
