package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.act.Workpiece;
import org.etui.core.curve.CentreLine;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;
import org.etui.core.pattern.Pattern;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Format;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.rule.Advice;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Cards as somebody at the bench follows them: {@link BenchSimulator} tries every step. The rules are common practice. */
class OrderTest {
    private static final Colour DARK = new Colour(
            Colour.Bath.GEL, 2, 118, 60, Colour.Stop.RED_BROWN, 0.6, Colour.PolishWith.STEEL_WOOL, Colour.Seal.NONE);

    private static List<String> follow(Piece piece) {
        return BenchSimulator.follow(piece, plan(piece).steps());
    }

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    private static List<String> titles(Piece piece) {
        return plan(piece).steps().stream().map(Step::title).toList();
    }

    private static Strand strand(String id, Element... elements) {
        return Strand.of(id, "", Examples.copper(0.8), List.of(elements));
    }

    /** A wrapped loop on a headed run. */
    private static Strand drop(String id) {
        return strand(
                id,
                Straight.of("run", 12),
                Loop.of("loop", 3, Turn.LEFT),
                Wrap.of("wrap", Wrap.Core.ofStem(0.8), 2, Turn.LEFT).rolled(90));
    }

    private static Piece piece(List<Strand> strands, List<Part> parts, List<Join> joins, Optional<Colour> colour) {
        return new Piece(
                Format.ETUI_PIECE,
                1,
                "Put together",
                "",
                Purpose.DECORATIVE,
                Optional.empty(),
                strands,
                parts,
                joins,
                List.of(),
                colour,
                Map.of(),
                java.util.OptionalDouble.empty(),
                List.of(),
                List.of(),
                false);
    }

    private static Part bead(String on, String material) {
        return Part.of("bead", PartKind.BEAD, material, 6, Optional.of(on));
    }

    @ParameterizedTest
    @MethodSource("org.etui.core.pattern.PatternsTest#patterns")
    void everyPattern_canBeFollowed(Pattern pattern) {
        assertThat(follow(pattern.usual())).isEmpty();
        assertThat(plan(pattern.usual()).locks()).isEmpty();
    }

    /** A straight side of a stone asks for no bending: what a step forms is shorter across than along. */
    @ParameterizedTest
    @MethodSource("org.etui.core.pattern.PatternsTest#patterns")
    void whatIsFormed_isNotStraight(Pattern pattern) {
        Piece piece = pattern.usual();
        Map<String, StrandWork> works = new HashMap<>();
        StrandWork.all(piece).forEach(w -> works.put(w.strand().id(), w));
        List<Step> formed = plan(piece).steps().stream()
                .filter(s -> s.kind() == Step.Kind.FORM && s.each().isEmpty())
                .toList();
        for (Step step : formed) {
            StrandWork work = works.get(step.strand());
            String element = step.element().orElseThrow();
            Workpiece now = work.states().get(step.state().orElseThrow()).workpiece();
            boolean twisted = work.strand().element(element).orElseThrow() instanceof Twist;
            assertThat(twisted || turnedDeg(now, element) > 0.5)
                    .as(step.title())
                    .isTrue();
        }
    }

    /** By how much the wire of an element changes its heading between a hundred places, in all. */
    private static double turnedDeg(Workpiece now, String element) {
        CentreLine line = now.centreLine();
        double turned = 0;
        for (int i = 0; i < 100; i++) {
            double from = now.fromMm(element) + now.wireMm(element) * i / 100;
            double to = from + now.wireMm(element) / 100;
            turned += Math.toDegrees(
                    Vector3D.angle(line.atWire(from).heading(), line.atWire(to).heading()));
        }
        return turned;
    }

    /** Rule 2: with a curl at one end and a loop at the other a bead goes on before the one that is bent last. */
    @Test
    void bead_goesOnBeforeTheLastEndIsClosed() {
        Strand wire =
                strand("wire", Curl.of("stop", 1, Turn.LEFT), Straight.of("run", 10), Loop.of("loop", 3, Turn.LEFT));
        Piece curlFirst = piece(List.of(wire), List.of(bead("wire.run", "glass")), List.of(), Optional.empty());
        Piece loopFirst = curlFirst.withStrands(List.of(wire.withOrder(List.of("loop", "stop"))));

        assertThat(titles(curlFirst)).containsSubsequence("Form the stop", "Put on the bead", "Form the loop");
        assertThat(titles(loopFirst)).containsSubsequence("Form the loop", "Put on the bead", "Form the stop");
        assertThat(follow(loopFirst)).isEmpty();
    }

