package org.etui.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Paddle;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.measure.GaugeSystem;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Policy;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.section.GaugeLabel;
import org.etui.core.section.Round;
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Finish;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** For each rule a case that raises it and a near twin that does not. Source of the facts: common practice. */
class RulesTest {
    private static Piece piece(Purpose purpose, Wire wire) {
        return Piece.of(
                "Example",
                purpose,
                List.of(Strand.of(
                        "wire",
                        "",
                        wire,
                        List.of(
                                Loop.thatOpens("eye", 3, Turn.LEFT),
                                Straight.of("run", 8),
                                Arc.of("bend", 7, 180, Turn.RIGHT)))));
    }

    private static Piece hammered(Wire wire, String element) {
        return piece(Purpose.DECORATIVE, wire)
                .withWork(List.of(Examples.flatten(wire.section().thicknessMm() * 0.7, element)));
    }

    private static Piece crossed(double run) {
        return Examples.piece(
                        Examples.copper(1),
                        Straight.of("first", 10),
                        Arc.of("round", 9, 270, Turn.LEFT),
                        Straight.of("last", run))
                .withWork(List.of(Examples.flatten(0.7, "last")));
    }

    /** Turns round a stem and a run beyond them, one of the two hammered. */
    private static Piece wrapped(String hammered) {
        return Examples.piece(
                        Examples.copper(1), Wrap.of("wrap", Wrap.Core.ofStem(1), 3, Turn.LEFT), Straight.of("run", 20))
                .withWork(List.of(Examples.flatten(0.7, hammered)));
    }

    private static Piece pin() {
        Piece pin = Patterns.find("pin-stem").orElseThrow().usual();
        return pin.withWork(List.of());
    }

    static Stream<Arguments> cases() {
        Wire plated = Wire.ofRound(Metal.SILVER_PLATED_COPPER, Temper.DEAD_SOFT, 1);
        return Stream.of(
                // A pin between ears springs; the same coil without a catch is only a coil.
                Arguments.of("pin-catch", pin(), pin().withParts(List.of(), List.of())),
                Arguments.of(
                        "fine-wire-under-load",
                        piece(Purpose.NECKLACE_CLOSURE, Examples.copper(0.4)),
                        piece(Purpose.NECKLACE_CLOSURE, Examples.copper(0.8))),
                Arguments.of(
                        "fine-wire-under-load",
                        piece(Purpose.PENDANT, Examples.copper(0.4)),
                        piece(Purpose.DECORATIVE, Examples.copper(0.4))),
                Arguments.of("coat-under-hammer", hammered(plated, "bend"), hammered(Examples.copper(1), "bend")),
                Arguments.of("coat-under-hammer", hammered(plated, "bend"), piece(Purpose.DECORATIVE, plated)),
                Arguments.of(
                        "hammered-loop", hammered(Examples.copper(1), "eye"), hammered(Examples.copper(1), "bend")),
                Arguments.of("hammered-crossing", crossed(15), crossed(1.5)),
                Arguments.of("hammered-crossing", wrapped("wrap"), wrapped("run")),
                Arguments.of(
                        "thin-bangle",
                        piece(Purpose.BANGLE_CLOSURE, Examples.copper(1.2)),
                        piece(Purpose.BANGLE_CLOSURE, Examples.copper(1.63))),
                Arguments.of(
                        "curl-too-tight",
                        Examples.piece(Examples.copper(1), Curl.of("tip", 0.4, Turn.LEFT)),
                        Examples.piece(Examples.copper(1), Curl.of("tip", 0.5, Turn.LEFT))),
                Arguments.of("fine-wire-under-load", lashed(0.4, 0.4), lashed(0.8, 0.4)),
                Arguments.of("tip-will-not-pass", hooked(0.9, 2.8), hooked(0.9, 3.0)),
                Arguments.of("loop-too-small", joined("wire.eye", ring(16)), joined("wire.eye", ring(14))),
                Arguments.of("coil-on-cord", corded(3.2), corded(3.1)),
                Arguments.of("coil-on-cord", corded(2.3), corded(2.5)),
                Arguments.of("beads-too-long", strung(2, 6.2, 1.1, 12), strung(2, 6, 1.1, 12)),
                Arguments.of("beads-slide", strung(2, 5, 1.1, 12), strung(2, 5.8, 1.1, 12)),
                Arguments.of("hole-too-small", strung(2, 6, 0.75, 12), strung(2, 6, 0.85, 12)),
                Arguments.of("bead-slips-off", strung(2, 6, 1.2, 12), strung(2, 6, 0.9, 12)),
                Arguments.of("petals-open", petals(40), petals(70)),
                Arguments.of("bundle-high", bundle(4), bundle(6)));
    }

