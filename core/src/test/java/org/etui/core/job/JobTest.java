package org.etui.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class JobTest {
    private static final Piece CLASP = usual("hook-clasp");

    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    private static Piece usual(String pattern) {
        return Patterns.find(pattern).orElseThrow().usual();
    }

    private static Job job(JobLine... lines) {
        return new Job(
                JobFormat.ETUI_JOB,
                1,
                "Gift desk",
                "p",
                List.of(lines),
                Optional.of("2026-12-18"),
                "",
                Optional.empty());
    }

    private static JobLine line(String label, int quantity, Map<String, Object> measures) {
        return new JobLine(label, quantity, measures);
    }

    /** Arithmetic: n pieces take n times the wire; matched pairs stay pairs. */
    @Test
    void oneSize_takesTheWireOftenAndTheStepsOnce() {
        Piece pairs = job(line("", 5, Map.of())).asPiece(usual("spiral-earrings"));
        Plan one = Planner.plan(usual("spiral-earrings"), PlanOptions.USUAL);
        Plan five = Planner.plan(pairs, PlanOptions.USUAL);

        assertThat(pairs.strands().get(0).count()).isEqualTo(10);
        assertThat(pairs.strands().get(0).matched()).isTrue();
        assertThat(pairs.name()).isEqualTo("Gift desk");
        assertThat(five.totals().wire().get(0).lengthMm())
                .isCloseTo(5 * one.totals().wire().get(0).lengthMm(), within(1e-9));
        assertThat(five.totals().massG()).isCloseTo(5 * one.totals().massG(), within(1e-9));
        assertThat(five.totals().handsOnMinutes())
                .isCloseTo(
                        five.steps().stream()
                                .filter(Step::handsOn)
                                .mapToDouble(Step::minutes)
                                .sum(),
                        within(1e-9));
        assertThat(five.steps().stream().filter(s -> s.shows() != Step.Shows.REST))
                .hasSameSizeAs(one.steps());
    }

    /** Source: GNU Units: ringsize(6) is 51.623 mm round, ringsize(8) 56.795; the band is wound on the same tool rule. */
    @Test
    void sizes_areMadeByThePattern() {
        Piece rings = job(line("US 6", 2, Map.of("usSize", 6)), line("US 8", 3, Map.of("usSize", 8.0)))
                .asPiece(usual("wound-ring"));

        assertThat(rings.strands()).extracting(Strand::id).containsExactly("ring-1", "ring-2");
        assertThat(rings.strands()).extracting(Strand::title).containsExactly("Ring, US 6", "Ring, US 8");
        assertThat(rings.strands()).extracting(Strand::count).containsExactly(2, 3);
        // Its tails lie on the inside of either: both are wound wider by nearly as much.
        assertThat(inside(rings, 0) * Math.PI).isGreaterThan(51.623);
        assertThat((inside(rings, 1) - inside(rings, 0)) * Math.PI).isCloseTo(56.795 - 51.623, within(0.2));
    }

    private static double inside(Piece piece, int strand) {
        return piece.strands()
                .get(strand)
                .element("band")
                .orElseThrow()
                .woundInsideMm()
                .orElseThrow();
    }

    /** All sizes go the one road: both are bent before either is hammered, and the card names each. */
    @Test
    void sizes_areWorkedTogether() {
        Piece worked = CLASP.withWork(List.of(
                Work.of("w1", "hook", List.of("hook-bend"), new Act.Flatten(0.95, With.DOMED_HAMMER)),
                Work.of("w2", "", List.of(), new Act.Tumble(60)).at("w1")));
        Piece two = job(line("small", 4, Map.of("hookInsideMm", 6.0)), line("large", 4, Map.of("hookInsideMm", 9.0)))
                .asPiece(worked);
        List<String> titles = Planner.plan(two, PlanOptions.USUAL).steps().stream()
                .map(Step::title)
                .toList();

        assertThat(titles)
                .containsOnlyOnce("Form the hook bend", "Flatten the hook bend to 0.95 mm", "Tumble the wire");
        assertThat(two.work()).extracting(Work::id).containsExactly("w1-1", "w1-2", "w2");
        assertThat(two.work()).extracting(Work::strand).containsExactly("hook-1", "hook-2", "");
    }

    /** What hangs in a strand follows it; what hangs nowhere is shared. */
    @Test
    void partsAndJoins_followTheirStrand() {
        Piece hung = CLASP.withParts(
                List.of(
                        Part.of("bead", PartKind.BEAD, "wood", 4, Optional.of("hook.run")),
                        Part.of("chain", PartKind.FINDING, "copper", 3.5, Optional.empty())),
                List.of(Join.of("hook.loop", "chain"), Join.of("bead", "hook.run")));
        Piece two = job(line("a", 1, Map.of()), line("b", 1, Map.of())).asPiece(hung);

        assertThat(two.parts()).extracting(Part::id).containsExactly("bead-1", "chain", "bead-2");
        assertThat(two.joins())
                .containsExactly(
                        Join.of("hook-1.loop", "chain"),
                        Join.of("bead-1", "hook-1.run"),
                        Join.of("hook-2.loop", "chain"),
                        Join.of("bead-2", "hook-2.run"));
    }

    /** Geometry: on paper the sizes lie beside or below each other, never on each other. */
    @ParameterizedTest
    @MethodSource("patterns")
    void everyPattern_comesInTwoSizesThatDoNotLieOnEachOther(Pattern pattern) {
        Piece two = job(line("one", 2, Map.of()), line("two", 2, Map.of())).asPiece(pattern.usual());
        List<Plan.StrandPlan> strands = Planner.plan(two, PlanOptions.USUAL).strands();

        double[] first = box(strands.subList(0, strands.size() / 2));
        double[] second = box(strands.subList(strands.size() / 2, strands.size()));
        assertThat(first[1] < second[0] || second[3] < first[2]).isTrue();
    }

    private static double[] box(List<Plan.StrandPlan> strands) {
        double[] box = {1e9, -1e9, 1e9, -1e9};
        for (Plan.StrandPlan strand : strands) {
            for (double[] p : strand.drawn().outline()) {
                box[0] = Math.min(box[0], p[0]);
                box[1] = Math.max(box[1], p[0]);
                box[2] = Math.min(box[2], p[1]);
                box[3] = Math.max(box[3], p[1]);
            }
        }
        return box;
    }

    @Test
    void sizeThatCannotBeMade_isRefusedByItsPath() {
        Job wrong = job(line("US 7", 1, Map.of("usSize", 7)), line("US 40", 1, Map.of("usSize", 40)));

        assertThatThrownBy(() -> wrong.asPiece(usual("wound-ring"))).isInstanceOfSatisfying(BadInput.class, bad -> {
            assertThat(bad.violations()).extracting(Violation::path).containsExactly("lines.1.measures.usSize");
            assertThat(bad.violations().get(0).limit()).contains("0 to 16");
        });
    }

    @Test
    void theDayItWasDone_isADay() {
        Job open = job(line("", 1, Map.of()));
        Job done = new Job(open.format(), 1, open.name(), "p", open.lines(), open.due(), "", Optional.of("2026-11-31"));

        assertThatThrownBy(done::require)
                .isInstanceOfSatisfying(
                        BadInput.class,
                        bad -> assertThat(bad.violations())
                                .extracting(Violation::path)
                                .containsExactly("doneOn"));
    }

    @ParameterizedTest
    @CsvSource({
        "2026-02-30, a, b, due",
        "tomorrow.., a, b, due",
        "2026-12-18, a, a, lines.1.label",
        "2026-12-18, a, '', lines.1.label"
    })
    void dayAndLabels_areLookedAt(String due, String first, String second, String path) {
        Job wrong = new Job(
                JobFormat.ETUI_JOB,
                1,
                "Gift desk",
                "p",
                List.of(line(first, 1, Map.of()), line(second, 1, Map.of())),
                Optional.of(due),
                "",
                Optional.empty());

        assertThatThrownBy(wrong::require)
                .isInstanceOfSatisfying(
                        BadInput.class,
                        bad -> assertThat(bad.violations())
                                .extracting(Violation::path)
                                .containsExactly(path));
    }

    @Test
    void moreThanADocumentHolds_isRefused() {
        assertThatThrownBy(() -> job(line("", 1000, Map.of()))
                        .asPiece(
                                CLASP.withStrands(List.of(CLASP.strands().get(0).times(20, false, false)))))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("lines.0.quantity");
    }
}
