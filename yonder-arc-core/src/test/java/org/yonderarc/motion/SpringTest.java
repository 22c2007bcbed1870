package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.plan.Easing;
import org.yonderarc.plan.Spring;
import org.yonderarc.plan.Timing;

/** Springs against the equation that defines them, integrated in small steps. */
class SpringTest {
    @ParameterizedTest
    @CsvSource({
        "1, 200, 10, 0", // weak
        "1, 200, 2, 5",
        "2, 100, 15, -3",
        "1, 100, 20, 0", // critical
        "1, 100, 20, 12",
        "0.5, 300, 60, 0", // strong
        "1, 50, 80, 4",
        "1, 1, 1000, 0", // very strong
        "0.01, 10000, 0.1, 0", // hardly damped
    })
    void theExactSolutionIsThatOfTheEquation(double mass, double stiffness, double damping, double velocity) {
        var spring = new Spring(new Timing.Sprung(mass, stiffness, damping, velocity, 0));
        double x = 1;
        double v = -velocity;
        double step = 1e-6;
        for (int i = 0; i <= 400_000; i++) {
            if (i % 50_000 == 0) {
                assertEquals(1 - x, spring.progress(i * step * 1000), 2e-4, "after " + i * step + " s");
            }
            // The midpoint rule.
            double a = -(stiffness * x + damping * v) / mass;
            double middleX = x + v * step / 2;
            double middleV = v + a * step / 2;
            x += middleV * step;
            v += -(stiffness * middleX + damping * middleV) / mass * step;
        }
        double rest = spring.settling();
        for (double later = 0; later < 2000 && rest < 60_000; later += 7) {
            double left = Math.abs(1 - spring.progress(rest + later));
            assertTrue(left <= Spring.REST * 1.0001, left + " is left " + later + " ms after the settling time");
        }
    }

    @Test
    void aSpringAsALinearEasingIsTheSameCurve() {
        var spring = new Spring(new Timing.Sprung(1, 170, 18, 0, 0));
        Easing linear = Easing.parse(spring.toLinear(200));
        for (double share = 0; share <= 1; share += 0.01) {
            assertEquals(spring.progress(spring.settling() * share), Curve.progress(linear, share), 2e-3);
        }
    }

    /** What the check tells of a spring is how long its film lasts. */
    @ParameterizedTest
    @CsvSource({"1, 300, 26", "0.5, 300, 60", "1, 100, 20"})
    void aSpringHasOneDurationEverywhere(double mass, double stiffness, double damping) {
        var timing = new Timing.Sprung(mass, stiffness, damping, 0, 40);
        assertEquals(Progress.of(timing).duration(), timing.takes());
        assertEquals(40 + timing.takes(), Progress.of(timing).end());
    }
}
