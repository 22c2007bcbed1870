package org.yonderarc.build;

import java.util.LinkedHashMap;
import org.yonderarc.plan.Transition;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines a motion: a timing, or a transition between screens. */
public final class MotionBuilder extends MapBuilder<MotionBuilder> {
    private MotionBuilder() {}

    @Override
    MotionBuilder self() {
        return this;
    }

    /** A motion that takes this long, in ms. */
    public static MotionBuilder lasting(double millis) {
        return new MotionBuilder().put("duration", millis);
    }

    /** A motion of a spring of mass 1. */
    public static MotionBuilder spring(double stiffness, double damping) {
        return spring(stiffness, damping, 1, 0);
    }

    /** A motion of a spring; the velocity is in lengths of the way for each second. */
    public static MotionBuilder spring(double stiffness, double damping, double mass, double velocity) {
        var spring = new LinkedHashMap<String, Value>();
        spring.put("stiffness", Trees.number(stiffness));
        spring.put("damping", Trees.number(damping));
        spring.put("mass", Trees.number(mass));
        spring.put("velocity", Trees.number(velocity));
        return new MotionBuilder().put("spring", Trees.map(spring));
    }

    /** Sets the time before it starts, in ms. */
    public MotionBuilder after(double millis) {
        return put("delay", millis);
    }

    /** Sets how it is spread over its time, as CSS writes it: {@code ease-out}. */
    public MotionBuilder easing(String css) {
        return put("easing", css);
    }

    /** Sets the time in ms by which each row of a new screen comes after the one above it. */
    public MotionBuilder stagger(double millis) {
        return put("stagger", millis);
    }

    /** Sets what moves when one screen follows another. */
    public MotionBuilder kind(Transition.Kind kind) {
        return put("kind", kind);
    }
}
