package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

/** Where film stays: common practice, that between turns, under wraps and inside of curls stays dark. */
class RecessTest {
    private static final Wire ONE = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1);

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    private static double mean(Plan plan, String strand, String element) {
        Plan.StrandPlan of = plan.strands().stream()
                .filter(s -> s.id().equals(strand))
                .findFirst()
                .orElseThrow();
        Plan.ElementPlan on = of.elements().stream()
                .filter(e -> e.id().equals(element))
                .findFirst()
                .orElseThrow();
        List<Double> recess = Recess.of(plan).stream()
                .filter(r -> r.strand().equals(strand))
                .findFirst()
                .orElseThrow()
                .recess();
        double sum = 0;
        int count = 0;
        for (int i = 0; i < recess.size(); i++) {
            double s = of.drawn().outline().get(i)[3];
            if (s >= on.along().fromMm() && s <= on.along().toMm()) {
                sum += recess.get(i);
                count++;
            }
        }
        return sum / count;
    }

    @Test
    void straightWireAlone_isAHighPlace() {
        Plan plan = plan(Piece.of(
                "Run", Purpose.DECORATIVE, List.of(Strand.of("wire", "", ONE, List.of(Straight.of("run", 30))))));

        assertThat(Recess.of(plan).get(0).recess()).allMatch(r -> r == 0);
        assertThat(Recess.of(plan).get(0).recess())
                .hasSameSizeAs(plan.strands().get(0).drawn().outline());
    }

    @Test
    void insideOfACurl_isMoreHiddenThanAWideBend() {
        Plan plan = plan(
                Patterns.find("hook-clasp").orElseThrow().make(java.util.Map.of(), Optional.of(ONE), Optional.empty()));

        assertThat(mean(plan, "hook", "tip-curl")).isGreaterThan(2 * mean(plan, "hook", "hook-bend") + 0.05);
    }

    @Test
    void wireUnderALashing_isHiddenThere() {
        Plan plan = plan(Patterns.find("woven-front").orElseThrow().usual());
        double most = Recess.of(plan).stream()
                .flatMap(r -> r.recess().stream())
                .mapToDouble(Double::doubleValue)
                .max()
                .orElseThrow();

        assertThat(most).isGreaterThan(0.8);
        assertThat(Recess.of(plan)).allMatch(r -> r.recess().stream().allMatch(v -> v >= 0 && v <= 1));
    }

    @Test
    void touchingTurns_hideMoreThanOpenOnes() {
        assertThat(mean(plan(spiral(0)), "wire", "spiral"))
                .isGreaterThan(mean(plan(spiral(4)), "wire", "spiral") + 0.05);
    }

    private static Piece spiral(double gapMm) {
        return Piece.of(
                "Spiral",
                Purpose.DECORATIVE,
                List.of(Strand.of("wire", "", ONE, List.of(Spiral.closed("spiral", 4, gapMm, Turn.LEFT)))));
    }

    /** Common practice: the hollows of a textured face stay dark when its rims are rubbed; planished again they are gone. */
    @Test
    void texturedFace_keepsFilm_untilItIsSmoothed() {
        Strand wire = Strand.of("wire", "", ONE, List.of(Straight.of("run", 30)));
        Piece plain = Piece.of("Run", Purpose.DECORATIVE, List.of(wire));
        Work texture = Work.of("t", "wire", List.of("run"), new Act.Texture(With.BALL_HAMMER));
        Work smooth = Work.of("p", "wire", List.of("run"), new Act.Planish(With.FLAT_HAMMER));
        Work tumbled = Work.of("u", "wire", List.of("run"), new Act.Tumble(60));

        assertThat(mean(plan(plain.withWork(List.of(texture))), "wire", "run")).isGreaterThan(0.2);
        assertThat(mean(plan(plain.withWork(List.of(texture, tumbled))), "wire", "run"))
                .isGreaterThan(0.2);
        assertThat(mean(plan(plain.withWork(List.of(texture, smooth))), "wire", "run"))
                .isZero();
    }
}
