package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.etui.core.tool.Springback;
import org.etui.core.wire.Wire;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.util.MathUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A jig gives what it was made for: the wire is led round its pegs as plane geometry says, let go, and measured. */
class JigTest {
    private static Piece link(Metal metal, Temper temper, double mm, double rowsMm) {
        return Patterns.find("jig-repeat")
                .orElseThrow()
                .make(
                        Map.of("pegs", 6, "pitchMm", 11.0, "rowsMm", rowsMm),
                        Optional.of(Wire.ofRound(metal, temper, mm)),
                        Optional.empty());
    }

    /**
     * Round what the wire goes, from peg to peg: the straights that touch two circles each (textbook), and how far it goes round each between them.
     *
     * @param ways length of each straight, mm
     * @param sweeps how far it goes round each peg but the first and last, rad, to its side
     */
    private record Led(List<Double> ways, List<Double> sweeps) {
        static Led round(List<Jig.Peg> pegs, double t) {
            List<Double> ways = new ArrayList<>();
            List<Double> headings = new ArrayList<>();
            for (int i = 1; i < pegs.size(); i++) {
                Jig.Peg a = pegs.get(i - 1);
                Jig.Peg b = pegs.get(i);
                double dx = b.xMm() - a.xMm();
                double dy = b.yMm() - a.yMm();
                double across = Math.signum(b.turns()) * (b.diameterMm() + t) / 2
                        - Math.signum(a.turns()) * (a.diameterMm() + t) / 2;
                ways.add(Math.sqrt(dx * dx + dy * dy - across * across));
                headings.add(Math.atan2(dy, dx) - Math.asin(across / Math.hypot(dx, dy)));
            }
            List<Double> sweeps = new ArrayList<>();
            for (int i = 1; i < headings.size(); i++) {
                double side = Math.signum(pegs.get(i).turns());
                sweeps.add(side * MathUtils.normalizeAngle(side * (headings.get(i) - headings.get(i - 1)), Math.PI));
            }
            return new Led(ways, sweeps);
        }
    }

    /** Lifted off every round has the inside that it springs back to, and has opened by as much; the middles come to where they were asked for. */
    @ParameterizedTest
    @CsvSource({
        "COPPER, DEAD_SOFT, 1.0, 8",
        "COPPER, DEAD_SOFT, 1.3, 14",
        "BRASS, HALF_HARD, 0.8, 8",
        "BRASS, HALF_HARD, 1.0, 12"
    })
    void linkOfSixPegs_comesOutAsAsked(Metal metal, Temper temper, double t, double rowsMm) {
        Piece piece = link(metal, temper, t, rowsMm);
        Wire wire = piece.strands().get(0).wire();
        Jig jig = Jig.of(StrandWork.of(piece, piece.strands().get(0)));
        Led led = Led.round(jig.pegs(), t);
        // From the middle of the first loop: its straight, then round after round as it is when it is let go.
        double heading = 0;
        Vector2D at = new Vector2D(0, -side(jig, 0) * free(wire, jig, 0, t));
        List<Vector2D> middles = new ArrayList<>(List.of(Vector2D.ZERO));
        for (int i = 1; i < jig.pegs().size(); i++) {
            at = at.add(new Vector2D(Math.cos(heading), Math.sin(heading))
                    .scalarMultiply(led.ways().get(i - 1)));
            double radius = free(wire, jig, i, t);
            Vector2D left = new Vector2D(-Math.sin(heading), Math.cos(heading)).scalarMultiply(side(jig, i) * radius);
            Vector2D middle = at.add(left);
            middles.add(middle);
            if (i < jig.pegs().size() - 1) {
                double held = (jig.pegs().get(i).diameterMm() + t) / 2;
                double turned = led.sweeps().get(i - 1) * held / radius;
                heading += turned;
                at = middle.add(
                        new Vector2D(Math.sin(heading), -Math.cos(heading)).scalarMultiply(side(jig, i) * radius));
            }
        }

        assertThat(jig.pegs()).hasSize(6);
        assertThat(jig.byHand()).isEmpty();
        for (int i = 0; i < 6; i++) {
            assertThat(2 * free(wire, jig, i, t) - t)
                    .as("inside of " + jig.pegs().get(i).label())
                    .isBetween(
                            jig.pegs().get(i).comesToMm() - 0.1,
                            jig.pegs().get(i).comesToMm() + 0.1);
            for (int j = 0; j < i; j++) {
                double asked = Vector2D.distance(asked(i, rowsMm), asked(j, rowsMm));
                assertThat(Vector2D.distance(middles.get(i), middles.get(j)))
                        .as("from " + j + " to " + i)
                        .isBetween(asked - 0.2, asked + 0.2);
            }
        }
    }

    private static double side(Jig jig, int peg) {
        return Math.signum(jig.pegs().get(peg).turns());
    }

    /** Radius of the middle of the wire when it is let go, mm. */
    private static double free(Wire wire, Jig jig, int peg, double t) {
        return (Springback.onTool(wire, jig.pegs().get(peg).diameterMm())
                                .freeInsideMm()
                                .orElseThrow()
                        + t)
                / 2;
    }

    /** Where the middle was asked for: six at 11 mm, those between by turns half the rows above and below. */
    private static Vector2D asked(int peg, double rowsMm) {
        double y = peg == 0 || peg == 5 ? 0 : peg % 2 == 1 ? rowsMm / 2 : -rowsMm / 2;
        return new Vector2D(11 * peg, y);
    }

    /** Half-hard brass springs back so much that pegs at the middles of the form itself would give another link: the pegs stand elsewhere. */
    @Test
    void pegsOfASpringyWire_doNotStandInTheMiddlesOfTheForm() {
        Piece piece = link(Metal.BRASS, Temper.HALF_HARD, 0.8, 8);
        Jig jig = Jig.of(StrandWork.of(piece, piece.strands().get(0)));
        Jig.Peg third = jig.pegs().get(2);

        assertThat(Math.hypot(third.xMm(), third.yMm()))
                .isNotCloseTo(Math.hypot(22, 4), org.assertj.core.api.Assertions.within(0.2));
    }

    /** On the card the whole link is one step, with every peg and its size; nothing is marked for it. */
    @Test
    void linkOnAJig_isOneStep() {
        Plan plan = Planner.plan(link(Metal.COPPER, Temper.DEAD_SOFT, 1, 8), PlanOptions.USUAL);
        List<Step> formed =
                plan.steps().stream().filter(s -> s.kind() == Step.Kind.FORM).toList();

        assertThat(formed).hasSize(1);
        assertThat(formed.get(0).about()).hasSize(6);
        assertThat(formed.get(0).text()).contains("pegs as on the jig sheet, 2 of ", ", 4 of ");
        assertThat(plan.steps()).noneMatch(s -> s.kind() == Step.Kind.MARK);
    }
}
