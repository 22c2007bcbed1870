package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Form;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/**
 * Tells a film ahead, going over its pairs as {@link Film#at} does. What can't be told by tracks (an outline that bends, a size that
 * changes, a picture that becomes another) ends it: such a film is painted frame by frame.
 */
@NullUnmarked // null says that there is none, as in the pairs
final class Teller {
    /** The finest that is seen of a place, in dp; the rest of a quarter is for what adds up along a path. */
    private static final double FINENESS = 0.2;
    /** The finest that is seen of a colour, as a share. */
    private static final double SHADE = 1 / 600.0;
    /** A colour is told at so many shares, and one. */
    private static final int SHADES = 16;

    /** How a share becomes another, as films do it: see {@link Film} and {@link Tween}. */
    enum Shape {
        PLAIN(p -> p),
        WITHIN(Shape::unit),
        EARLY(p -> unit(2 * p)),
        LATE(p -> unit(2 * p - 1)),
        GOES(p -> 1 - Tween.gone(p)),
        COMES(Tween::come),
        SQUARE(p -> unit(p) * unit(p)),
        SQUARE_BACK(p -> 1 - unit(1 - p) * unit(1 - p)),
        SOON(p -> unit(Film.SOON * p)),
        SOON_BACK(p -> 1 - unit(Film.SOON * (1 - p)));

        private final DoubleUnaryOperator of;

        Shape(DoubleUnaryOperator of) {
            this.of = of;
        }

        private static double unit(double p) {
            return Math.max(0, Math.min(1, p));
        }
    }

    /** What times something. */
    record Clock(String name, DoubleUnaryOperator progress, double end) {}

    /** A pace before it is known how fine it has to be. */
    private static final class Beat {
        private final DoubleUnaryOperator curve;
        private final double end;
        private double farthest;

        Beat(DoubleUnaryOperator curve, double end) {
            this.curve = curve;
            this.end = end;
        }
    }

    private record Draft(String path, Track.Move move, Beat beat) {}

    /** A shift that is under way where something stands; with no beat where nothing moves. */
    private record Way(double dx, double dy, @Nullable Beat beat) {
        static final Way NONE = new Way(0, 0, null);

        boolean moves() {
            return beat != null && (dx != 0 || dy != 0);
        }
    }

    private final Film film;
    private final Map<String, Beat> beats = new HashMap<>();
    private final List<Draft> drafts = new ArrayList<>();
    private boolean isTold = true;

    Teller(Film film) {
        this.film = film;
    }

    /** The tracks; no value where something can't be told. */
    Optional<Tracks> tell() {
        Scene to = film.last();
        var nodes = new ArrayList<SceneNode>();
        if (film.fades()) {
            nodes.addAll(film.first().nodes());
            nodes.add(film.whole());
            fade(film.whole(), 0, 1, new Beat(ms -> ms / film.duration(), film.duration()), "");
        } else {
            all(film.pairs(), "", Way.NONE, nodes);
        }
        var paces = new HashMap<Beat, Pace>();
        var tracks = new ArrayList<Track>();
        for (Draft draft : drafts) {
            if (!isTold) {
                return Optional.empty();
            }
            Pace pace = paces.computeIfAbsent(draft.beat(), beat -> pace(beat));
            tracks.add(new Track(draft.path(), draft.move(), pace));
        }
        return isTold
                ? Optional.of(new Tracks(
                        new Scene(to.width(), to.height(), to.background(), to.title(), nodes),
                        film.duration(),
                        tracks))
                : Optional.empty();
    }

    private Pace pace(Beat beat) {
        double error = Math.min(SHADE, FINENESS / Math.max(1, beat.farthest));
        Optional<Pace> found = Pace.of(beat.curve, beat.end, error);
        isTold &= found.isPresent();
        return found.orElseGet(() -> new Pace(List.of()));
    }

    private Beat beat(Clock clock, Shape shape) {
        return beats.computeIfAbsent(
                clock.name() + " " + shape,
                any -> new Beat(ms -> shape.of.applyAsDouble(clock.progress().applyAsDouble(ms)), clock.end()));
    }

    private Clock clock(Part.Tempo tempo) {
        return late(tempo, 0);
    }

