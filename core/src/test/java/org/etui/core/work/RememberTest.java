package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.assertj.core.data.Percentage;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.Hardening;
import org.etui.core.act.Run;
import org.etui.core.act.With;
import org.etui.core.act.Workpiece;
import org.etui.core.check.BadInput;
import org.etui.core.element.Arc;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Twist;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.metal.TemperNow;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.section.Flat;
import org.etui.core.section.HalfRound;
import org.etui.core.section.Section;
import org.etui.core.section.Slab;
import org.etui.core.section.Square;
import org.etui.core.section.WireSection;
import org.etui.core.wire.Finish;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the wire remembers of each operation, at any place in the order. */
class RememberTest {
    private static final Element RUN = Straight.of("run", 30);

    private static StrandWork work(Piece piece) {
        return StrandWork.of(piece, piece.strands().get(0));
    }

    private static Piece bend(Wire wire, Work... works) {
        return Examples.piece(wire, RUN, Arc.of("bend", 7, 200, Turn.LEFT)).withWork(List.of(works));
    }

    private static Work flatten(double toMm, String element, String after) {
        return Work.of("flat-" + element, "wire", List.of(element), new Act.Flatten(toMm, With.DOMED_HAMMER))
                .at(after);
    }

    private static Work mallet(int passes) {
        return Work.of("tap", "wire", List.of("bend"), new Act.Mallet(passes, With.NYLON_MALLET));
    }

    private static double strain(Piece piece, String element) {
        return work(piece).reading(element).strain();
    }

    private static double volume(Workpiece workpiece) {
        return workpiece.runs().stream()
                .filter(r -> r.kind() == Run.Kind.ELEMENT)
                .mapToDouble(r -> r.wireMm() * r.growth() * r.section().areaMm2())
                .sum();
    }

    private static Work randomWork(Random random, String id, List<String> elements, double d) {
        List<String> on = List.of(elements.get(random.nextInt(elements.size())));
        String after = random.nextBoolean() ? "forming" : random.nextBoolean() ? "start" : on.get(0);
        return switch (random.nextInt(10)) {
            case 0 -> Work.of(id, "wire", on, new Act.Planish(With.FLAT_HAMMER)).at(after);
            case 1 -> Work.of(id, "wire", on, new Act.Texture(With.BALL_HAMMER)).at(after);
            case 2 ->
                Work.of(id, "wire", on, new Act.Jaws(1 + random.nextInt(9))).at(after);
            case 3 ->
                Work.of(id, "wire", on, new Act.Mallet(1 + random.nextInt(9), With.NYLON_MALLET))
                        .at(after);
            case 4 ->
                Work.of(id, "wire", on, new Act.Flex(1 + random.nextInt(9))).at(after);
            case 5 ->
                Work.of(id, "wire", on, new Act.Tumble(1 + random.nextInt(200))).at(after);
            case 6 ->
                Work.of(id, "wire", on, new Act.OpenClose(1 + random.nextInt(3)))
                        .at(after);
            case 7 -> Work.of(id, "wire", on, new Act.Straighten(1)).at(after);
            case 8 -> Work.of(id, "wire", on, new Act.Reclose()).at(after);
            default ->
                Work.of(
                                id,
                                "wire",
                                on,
                                new Act.Flatten(
                                        d * (0.5 + 0.45 * random.nextDouble()), With.values()[random.nextInt(4)]))
                        .at(after);
        };
    }

    /** Seeded: whatever is done, in whatever order, the volume is kept and no strain falls. */
    @Test
    void everyOperation_keepsTheVolume_andNoStrainFalls() {
        Random random = new Random(41);
        for (int i = 0; i < 80; i++) {
            Piece plain = Examples.random(random);
            Strand strand = plain.strands().get(0);
            double d = strand.wire().section().thicknessMm();
            List<String> ids = strand.elements().stream().map(Element::id).toList();
            List<Work> works = new ArrayList<>();
            for (int k = 0; k < 5; k++) {
                works.add(randomWork(random, "w" + k, ids, d));
            }
            StrandWork done = work(plain.withWork(works));

            double bought = volume(done.cut());
            for (int s = 1; s < done.states().size(); s++) {
                Workpiece before = done.states().get(s - 1).workpiece();
                Workpiece after = done.states().get(s).workpiece();
                assertThat(volume(after)).isCloseTo(bought, Percentage.withPercentage(1e-6));
                for (String id : ids) {
                    assertThat(greatest(after, id))
                            .as("%s after %s", id, done.states().get(s).operation())
                            .isGreaterThanOrEqualTo(greatest(before, id) - 1e-9);
                }
            }
        }
    }

