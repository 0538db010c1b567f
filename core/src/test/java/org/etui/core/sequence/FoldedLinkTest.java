package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.element.Arc;
import org.etui.core.element.Straight;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Join;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.wire.Wire;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Scroll links of doubled wire: folded once in the middle, both legs worked together from there (common practice). */
class FoldedLinkTest {
    private static Piece links(Map<String, Object> measures) {
        return Patterns.find("double-scroll-link").orElseThrow().make(measures, Optional.empty(), Optional.empty());
    }

    private static List<Step> formed(Piece piece) {
        return plan(piece).steps().stream()
                .filter(s -> s.kind() == Step.Kind.FORM)
                .toList();
    }

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    @Test
    void foldedLink_isFoldedFirst_pressedRoundTheOneBefore_andItsScrollsAreWoundByTurns() {
        Piece piece = links(Map.of("form", "folded", "clasp", "none"));
        List<Step> steps = formed(piece);

        assertThat(steps)
                .extracting(Step::title)
                .containsExactly("Form the fold", "Press the fold shut", "Form the first scroll and the second scroll");
        assertThat(steps.get(2).text()).contains("Stop half-way", "finish them in turn", "The other way from the fold");
        assertThat(BenchSimulator.follow(piece, plan(piece).steps())).isEmpty();
        // What is shown beside the step is the link with both scrolls.
        assertThat(steps.get(2).state().orElseThrow())
                .isEqualTo(plan(piece).strands().get(0).operations().size());
    }

    /** A scroll is wider than a fold: a link is laid round the one before while it is open, and both scrolls of it come later. */
    @ParameterizedTest
    @CsvSource({"folded, close behind its scrolls", "bent over, where they are bent over"})
    void eachLink_isHungWhileItsFoldIsOpen(String form, String where) {
        List<String> titles = plan(links(Map.of("form", form))).steps().stream()
                .map(Step::title)
                .toList();
        Step hang = plan(links(Map.of("form", form))).steps().stream()
                .filter(s -> s.title().startsWith("Hang each link"))
                .findFirst()
                .orElseThrow();

        assertThat(titles)
                .containsSubsequence(
                        "Form the fold",
                        hang.title(),
                        "Press the fold shut",
                        "Form the first scroll and the second scroll",
                        "Hang the fold of the link in the loop of the clasp");
        assertThat(hang.text()).contains("open fold of the next one round both legs", where);
    }

    @Test
    void legsBentOver_areBentAsOne() {
        List<Step> steps = formed(links(Map.of("form", "bent over", "clasp", "none")));

        assertThat(steps)
                .extracting(Step::title)
                .containsExactly(
                        "Form the fold",
                        "Press the fold shut",
                        "Form the first hook and the second hook",
                        "Form the first scroll and the second scroll");
        assertThat(steps.get(2).text()).contains("Hold both legs side by side", "as one", "turned by 90° to the fold");
    }

    /** What is pressed in behind a fold comes where the fold ends: it has no mark of its own. */
    @Test
    void marks_areFoldAndScroll() {
        Step mark = plan(links(Map.of("form", "folded", "clasp", "none"))).steps().stream()
                .filter(s -> s.kind() == Step.Kind.MARK)
                .findFirst()
                .orElseThrow();

        assertThat(mark.text()).contains("fold starts; ", "second scroll stops").doesNotContain("corner", "shoulder");
    }

    /** A flat link has no fold: each scroll is a step of its own, and rings join the links (common practice). */
    @Test
    void flatLinks_areWoundOneScrollAfterTheOther_andJoinedByRings() {
        Piece piece = links(Map.of("form", "flat"));
        Plan plan = plan(piece);

        assertThat(plan.steps())
                .extracting(Step::title)
                .containsSubsequence(
                        "Form the first scroll",
                        "Form the second scroll",
                        "Form the ring",
                        "Join the links with the jump rings, 5 times",
                        "Hang the first scroll of the link in the loop of the clasp");
        assertThat(BenchSimulator.follow(piece, plan.steps())).isEmpty();
        Step joined = plan.steps().stream()
                .filter(s -> s.title().startsWith("Join"))
                .findFirst()
                .orElseThrow();
        assertThat(joined.text())
                .contains(
                        "the second scroll of one link and the first scroll of the next",
                        "outermost turn",
                        "last link alone");
        assertThat(joined.about()).containsExactly("ring.ring", "link.second-scroll", "link.first-scroll");
    }

