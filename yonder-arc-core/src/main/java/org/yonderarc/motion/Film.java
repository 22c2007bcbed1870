package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Transition;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/**
 * A scene on its way to another. Nodes with one key in both glide; what only the old one has leaves, what only the new one
 * has arrives; bars stay where they are. Pure: {@link #at} depends on the time alone.
 */
public final class Film {
    /** How long a film lasts for people who want less motion, in ms. */
    private static final double REDUCED = 120;
    /** How long what was under way is heard of in a film that interrupts another, in ms. */
    private static final double CARRY = 160;
    /** How far the old screen moves below one that covers it, as a share of the width. */
    private static final double PARALLAX = 0.25;

    private final Scene from;
    private final Scene to;
    private final Score score;
    private final Clock screens;
    private final Clock select;
    private final Clock drawers;
    private final List<Pair> pairs;
    private final double duration;
    private final boolean fades;
    /** Whether a mark goes from one item to another. */
    private final boolean travels;
    /** Whether the drawer lies beneath the page, and doesn't come from the side. */
    private final boolean isBeneath;

    private final Optional<Film> before;
    private final double since;

    /** What belongs together in both scenes. */
    private static final class Pair {
        final SceneNode a;
        final SceneNode b;
        final Part part;
        final List<Pair> children;

        Pair(SceneNode a, SceneNode b, Part part, List<Pair> children) {
            this.a = a;
            this.b = b;
            this.part = part;
            this.children = children;
        }

        boolean isStill() {
            return a != null && b != null && a.equals(b);
        }
    }

    /** What times a node. */
    private enum Part {
        SCREEN,
        SELECT,
        DRAWER
    }

    private Film(Scene from, Scene to, Score score, Optional<Film> before, double since) {
        this.from = from;
        this.to = to;
        this.score = score;
        this.before = before;
        this.since = since;
        this.fades = score.reduced();
        this.travels = hasMark(from) && hasMark(to);
        this.isBeneath = to.group("page").isPresent();
        Motion motion = score.motion();
        boolean carries = before.isPresent();
        this.screens = carries ? score.screens().fromRest() : score.screens();
        this.select = carries ? Clock.of(motion.select()).fromRest() : Clock.of(motion.select());
        this.drawers = carries ? Clock.of(motion.drawers()).fromRest() : Clock.of(motion.drawers());
        this.pairs = pairs(from.nodes(), to.nodes(), Part.SCREEN, true, false);
        this.duration = fades
                ? motion.reduced() == Motion.Reduced.NONE || from.nodes().equals(to.nodes()) ? 0 : REDUCED
                : end(pairs);
    }

    private static boolean hasMark(Scene scene) {
        return Moves.boxes(scene.nodes()).keySet().stream().anyMatch(path -> path.endsWith("/mark"));
    }

    /** The film from one scene to another. */
    public static Film of(Scene from, Scene to, Score score) {
        return new Film(from, to, score, Optional.empty(), 0);
    }

    /**
     * The film from what this one shows at {@code ms} to another scene: position and velocity go on unbroken.
     */
    public Film interrupted(double ms, Scene other, Score otherScore) {
        boolean rests = ms >= duration;
        return rests ? of(to, other, otherScore) : new Film(at(ms), other, otherScore, Optional.of(this), ms);
    }

    /** How long it lasts, in ms. */
    public double duration() {
        return duration;
    }

    /** The scene that it leads to. */
    public Scene last() {
        return to;
    }

    private double end(List<Pair> all) {
        double end = 0;
        for (Pair pair : all) {
            if (!pair.isStill()) {
                end = Math.max(
                        end,
                        pair.children.isEmpty() ? clock(pair.part).end() : Math.max(own(pair), end(pair.children)));
            }
        }
        return end;
    }

    private double own(Pair pair) {
        boolean moves = pair.a instanceof SceneNode.Group a
                && pair.b instanceof SceneNode.Group b
                && !a.area().equals(b.area());
        return moves ? clock(pair.part).end() : 0;
    }

    private Clock clock(Part part) {
        return switch (part) {
            case SCREEN -> screens.duration() == 0 && score.passage().isEmpty() ? select : screens;
            case SELECT -> select;
            case DRAWER -> drawers;
        };
    }

    /** The scene after {@code ms} milliseconds: the first at 0 and before, the last at the end and after. */
    public Scene at(double ms) {
        if (!(ms > 0)) {
            return from;
        }
        if (ms >= duration) {
            return to;
        }
        var nodes = new ArrayList<SceneNode>();
        if (fades) {
            nodes.addAll(from.nodes());
            var ground = new SceneNode.Rect("ground~", new Box(0, 0, to.width(), to.height()), 0, to.background());
            var all = new ArrayList<SceneNode>();
            all.add(ground);
            all.addAll(to.nodes());
            nodes.add(new SceneNode.Group(
                    "all~", new Meaning.Plain(), ground.box(), Optional.empty(), all, ms / duration));
        } else {
            play(pairs, ms, nodes);
        }
        List<SceneNode> shown = before.isPresent() && !fades && ms < CARRY ? carried(nodes, ms) : nodes;
        double p = Math.min(1, ms / duration);
        return new Scene(
                Tween.lerp(from.width(), to.width(), p),
                Tween.lerp(from.height(), to.height(), p),
                Oklab.mix(from.background(), to.background(), p),
                to.title(),
                shown);
    }