    private static double greatest(Workpiece workpiece, String id) {
        return workpiece.of(id).stream()
                .flatMap(r -> r.cells().stream())
                .mapToDouble(c -> c.fibres().meanStrain())
                .max()
                .orElse(0);
    }

    /** Seeded: work on different elements commutes. */
    @Test
    void workOnDifferentElements_commutes() {
        Random random = new Random(42);
        for (int i = 0; i < 40; i++) {
            Work one = randomWork(random, "one", List.of("run"), 1);
            Work other = randomWork(random, "other", List.of("bend"), 1);
            Workpiece there = work(bend(Examples.copper(1), one, other)).finished();
            Workpiece back = work(bend(Examples.copper(1), other, one)).finished();

            assertThat(there).isEqualTo(back);
        }
    }

    /** A size meant after the work is exact after it, and the wire is that of what is formed. */
    @ParameterizedTest
    @EnumSource(value = Target.class)
    void sizeMeantAfterTheWork_isThatAfterTheWork(Target target) {
        Loop eye = new Loop("eye", 5, 1, Turn.LEFT, false, false, 0, Optional.empty(), target);
        Piece piece = Examples.piece(Examples.copper(1.2), eye).withWork(List.of(flatten(0.9, "eye", "forming")));
        StrandWork done = work(piece);
        double formed = done.states().get(1).workpiece().insideMm("eye").orElseThrow();
        double last = done.finished().insideMm("eye").orElseThrow();

        assertThat(target == Target.FINISHED ? last : formed).isCloseTo(5, within(1e-9));
        assertThat(last).isNotCloseTo(formed, within(0.05));
        assertThat(done.finished().runs().get(0).now().turnRad()).isCloseTo(2 * Math.PI, within(1e-9));
    }

    @Test
    void sizeAfterTheWork_thatLeavesNoRoomToForm_isRefused() {
        Curl tip = new Curl("tip", 0.2, 0.9, Turn.LEFT, 0, Optional.empty(), Target.FINISHED);
        Work cross = Work.of("f", "wire", List.of("tip"), new Act.Flatten(0.6, With.CROSS_HAMMER));
        Piece piece = Examples.piece(Examples.copper(1.2), tip).withWork(List.of(cross));

        assertThatThrownBy(() -> work(piece))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("strands.0.elements.0.insideMm");
    }

    /** Strands are worked side by side; which is refused must not depend on which comes first by chance. */
    @Test
    void ofSeveralStrandsWithoutRoom_theFirstIsNamed() {
        Curl tip = new Curl("tip", 0.2, 0.9, Turn.LEFT, 0, Optional.empty(), Target.FINISHED);
        List<Strand> strands = new ArrayList<>();
        List<Work> works = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            String id = "wire-" + i;
            strands.add(Strand.of(id, "", Examples.copper(1.2), List.of(tip)));
            if (i > 0) {
                works.add(Work.of("f" + i, id, List.of("tip"), new Act.Flatten(0.6, With.CROSS_HAMMER)));
            }
        }
        Piece piece = Piece.of("Tips", Purpose.DECORATIVE, strands).withWork(works);

