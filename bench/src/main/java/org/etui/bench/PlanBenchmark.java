package org.etui.bench;

import java.util.concurrent.TimeUnit;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
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

/** How long a plan takes in the core: without states under 2 ms for a single pattern, under 15 ms for a whole bracelet or a stone in its wires. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 12, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlanBenchmark {
    @Param({
        "hook-and-eye-bangle",
        "hook-clasp",
        "wrapped-hook",
        "s-hook",
        "s-clasp-hammered-first",
        "double-scroll-link",
        "flat-spiral",
        "spiral-head-pin",
        "cone-spiral",
        "coil",
        "figure-eight",
        "turned-figure-eight",
        "ear-wire",
        "spiral-hook-ear-wire",
        "spiral-earrings",
        "wound-ring",
        "wound-petals",
        "cord-end",
        "stone-frame",
        "woven-front",
        "capped-point",
        "graded-drops",
        "paddle-drop",
        "jump-rings"
    })
    private String pattern;

    @Param({"NONE", "ALL"})
    private PlanOptions.States states;

    private Piece piece;
    private PlanOptions options;

    /** Makes the piece once. */
    @Setup
    public void make() {
        piece = Patterns.find(pattern).orElseThrow().usual();
        options = new PlanOptions(states, new LengthFormat(Units.MM));
    }

    /** The whole plan. */
    @Benchmark
    public Plan plan() {
        return Planner.plan(piece, options);
    }
}