    /** Beads on a run of 0.8 mm wire between a paddle, 1.0 mm wide, and a loop. */
    private static Piece strung(int count, double eachMm, double holeMm, double runMm) {
        Part bead = Part.of("bead", PartKind.BEAD, "glass", eachMm, Optional.of("wire.run"))
                .times(count)
                .withBody(
                        new Body.Bead(Body.BeadForm.ROUND, eachMm, OptionalDouble.empty(), Body.Hole.through(holeMm)));
        return Examples.piece(
                        Examples.copper(0.8),
                        Paddle.of("paddle", 4, 0.48),
                        Straight.of("run", runMm),
                        Loop.of("loop", 2.5, Turn.LEFT))
                .withParts(List.of(bead), List.of());
    }

    private static Piece hook(Purpose purpose, Wire wire, double inside) {
        return Piece.of(
                "Example",
                purpose,
                List.of(Strand.of(
                        "wire", "", wire, List.of(Straight.of("run", 40), Arc.of("bend", inside, 180, Turn.LEFT)))));
    }

    private static Wire wire(Metal metal, Temper temper, double mm) {
        return Wire.ofRound(metal, temper, mm);
    }

    private static Work tap(String element, int passes) {
        return Work.of("tap", "wire", List.of(element), new Act.Mallet(passes, With.NYLON_MALLET));
    }

    private static Piece beaded(String on) {
        Piece hook = hook(Purpose.DECORATIVE, Examples.copper(1), 8).withWork(List.of(Examples.flatten(0.8, "bend")));
        Strand longer = Strand.of(
                "wire",
                "",
                Examples.copper(1),
                List.of(Straight.of("far", 20), Straight.of("run", 20), Arc.of("bend", 8, 180, Turn.LEFT)));
        return hook.withStrands(List.of(longer))
                .withParts(List.of(Part.of("bead", PartKind.BEAD, "bone", 4, Optional.of(on))), List.of());
    }

    private static Piece handled(String trimAfter) {
        Lead grip = new Lead("grip", 20, trimAfter, 0, Optional.empty(), Target.RELEASED);
        return Examples.piece(Examples.copper(1), Arc.of("bend", 8, 180, Turn.LEFT), grip)
                .withWork(List.of(
                        Work.of("draw", "wire", List.of("bend"), new Act.Jaws(1))
                                .at("start"),
                        Work.of("w1", "wire", List.of("bend"), new Act.Flatten(0.8, With.DOMED_HAMMER))));
    }

    private static Piece bare(double handle) {
        Strand strand = Strand.of("wire", "", Examples.copper(1), List.of(Arc.of("bend", 8, 180, Turn.LEFT)));
        Allowance allowance = new Allowance(Policy.MEASURED, handle, Optional.empty(), 0, 0.5);
        return Piece.of("Example", Purpose.DECORATIVE, List.of(strand.withAllowance(allowance)))
                .withWork(List.of(Examples.flatten(0.8, "bend")));
    }

    private static Piece two(Strand one, Strand other, Purpose purpose) {
        return Piece.of("Example", purpose, List.of(one, other));
    }

    private static Strand link(String id, double gap, Wire wire) {
        return Strand.of(
                id, "", wire, List.of(Loop.of("a", 3, Turn.LEFT), Straight.of("gap", gap), Loop.of("b", 3, Turn.LEFT)));
    }

