package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Piece;
import org.etui.core.work.Operation;
import org.etui.core.work.StrandWork;

/** The cautions that apply to a piece. Local rules and the maker's own training come first. */
public final class Cautions {
    private Cautions() {}

    /** Cautions for a piece, in the order of the work. */
    public static List<Caution> of(Piece piece, List<StrandWork> strands) {
        List<Caution> cautions = new ArrayList<>();
        cautions.add(new Caution("eyes", "Wear safety glasses for cutting; cover the off-cut, it flies."));
        cautions.add(new Caution("hands", "Points and fresh cuts are sharp. Rest between batches."));
        cautions.add(new Caution("dust", "Do not breathe the dust of filing and sanding; wipe damp."));
        boolean hammered =
                strands.stream().flatMap(s -> s.operations().stream()).anyMatch(Operation::isStruck);
        if (hammered) {
            cautions.add(new Caution(
                    "ears", "Wear hearing protection and glasses for hammering on steel; keep fingers on the handle."));
        }
        if (strands.stream().anyMatch(s -> s.strand().wire().metal() == Metal.MUSIC_WIRE)) {
            cautions.add(new Caution(
                    "spring wire",
                    "Use hard-wire cutters, near the pivot; the ends whip. Cover both sides of the cut."));
        }
        switch (piece.purpose()) {
            case NECKLACE_CLOSURE ->
                cautions.add(new Caution(
                        "wearing", "A hard-fixed closure does not break away: mind children, machines and sleep."));
            case EAR_WIRE ->
                cautions.add(
                        new Caution("wearing", "For ears use nickel-free wire and finish the end smooth and round."));
            default -> {}
        }
        return List.copyOf(cautions);
    }
}
