package org.yonderarc.plan;

import org.yonderarc.tree.NumberValue;

/**
 * A damped spring that pulls from 0 to 1, solved exactly: {@code m x'' + c x' + k x = 0} for the way {@code x} that is
 * left, with the three cases of weak, critical and strong damping.
 */
public final class Spring {
    /** What is left of the way when the spring counts as settled. */
    public static final double REST = 0.001;

    private final double decay;
    private final double frequency;
    private final double velocity;
    private final Case weight;

    /** How strongly a spring is damped. */
    private enum Case {
        WEAK,
        CRITICAL,
        STRONG
    }

    /** The spring of a timing. */
    public Spring(Timing.Sprung timing) {
        this(timing.mass(), timing.stiffness(), timing.damping(), timing.velocity());
    }

    /** A spring; all but the velocity, in lengths of the way for each second, are more than 0. */
    public Spring(double mass, double stiffness, double damping, double velocity) {
        double natural = Math.sqrt(stiffness / mass);
        double ratio = damping / (2 * Math.sqrt(stiffness * mass));
        this.decay = ratio * natural;
        this.velocity = velocity;
        boolean isCritical = Math.abs(ratio - 1) < 1e-9;
        this.weight = isCritical ? Case.CRITICAL : ratio < 1 ? Case.WEAK : Case.STRONG;
        this.frequency = natural * Math.sqrt(Math.abs(1 - ratio * ratio));
    }

    /** The progress after {@code ms} milliseconds: 0 at the start, 1 at rest, beyond 1 where it swings over. */
    public double progress(double ms) {
        return 1 - remaining(Math.max(0, ms) / 1000);
    }

    /** What is left of the way after so many seconds. */
    private double remaining(double t) {
        // At the start x is 1 and x' is minus the velocity.
        double b = decay - velocity;
        return switch (weight) {
            case WEAK -> Math.exp(-decay * t) * (Math.cos(frequency * t) + b / frequency * Math.sin(frequency * t));
            case CRITICAL -> Math.exp(-decay * t) * (1 + b * t);
            case STRONG -> {
                // Written with decaying exponentials only, so that nothing overflows.
                double slow = (frequency + b) / (2 * frequency) * Math.exp(-(decay - frequency) * t);
                double fast = (frequency - b) / (2 * frequency) * Math.exp(-(decay + frequency) * t);
                yield slow + fast;
            }
        };
    }

    /** A bound of what is left from {@code t} seconds on; it never rises. */
    private double bound(double t) {
        double b = decay - velocity;
        return switch (weight) {
            case WEAK -> Math.exp(-decay * t) * Math.sqrt(1 + b * b / (frequency * frequency));
            case CRITICAL -> {
                double peak = b == 0 ? 0 : 1 / decay - 1 / b;
                double at = Math.max(t, peak);
                yield Math.max(Math.abs(remaining(t)), Math.abs(remaining(at)));
            }
            case STRONG -> {
                double slow = Math.abs((frequency + b) / (2 * frequency)) * Math.exp(-(decay - frequency) * t);
                double fast = Math.abs((frequency - b) / (2 * frequency)) * Math.exp(-(decay + frequency) * t);
                yield slow + fast;
            }
        };
    }

    /** The time in ms after which never more than {@link #REST} of the way is left; at most a minute. */
    public double settling() {
        double high = 0.01;
        while (bound(high) > REST && high < 60) {
            high *= 2;
        }
        double low = 0;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (bound(middle) > REST) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Math.min(60_000, high * 1000);
    }

    /** The spring as a {@code linear()} easing of CSS with so many points, for the duration {@link #settling}. */
    public String toLinear(int points) {
        double duration = settling();
        var out = new StringBuilder("linear(0");
        for (int i = 1; i < points - 1; i++) {
            double share = (double) i / (points - 1);
            out.append(", ").append(NumberValue.plain(Math.round(progress(duration * share) * 10_000) / 10_000.0));
        }
        return out.append(", 1)").toString();
    }
}
