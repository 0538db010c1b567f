package org.etui.core.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.CurvePiece;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Turns that are pinched on one side and fanned out. */
class PetalsTest {
    /** Common practice: six turns of petal want the wire of six turns of coil before they are pinched. By hand: a turn is π (mandrel + wire). */
    @ParameterizedTest
    @CsvSource({"5, 12, 0.81", "6, 12, 0.81", "8, 20, 1.0", "3, 8, 0.64", "12, 30, 0.5"})
    void petals_takeTheWireOfTheirTurns(int count, double mandrel, double wire) {
        Coil coil = Coil.of("petals", mandrel, count, Turn.LEFT);
        double fanned = wire(coil.fanned(), wire);

        assertThat(fanned).isCloseTo(wire(coil, wire), within(1e-6));
        // The slope of touching turns adds less than 0.3 %.
        assertThat(fanned).isCloseTo(count * Math.PI * (mandrel + wire), within(0.003 * fanned));
    }

    private static double wire(Coil coil, double wireMm) {
        return coil.shape(new Forming(wireMm, true)).stream()
                .mapToDouble(p -> p.wireLengthMm(wireMm))
                .sum();
    }

    /** Petals stand the round's share apart about the foot, and no wire lies in another further out than their feet. */
    @ParameterizedTest
    @CsvSource({"5, 12, 0.81", "8, 20, 1.0"})
    void petals_standSideBySide(int count, double mandrel, double wire) {
        List<CurvePiece> shape =
                Coil.of("petals", mandrel, count, Turn.LEFT).fanned().shape(new Forming(wire, true));
        List<Vector3D> line = CentreLine.of(wire, shape).stations(0.05, 8).stream()
                .map(s -> s.pose().position())
                .toList();
        double far = line.stream().mapToDouble(Vector3D::getNorm).max().orElseThrow();
        int tips = 0;
        for (int i = 1; i < line.size(); i++) {
            tips += line.get(i - 1).getNorm() < 0.9 * far && line.get(i).getNorm() >= 0.9 * far ? 1 : 0;
        }

        assertThat(tips).isEqualTo(count);
        assertThat(far).isLessThan(Math.PI * (mandrel + wire) / 2);
    }

    /** In a maker's order: wound, pinched and counted, lashed both ways, and only then fanned out, trimmed and tucked in. */
    @Test
    void card_canBeDone() {
        Plan plan = Planner.plan(
                Patterns.find("wound-petals")
                        .orElseThrow()
                        .make(Map.of("petals", 6, "mandrelMm", 12), Optional.empty(), Optional.empty()),
                PlanOptions.USUAL);
        List<String> titles = plan.steps().stream().map(Step::title).toList();

        assertThat(titles)
                .containsSubsequence(
                        "Form the petals",
                        "Form the first lashing",
                        "Form the second lashing",
                        "Fan out the petals",
                        "Trim both handles",
                        "Tuck both ends in");
        Step wound = plan.steps().get(titles.indexOf("Form the petals"));
        assertThat(wound.tool()).contains("12 mm");
        assertThat(wound.text()).contains("Wind 6 turns on the 12 mm mandrel").contains("pinch");
    }

    /** Wire cut to measure is fanned out as well: nothing is trimmed after it. */
    @Test
    void cardOfWireWithoutHandle_fansThemToo() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.8);
        Strand strand = Strand.of(
                        "flower",
                        "Flower",
                        wire,
                        List.of(Coil.of("petals", 12, 5, Turn.LEFT).fanned(), Straight.of("tail", 20)))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        Plan plan = Planner.plan(Piece.of("Dogrose", Purpose.DECORATIVE, List.of(strand)), PlanOptions.USUAL);

        assertThat(plan.steps())
                .extracting(Step::title)
                .containsOnlyOnce("Fan out the petals")
                .containsSubsequence("Form the petals", "Fan out the petals", "Tuck both ends in");
    }

    /** One turn has nothing to be fanned to, and turns too small for petals stay a coil. */
    @Test
    void fewOrSmallTurns_stayACoil() {
        assertThat(Coil.of("c", 12, 1, Turn.LEFT).fanned().petals()).isZero();
        assertThat(Coil.of("c", 0.5, 12, Turn.LEFT).fanned().shape(new Forming(2, true)))
                .isEqualTo(Coil.of("c", 0.5, 12, Turn.LEFT).shape(new Forming(2, true)));
    }
}
