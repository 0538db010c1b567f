package org.etui.core.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.etui.core.Examples;
import org.etui.core.check.BadInput;
import org.etui.core.element.Loop;
import org.etui.core.element.Turn;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Tool;
import org.junit.jupiter.api.Test;

class ToolboxTest {
    private static OwnedTool mandrel(String id, double mm) {
        return new OwnedTool(id, ToolKind.MANDREL, "", mm);
    }

    private static Tool toolOf(Toolbox box) {
        Piece piece = Examples.piece(Examples.copper(1), Loop.of("eye", 5, Turn.LEFT));
        PlanOptions options = new PlanOptions(PlanOptions.States.NONE, new LengthFormat(Units.MM), box);
        Plan.ElementPlan eye =
                Planner.plan(piece, options).strands().get(0).elements().get(0);
        return eye.formed().tool().orElseThrow();
    }

    @Test
    void nearest_isTheClosestRoundTool_thatIsNear() {
        Toolbox box = new Toolbox(
                List.of(mandrel("a", 4), mandrel("b", 6), new OwnedTool("h", ToolKind.DOMED_HAMMER, "hammer", 5)));

        assertThat(box.nearest(4.6).orElseThrow().id()).isEqualTo("a");
        assertThat(box.nearest(5.4).orElseThrow().id()).isEqualTo("b");
        assertThat(box.nearest(20)).isEmpty();
        assertThat(box.has(ToolKind.DOMED_HAMMER)).isTrue();
        assertThat(box.has(ToolKind.TUMBLER)).isFalse();
    }

    /** A far size makes another thing; of equal sizes the kind that fits is taken; a coil is not wound on a cone (common practice). */
    @Test
    void tool_isOfTheKindThatFits_andNear() {
        OwnedTool cone = new OwnedTool("cone", ToolKind.JAW_MARK, "", 4);
        OwnedTool step = new OwnedTool("step", ToolKind.PLIER_STEP, "", 4);
        Toolbox box = new Toolbox(List.of(cone, step, mandrel("rod", 4)));

        assertThat(box.nearest(4, List.of(ToolKind.MANDREL, ToolKind.PLIER_STEP)))
                .contains(mandrel("rod", 4));
        assertThat(box.nearest(4.05, List.of(ToolKind.PLIER_STEP, ToolKind.JAW_MARK)))
                .contains(step);
        assertThat(box.nearest(4, List.of(ToolKind.DIE))).isEmpty();
        assertThat(box.nearest(4.9)).isPresent();
        assertThat(box.nearest(5.1)).isEmpty();
    }

    @Test
    void starterSet_isShort_andHasNoNameTwice() {
        Toolbox.STARTER.require();

        assertThat(Toolbox.STARTER.tools()).hasSizeBetween(20, 50);
        assertThat(Toolbox.STARTER.nearest(7).orElseThrow().sizeMm()).isEqualTo(7);
    }

    @Test
    void badTools_areRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> mandrel("a", 0)).withMessageContaining("sizeMm");
        assertThatThrownBy(() -> new Toolbox(List.of(mandrel("a", 4), mandrel("a", 5))).require())
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("tools.1.id");
    }

    /** A plan names the tool owned and says what the wire comes to on it: more than the tool, since it springs back. */
    @Test
    void plan_namesTheToolOwned_andWhatItComesTo() {
        Tool owned = toolOf(new Toolbox(List.of(mandrel("five", 5.2))));
        Tool none = toolOf(new Toolbox(List.of()));

        assertThat(owned.owned().orElseThrow().id()).isEqualTo("five");
        assertThat(owned.comesToMm().orElseThrow()).isBetween(5.2, 5.4);
        assertThat(none.owned()).isEmpty();
        assertThat(none.insideMm()).isLessThan(5).isGreaterThan(4.8);
        assertThat(none.comesToMm().orElseThrow()).isEqualTo(5);
    }
}