    // --- pairing

    private List<Pair> pairs(List<SceneNode> a, List<SceneNode> b, Part part, boolean isTop, boolean keeps) {
        var old = new HashMap<String, SceneNode>();
        var names = names(a, isTop);
        for (int i = 0; i < a.size(); i++) {
            old.put(names.get(i), a.get(i));
        }
        List<String> newNames = names(b, isTop);
        var out = new ArrayList<Pair>();
        int next = 0;
        for (int i = 0; i < b.size(); i++) {
            SceneNode mate = old.get(newNames.get(i));
            if (mate != null) {
                // What the old scene has before this one and the new one hasn't, keeps its place in the paint order.
                for (; next < a.size() && !names.get(next).equals(newNames.get(i)); next++) {
                    if (!newNames.contains(names.get(next))) {
                        out.add(pair(a.get(next), null, part, isTop, keeps));
                    }
                }
                next = Math.max(next, names.indexOf(newNames.get(i)) + 1);
            }
            out.add(pair(mate, b.get(i), part, isTop, keeps));
        }
        for (; next < a.size(); next++) {
            if (!newNames.contains(names.get(next))) {
                out.add(pair(a.get(next), null, part, isTop, keeps));
            }
        }
        return isTop ? ordered(out) : out;
    }

    /** The keys, a number added to those that stand there twice; screens share one name where they are to glide. */
    private List<String> names(List<SceneNode> nodes, boolean isTop) {
        boolean shares = score.passage()
                .filter(passage -> passage.transition().kind() == Transition.Kind.SHARED)
                .isPresent();
        Map<String, Integer> seen = new HashMap<>();
        return nodes.stream()
                .map(node -> {
                    String key = isTop && shares && isScreen(node) ? "screen:" : isTop ? bar(node.key()) : node.key();
                    int count = seen.merge(key, 1, (had, one) -> had + one);
                    return count == 1 ? key : key + "#" + count;
                })
                .toList();
    }

    /** A bottom bar and a rail are one bar in two forms: turned, the one becomes the other. */
    private static String bar(String key) {
        return key.equals("rail") ? "bottom" : key;
    }

    private static boolean isScreen(SceneNode node) {
        return node.key().startsWith("screen:");
    }

    private Pair pair(SceneNode a, SceneNode b, Part outer, boolean isTop, boolean keeps) {
        SceneNode one = b == null ? a : b;
        Part part = keeps ? outer : part(one.key(), outer, isTop);
        if (a instanceof SceneNode.Group from && b instanceof SceneNode.Group to && !from.equals(to)) {
            boolean moves = !from.area().equals(to.area());
            boolean inner = to.key().equals("page");
            return new Pair(
                    a,
                    b,
                    part,
                    pairs(from.children(), to.children(), part, inner, keeps || moves && !isTop || inner && moves));
        }
        return new Pair(a, b, part, List.of());
    }

    private static Part part(String key, Part outer, boolean isTop) {
        if (isTop) {
            return switch (key) {
                case "drawer", "scrim", "page", "page-shadow", "more" -> Part.DRAWER;
                case "bottom", "rail" -> Part.SELECT;
                default -> Part.SCREEN;
            };
        }
        return outer;
    }

    /** A screen that goes off over another is painted above it. */
    private List<Pair> ordered(List<Pair> all) {
        boolean goesOver = score.passage()
                .filter(passage -> !passage.forward())
                .filter(passage -> switch (passage.transition().kind()) {
                    case COVER, RISE, GROW -> true;
                    default -> false;
                })
                .isPresent();
        if (!goesOver) {
            return all;
        }
        int leaving = -1;
        int arriving = -1;
        for (int i = 0; i < all.size(); i++) {
            Pair pair = all.get(i);
            leaving = pair.b == null && isScreen(pair.a) ? i : leaving;
            arriving = pair.a == null && isScreen(pair.b) ? i : arriving;
        }
        if (leaving >= 0 && arriving > leaving) {
            Pair gone = all.remove(leaving);
            all.add(arriving, gone);
        }
        return all;
    }

    // --- playing

    private void play(List<Pair> all, double ms, List<SceneNode> out) {
        for (Pair pair : all) {
            double p = clock(pair.part).progress(ms);
            if (pair.isStill()) {
                out.add(pair.b);
            } else if (pair.a == null) {
                arrive(pair.b, p, pair.part, out);
            } else if (pair.b == null) {
                leave(pair.a, p, pair.part, out);
            } else if (pair.a instanceof SceneNode.Group a && pair.b instanceof SceneNode.Group b) {
                group(pair, a, b, p, ms, out);
            } else {
                Tween.node(pair.a, pair.b, p, out);
            }
        }
    }

