package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Transition;
import org.yonderarc.scene.SceneNode;

/**
 * How one screen follows another.
 *
 * @param score how the film is to be played
 * @param ground the colour that lies below screens
 */
record Screens(Score score, Colour ground) {
    /** How far the old screen moves below one that covers it, as a share of the width. */
    private static final double PARALLAX = 0.25;
    /** How far below its place a row starts that comes later than others, in dp. */
    private static final double RISE = 24;

    private static final int EDGE_LAYERS = 5;
    /** Rows below this come together: they are out of sight. */
    private static final int MOST_ROWS = 12;
    /** What belongs to a row, by the first part of its key. */
    private static final List<String> ROWS = List.of("row", "card", "line", "pin");

    /** A screen at progress {@code p} of the way, as it arrives or leaves. */
    void play(SceneNode.Group whole, double p, double ms, boolean arrives, List<SceneNode> out) {
        Transition.Kind kind =
                score.passage().map(passage -> passage.transition().kind()).orElse(Transition.Kind.FADE);
        boolean forward = score.passage().map(passage -> passage.forward()).orElse(true);
        SceneNode.Group group = arrives && forward ? staggered(whole, ms) : whole;
        Box area = group.area();
        double side = score.rightToLeft() ? -1 : 1;
        // The way of the screen that lies above: from its edge on the way forward, back to it on the way back.
        boolean above = arrives == forward;
        double away = forward ? 1 - p : p;
        switch (kind) {
            case NONE -> {
                if (arrives) {
                    out.add(group);
                }
            }
            case PUSH -> {
                double offset = (arrives ? 1 - p : -p) * area.width() * side * (forward ? 1 : -1);
                out.add(Moves.by(grounded(group), offset, 0));
            }
            case COVER -> {
                double offset = above ? away * area.width() : -(1 - away) * area.width() * PARALLAX;
                if (above) {
                    double edge = area.x() + offset * side + (side > 0 ? 0 : area.width());
                    edgeShadow(edge, side, area, out);
                }
                out.add(Moves.by(grounded(group), offset * side, 0));
            }
            case RISE -> out.add(above ? Moves.by(grounded(group), 0, away * area.height()) : group);
            case GROW -> out.add(above ? grown(group, 1 - away) : group);
            default -> out.add(arrives ? Tween.faded(grounded(group), p) : group);
        }
    }

    /** A soft shadow before the edge of a screen that covers another. */
    private static void edgeShadow(double edge, double side, Box area, List<SceneNode> out) {
        for (int layer = 1; layer <= EDGE_LAYERS; layer++) {
            double width = 3.0 * layer;
            var box = new Box(side > 0 ? edge - width : edge, area.y(), width, area.height());
            out.add(new SceneNode.Rect("edge-shadow-" + layer + "~", box, 0, new Colour(8, 24, 30, 0.025)));
        }
    }

    /** How much longer the last row of an arriving screen takes than the screen itself, in ms. */
    double late(SceneNode node) {
        boolean forward = score.passage().map(passage -> passage.forward()).orElse(false);
        boolean isAtOnce = score.screens().duration() == 0;
        if (!forward || isAtOnce || !(node instanceof SceneNode.Group group)) {
            return 0;
        }
        // A screen without rows is not late.
        int last = group.children().stream().mapToInt(Screens::row).max().orElse(0);
        return stagger() * Math.max(0, last);
    }

    private double stagger() {
        return score.passage().map(passage -> passage.transition().stagger()).orElse(0.0);
    }

    /** The rows of a screen that arrives, each later than the one above it. */
    private SceneNode.Group staggered(SceneNode.Group group, double ms) {
        if (stagger() == 0) {
            return group;
        }
        Clock clock = score.screens();
        var children = new ArrayList<SceneNode>();
        for (SceneNode child : group.children()) {
            double p = clock.progress(ms - Math.max(0, row(child)) * stagger());
            children.add(row(child) < 0 ? child : Tween.faded(Moves.node(child, 0, (1 - p) * RISE), p));
        }
        return new SceneNode.Group(group.key(), group.meaning(), group.area(), group.clip(), children, group.opacity());
    }

    /** The number of the row that a node of a screen belongs to, at most {@link #MOST_ROWS}; -1 where it belongs to none. */
    private static int row(SceneNode node) {
        String key = node.key();
        int colon = key.indexOf(':');
        if (colon < 0 || !ROWS.contains(key.substring(0, colon))) {
            return -1;
        }
        int row = 0;
        for (int i = colon + 1; i < key.length() && Character.isDigit(key.charAt(i)); i++) {
            row = Math.min(MOST_ROWS, row * 10 + key.charAt(i) - '0');
        }
        return row;
    }

    /** A screen that shows a part of itself only, from the chosen item to all of it. */
    private SceneNode grown(SceneNode.Group group, double share) {
        double p = Math.max(0, Math.min(1, share));
        Box start = score.origin()
                .orElse(Box.around(group.area().centerX(), group.area().centerY(), 48, 48));
        Box area = Tween.lerp(start, group.area(), p);
        return new SceneNode.Group(
                group.key(),
                group.meaning(),
                area,
                Optional.of(Tween.lerp(24, 0, p)),
                grounded(group).children(),
                Math.min(1, p * 4));
    }

    /** The screen on a ground of its own, so that nothing shows through it. */
    private SceneNode.Group grounded(SceneNode.Group group) {
        var children = new ArrayList<SceneNode>();
        children.add(new SceneNode.Rect("ground~", group.area(), 0, ground));
        children.addAll(group.children());
        return new SceneNode.Group(group.key(), group.meaning(), group.area(), group.clip(), children, group.opacity());
    }
}
