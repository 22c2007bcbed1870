package org.yonderarc.plan;

import java.util.Objects;

/** When and how fast something moves. */
public sealed interface Timing {
    /** Durations and delays in ms: up to 10 s. */
    Range TIME = new Range(0, 10_000);

    /** The time before it starts, in ms. */
    double delay();

    /** How long it moves, in ms; a spring until less than {@link Spring#REST} of its way is left. */
    double takes();

    /**
     * For a given time.
     *
     * @param duration the time in ms, within {@link #TIME}
     * @param delay the time before it starts, in ms
     * @param easing how it is spread over the time
     */
    record Eased(double duration, double delay, Easing easing) implements Timing {
        public Eased {
            TIME.require(duration, "a duration");
            TIME.require(delay, "a delay");
            Objects.requireNonNull(easing, "easing");
        }

        @Override
        public double takes() {
            return duration;
        }
    }

    /**
     * As a spring does, for as long as it takes.
     *
     * @param mass the mass, within {@link #MASS}
     * @param stiffness the stiffness, within {@link #STIFFNESS}
     * @param damping the damping, within {@link #DAMPING}
     * @param velocity the velocity at the start, in lengths of the way for each second
     * @param delay the time before it starts, in ms
     */
    record Sprung(double mass, double stiffness, double damping, double velocity, double delay) implements Timing {
        /** Masses. */
        public static final Range MASS = new Range(0.01, 100);
        /** Stiffnesses. */
        public static final Range STIFFNESS = new Range(1, 10_000);
        /** Dampings: a spring without any never comes to rest. */
        public static final Range DAMPING = new Range(0.1, 1000);
        /** Velocities in lengths of the way for each second. */
        public static final Range VELOCITY = new Range(-100, 100);

        public Sprung {
            MASS.require(mass, "the mass of a spring");
            STIFFNESS.require(stiffness, "the stiffness of a spring");
            DAMPING.require(damping, "the damping of a spring");
            VELOCITY.require(velocity, "the velocity of a spring");
            TIME.require(delay, "a delay");
        }

        @Override
        public double takes() {
            return new Spring(this).settling();
        }
    }
}
