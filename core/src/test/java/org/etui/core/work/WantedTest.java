package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.etui.core.Examples;
import org.etui.core.element.Arc;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.rule.Advice;
import org.junit.jupiter.api.Test;

/** What has to hold how much. The loads are estimates; a drop is asked for ten times its weight (design, 3.6). */
class WantedTest {
    private static final double N_PER_G = 9.80665e-3;

    private static Strand strand(String id, double mm, Element... elements) {
        return Strand.of(id, "", Examples.copper(mm), List.of(elements));
    }

    private static final Strand HANGER =
            strand("hanger", 1.2, Loop.of("top", 3, Turn.LEFT), Straight.of("neck", 5), Loop.of("low", 3, Turn.LEFT));

    private static final Strand DROP =
            strand("drop", 0.4, Loop.of("eye", 2, Turn.LEFT), Straight.of("run", 20), Curl.of("end", 1, Turn.LEFT));

    private static final Strand CLASP =
            strand("clasp", 1.2, Loop.of("eye", 3, Turn.LEFT), Arc.of("hook", 7, 200, Turn.RIGHT));

    private static Piece piece(Purpose purpose, List<Strand> strands, List<Part> parts, Join... joins) {
        return Piece.of("Example", purpose, strands).withParts(parts, List.of(joins));
    }

    private static double wants(Piece piece, Strand strand, String element) {
        return Wanted.of(piece, StrandWork.all(piece))
                .newtons(strand, strand.element(element).orElseThrow());
    }

    /** The eye of the hanger that carries the drop, and the drop's own eye, hold the drop; what the hanger hangs by holds the pendant. */
    @Test
    void dropIsAskedForItsOwnWeight_hangerForTheLoad() {
        Piece piece = piece(Purpose.PENDANT, List.of(HANGER, DROP), List.of(), Join.of("hanger.low", "drop.eye"));
        StrandWork drop = StrandWork.of(piece, DROP);
        double weighsN = DROP.wire().massG(drop.netMm()) * N_PER_G;

        assertThat(wants(piece, HANGER, "top")).isEqualTo(5);
        assertThat(wants(piece, HANGER, "low")).isCloseTo(10 * weighsN, within(1e-9));
        assertThat(wants(piece, DROP, "eye")).isCloseTo(10 * weighsN, within(1e-9));
    }

    /** A clasp holds the necklace whether its chain is bought or another link of wire; in a ring of links none is a drop. */
    @Test
    void whatLiesInTheLoad_isAskedForAllOfIt() {
        Part chain = Part.of("chain", PartKind.FINDING, "copper", 4, Optional.empty());
        Piece bought = piece(Purpose.NECKLACE_CLOSURE, List.of(CLASP), List.of(chain), Join.of("clasp.eye", "chain"));
        Piece linked =
                piece(Purpose.NECKLACE_CLOSURE, List.of(CLASP, HANGER), List.of(), Join.of("clasp.eye", "hanger.top"));
        Piece round = piece(
                Purpose.LINK,
                List.of(HANGER, CLASP),
                List.of(),
                Join.of("hanger.top", "clasp.eye"),
                Join.of("hanger.low", "clasp.hook"));

        assertThat(wants(bought, CLASP, "eye")).isEqualTo(10);
        assertThat(wants(bought, CLASP, "hook")).isEqualTo(10);
        assertThat(wants(linked, HANGER, "top")).isEqualTo(10);
        assertThat(wants(round, HANGER, "low")).isEqualTo(10);
    }

    /** A heavy pendant wants ten times its weight, not five newtons. */
    @Test
    void heavyPendant_wantsMore() {
        Strand heavy = strand("wire", 3, Loop.of("eye", 5, Turn.LEFT), Straight.of("run", 900));
        Piece piece = piece(Purpose.PENDANT, List.of(heavy), List.of());
        double weighsN = heavy.wire().massG(StrandWork.of(piece, heavy).netMm()) * N_PER_G;

        assertThat(weighsN).isGreaterThan(0.5);
        assertThat(wants(piece, heavy, "eye")).isCloseTo(10 * weighsN, within(1e-9));
        assertThat(wants(piece(Purpose.DECORATIVE, List.of(heavy), List.of()), heavy, "eye"))
                .isZero();
    }

    /** Fine wire may hang as a drop, and may not lie in the load, whatever thicker wire is beside it. */
    @Test
    void fineWire_isStoppedWhereItCarries() {
        Strand fineLink = strand("link", 0.4, Loop.of("top", 3, Turn.LEFT), Loop.of("low", 3, Turn.LEFT));
        Piece hung = piece(Purpose.PENDANT, List.of(HANGER, DROP), List.of(), Join.of("hanger.low", "drop.eye"));
        Piece carrying =
                piece(Purpose.NECKLACE_CLOSURE, List.of(CLASP, fineLink), List.of(), Join.of("clasp.eye", "link.top"));

        assertThat(rules(hung)).doesNotContain("fine-wire-under-load");
        assertThat(rules(carrying)).contains("fine-wire-under-load");
    }

    /** Every strand that carries is read, not only the thickest; turns round other wire carry nothing. */
    @Test
    void thinnerStrandThatCarries_isReadAsWell() {
        Strand link = strand("link", 0.8, Loop.of("top", 3, Turn.LEFT), Loop.of("low", 3, Turn.LEFT));
        Piece piece =
                piece(Purpose.NECKLACE_CLOSURE, List.of(CLASP, link), List.of(), Join.of("clasp.eye", "link.top"));

        assertThat(StrandWork.of(piece, link).reading("low").hold()).isPresent();
        assertThat(piece.carries(link)).isTrue();
        assertThat(rules(piece)).contains("holds-too-little");
    }

    private static List<String> rules(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).advice().stream()
                .map(Advice::rule)
                .toList();
    }

    /** A part that is joined to itself, and four hundred joins, are neither a fault nor a wait. */
    @Test
    void oddAndManyJoins_areCountedOnce() {
        Join own = Join.of("hanger.low", "hanger.low");
        List<Join> many = java.util.stream.IntStream.range(0, 400)
                .mapToObj(i -> Join.of("hanger.low", "drop.eye"))
                .toList();

        assertThat(wants(piece(Purpose.PENDANT, List.of(HANGER), List.of(), own), HANGER, "low"))
                .isEqualTo(5);
        assertThat(wants(
                        piece(Purpose.PENDANT, List.of(HANGER, DROP), List.of(), many.toArray(Join[]::new)),
                        HANGER,
                        "low"))
                .isEqualTo(5);
    }

    /** Wires share a load only where their eyes are closed; where every eye of a frame opens, each holds all of it, not infinitely much. */
    @Test
    void frameWhoseEyesAllOpen_asksEachForTheWholeLoad() {
        Strand frame = strand(
                "frame",
                0.8,
                Girth.of("side", new Outline.Round(18), Turn.LEFT),
                Straight.of("neck", 5),
                Loop.thatOpens("bail", 4, Turn.LEFT));

        assertThat(wants(piece(Purpose.PENDANT, List.of(frame), List.of()), frame, "bail"))
                .isEqualTo(5);
    }
}
