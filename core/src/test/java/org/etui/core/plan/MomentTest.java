package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.check.BadInput;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.metal.TemperNow;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Moments of the work, and pulls of the hammer. */
class MomentTest {
    private static final PlanOptions ALL = new PlanOptions(PlanOptions.States.ALL, new LengthFormat(Units.MM));

    private static Work flatten(double toMm) {
        return Work.of("w1", "hook", List.of("hook-bend"), new Act.Flatten(toMm, With.DOMED_HAMMER));
    }

    private static Plan.StrandPlan moment(Piece piece, String strand, int state) {
        return Planner.moment(piece, strand, OptionalInt.of(state), PlanOptions.USUAL);
    }

    private static Piece hook() {
        return Patterns.find("hook-clasp").orElseThrow().usual().withWork(List.of(flatten(0.95)));
    }

    static Stream<Piece> pieces() {
        return Stream.of(
                hook(),
                Patterns.find("s-clasp-hammered-first").orElseThrow().usual(),
                Patterns.find("stone-frame").orElseThrow().usual());
    }

    /** A moment is the state of that index, with what the whole plan says of the last. */
    @ParameterizedTest
    @MethodSource("pieces")
    void moment_isTheStateOfThatIndex(Piece piece) {
        for (Plan.StrandPlan strand : Planner.plan(piece, ALL).strands()) {
            assertThat(strand.operations()).hasSize(strand.states().size() - 1);
            for (int i = 0; i < strand.states().size(); i++) {
                Plan.StatePlan state = strand.states().get(i);
                Plan.StrandPlan moment = moment(piece, strand.id(), i);

                assertThat(moment.states().get(0).stations()).isEqualTo(state.stations());
                assertThat(moment.states().get(0).lengthMm()).isEqualTo(state.lengthMm());
                if (i > 0) {
                    assertThat(strand.operations().get(i - 1).words()).isEqualTo(state.operation());
                }
            }
            Plan.StrandPlan last = moment(piece, strand.id(), strand.states().size() - 1);
            assertThat(last.drawn().outline())
                    .usingRecursiveComparison()
                    .isEqualTo(strand.drawn().outline());
            assertThat(last.drawn().crossings()).isEqualTo(strand.drawn().crossings());
            assertThat(last.elements().stream().map(e -> e.strength().holdN()))
                    .isEqualTo(strand.elements().stream()
                            .map(e -> e.strength().holdN())
                            .toList());
        }
    }

    /** The straight wire lies level, is as long as it was cut, holds nothing and is as soft as it was bought. */
    @Test
    void firstMoment_isTheStraightWire() {
        Plan.StrandPlan cut = moment(hook(), "hook", 0);
        double y = cut.drawn().outline().get(0)[1];

        assertThat(cut.drawn().outline()).allMatch(p -> Math.abs(p[1] - y) < 1e-9);
        assertThat(cut.states().get(0).lengthMm()).isCloseTo(cut.amount().cutLengthMm(), within(1e-9));
        assertThat(cut.elements())
                .allMatch(e -> e.worked().strain() == 0
                        && e.strength().holdN().isEmpty()
                        && e.worked().temperNow() == TemperNow.DEAD_SOFT);
    }

    /** Before the hammer it holds what an unhammered hook holds. */
    @Test
    void momentBeforeTheHammer_holdsWhatAnUnhammeredHookHolds() {
        Piece bare = hook().withWork(List.of());
        Plan.StrandPlan plan = Planner.plan(hook(), ALL).strands().get(0);
        int hammer = plan.operations().stream()
                .filter(o -> o.kind() == Plan.OperationKind.WORK)
                .findFirst()
                .orElseThrow()
                .index();
        double before = moment(hook(), "hook", hammer - 1)
                .elements()
                .get(2)
                .strength()
                .holdN()
                .orElseThrow();

        assertThat(before)
                .isCloseTo(
                        Planner.plan(bare, ALL)
                                .strands()
                                .get(0)
                                .elements()
                                .get(2)
                                .strength()
                                .holdN()
                                .orElseThrow(),
                        within(1e-9));
        assertThat(plan.elements().get(2).strength().holdN().orElseThrow()).isGreaterThan(1.5 * before);
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 99})
    void momentThatIsNot_isRefused(int state) {
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> moment(hook(), "hook", state))
                .withMessageContaining("state");
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> moment(hook(), "eye", 0))
                .withMessageContaining("strand");
    }

    /** Every rung keeps the volume: it fills more than a stadium and less than a bar (geometry), and is what the plan of it says. */
    @Test
    void rung_keepsTheVolume_andIsWhatThePlanSays() {
        Piece bare = hook().withWork(List.of());
        double d = bare.strands().get(0).wire().section().thicknessMm();
        Thinning thinning = Thinning.of(bare, "hook", "hook-bend", With.DOMED_HAMMER);

        assertThat(thinning.fromMm()).isEqualTo(d);
        assertThat(thinning.rungs().get(0).toMm()).isEqualTo(d);
        for (Thinning.Rung rung : thinning.rungs().subList(1, thinning.rungs().size())) {
            double h = rung.toMm();
            double stadium = (rung.widthMm() - h) * h + Math.PI * h * h / 4;
            assertThat(Math.PI * d * d / 4 / rung.growth()).isBetween(stadium, rung.widthMm() * h);
            Plan.ElementPlan bend = Planner.plan(bare.withWork(List.of(flatten(h))), ALL)
                    .strands()
                    .get(0)
                    .elements()
                    .get(2);
            assertThat(rung.holdN()).isEqualTo(bend.strength().holdN());
            assertThat(rung.strain()).isEqualTo(bend.worked().strain());
            assertThat(rung.insideMm().orElseThrow())
                    .isCloseTo(bend.formed().finished().orElseThrow().insideMm().orElseThrow(), within(1e-9));
        }
        assertThat(thinning.rungs()).extracting(Thinning.Rung::strain).isSorted();
    }

    /** Common practice: a soft 1.25 mm hook of 7 mm does not hold a necklace closure, hammered it does; brass is worked sooner. */
    @Test
    void thinning_saysFromWhereItHolds_andFromWhereToMind() {
        Piece copper = Piece.of(
                "Hook",
                Purpose.NECKLACE_CLOSURE,
                List.of(hook().strands().get(0).withWire(Examples.copper(1.25))));
        Thinning thinning = Thinning.of(copper, "hook", "hook-bend", With.DOMED_HAMMER);

        assertThat(thinning.holdsFromMm().orElseThrow()).isBetween(0.9, 1.24);
        assertThat(thinning.mindsFromMm()).isEmpty();
        Piece thick = copper.withStrands(List.of(copper.strands().get(0).withWire(Examples.copper(2))));
        assertThat(Thinning.of(thick, "hook", "hook-bend", With.DOMED_HAMMER).holdsFromMm())
                .hasValue(2);
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> Thinning.of(copper, "hook", "gill", With.DOMED_HAMMER))
                .withMessageContaining("element");
    }
}