    /** The clock of a tempo for what starts later, in ms. */
    private Clock late(Part.Tempo tempo, double delay) {
        Progress progress = film.clock(tempo);
        return new Clock(tempo + "+" + delay, ms -> progress.progress(ms - delay), progress.end() + delay);
    }

    private void all(List<Pair> pairs, String above, Way around, List<SceneNode> out) {
        for (Pair pair : pairs) {
            Clock clock = clock(pair.tempo());
            if (pair.isStill()) {
                stays(pair.b(), above, around, out);
            } else if (pair.a() == null) {
                arrives(pair.b(), clock, pair.tempo(), above, around, out);
            } else if (pair.b() == null) {
                leaves(pair.a(), clock, pair.tempo(), above, around, out);
            } else if (pair.a() instanceof SceneNode.Group a && pair.b() instanceof SceneNode.Group b) {
                group(pair, a, b, clock, above, around, out);
            } else {
                new Leaf(pair.a(), clock, above, around, out).tell(pair.b());
            }
        }
    }

    private void stays(SceneNode node, String above, Way around, List<SceneNode> out) {
        place(node, Way.NONE, above, around);
        out.add(node);
    }

    /** Says how a node moves, seen from what it stands in. */
    private void place(SceneNode node, Way own, String above, Way around) {
        if (own.moves() && around.moves() && own.beat() != around.beat()) {
            isTold = false;
            return;
        }
        double dx = own.dx() - around.dx();
        double dy = own.dy() - around.dy();
        if (dx != 0 || dy != 0) {
            Beat beat = own.moves() ? own.beat() : around.beat();
            beat.farthest = Math.max(beat.farthest, Math.hypot(dx, dy));
            drafts.add(new Draft(above + "/" + node.key(), new Track.Shift(dx, dy), beat));
        }
    }

    private void fade(SceneNode node, double from, double to, Beat beat, String above) {
        drafts.add(new Draft(above + "/" + node.key(), new Track.Fade(from, to), beat));
    }

    private void group(
            Pair pair,
            SceneNode.Group a,
            SceneNode.Group b,
            Clock clock,
            String above,
            Way around,
            List<SceneNode> out) {
        boolean isRound = !a.clip().equals(b.clip()) || a.clip().isPresent() && !isAsLarge(a.area(), b.area());
        isTold &= !isRound && a.opacity() == b.opacity() && !(film.isRaised() && b.part() == Part.Plain.LIST);
        Way own = way(a.area(), b.area(), clock);
        place(b, own, above, around);
        // What only comes or goes with an item or a page stays where it is in it.
        boolean goesTogether = b.part() instanceof Part.Item || b.part() == Part.Plain.PAGE;
        Way inner = own.moves() ? own : Way.NONE;
        var children = new ArrayList<SceneNode>();
        String path = above + "/" + b.key();
        boolean turns = film.travels() && Film.change(a, b, 0).isPresent();
        Clock within = turns
                ? new Clock(
                        clock.name() + " of " + path,
                        ms -> Film.change(a, b, clock.progress().applyAsDouble(ms))
                                .orElseThrow(),
                        clock.end())
                : clock;
        for (Pair child : pair.children()) {
            boolean arrives = child.a() == null;
            if (goesTogether && (arrives || child.b() == null)) {
                SceneNode alone = arrives ? child.b() : child.a().moved(-own.dx(), -own.dy());
                if (turns) {
                    item(alone, arrives, within, child.tempo(), path, children);
                } else if (arrives) {
                    arrives(alone, clock(child.tempo()), child.tempo(), path, Way.NONE, children);
                } else {
                    leaves(alone, clock(child.tempo()), child.tempo(), path, Way.NONE, children);
                }
            } else if (turns && !child.isStill()) {
                new Leaf(child.a(), within, path, inner, children).tell(child.b());
            } else {
                all(List.of(child), path, inner, children);
            }
        }
        out.add(b.with(children));
    }

    /** What comes or goes in an item while a mark goes to it or leaves it. */
    private void item(
            SceneNode node, boolean arrives, Clock within, Part.Tempo tempo, String path, List<SceneNode> out) {
        if (film.isRaised()) {
            isTold = false;
        }
        present(node, arrives, within, tempo, arrives ? film.last() : film.first(), path, Way.NONE, out);
    }