    /** A third thing in the same rings is hung in a step of its own. */
    @Test
    void noJoinIsLost_whereMoreThanTwoHangInTheRings() {
        Piece piece = links(Map.of("form", "flat", "clasp", "none"));
        Piece more = piece.withParts(
                piece.parts(),
                Stream.concat(piece.joins().stream(), Stream.of(Join.of("ring.ring", "link.middle")))
                        .toList());

        List<String> hung = plan(more).steps().stream()
                .filter(s -> s.kind() == Step.Kind.HANG)
                .flatMap(s -> s.about().stream())
                .toList();
        assertThat(hung).contains("link.first-scroll", "link.second-scroll", "link.middle");
    }

    /**
     * By hand: scrolls of 6 mm stand 31 mm apart from middle to middle, so that a link is 37 mm long; a ring of 3 mm inside bears on a wire of 1 mm at
     * either side and so adds 1 mm. The clasp: a loop of 2 mm, 3 mm of run, half a bend of 3.9 mm.
     */
    @Test
    void flatLinks_comeToWhatTheirRingsMakeOfThem() {
        Piece piece = links(Map.of("form", "flat", "find", "length", "links", 5));

        assertThat(piece.notes())
                .startsWith("5 links come to about " + Math.round(5 * 38 + 2 + 3 + 1.95) + " mm with the clasp.");
        assertThat(piece.strand("ring").orElseThrow().count()).isEqualTo(5);
        assertThat(links(Map.of("form", "flat", "clasp", "none", "find", "length", "links", 5))
                        .strand("ring")
                        .orElseThrow()
                        .count())
                .isEqualTo(4);
    }

    /**
     * By hand, 1 mm wire. The fold, 2.4 mm inside, runs on a radius of 1.7 mm; pressed in by 30° each leg goes 1.7·cos 30° less half a wire to the
     * middle: a corner of 0.75 mm takes 0.75·(1 − cos 30°) of that, a slope of 1.744 mm the rest. Fold to neck: 2.735 mm; wire in the fold: 11.393
     * mm; each leg (31 − 11.393)/2 = 9.803 mm. The next fold rests on the rims of the scrolls: Archimedes' spirals, the outermost turn on a radius
     * of 2.5 mm where the leg comes in, a wire less a turn further on. Square across the legs, that is: it leans, and so rests up to half a wire
     * from there.
     */
    @Test
    void pitch_isWorkedOutByHand() {
        double neck = 1.7 * 0.5 + 1.74352 * Math.cos(Math.PI / 6) + 0.75 * 0.5;
        double leg = (31 - (1.7 * Math.PI * 4 / 3 + 2 * 1.74352 + 1.5 * Math.PI / 6)) / 2;
        double rests = 0;
        for (double turned = 0; turned < 2 * Math.PI; turned += 0.001) {
            double radius = 2.5 - turned / (2 * Math.PI);
            double beside = 0.5 + 2.5 - radius * Math.cos(turned) - 1.7;
            if (Math.abs(beside) < 1) {
                rests = Math.max(rests, -radius * Math.sin(turned) + Math.sqrt(1 - beside * beside));
            }
        }
        Plan plan = plan(links(Map.of("form", "folded")));

        assertThat(neck).isCloseTo(2.735, within(0.001));
        assertThat(leg).isCloseTo(9.803, within(0.001));
        assertThat(plan.chains()).hasSize(1);
        assertThat(plan.chains().get(0).pitchMm()).isCloseTo(neck + leg - rests, within(0.5));
    }