    /** Rule 3: three finished drops are hung in a hanger's closed loops before they close over them. */
    @Test
    void closedEyes_areHungBeforeTheyClose() {
        Strand hanger =
                strand("hanger", Loop.of("left", 2, Turn.LEFT), Straight.of("bar", 20), Loop.of("right", 2, Turn.LEFT));
        Piece hung = piece(
                List.of(hanger, drop("one"), drop("two")),
                List.of(),
                List.of(Join.of("hanger.left", "one.loop"), Join.of("two.loop", "hanger.right")),
                Optional.empty());

        assertThat(titles(hung))
                .containsSubsequence("Hang the left of the hanger in the loop of the one", "Form the wrap");
        assertThat(follow(hung)).isEmpty();
        assertThat(plan(hung).steps())
                .filteredOn(s -> s.kind() == Step.Kind.HANG)
                .hasSize(2)
                .first()
                .satisfies(s -> assertThat(s.about()).containsExactly("hanger.left", "one.loop"));
    }

    /** Rule 3: where one opens, both are made first. */
    @Test
    void loopThatOpens_isOpenedWhenAllIsMade() {
        Piece opened = piece(
                List.of(drop("drop"), strand("ring", Loop.thatOpens("ring", 4, Turn.LEFT))),
                List.of(),
                List.of(Join.of("drop.loop", "ring.ring")),
                Optional.empty());
        List<Step> steps = plan(opened).steps();

        assertThat(steps.get(steps.size() - 2).kind()).isEqualTo(Step.Kind.HANG);
        assertThat(steps.get(steps.size() - 2).text()).contains("sideways");
        assertThat(follow(opened)).isEmpty();
    }

    /** Rule 3: links of a chain that do not open are closed one through the other. */
    @Test
    void chainOfClosedLinks_isClosedLinkByLink() {
        List<Strand> links = new ArrayList<>();
        List<Join> joins = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            links.add(strand(
                    "link-" + i,
                    Loop.of("first", 3, Turn.LEFT),
                    Straight.of("bar", 6),
                    Loop.of("second", 3, Turn.RIGHT)));
            if (i > 0) {
                joins.add(Join.of("link-" + (i - 1) + ".second", "link-" + i + ".first"));
            }
        }
        Piece chain = piece(links, List.of(), joins, Optional.empty());

