package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Join;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * As many turns on a mandrel as the flower has petals, pinched together on one side, the pinched side lashed both ways with the tails, the turns fanned
 * out about it.
 */
final class WoundPetals extends Pattern {
    WoundPetals() {
        super(
                "wound-petals",
                "Wound petals",
                "A flower of one wire: turns on a mandrel, pinched, lashed round the pinched side both ways, fanned out.",
                List.of(Purpose.DECORATIVE, Purpose.PENDANT),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.count("petals", "petals", 6, 3, 12),
                        Parameter.mm("mandrelMm", "mandrel", 12, 4, 60).leftFree(),
                        Parameter.mm("tailMm", "tails to lash with, each", 30, 10, 200),
                        Parameter.choice("flowers", "flowers", "one", "two overlaid"),
                        Parameter.mm("innerMandrelMm", "mandrel of the inner one", 9, 4, 60)
                                .onlyWith("flowers", "two overlaid"),
                        Parameter.mm("innerWireMm", "wire of the inner one", 0.64, 0.3, 1.3)
                                .onlyWith("flowers", "two overlaid"),
                        Parameter.mm("bindingWireMm", "wire that binds them", 0.4, 0.2, 0.8)
                                .onlyWith("flowers", "two overlaid"),
                        Parameter.count("bindingTurns", "rounds that bind them", 4, 2, 12)
                                .onlyWith("flowers", "two overlaid")));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        List<Strand> strands = new ArrayList<>();
        strands.add(flower("flower", "Flower", values.number("mandrelMm"), values, wire));
        if (values.word("flowers").equals("two overlaid")) {
            Wire inner = Wire.ofRound(wire.metal(), wire.temper(), values.number("innerWireMm"));
            strands.add(flower("inner", "Inner flower", values.number("innerMandrelMm"), values, inner)
                    .withPlace(new Place(0, 0, wire.section().acrossMm(), 180.0 / values.count("petals"))));
        }
        return values.word("flowers").equals("two overlaid")
                ? bound(Piece.of(title(), purpose, strands), values, wire)
                : Piece.of(title(), purpose, strands);
    }

    /** A wire of its own goes round the middles of both, between the petals, half of its rounds one way and half the other. */
    private static Piece bound(Piece piece, Values values, Wire wire) {
        Wire binding = Wire.ofRound(wire.metal(), Temper.DEAD_SOFT, values.number("bindingWireMm"));
        Wrap.Core both =
                Wrap.Core.ofWires(2 * values.count("petals"), wire.section().inPlaneMm());
        Strand binds = Strand.of(
                        "binding",
                        "Binding",
                        binding,
                        List.of(Wrap.of("rounds", both, values.count("bindingTurns"), Turn.LEFT)))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH))
                .withPlace(new Place(
                        -values.count("petals") * wire.section().inPlaneMm(),
                        0,
                        2 * wire.section().acrossMm(),
                        0));
        List<Strand> all = new ArrayList<>(piece.strands());
        all.add(binds);
        return Piece.of(piece.name(), piece.purpose(), all)
                .withParts(
                        List.of(),
                        List.of(Join.of("binding.rounds", "flower.petals"), Join.of("binding.rounds", "inner.petals")));
    }

    private static Strand flower(String id, String name, double mandrelMm, Values values, Wire wire) {
        int petals = values.count("petals");
        Wrap.Core pinched = Wrap.Core.ofWires(petals, wire.section().inPlaneMm());
        Wrap once = Wrap.of("first-lashing", pinched, 1, Turn.LEFT);
        double turns = values.number("tailMm") / wireMm(List.of(once), wire);
        List<Element> elements = List.of(
                once.withTurns(turns),
                Coil.of("petals", mandrelMm, petals, Turn.LEFT).fanned(),
                Wrap.of("second-lashing", pinched, turns, Turn.RIGHT));
        return Strand.of(id, name, wire, elements)
                .withOrder(List.of("petals", "first-lashing", "second-lashing"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
    }
}
