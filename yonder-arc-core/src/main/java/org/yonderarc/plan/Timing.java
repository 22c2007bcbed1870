package org.yonderarc.plan;

import java.util.Objects;

/** When and how fast something moves. */
public sealed interface Timing {
    /** The longest time in ms that a duration or a delay may have: 10 s. */
    double LONGEST = 10_000;

    /** The time before it starts, in ms. */
    double delay();

    /**
     * For a given time.
     *
     * @param duration the time in ms, 0 to {@link #LONGEST}
     * @param delay the time before it starts, in ms
     * @param easing how it is spread over the time
     */
    record Eased(double duration, double delay, Easing easing) implements Timing {
        public Eased {
            Objects.requireNonNull(easing, "easing");
        }
    }

    /**
     * As a spring does, for as long as it takes.
     *
     * @param mass the mass, more than 0
     * @param stiffness the stiffness, more than 0
     * @param damping the damping, more than 0: a spring without it never comes to rest
     * @param velocity the velocity at the start, in lengths of the way for each second
     * @param delay the time before it starts, in ms
     */
    record Sprung(double mass, double stiffness, double damping, double velocity, double delay) implements Timing {
        /**
         * About how long it takes in ms until what is left of the way is under a hundredth, by the envelope of the
         * motion: exact for weak damping, some tenths too short where the damping is strong.
         */
        public double settling() {
            double frequency = Math.sqrt(stiffness / mass);
            double ratio = damping / (2 * Math.sqrt(stiffness * mass));
            double decay = ratio < 1 ? ratio * frequency : frequency * (ratio - Math.sqrt(ratio * ratio - 1));
            return 1000 * Math.log(100) / decay;
        }
    }
}
