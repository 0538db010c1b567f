package org.etui.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.etui.core.colour.BathLog;
import org.etui.core.colour.BathPlan;
import org.etui.core.colour.Experience;
import org.etui.core.colour.Strip;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The colours of a bath over time, 200 of them, and the pulls of a bath that tires. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ColourBenchmark {
    private static final Colour.Recipe USUAL = new Colour.Recipe(Colour.Bath.GEL, 2, 118, 60);

    /** A strip of 200 shades of copper, to black. */
    @Benchmark
    public Strip strip() {
        return Strip.of(Metal.COPPER, USUAL, 1000, 5, Experience.NONE);
    }

    /** Three pieces in one bath, topped up. */
    @Benchmark
    public BathPlan bath() {
        return BathPlan.of(
                List.of(
                        new BathPlan.In("a", Metal.COPPER, Colour.Stop.ORANGE, 1500),
                        new BathPlan.In("b", Metal.STERLING_SILVER, Colour.Stop.PURPLE, 1500),
                        new BathPlan.In("c", Metal.COPPER, Colour.Stop.BLACK, 3000)),
                USUAL,
                true,
                BathLog.EMPTY);
    }
}
