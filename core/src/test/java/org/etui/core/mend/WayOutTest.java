package org.etui.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.Comparator;
import java.util.List;
import org.etui.core.Examples;
import org.etui.core.check.BadInput;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Purpose;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.ToolKind;
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WayOutTest {
    private static WayOut.Found found(Wire wire, double inside, WayOut.Failure fails, Toolbox box) {
        return WayOut.of(
                new WayOut.Measured(wire, inside, Purpose.NECKLACE_CLOSURE, fails), box, new LengthFormat(Units.MM));
    }

    private static double holds(WayOut way) {
        Plan plan = Planner.plan(way.piece(), PlanOptions.USUAL);
        return plan.strands().get(0).elements().stream()
                .filter(e -> e.id().equals("hook-bend"))
                .findFirst()
                .orElseThrow()
                .strength()
                .holdN()
                .orElseThrow();
    }

    /** Common practice: a soft hook that opens is hammered first, then made anew, then of other wire; each holds as its plan says. */
    @ParameterizedTest
    @ValueSource(doubles = {0.8, 1.0, 1.25, 1.6})
    void hookThatOpens_hasWaysOut_whatTakesLeastFirst(double mm) {
        WayOut.Found found = found(Examples.copper(mm), 7, WayOut.Failure.OPENS, Toolbox.STARTER);

        assertThat(found.ways()).isNotEmpty();
        assertThat(found.ways()).isSortedAccordingTo(Comparator.comparing(WayOut::needs));
        assertThat(found.ways()).allSatisfy(way -> {
            assertThat(way.holdsN().orElseThrow()).isEqualTo(holds(way));
            assertThat(holds(way)).isGreaterThanOrEqualTo(found.wantsN());
        });
        if (mm > 1.1) {
            assertThat(found.ways().get(0).needs()).isEqualTo(WayOut.Needs.TOOLS_OWNED);
        }
    }

    /** Without hammer and mallet there is nothing to be done to it as it is. */
    @Test
    void withoutHammer_onlyNewOnesAreLeft() {
        Toolbox pegs = new Toolbox(List.of(new OwnedTool("peg", ToolKind.MANDREL, "oak peg", 5)));
        WayOut.Found found = found(Examples.copper(1.25), 7, WayOut.Failure.OPENS, pegs);

        assertThat(found.ways()).extracting(WayOut::needs).doesNotContain(WayOut.Needs.TOOLS_OWNED);
        assertThat(found.ways().get(0).instead()).contains("tighter: 5.0 mm");
    }

    /** A hook that should hold and opens all the same is given more to hold, and is told so. */
    @Test
    void hookThatShouldHold_isGivenMore() {
        WayOut.Found found = found(Examples.copper(2), 7, WayOut.Failure.OPENS, Toolbox.STARTER);

        assertThat(found.holdsN().orElseThrow()).isGreaterThan(10);
        assertThat(found.wantsN()).isGreaterThan(found.holdsN().orElseThrow());
        assertThat(found.says()).contains("opens all the same");
    }

    /** Common practice: what snaps is made wider or of softer wire; both leave more. */
    @Test
    void hookThatSnaps_isMadeWiderOrSofter() {
        Wire hard = Wire.ofRound(Metal.BRASS, Temper.HARD, 1.6);
        WayOut.Found found = found(hard, 4, WayOut.Failure.SNAPS, Toolbox.STARTER);

        assertThat(found.ways()).extracting(WayOut::needs).contains(WayOut.Needs.MADE_ANEW, WayOut.Needs.OTHER_WIRE);
        assertThat(found.ways()).allMatch(w -> w.strainLeft() > found.strainLeft());
        assertThat(found(Examples.copper(1), 10, WayOut.Failure.SNAPS, Toolbox.STARTER)
                        .says())
                .contains("A snap comes from opening it to and fro");
    }

    /** What slips off is bent on, or made tighter. */
    @Test
    void looseHook_isBentOnOrMadeTighter() {
        WayOut.Found found = found(Examples.copper(1.25), 9, WayOut.Failure.TOO_LOOSE, Toolbox.STARTER);

        assertThat(found.ways().get(0).instead()).contains("220°");
        assertThat(found.ways().get(1).instead()).contains("tighter");
        assertThat(holds(found.ways().get(1))).isGreaterThan(found.holdsN().orElseThrow());
    }

    @Test
    void hookThatCannotBe_isRefused() {
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> found(Examples.copper(1), -3, WayOut.Failure.OPENS, Toolbox.STARTER));
    }
}
