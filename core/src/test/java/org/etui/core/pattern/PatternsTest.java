package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.etui.core.Examples;
import org.etui.core.act.Run;
import org.etui.core.act.Workpiece;
import org.etui.core.check.BadInput;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Head;
import org.etui.core.curve.Knitting;
import org.etui.core.element.Element;
import org.etui.core.mechanics.Bearing;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.etui.core.verify.PieceChecks;
import org.etui.core.wire.Wire;
import org.etui.core.work.StrandWork;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class PatternsTest {
    /** So many settings of every pattern are tried. */
    private static final int SETTINGS = 200;

    /** A tube of a thousand loops takes half a second to plan. */
    private static final int SLOW_SETTINGS = 40;

    private static final Wire AWG_16 = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.29);

    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    /** Strand by strand, and how many wires of each; the forms are those of the trade's descriptions, common practice. */
    @ParameterizedTest
    @CsvSource({
        "hook-clasp, 1 loop straight arc straight curl",
        "wrapped-hook, 1 curl straight arc straight bend loop wrap",
        "s-hook, 1 curl straight arc straight arc straight curl",
        "s-clasp-hammered-first, 1 curl straight arc straight arc straight curl",
        "hook-and-eye-bangle, 1 loop straight bend arc bend straight arc paddle",
        "pressed-bangle, 1 loop straight bend arc bend straight arc paddle",
        "double-scroll-link, 18 spiral straight bend straight arc arc arc straight bend straight spiral"
                + " / 1 loop straight arc straight curl",
        "flat-spiral, 1 spiral loop",
        "spiral-head-pin, 1 spiral bend straight",
        "cone-spiral, 1 spiral",
        "coil, 1 coil",
        "figure-eight, 1 loop bend straight bend loop",
        "turned-figure-eight, 1 loop bend straight bend loop",
        "bow-link, 1 straight bend straight bend straight bend straight bend straight coil"
                + " straight bend straight bend straight bend straight bend straight",
        "chime-hanger, 1 loop straight bend straight bend straight bend straight loop",
        "double-legged-top, 1 curl arc straight straight bend loop bend straight straight arc curl / 1 wrap",
        "jump-ring-set, 1 coil",
        "reverse-spiral-link, 1 loop straight bend straight arc straight bend straight spiral",
        "jig-repeat, 6 loop straight arc straight arc straight arc straight arc straight loop",
        "link-chain, 18 loop straight loop",
        "jump-rings, 20 loop",
        "ear-wire, 2 loop straight arc straight bend straight",
        "spiral-hook-ear-wire, 2 curl arc straight spiral bend straight",
        "spiral-earrings, 2 loop spiral bend straight arc straight",
        "wound-ring, 1 wrap spiral bend straight coil straight bend spiral wrap",
        "pendant-ring, 1 wrap coil wrap",
        "wound-petals, 1 wrap coil wrap",
        "cord-end, 1 straight bend loop wrap",
        "stone-frame, 1 spiral straight bend girth girth girth girth bend straight spiral"
                + " / 1 spiral straight bend girth girth girth girth bend straight spiral"
                + " / 1 spiral straight bend girth girth girth girth bend straight bend loop wrap"
                + " / 1 wrap / 1 wrap / 1 wrap / 1 wrap"
                + " / 1 across across across across across across across across across across across across across",
        "woven-front, 1 across reach girth girth girth girth reach across"
                + " / 1 spiral straight bend girth girth girth girth bend straight spiral"
                + " / 1 straight arc loop straight bend girth girth girth girth bend straight loop arc straight"
                + " / 1 across across reach girth girth girth girth reach across across"
                + " / 1 wrap / 1 wrap / 1 wrap / 1 wrap / 1 wrap / 1 wrap",
        "graded-drops, 1 loop straight paddle / 1 loop straight paddle / 1 loop straight paddle / 1 loop straight paddle"
                + " / 1 loop straight paddle / 1 loop straight paddle / 1 loop straight paddle",
        "paddle-drop, 1 paddle straight straight bend loop wrap",
        "bead-drop, 1 ball straight straight bend loop wrap",
        "capped-point, 1 straight bend across straight across straight across bend straight bend loop wrap"
                + " / 1 straight bend across straight across straight across bend straight / 1 wrap",
        "spiral-cage, 1 spiral bend straight bend arc bend straight bend spiral",
        "wrapped-bead, 1 wrap loop bend straight straight straight bend loop wrap",
        "dimpled-blank, 1 loop",
        "knitted-tube, 1 straight knit straight",
        "pin-stem, 1 straight coil straight / 1 straight",
        "top-drilled-drop, 1 loop bend straight bend straight bend straight bend straight wrap"
    })
    void pattern_isBuiltOfTheExpectedKindsAndStrands(String name, String expected) {
        Piece piece = Patterns.find(name).orElseThrow().usual();

        assertThat(piece.strands().stream()
                        .map(s -> s.count() + " "
                                + s.elements().stream().map(Element::kind).collect(Collectors.joining(" ")))
                        .collect(Collectors.joining(" / ")))
                .isEqualTo(expected);
        assertThat(piece.source().orElseThrow().pattern()).isEqualTo(name);
    }

    @Test
    void everyPattern_standsInTheTableOfKinds() throws NoSuchMethodException {
        CsvSource table = PatternsTest.class
                .getDeclaredMethod("pattern_isBuiltOfTheExpectedKindsAndStrands", String.class, String.class)
                .getAnnotation(CsvSource.class);

        assertThat(Patterns.ALL)
                .extracting(Pattern::name)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(Stream.of(table.value())
                        .map(row -> row.substring(0, row.indexOf(',')))
                        .toList());
    }

    /** The rule of 3.3 as an integral along the drawn centre line, by Hipparchus quadrature, curvature from its heading. */
    @ParameterizedTest
    @MethodSource("patterns")
    void netLength_isTheQuadratureOfTheRuleAlongItsOwnCentreLine(Pattern pattern) {
        for (StrandWork work : works(pattern.usual())) {
            double t = work.strand().wire().section().inPlaneMm();
            double wire = 0;
            for (Run run : work.finished().runs()) {
                CurvePiece shape = run.shape();
                // A knitted tube is taken as long as its middle line, which its own test sums up.
                wire += shape instanceof Knitting ? shape.lengthMm() : 0;
                boolean element = run.kind() == Run.Kind.ELEMENT && shape.lengthMm() > 0;
                double formed = run.shapeGrowth() > 1 ? run.section().inPlaneMm() : t;
                wire += element && !(shape instanceof Head || shape instanceof Knitting)
                        ? quadrature(shape, formed) / run.shapeGrowth()
                        : 0;
            }

            assertThat(work.netMm()).isCloseTo(wire, within(1e-6 * wire));
        }
    }

    private static double quadrature(CurvePiece piece, double thicknessMm) {
        double h = Math.min(1e-4, piece.lengthMm() / 10);
        return new IterativeLegendreGaussIntegrator(16, 1e-9, 1e-9)
                .integrate(
                        1_000_000,
                        s -> {
                            double at = Math.min(Math.max(s, h), piece.lengthMm() - h);
                            Vector3D before = piece.at(at - h).heading();
                            Vector3D after = piece.at(at + h).heading();
                            double curvature = after.subtract(before).getNorm() / (2 * h);
                            return 1 - Math.pow(curvature * thicknessMm, 2) / 26;
                        },
                        0,
                        piece.lengthMm());
    }

    private static List<StrandWork> works(Piece piece) {
        return StrandWork.all(piece);
    }

    /** Two measures of every pattern, and a piece made larger by them takes more wire. */
    @ParameterizedTest
    @CsvSource({
        "hook-clasp, hookInsideMm, loopInsideMm",
        "wrapped-hook, wraps, loopInsideMm",
        "s-hook, hookSweepDeg, middleMm",
        "hook-and-eye-bangle, eyeInsideMm, paddleMm",
        "pressed-bangle, eyeInsideMm, waveMm",
        "double-scroll-link, scrollMm, gapMm",
        "flat-spiral, turns, loopInsideMm",
        "spiral-head-pin, turns, pinMm",
        "cone-spiral, insideMm, riseMm",
        "coil, mandrelMm, turns",
        "figure-eight, firstInsideMm, neckMm",
        "turned-figure-eight, secondInsideMm, neckMm",
        "jump-rings, insideMm, insideMm",
        "jump-ring-set, insideMm, rings",
        "bow-link, mandrelMm, pitchMm",
        "jig-repeat, pitchMm, rowsMm",
        "pin-stem, spanMm, pointMm",
        "knitted-tube, lengthMm, tailMm",
        "reverse-spiral-link, wideMm, endInsideMm",
        "chime-hanger, footMm, rollInsideMm",
        "double-legged-top, loopInsideMm, beadLengthMm",
        "ear-wire, bowInsideMm, tailMm",
        "spiral-hook-ear-wire, turns, gapMm",
        "spiral-earrings, turns, gapMm",
        "wound-ring, usSize, rosetteTurns",
        "pendant-ring, usSize, roomMm",
        "wound-petals, mandrelMm, tailMm",
        "cord-end, cordMm, turns",
        "stone-frame, lengthMm, neckMm",
        "graded-drops, shortestMm, stepMm",
        "paddle-drop, beadsMm, wraps",
        "bead-drop, stackMm, wraps"
    })
    void largerMeasure_takesMoreWire(String name, String one, String other) {
        Pattern pattern = Patterns.find(name).orElseThrow();
        for (String parameter : List.of(one, other)) {
            double usual = (Double) pattern.parameters().stream()
                    .filter(p -> p.name().equals(parameter))
                    .findFirst()
                    .orElseThrow()
                    .usual();

            assertThat(net(pattern, Map.of(parameter, usual * 1.2))).isGreaterThan(net(pattern, Map.of()));
        }
    }

    /**
     * Each limb may be closed as far as it is wanted: a sweep less by δ takes δ·R less wire, by hand (the rule of 3.3 takes no per mille more off a bend
     * as wide as this).
     */
    @ParameterizedTest
    @CsvSource({"s-hook, hooks, hookInsideMm, 6", "s-clasp-hammered-first, bends, bendInsideMm, 6"})
    void bothLimbs_haveSweepsOfTheirOwn(String name, String which, String inside, double insideMm) {
        Pattern pattern = Patterns.find(name).orElseThrow();
        double t = pattern.usual().strands().get(0).wire().section().thicknessMm();
        double radius = (insideMm + t) / 2;
        double wide = net(pattern, Map.of(which, "each its own", "secondSweepDeg", 200.0, inside, insideMm));
        double less = net(pattern, Map.of(which, "each its own", "secondSweepDeg", 140.0, inside, insideMm));

        assertThat(wide - less).isCloseTo(Math.toRadians(60) * radius, within(0.01 * radius));
        assertThat(net(pattern, Map.of("secondSweepDeg", 140.0)))
                .as("alike, the second sweep is not asked for")
                .isEqualTo(net(pattern, Map.of()));
    }

    /** The beads of a drop sit on its pin between the head and the wrapped neck, whatever the head is: by hand, the stack begins where the head ends. */
    @ParameterizedTest
    @ValueSource(doubles = {1.2, 1.8, 4})
    void beadsOfADrop_sitOnItsPin(double headMm) {
        Plan plan = Planner.plan(
                Patterns.find("bead-drop")
                        .orElseThrow()
                        .make(
                                Map.of("headMm", headMm, "beads", 2, "stackMm", 14.0),
                                Optional.empty(),
                                Optional.empty()),
                PlanOptions.USUAL);
        double head = plan.strands().get(0).drawn().outline().stream()
                .mapToDouble(p -> p[1])
                .min()
                .orElseThrow();
        List<Double> middles = plan.parts().get(0).lines().stream()
                .map(l -> l.points().stream().mapToDouble(p -> p[1]).average().orElseThrow())
                .toList();

        assertThat(middles).hasSize(2);
        assertThat(middles.get(0)).isCloseTo(head + headMm + 3.5, within(0.2));
        assertThat(middles.get(1)).isCloseTo(head + headMm + 10.5, within(0.2));
    }

    /** Common practice: eighteen to twenty links make a bracelet. */
    @Test
    void doubleScrollBracelet_hasEighteenToTwentyLinks() {
        Piece bracelet = Patterns.find("double-scroll-link").orElseThrow().usual();

        assertThat(bracelet.strands().get(0).count()).isBetween(18, 20);
    }

    /** Asked the other way round it comes back: links → gap → links, links → scrolls → links. */
    @ParameterizedTest
    @CsvSource({"folded", "flat", "bent over"})
    void doubleScrollBracelet_worksOutAnyOfTheThree(String form) {
        Pattern pattern = Patterns.find("double-scroll-link").orElseThrow();
        for (int links = 10; links <= 12; links++) {
            Map<String, Object> asked = Map.of("form", form, "links", links, "find", "gap", "scrollMm", 6);
            Piece byGap = pattern.make(asked, Optional.empty(), Optional.empty());
            Workpiece cut = works(byGap).get(0).cut();
            double gap = cut.fromMm("second-scroll") - cut.wireMm("first-scroll");
            Piece again = pattern.make(
                    Map.of("form", form, "gapMm", gap, "scrollMm", 6, "find", "links"),
                    Optional.empty(),
                    Optional.empty());

            assertThat(byGap.strands().get(0).count()).isEqualTo(links);
            assertThat(again.strands().get(0).count()).isBetween(links, links + 1);
        }
        assertThatThrownBy(() -> pattern.make(
                        Map.of("find", "gap", "links", 60, "braceletMm", 100), Optional.empty(), Optional.empty()))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("must be fewer");
    }

    /**
     * A job of the trade: an S-hook from 2 1/2 in of 1.29 mm wire, bent round 8 mm, comes to hooks of 280 to 300 degrees (common practice).
     */
    @ParameterizedTest
    @ValueSource(strings = {"apart", "touching"})
    void sHook_fromTheWireAtHand(String limbs) {
        Piece piece = Patterns.find("s-hook")
                .orElseThrow()
                .makeFrom(Map.of("hookInsideMm", 8, "limbs", limbs), Optional.of(AWG_16), Optional.empty(), 63.5);
        Step together = Planner.plan(piece, PlanOptions.USUAL).steps().stream()
                .filter(s -> s.kind() == Step.Kind.CLOSE)
                .findFirst()
                .orElse(null);

        assertThat((Double) piece.source().orElseThrow().parameters().get("hookSweepDeg"))
                .isBetween(280.0, 300.0);
        assertThat(together != null).isEqualTo(limbs.equals("touching"));
        assertThat(Planner.plan(
                                Patterns.find("s-hook")
                                        .orElseThrow()
                                        .make(Map.of("hookSweepDeg", 320), Optional.empty(), Optional.empty()),
                                PlanOptions.USUAL)
                        .strands())
                .hasSize(1);
    }

    /** Asked by the wire at hand a pattern cuts no more than there is, and a little more wire would be needed for more of it. */
    @ParameterizedTest
    @MethodSource("patterns")
    void wireAtHand_isUsedUpAndNotOverrun(Pattern pattern) {
        double usual = cutMm(pattern, pattern.usual());
        for (double share : new double[] {1, 1.2, 1.45}) {
            double atHand = share * usual;
            Piece piece = pattern.makeFrom(Map.of(), Optional.empty(), Optional.empty(), atHand);
            double cut = cutMm(pattern, piece);
            Map<String, Object> made = piece.source().orElseThrow().parameters();
            Parameter free = pattern.parameters().stream()
                    .filter(Parameter::free)
                    .filter(p -> !made.get(p.name()).equals(p.usual()) || share == 1)
                    .findFirst()
                    .orElseThrow();
            double value = (Double) made.get(free.name());

            assertThat(cut).as(free.name()).isLessThanOrEqualTo(atHand + 1e-6);
            double step =
                    free.whole() ? 1 : Map.of("degrees", 1.0, "turns", 0.05).getOrDefault(free.unit(), 0.1);
            if (value + step <= free.to().orElseThrow()) {
                Map<String, Object> more = new HashMap<>(made);
                more.put(free.name(), value + step);
                assertThat(cutMm(pattern, pattern.make(more, Optional.empty(), Optional.empty())))
                        .as(free.name() + " a step more")
                        .isGreaterThan(atHand);
            }
        }
    }

    /** Where even the least takes more, the message says how much, and that much does. */
    @ParameterizedTest
    @MethodSource("patterns")
    void tooLittleWire_saysWhatLacks(Pattern pattern) {
        BadInput lacks = Assertions.catchThrowableOfType(
                BadInput.class, () -> pattern.makeFrom(Map.of(), Optional.empty(), Optional.empty(), 3));
        Matcher least = java.util.regex.Pattern.compile("at least ([\\d.]+) mm, ([\\d.]+) mm more")
                .matcher(lacks.getMessage());

        assertThat(lacks.violations().get(0).path()).isEqualTo("wireMm");
        assertThat(least.find()).isTrue();
        assertThat(Double.parseDouble(least.group(1)) - Double.parseDouble(least.group(2)))
                .isCloseTo(3, within(0.11));
        double enough = Double.parseDouble(least.group(1)) + 0.05;
        assertThat(cutMm(pattern, pattern.makeFrom(Map.of(), Optional.empty(), Optional.empty(), enough)))
                .isLessThanOrEqualTo(enough + 1e-6);
    }

    private static double net(Pattern pattern, Map<String, Object> values) {
        Piece piece = pattern.make(values, Optional.empty(), Optional.empty());
        return works(piece).stream().mapToDouble(StrandWork::netMm).sum();
    }

    private static double cutMm(Pattern pattern, Piece piece) {
        return works(piece).stream()
                .filter(w -> w.strand().wire().equals(pattern.wire()))
                .mapToDouble(w -> w.strand().count() * w.cutMm())
                .sum();
    }

    /** Any measures within the limits, in any wire of the trade, make a piece that can be planned. */
    @ParameterizedTest
    @MethodSource("patterns")
    void measuresWithinTheLimits_canAlwaysBePlanned(Pattern pattern) {
        Random random = new Random(17);
        int settings = pattern.name().equals("knitted-tube") ? SLOW_SETTINGS : SETTINGS;
        for (int i = 0; i < settings; i++) {
            Map<String, Object> values = new HashMap<>();
            for (Parameter p : pattern.parameters()) {
                if (p.choices().isPresent()) {
                    values.put(
                            p.name(),
                            p.choices()
                                    .get()
                                    .get(random.nextInt(p.choices().get().size())));
                } else if (p.unit().equals("points")) {
                    double wide = 6 + 20 * random.nextDouble();
                    values.put(p.name(), "0 " + 1.4 * wide + ", " + -wide + " 1, -3 " + -wide + ", " + wide + " 0");
                } else {
                    double from = p.from().orElseThrow();
                    double value = from + random.nextDouble() * (p.to().orElseThrow() - from);
                    values.put(p.name(), p.whole() ? Math.rint(value) : value);
                }
            }
            Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.3 + 2.5 * random.nextDouble());
            values.replace("find", "links");
            values.replace("sizedBy", "wire", "turns");
            Piece piece = pattern.make(values, Optional.of(wire), Optional.of(Purpose.DECORATIVE));

            assertThat(PieceChecks.of(piece)).isEmpty();
            assertThat(Planner.plan(piece, PlanOptions.USUAL)
                            .strands()
                            .get(0)
                            .amount()
                            .netLengthMm())
                    .isPositive();
        }
    }

    @Test
    void unknownAndImpossibleMeasures_areRefusedTogether() {
        Pattern hook = Patterns.find("hook-clasp").orElseThrow();

        assertThatThrownBy(() ->
                        hook.make(Map.of("hookInsideMm", -1.0, "colour", "red"), Optional.empty(), Optional.empty()))
                .isInstanceOfSatisfying(BadInput.class, bad -> {
                    assertThat(bad.violations()).hasSize(2);
                    assertThat(bad.getMessage()).contains("-1.0", "1 to 60 mm", "colour");
                });
    }

    @Test
    void curlsInward_turnTheSameWayAsTheirHook() {
        Pattern hook = Patterns.find("s-hook").orElseThrow();
        double outward = Examples.planned(hook.usual()).drawn().finished().widthMm();
        Piece inward = hook.make(Map.of("curls", "inward"), Optional.empty(), Optional.empty());

        assertThat(Examples.planned(inward).drawn().finished().widthMm()).isNotEqualTo(outward);
        assertThatThrownBy(() -> hook.make(Map.of("curls", "sideways"), Optional.empty(), Optional.empty()))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("outward, inward");
    }

    /** Common practice: the end of a bail is wound round its neck, so that it cannot open; then it holds what a pendant wants. */
    @Test
    void bailOfAPendant_isClosed_andHoldsWhatAPendantWants() {
        Plan plan = Planner.plan(Patterns.find("stone-frame").orElseThrow().usual(), PlanOptions.USUAL);
        Plan.Strength bail = plan.strands().get(2).elements().stream()
                .filter(e -> e.id().equals("bail"))
                .findFirst()
                .orElseThrow()
                .strength();

        assertThat(bail.fails()).contains(Bearing.Fails.YIELDS);
        assertThat(bail.holdN().orElseThrow()).isGreaterThan(2 * bail.wantsN().orElseThrow());
        assertThat(plan.advice()).isEmpty();
    }
}
