package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.layout.Box;
import org.yonderarc.motion.TrackDraft.Clock;
import org.yonderarc.motion.TrackDraft.Displacement;
import org.yonderarc.motion.TrackDraft.Mapping;
import org.yonderarc.motion.TrackDraft.Pacing;
import org.yonderarc.plan.Form;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;

/**
 * Works out the tracks of a film, going over its pairs as {@link Film#at} does. Where something in it has none (an outline that bends, a picture
 * that becomes another), the film has none: it is painted frame by frame.
 */
@NullUnmarked // null says that there is none, as in the pairs
final class FilmTracks {
    private final Film film;
    private final TrackDraft draft = new TrackDraft();

    FilmTracks(Film film) {
        this.film = film;
    }

    /** The tracks; no value where something in the film has none. */
    Optional<Tracks> tracks() {
        Scene to = film.last();
        var nodes = new ArrayList<SceneNode>();
        if (film.fades()) {
            nodes.addAll(film.first().nodes());
            nodes.add(film.whole());
            draft.fade(film.whole(), 0, 1, new Pacing(ms -> ms / film.duration(), film.duration()), "");
        } else {
            all(film.pairs(), "", Displacement.NONE, nodes);
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

    private void all(List<Pair> pairs, String above, Displacement around, List<SceneNode> out) {
        for (Pair pair : pairs) {
            Clock clock = clock(pair.tempo());
            if (pair.isStill()) {
                stays(pair.b(), above, around, out);
            } else if (pair.a() == null) {
                alone(pair.b(), true, clock, pair.tempo(), above, around, out);
            } else if (pair.b() == null) {
                alone(pair.a(), false, clock, pair.tempo(), above, around, out);
            } else if (pair.a() instanceof SceneNode.Group a && pair.b() instanceof SceneNode.Group b) {
                group(pair, a, b, clock, above, around, out);
            } else {
                new LeafTracks(draft, pair.a(), clock, above, around, out).add(pair.b());
            }
        }
    }

    private void stays(SceneNode node, String above, Displacement around, List<SceneNode> out) {
        draft.place(node, Displacement.NONE, above, around);
        out.add(node);
    }

    private void group(
            Pair pair,
            SceneNode.Group a,
            SceneNode.Group b,
            Clock clock,
            String above,
            Displacement around,
            List<SceneNode> out) {
        boolean isRound =
                !a.clip().equals(b.clip()) || a.clip().isPresent() && !TrackDraft.isAsLarge(a.area(), b.area());
        draft.only(!isRound && a.opacity() == b.opacity() && !(film.isRaised() && b.part() == Part.Plain.LIST));
        Displacement own = new Displacement(
                a.area().x() - b.area().x(), a.area().y() - b.area().y(), draft.pacing(clock, Mapping.PLAIN));
        draft.place(b, own, above, around);
        // What only comes or goes with an item or a page stays where it is in it.
        boolean goesTogether = b.part() instanceof Part.Item || b.part() == Part.Plain.PAGE;
        Displacement inner = own.moves() ? own : Displacement.NONE;
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
                // A label sinks into a bar whose mark is raised.
                draft.only(!turns || !film.isRaised());
                SceneNode node = arrives ? child.b() : child.a().moved(-own.dx(), -own.dy());
                Clock timing = turns ? within : clock(child.tempo());
                alone(node, arrives, timing, child.tempo(), path, Displacement.NONE, children);
            } else if (turns && !child.isStill()) {
                new LeafTracks(draft, child.a(), within, path, inner, children).add(child.b());
            } else {
                all(List.of(child), path, inner, children);
            }
        }
        out.add(b.with(children));
    }

    /** What comes or goes by itself. */
    private void alone(
            SceneNode node,
            boolean arrives,
            Clock clock,
            Part.Tempo tempo,
            String above,
            Displacement around,
            List<SceneNode> out) {
        if (Pair.isScreen(node) && node instanceof SceneNode.Group group) {
            screen(group, clock, arrives, above, around, out);
        } else {
            present(node, arrives, clock, tempo, above, around, out);
        }
    }

    private void screen(
            SceneNode.Group whole,
            Clock clock,
            boolean arrives,
            String above,
            Displacement around,
            List<SceneNode> out) {
        // Their distances are those of the window: what they stand in has to stay.
        draft.only(!around.moves() && film.screens().tracks(whole, arrives, new ScreenTracks(clock, above, out)));
    }

    /** Takes the tracks of screens. */
    final class ScreenTracks {
        private final Clock clock;
        private final String above;
        private final List<SceneNode> out;

