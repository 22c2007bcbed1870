package org.yonderarc.bench;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
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
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Scene;
import org.yonderarc.sheet.Axes;
import org.yonderarc.sheet.Sheet;
import org.yonderarc.sheet.Shot;
import org.yonderarc.view.View;
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
    private final View view = new View(walk, Device.PHONE, studio.measure());
    private final org.yonderarc.walk.State start = walk.start();
    private final org.yonderarc.walk.State deep = walk.arriveAt(start, Place.parse("sightings?survey=41"));
    private final Scene scene = view.scene(start);
    private final Scene sheet = sheet();
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

    /** A sheet of 60 pictures at half the size, painted on all cores. */
    @Benchmark
    public BufferedImage paintSheet() {
        return studio.image(sheet, 0.5);
    }

    /** Six screens at ten sizes of text. */
    private Scene sheet() {
        var base = new Shot(walk.plan(), Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty());
        return Sheet.of(
                base,
                Axes.parse("screen=tides,surveys,species,map,crew,sign-in", base),
                Axes.parse("text-scale=0.8,0.9,1,1.1,1.2,1.3,1.5,1.7,1.85,2", base),
                studio.measure());
    }
}
