package org.yonderarc.motion;

import static org.yonderarc.portable.Lists.toList;

import org.yonderarc.layout.Box;
import org.yonderarc.plan.Form;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/**
 * How what comes or goes looks when a share of it is there.
 *
 * @param rightToLeft whether everything is mirrored
 * @param isBeneath whether the drawer lies beneath the page, and doesn't come from the side
 */
record Presence(boolean rightToLeft, boolean isBeneath) {
    /** How far a drawer beneath the page comes from its edge, as a share of its width. */
    private static final double PARALLAX = 0.25;
    /** How many times faster than the page itself its shadow and its corners come. */
    static final double SOON = 8;

    /** An item on its way out of its button. */
    static SceneNode fanned(SceneNode.Group item, Part.Entrance entrance, double share) {
        Box from = entrance.from();
        double rest = 1 - share;
        return item.moved(
                        (from.centerX() - item.area().centerX()) * rest,
                        (from.centerY() - item.area().centerY()) * rest)
                .faded(Math.min(1, 2 * share));
    }

    /** What is there for a share only: bars come over their edge, badges pop, everything else fades. */
    SceneNode present(SceneNode node, double share, Part.Tempo tempo, Scene own) {
        if (!(node instanceof SceneNode.Group group)) {
            return node.faded(tempo == Part.Tempo.SELECT ? share * share : share);
        }
        if (group.part() instanceof Part.Bar bar) {
            return bar(group, bar.edge(), share, own);
        }
        if (group.part() == Part.Plain.PAGE_SHADOW) {
            return group.faded(Math.max(0, Math.min(1, share * SOON)));
        }
        return group.part() == Part.Plain.BADGE ? popped(group, share) : group.faded(share);
    }

    /** A bar on its way over its edge, all of it: one that stands free goes farther than its own extent. */
    SceneNode bar(SceneNode.Group bar, Form.Edge edge, double share, Scene own) {
        double rest = 1 - share;
        Box area = bar.area();
        boolean isLeft = (edge == Form.Edge.LEADING) != rightToLeft;
        double aside = (isLeft ? -area.right() : own.width() - area.x()) * rest * (isBeneath ? PARALLAX : 1);
        return switch (edge) {
            case LEADING, TRAILING -> bar.moved(aside, 0);
            case LOWER -> bar.moved(0, (own.height() - area.y()) * rest);
            case UPPER -> bar.moved(0, -bar.area().height() * rest);
            case CONTENT, ABOVE -> bar.faded(share);
        };
    }

    /** A badge grows from its middle; what it says fades. */
    private static SceneNode popped(SceneNode.Group badge, double share) {
        double seen = Math.max(0, share);
        return badge.with(badge.children().stream()
                .map(node -> node instanceof SceneNode.Rect rect ? scaled(rect, seen) : node.faded(seen * seen))
                .collect(toList()));
    }

    private static SceneNode scaled(SceneNode.Rect rect, double share) {
        Box box = rect.area();
        return new SceneNode.Rect(
                rect.key(),
                Box.around(box.centerX(), box.centerY(), box.width() * share, box.height() * share),
                rect.radius() * share,
                rect.fill());
    }
}
