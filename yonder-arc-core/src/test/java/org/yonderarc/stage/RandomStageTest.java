package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.scene.Scene;

/**
 * Random events on stages of random plans: pointers, keys, wheels, sizes, facts and times, thrown at it as nobody would. What always
 * has to hold, holds. Forty thousand each time; {@code -Dyonder.stages=200} makes it a million.
 */
class RandomStageTest {
    private static final int STAGES = Integer.getInteger("yonder.stages", 8);

    /** What is no position and no time is refused before anything comes of it. */
    @Test
    void whatIsNotFiniteIsRefused() {
        for (double odd : new double[] {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 1e300}) {
            assertThrows(IllegalArgumentException.class, () -> new Input.Down(0, odd, 1, true, true));
            assertThrows(IllegalArgumentException.class, () -> new Input.Move(0, 1, odd));
            assertThrows(IllegalArgumentException.class, () -> new Input.Up(0, odd, odd));
            assertThrows(IllegalArgumentException.class, () -> new Input.Wheel(1, 1, odd, 1));
            assertThrows(IllegalArgumentException.class, () -> new Input.Wheel(1, 1, 1, odd));
            assertThrows(IllegalArgumentException.class, () -> new Input.Scrolled("/screen", odd, 1));
        }
        var run = new RandomRun(1);
        Scene before = run.stage.scene(run.now);
        for (double odd : new double[] {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY}) {
            assertThrows(IllegalArgumentException.class, () -> run.stage.scene(odd));
            assertThrows(IllegalArgumentException.class, () -> run.stage.take(new Input.Leave(), odd));
        }
        assertSame(before, run.stage.scene(run.now));
        assertFalse(run.stage.take(new Input.Focus(Optional.of("/not/there")), run.now));
        assertEquals(Optional.empty(), run.stage.focus());
    }

    @Test
    void noEventsDoHarm() {
        for (int seed = 0; seed < STAGES; seed++) {
            var run = new RandomRun(seed);
            try {
                for (int i = 1; i <= RandomRun.EVENTS; i++) {
                    run.event();
                    if (i % 50 == 0) {
                        run.check();
                    }
                    if (i % 500 == 0) {
                        run.rest();
                        run.log.clear();
                    }
                }
            } catch (RuntimeException | AssertionError failed) {
                int from = Math.max(0, run.log.size() - 30);
                throw new AssertionError(
                        "seed " + seed + ", after\n" + String.join("\n", run.log.subList(from, run.log.size())),
                        failed);
            }
        }
    }
}
