package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** The tracks of a film while they are collected: how exact a pace has to be is known once all that moves with it is there. */
final class TrackDraft {
    /** By how much a place may be wrong, in dp; the rest of a quarter is for errors that add up along a path. */
    private static final double FINENESS = 0.2;
    /** By how much a fade or a colour may be wrong, as a share. */
    private static final double SHADE = 1 / 600.0;
    /** The number of steps of a change of colour. */
    private static final int SHADES = 16;

    /** How the progress of a clock becomes that of a movement: see {@link Film} and {@link Tween}. */
    enum Mapping {
        PLAIN(p -> p),
        WITHIN(Mapping::unit),
        EARLY(p -> unit(2 * p)),
        LATE(p -> unit(2 * p - 1)),
        GOES(p -> 1 - Tween.gone(p)),
        COMES(Tween::come),
        SQUARE(p -> unit(p) * unit(p)),
        SQUARE_BACK(p -> 1 - unit(1 - p) * unit(1 - p));

        private final DoubleUnaryOperator of;

        Mapping(DoubleUnaryOperator of) {
            this.of = of;
        }

        private static double unit(double p) {
            return Math.max(0, Math.min(1, p));
        }
    }

    /**
     * What times something.
     *
     * @param name its name, which no other clock of the film has
     * @param progress the progress at a time in ms
     * @param end when it ends, in ms
     */
    record Clock(String name, DoubleUnaryOperator progress, double end) {}

    /** A pace before it is known how exact it has to be. */
    static final class Pacing {
        private final DoubleUnaryOperator curve;
        private final double end;
        private double farthest;

        Pacing(DoubleUnaryOperator curve, double end) {
            this.curve = curve;
            this.end = end;
        }

        /** Says that something goes so far with it, in dp. */
        void reaches(double distance) {
            farthest = Math.max(farthest, Math.abs(distance));
        }
    }

    private record Draft(String path, Track.Move move, Pacing pacing) {}

    /** How far something is from its place at share 0, in dp, and how it gets there; with no pacing where it stays. */
    record Displacement(double dx, double dy, @Nullable Pacing pacing) {
        static final Displacement NONE = new Displacement(0, 0, null);

        boolean moves() {
            return pacing != null && (dx != 0 || dy != 0);
        }
    }

    private final Map<String, Pacing> pacings = new HashMap<>();
    private final List<Draft> drafts = new ArrayList<>();
    private boolean isWhole = true;

    /** Gives up all tracks where one movement can't be a track. */
    void only(boolean isPossible) {
        isWhole &= isPossible;
    }

    /** The tracks of all that was added; no value where something has none. */
    Optional<Tracks> tracks(Scene scene, double duration) {
        var paces = new HashMap<Pacing, Pace>();
        var tracks = new ArrayList<Track>();
        for (Draft draft : drafts) {
            if (!isWhole) {
                return Optional.empty();
            }
            Pace pace = paces.computeIfAbsent(draft.pacing(), this::pace);
            tracks.add(new Track(draft.path(), draft.move(), pace));
        }
        return isWhole ? Optional.of(new Tracks(scene, duration, tracks)) : Optional.empty();
    }

    private Pace pace(Pacing pacing) {
        double error = Math.min(SHADE, FINENESS / Math.max(1, pacing.farthest));
        Optional<Pace> found = Pace.of(pacing.curve, pacing.end, error);
        isWhole &= found.isPresent();
        return found.orElseGet(() -> new Pace(List.of()));
    }

    Pacing pacing(Clock clock, Mapping mapping) {
        return pacings.computeIfAbsent(
                clock.name() + " " + mapping,
                any -> new Pacing(
                        ms -> mapping.of.applyAsDouble(clock.progress().applyAsDouble(ms)), clock.end()));
    }

    /** Says how a node moves, seen from what it stands in. */
    void place(SceneNode node, Displacement own, String above, Displacement around) {
        if (own.moves() && around.moves() && own.pacing() != around.pacing()) {
            isWhole = false;
            return;
        }
        double dx = own.dx() - around.dx();
        double dy = own.dy() - around.dy();
        Pacing pacing = own.moves() ? own.pacing() : around.pacing();
        if (pacing != null && (dx != 0 || dy != 0)) {
            pacing.reaches(Math.hypot(dx, dy));
            drafts.add(new Draft(above + "/" + node.key(), new Track.Shift(dx, dy), pacing));
        }
    }

    void fade(SceneNode node, double from, double to, Pacing pacing, String above) {
        drafts.add(new Draft(above + "/" + node.key(), new Track.Fade(from, to), pacing));
    }

    void tint(SceneNode node, Colour a, Colour b, Pacing pacing, String above) {
        if (!a.equals(b)) {
            var colours = new ArrayList<Colour>();
            for (int i = 0; i <= SHADES; i++) {
                colours.add(Oklab.mix(a, b, (double) i / SHADES));
            }
            drafts.add(new Draft(above + "/" + node.key(), new Track.Tint(colours), pacing));
        }
    }

    /** Says that a rectangle changes its size or its corners. */
    void resize(SceneNode.Rect to, Box area, double radius, Pacing pacing, String above) {
        if (!isAsLarge(area, to.area()) || radius != to.radius()) {
            pacing.reaches(area.width() - to.area().width());
            pacing.reaches(area.height() - to.area().height());
            drafts.add(
                    new Draft(above + "/" + to.key(), new Track.Resize(area.width(), area.height(), radius), pacing));
        }
    }

    /**
     * Says that a text or an icon changes its size.
     *
     * @param from how many times as large it is at share 0
     * @param size its larger side, in dp
     */
    void scale(SceneNode node, double from, double size, Pacing pacing, String above) {
        if (from != 1) {
            pacing.reaches((from - 1) * size);
            drafts.add(new Draft(above + "/" + node.key(), new Track.Scale(from), pacing));
        }
    }

    static boolean isAsLarge(Box a, Box b) {
        return a.width() == b.width() && a.height() == b.height();
    }
}
