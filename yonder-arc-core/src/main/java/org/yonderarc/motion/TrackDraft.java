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

/** Tracks while they are collected, before it is known how fine their paces have to be. */
final class TrackDraft {
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
    static final class Beat {
        private final DoubleUnaryOperator curve;
        private final double end;
        private double farthest;

        Beat(DoubleUnaryOperator curve, double end) {
            this.curve = curve;
            this.end = end;
        }

        /** Says how far something goes with it, in dp. */
        void reaches(double distance) {
            farthest = Math.max(farthest, Math.abs(distance));
        }
    }

    private record Draft(String path, Track.Move move, Beat beat) {}

    /** A shift that is under way where something stands; with no beat where nothing moves. */
    record Way(double dx, double dy, @Nullable Beat beat) {
        static final Way NONE = new Way(0, 0, null);

        boolean moves() {
            return beat != null && (dx != 0 || dy != 0);
        }
    }

    private final Map<String, Beat> beats = new HashMap<>();
    private final List<Draft> drafts = new ArrayList<>();
    private boolean isTold = true;

    /** Says whether something can be told: once something can't, there are no tracks. */
    void only(boolean can) {
        isTold &= can;
    }

    /** The tracks of all that was said; no value where something can't be told. */
    Optional<Tracks> tracks(Scene scene, double duration) {
        var paces = new HashMap<Beat, Pace>();
        var tracks = new ArrayList<Track>();
        for (Draft draft : drafts) {
            if (!isTold) {
                return Optional.empty();
            }
            Pace pace = paces.computeIfAbsent(draft.beat(), this::pace);
            tracks.add(new Track(draft.path(), draft.move(), pace));
        }
        return isTold ? Optional.of(new Tracks(scene, duration, tracks)) : Optional.empty();
    }

    private Pace pace(Beat beat) {
        double error = Math.min(SHADE, FINENESS / Math.max(1, beat.farthest));
        Optional<Pace> found = Pace.of(beat.curve, beat.end, error);
        isTold &= found.isPresent();
        return found.orElseGet(() -> new Pace(List.of()));
    }

    Beat beat(Clock clock, Shape shape) {
        return beats.computeIfAbsent(
                clock.name() + " " + shape,
                any -> new Beat(ms -> shape.of.applyAsDouble(clock.progress().applyAsDouble(ms)), clock.end()));
    }

    /** Says how a node moves, seen from what it stands in. */
    void place(SceneNode node, Way own, String above, Way around) {
        if (own.moves() && around.moves() && own.beat() != around.beat()) {
            isTold = false;
            return;
        }
        double dx = own.dx() - around.dx();
        double dy = own.dy() - around.dy();
        Beat beat = own.moves() ? own.beat() : around.beat();
        if (beat != null && (dx != 0 || dy != 0)) {
            beat.reaches(Math.hypot(dx, dy));
            drafts.add(new Draft(above + "/" + node.key(), new Track.Shift(dx, dy), beat));
        }
    }

    void fade(SceneNode node, double from, double to, Beat beat, String above) {
        drafts.add(new Draft(above + "/" + node.key(), new Track.Fade(from, to), beat));
    }

    void tint(SceneNode node, Colour a, Colour b, Beat beat, String above) {
        if (!a.equals(b)) {
            var colours = new ArrayList<Colour>();
            for (int i = 0; i <= SHADES; i++) {
                colours.add(Oklab.mix(a, b, (double) i / SHADES));
            }
            drafts.add(new Draft(above + "/" + node.key(), new Track.Tint(colours), beat));
        }
    }

    /** Says that a rectangle changes its size or its corners. */
    void resize(SceneNode.Rect to, Box area, double radius, Beat beat, String above) {
        if (!isAsLarge(area, to.area()) || radius != to.radius()) {
            beat.reaches(area.width() - to.area().width());
            beat.reaches(area.height() - to.area().height());
            drafts.add(new Draft(above + "/" + to.key(), new Track.Resize(area.width(), area.height(), radius), beat));
        }
    }

    /**
     * Says that a text or an icon changes its size.
     *
     * @param from how many times as large it is at share 0
     * @param size its larger side, in dp
     */
    void scale(SceneNode node, double from, double size, Beat beat, String above) {
        if (from != 1) {
            beat.reaches((from - 1) * size);
            drafts.add(new Draft(above + "/" + node.key(), new Track.Scale(from), beat));
        }
    }

    static boolean isAsLarge(Box a, Box b) {
        return a.width() == b.width() && a.height() == b.height();
    }
}