    private static Piece labelled(GaugeSystem system, String number, double mm) {
        Round round = new Round(mm, Optional.of(new GaugeLabel(system, number)));
        Wire wire = new Wire(Metal.COPPER, Temper.DEAD_SOFT, Finish.BARE, round);
        return Examples.piece(wire, Straight.of("run", 20));
    }

    private static Piece typed(String text) {
        Piece plain = Examples.piece(Examples.copper(1), Straight.of("run", 20));
        return new Piece(
                plain.format(),
                1,
                plain.name(),
                "",
                plain.purpose(),
                Optional.empty(),
                plain.strands(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Map.of("strands.wire.elements.run.lengthMm", text),
                java.util.OptionalDouble.empty(),
                List.of(),
                List.of(),
                false);
    }

    private static Piece coloured(double drops, double celsius, String stone) {
        Piece plain = Examples.piece(Examples.copper(1), Straight.of("run", 20));
        Colour colour = new Colour(
                Colour.Bath.GEL,
                drops,
                118,
                celsius,
                Colour.Stop.RED_BROWN,
                0.6,
                Colour.PolishWith.STEEL_WOOL,
                Colour.Seal.NONE);
        return new Piece(
                plain.format(),
                1,
                plain.name(),
                "",
                plain.purpose(),
                Optional.empty(),
                plain.strands(),
                List.of(Part.of("stone", PartKind.STONE, stone, 8, Optional.empty())),
                List.of(),
                List.of(),
                Optional.of(colour),
                Map.of(),
                java.util.OptionalDouble.empty(),
                List.of(),
                List.of(),
                false);
    }

    private static Piece spiral(Wire wire, double gap, double flat) {
        return Examples.piece(wire, Spiral.open("spiral", 4, 3, gap, Turn.LEFT))
                .withWork(flat > 0 ? List.of(Examples.flatten(flat, "spiral")) : List.of());
    }

    private static Piece ring(double mandrel, double mm) {
        return Examples.piece(Examples.copper(mm), Coil.of("band", mandrel, 3, Turn.LEFT));
    }

    /** The second half of the rules: strength, strain, tools, order, parts. */
    static Stream<Arguments> moreCases() {
        Wire plated = wire(Metal.SILVER_PLATED_COPPER, Temper.DEAD_SOFT, 1);
        Wire soft = Examples.copper(1.25);
        Purpose closure = Purpose.NECKLACE_CLOSURE;
        return Stream.of(
                Arguments.of("holds-too-little", hook(closure, soft, 7), hook(closure, soft, 4)),
                Arguments.of(
                        "holds-too-little",
                        hook(closure, soft, 7),
                        hook(closure, soft, 7).withWork(List.of(Examples.flatten(0.9, "bend")))),
                Arguments.of("holds-too-little", hook(closure, soft, 7), hook(Purpose.DECORATIVE, soft, 7)),
                Arguments.of(
                        "left-soft",
                        hook(closure, soft, 6),
                        hook(closure, soft, 6).withWork(List.of(Examples.flatten(1.0, "bend")))),
                Arguments.of(
                        "used-up",
                        spiral(wire(Metal.BRASS, Temper.SPRING, 1), 0, 0.6),
                        spiral(wire(Metal.BRASS, Temper.DEAD_SOFT, 1), 0, 0)),
                Arguments.of(
                        "flattened-far",
                        hook(Purpose.DECORATIVE, soft, 7).withWork(List.of(Examples.flatten(0.42, "bend"))),
                        hook(Purpose.DECORATIVE, soft, 7).withWork(List.of(Examples.flatten(0.5, "bend")))),
                Arguments.of(
                        "too-stiff",
                        hook(Purpose.DECORATIVE, wire(Metal.BRASS, Temper.HARD, 4), 10),
                        hook(Purpose.DECORATIVE, wire(Metal.BRASS, Temper.DEAD_SOFT, 2), 10)),
                Arguments.of(
                        "spring-wire-snaps",
                        hook(Purpose.DECORATIVE, wire(Metal.MUSIC_WIRE, Temper.SPRING, 1), 1.5),
                        hook(Purpose.DECORATIVE, wire(Metal.MUSIC_WIRE, Temper.SPRING, 1), 2)),
                Arguments.of(
                        "hard-to-open",
                        Examples.piece(wire(Metal.BRASS, Temper.SPRING, 1), Loop.thatOpens("eye", 1, Turn.LEFT)),
                        Examples.piece(wire(Metal.BRASS, Temper.SPRING, 1), Loop.thatOpens("eye", 3, Turn.LEFT))),
                Arguments.of(
                        "lightly-only",
                        hook(Purpose.DECORATIVE, wire(Metal.GOLD_FILLED, Temper.DEAD_SOFT, 1), 8)
                                .withWork(List.of(Examples.flatten(0.8, "bend"))),
                        hook(Purpose.DECORATIVE, wire(Metal.GOLD_FILLED, Temper.DEAD_SOFT, 1), 8)
                                .withWork(List.of(Examples.flatten(0.9, "bend")))),
                Arguments.of("hammered-next-to-bead", beaded("wire.run"), beaded("wire.far")),
                Arguments.of("handle-trimmed-first", handled("draw"), handled("w1")),
                Arguments.of("nothing-to-hold", bare(0), bare(20)),
                Arguments.of(
                        "pair-differs",
                        two(link("one", 8, Examples.copper(1)), link("two", 8, Examples.copper(1.1)), closure),
                        two(link("one", 8, Examples.copper(1)), link("two", 8, Examples.copper(1)), closure)),
                Arguments.of(
                        "links-differ",
                        two(link("one", 8, Examples.copper(1)), link("two", 9, Examples.copper(1)), Purpose.LINK),
                        two(link("one", 8, Examples.copper(1)), link("two", 8, Examples.copper(1)), Purpose.LINK)),
                Arguments.of(
                        "gauge-misread", labelled(GaugeSystem.AWG, "18", 1.22), labelled(GaugeSystem.SWG, "18", 1.22)),
                Arguments.of("fraction-misread", typed("21/2in"), typed("2 1/2in")),
                Arguments.of(
                        "wrist-not-hand",
                        hook(Purpose.BANGLE_CLOSURE, Examples.copper(2), 55),
                        hook(Purpose.BANGLE_CLOSURE, Examples.copper(2), 65)),
                Arguments.of("wound-at-size", ring(17, 1.6), ring(6, 1.6)),
                Arguments.of("ring-wire", ring(17, 1.0), ring(17, 1.6)),
                Arguments.of("ring-wire", ring(17, 3.6), ring(17, 3.2)),
                Arguments.of("turns-meet", spiral(Examples.copper(1), 0, 0.7), spiral(Examples.copper(1), 0.5, 0.7)),
                Arguments.of(
                        "soft-for-spirals",
                        spiral(wire(Metal.COPPER, Temper.HALF_HARD, 1), 1, 0),
                        spiral(wire(Metal.COPPER, Temper.QUARTER_HARD, 1), 1, 0)),
                Arguments.of(
                        "bare-jaws",
                        hook(Purpose.DECORATIVE, wire(Metal.ENAMELLED_COPPER, Temper.DEAD_SOFT, 1), 8),
                        hook(Purpose.DECORATIVE, plated, 8)),
                Arguments.of("dense-bath", coloured(8, 60, "agate"), coloured(3, 60, "agate")),
                Arguments.of("dense-bath", coloured(2, 85, "agate"), coloured(2, 70, "agate")),
                Arguments.of("porous-stone", coloured(2, 60, "Turquoise"), coloured(2, 60, "agate")),
                Arguments.of(
                        "takes-no-colour",
                        darkened(Colour.PolishWith.CLOTH, Metal.COPPER, Metal.ALUMINIUM),
                        darkened(Colour.PolishWith.CLOTH, Metal.COPPER, Metal.FINE_SILVER)),
                Arguments.of(
                        "colours-unevenly",
                        darkened(Colour.PolishWith.CLOTH, Metal.COPPER, Metal.BRASS),
                        darkened(Colour.PolishWith.CLOTH, Metal.COPPER, Metal.STERLING_SILVER)),
                Arguments.of(
                        "skin-wears-through",
                        darkened(Colour.PolishWith.CLOTH, Metal.SILVER_PLATED_COPPER),
                        darkened(Colour.PolishWith.CLOTH, Metal.COPPER)),
                Arguments.of(
                        "stone-in-the-tumbler",
                        with(coloured(2, 60, "agate"), Colour.PolishWith.TUMBLER),
                        darkened(Colour.PolishWith.TUMBLER, Metal.COPPER)),
                Arguments.of("part-takes-no-colour", ownBath("agate"), ownBath("copper sheet")),
                Arguments.of("undone", polished(TEXTURED, BLOCK), polished(BLOCK, TEXTURED_SOFT)),
                Arguments.of("undone", polished(CLOTH, EMERY), polished(EMERY, CLOTH)),
                Arguments.of(
                        "undone",
                        polished(EMERY, new Act.Mallet(1, With.NYLON_MALLET), PLANISHED),
                        polished(PLANISHED, EMERY)),
                Arguments.of(
                        "undone",
                        with(polished(CLOTH), Colour.PolishWith.CLOTH),
                        with(polished(BLOCK), Colour.PolishWith.CLOTH)));
    }

    private static final Act TEXTURED = new Act.Texture(With.BALL_HAMMER);
    private static final Act TEXTURED_SOFT = new Act.Tumble(60);
    private static final Act PLANISHED = new Act.Planish(With.FLAT_HAMMER);
    private static final Act EMERY = new Act.Polish(Act.Polish.Abrasive.EMERY);
    private static final Act BLOCK = new Act.Polish(Act.Polish.Abrasive.FOUR_GRADE_BLOCK);
    private static final Act CLOTH = new Act.Polish(Act.Polish.Abrasive.CLOTH);

    /** A straight wire with its surface worked, in that order. */
    private static Piece polished(Act... acts) {
        List<Work> works = new java.util.ArrayList<>();
        for (Act act : acts) {
            works.add(Work.of("w" + works.size(), "wire", List.of("run"), act));
        }
        Strand wire = Strand.of("wire", "", Examples.copper(1), List.of(Straight.of("run", 20)));
        return Piece.of("Example", Purpose.DECORATIVE, List.of(wire)).withWork(works);
    }

    /** A part that has a bath of its own. */
    private static Piece ownBath(String material) {
        Piece plain = coloured(2, 60, material);
        Colour own = plain.colour().orElseThrow();
        return plain.withParts(
                plain.parts().stream().map(p -> p.withColour(Optional.of(own))).toList(), plain.joins());
    }

    private static Piece with(Piece piece, Colour.PolishWith tool) {
        return piece.withColour(
                new Colour(Colour.Bath.GEL, 2, 118, 60, Colour.Stop.RED_BROWN, 0.6, tool, Colour.Seal.NONE));
    }

    private static Piece darkened(Colour.PolishWith tool, Metal... metals) {
        List<Strand> strands = java.util.Arrays.stream(metals)
                .map(m -> Strand.of(m.word(), "", wire(m, Temper.DEAD_SOFT, 1), List.of(Straight.of("run", 20))))
                .toList();
        return with(Piece.of("Example", Purpose.DECORATIVE, strands), tool);
    }

    /** A pendant of a wire that carries and one that is wound round it. */
    private static Piece lashed(double carrying, double lashing) {
        return Piece.of(
                "Example",
                Purpose.PENDANT,
                List.of(
                        Strand.of("frame", "", Examples.copper(carrying), List.of(Loop.of("eye", 4, Turn.LEFT))),
                        Strand.of(
                                "lash",
                                "",
                                Examples.copper(lashing),
                                List.of(Wrap.of("w", Wrap.Core.ofStem(0.8), 4, Turn.LEFT)))));
    }

    /** A hook whose curl, 0.9 mm inside in 1.0 mm wire, is 2.9 mm across, and an eye to pass. */
    private static Piece hooked(double curl, double eye) {
        Strand hook = Strand.of(
                "hook",
                "",
                Examples.copper(1),
                List.of(Arc.of("bend", 7, 180, Turn.RIGHT), Curl.of("tip", curl, Turn.LEFT)));
        Strand ring = Strand.of("ring", "", Examples.copper(1), List.of(Loop.of("eye", eye, Turn.LEFT)));
        return Piece.of("Example", Purpose.DECORATIVE, List.of(hook, ring))
                .withParts(List.of(), List.of(Join.of("hook.bend", "ring.eye")));
    }

    private static Part ring(double size) {
        return Part.of("ring", PartKind.FINDING, "copper", size, Optional.empty());
    }

    private static Piece joined(String element, Part part) {
        return piece(Purpose.DECORATIVE, Examples.copper(1))
                .withParts(List.of(part), List.of(Join.of(element, part.id())));
    }

    private static Piece corded(double mandrel) {
        Part cord = Part.of("cord", PartKind.CORD, "cotton", 3, Optional.empty());
        return Examples.piece(Examples.copper(0.8), Coil.of("coil", mandrel, 5, Turn.LEFT))
                .withParts(List.of(cord), List.of(Join.of("wire.coil", "cord")));
    }

    /** Four wires of 1.29 mm stand 5.2 mm high: more than a stone of 4 mm has, less than one of 6 mm (elementary geometry). */
    private static Piece bundle(double thicknessMm) {
        return Patterns.find("stone-frame")
                .orElseThrow()
                .make(
                        Map.of("thicknessMm", thicknessMm, "frameWires", 4),
                        Optional.of(Examples.copper(1.29)),
                        Optional.empty());
    }

    private static Piece petals(int percent) {
        List<Element> elements = new ArrayList<>();
        for (int i = 1; i <= 5; i++) {
            if (i > 1) {
                elements.add(Bend.of("foot-" + i, 72, Turn.RIGHT));
            }
            elements.add(Girth.of("petal-" + i, new Outline.Drop(14, 0.14 * percent), Turn.LEFT));
        }
        return Piece.of(
                "Petals", Purpose.DECORATIVE, List.of(Strand.of("flower", "Flower", Examples.copper(0.81), elements)));
    }

    /** A fix does what it says: applied, the advice is gone. The patches only replace measures of elements. */
    @Test
    void fixOfAPetal_closesTheFlower() {
        Piece open = petals(40);
        Advice advice = Planner.plan(open, PlanOptions.USUAL).advice().stream()
                .filter(a -> a.rule().equals("petals-open"))
                .findFirst()
                .orElseThrow();
        double wide = (Double) advice.fix().orElseThrow().get(0).value().orElseThrow();
        List<Element> mended = open.strands().get(0).elements().stream()
                .map(e -> e instanceof Girth g ? Girth.of(g.id(), new Outline.Drop(14, wide), g.turn()) : e)
                .toList();
        Strand flower = Strand.of("flower", "", open.strands().get(0).wire(), mended);

        assertThat(advice.fix().orElseThrow()).hasSize(5);
        assertThat(Planner.plan(Piece.of("Mended", Purpose.DECORATIVE, List.of(flower)), PlanOptions.USUAL)
                        .advice())
                .extracting(Advice::rule)
                .doesNotContain("petals-open");
    }

    @ParameterizedTest
    @MethodSource({"cases", "moreCases"})
    void rule_isRaisedByTheCaseAndNotByItsTwin(String rule, Piece raising, Piece twin) {
        List<Advice> advice = Planner.plan(raising, PlanOptions.USUAL).advice();

        assertThat(advice).extracting(Advice::rule).contains(rule);
        assertThat(advice)
                .allMatch(a -> !a.where().isBlank()
                        && !a.message().isBlank()
                        && !a.because().isBlank()
                        && !a.instead().isBlank());
        assertThat(Planner.plan(twin, PlanOptions.USUAL).advice())
                .extracting(Advice::rule)
                .doesNotContain(rule);
    }

    /** Every name under which a rule gives advice has a case above. */
    @Test
    void everyRule_hasACaseAndATwin() {
        Set<String> told = Stream.concat(cases(), moreCases())
                .map(a -> (String) a.get()[0])
                .collect(Collectors.toSet());

        assertThat(Rules.ALL.stream().map(Rule::names).flatMap(List::stream))
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(told);
    }

    /** Common practice: plated wire under a steel hammer is a stop, whatever the strain. */
    @Test
    void platedWireUnderAHammer_isAStop_howeverLight() {
        Piece light = hook(Purpose.DECORATIVE, wire(Metal.SILVER_PLATED_COPPER, Temper.DEAD_SOFT, 1), 8)
                .withWork(List.of(Examples.flatten(0.98, "bend")));

        assertThat(Planner.plan(light, PlanOptions.USUAL).advice())
                .anyMatch(a -> a.rule().equals("coat-under-hammer") && a.severity() == Advice.Severity.STOP);
    }

    /** What is hammered before it is closed over is not hammered over a crossing. */
    @Test
    void loopHammeredWhileStraight_isNoHammeredCrossing() {
        Work before = Work.of("w", "wire", List.of("last"), new Act.Flatten(0.7, With.DOMED_HAMMER))
                .at("start");
        Element round = new Loop("last", 9, 1.2, Turn.LEFT, false, false, 0, Optional.empty(), Target.RELEASED);
        Piece straight = Examples.piece(Examples.copper(1), Straight.of("first", 10), round)
                .withWork(List.of(before));
        Piece formed = straight.withWork(List.of(Examples.flatten(0.7, "last")));

        assertThat(Planner.plan(straight, PlanOptions.USUAL).advice())
                .extracting(Advice::rule)
                .doesNotContain("hammered-crossing");
        assertThat(Planner.plan(formed, PlanOptions.USUAL).advice())
                .extracting(Advice::rule)
                .contains("hammered-crossing");
    }

    /** Ways out are ranked by what the maker owns: without a mallet and a hammer there is only other wire. */
    @Test
    void fix_usesTheToolsThatAreOwned() {
        Piece weak = hook(Purpose.NECKLACE_CLOSURE, Examples.copper(1.25), 7);
        PlanOptions none = new PlanOptions(PlanOptions.States.NONE, PlanOptions.USUAL.format(), new Toolbox(List.of()));

        assertThat(fix(Planner.plan(weak, PlanOptions.USUAL).advice()).path()).isEqualTo("/work" + "/-");
        assertThat(fix(Planner.plan(weak, none).advice()).path()).isEqualTo("/strands/0/wire/temper");
    }

    private static Advice.Patch fix(List<Advice> advice) {
        return advice.stream()
                .filter(a -> a.rule().equals("holds-too-little"))
                .flatMap(a -> a.fix().orElseThrow().stream())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void advice_standsWorstFirst() {
        Wire fine = Wire.ofRound(Metal.SILVER_PLATED_COPPER, Temper.DEAD_SOFT, 0.4);
        List<Advice> advice = Planner.plan(
                        piece(Purpose.BANGLE_CLOSURE, fine).withWork(List.of(Examples.flatten(0.3, "bend"))),
                        PlanOptions.USUAL)
                .advice();

        assertThat(advice).hasSizeGreaterThanOrEqualTo(3);
        assertThat(advice).extracting(Advice::severity).isSorted();
    }

    @Test
    void cautions_followTheWork() {
        List<Caution> plain = Planner.plan(piece(Purpose.DECORATIVE, Examples.copper(1)), PlanOptions.USUAL)
                .cautions();
        List<Caution> loud = Planner.plan(hammered(Examples.copper(1), "bend"), PlanOptions.USUAL)
                .cautions();

        assertThat(plain).extracting(Caution::topic).contains("eyes").doesNotContain("ears");
        assertThat(loud).extracting(Caution::topic).contains("eyes", "ears");
    }
}
