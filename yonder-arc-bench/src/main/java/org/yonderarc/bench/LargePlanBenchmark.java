package org.yonderarc.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.Check;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** How cost grows with the size of a plan: an item for every fifth screen, and trees of screens below the items. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class LargePlanBenchmark {
    @Param({"100", "1000", "10000"})
    private int screens;

    private Plan plan;
    private SourceText yaml;
    private Walk walk;
    private org.yonderarc.walk.State start;

    /** Makes the plan. */
    @Setup
    public void make() {
        var builder = PlanBuilder.app("Large").start("s0").fact("open", true).fact("count", 0);
        for (int i = 0; i < screens; i++) {
            int number = i;
            builder.screen("s" + i, screen -> {
                if (number % 5 == 0) {
                    screen.title("Screen " + number).needs("open or count > " + number, "s1");
                } else {
                    screen.under("s" + (number - 1));
                }
            });
        }
        plan = builder.menu("main", menu -> {
                    for (int i = 0; i < screens; i += 5) {
                        menu.item(
                                "s" + i, item -> item.when("count >= 0 or open").badge("count"));
                    }
                })
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer()))
                .topBar()
                .build();
        yaml = new SourceText("large.yaml", PlanFile.toYaml(plan));
        walk = Walk.of(plan);
        start = walk.start();
    }

    /** The check alone. */
    @Benchmark
    public Object check() {
        return Check.plan(plan, IconNames.ANY);
    }

    /** Parsing, binding and checking a YAML file. */
    @Benchmark
    public Object readAndCheck() {
        return PlanFile.read(yaml, IconNames.ANY);
    }

    /** A step of the walk. */
    @Benchmark
    public Change step() {
        return walk.step(start, new Step.Choose("s5"));
    }
}