        assertThatThrownBy(() -> StrandWork.all(piece))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("strands.1.elements.0.insideMm");
    }

    /** Open spirals grow, curls and rings open under the hammer, and closing again brings the inside back. */
    @Test
    void hammering_opens_andReclosingClosesAgain() {
        Work close = Work.of("close", "wire", List.of(), new Act.Reclose());
        List<Element> forms = List.of(Loop.of("form", 12, Turn.LEFT), Coil.of("form", 17, 2, Turn.LEFT));
        for (Element form : forms) {
            Piece piece = Examples.piece(Examples.copper(1.2), form);
            Work flat = flatten(1.0, "form", "forming");
            double formed = work(piece).finished().lengthMm();
            StrandWork hammered = work(piece.withWork(List.of(flat)));
            StrandWork closed = work(piece.withWork(List.of(flat, close)));

            assertThat(hammered.finished().lengthMm()).isGreaterThan(1.01 * formed);
            assertThat(closed.finished().lengthMm())
                    .isCloseTo(hammered.finished().lengthMm(), Percentage.withPercentage(1e-6));
            assertThat(closed.finished().runs().get(0).now().turnRad())
                    .isGreaterThan(hammered.finished().runs().get(0).now().turnRad() + 0.02);
            assertThat(closed.reading("form").strain())
                    .isGreaterThan(hammered.reading("form").strain());
        }
    }

    /** Rings: the inside grows with the length of wire less what the wire widens, so many sizes for so much thinning. */
    @Test
    void ring_goesUpWithThinning() {
        Piece ring = Examples.piece(Examples.copper(1.6), Coil.of("band", 17, 1, Turn.LEFT));
        double last = 17;
        for (double to : new double[] {1.5, 1.4, 1.3}) {
            StrandWork thinner = work(ring.withWork(List.of(flatten(to, "band", "forming"))));
            double radius = thinner.finished().runs().get(0).now().lengthMm() / (2 * Math.PI);
            double inside =
                    2 * radius - thinner.finished().runs().get(0).section().inPlaneMm();
            assertThat(inside).isGreaterThan(last - 0.06);
            last = inside;
        }
        assertThat(last).isBetween(17.15, 17.5);
    }

    /** Straightening takes the bend out and leaves what it did. */
    @Test
    void straightening_takesTheBendOut_notItsStrain() {
        Work straighten = Work.of("s", "wire", List.of("bend"), new Act.Straighten(1));
        StrandWork done = work(bend(Examples.copper(1), straighten));

        assertThat(done.finished().of("bend").get(0).now().turnRad()).isZero();
        assertThat(done.reading("bend").strain()).isGreaterThan(1.5 * strain(bend(Examples.copper(1)), "bend"));
    }

    /** The two schools: ends hammered first cost more force to bend and are strained more where they are bent. */
    @Test
    void hammeredFirst_costsMoreForce_andStrainsMore() {
        Wire wire = Examples.copper(1.6);
        StrandWork first = work(bend(wire, flatten(1.1, "bend", "start")));
        StrandWork last = work(bend(wire, flatten(1.1, "bend", "forming")));

        assertThat(first.reading("bend").toolMomentNmm())
                .isGreaterThan(1.5 * last.reading("bend").toolMomentNmm());
        assertThat(first.reading("bend").strain())
                .isGreaterThan(last.reading("bend").strain());
        assertThat(first.finished().insideMm("bend").orElseThrow()).isCloseTo(7, within(1e-9));
        assertThat(first.netMm()).isLessThan(last.netMm());
    }

    /** Passes saturate: the tenth adds less than the first, and none of them without end (engineering estimate). */
    @ParameterizedTest
    @EnumSource(Hardening.class)
    void passes_saturate(Hardening verb) {
        assertThat(verb.strain(1)).isBetween(0.015, 0.08);
        assertThat(verb.strain(10) - verb.strain(9)).isLessThan(verb.strain(1));
        assertThat(verb.strain(1000)).isCloseTo(verb.most(), within(1e-6));
    }

    /** Mallet, jaws and tumbling harden and keep the shape; two hours of tumbling are nearly all there is to have. */
    @Test
    void mallet_andTumbling_hardenAndKeepTheShape() {
        Piece plain = bend(Examples.copper(1));
        Work two = Work.of("t", "wire", List.of(), new Act.Tumble(120));
        Work ten = Work.of("t", "wire", List.of(), new Act.Tumble(600));

        for (Work work : List.of(mallet(6), two)) {
            StrandWork done = work(plain.withWork(List.of(work)));
            assertThat(done.reading("bend").hardnessHv())
                    .isGreaterThan(work(plain).reading("bend").hardnessHv());
            assertThat(done.finished().lengthMm())
                    .isEqualTo(work(plain).finished().lengthMm());
        }
        double early = strain(plain.withWork(List.of(two)), "run");
        double late = strain(plain.withWork(List.of(ten)), "run");
        assertThat(early).isBetween(0.9 * late, late);
        assertThat(late).isBetween(0.01, 0.1);
    }

    /** Source: textbook torsion, mean (2/3)·(d/2)·(θ/L)/√3 over a round section. */
    @Test
    void twist_strainsByItsAngle() {
        Twist twist = new Twist("twist", 20, 5, "itself", 0, Optional.empty(), Target.RELEASED);

        assertThat(strain(Examples.piece(Examples.copper(1), twist), "twist"))
                .isCloseTo(2.0 / 3 * 0.5 * (10 * Math.PI / 20) / Math.sqrt(3), within(1e-9));
    }

    /** Common practice: a closed spiral costs more force and leaves less in half hard than in dead soft. */
    @Test
    void closedSpiral_inHalfHard_costsMoreAndLeavesLess() {
        Element spiral = Spiral.closed("spiral", 4, 0, Turn.LEFT);
        Reading soft = work(Examples.piece(Examples.copper(1), spiral)).reading("spiral");
        Wire half = Wire.ofRound(Metal.COPPER, Temper.HALF_HARD, 1);
        Reading hard = work(Examples.piece(half, spiral)).reading("spiral");

        assertThat(hard.toolMomentNmm()).isGreaterThan(1.15 * soft.toolMomentNmm());
        assertThat(hard.strainLeft()).isLessThan(soft.strainLeft());
        assertThat(hard.temperNow()).isGreaterThanOrEqualTo(TemperNow.HALF_HARD);
    }

    /** Common practice: a hammered attachment loop is hard to open; each opening uses some of it up. */
    @Test
    void hammeredLoop_opensFewerTimes() {
        Loop eye = Loop.thatOpens("eye", 3, Turn.LEFT);
        Piece plain = Examples.piece(Wire.ofRound(Metal.BRASS, Temper.HALF_HARD, 1.2), eye);
        Work open = Work.of("o", "wire", List.of("eye"), new Act.OpenClose(2));

        double fresh = work(plain).reading("eye").opensLeft().orElseThrow();
        double opened =
                work(plain.withWork(List.of(open))).reading("eye").opensLeft().orElseThrow();
        double hammered = work(plain.withWork(List.of(flatten(0.9, "eye", "forming"))))
                .reading("eye")
                .opensLeft()
                .orElseThrow();

        assertThat(opened).isLessThan(fresh);
        assertThat(hammered).isLessThan(0.9 * fresh);
    }

    /** Other sections keep their volume under the hammer and come out as they should: square and flat as rectangles. */
    @Test
    void otherSections_areFlattenedToo() {
        for (WireSection section : List.of(
                new Square(1.2, Optional.empty()),
                new Flat(3, 1.2, Optional.empty()),
                new HalfRound(2.4, 1.2, Optional.empty()))) {
            Wire wire = new Wire(Metal.COPPER, Temper.DEAD_SOFT, Finish.BARE, section);
            StrandWork done = work(bend(wire, flatten(0.8, "run", "forming")));
            Section after = done.finished().of("run").get(0).section();

            assertThat(after).isInstanceOf(section instanceof Square ? Slab.class : Flat.class);
            assertThat(after.thicknessMm()).isEqualTo(0.8);
            assertThat(after.widthMm()).isGreaterThan(section.widthMm());
            assertThat(volume(done.finished())).isCloseTo(volume(done.cut()), Percentage.withPercentage(1e-9));
            assertThat(done.reading("run").strain()).isPositive();
        }
    }

    /** A cross face lengthens, a ball widens (engineering estimates of common practice). */
    @Test
    void facesShareWidthAndLengthDifferently() {
        double[] lengths = new double[3];
        With[] faces = {With.BALL_HAMMER, With.DOMED_HAMMER, With.CROSS_HAMMER};
        for (int i = 0; i < faces.length; i++) {
            Work flat = Work.of("f", "wire", List.of("run"), new Act.Flatten(0.8, faces[i]));
            lengths[i] = work(bend(Examples.copper(1.2), flat)).finished().lengthMm();
        }

        assertThat(lengths).isSorted();
        assertThat(lengths[2]).isGreaterThan(1.02 * lengths[1]);
    }

    /**
     * Common practice, read off the plan's own road: a formed dead-soft 1.25 mm copper hook of 7 mm starts to give near 6 N and holds
     * near 9; flattened at the bend to 0.90 it holds more than twice that.
     */
    @Test
    void hookOnTheWholeRoad_givesAndHoldsAsAtTheBench() {
        Piece plain = bend(Examples.copper(1.25));
        Piece closure = Piece.of("Clasp", Purpose.NECKLACE_CLOSURE, plain.strands());
        Reading formed = work(closure).reading("bend");
        Reading flat =
                work(closure.withWork(List.of(flatten(0.9, "bend", "forming")))).reading("bend");

        assertThat(formed.hold().orElseThrow().startsToGiveN()).isBetween(5.0, 7.0);
        assertThat(formed.hold().orElseThrow().holdsN()).isBetween(8.5, 10.0);
        assertThat(flat.hold().orElseThrow().holdsN())
                .isGreaterThan(2 * formed.hold().orElseThrow().holdsN());
        assertThat(work(closure).reading("run").hold()).isEmpty();
    }
}
