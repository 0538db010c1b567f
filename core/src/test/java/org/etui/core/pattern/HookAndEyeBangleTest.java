package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.Examples;
import org.etui.core.act.Run;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Plane;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class HookAndEyeBangleTest {
    private static Plan.StrandPlan planned(Map<String, Object> measures) {
        return Examples.planned(
                Patterns.find("hook-and-eye-bangle").orElseThrow().make(measures, Optional.empty(), Optional.empty()));
    }

    private static List<Vector3D> drawn(Plan.StrandPlan bangle, String element) {
        Plan.ElementPlan plan = bangle.elements().stream()
                .filter(e -> e.id().equals(element))
                .findFirst()
                .orElseThrow();
        return bangle.drawn().outline().stream()
                .filter(p -> p[3] >= plan.along().fromMm() - 1e-9
                        && p[3] <= plan.along().toMm() + 1e-9)
                .map(p -> new Vector3D(p[0], p[1], p[2]))
                .toList();
    }

    /** Seen from outside by the plane of the eye (Hipparchus): the hook's wire goes through the hole once, and nowhere into the eye's wire. */
    @ParameterizedTest
    @CsvSource({"9, 4, 4.5", "12, 4, 4.5", "10, 5, 6", "14, 6, 4.5", "9, 3.5, 5"})
    void hook_goesThroughTheEye(double gap, double eyeInside, double hookInside) {
        Plan.StrandPlan bangle = planned(Map.of("gapMm", gap, "eyeInsideMm", eyeInside, "hookInsideMm", hookInside));
        double wire = bangle.bought().wire().section().thicknessMm();
        List<Vector3D> eye = drawn(bangle, "eye");
        // The neck belongs to the eye: the hole is in its round.
        List<Vector3D> round = eye.subList(0, 2 * eye.size() / 3);
        Plane across = new Plane(round.get(0), round.get(round.size() / 3), round.get(2 * round.size() / 3), 1e-9);
        Vector3D middle = round.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / round.size());
        List<Vector3D> hook = drawn(bangle, "hook");
        int through = 0;
        for (int i = 1; i < hook.size(); i++) {
            boolean crosses = across.getOffset(hook.get(i - 1)) * across.getOffset(hook.get(i)) < 0;
            through += crosses && hook.get(i).distance(middle) < (eyeInside + wire) / 2 ? 1 : 0;
        }

        assertThat(through).isOne();
        for (Vector3D p : hook) {
            assertThat(eye).allMatch(q -> q.distance(p) > 0.97 * wire);
        }
    }

    /** In a maker's order: the legs are bent out, the body is wound, and only then eye and hook are made on their legs; it is closed at last. */
    @Test
    void card_makesTheBodyBeforeWhatClosesIt() {
        Plan plan =
                Planner.plan(Patterns.find("hook-and-eye-bangle").orElseThrow().usual(), PlanOptions.USUAL);
        List<String> titles = plan.steps().stream().map(Step::title).toList();

        assertThat(titles)
                .containsSubsequence(
                        "Form the hook corner",
                        "Form the eye corner",
                        "Form the body",
                        "Form the eye",
                        "Flatten the paddle to 1.01 mm",
                        "Form the hook",
                        "Close the body");
    }

    /**
     * Common practice: a hammered bangle is wound small and grows to its size. 210 mm round inside is what the finished body has, whatever was hammered
     * off; it is hammered before what closes it is made, so that the hammer lies flat.
     */
    @ParameterizedTest
    @ValueSource(doubles = {90, 75})
    void hammeredBody_isWoundSmall_andComesToItsSize(double percent) {
        Piece piece = Patterns.find("hook-and-eye-bangle")
                .orElseThrow()
                .make(Map.of("body", "hammered", "hammeredPercent", percent), Optional.empty(), Optional.empty());
        StrandWork work = StrandWork.of(piece, piece.strands().get(0));
        List<String> titles = Planner.plan(piece, PlanOptions.USUAL).steps().stream()
                .map(Step::title)
                .toList();
        double wound = work.states().stream()
                .map(s -> s.workpiece().of("body").get(0))
                .filter(Run::formed)
                .findFirst()
                .map(r ->
                        2 * r.now().lengthMm() / r.now().turnRad() - r.section().inPlaneMm())
                .orElseThrow();

        assertThat(work.finished().insideMm("body").orElseThrow()).isCloseTo(210 / Math.PI, within(0.02));
        assertThat(wound).isLessThan(210 / Math.PI - 0.1);
        assertThat(titles.stream().filter(t -> t.startsWith("F") && t.contains("body")))
                .hasSize(2);
        assertThat(titles.indexOf("Form the body")).isLessThan(titles.indexOf("Form the eye"));
        assertThat(titles.stream()
                        .takeWhile(t -> !t.equals("Form the eye"))
                        .filter(t -> t.startsWith("Flatten the body")))
                .hasSize(1);
    }
}
