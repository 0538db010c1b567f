package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.etui.core.Examples;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.CGAlgorithms3D;
import org.locationtech.jts.geom.Coordinate;

/** Where wire lies by its seat, against elementary geometry and JTS distances. */
class SeatsTest {
    private static final double TOUCHES_MM = 0.05;
    private static final int WOVEN_VARIATIONS = 200;
    private static final int VARIATIONS = 1000;
    private static final PlanOptions BRIEF = new PlanOptions(PlanOptions.States.NONE, new LengthFormat(Units.MM));

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, BRIEF);
    }

    private static Part stone(Body body) {
        return Part.of("stone", PartKind.STONE, "agate", 20, Optional.empty()).withBody(body);
    }

    private static Strand round(String id, double wireMm, Outline outline, double heightMm, int slot, Turn turn) {
        return Strand.of(
                id,
                "",
                Examples.copper(wireMm),
                List.of(
                        Straight.of("tail", 6),
                        Girth.of("girth", outline, 0, 1, turn).on("stone", heightMm, slot)));
    }

    private static List<double[]> points(Plan plan, String strand, String element) {
        Plan.StrandPlan of = plan.strands().stream()
                .filter(s -> s.id().equals(strand))
                .findFirst()
                .orElseThrow();
        Plan.Along along = of.elements().stream()
                .filter(e -> e.id().equals(element))
                .findFirst()
                .orElseThrow()
                .along();
        return of.drawn().outline().stream()
                .filter(p -> p[3] >= along.fromMm() - 1e-9 && p[3] <= along.toMm() + 1e-9)
                .toList();
    }

    /** A wrap at the beginning of a wire is the one at its end seen from behind: of one length (mirror symmetry). */
    @ParameterizedTest
    @ValueSource(doubles = {0.6, 1, 1.6})
    void wrapAtTheBeginning_isLaidAsOneAtTheEnd(double wireMm) {
        Piece bead = Patterns.find("wrapped-bead")
                .orElseThrow()
                .make(Map.of(), Optional.of(Examples.copper(wireMm)), Optional.empty());
        StrandWork work = StrandWork.of(bead, bead.strands().get(0));

        assertThat(wireMm(work, "first-wrap")).isCloseTo(wireMm(work, "second-wrap"), within(1e-6));
    }

    private static double wireMm(StrandWork work, String element) {
        return work.finished().runs().stream()
                .filter(r -> r.element().equals(element))
                .mapToDouble(r -> r.wireMm())
                .sum();
    }

    /** A wire that begins with a wrap still lies round its stone: half a wire off a round of 20 mm (elementary geometry). */
    @Test
    void wireThatBeginsWithAWrap_staysOnItsStone() {
        Body round = new Body.Slab(new Outline.Round(20), 3, 0, Optional.empty());
        Strand frame = Strand.of(
                "frame",
                "",
                Examples.copper(0.8),
                List.of(
                        Wrap.of("wrap", Wrap.Core.ofStem(0.8), 2, Turn.LEFT).round(List.of("frame.neck"), 0.5),
                        Loop.of("loop", 3, Turn.LEFT),
                        Straight.of("neck", 8),
                        Girth.of("girth", new Outline.Round(20), 0, 1, Turn.LEFT)
                                .on("stone", 0.5, 0)));
        Piece piece = Piece.of("Held", Purpose.PENDANT, List.of(frame)).withParts(List.of(stone(round)), List.of());

        for (double[] p : points(plan(piece), "frame", "girth")) {
            assertThat(Math.hypot(p[0], p[1])).isCloseTo(10.4, within(0.02));
        }
    }

    /** Round a hemisphere every middle is half a wire off the sphere, and neighbours touch: elementary geometry. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 1.5, 4})
    void bundleOnASphere_touchesItAndItself(double heightMm) {
        double radius = 12;
        double wire = 0.8;
        Solid half = new Solid(new Body.Cabochon(new Outline.Round(2 * radius), radius, 0, 2, Optional.empty()));
        List<Solid.Lie> lies = new ArrayList<>();
        for (int slot = 0; slot < 6; slot++) {
            lies.add(half.lie(heightMm, slot, wire / 2, wire));
        }

        for (Solid.Lie lie : lies) {
            double out = radius * lie.scale() + lie.outMm();
            assertThat(Math.hypot(out, lie.zMm())).isCloseTo(radius + wire / 2, within(2e-3));
        }
        for (int i = 1; i < lies.size(); i++) {
            double out = radius * (lies.get(i).scale() - lies.get(i - 1).scale());
            double up = lies.get(i).zMm() - lies.get(i - 1).zMm();
            assertThat(Math.hypot(out, up)).isCloseTo(wire, within(1e-3));
            assertThat(lies.get(i).scale()).isLessThan(lies.get(i - 1).scale());
        }
    }

    /** Where the side is upright the bundle stands up: each wire one thickness higher, all of one length (elementary geometry). */
    @Test
    void bundleOnAnUprightEdge_standsUp_andGoesOnAboveIt() {
        Solid slab = new Solid(new Body.Slab(new Outline.Oval(24, 16), 3, 0, Optional.empty()));
        for (int slot = 0; slot < 6; slot++) {
            Solid.Lie lie = slab.lie(0.5, slot, 0.5, 1);
            assertThat(lie.zMm()).isCloseTo(0.5 + slot, within(1e-6));
            assertThat(lie.scale()).isCloseTo(1, within(1e-9));
        }
    }

    /** Wire on a dome follows the section at its own height: round a hemisphere of 12 mm at 6 mm it is 2π·√(12.4² − z²) long (Pythagoras). */
    @ParameterizedTest
    @EnumSource(Turn.class)
    void girthOnADome_isAsLongAsItsSection_andLiesAboutTheMiddle(Turn turn) {
        Body dome = new Body.Cabochon(new Outline.Round(24), 12, 0, 2, Optional.empty());
        Piece piece = Piece.of(
                        "Dome", Purpose.DECORATIVE, List.of(round("wire", 0.8, new Outline.Round(24), 6, 0, turn)))
                .withParts(List.of(stone(dome)), List.of());
        Plan plan = plan(piece);
        List<double[]> girth = points(plan, "wire", "girth");
        double z = girth.get(0)[2];
        double radius = Math.sqrt(12.4 * 12.4 - z * z);

        assertThat(z).isCloseTo(6 * 12.4 / 12, within(0.01));
        assertThat(girth).allSatisfy(p -> assertThat(Math.hypot(p[0], p[1])).isCloseTo(radius, within(0.01)));
        assertThat(plan.strands().get(0).elements().get(1).along().lengthMm())
                .isCloseTo(2 * Math.PI * radius, within(0.02 + 0.001 * radius));
        // It begins at the top.
        assertThat(girth.get(0)[1]).isCloseTo(radius, within(0.01));
    }

    /** What is turned and moved is gone round where it lies: the way round is that of JTS, shifted. */
    @Test
    void girth_liesWhereItsPartIs() {
        Outline drop = new Outline.Drop(28, 18, 180);
        Part stone = stone(new Body.Slab(drop, 5, 0, Optional.empty()));
        Part moved = new Part(
                stone.id(),
                stone.kind(),
                "",
                20,
                Optional.empty(),
                1,
                stone.body(),
                new Place(30, -4, 2, 0),
                Optional.empty());
        Piece piece = Piece.of("Drop", Purpose.DECORATIVE, List.of(round("wire", 1, drop, 2, 0, Turn.LEFT)))
                .withParts(List.of(moved), List.of());
        List<double[]> girth = points(plan(piece), "wire", "girth");
        double top = girth.stream().mapToDouble(p -> p[1]).max().orElseThrow();
        double low = girth.stream().mapToDouble(p -> p[1]).min().orElseThrow();

        // Half a wire outside of 28 mm, the middle at −4; the point is below.
        assertThat(top - low).isCloseTo(29, within(0.02));
        assertThat((top + low) / 2).isCloseTo(-4, within(0.02));
        assertThat(girth).allSatisfy(p -> assertThat(p[2]).isCloseTo(4, within(0.01)));
        assertThat(girth.stream().filter(p -> p[1] < low + 1).mapToDouble(p -> Math.abs(p[0] - 30)))
                .allMatch(aside -> aside < 2.5);
    }

    /** Turns round a row, round two on two, and round a stem with its neighbour: 2·w + π·t, 4·t + π·t more, by hull and Steiner. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5})
    void wrapRoundARow_isAsLongAsItsHull(int wires) {
        double t = 0.8;
        double fine = 0.4;
        Outline oval = new Outline.Oval(60, 40);
        List<Strand> strands = new ArrayList<>();
        List<String> hosts = new ArrayList<>();
        for (int i = 0; i < wires; i++) {
            strands.add(round("w" + i, t, oval, 0.4, i, Turn.LEFT));
            hosts.add("w" + i + ".girth");
        }
        strands.add(Strand.of(
                "lash",
                "",
                Examples.copper(fine),
                List.of(Wrap.of("turns", Wrap.Core.ofStem(9), 3, Turn.LEFT).round(hosts, 0.5))));
        Piece piece = Piece.of("Row", Purpose.DECORATIVE, strands)
                .withParts(List.of(stone(new Body.Slab(oval, 10, 0, Optional.empty()))), List.of());
        Plan plan = plan(piece);
        double hull = 2 * (wires - 1) * t + Math.PI * (t + fine);
        double turn = Math.hypot(hull, fine);
        double length = plan.strands().get(wires).elements().get(0).along().lengthMm();

        // Bent wire takes up to (κt)²/26 less than its centre line.
        assertThat(length).isBetween(3 * turn * (1 - Math.pow(fine / 0.6, 2) / 26), 3 * turn + 1e-6);
        assertTouches(plan, "lash", "turns", hosts, t, fine);
        assertThat(plan.clashes()).isEmpty();
    }

    /** Every turn comes within 0.05 mm of touching what it is wound on, and never further into it; distances by JTS. */
    private static void assertTouches(
            Plan plan, String strand, String element, List<String> hosts, double hostMm, double wireMm) {
        List<double[]> turns = points(plan, strand, element);
        double least = Double.POSITIVE_INFINITY;
        double touching = 0;
        for (int i = 1; i < turns.size(); i++) {
            if (at(turns.get(i - 1)).distance3D(at(turns.get(i))) < 1e-9) {
                continue;
            }
            double gap = Double.POSITIVE_INFINITY;
            for (String host : hosts) {
                String id = host.substring(0, host.indexOf('.'));
                List<double[]> line = plan.strands().stream()
                        .filter(s -> s.id().equals(id))
                        .findFirst()
                        .orElseThrow()
                        .drawn()
                        .outline();
                for (int k = 1; k < line.size(); k++) {
                    if (at(line.get(k - 1)).distance3D(at(line.get(k))) < 1e-9) {
                        continue;
                    }
                    gap = Math.min(
                            gap,
                            CGAlgorithms3D.distanceSegmentSegment(
                                    at(turns.get(i - 1)), at(turns.get(i)), at(line.get(k - 1)), at(line.get(k))));
                }
            }
            least = Math.min(least, gap - (hostMm + wireMm) / 2);
            touching += gap - (hostMm + wireMm) / 2 < TOUCHES_MM ? 1 : 0;
        }
        assertThat(least).isBetween(-TOUCHES_MM, TOUCHES_MM);
        assertThat(touching / (turns.size() - 1)).isGreaterThan(0.3);
    }

    private static Coordinate at(double[] p) {
        return new Coordinate(p[0], p[1], p[2]);
    }

    /** A wrap that names hosts which do not lie together stays where it is, with the core that it was told. */
    @Test
    void wrapRoundWhatLiesApart_keepsItsCore() {
        Strand one = Strand.of("one", "", Examples.copper(1), List.of(Straight.of("run", 20)));
        Strand two = Strand.of("two", "", Examples.copper(1), List.of(Straight.of("run", 20)));
        Wrap wrap = Wrap.of("turns", Wrap.Core.ofWires(2, 1), 3, Turn.LEFT).round(List.of("one.run", "two.run"), 0.5);
        Strand lash = Strand.of("lash", "", Examples.copper(0.4), List.of(wrap));
        Plan plan = plan(Piece.of("Two", Purpose.DECORATIVE, List.of(one, two, lash)));
        double turn = Math.hypot(2 * 1 + Math.PI * 1.4, 0.4);

        assertThat(plan.strands().get(2).elements().get(0).along().lengthMm())
                .isBetween(3 * turn * 0.99, 3 * turn + 1e-6);
    }

    /** The axis of turns round one straight wire is that wire. */
    @ParameterizedTest
    @EnumSource(Turn.class)
    void wrapRoundAStem_liesAboutIt(Turn turn) {
        Strand stem = Strand.of("stem", "", Examples.copper(1), List.of(Straight.of("run", 20)));
        Strand lash = Strand.of(
                "lash",
                "",
                Examples.copper(0.4),
                List.of(Wrap.of("turns", Wrap.Core.ofStem(1), 5, turn).round(List.of("stem.run"), 0.25)));
        Plan plan = plan(Piece.of("Stem", Purpose.DECORATIVE, List.of(stem, lash)));
        List<double[]> run = points(plan, "stem", "run");
        Vector3D from = new Vector3D(run.get(0)[0], run.get(0)[1], run.get(0)[2]);
        Vector3D along = new Vector3D(
                        run.get(run.size() - 1)[0], run.get(run.size() - 1)[1], run.get(run.size() - 1)[2])
                .subtract(from)
                .normalize();
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (double[] p : points(plan, "lash", "turns")) {
            Vector3D to = new Vector3D(p[0], p[1], p[2]).subtract(from);
            double x = to.dotProduct(along);
            assertThat(to.subtract(x, along).getNorm()).isCloseTo(0.7, within(1e-6));
            least = Math.min(least, x);
            most = Math.max(most, x);
        }
        assertThat((least + most) / 2).isCloseTo(5, within(1e-6));
        assertThat(most - least).isCloseTo(5 * 0.4, within(1e-6));
        assertThat(plan.clashes()).isEmpty();
    }

    /** Two straights in one place clash, and the plan says which; side by side they only touch. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void twoWiresInOnePlace_areSaid(int slot) {
        Outline oval = new Outline.Oval(24, 16);
        Piece piece = Piece.of(
                        "Two",
                        Purpose.DECORATIVE,
                        List.of(
                                round("one", 0.8, oval, 0.4, 0, Turn.LEFT),
                                round("two", 0.8, oval, 0.4, slot, Turn.LEFT)))
                .withParts(List.of(stone(new Body.Slab(oval, 6, 0, Optional.empty()))), List.of());
        Plan plan = plan(piece);

        if (slot == 0) {
            assertThat(plan.clashes()).isNotEmpty();
            assertThat(plan.clashes().get(0).overlapMm()).isCloseTo(0.8, within(0.02));
            assertThat(plan.advice())
                    .filteredOn(a -> a.rule().equals("clash"))
                    .singleElement()
                    .satisfies(
                            a -> assertThat(a.message()).contains("of the one", "of the two", "0.8 mm in one another"));
            assertThat(plan.clashes()).anyMatch(c -> c.a().equals("one.girth") && c.b().equals("two.girth"));
        } else {
            assertThat(plan.clashes()).isEmpty();
        }
    }

    /** No wrap crosses, floats or is in another wire, for 1,000 seeded frames. */
    @Test
    void frames_haveNoTwoWiresInOnePlace() {
        Pattern pattern = Patterns.find("stone-frame").orElseThrow();
        Random random = new Random(1602);
        for (int i = 0; i < VARIATIONS; i++) {
            Map<String, Object> values = new HashMap<>();
            String outline =
                    List.of("drop", "oval", "round", "rectangle", "shard").get(random.nextInt(5));
            values.put("outline", outline);
            values.put("frameWires", 2 + random.nextInt(4));
            values.put("lashings", 1 + random.nextInt(4));
            values.put("lashTurns", 1 + random.nextInt(6));
            values.put("thicknessMm", 3 + 8 * random.nextDouble());
            values.put("neckMm", 2 + 6 * random.nextDouble());
            values.put("scrollTurns", 0.5 + 3 * random.nextDouble());
            if (outline.equals("round")) {
                values.put("diameterMm", 14 + 20 * random.nextDouble());
            } else {
                values.put("lengthMm", 18 + 30 * random.nextDouble());
                values.put("widthPercent", 40 + 50 * random.nextDouble());
            }
            Piece piece = pattern.make(values, Optional.empty(), Optional.empty());
            List<String> clashes = plan(piece).clashes().stream()
                    .map(c -> c.a() + " " + c.b() + " " + c.overlapMm())
                    .toList();
            assertThat(clashes).as("%d: %s", i, values).isEmpty();
        }
    }

    /** The same for a woven front of one wire over the front; two of them on a steep dome may meet, which the plan then says. */
    @Test
    void wovenFronts_haveNoTwoWiresInOnePlace() {
        Pattern pattern = Patterns.find("woven-front").orElseThrow();
        Random random = new Random(1603);
        for (int i = 0; i < WOVEN_VARIATIONS; i++) {
            Map<String, Object> values = new HashMap<>();
            String outline =
                    List.of("drop", "oval", "round", "rectangle", "shard").get(random.nextInt(5));
            values.put("outline", outline);
            values.put("points", random.nextBoolean() ? "up" : "down");
            values.put("frameWires", 3 + random.nextInt(3));
            values.put("lashings", 1 + random.nextInt(3));
            values.put("lashTurns", 1 + random.nextInt(4));
            values.put("bailWires", random.nextBoolean() ? "2" : "4");
            values.put("thicknessMm", 4 + 4 * random.nextDouble());
            values.put("neckMm", 4 + 4 * random.nextDouble());
            if (outline.equals("round")) {
                values.put("diameterMm", 18 + 14 * random.nextDouble());
            } else {
                values.put("lengthMm", 24 + 20 * random.nextDouble());
                values.put("widthPercent", 55 + 35 * random.nextDouble());
            }
            Piece piece = pattern.make(values, Optional.empty(), Optional.empty());
            List<String> clashes = plan(piece).clashes().stream()
                    .map(c -> c.a() + " " + c.b() + " " + c.overlapMm())
                    .toList();
            assertThat(clashes).as("%d: %s", i, values).isEmpty();
        }
    }

    /** Seats keep the drawn line of a frame's lashings on the bundle: the same turns as the plan of the pattern gives. */
    @Test
    void lashings_touchTheirBundle() {
        Piece piece = Patterns.find("stone-frame").orElseThrow().usual();
        Plan plan = plan(piece);
        double t = piece.strands().get(0).wire().section().inPlaneMm();
        Strand lashing = piece.strand("lashing-2").orElseThrow();
        Wrap wrap = (Wrap) lashing.elements().get(0);

        assertTouches(
                plan,
                "lashing-2",
                wrap.id(),
                wrap.seat().orElseThrow().round(),
                t,
                lashing.wire().section().inPlaneMm());
    }
}