        private ScreenTracks(Clock clock, String above, List<SceneNode> out) {
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
            Pacing pacing = draft.pacing(clock, Mapping.PLAIN);
            // What leaves is where it is at share 0; tracks say where things are at share 1.
            SceneNode there = arrives ? node : node.moved(dx, dy);
            draft.place(
                    there, new Displacement(arrives ? dx : -dx, arrives ? dy : -dy, pacing), above, Displacement.NONE);
            out.add(there);
        }

        /** Adds a node that fades in. */
        void faded(SceneNode node) {
            draft.fade(node, 0, 1, draft.pacing(clock, Mapping.WITHIN), above);
            out.add(node);
        }

        /** A row of a screen, which rises into its place later than others. */
        void row(SceneNode row, String screen, double rise, double delay) {
            Clock own = late(Part.Tempo.SCREENS, delay);
            String path = above + "/" + screen;
            draft.place(row, new Displacement(0, rise, draft.pacing(own, Mapping.PLAIN)), path, Displacement.NONE);
            draft.fade(row, 0, 1, draft.pacing(own, Mapping.WITHIN), path);
        }
    }

    /** What is there for a share only: see {@link Presence#present} and {@code Film.kept}. */
    private void present(
            SceneNode node,
            boolean arrives,
            Clock clock,
            Part.Tempo tempo,
            String above,
            Displacement around,
            List<SceneNode> out) {
        double from = arrives ? 0 : 1;
        double to = 1 - from;
        out.add(node);
        if (!(node instanceof SceneNode.Group group)) {
            draft.place(node, Displacement.NONE, above, around);
            Mapping mapping =
                    tempo != Part.Tempo.SELECT ? Mapping.WITHIN : arrives ? Mapping.SQUARE : Mapping.SQUARE_BACK;
            draft.fade(node, from, to, draft.pacing(clock, mapping), above);
            return;
        }
        Optional<Part.Entrance> entrance = Pair.entrance(node);
        if (entrance.isPresent()) {
            Box start = entrance.get().from();
            double dx = start.centerX() - group.area().centerX();
            double dy = start.centerY() - group.area().centerY();
            Clock late = arrives ? late(tempo, entrance.get().turn() * Film.FAN) : clock;
            gone(group, dx, dy, arrives, late, above, around, out);
            draft.fade(node, from, to, draft.pacing(late, arrives ? Mapping.EARLY : Mapping.LATE), above);
            return;
        }
        if (group.part() instanceof Part.Bar bar && bar.edge() != Form.Edge.CONTENT && bar.edge() != Form.Edge.ABOVE) {
            SceneNode away = film.presence().bar(group, bar.edge(), 0, arrives ? film.last() : film.first());
            Box then = away.box().orElseThrow();
            gone(group, then.x() - group.area().x(), then.y() - group.area().y(), arrives, clock, above, around, out);
            return;
        }
        if (group.part() == Part.Plain.BADGE) {
            // One that goes has no size at its end that it could be scaled from.
            draft.only(arrives);
            popped(group, clock, above, around);
            return;
        }
        // The shadow of a page goes with it.
        draft.only(group.part() != Part.Plain.PAGE_SHADOW);
        draft.place(node, Displacement.NONE, above, around);
        draft.fade(node, from, to, draft.pacing(clock, Mapping.WITHIN), above);
    }

    /** A badge that grows from its middle: see {@code Presence.popped}. */
    private void popped(SceneNode.Group badge, Clock clock, String above, Displacement around) {
        draft.place(badge, Displacement.NONE, above, around);
        String path = above + "/" + badge.key();
        Pacing pacing = draft.pacing(clock, Mapping.PLAIN);
        for (SceneNode child : badge.children()) {
            if (child instanceof SceneNode.Rect rect) {
                Box area = rect.area();
                var way = new Displacement(area.width() / 2, area.height() / 2, pacing);
                draft.place(rect, way, path, Displacement.NONE);
                draft.resize(rect, new Box(0, 0, 0, 0), 0, pacing, path);
            } else {
                draft.fade(child, 0, 1, draft.pacing(clock, Mapping.SQUARE), path);
            }
        }
    }

    /** Puts a node that comes from a distance, or goes there, in place of the last one. */
    private void gone(
            SceneNode.Group node,
            double dx,
            double dy,
            boolean arrives,
            Clock clock,
            String above,
            Displacement around,
            List<SceneNode> out) {
        Pacing pacing = draft.pacing(clock, Mapping.PLAIN);
        SceneNode there = arrives ? node : node.moved(dx, dy);
        draft.place(there, new Displacement(arrives ? dx : -dx, arrives ? dy : -dy, pacing), above, around);
        out.set(out.size() - 1, there);
    }
}