    private Way way(Box a, Box b, Clock clock) {
        return new Way(a.x() - b.x(), a.y() - b.y(), beat(clock, Shape.PLAIN));
    }

    private static boolean isAsLarge(Box a, Box b) {
        return a.width() == b.width() && a.height() == b.height();
    }

    private void arrives(SceneNode node, Clock clock, Part.Tempo tempo, String above, Way around, List<SceneNode> out) {
        if (Pair.isScreen(node) && node instanceof SceneNode.Group group) {
            screen(group, clock, true, above, around, out);
        } else {
            present(node, true, clock, tempo, film.last(), above, around, out);
        }
    }

    private void leaves(SceneNode node, Clock clock, Part.Tempo tempo, String above, Way around, List<SceneNode> out) {
        if (Pair.isScreen(node) && node instanceof SceneNode.Group group) {
            screen(group, clock, false, above, around, out);
        } else {
            present(node, false, clock, tempo, film.first(), above, around, out);
        }
    }

    private void screen(
            SceneNode.Group whole, Clock clock, boolean arrives, String above, Way around, List<SceneNode> out) {
        // What comes and goes in something that moves is seen from the window.
        isTold &= !around.moves() && film.screens().tell(whole, arrives, new Screening(clock, above, out));
    }

    /** What screens say of themselves. */
    final class Screening {
        private final Clock clock;
        private final String above;
        private final List<SceneNode> out;

        private Screening(Clock clock, String above, List<SceneNode> out) {
            this.clock = clock;
            this.above = above;
            this.out = out;
        }

        /** Adds a node that stays where it is. */
        void add(SceneNode node) {
            out.add(node);
        }

        /** Adds a node that comes from a distance, in dp, or goes there. */
        void moved(SceneNode node, double dx, double dy, boolean arrives) {
            Beat beat = beat(clock, Shape.PLAIN);
            // What leaves is where it is at share 0; tracks say where things are at share 1.
            SceneNode there = arrives ? node : node.moved(dx, dy);
            place(there, new Way(arrives ? dx : -dx, arrives ? dy : -dy, beat), above, Way.NONE);
            out.add(there);
        }

        void faded(SceneNode node) {
            fade(node, 0, 1, beat(clock, Shape.WITHIN), above);
            out.add(node);
        }

        /** A row of a screen, which rises into its place later than others. */
        void row(SceneNode row, String screen, double rise, double delay) {
            Clock own = late(Part.Tempo.SCREENS, delay);
            String path = above + "/" + screen;
            place(row, new Way(0, rise, beat(own, Shape.PLAIN)), path, Way.NONE);
            fade(row, 0, 1, beat(own, Shape.WITHIN), path);
        }
    }

    /** What is there for a share only: see {@code Film.present} and {@code Film.kept}. */
    private void present(
            SceneNode node,
            boolean arrives,
            Clock clock,
            Part.Tempo tempo,
            Scene own,
            String above,
            Way around,
            List<SceneNode> out) {
        double from = arrives ? 0 : 1;
        double to = 1 - from;
        out.add(node);
        if (!(node instanceof SceneNode.Group group)) {
            place(node, Way.NONE, above, around);
            Shape shape = tempo != Part.Tempo.SELECT ? Shape.WITHIN : arrives ? Shape.SQUARE : Shape.SQUARE_BACK;
            fade(node, from, to, beat(clock, shape), above);
            return;
        }
        Optional<Part.Entrance> entrance = Pair.entrance(node);
        if (entrance.isPresent()) {
            Box start = entrance.get().from();
            double dx = start.centerX() - group.area().centerX();
            double dy = start.centerY() - group.area().centerY();
            Clock late = arrives ? late(tempo, entrance.get().turn() * Film.FAN) : clock;
            gone(group, dx, dy, arrives, late, above, around, out);
            fade(node, from, to, beat(late, arrives ? Shape.EARLY : Shape.LATE), above);
            return;
        }
        if (group.part() instanceof Part.Bar bar && bar.edge() != Form.Edge.CONTENT && bar.edge() != Form.Edge.ABOVE) {
            SceneNode away = film.bar(group, bar.edge(), 0, own);
            Box then = away.box().orElseThrow();
            gone(group, then.x() - group.area().x(), then.y() - group.area().y(), arrives, clock, above, around, out);
            return;
        }
        if (group.part() == Part.Plain.BADGE) {
            popped(group, arrives, clock, above, around);
            return;
        }
        // The shadow of a page goes with it.
        isTold &= group.part() != Part.Plain.PAGE_SHADOW;
        place(node, Way.NONE, above, around);
        fade(node, from, to, beat(clock, Shape.WITHIN), above);
    }

