package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.Examples;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Curl;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.section.Bent;
import org.etui.core.section.Flat;
import org.etui.core.wire.Finish;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is filed, and how. Source: common practice. */
class EndDressTest {
    private static List<Step> steps(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).steps();
    }

    private static Optional<Step> step(Piece piece, String title) {
        return steps(piece).stream().filter(s -> s.title().equals(title)).findFirst();
    }

    private static Piece usual(String pattern) {
        return Patterns.find(pattern).orElseThrow().usual();
    }

    @Test
    void everyCurl_isSloped_andTheHandleIsDressedWhenItIsOff() {
        Piece clasp = usual("hook-clasp");

        assertThat(step(clasp, "Dress the end").orElseThrow().text()).startsWith("File it to a slope");
        assertThat(step(clasp, "Dress the cut").orElseThrow().text()).startsWith("Take the burr off it");
        assertThat(step(usual("s-hook"), "Dress both ends").orElseThrow().text())
                .startsWith("File both ends to a slope");
    }

    @Test
    void endForTheEar_isRoundedAndPolished() {
        Step dress = step(usual("ear-wire"), "Dress both ends").orElseThrow();

        assertThat(dress.text())
                .contains("Take the burr off the end at the loop", "goes through the ear and polish it");
        assertThat(dress.tool()).contains("cup burr");
    }

    /** Common practice: tails of a wound ring from about 2.6 mm on are tapered before they are tucked in. */
    @ParameterizedTest
    @CsvSource({"2.0, Take the burr off both ends", "2.6, File both ends to a taper", "3.3, File both ends to a taper"})
    void thickTails_areTapered(double thicknessMm, String said) {
        Piece ring = Patterns.find("wound-ring")
                .orElseThrow()
                .make(
                        Map.of(),
                        Optional.of(Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, thicknessMm)),
                        Optional.empty());

        assertThat(step(ring, "Dress both cuts").orElseThrow().text()).contains(said);
    }

    @Test
    void bothHandles_areTrimmed() {
        assertThat(step(usual("wrapped-bead"), "Trim both handles")
                        .orElseThrow()
                        .check())
                .isEqualTo("Both cuts are flush.");
    }

    /** A bought pin is taken as it is: its head is not cut off, and the shop has straightened it. */
    @Test
    void headedPin_isTaken_notCutFromTheSpool() {
        Piece pin = Examples.piece(
                Examples.copper(0.8), Ball.of("head", 1.8), Straight.of("pin", 30), Curl.of("end", 0.9, Turn.LEFT));
        List<String> titles = steps(pin).stream().map(Step::title).toList();
        Step cut = steps(pin).stream()
                .filter(s -> s.kind() == Step.Kind.CUT)
                .findFirst()
                .orElseThrow();

        assertThat(titles).contains("Take a headed pin").doesNotContain("Straighten the wire", "Trim the end square");
        assertThat(cut.text()).startsWith("Measured from under the head");
    }

    /** Nothing is long only to be filed away: what is spare is nipped off, and the ends are only dressed. */
    @Test
    void noLength_isFiledAway() {
        for (var pattern : Patterns.ALL) {
            assertThat(steps(pattern.usual()))
                    .noneMatch(s -> s.title().contains("down to") || s.text().contains("with the file or"));
        }
    }

    /** Flat wire is bent over its flat; what that and the other way would stretch is said (c/R, textbook bending). */
    @Test
    void flatWire_isBentTheEasyWay_andSaysWhatItStretches() {
        Wire flat = new Wire(Metal.COPPER, Temper.DEAD_SOFT, Finish.BARE, new Flat(3, 1, Optional.empty()));
        String text = step(Examples.piece(flat, Arc.of("bend", 9, 180, Turn.LEFT)), "Form the bend")
                .orElseThrow()
                .text();

        assertThat(text).contains("the easy way", "stretches by about 10 %", "on edge it would be 25 %");
        assertThat(step(Examples.piece(Examples.copper(1), Arc.of("bend", 9, 180, Turn.LEFT)), "Form the bend")
                        .orElseThrow()
                        .text())
                .doesNotContain("easy way");
    }

    /**
     * The same on edge: its outside stretches by c/R with half the width, and half round a 9 mm mandrel its middle is π·(9 + 3)/2 mm long, where the
     * easy way it is π·(9 + 1)/2 (elementary geometry).
     */
    @Test
    void flatWire_onEdge_stretchesByItsWidth() {
        Flat onEdge = new Flat(3, 1, Optional.empty(), Bent.ON_EDGE);
        Wire flat = new Wire(Metal.COPPER, Temper.DEAD_SOFT, Finish.BARE, onEdge);
        Piece piece = Examples.piece(flat, Arc.of("bend", 9, 180, Turn.LEFT));
        var plan = Planner.plan(piece, PlanOptions.USUAL).strands().get(0);

        assertThat(step(piece, "Form the bend").orElseThrow().text())
                .contains("on edge", "stretches by about 25 %", "the easy way it would be 10 %");
        assertThat(plan.elements().get(0).along().lengthMm()).isCloseTo(Math.PI * (9 + 3) / 2, within(0.25));
    }

    /** No jaw is as thin as a fold: it is bent round the tips and squeezed. */
    @Test
    void fold_isSqueezed() {
        Step fold = step(
                        Examples.piece(
                                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1),
                                Straight.of("leg", 20),
                                Arc.of("fold", 0.5, 180, Turn.RIGHT),
                                Straight.of("other-leg", 20)),
                        "Form the fold")
                .orElseThrow();

        assertThat(fold.tool()).isEqualTo("chain-nose pliers");
        assertThat(fold.text()).contains("round the tips of the jaws", "squeeze it until about 0.5 mm is left inside");
    }
}