    private void group(Pair pair, SceneNode.Group a, SceneNode.Group b, double p, double ms, List<SceneNode> out) {
        var children = new ArrayList<SceneNode>();
        Optional<Double> own = travels ? change(a, b, p) : Optional.empty();
        if (own.isPresent()) {
            playItem(pair.children, own.get(), children);
        } else {
            play(pair.children, ms, children);
        }
        Optional<Double> clip = a.clip().isPresent() || b.clip().isPresent()
                ? Optional.of(
                        Math.max(0, Tween.lerp(a.clip().orElse(0.0), b.clip().orElse(0.0), p)))
                : Optional.empty();
        out.add(new SceneNode.Group(
                b.key(),
                b.meaning(),
                Tween.lerp(a.area(), b.area(), p),
                clip,
                children,
                Tween.lerp(a.opacity(), b.opacity(), Math.max(0, Math.min(1, p)))));
    }

    /** While the mark travels, the item that it leaves changes first, and the one that it goes to last. */
    private static Optional<Double> change(SceneNode.Group a, SceneNode.Group b, double p) {
        if (!(a.meaning() instanceof Meaning.Link from && b.meaning() instanceof Meaning.Link to)
                || !b.key().startsWith("item:")
                || from.current() == to.current()) {
            return Optional.empty();
        }
        if (p >= 1) {
            return Optional.of(p);
        }
        double q = from.current() ? Math.min(1, p * 2) : Math.max(0, p * 2 - 1);
        // Slow at both ends, so that nothing starts with a jerk in the middle of the film.
        return Optional.of(q * q * (3 - 2 * q));
    }

    private void playItem(List<Pair> all, double q, List<SceneNode> out) {
        for (Pair pair : all) {
            if (pair.isStill()) {
                out.add(pair.b);
            } else if (pair.a == null) {
                out.add(present(pair.b, q, pair.part));
            } else if (pair.b == null) {
                out.add(present(pair.a, 1 - q, pair.part));
            } else {
                Tween.node(pair.a, pair.b, q, out);
            }
        }
    }

    private void arrive(SceneNode node, double p, Part part, List<SceneNode> out) {
        if (isScreen(node) && node instanceof SceneNode.Group group) {
            screen(group, p, true, out);
            return;
        }
        out.add(present(node, p, part));
    }

    private void leave(SceneNode node, double p, Part part, List<SceneNode> out) {
        if (isScreen(node) && node instanceof SceneNode.Group group) {
            screen(group, p, false, out);
            return;
        }
        out.add(present(node, 1 - p, part));
    }

    /** What is there for a share only: bars come over their edge, badges pop, everything else fades. */
    private SceneNode present(SceneNode node, double share, Part part) {
        double rest = 1 - share;
        if (node instanceof SceneNode.Group group) {
            double width = group.area().width();
            double side = score.rightToLeft() ? width : -width;
            switch (group.key()) {
                case "drawer", "rail" -> {
                    return Moves.by(group, side * rest * (isBeneath ? PARALLAX : 1), 0);
                }
                case "bottom" -> {
                    return Moves.by(group, 0, group.area().height() * rest);
                }
                case "top" -> {
                    return Moves.by(group, 0, -group.area().height() * rest);
                }
                default -> {
                    return Tween.faded(group, share);
                }
            }
        }
        if (node.key().startsWith("badge") && node instanceof SceneNode.Rect rect) {
            double seen = Math.max(0, share);
            Box box = rect.box();
            return new SceneNode.Rect(
                    rect.key(),
                    Box.around(box.centerX(), box.centerY(), box.width() * seen, box.height() * seen),
                    rect.radius() * seen,
                    rect.fill());
        }
        return Tween.faded(node, part == Part.SELECT ? share * share : share);
    }

    private void screen(SceneNode.Group group, double p, boolean arrives, List<SceneNode> out) {
        Transition.Kind kind =
                score.passage().map(passage -> passage.transition().kind()).orElse(Transition.Kind.FADE);
        boolean forward = score.passage().map(passage -> passage.forward()).orElse(true);
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
                out.add(Moves.by(grounded(group), offset * side, 0));
            }
            case RISE -> out.add(above ? Moves.by(grounded(group), 0, away * area.height()) : group);
            case GROW -> out.add(above ? grown(group, 1 - away) : group);
            default -> out.add(arrives ? Tween.faded(grounded(group), p) : group);
        }
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
        children.add(new SceneNode.Rect("ground~", group.area(), 0, to.background()));
        children.addAll(group.children());
        return new SceneNode.Group(group.key(), group.meaning(), group.area(), group.clip(), children, group.opacity());
    }

    // --- going on

    /** The nodes, moved by what the film before would have moved them by, less and less. */
    private List<SceneNode> carried(List<SceneNode> nodes, double ms) {
        Film old = before.orElseThrow();
        Map<String, Box> then = Moves.boxes(from.nodes());
        Map<String, Box> now = Moves.boxes(old.at(since + ms).nodes());
        double s = ms / CARRY;
        double weight = (1 - s) * (1 - s) * (1 + 2 * s);
        return Moves.carried(nodes, "", then, now, weight);
    }
}