        assertThat(follow(chain)).isEmpty();
        assertThat(plan(chain).locks()).isEmpty();
    }

    /** Rule 6: glass goes on after the bath, and what closes its wire with it; all else is darkened before. */
    @Test
    void glass_staysOutOfTheBath() {
        Strand wire =
                strand("wire", Curl.of("stop", 1, Turn.LEFT), Straight.of("run", 10), Loop.of("loop", 3, Turn.LEFT));
        Piece glass = piece(List.of(wire), List.of(bead("wire.run", "glass")), List.of(), Optional.of(DARK));
        Piece metal = piece(List.of(wire), List.of(bead("wire.run", "copper")), List.of(), Optional.of(DARK));

        assertThat(titles(glass))
                .containsSubsequence(
                        "Form the stop",
                        "Darken it to red brown",
                        "Polish it back",
                        "Put on the bead",
                        "Form the loop");
        assertThat(titles(metal)).containsSubsequence("Put on the bead", "Form the loop", "Darken it to red brown");
        assertThat(follow(glass)).isEmpty();
        assertThat(dip(glass)).contains("Wire that is bent or wound on later goes in with it");
        assertThat(dip(metal)).doesNotContain("goes in with it");
    }

    private static String dip(Piece piece) {
        List<Step> steps = plan(piece).steps();
        return steps.get(index(steps, s -> s.title().startsWith("Darken"))).text();
    }

    /**
     * Common practice, over random pieces: glass, porous stones, pearls and cords never go into the bath; polishing follows it, sealing is last of what is done
     * to the film, and nothing is tumbled once a stone is in.
     */
    @Test
    void whateverIsShyOfTheBath_goesOnAfterIt() {
        java.util.Random random = new java.util.Random(11);
        String[] materials = {"glass", "pearl", "turquoise", "opal", "agate", "leather", "copper", "sterling silver"};
        for (int i = 0; i < 300; i++) {
            String material = materials[random.nextInt(materials.length)];
            boolean shy = !material.matches("copper|sterling silver");
            Colour.PolishWith tool = Colour.PolishWith.values()[random.nextInt(Colour.PolishWith.values().length)];
            Colour.Seal seal = Colour.Seal.values()[random.nextInt(Colour.Seal.values().length)];
            Colour colour = new Colour(
                    Colour.Bath.GEL,
                    2,
                    118,
                    60,
                    Colour.Stop.values()[random.nextInt(7)],
                    random.nextInt(3) / 2.0,
                    tool,
                    seal);
            Strand wire = strand(
                    "wire",
                    Curl.of("stop", 1 + random.nextDouble(), Turn.LEFT),
                    Straight.of("run", 10 + 5 * random.nextDouble()),
                    Loop.of("loop", 2 + 2 * random.nextDouble(), Turn.LEFT));
            Piece piece = piece(List.of(wire), List.of(bead("wire.run", material)), List.of(), Optional.of(colour));
            List<Step> steps = plan(piece).steps();
            int put = index(steps, s -> s.title().startsWith("Put on"));
            int dip = index(steps, s -> s.title().startsWith("Darken"));
            int polish = index(steps, s -> s.title().startsWith("Polish it back"));
            int sealed = index(steps, s -> s.title().startsWith("Seal"));

            assertThat(dip).as(material).isNotNegative();
            assertThat(put > dip).as("%s after the bath", material).isEqualTo(shy);
            assertThat(polish >= 0).isEqualTo(colour.polishBack() > 0);
            if (polish >= 0) {
                assertThat(polish).isGreaterThan(dip);
                assertThat(sealed < 0 || sealed > polish).isTrue();
                assertThat(shy && put < polish)
                        .as("%s is not polished with the wire", material)
                        .isFalse();
            }
            assertThat(sealed >= 0).isEqualTo(seal != Colour.Seal.NONE);
            assertThat(follow(piece)).isEmpty();
        }
    }

    /**
     * Common practice: what is darkened otherwise than the rest goes into its own bath before it meets the rest; what stays bright goes into none, and sealing
     * comes last of all.
     */
    @Test
    void baths_ofTheirOwn_comeBeforeWhatTheyMeet() {
        Colour black =
                new Colour(Colour.Bath.GEL, 3, 118, 60, Colour.Stop.BLACK, 0.5, Colour.PolishWith.PAD, Colour.Seal.WAX);
        for (List<Optional<Colour>> own : List.of(
                List.of(Optional.of(black), Optional.<Colour>empty()),
                List.of(Optional.of(Colour.BRIGHT), Optional.<Colour>empty()),
                List.of(Optional.<Colour>empty(), Optional.of(Colour.BRIGHT)),
                List.of(Optional.of(black), Optional.of(Colour.BRIGHT)))) {
            Piece piece = piece(
                    List.of(drop("one").withColour(own.get(0)), drop("two").withColour(own.get(1))),
                    List.of(),
                    List.of(Join.of("one.loop", "two.loop")),
                    Optional.of(DARK));
            List<Step> steps = plan(piece).steps();
            List<Integer> dips = IntStream.range(0, steps.size())
                    .filter(i -> steps.get(i).kind() == Step.Kind.BATH
                            && steps.get(i).title().startsWith("Darken"))
                    .boxed()
                    .toList();
            int hang = index(steps, s -> s.kind() == Step.Kind.HANG);
            int sealed = index(steps, s -> s.title().startsWith("Seal"));
            long baths = own.stream()
                    .map(c -> c.or(() -> Optional.of(DARK)).get())
                    .filter(Colour::darkens)
                    .distinct()
                    .count();

            assertThat(dips).as(own.toString()).hasSize((int) baths);
            assertThat(hang).as(own.toString()).isGreaterThan(dips.get(dips.size() - 1));
            for (int dip : dips) {
                assertThat(steps.get(dip).about()).isNotEmpty();
            }
            assertThat(sealed).isEqualTo(own.contains(Optional.of(black)) ? steps.size() - 2 : -1);
            assertThat(follow(piece)).isEmpty();
        }
    }

    /**
     * The same over random pieces of two wires hung in one another, one of them with a bead, each with a bath of its own or none: nothing waits for itself, what
     * is shy goes into no bath, and no bath comes after its wire has met the other, unless both are darkened alike.
     */
    @Test
    void bathsOfTheirOwn_overRandomPieces() {
        java.util.Random random = new java.util.Random(23);
        String[] materials = {"glass", "pearl", "leather", "copper"};
        for (int i = 0; i < 200; i++) {
            String material = materials[random.nextInt(materials.length)];
            List<Optional<Colour>> all = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                Colour.Bath bath = random.nextInt(3) == 0 ? Colour.Bath.NONE : Colour.Bath.GEL;
                Colour own = new Colour(
                        bath,
                        2,
                        118,
                        60,
                        Colour.Stop.values()[random.nextInt(2)],
                        random.nextInt(2),
                        Colour.PolishWith.CLOTH,
                        Colour.Seal.values()[random.nextInt(3)]);
                all.add(random.nextBoolean() ? Optional.of(own) : Optional.empty());
            }
            Strand pin = Strand.of(
                            "pin",
                            "pin",
                            Examples.copper(1),
                            List.of(
                                    Curl.of("stop", 2, Turn.LEFT),
                                    Straight.of("run", 20),
                                    Loop.of("loop", 3, Turn.LEFT)))
                    .withColour(all.get(0));
            Strand other = drop("drop").withColour(all.get(1));
            Piece piece = piece(
                    List.of(pin, other),
                    List.of(bead("pin.run", material)),
                    List.of(Join.of("drop.loop", "pin.loop")),
                    all.get(2));
            List<Step> steps = plan(piece).steps();
            Optional<Colour> a = Dip.colourOf(piece, pin);
            Optional<Colour> b = Dip.colourOf(piece, other);
            int lastBath = IntStream.range(0, steps.size())
                    .filter(k -> steps.get(k).kind() == Step.Kind.BATH)
                    .max()
                    .orElse(-1);
            int hang = index(steps, s -> s.kind() == Step.Kind.HANG);
            int put = index(steps, s -> s.title().startsWith("Put on"));
            int sealed = index(steps, s -> s.title().startsWith("Seal"));

            assertThat(follow(piece)).as(piece.toString()).isEmpty();
            assertThat(plan(piece).locks()).isEmpty();
            assertThat(lastBath >= 0).isEqualTo(a.isPresent() || b.isPresent());
            if (!a.equals(b)) {
                assertThat(hang).isGreaterThan(lastBath);
            }
            if (a.isPresent() && !material.equals("copper")) {
                assertThat(put).isGreaterThan(index(steps, s -> s.kind() == Step.Kind.BATH));
                assertThat(steps.subList(put, steps.size()))
                        .noneMatch(s ->
                                s.kind() == Step.Kind.BATH && s.about().stream().anyMatch(w -> w.startsWith("pin")));
            }
            assertThat(sealed < 0
                            || steps.subList(sealed, steps.size()).stream()
                                    .allMatch(s -> s.title().startsWith("Seal") || s.kind() == Step.Kind.CHECK))
                    .isTrue();
        }
    }

    /** Common practice: a cut that is made when the bath is over is bare, and is darkened with a brush before the piece is sealed. */
    @Test
    void whatIsCutAfterTheBath_isTouchedUp() {
        Strand pin = Strand.of(
                "pin",
                "pin",
                Examples.copper(1),
                List.of(Curl.of("stop", 2, Turn.LEFT), Straight.of("run", 20), Loop.of("loop", 3, Turn.LEFT)));
        List<Step> glass = plan(piece(List.of(pin), List.of(bead("pin.run", "glass")), List.of(), Optional.of(DARK)))
                .steps();
        List<Step> alone = plan(piece(List.of(pin), List.of(), List.of(), Optional.of(DARK)))
                .steps();
        int touch = index(glass, s -> s.title().startsWith("Darken the cut"));

        assertThat(touch).isGreaterThan(index(glass, s -> s.kind() == Step.Kind.TRIM));
        assertThat(glass.get(touch).text()).contains("never near stone, bead or cord");
        assertThat(index(alone, s -> s.title().startsWith("Darken the cut"))).isNegative();
    }

    private static int index(List<Step> steps, java.util.function.Predicate<Step> wanted) {
        for (int i = 0; i < steps.size(); i++) {
            if (wanted.test(steps.get(i))) {
                return i;
            }
        }
        return -1;
    }

    /** What cannot be done is said: two bought rings that are closed, a bead on a wire with a head at both ends. */
    @Test
    void contradictions_nameTheLock() {
        Part ring = Part.of("ring", PartKind.FINDING, "copper", 6, Optional.empty());
        Part other = Part.of("other", PartKind.FINDING, "copper", 6, Optional.empty());
        Piece rings =
                piece(List.of(drop("drop")), List.of(ring, other), List.of(Join.of("ring", "other")), Optional.empty());
        Ball head = new Ball("head", 2, 0, Optional.empty(), Target.RELEASED);
        Ball foot = new Ball("foot", 2, 0, Optional.empty(), Target.RELEASED);
        Piece pin = piece(
                List.of(strand("pin", head, Straight.of("run", 10), foot)),
                List.of(bead("pin.run", "glass")),
                List.of(),
                Optional.empty());

        assertThat(plan(rings).locks()).singleElement().satisfies(l -> {
            assertThat(l.what()).containsExactly("ring", "other");
            assertThat(l.instead()).contains("opens");
        });
        assertThat(plan(rings).advice().get(0).severity()).isEqualTo(Advice.Severity.STOP);
        assertThat(plan(pin).locks())
                .singleElement()
                .satisfies(l -> assertThat(l.what()).contains("bead"));
    }

    /** A bend that is formed can be hammered: what is lashed to its wire was on before it was bent, and does not wait for the hammer. */
    @ParameterizedTest
    @MethodSource("org.etui.core.pattern.PatternsTest#patterns")
    void anyBend_mayBeHammeredWhenItIsFormed(Pattern pattern) {
        Piece piece = pattern.usual();
        for (Strand strand : piece.strands()) {
            double to = 0.9 * strand.wire().section().thicknessMm();
            for (Element bend : strand.elements()) {
                List<Work> works = new ArrayList<>(piece.work());
                works.add(Work.of("hammered", strand.id(), List.of(bend.id()), new Act.Flatten(to, With.DOMED_HAMMER)));
                assertThat(plan(piece.withWork(works)).locks())
                        .as("%s of the %s", bend.label(), strand.title())
                        .allSatisfy(l -> assertThat(l.because()).contains("would strike"));
            }
        }
    }

    /** Steel never meets a bead: hammering comes first, or where the maker wants it afterwards both are named (common practice). */
    @Test
    void hammering_comesBeforeTheBead() {
        Act flat = new Act.Flatten(0.6, With.DOMED_HAMMER);
        Strand stopped =
                strand("drop", Curl.of("stop", 1, Turn.LEFT), Straight.of("run", 12), Loop.of("loop", 3, Turn.LEFT));
        Piece beaded = piece(List.of(stopped), List.of(bead("drop.run", "glass")), List.of(), Optional.empty());
        Work work = Work.of("flat", "drop", List.of("run"), flat);
        Piece first = beaded.withWork(List.of(work.at("start")));
        Piece late = beaded.withWork(List.of(work));

        assertThat(plan(first).locks()).isEmpty();
        assertThat(follow(first)).isEmpty();
        assertThat(titles(first))
                .containsSubsequence("Flatten the straight to 0.60 mm", "Put on the bead", "Form the loop");
        assertThat(plan(late).locks()).singleElement().satisfies(l -> {
            assertThat(l.what()).contains("bead", "drop.run");
            assertThat(l.because()).contains("Flatten the straight", "Put on the bead");
            assertThat(l.instead()).contains("on the straight wire");
        });
    }

    /** A ring is brought up to size on the mandrel before anything hangs in it (common practice). */
    @Test
    void ring_isBroughtUpToSize_beforeADropHangsInIt() {
        Strand ring = strand("ring", Loop.thatOpens("round", 12, Turn.LEFT));
        Piece piece = piece(
                        List.of(ring, drop("drop")),
                        List.of(),
                        List.of(Join.of("ring.round", "drop.loop")),
                        Optional.empty())
                .withWork(List.of(Work.of("size", "ring", List.of("round"), new Act.BringToSize(12.4))));

        assertThat(plan(piece).locks()).isEmpty();
        assertThat(follow(piece)).isEmpty();
        assertThat(titles(piece))
                .containsSubsequence(
                        "Bring the round up to 12.4 mm inside", "Hang the loop of the drop in the round of the ring");
    }

    /** Every element is formed once, whatever parts and joins there are, and every step can be done; 2,000 seeded documents. */
    @Test
    void randomPieces_canBeFollowed() {
        Random random = new Random(1504);
        int locked = 0;
        for (int i = 0; i < 2000; i++) {
            Piece piece = random(random);
            Plan plan = plan(piece);
            List<String> faults = BenchSimulator.follow(piece, plan.steps());
            if (plan.locks().isEmpty()) {
                assertThat(faults)
                        .as(
                                "%d: %s %s %s",
                                i,
                                piece.joins(),
                                piece.work(),
                                plan.steps().stream()
                                        .map(st -> st.kind() + " " + st.title() + " " + st.about())
                                        .toList())
                        .isEmpty();
            } else {
                locked++;
            }
            assertThat(faults).noneMatch(f -> f.contains("formed already"));
        }
        assertThat(locked).isLessThan(200);
    }

    private static Piece random(Random random) {
        List<Strand> strands = new ArrayList<>();
        List<String> eyes = new ArrayList<>();
        List<Part> parts = new ArrayList<>();
        int count = 1 + random.nextInt(4);
        for (int s = 0; s < count; s++) {
            String id = "s" + s;
            List<Element> elements = new ArrayList<>();
            if (random.nextInt(3) == 0) {
                elements.add(Curl.of("curl", 1, Turn.LEFT));
            }
            if (random.nextInt(2) == 0) {
                elements.add(Loop.of("front", 3, Turn.LEFT));
                eyes.add(id + ".front");
            }
            elements.add(Straight.of("run", 12));
            if (random.nextInt(3) == 0) {
                parts.add(Part.of(
                        "bead" + s,
                        PartKind.BEAD,
                        random.nextBoolean() ? "glass" : "copper",
                        5,
                        Optional.of(id + ".run")));
            }
            switch (random.nextInt(4)) {
                case 0 -> {
                    elements.add(Loop.of("back", 3, Turn.LEFT));
                    eyes.add(id + ".back");
                }
                case 1 -> {
                    elements.add(Loop.thatOpens("back", 3, Turn.LEFT));
                    eyes.add(id + ".back");
                }
                case 2 -> {
                    elements.add(Loop.of("back", 3, Turn.LEFT));
                    elements.add(
                            Wrap.of("wrap", Wrap.Core.ofStem(0.8), 2, Turn.LEFT).rolled(90));
                    eyes.add(id + ".back");
                }
                default -> {
                    elements.add(Arc.of("back", 5, 190, Turn.RIGHT));
                    eyes.add(id + ".back");
                }
            }
            Strand strand = Strand.of(id, "", Examples.copper(0.8), elements);
            List<String> bent = new ArrayList<>(
                    elements.stream().filter(Element::isBent).map(Element::id).toList());
            java.util.Collections.shuffle(bent, random);
            strands.add(random.nextBoolean() ? strand.withOrder(bent) : strand);
        }
        List<Join> joins = new ArrayList<>();
        for (int j = random.nextInt(3); j > 0; j--) {
            String a = eyes.get(random.nextInt(eyes.size()));
            String b = eyes.get(random.nextInt(eyes.size()));
            if (!a.equals(b)) {
                joins.add(Join.of(a, b));
            }
        }
        List<Work> works = new ArrayList<>();
        for (Strand strand : strands) {
            int which = random.nextInt(5);
            String on = which > 1 ? "back" : "run";
            if (which < 4 && (which != 1 || strand.element("back").orElseThrow() instanceof Arc)) {
                Act act = switch (which) {
                    case 0 -> new Act.Polish(Act.Polish.Abrasive.EMERY);
                    case 1 -> new Act.Flatten(0.6, With.DOMED_HAMMER);
                    case 2 -> new Act.BringToSize(5.2);
                    default -> new Act.Close();
                };
                works.add(Work.of("work-" + strand.id(), strand.id(), List.of(on), act));
            }
        }
        return piece(strands, parts, joins, random.nextInt(3) == 0 ? Optional.of(DARK) : Optional.empty())
                .withWork(works);
    }
}
