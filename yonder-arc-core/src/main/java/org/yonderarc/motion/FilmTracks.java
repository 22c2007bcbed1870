package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.layout.Box;
import org.yonderarc.motion.TrackDraft.Beat;
import org.yonderarc.motion.TrackDraft.Clock;
import org.yonderarc.motion.TrackDraft.Shape;
import org.yonderarc.motion.TrackDraft.Way;
import org.yonderarc.plan.Form;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;

/**
 * Tells a film ahead, going over its pairs as {@link Film#at} does. What can't be told by tracks (an outline that bends, a size that
 * changes, a picture that becomes another) ends it: such a film is painted frame by frame.
 */
@NullUnmarked // null says that there is none, as in the pairs
final class FilmTracks {
    private final Film film;
    private final TrackDraft draft = new TrackDraft();

    FilmTracks(Film film) {
        this.film = film;
    }

    /** The tracks; no value where something can't be told. */
    Optional<Tracks> tell() {
        Scene to = film.last();
        var nodes = new ArrayList<SceneNode>();
        if (film.fades()) {
            nodes.addAll(film.first().nodes());
            nodes.add(film.whole());
            draft.fade(film.whole(), 0, 1, new Beat(ms -> ms / film.duration(), film.duration()), "");
        } else {
            all(film.pairs(), "", Way.NONE, nodes);
        }
        return draft.tracks(new Scene(to.width(), to.height(), to.background(), to.title(), nodes), film.duration());
    }

    private Clock clock(Part.Tempo tempo) {
        return late(tempo, 0);
    }

    /** The clock of a tempo for what starts later, in ms. */
    private Clock late(Part.Tempo tempo, double delay) {
        Progress progress = film.clock(tempo);
        return new Clock(
                tempo + "+" + Decimals.brief(delay), ms -> progress.progress(ms - delay), progress.end() + delay);
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
                new LeafTracks(draft, pair.a(), clock, above, around, out).tell(pair.b());
            }
        }
    }

    private void stays(SceneNode node, String above, Way around, List<SceneNode> out) {
        draft.place(node, Way.NONE, above, around);
        out.add(node);
    }

    private void group(
            Pair pair,
            SceneNode.Group a,
            SceneNode.Group b,
            Clock clock,
            String above,
            Way around,
            List<SceneNode> out) {
        boolean isRound =
                !a.clip().equals(b.clip()) || a.clip().isPresent() && !TrackDraft.isAsLarge(a.area(), b.area());
        draft.only(!isRound && a.opacity() == b.opacity() && !(film.isRaised() && b.part() == Part.Plain.LIST));
        Way own = new Way(a.area().x() - b.area().x(), a.area().y() - b.area().y(), draft.beat(clock, Shape.PLAIN));
        draft.place(b, own, above, around);
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
                new LeafTracks(draft, child.a(), within, path, inner, children).tell(child.b());
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
            draft.only(false);
        }
        present(node, arrives, within, tempo, arrives ? film.last() : film.first(), path, Way.NONE, out);
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
        draft.only(!around.moves() && film.screens().tell(whole, arrives, new Screening(clock, above, out)));
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
            Beat beat = draft.beat(clock, Shape.PLAIN);
            // What leaves is where it is at share 0; tracks say where things are at share 1.
            SceneNode there = arrives ? node : node.moved(dx, dy);
            draft.place(there, new Way(arrives ? dx : -dx, arrives ? dy : -dy, beat), above, Way.NONE);
            out.add(there);
        }

        void faded(SceneNode node) {
            draft.fade(node, 0, 1, draft.beat(clock, Shape.WITHIN), above);
            out.add(node);
        }

        /** A row of a screen, which rises into its place later than others. */
        void row(SceneNode row, String screen, double rise, double delay) {
            Clock own = late(Part.Tempo.SCREENS, delay);
            String path = above + "/" + screen;
            draft.place(row, new Way(0, rise, draft.beat(own, Shape.PLAIN)), path, Way.NONE);
            draft.fade(row, 0, 1, draft.beat(own, Shape.WITHIN), path);
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
            draft.place(node, Way.NONE, above, around);
            Shape shape = tempo != Part.Tempo.SELECT ? Shape.WITHIN : arrives ? Shape.SQUARE : Shape.SQUARE_BACK;
            draft.fade(node, from, to, draft.beat(clock, shape), above);
            return;
        }
        Optional<Part.Entrance> entrance = Pair.entrance(node);
        if (entrance.isPresent()) {
            Box start = entrance.get().from();
            double dx = start.centerX() - group.area().centerX();
            double dy = start.centerY() - group.area().centerY();
            Clock late = arrives ? late(tempo, entrance.get().turn() * Film.FAN) : clock;
            gone(group, dx, dy, arrives, late, above, around, out);
            draft.fade(node, from, to, draft.beat(late, arrives ? Shape.EARLY : Shape.LATE), above);
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
        draft.only(group.part() != Part.Plain.PAGE_SHADOW);
        draft.place(node, Way.NONE, above, around);
        draft.fade(node, from, to, draft.beat(clock, Shape.WITHIN), above);
    }

    /** A badge that grows from its middle, or shrinks into it: see {@code Film.popped}. */
    private void popped(SceneNode.Group badge, boolean arrives, Clock clock, String above, Way around) {
        draft.place(badge, Way.NONE, above, around);
        String path = above + "/" + badge.key();
        Beat beat = draft.beat(clock, Shape.PLAIN);
        for (SceneNode child : badge.children()) {
            if (child instanceof SceneNode.Rect rect) {
                Box area = rect.area();
                double across = area.width() / 2;
                double down = area.height() / 2;
                // One that goes is at share 0 what it is, and then nothing.
                draft.only(arrives);
                draft.place(rect, new Way(across, down, beat), path, Way.NONE);
                draft.resize(rect, new Box(0, 0, 0, 0), 0, beat, path);
            } else {
                draft.fade(
                        child,
                        arrives ? 0 : 1,
                        arrives ? 1 : 0,
                        draft.beat(clock, arrives ? Shape.SQUARE : Shape.SQUARE_BACK),
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
        Beat beat = draft.beat(clock, Shape.PLAIN);
        SceneNode there = arrives ? node : node.moved(dx, dy);
        draft.place(there, new Way(arrives ? dx : -dx, arrives ? dy : -dy, beat), above, around);
        out.set(out.size() - 1, there);
    }
}
