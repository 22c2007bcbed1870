package org.yonderarc.motion;

import java.util.function.DoubleUnaryOperator;
import org.yonderarc.plan.Spring;
import org.yonderarc.plan.Timing;

/**
 * Turns time into progress.
 *
 * @param delay the time before it starts, in ms
 * @param duration the time that it takes, in ms
 * @param curve the progress for the ms since its start
 */
record Progress(double delay, double duration, DoubleUnaryOperator curve) {
    /** At its end from the start. */
    static final Progress AT_ONCE = new Progress(0, 0, ms -> 1);

    static Progress of(Timing timing) {
        if (timing instanceof Timing.Sprung sprung) {
            var spring = new Spring(sprung);
            return new Progress(sprung.delay(), spring.settling(), spring::progress);
        }
        var eased = (Timing.Eased) timing;
        return new Progress(
                eased.delay(), eased.duration(), ms -> Curve.progress(eased.easing(), ms / eased.duration()));
    }

    /** When it ends, in ms. */
    double end() {
        return delay + duration;
    }

    double progress(double ms) {
        if (ms < delay) {
            return duration == 0 ? 1 : 0;
        }
        return ms >= end() ? 1 : curve.applyAsDouble(ms - delay);
    }

    /** The same, but starting from rest: for what is already under way in another direction. */
    Progress fromRest() {
        if (duration == 0) {
            return this;
        }
        return new Progress(delay, duration, ms -> {
            double share = Math.min(1, ms / duration * 4);
            return curve.applyAsDouble(ms) * share * share * (3 - 2 * share);
        });
    }
}
