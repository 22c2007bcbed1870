package org.yonderarc.plan;

import java.util.Objects;

/**
 * How things move.
 *
 * @param select the mark of the selected item, on its way to another
 * @param states items on hover, press and focus
 * @param drawers drawers and rails that open, close, expand and collapse
 * @param transition screens that follow each other
 * @param reduced what is left of it for people who want less motion
 */
public record Motion(Timing select, Timing states, Timing drawers, Transition transition, Reduced reduced) {
    /** The motion of a plan that defines none. */
    public static final Motion DEFAULT = new Motion(
            new Timing.Eased(200, 0, new Easing.CubicBezier(0.2, 0, 0, 1)),
            new Timing.Eased(100, 0, Easing.CubicBezier.EASE_OUT),
            new Timing.Eased(250, 0, new Easing.CubicBezier(0.2, 0, 0, 1)),
            new Transition(Transition.Kind.PUSH, new Timing.Eased(300, 0, new Easing.CubicBezier(0.2, 0, 0, 1))),
            Reduced.FADE);

    /** What is left of motion for people who want less of it. */
    public enum Reduced {
        /** A short fade. */
        FADE,
        /** Nothing: things change at once. */
        NONE
    }

    public Motion {
        Objects.requireNonNull(select, "select");
        Objects.requireNonNull(states, "states");
        Objects.requireNonNull(drawers, "drawers");
        Objects.requireNonNull(transition, "transition");
        Objects.requireNonNull(reduced, "reduced");
    }
}
