package org.yonderarc.motion;

import java.util.Optional;
import java.util.function.Function;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitting;
import org.yonderarc.form.Forms;
import org.yonderarc.plan.Easing;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Timing;
import org.yonderarc.plan.Transition;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/**
 * A horizontal drag, and the step that it takes. From the leading edge it goes one place back, or pulls a
 * drawer open where there is no way back; from the trailing edge it pulls a drawer there; anywhere else it pushes an open
 * drawer closed. While it is down the film follows it;
 * when it is lifted, the step is taken or not.
 */
public final class Swipe {
    /** How far from a side edge a finger comes down at most to go back or to pull a drawer, in dp. */
    public static final double EDGE = 24;
    /** How far a finger moves before it is a swipe, in dp. */
    public static final double SLOP = 8;

    /** As long as a film by hand is; only shares of it count. */
    private static final Timing EVEN = new Timing.Eased(1000, 0, Easing.Linear.PLAIN);

    private final Step step;
    private final Drag drag;
    private final double distance;

    private Swipe(Step step, Drag drag, double distance) {
        this.step = step;
        this.drag = drag;
        this.distance = distance;
    }

    /**
     * The swipe that begins when a finger that came down at {@code x} has moved by {@code dx}.
     *
     * @param x where it came down, in dp from the left
     * @param dx how far it has moved to the right, in dp; its direction decides
     * @param reduced whether the person wants less motion
     * @return no value where nothing can be swiped there
     */
    public static Optional<Swipe> begin(View view, State state, double x, double dx, boolean reduced) {
        return begin(view, state, x, dx, reduced, view::scene);
    }

    /** As {@link #begin(View, State, double, double, boolean)}, with scenes of states that are not just those of the view. */
    public static Optional<Swipe> begin(
            View view, State state, double x, double dx, boolean reduced, Function<State, Scene> scenes) {
        Fitting fitting = Fitter.fit(view.walk(), view.setting(), state);
        double sign = fitting.rightToLeft() ? -1 : 1;
        double width = fitting.device().width();
        boolean isForward = dx * sign > 0;
        double from = fitting.rightToLeft() ? width - x : x;
        // What a finger pulls from an edge moves away from it.
        boolean isAtEdge = isForward ? from <= EDGE : width - from <= EDGE;
        return step(fitting, state, isForward, isAtEdge)
                .flatMap(step ->
                        of(view.walk(), state, step, isForward ? sign : -sign, reduced, fitting.rightToLeft(), scenes));
    }

    /**
     * The swipe of a system's own gesture to go back, wherever it begins: what is open closes, else the person goes one place back.
     *
     * @return no value where nothing can be shown of it
     */
    public static Optional<Swipe> back(View view, State state, boolean reduced, Function<State, Scene> scenes) {
        Step step = state.open().isPresent() ? new Step.Close() : new Step.Back();
        boolean rightToLeft = Fitter.fit(view.walk(), view.setting(), state).rightToLeft();
        return of(view.walk(), state, step, 1, reduced, rightToLeft, scenes);
    }

    private static Optional<Step> step(Fitting fitting, State state, boolean isForward, boolean isAtEdge) {
        if (state.open().isPresent()) {
            boolean closes = fitting.bars().stream()
                    .filter(FittedBar::isOpen)
                    .anyMatch(bar -> isPulled(bar, isForward ? Form.Edge.TRAILING : Form.Edge.LEADING));
            return closes ? Optional.of(new Step.Close()) : Optional.empty();
        }
        if (!isAtEdge) {
            return Optional.empty();
        }
        if (isForward && state.trail().below().isPresent()) {
            return Optional.of(new Step.Back());
        }
        return fitting.bars().stream()
                .filter(bar -> isPulled(bar, isForward ? Form.Edge.LEADING : Form.Edge.TRAILING))
                .findFirst()
                .map(bar -> new Step.Toggle(bar.id()));
    }

    private static boolean isPulled(FittedBar bar, Form.Edge edge) {
        return Forms.isPulled(bar) && bar.form().edge() == edge;
    }

    private static Optional<Swipe> of(
            Walk walk,
            State state,
            Step step,
            double sign,
            boolean reduced,
            boolean rightToLeft,
            Function<State, Scene> scenes) {
        Change change = walk.step(state, step);
        Scene from = scenes.apply(state);
        Scene to = scenes.apply(change.after());
        Motion own = walk.plan().motion();
        var even = new Motion(EVEN, EVEN, EVEN, even(own.transition()), own.reduced());
        Optional<Passage> passage =
                Passage.of(walk, change).map(found -> new Passage(even(found.transition()), found.forward()));
        Film film = Film.of(from, to, new Score(passage, even, reduced, rightToLeft, Optional.empty()));
        if (!change.moved() || film.duration() == 0) {
            return Optional.empty();
        }
        double distance = step instanceof Step.Back ? from.width() : reach(step instanceof Step.Close ? from : to);
        return Optional.of(new Swipe(step, new Drag(film), sign * distance));
    }

    private static Transition even(Transition transition) {
        return new Transition(transition.kind(), EVEN, 0);
    }

    /** How far an open drawer, or the page above it, has come. */
    private static double reach(Scene open) {
        double page = open.first(Part.Plain.PAGE)
                .map(SceneNode.Group::area)
                .map(box -> Math.max(box.x(), open.width() - box.right()))
                .orElse(0.0);
        double drawer = open.first(part -> part instanceof Part.Bar bar && bar.tempo() == Part.Tempo.DRAWERS)
                .map(group -> group.area().width())
                .orElse(open.width());
        return Math.abs(page) > 0 ? Math.abs(page) : drawer;
    }

    /** The step that is taken when it goes to its end. */
    public Step step() {
        return step;
    }

    /** The scene when the finger has moved by {@code dx} dp to the right since it came down. */
    public Scene move(double dx) {
        drag.move(dx / distance);
        return drag.scene();
    }

    /**
     * What follows when the finger is lifted.
     *
     * @param velocity how fast it is, in dp to the right for each second
     */
    public Drag.Release release(double velocity) {
        return drag.release(velocity / distance);
    }

    /** What follows when the finger is taken away: it goes back to the start. */
    public Drag.Release giveUp() {
        return drag.giveUp();
    }

    /** What follows when it is taken on to its end. */
    public Drag.Release goOn() {
        return drag.goOn();
    }

    /** The scene at a share of the way, as {@link Drag.Release#share} gives it. */
    public Scene at(double share) {
        drag.move(share);
        return drag.scene();
    }
}
