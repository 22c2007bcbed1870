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
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.navigator.Navigator;

/** What telling a fact costs, observed by one who wants it, among few facts and among many. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FactsBenchmark {
    @Param({"10", "1000"})
    private int facts;

    private Navigator navigator;
    private double value;

    /** Makes the navigator. */
    @Setup
    public void make() {
        var builder = PlanBuilder.app("Facts").start("a").screen("a").screen("b");
        for (int i = 0; i < facts; i++) {
            builder.fact("f" + i, i);
        }
        navigator = new Navigator(
                builder.menu("main", menu -> menu.item("a").item("b")).build(), Runnable::run);
        navigator.observeFact("f3", seen -> value += 1);
    }

    /** One fact, another value each time. */
    @Benchmark
    public Object tell() {
        return navigator.tell("f3", value);
    }
}