    /** A badge that grows from its middle, or shrinks into it: see {@code Film.popped}. */
    private void popped(SceneNode.Group badge, boolean arrives, Clock clock, String above, Way around) {
        place(badge, Way.NONE, above, around);
        String path = above + "/" + badge.key();
        Beat beat = beat(clock, Shape.PLAIN);
        for (SceneNode child : badge.children()) {
            if (child instanceof SceneNode.Rect rect) {
                Box area = rect.area();
                double across = area.width() / 2;
                double down = area.height() / 2;
                // One that goes is at share 0 what it is, and then nothing.
                isTold &= arrives;
                place(rect, new Way(across, down, beat), path, Way.NONE);
                drafts.add(new Draft(path + "/" + rect.key(), new Track.Resize(0, 0, 0), beat));
            } else {
                fade(
                        child,
                        arrives ? 0 : 1,
                        arrives ? 1 : 0,
                        beat(clock, arrives ? Shape.SQUARE : Shape.SQUARE_BACK),
                        path);
            }
        }
    }

    /** The last of the nodes comes from a distance, or goes there. */
    private void gone(
            SceneNode.Group node,
            double dx,
            double dy,
            boolean arrives,
            Clock clock,
            String above,
            Way around,
            List<SceneNode> out) {
        Beat beat = beat(clock, Shape.PLAIN);
        SceneNode there = arrives ? node : node.moved(dx, dy);
        place(there, new Way(arrives ? dx : -dx, arrives ? dy : -dy, beat), above, around);
        out.set(out.size() - 1, there);
    }

    /** A node that is no group and becomes another: see {@link Tween}. */
    private final class Leaf implements SceneNode.Visitor {
        private final SceneNode from;
        private final Clock clock;
        private final String above;
        private final Way around;
        private final List<SceneNode> out;

        Leaf(SceneNode from, Clock clock, String above, Way around, List<SceneNode> out) {
            this.from = from;
            this.clock = clock;
            this.above = above;
            this.around = around;
            this.out = out;
        }

        void tell(SceneNode to) {
            to.accept(this);
        }

        private void moves(SceneNode to, Box a, Box b) {
            place(to, way(a, b, clock), above, around);
            out.add(to);
        }

        private void scale(SceneNode node, double from, double size) {
            if (from != 1) {
                Beat beat = beat(clock, Shape.PLAIN);
                beat.farthest = Math.max(beat.farthest, Math.abs(from - 1) * size);
                drafts.add(new Draft(above + "/" + node.key(), new Track.Scale(from), beat));
            }
        }

        private void tint(SceneNode node, Colour a, Colour b) {
            if (!a.equals(b)) {
                var colours = new ArrayList<Colour>();
                for (int i = 0; i <= SHADES; i++) {
                    colours.add(Oklab.mix(a, b, (double) i / SHADES));
                }
                drafts.add(new Draft(above + "/" + node.key(), new Track.Tint(colours), beat(clock, Shape.WITHIN)));
            }
        }

        private void cross(SceneNode to) {
            SceneNode old = from.renamed(from.key() + Tween.LEAVING);
            for (SceneNode node : List.of(old, to)) {
                place(node, Way.NONE, above, around);
                fade(node, node == to ? 0 : 1, node == to ? 1 : 0, beat(clock, Shape.WITHIN), above);
                out.add(node);
            }
        }

        @Override
        public void rect(SceneNode.Rect to) {
            if (!(from instanceof SceneNode.Rect a) || Tween.turns(a.area(), to.area())) {
                cross(to);
                return;
            }
            moves(to, a.area(), to.area());
            if (!isAsLarge(a.area(), to.area()) || a.radius() != to.radius()) {
                Beat beat = beat(clock, Shape.PLAIN);
                double most = Math.max(
                        Math.abs(a.area().width() - to.area().width()),
                        Math.abs(a.area().height() - to.area().height()));
                beat.farthest = Math.max(beat.farthest, most);
                drafts.add(new Draft(
                        above + "/" + to.key(),
                        new Track.Resize(a.area().width(), a.area().height(), a.radius()),
                        beat));
            }
            tint(to, a.fill(), to.fill());
        }

