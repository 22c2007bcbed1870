package org.yonderarc.bench;

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
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.scene.Scene;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** What a stage costs beyond the film that it plays, at rest, and while a mouse goes over it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class StageBenchmark {
    private final Studio studio = new Studio();
    private final Walk walk = Walk.of(Brinelight.plan());
    private final View view = new View(walk, Device.PHONE, studio.measure());
    private final Change change = walk.step(walk.start(), new Step.Choose("species"));
    private final Film film = Film.of(
            view.scene(change.before()),
            view.scene(change.after()),
            Score.of(Passage.of(walk, change), walk.plan().motion()));
    private final Stage moving = stage();
    private final Stage resting = stage();
    private double ms;
    private double x;

    private Stage stage() {
        return new Stage(walk, walk.start(), Surroundings.of(Device.PHONE), studio.measure(), step -> false);
    }

    /** A stage whose film begins at 0. */
    public StageBenchmark() {
        moving.changed(change, 0);
        moving.scene(0);
    }

    private double next() {
        ms = ms + 1 < film.duration() ? ms + 1 : 1;
        return ms;
    }

    /** A frame of the film alone. */
    @Benchmark
    public Scene frameOfTheFilm() {
        return film.at(next());
    }

    /** The same frame of a stage. */
    @Benchmark
    public Scene frameOfTheStage() {
        return moving.scene(next());
    }

    /** A frame of a stage where nothing moves. */
    @Benchmark
    public Scene atRest() {
        return resting.scene(1e6);
    }

    /** A mouse that goes over the items of the bar: each has its hover look composed. */
    @Benchmark
    public boolean hover() {
        x = (x + 40) % 384;
        return resting.take(new Input.Move(0, x, 780), 1e6);
    }
}
