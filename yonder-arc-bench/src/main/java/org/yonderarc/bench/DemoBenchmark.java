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
import org.yonderarc.check.Check;
import org.yonderarc.draw.Studio;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Palette;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** What the demo plan costs: a frame, a step, a check, a picture. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class DemoBenchmark {
    private final Studio studio = new Studio();
    private final Walk walk = Walk.of(Brinelight.plan());
    private final View view = new View(walk, Device.PHONE, Palette.LIGHT, studio.measure());
    private final org.yonderarc.walk.State start = walk.start();
    private final org.yonderarc.walk.State deep = walk.arriveAt(start, Place.parse("sightings?survey=41"));
    private final Scene scene = view.scene(start);
    private final Step choose = new Step.Choose("surveys");
    private final Step open = new Step.Open(Place.parse("survey?survey=41"));

    /** Fit, layout and scene of the start screen, texts measured with the real font. */
    @Benchmark
    public Scene frame() {
        return view.scene(start);
    }

    /** Choosing an item. */
    @Benchmark
    public Change chooseItem() {
        return walk.step(deep, choose);
    }

    /** Opening a place. */
    @Benchmark
    public Change openPlace() {
        return walk.step(start, open);
    }

    /** The check, icons included. */
    @Benchmark
    public Object check() {
        return Check.plan(walk.plan(), studio.icons());
    }

    /** The SVG text of a scene. */
    @Benchmark
    public String svg() {
        return studio.svg(scene);
    }

    /** A PNG at twice the size. */
    @Benchmark
    public byte[] png() {
        return studio.png(scene, 2);
    }
}