        @Override
        public void gradient(SceneNode.Gradient to) {
            boolean same = from instanceof SceneNode.Gradient a
                    && a.within().isEmpty()
                    && to.within().isEmpty()
                    && a.shades().equals(to.shades())
                    && a.angle() == to.angle()
                    && a.radius() == to.radius()
                    && isAsLarge(a.area(), to.area());
            isTold &= same;
            moves(to, from.box().orElse(to.area()), to.area());
        }

        @Override
        public void picture(SceneNode.Picture to) {
            boolean same = from instanceof SceneNode.Picture a
                    && a.file().equals(to.file())
                    && a.fit() == to.fit()
                    && a.radius() == to.radius()
                    && isAsLarge(a.area(), to.area());
            isTold &= same;
            moves(to, from.box().orElse(to.area()), to.area());
        }

        @Override
        public void group(SceneNode.Group to) {
            cross(to);
        }

        @Override
        public void text(SceneNode.Text to) {
            if (!(from instanceof SceneNode.Text old)) {
                cross(to);
                return;
            }
            TextLine a = old.line();
            TextLine b = to.line();
            Beat beat = beat(clock, Shape.PLAIN);
            boolean same = a.text().equals(b.text());
            if (same && a.type().weight() == b.type().weight()) {
                place(to, new Way(a.left() - b.left(), a.baseline() - b.baseline(), beat), above, around);
                scale(to, a.type().size() / b.type().size(), b.width());
                out.add(to);
                tint(to, old.fill(), to.fill());
                return;
            }
            // Each keeps its own anchor; the one that leaves is, as all is, where it is at the end.
            var type = new Type(b.type().size(), a.type().weight());
            TextLine line = Tween.line(a.text(), Tween.leftOf(a, b.x()), b.baseline(), a.width(), type);
            SceneNode leaving = new SceneNode.Text(to.key() + Tween.LEAVING, line, old.fill());
            twins(leaving, to, old.fill(), to.fill(), new Way(a.x() - b.x(), a.baseline() - b.baseline(), beat), same);
            scale(leaving, a.type().size() / b.type().size(), a.width());
            scale(to, a.type().size() / b.type().size(), b.width());
        }

        private void twins(SceneNode leaving, SceneNode to, Colour a, Colour b, Way way, boolean same) {
            for (SceneNode node : List.of(leaving, to)) {
                place(node, way, above, around);
                tint(node, a, b);
                out.add(node);
            }
            fade(leaving, 1, 0, beat(clock, same ? Shape.LATE : Shape.GOES), above);
            fade(to, 0, 1, beat(clock, same ? Shape.EARLY : Shape.COMES), above);
        }

        @Override
        public void icon(SceneNode.Icon to) {
            if (!(from instanceof SceneNode.Icon a)) {
                cross(to);
                return;
            }
            boolean same = a.name().equals(to.name());
            boolean travels = !a.area().equals(to.area());
            isTold &= a.turn() == to.turn() && (same || !travels);
            Way way = way(a.area(), to.area(), clock);
            if (same && a.filled() == to.filled()) {
                isTold &= a.flipped() == to.flipped();
                place(to, way, above, around);
                scale(to, a.area().width() / to.area().width(), to.area().width());
                out.add(to);
                tint(to, a.fill(), to.fill());
                return;
            }
            SceneNode leaving = a.moved(
                            to.area().x() - a.area().x(),
                            to.area().y() - a.area().y())
                    .renamed(to.key() + Tween.LEAVING);
            twins(leaving, to, a.fill(), to.fill(), way, same);
        }

        @Override
        public void path(SceneNode.Path to) {
            if (from instanceof SceneNode.Path a
                    && a.outline().toward(to.outline(), 0).isPresent()) {
                isTold &= a.outline().equals(to.outline()) && a.stroke().equals(to.stroke());
                place(to, Way.NONE, above, around);
                out.add(to);
                tint(to, a.fill(), to.fill());
            } else {
                cross(to);
            }
        }
    }
}
