package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Body;
import org.etui.core.piece.FoldedSheet;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.rule.Advice;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

/** The brooch pin: its folded sheet fits its wire, it is put together cold in an order that hands can follow, and it says how firmly it closes. */
class PinStemTest {
    private static final double T = 0.8;

    private static Piece make(Map<String, Object> measures, Optional<Wire> wire) {
        return Patterns.find("pin-stem").orElseThrow().make(measures, wire, Optional.empty());
    }

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    private static FoldedSheet folded(Piece piece, String id) {
        Part part = piece.parts().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
        return FoldedSheet.of(part).orElseThrow();
    }

    /** Folded, both holes of the pivot lie on one line, and between the walls there is room for all turns. */
    @Test
    void holesOfThePivot_faceEachOther_roundTheSpring() {
        FoldedSheet bracket = folded(make(Map.of(), Optional.empty()), "bracket");
        List<Body.Hole> holes = bracket.sheet().holes();
        FoldedSheet.Place first = bracket.at(holes.get(0).atMm().get(1));
        FoldedSheet.Place second = bracket.at(holes.get(1).atMm().get(1));
        // Three turns, half a turn and what two beside each other need: four thicknesses and a half at least.
        double between = Math.abs(first.frontMm() - second.frontMm()) - T;

        assertThat(first.upMm()).isCloseTo(second.upMm(), within(1e-9));
        assertThat(holes.get(0).atMm().get(0)).isEqualTo(holes.get(1).atMm().get(0));
        assertThat(between).isBetween(4 * 0.8, 4 * 0.8 + 2);
    }

    /** The catch reaches as high as the pin when it is closed: the room for cloth and a thickness above the base, and its roll takes the pin in. */
    @Test
    void roll_goesOverTheClosedPin() {
        for (double cloth : new double[] {3.5, 6}) {
            Piece piece = make(Map.of("clearMm", cloth), Optional.empty());
            FoldedSheet caught = folded(piece, "catch");
            double base = caught.at(-caught.halfMm()).upMm() + T / 2;
            double top = caught.strips().stream()
                    .mapToDouble(s -> caught.at(s.toMm()).upMm())
                    .max()
                    .orElseThrow();

            // From the base to the upper side of the pin.
            assertThat(top - base).isGreaterThan(cloth + 0.8).isLessThan(cloth + 0.8 + 2 * T);
        }
    }

    @Test
    void card_foldsAndFastensBeforeTheSpringLiesBetweenTheWalls() {
        List<Step> steps = plan(make(Map.of(), Optional.empty())).steps();

        assertThat(steps.stream().map(Step::title))
                .containsSubsequence("Cut out the bracket", "Pierce the bracket, 1.30 mm", "Fold the bracket")
                .containsSubsequence(
                        "Fold the catch",
                        "Fasten the bracket and the catch",
                        "Set the spring of the pin in the bracket")
                .containsSubsequence("Form the spring", "Set the spring of the pin in the bracket");
        assertThat(steps.stream()
                        .filter(s -> s.title().equals("Dress both ends"))
                        .findFirst())
                .hasValueSatisfying(s -> assertThat(s.text()).contains("long slim point"));
        assertThat(steps.stream().map(Step::text)).anyMatch(t -> t.contains("No heat"));
    }

    /** Half the opening, half the force (Hooke); soft wire of the same size takes a set where spring wire does not (common practice). */
    @Test
    void spring_saysHowFirmlyItCloses_orThatItDoesNot() {
        Advice wide = caught(make(Map.of(), Optional.empty()));
        Advice soft = caught(make(Map.of(), Optional.of(Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.8))));
        Advice thin =
                caught(make(Map.of("openMm", 3.0), Optional.of(Wire.ofRound(Metal.MUSIC_WIRE, Temper.SPRING, 0.5))));

        assertThat(wide.severity()).isEqualTo(Advice.Severity.NOTE);
        assertThat(wide.message()).contains("presses into the catch");
        assertThat(soft.severity()).isEqualTo(Advice.Severity.MIND);
        assertThat(soft.message()).contains("further than it springs back from");
        assertThat(thin.severity()).isEqualTo(Advice.Severity.MIND);
        assertThat(thin.message()).contains("works loose");
    }

    private static Advice caught(Piece piece) {
        return plan(piece).advice().stream()
                .filter(a -> a.rule().equals("pin-catch"))
                .findFirst()
                .orElseThrow();
    }
}