    /** A legs' pair bent over 2.5 mm inside hangs in the fold above its scrolls: inside of the one to inside of the other (common practice). */
    @Test
    void pitchOfLinksBentOver_isTheirInsideLength() {
        Piece piece = links(Map.of("form", "bent over", "gapMm", 56));
        double leg = ((Straight) piece.strands().get(0).element("first-leg").orElseThrow()).lengthMm();
        // Over the hook on a radius of 1.75 mm, its own wire and half of that of the fold, down to the rims of scrolls
        // of 6 mm.
        double down = 1.75 - 0.5 + leg - 3 - 1;

        assertThat(plan(piece).chains().get(0).pitchMm()).isCloseTo(Math.hypot(down, 1.75), within(0.3));
    }

    /** However thin the wire is beside its fold, links are no further apart than a leg and its fold are long. */
    @ParameterizedTest
    @CsvSource({"folded, 0.05", "bent over, 0.05", "folded, 0.3", "bent over, 0.3", "folded, 2.5", "bent over, 2.5"})
    void pitch_isLessThanALegWithItsFold(String form, double thicknessMm) {
        Piece piece = Patterns.find("double-scroll-link")
                .orElseThrow()
                .make(
                        Map.of("form", form, "gapMm", 100, "scrollMm", 15),
                        Optional.of(Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, thicknessMm)),
                        Optional.empty());
        double leg = ((Straight) piece.strands().get(0).element("first-leg").orElseThrow()).lengthMm();

        assertThat(plan(piece).chains().get(0).pitchMm()).isBetween(leg / 2, leg + 2 * 5.25);
    }

    /** Links by their pitch, and the clasp: its loop 2 mm, run 3 mm, half of its hook, 1.95 mm, and half of the fold it hangs in, 1.2 mm. */
    @Test
    void lengthOfTheBracelet_isWorkedOutFromTheLinks() {
        Piece piece = links(Map.of("find", "length", "links", 20));
        double pitch = plan(piece).chains().get(0).pitchMm();

        assertThat(piece.strands().get(0).count()).isEqualTo(20);
        assertThat(piece.notes())
                .startsWith("20 links come to about " + Math.round(20 * pitch + 8.15) + " mm with the clasp.");
    }

    @Test
    void insideOfTheFold_isAsAsked() {
        Piece piece = links(Map.of("foldMm", 3.0));

        assertThat(piece.strands().get(0).element("fold"))
                .hasValueSatisfying(fold -> assertThat(((Arc) fold).insideMm()).isEqualTo(3.0));
    }

    /** Two legs of 1 mm do not go into a fold of 1.5 mm, and so short a wire has no legs: both are made as large as they must be, and that is told. */
    @Test
    void whatNoLinkGoesThrough_isMadeLarger_andTold() {
        Piece piece = links(Map.of("foldMm", 1.5, "gapMm", 12));

        assertThat(piece.strands().get(0).element("fold"))
                .hasValueSatisfying(fold -> assertThat(((Arc) fold).insideMm()).isEqualTo(2.1));
        assertThat(piece.notes()).contains("a fold of 2.1 mm at least", "of wire between scrolls of 6.0 mm at least");
        assertThat(BenchSimulator.follow(piece, plan(piece).steps())).isEmpty();
    }

    /** The clasp hangs in the fold: its loop goes round the wire of that, and lies on neither. */
    @ParameterizedTest
    @ValueSource(strings = {"folded", "bent over"})
    void clasp_hangsInTheFold(String form) {
        Plan plan = plan(links(Map.of("form", form)));
        Plan.StrandPlan link = plan.strands().get(0);
        Plan.StrandPlan clasp = plan.strands().get(1);
        double least = part(clasp, "loop")
                .flatMapToDouble(p -> part(link, "fold").mapToDouble(p::distance))
                .min()
                .orElseThrow();

        assertThat(least).isBetween(0.95, 1.05);
        assertThat(plan.clashes()).isEmpty();
    }

    private static Stream<Vector3D> part(Plan.StrandPlan strand, String element) {
        Plan.ElementPlan of = strand.elements().stream()
                .filter(e -> e.id().equals(element))
                .findFirst()
                .orElseThrow();
        return strand.drawn().outline().stream()
                .filter(p -> p[3] >= of.along().fromMm() && p[3] <= of.along().toMm())
                .map(p -> new Vector3D(p[0], p[1], p[2]));
    }
}
