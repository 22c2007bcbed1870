package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Transition;
import org.yonderarc.scene.Part;
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
    private static final String GROUND = "ground~";
    /** Rows below this come together: they are out of sight. */
    private static final int MOST_ROWS = 12;
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
                out.add(grounded(group).moved(offset, 0));
            }
            case COVER -> {
                double offset = above ? away * area.width() : -(1 - away) * area.width() * PARALLAX;
                if (above) {
                    double edge = area.x() + offset * side + (side > 0 ? 0 : area.width());
                    edgeShadow(group.key(), edge, side, area, out);
                }
                out.add(grounded(group).moved(offset * side, 0));
            }
            case RISE -> out.add(above ? grounded(group).moved(0, away * area.height()) : group);
            case GROW -> out.add(above ? grown(group, 1 - away) : group);
            case FADE, SHARED -> out.add(arrives ? grounded(group).faded(p) : group);
        }
    }

    /** Adds the tracks of what {@link #play} plays; gives whether there are any. */
    boolean tracks(SceneNode.Group whole, boolean arrives, FilmTracks.ScreenTracks out) {
        Transition.Kind kind =
                score.passage().map(passage -> passage.transition().kind()).orElse(Transition.Kind.FADE);
        boolean forward = score.passage().map(passage -> passage.forward()).orElse(true);
        if (arrives && forward && stagger() != 0) {
            for (SceneNode child : whole.children()) {
                if (row(child) >= 0) {
                    out.row(child, whole.key(), RISE, row(child) * stagger());
                }
            }
        }
        Box area = whole.area();
        double side = score.rightToLeft() ? -1 : 1;
        boolean above = arrives == forward;
        switch (kind) {
            case NONE -> {
                if (arrives) {
                    out.add(whole);
                }
            }
            case PUSH -> {
                double way = area.width() * side * (forward ? 1 : -1);
                out.moved(grounded(whole), arrives ? way : -way, 0, arrives);
            }
            case COVER -> {
                double way = (above ? area.width() : -area.width() * PARALLAX) * side;
                if (above) {
                    var shadow = new ArrayList<SceneNode>();
                    edgeShadow(whole.key(), area.x() + (side > 0 ? 0 : area.width()), side, area, shadow);
                    shadow.forEach(layer -> out.moved(layer, way, 0, arrives));
                }
                out.moved(grounded(whole), way, 0, arrives);
            }
            case RISE -> {
                if (above) {
                    out.moved(grounded(whole), 0, area.height(), arrives);
                } else {
                    out.add(whole);
                }
            }
            case GROW -> {
                out.add(whole);
                return !above;
            }
            case FADE, SHARED -> {
                if (arrives) {
                    out.faded(grounded(whole));
                } else {
                    out.add(whole);
                }
            }
        }
        return true;
    }

    private static String edgeKey(int layer, String screen) {
        return "edge-shadow-" + layer + "~" + screen;
    }

    /** The keys of what a film may put before the edge of a screen. */
    static List<String> edgeKeys(String screen) {
        var out = new ArrayList<String>();
        for (int layer = 1; layer <= EDGE_LAYERS; layer++) {
            out.add(edgeKey(layer, screen));
        }
        return out;
    }

    /** A soft shadow before the edge of a screen that covers another. */
    private static void edgeShadow(String screen, double edge, double side, Box area, List<SceneNode> out) {
        for (int layer = 1; layer <= EDGE_LAYERS; layer++) {
            double width = 3.0 * layer;
            var box = new Box(side > 0 ? edge - width : edge, area.y(), width, area.height());
            out.add(new SceneNode.Rect(edgeKey(layer, screen), box, 0, new Colour(8, 24, 30, 0.025)));
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
        Progress clock = score.screens();
        var children = new ArrayList<SceneNode>();
        for (SceneNode child : group.children()) {
            double p = clock.progress(ms - Math.max(0, row(child)) * stagger());
            children.add(row(child) < 0 ? child : child.moved(0, (1 - p) * RISE).faded(p));
        }
        return group.with(children);
    }

    /** The number of the row that a node of a screen belongs to, at most {@link #MOST_ROWS}; -1 where it belongs to none. */
    private static int row(SceneNode node) {
        return Pair.part(node) instanceof Part.Row row ? Math.min(MOST_ROWS, row.index()) : -1;
    }

    /** A screen that shows a part of itself only, from the chosen item to all of it. */
    private SceneNode grown(SceneNode.Group group, double share) {
        double p = Math.max(0, Math.min(1, share));
        Box start = score.origin()
                .orElse(Box.around(group.area().centerX(), group.area().centerY(), 48, 48));
        Box area = Tween.lerp(start, group.area(), p);
        return grounded(group).at(area).clipped(Tween.lerp(24, 0, p)).faded(Math.min(1, p * 4));
    }

    /** The screen on a ground of its own, so that nothing shows through it. */
    private SceneNode.Group grounded(SceneNode.Group group) {
        // It has one already where the film in which it came was interrupted.
        if (group.children().stream().anyMatch(node -> node.key().equals(GROUND))) {
            return group;
        }
        var children = new ArrayList<SceneNode>();
        children.add(new SceneNode.Rect(GROUND, group.area(), 0, ground));
        children.addAll(group.children());
        return group.with(children);
    }
}
