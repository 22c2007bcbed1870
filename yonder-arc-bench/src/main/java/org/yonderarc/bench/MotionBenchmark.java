package org.yonderarc.bench;

import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.yonderarc.draw.Studio;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.SavedState;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** What a frame of a film costs, restoring a deep trail, and looking at the demo plan on everything at once. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class MotionBenchmark {
    private final Studio studio = new Studio();
    private final Walk walk = Walk.of(Brinelight.plan());
    private final View view = new View(walk, Device.PHONE, studio.measure());
    private final Film film = film();
    private final String saved = deep();
    private double ms;

    private Film film() {
        Change change = walk.step(walk.start(), new Step.Choose("species"));
        return Film.of(
                view.scene(change.before()),
                view.scene(change.after()),
                Score.of(Passage.of(walk, change), walk.plan().motion()));
    }

    private String deep() {
        org.yonderarc.walk.State state = walk.start();
        for (int i = 0; i < 50; i++) {
            state = walk.step(state, new Step.Open(new Place("survey", Map.of("survey", Integer.toString(i)))))
                    .after();
        }
        return SavedState.write(state);
    }

    /** A frame in the middle of the largest transition. */
    @Benchmark
    public Scene frameOfAFilm() {
        ms = ms + 1 < film.duration() ? ms + 1 : 1;
        return film.at(ms);
    }

    /** A state with a trail of 50 places, read from text. */
    @Benchmark
    public Object restore() {
        return SavedState.read(walk, saved);
    }

    /** Every preset in both schemes at five text scales and three languages: 270 scenes of the start. */
    @Benchmark
    public double preflight() {
        double width = 0;
        for (Device device : Device.PRESETS) {
            for (Scheme scheme : Scheme.values()) {
                for (double text : new double[] {0.8, 1, 1.3, 2, 3}) {
                    for (String language : new String[] {"en", "de", "ar"}) {
                        var setting = new Setting(device.withText(text), language, Interaction.NONE, 0, scheme);
                        width += new View(walk, setting, studio.measure())
                                .scene(walk.start())
                                .width();
                    }
                }
            }
        }
        return width;
    }
}
