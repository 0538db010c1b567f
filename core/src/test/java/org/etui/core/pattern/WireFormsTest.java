package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.act.Run;
import org.etui.core.act.Workpiece;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.etui.core.work.StrandWork;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Links, hangers and tops of one wire: that they come out as they are asked for, by hand. */
class WireFormsTest {
    private static Piece make(String pattern, Map<String, Object> measures) {
        return Patterns.find(pattern).orElseThrow().make(measures, Optional.empty(), Optional.empty());
    }

    private static StrandWork work(Piece piece) {
        return StrandWork.of(piece, piece.strands().get(0));
    }

    /** The middle of a round that is closed: of all its points. */
    private static Vector3D middle(List<Vector3D> round) {
        return round.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / round.size());
    }

    private static double netMm(Piece piece, String element) {
        return work(piece).finished().runs().stream()
                .filter(r -> r.element().equals(element))
                .mapToDouble(r -> r.wireMm())
                .sum();
    }

    /** With bent necks each loop sits on the line of its neck, half of it to either side (common practice); the second may stand square to the first. */
    @ParameterizedTest
    @ValueSource(strings = {"figure-eight", "turned-figure-eight"})
    void loopsOfAFigureEight_sitOnTheLineOfTheirNeck(String name) {
        for (double inside : new double[] {2, 4, 9}) {
            StrandWork work = work(make(name, Map.of("firstInsideMm", inside, "secondInsideMm", 1.5 * inside)));
            List<Vector3D> neck = Examples.points(work, "neck");
            Vector3D along = neck.get(neck.size() - 1).subtract(neck.get(0)).normalize();
            for (String loop : List.of("first-loop", "second-loop")) {
                Vector3D middle = middle(Examples.points(work, loop)).subtract(neck.get(0));
                Vector3D aside = middle.subtract(along.scalarMultiply(middle.dotProduct(along)));

                assertThat(aside.getNorm()).as(loop + " of " + inside).isLessThan(0.05);
            }
        }
    }

    /** Beside its line, as before: each bent neck takes an arc of φ · ρ more, by hand ρ = (0.5 + t)/2 and cos φ = ρ/(R + ρ). */
    @Test
    void bentNecks_takeTheirArcsMore() {
        double t = 1.024;
        double rho = (0.5 + t) / 2;
        double phi = Math.acos(rho / ((4 + t) / 2 + rho));
        Piece bent = make("figure-eight", Map.of());

        assertThat(netMm(bent, "first-corner")).isCloseTo(phi * rho * (1 - t * t / rho / rho / 26), within(0.01));
        assertThat(netMm(bent, "first-loop"))
                .isEqualTo(netMm(make("figure-eight", Map.of("loops", "beside it")), "first-loop"));
    }

    /** Common practice: both loops are rolled from their ends towards the bent neck, also where one mark stands for corner and loop. */
    @Test
    void bothLoopsOfAFigureEight_areRolledFromTheirEnds() {
        List<Step> loops = Planner.plan(make("figure-eight", Map.of()), PlanOptions.USUAL).steps().stream()
                .filter(s -> s.title().endsWith("loop"))
                .toList();

        assertThat(loops).hasSize(2).allSatisfy(s -> assertThat(s.text()).startsWith("Start at the very end"));
        assertThat(loops.get(1).text()).contains("Stop just past the mark");
    }

    /**
     * The triangle by trigonometry: as wide as asked, as high as half the foot over the tangent of half the point, less what its rounded corners take off;
     * the rolled ends a gap apart.
     */
    @ParameterizedTest
    @ValueSource(doubles = {50, 70, 100})
    void chimeHanger_isTheTriangleAskedFor(double pointDeg) {
        double gap = 1.4;
        StrandWork work = work(
                make("chime-hanger", Map.of("footMm", 44.0, "pointDeg", pointDeg, "gapMm", gap, "rollInsideMm", 3.0)));
        double t = work.strand().wire().section().thicknessMm();
        List<Vector3D> foot = Examples.points(work, "first-foot");
        Vector3D along = foot.get(0).subtract(foot.get(foot.size() - 1)).normalize();
        Vector3D up = work.line().pieces().get(0).start().left();
        List<Vector3D> all = work.strand().elements().stream()
                .flatMap(e -> Examples.points(work, e.id()).stream())
                .toList();
        double rho = (1 + t) / 2;
        double half = Math.toRadians(pointDeg / 2);
        double base = Math.PI / 2 - half;
        double feet = 44 - t - 2 * rho + 2 * rho / Math.tan(base / 2);
        double high = feet / 2 / Math.tan(half) - rho * (1 / Math.sin(half) - 1);

        assertThat(spread(all, along) + t).isCloseTo(44, within(0.05));
        assertThat(spread(all, up)).isCloseTo(high, within(0.05));
        double first = Examples.points(work, "first-roll").stream()
                .mapToDouble(p -> p.dotProduct(along))
                .max()
                .orElseThrow();
        double second = Examples.points(work, "second-roll").stream()
                .mapToDouble(p -> p.dotProduct(along))
                .min()
                .orElseThrow();
        assertThat(second - first - t).isCloseTo(gap, within(0.05));
    }

    private static double spread(List<Vector3D> points, Vector3D along) {
        double most =
                points.stream().mapToDouble(p -> p.dotProduct(along)).max().orElseThrow();
        return most
                - points.stream().mapToDouble(p -> p.dotProduct(along)).min().orElseThrow();
    }

    /** Points at equal pitch, and both ends against the coil: between touching it and half a wire off, whatever the pitch and the angle. */
    @ParameterizedTest
    @ValueSource(doubles = {35, 45, 70})
    void bowLink_hasItsPointsAtEqualPitch_andItsEndsAtTheCoil(double pointDeg) {
        Piece piece = make("bow-link", Map.of("pointDeg", pointDeg, "pitchMm", 6.0, "points", 3));
        StrandWork work = work(piece);
        double t = work.strand().wire().section().thicknessMm();
        Vector3D leg = direction(Examples.points(work, "right-leg-1"));
        // Square to the coil: between a leg out and the same way back.
        Vector3D level =
                leg.subtract(direction(Examples.points(work, "right-leg-2"))).normalize();
        Vector3D down =
                leg.subtract(level.scalarMultiply(leg.dotProduct(level))).normalize();
        List<Double> points = Stream.of("right-corner-2", "right-corner-4", "right-corner-6")
                .map(c -> middle(Examples.points(work, c)).dotProduct(down))
                .toList();

        assertThat(points.get(1) - points.get(0)).isCloseTo(6, within(0.05));
        assertThat(points.get(2) - points.get(1)).isCloseTo(6, within(0.05));
        assertThat(Math.toDegrees(Math.acos(leg.dotProduct(level)))).isCloseTo(pointDeg / 2, within(0.2));
        for (String end : List.of("left-leg-6", "right-leg-6")) {
            List<Vector3D> last = Examples.points(work, end);
            Vector3D tip = end.startsWith("left") ? last.get(0) : last.get(last.size() - 1);
            Vector3D coil = middle(Examples.points(work, "coil"));
            double off = Math.abs(tip.subtract(coil).dotProduct(level)) - (3 + 2 * t) / 2;

            assertThat(off).as(end).isBetween(-0.1 * t, 0.5 * t);
        }
        assertThat(Planner.plan(piece, PlanOptions.USUAL).clashes()).isEmpty();
    }

    private static Vector3D direction(List<Vector3D> straight) {
        return straight.get(straight.size() - 1).subtract(straight.get(0)).normalize();
    }

    /** Both legs lie against each other under the loop, from stem to bead; the bead goes on over both, before a curl or hook is bent. */
    @Test
    void doubleLeggedTop_hasItsLegsTogether_andItsBeadOnBoth() {
        Piece piece = make("double-legged-top", Map.of());
        StrandWork work = work(piece);
        double t = work.strand().wire().section().thicknessMm();
        List<Vector3D> other = Examples.points(work, "second-leg");
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);
        List<String> titles = plan.steps().stream().map(Step::title).toList();

        assertThat(Examples.points(work, "first-leg"))
                .allSatisfy(p -> assertThat(other.stream()
                                .mapToDouble(q -> Vector3D.distance(p, q))
                                .min()
                                .orElseThrow())
                        .isCloseTo(t, within(0.03)));
        assertThat(titles)
                .containsSubsequence(
                        "Form the loop", "Wind the lashing round the top", "Put on the bead", "Form the first curl");
        assertThat(plan.steps().get(titles.indexOf("Put on the bead")).text())
                .contains("onto the first leg and the second leg");
    }

    /**
     * By hand: 20 rings of 4 mm inside in 1.024 mm wire, 0.3 mm lost at each cut, are wound on 4 + 0.3/π; a ring's way round less the cut is π(4 + 1.024).
     * One turn more is wound for the two ends, and the card gives 20.
     */
    @Test
    void jumpRingsOffACoil_closeToTheirSize() {
        Piece piece = make("jump-ring-set", Map.of("rings", 20, "insideMm", 4.0, "kerfMm", 0.3));
        Element coil = piece.strands().get(0).elements().get(0);
        double wound = coil.woundInsideMm().orElseThrow();
        double t = piece.strands().get(0).wire().section().thicknessMm();
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);

        assertThat(Math.PI * (wound + t) - 0.3).isCloseTo(Math.PI * (4 + t), within(1e-9));
        assertThat(((Coil) coil).turns()).isEqualTo(21);
        assertThat(plan.steps())
                .anySatisfy(s -> assertThat(s.title() + s.text()).contains("Cut apart the coil", "It gives 20 rings"));
        assertThat(netMm(piece, "coil")).isCloseTo(21 * Math.PI * (wound + t), within(1.5));
    }

    /** Asked by the wire at hand, a set is as many rings as that gives: by hand, 500 mm over 15.7 mm and a cut is 30 turns, 29 rings and the ends. */
    @Test
    void jumpRingsOffACoil_areAsManyAsTheWireGives() {
        Piece piece = Patterns.find("jump-ring-set")
                .orElseThrow()
                .makeFrom(Map.of("insideMm", 4.0, "kerfMm", 0.3), Optional.empty(), Optional.empty(), 500);
        double turn = Math.PI * (4 + 1.024) + 0.3;

        assertThat((Double) piece.source().orElseThrow().parameters().get("rings"))
                .isBetween(Math.floor(500 / turn) - 2, Math.ceil(500 / turn) - 1);
    }

    /**
     * The body of a bangle pressed into a wave is as long as the wave: Hipparchus quadrature of √(R² + z′²) round 210 mm inside, less a gap of 9 mm, with
     * z = h/2 · (1 − cos), and by the rule of 3.3 a little less wire than that.
     */
    @ParameterizedTest
    @ValueSource(doubles = {1, 3, 5})
    void wavyBody_isAsLongAsItsWave(double heightMm) {
        double t = 1.628;
        double radius = (210 / Math.PI + t) / 2;
        double sweep = 2 * Math.PI - 9 / radius;
        double climb = heightMm * Math.PI * 12 / sweep;
        double wave = new IterativeLegendreGaussIntegrator(32, 1e-10, 1e-10)
                .integrate(1_000_000, a -> Math.hypot(radius, climb * Math.sin(24 * Math.PI * a / sweep)), 0, sweep);
        Piece wavy = make("pressed-bangle", Map.of("waves", 12, "waveMm", heightMm));

        assertThat(netMm(wavy, "body")).isBetween(0.985 * wave, wave);
        assertThat(netMm(wavy, "body")).isGreaterThan(netMm(make("pressed-bangle", Map.of("dies", "plain")), "body"));
        assertThat(Planner.plan(wavy, PlanOptions.USUAL).clashes()).isEmpty();
        String text = Planner.plan(wavy, PlanOptions.USUAL).steps().stream()
                .filter(s -> s.title().equals("Form the body"))
                .map(Step::text)
                .findFirst()
                .orElseThrow();
        double round = 2 * radius * netMm(wavy, "body") / (radius * sweep) - t;
        assertThat(text).contains(String.format(Locale.ROOT, "to about %.1f mm inside", round), "opposite in pairs");
    }

    /** Common practice: between plain dies a bangle gets flatter and wider, and does not grow. */
    @Test
    void bodyPressedFlat_doesNotGrow() {
        Piece piece = make("pressed-bangle", Map.of("dies", "plain", "pressedPercent", 75.0));
        Workpiece finished = work(piece).finished();
        List<Run> body = finished.of("body");

        assertThat(body.get(0).section().thicknessMm()).isCloseTo(0.75 * 1.628, within(0.01));
        assertThat(body.get(0).section().widthMm()).isGreaterThan(1.7);
        assertThat(finished.insideMm("body").orElseThrow()).isBetween(0.99 * 210 / Math.PI, 1.001 * 210 / Math.PI);
    }

    /**
     * A leaf as wide as asked, its sides at the angle of the point (plane geometry); its filling lies inside the outline, a wire and the gap away from it, and
     * is as long as a spiral of that pitch from its rim to the middle, by hand about the area over the pitch: π·R²/p.
     */
    @ParameterizedTest
    @ValueSource(doubles = {45, 60, 85})
    void reverseSpiral_fillsItsLeaf(double pointDeg) {
        double gap = 0.4;
        Piece piece = make("reverse-spiral-link", Map.of("wideMm", 20.0, "pointDeg", pointDeg, "gapMm", gap));
        StrandWork work = work(piece);
        double t = work.strand().wire().section().thicknessMm();
        double inner = (20 - t) / 2 - t - gap;
        List<Vector3D> outline = Examples.points(work, "outline");
        Vector3D first = direction(Examples.points(work, "first-side"));
        Vector3D second = direction(Examples.points(work, "second-side"));
        Vector3D across = first.subtract(second).normalize();
        Vector3D level = first.add(second).normalize();
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);
        Step filling = plan.steps().stream()
                .filter(s -> s.title().equals("Form the filling"))
                .findFirst()
                .orElseThrow();

        assertThat(Math.max(spread(outline, level), spread(outline, across)) + t)
                .isCloseTo(20, within(0.05));
        assertThat(Math.toDegrees(Vector3D.angle(first, second.negate()))).isCloseTo(pointDeg, within(0.1));
        assertThat(netMm(piece, "filling")).isCloseTo(Math.PI * inner * inner / (t + gap), within(0.06 * 200));
        assertThat(Examples.points(work, "filling"))
                .allSatisfy(p -> assertThat(outline.stream()
                                .mapToDouble(q -> Vector3D.distance(p, q))
                                .min()
                                .orElseThrow())
                        .isGreaterThan(0.98 * t));
        assertThat(plan.clashes()).isEmpty();
        assertThat(filling.text()).contains("inside the outline", "until the middle is closed");
        assertThat(plan.steps().stream().map(Step::title).toList())
                .containsSubsequence("Form the outline", "Form the point", "Form the filling", "Form the eye");
    }

    /** It hangs by what is asked for: the bail stands square to the leaf, the eye and the hook lie in it. */
    @ParameterizedTest
    @CsvSource({"bail, bail, 90", "eye, eye, 0", "hook, hook, 0"})
    void reverseSpiral_hangsByWhatIsAskedFor(String end, String element, double squareDeg) {
        StrandWork work = work(make("reverse-spiral-link", Map.of("end", end)));

        assertThat(Math.toDegrees(between(normal(work, element), normal(work, "outline"))))
                .isCloseTo(squareDeg, within(0.1));
    }

    private static Vector3D normal(StrandWork work, String element) {
        List<Vector3D> points = Examples.points(work, element);
        Vector3D from = points.get(0);
        return points.get(points.size() / 4)
                .subtract(from)
                .crossProduct(points.get(points.size() / 2).subtract(from))
                .normalize();
    }

    private static double between(Vector3D one, Vector3D other) {
        return Math.acos(Math.min(1, Math.abs(one.dotProduct(other))));
    }
}
