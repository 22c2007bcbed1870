package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Motion;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
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
    /** How far a label sinks into a bar below a raised mark that leaves it, or rises from there, in dp. */
    private static final double SINK = 10;
    /** The time by which each item of a fan comes after the one before it, in ms. */
    static final double FAN = 30;

    private final Scene from;
    private final Scene to;
    private final Score score;
    private final Progress screens;
    private final Progress select;
    private final Progress drawers;
    private final List<Pair> pairs;
    private final Screens changing;
    private final Presence presence;
    private final double duration;
    private final boolean fades;
    /** Whether a mark goes from one item to another. */
    private final boolean travels;
    /** Whether that mark is raised out of the bar, and carries the icon. */
    private final boolean isRaised;

    private final Optional<Film> before;
    private final double since;

    private Film(Scene from, Scene to, Score score, Optional<Film> before, double since) {
        this.from = from;
        this.to = to;
        this.score = score;
        this.before = before;
        this.since = since;
        this.fades = score.reduced();
        this.travels = hasMark(from) && hasMark(to);
        this.isRaised = travels
                && to.first(Part.Plain.MARK).orElseThrow().children().stream()
                        .anyMatch(SceneNode.Icon.class::isInstance);
        Motion motion = score.motion();
        boolean carries = before.isPresent();
        this.screens = carries ? score.screens().fromRest() : score.screens();
        this.select = carries ? Progress.of(motion.select()).fromRest() : Progress.of(motion.select());
        this.drawers = carries ? Progress.of(motion.drawers()).fromRest() : Progress.of(motion.drawers());
        this.pairs = Pairing.of(from, to, score.passage());
        this.changing = new Screens(score, to.background());
        boolean isBeneath = to.first(Part.Plain.PAGE).isPresent();
        this.presence = new Presence(score.rightToLeft(), isBeneath);
        this.duration = fades
                ? motion.reduced() == Motion.Reduced.NONE || from.nodes().equals(to.nodes()) ? 0 : REDUCED
                : end(pairs);
    }

    /** The same with another film before it. */
    private Film(Film other, Optional<Film> before) {
        this.from = other.from;
        this.to = other.to;
        this.score = other.score;
        this.screens = other.screens;
        this.select = other.select;
        this.drawers = other.drawers;
        this.pairs = other.pairs;
        this.changing = other.changing;
        this.duration = other.duration;
        this.fades = other.fades;
        this.travels = other.travels;
        this.isRaised = other.isRaised;
        this.presence = other.presence;
        this.before = before;
        this.since = other.since;
    }

    /** This film without what is not heard of any more after {@code ms}: films that are interrupted again and again hold no past. */
    private Film after(double ms) {
        if (before.isEmpty()) {
            return this;
        }
        Film old = before.get();
        Film kept = ms >= CARRY ? null : old.after(since + ms);
        return kept == old ? this : new Film(this, Optional.ofNullable(kept));
    }

    private static boolean hasMark(Scene scene) {
        return scene.first(Part.Plain.MARK).isPresent();
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
        return rests ? of(to, other, otherScore) : new Film(at(ms), other, otherScore, Optional.of(after(ms)), ms);
    }

    /** How long it lasts, in ms. */
    public double duration() {
        return duration;
    }

    /** The scene that it leads to. */
    public Scene last() {
        return to;
    }

    /**
     * The film as tracks; no value where it has to be painted frame by frame: it goes on from another with its velocity, changes the size of
     * the scene, or something in it changes its form.
     */
    public Optional<Tracks> tracks() {
        boolean isPlain = !goesOn()
                && from.width() == to.width()
                && from.height() == to.height()
                && from.background().equals(to.background());
        return isPlain ? new FilmTracks(this).tracks() : Optional.empty();
    }

    /** Whether something goes on moving as the film moved it that this one interrupts. */
    private boolean goesOn() {
        if (before.isEmpty()) {
            return false;
        }
        Map<String, Box> then = Carried.boxes(from.nodes());
        for (double ms : new double[] {CARRY / 2, CARRY}) {
            Map<String, Box> now = Carried.boxes(before.get().at(since + ms).nodes());
            if (!Carried.stays(then, now)) {
                return true;
            }
        }
        return false;
    }

    Scene first() {
        return from;
    }

    List<Pair> pairs() {
        return pairs;
    }

    Presence presence() {
        return presence;
    }

    Screens screens() {
        return changing;
    }

    boolean travels() {
        return travels;
    }

    boolean isRaised() {
        return isRaised;
    }

    private double end(List<Pair> all) {
        double end = 0;
        for (Pair pair : all) {
            if (!pair.isStill()) {
                end = Math.max(
                        end,
                        pair.children().isEmpty()
                                ? clock(pair.tempo()).end() + late(pair)
                                : Math.max(own(pair), end(pair.children())));
            }
        }
        return end;
    }

    /** How much longer than its tempo says something takes to arrive, in ms. */
    private double late(Pair pair) {
        if (pair.a() != null) {
            return 0;
        }
        return Pair.isScreen(pair.b())
                ? changing.late(pair.b())
                : Pair.entrance(pair.b()).map(entrance -> entrance.turn() * FAN).orElse(0.0);
    }

    private double own(Pair pair) {
        boolean moves = pair.a() instanceof SceneNode.Group a
                && pair.b() instanceof SceneNode.Group b
                && !a.area().equals(b.area());
        return moves ? clock(pair.tempo()).end() : 0;
    }

    Progress clock(Part.Tempo tempo) {
        return switch (tempo) {
            case SCREENS -> screens.duration() == 0 && score.passage().isEmpty() ? select : screens;
            case SELECT -> select;
            case DRAWERS -> drawers;
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
            nodes.add(whole().faded(ms / duration));
        } else {
            play(pairs, ms, nodes);
        }
        List<SceneNode> shown = before.isPresent() && !fades && ms < CARRY ? carried(nodes, ms) : nodes;
        double p = Math.min(1, ms / duration);
        Scene scene = new Scene(
                Tween.lerp(from.width(), to.width(), turned(ms)),
                height(ms),
                Oklab.mix(from.background(), to.background(), p),
                to.title(),
                shown);
        assert scene.doubled().isEmpty()
                : "two nodes beside each other have one key: " + scene.doubled().orElseThrow();
        return scene;
    }

    /** Whether one scene fades into the other, and nothing moves. */
    boolean fades() {
        return fades;
    }

    /** All of the scene that it leads to, as one, for a film that only fades. */
    SceneNode.Group whole() {
        var ground = new SceneNode.Rect("ground~", new Box(0, 0, to.width(), to.height()), 0, to.background());
        var all = new ArrayList<SceneNode>();
        all.add(ground);
        all.addAll(to.nodes());
        // One that is interrupted fades into the next.
        String key = "all~" + from.nodes().size();
        return SceneNode.Group.of(Part.Plain.OTHER, key, new Meaning.Plain(), ground.area(), all);
    }

    private void play(List<Pair> all, double ms, List<SceneNode> out) {
        for (Pair pair : all) {
            double p = clock(pair.tempo()).progress(ms);
            if (pair.isStill()) {
                out.add(pair.b());
            } else if (pair.a() == null) {
                arrive(pair.b(), p, ms, pair.tempo(), out);
            } else if (pair.b() == null) {
                leave(pair.a(), p, ms, pair.tempo(), out);
            } else if (pair.a() instanceof SceneNode.Group a && pair.b() instanceof SceneNode.Group b) {
                group(pair, a, b, p, ms, out);
            } else {
                Tween.node(pair.a(), pair.b(), p, out);
            }
        }
    }

    private void group(Pair pair, SceneNode.Group a, SceneNode.Group b, double p, double ms, List<SceneNode> out) {
        var children = new ArrayList<SceneNode>();
        Optional<Double> own = travels ? change(a, b, p) : Optional.empty();
        if (own.isPresent()) {
            playItem(pair.children(), own.get(), children);
        } else {
            play(pair.children(), ms, children);
        }
        if (b.part() instanceof Part.Item || b.part() == Part.Plain.PAGE) {
            together(pair, a.area(), b.area(), Tween.lerp(a.area(), b.area(), p), children);
        }
        if (isRaised && b.part() == Part.Plain.LIST) {
            Covered.hide(pair, children);
        }
        Optional<Double> clip = a.clip().isPresent() || b.clip().isPresent()
                ? Optional.of(
                        Math.max(0, Tween.lerp(a.clip().orElse(0.0), b.clip().orElse(0.0), p)))
                : Optional.empty();
        if (b.part() == Part.Plain.PAGE) {
            clip = clip.map(any -> corners(a.clip().orElse(0.0), b.clip().orElse(0.0), p));
        }
        out.add(new SceneNode.Group(
                b.part(),
                b.key(),
                b.meaning(),
                Tween.lerp(a.area(), b.area(), p),
                clip,
                children,
                Tween.lerp(a.opacity(), b.opacity(), Math.max(0, Math.min(1, p)))));
    }

    /** The corners of a page that moves aside are round as soon as it has left its place, until it is back. */
    private static double corners(double from, double to, double p) {
        double share = to > from ? Math.min(1, p * Presence.SOON) : 1 - Math.min(1, (1 - p) * Presence.SOON);
        return Math.max(0, Tween.lerp(from, to, share));
    }

    /**
     * What only comes or goes with an item or a page that moves stays with the others in it: a label never parts from its icon, nor a
     * screen from its page.
     */
    private static void together(Pair pair, Box from, Box to, Box now, List<SceneNode> children) {
        for (Pair child : pair.children()) {
            SceneNode alone = child.a() == null ? child.b() : child.b() == null ? child.a() : null;
            if (alone != null) {
                Box own = child.a() == null ? to : from;
                children.replaceAll(node ->
                        node.key().equals(alone.key()) ? node.moved(now.x() - own.x(), now.y() - own.y()) : node);
            }
        }
    }

    /** While the mark travels, the item that it leaves changes first, and the one that it goes to last. */
    static Optional<Double> change(SceneNode.Group a, SceneNode.Group b, double p) {
        if (!(a.meaning() instanceof Meaning.Link from && b.meaning() instanceof Meaning.Link to)
                || !(b.part() instanceof Part.Item)
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
                out.add(pair.b());
            } else if (pair.a() == null) {
                out.add(sunk(presence.present(pair.b(), q, pair.tempo(), to), 1 - q));
            } else if (pair.b() == null) {
                out.add(sunk(presence.present(pair.a(), 1 - q, pair.tempo(), from), q));
            } else {
                Tween.node(pair.a(), pair.b(), q, out);
            }
        }
    }

    private SceneNode sunk(SceneNode node, double share) {
        return isRaised && node instanceof SceneNode.Text ? node.moved(0, SINK * share) : node;
    }

    private void arrive(SceneNode node, double p, double ms, Part.Tempo tempo, List<SceneNode> out) {
        if (Pair.isScreen(node) && node instanceof SceneNode.Group group) {
            changing.play(group, p, ms, true, out);
            return;
        }
        Optional<Part.Entrance> entrance = Pair.entrance(node);
        if (entrance.isPresent() && node instanceof SceneNode.Group group) {
            double own = clock(tempo).progress(ms - entrance.get().turn() * FAN);
            out.add(Presence.fanned(group, entrance.get(), own));
            return;
        }
        out.add(kept(presence.present(node, p, tempo, to), to, p, ms));
    }

    private void leave(SceneNode node, double p, double ms, Part.Tempo tempo, List<SceneNode> out) {
        if (Pair.isScreen(node) && node instanceof SceneNode.Group group) {
            changing.play(group, p, ms, false, out);
            return;
        }
        Optional<Part.Entrance> entrance = Pair.entrance(node);
        if (entrance.isPresent() && node instanceof SceneNode.Group group) {
            out.add(Presence.fanned(group, entrance.get(), 1 - p));
            return;
        }
        out.add(kept(presence.present(node, 1 - p, tempo, from), from, p, ms));
    }

    /**
     * What belongs to an edge or to the page stays there: a bar at the lower edge of a window that changes its size, the
     * shadow of a page that moves aside.
     *
     * @param own the scene that it is of
     */
    private SceneNode kept(SceneNode node, Scene own, double p, double ms) {
        Part part = Pair.part(node);
        if (part instanceof Part.Bar bar && bar.edge() == Form.Edge.LOWER && from.height() != to.height()) {
            return node.moved(0, height(ms) - own.height());
        }
        if (part != Part.Plain.PAGE_SHADOW) {
            return node;
        }
        Optional<Box> start = from.first(Part.Plain.PAGE).map(SceneNode.Group::area);
        Optional<Box> end = to.first(Part.Plain.PAGE).map(SceneNode.Group::area);
        if (start.isEmpty() || end.isEmpty()) {
            return node;
        }
        Box now = Tween.lerp(start.get(), end.get(), p);
        Box there = own == from ? start.get() : end.get();
        return node.moved(now.x() - there.x(), now.y() - there.y());
    }

    private double height(double ms) {
        return Tween.lerp(from.height(), to.height(), turned(ms));
    }

    /** How far a window has become another one: as far as what stands in it, so that bars reach its edges. */
    private double turned(double ms) {
        return fades ? ms / duration : Math.max(0, Math.min(1, select.progress(ms)));
    }

    /** The nodes, moved by what the film before would have moved them by, less and less. */
    private List<SceneNode> carried(List<SceneNode> nodes, double ms) {
        Film old = before.orElseThrow();
        Map<String, Box> then = Carried.boxes(from.nodes());
        Map<String, Box> now = Carried.boxes(old.at(since + ms).nodes());
        double s = ms / CARRY;
        double weight = (1 - s) * (1 - s) * (1 + 2 * s);
        return new Carried(then, now, weight).all(nodes);
    }
}
