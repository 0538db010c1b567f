package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.act.Workpiece;
import org.etui.core.element.Arc;
import org.etui.core.element.Coil;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.measure.RingSize;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Work;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Rings that are hammered round a mandrel grow: metal leaves the thickness and goes round (common practice). */
class GrownTest {
    private static Workpiece finished(Piece piece) {
        return StrandWork.of(piece, piece.strands().get(0)).finished();
    }

    private static Piece ring(Wire wire, double insideMm, Act act) {
        return Examples.piece(wire, Coil.of("band", insideMm, 1, Turn.LEFT))
                .withWork(List.of(Work.of("w", "wire", List.of("band"), act)));
    }

    /** Hammering round the mandrel makes a ring larger and thinner, never smaller, in every metal and thickness. */
    @ParameterizedTest
    @EnumSource(
            value = Metal.class,
            names = {"MUSIC_WIRE"},
            mode = EnumSource.Mode.EXCLUDE)
    void everyBlow_makesARingLarger(Metal metal) {
        for (double mm : new double[] {0.5, 1, 1.63, 2.5}) {
            Wire wire = Wire.ofRound(metal, Temper.DEAD_SOFT, mm);
            double last = 17;
            for (double share = 0.98; share > 0.65; share -= 0.06) {
                Workpiece piece = finished(ring(wire, 17, new Act.RoundMandrel(share * mm)));
                double inside = piece.insideMm("band").orElseThrow();
                double metalMm3 = piece.of("band").stream()
                        .mapToDouble(r -> r.now().lengthMm() * r.section().areaMm2())
                        .sum();
                double before = finished(Examples.piece(wire, Coil.of("band", 17, 1, Turn.LEFT))).of("band").stream()
                        .mapToDouble(r -> r.now().lengthMm() * r.section().areaMm2())
                        .sum();

                assertThat(inside).as(metal + " " + mm + " to " + share).isGreaterThan(last);
                assertThat(metalMm3 / before).isCloseTo(1, within(0.02));
                last = inside;
            }
        }
    }

    /** A job of the trade: copper 1.63 mm wound at US 10 1/4 is brought up to 11; the plan says thickness, passes and the size reached. */
    @Test
    void ring_isBroughtUpToSize() {
        double from = RingSize.US.insideMm(10.25);
        double to = RingSize.US.insideMm(11);
        Piece piece = ring(Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.63), from, new Act.BringToSize(to));
        Workpiece after = finished(piece);
        Step step = Planner.plan(piece, PlanOptions.USUAL).steps().stream()
                .filter(s -> s.title().startsWith("Bring the band up"))
                .findFirst()
                .orElseThrow();

        assertThat(after.insideMm("band").orElseThrow()).isCloseTo(to, within(1e-4));
        double thick = after.of("band").get(0).section().inPlaneMm();
        assertThat(thick).isBetween(1.0, 1.6);
        assertThat(step.check()).contains("ring size US 11", "thick");
        assertThat(step.check()).contains(String.format(java.util.Locale.ROOT, "%.2f mm thick", thick));
        assertThat(step.text()).containsPattern("about (\\d+ times|twice|once) over");
    }

    /** What is large enough stays; what cannot grow so far says how far it comes. */
    @Test
    void ring_isNeverMadeSmaller_norThinnerThanItMayBe() {
        Wire wire = Examples.copper(1);
        Piece same = ring(wire, 18, new Act.BringToSize(17));
        Piece far = ring(wire, 18, new Act.BringToSize(40));
        Step step = Planner.plan(far, PlanOptions.USUAL).steps().stream()
                .filter(s -> s.title().startsWith("Bring the band up"))
                .findFirst()
                .orElseThrow();

        assertThat(finished(same).insideMm("band").orElseThrow()).isCloseTo(18, within(1e-9));
        assertThat(finished(far).insideMm("band").orElseThrow()).isBetween(18.5, 25.0);
        assertThat(step.check()).contains("It grows no further than");
    }

    /** An arc grows like a ring: the bangle of a round mandrel. */
    @Test
    void arc_growsAsWell() {
        Piece bangle = Examples.piece(Examples.copper(2), Arc.of("body", 62, 345, Turn.LEFT))
                .withWork(List.of(Work.of("w", "wire", List.of("body"), new Act.BringToSize(64))));

        assertThat(finished(bangle).insideMm("body").orElseThrow()).isCloseTo(64, within(1e-4));
    }

    /** Texture along a whole length: a pass of 3 % grows and widens the wire by the fitted rows of a hammer (ln λ = G·x²/(x + k)). */
    @Test
    void texture_growsAWholeLength() {
        Piece plain = Examples.piece(Examples.copper(2), Straight.of("run", 200));
        Piece textured = plain.withWork(List.of(Work.of("w", "wire", List.of(), new Act.Texture(With.CROSS_HAMMER))));
        double x = -Math.log(0.97);
        double plainGrowth = Math.exp(0.46 * x * x / (x + 0.44));
        double before = finished(plain).of("run").get(0).now().lengthMm();
        double after = finished(textured).of("run").get(0).now().lengthMm();

        assertThat(after / before).isBetween(plainGrowth, Math.exp(x));
        assertThat(finished(textured).of("run").get(0).section().thicknessMm()).isCloseTo(1.94, within(1e-6));
    }
}
