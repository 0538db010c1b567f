package org.etui.bench;

import org.etui.core.act.Act;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.etui.core.element.Element;
import org.etui.core.measure.GaugeSystem;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.act.With;
import org.etui.core.piece.Work;
import org.etui.core.plan.Field;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.stock.Prices;
import org.etui.core.tool.Toolbox;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A field of 12 gauges and 5 tempers of a piece of five strands under 100 ms; 60 operations with all states under 30 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class StrengthBenchmark {
    private static final int OPERATIONS = 60;

    private Piece five;
    private List<Field.Gauge> gauges;
    private Piece worked;
    private PlanOptions all;

    /** Makes the pieces once. */
    @Setup
    public void make() {
        five = Patterns.find("stone-frame").orElseThrow().usual();
        gauges = new ArrayList<>();
        for (int number = 10; number < 34; number += 2) {
            double mm = GaugeSystem.AWG.thicknessMm(Integer.toString(number)).orElseThrow();
            gauges.add(new Field.Gauge(mm, Optional.empty()));
        }
        Piece hook = Patterns.find("s-hook").orElseThrow().usual();
        List<String> ids =
                hook.strands().get(0).elements().stream().map(Element::id).toList();
        List<Work> works = new ArrayList<>();
        for (int i = ids.size() + 1; i < OPERATIONS; i++) {
            String on = ids.get(i % ids.size());
            works.add(
                    i % 3 == 0
                            ? Work.of("w" + i, "hook", List.of(on), new Act.Flatten(1.25 - i / 200.0, With.FLAT_HAMMER))
                            : Work.of("w" + i, "hook", List.of(on), new Act.Mallet(1, With.NYLON_MALLET)));
        }
        worked = hook.withWork(works);
        all = new PlanOptions(PlanOptions.States.ALL, new LengthFormat(Units.MM));
    }

    /** The whole field. */
    @Benchmark
    public Field field() {
        Field.Trial trial = new Field.Trial(gauges, List.of(Temper.values()), Metal.COPPER, Field.thickest(five));
        return Field.of(five, trial, Toolbox.STARTER, Prices.STARTER, Double::sum);
    }

    /** The plan with every state. */
    @Benchmark
    public Plan sixtyOperations() {
        return Planner.plan(worked, all);
    }
}
