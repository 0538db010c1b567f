package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.Operation;
import org.etui.core.act.Run;
import org.etui.core.act.With;
import org.etui.core.act.Workpiece;
import org.etui.core.curve.CentreLine;
import org.etui.core.element.Arc;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

class WorkTest {
    private static final Piece HOOK = Examples.piece(
            Examples.copper(1.2),
            Loop.of("eye", 3, Turn.LEFT),
            Straight.of("run", 6),
            Arc.of("bend", 7, 190, Turn.RIGHT));

    private static StrandWork work(Piece piece) {
        return StrandWork.of(piece, piece.strands().get(0));
    }

    private static List<String> words(Piece piece) {
        return work(piece).operations().stream().map(Operation::inWords).toList();
    }

    private static Work flatten(String id, String element, double toMm, String after) {
        return Work.of(id, "wire", List.of(element), new Act.Flatten(toMm, With.FLAT_HAMMER))
                .at(after);
    }

    @Test
    void work_standsWhereItsAfterSays() {
        Piece piece = HOOK.withWork(List.of(
                flatten("late", "bend", 0.9, "forming"),
                flatten("first", "run", 1.0, "start"),
                flatten("between", "eye", 1.0, "eye"),
                flatten("last", "bend", 0.8, "late")));

        assertThat(words(piece))
                .containsExactly(
                        "flatten run",
                        "form eye",
                        "flatten eye",
                        "form bend",
                        "flatten bend",
                        "flatten bend",
                        "trim handle end, spare filing");
    }

    @Test
    void explicitLead_isTrimmedWhenItSays() {
        Strand strand = HOOK.strands().get(0);
        Lead lead = new Lead("grip", 15, "w", 0, Optional.empty(), Target.RELEASED);
        Piece piece = Examples.piece(strand.wire(), Straight.of("run", 6), Arc.of("bend", 7, 190, Turn.RIGHT), lead)
                .withWork(List.of(flatten("w", "bend", 0.9, "forming")));

        assertThat(words(piece)).containsSubsequence("flatten bend", "trim grip");
        assertThat(work(piece).stretch().handleMm()).isEqualTo(15 + 20);
        assertThat(work(piece).finished().lengthMm())
                .isLessThan(work(piece).cut().lengthMm() - 15);
    }

    /** Independent operations commute: flattening two different elements in either order gives the same wire. */
    private static Operation flatten(String id, Set<String> on, double toMm) {
        return new Operation.Worked(id, on, List.of(), new Act.Flatten(toMm, With.FLAT_HAMMER), Map.of());
    }

    @Test
    void independentOperations_commute() {
        Random random = new Random(31);
        for (int i = 0; i < 60; i++) {
            double one = 0.6 + random.nextDouble() * 0.5;
            double two = 0.6 + random.nextDouble() * 0.5;
            Workpiece cut = work(HOOK).cut();
            Operation a = flatten("a", Set.of("run"), one);
            Operation b = flatten("b", Set.of("bend"), two);

            assertThat(b.apply(a.apply(cut))).isEqualTo(a.apply(b.apply(cut)));
        }
    }

    @Test
    void flatteningAgainToTheSame_changesNothing_andStrainNeverFalls() {
        Operation once = flatten("a", Set.of(), 0.9);
        Operation thinner = flatten("b", Set.of(), 0.8);
        Workpiece flat = once.apply(work(HOOK).cut());

        assertThat(once.apply(flat)).isEqualTo(flat);
        for (int i = 0; i < flat.runs().size(); i++) {
            assertThat(thinner.apply(flat).runs().get(i).strainAt(0))
                    .isGreaterThanOrEqualTo(flat.runs().get(i).strainAt(0));
        }
        assertThat(flat.runs().stream().filter(r -> r.kind() != Run.Kind.ELEMENT))
                .allMatch(r -> r.growth() == 1);
    }

    @Test
    void unformedWire_isStraight_andTheAnchorLiesAtTheOrigin() {
        StrandWork work = work(HOOK);
        for (State state : work.states()) {
            CentreLine line = state.workpiece().centreLine();
            assertThat(line.atWire(0).position().getNorm()).isLessThan(1e-9);
            assertThat(line.wireToMm() - line.wireFromMm())
                    .isCloseTo(
                            state.workpiece().runs().stream()
                                    .mapToDouble(Run::wireMm)
                                    .sum(),
                            within(1e-9));
        }
        CentreLine straight = work.cut().centreLine();
        Vector3D end = straight.atWire(straight.wireToMm()).position();
        assertThat(end.getNorm()).isCloseTo(work.cutMm(), within(1e-9));
    }

    @Test
    void positions_areThoseOfTheStraightWire() {
        Workpiece cut = work(HOOK).cut();

        assertThat(cut.fromMm("eye")).isZero();
        assertThat(cut.fromMm("bend")).isCloseTo(cut.wireMm("eye") + 6, within(1e-9));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> cut.fromMm("nose"))
                .withMessageContaining("nose");
    }

    @Test
    void roll_liftsWhatFollowsOutOfThePlane() {
        Piece rolled = Examples.piece(
                Examples.copper(1),
                Loop.of("first", 4, Turn.LEFT),
                Straight.of("run", 8),
                new Loop("second", 4, 1, Turn.LEFT, false, false, 90, Optional.empty(), Target.RELEASED));

        assertThat(Examples.planned(rolled).drawn().finished().depthMm()).isCloseTo(6, within(1e-6));
    }
}
