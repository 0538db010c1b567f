package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.act.Operation;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/** Cautions of the trade (common practice). Local rules and the maker's own training come first. */
public final class Cautions {
    private static final Caution EYES =
            new Caution("eyes", "Wear safety glasses for cutting; cover the off-cut, it flies.");
    private static final Caution HANDS =
            new Caution("hands", "Points and fresh cuts are sharp. Keep a handle on the wire; rest between batches.");
    private static final Caution DUST =
            new Caution("dust", "Do not breathe the dust of filing and sanding; wipe damp.");
    private static final Caution EARS = new Caution(
            "ears", "Wear hearing protection and glasses for hammering on steel; keep fingers on the handle.");
    private static final Caution SPRING_WIRE = new Caution(
            "spring wire", "Use hard-wire cutters, near the pivot; the ends whip. Cover both sides of the cut.");
    private static final Caution STEEL = new Caution(
            "steel", "It rusts: dry it, then wax or oil it. Keep it out of an acid pickle with copper or silver.");
    private static final Caution COATINGS = new Caution(
            "coatings",
            "Do not sand or heat coated wire. Some wire sold as copper or brass is coated: try a scrap first.");
    private static final Caution NICKEL =
            new Caution("nickel", "Some alloys and findings hold nickel, which irritates the skin of many people.");
    private static final Caution SULFIDE = new Caution(
            "sulfide bath",
            "It gives off hydrogen sulfide. Open window or outdoors, never with acid nearby; gloves, glasses, no kitchen ware"
                    + " afterwards; away from children and animals. Follow the safety sheet and the rules on disposal.");
    private static final Caution STONES = new Caution(
            "porous stones",
            "Pearl, opal, turquoise, malachite, coral, amber and other soft or porous stones stay out of the bath.");
    private static final Caution DRYING = new Caution("drying", "Hot air heats the metal: it burns fingers.");
    private static final Caution SEALER = new Caution("sealer", "Open window, no flame, until it is dry.");
    private static final Caution HEAT = new Caution(
            "heat",
            "Balling, annealing and soldering are outside of Etui. They need training, ventilation and fire precautions; bought"
                    + " headed pins and a fresh length of softer wire take their place.");
    private static final Caution PICKLE = new Caution(
            "steel and acid", "Steel in a pickle with copper plates everything pink: keep steel wire and tools out.");
    private static final Caution NECK = new Caution(
            "wearing", "A hard-fixed closure does not break away: take it off for children, machines and sleep.");
    private static final Caution EAR_WIRES =
            new Caution("wearing", "For ears use nickel-free wire and finish the end smooth and round.");

    /** All of them, in the order of the work. */
    public static final List<Caution> ALL = List.of(
            EYES,
            HANDS,
            DUST,
            EARS,
            SPRING_WIRE,
            STEEL,
            COATINGS,
            NICKEL,
            SULFIDE,
            STONES,
            DRYING,
            SEALER,
            PICKLE,
            HEAT,
            NECK,
            EAR_WIRES);

    private Cautions() {}

    /** Cautions for a piece, in the order of the work. */
    public static List<Caution> of(Piece piece, List<StrandWork> strands) {
        List<Caution> cautions = new ArrayList<>(List.of(EYES, HANDS, DUST));
        if (strands.stream().flatMap(s -> s.operations().stream()).anyMatch(Operation::isStruck)) {
            cautions.add(EARS);
        }
        if (strands.stream().anyMatch(s -> s.strand().wire().metal() == Metal.MUSIC_WIRE)) {
            cautions.add(SPRING_WIRE);
        }
        if (strands.stream().anyMatch(s -> s.strand().wire().metal().isSteel())) {
            cautions.add(STEEL);
        }
        if (!Dip.of(piece).isEmpty()) {
            cautions.add(SULFIDE);
            if (piece.parts().stream().anyMatch(p -> p.kind() == PartKind.STONE || p.kind() == PartKind.BEAD)) {
                cautions.add(STONES);
            }
            cautions.add(DRYING);
        }
        if (piece.strands().stream()
                .flatMap(s -> s.colour().or(piece::colour).stream())
                .anyMatch(c -> c.seal() != Colour.Seal.NONE)) {
            cautions.add(SEALER);
        }
        switch (piece.purpose()) {
            case NECKLACE_CLOSURE -> cautions.add(NECK);
            case EAR_WIRE -> cautions.add(EAR_WIRES);
            default -> {}
        }
        return List.copyOf(cautions);
    }
}
