package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.act.Act;
import org.etui.core.act.Run;
import org.etui.core.act.With;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.metal.TemperNow;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.section.WireSection;
import org.etui.core.verify.PieceChecks;
import org.etui.core.work.Reading;
import org.etui.core.work.StrandWork;
import org.etui.core.work.Wanted;

/**
 * An element flattened further and further, every rung the whole strand worked again: what a pull at the hammer's scale meets.
 *
 * @param fromMm thickness that it is flattened from
 * @param rungs from thick to thin, the first without that flattening
 * @param holdsFromMm the thickest that holds what is wanted; absent where none does or nothing is wanted
 * @param mindsFromMm the thickest at which the strain is to be minded; absent where none is
 */
public record Thinning(
        @Term("thickness that it is flattened from, mm") double fromMm,

        @Term("from thick to thin, the first without that flattening")
        List<Rung> rungs,

        @Term("the thickest that holds what is wanted, mm; absent where none does or nothing is wanted")
        OptionalDouble holdsFromMm,

        @Term("the thickest at which the strain is to be minded, mm; absent where none is")
        OptionalDouble mindsFromMm) {

    /**
     * One thickness.
     *
     * @param toMm thickness
     * @param widthMm width then
     * @param growth length then over length as bought
     * @param strain strain added since purchase
     * @param strainLeft what the metal still stands
     * @param temperNow the nearest temper
     * @param insideMm inside then; absent where it is not round
     * @param holdN what it holds then; absent where nothing pulls it open
     */
    public record Rung(
            @Term("thickness, mm") double toMm,
            @Term("width then, mm") double widthMm,
            @Term("length then over length as bought") double growth,
            @Term("strain added since purchase") double strain,
            @Term("what the metal still stands, strain") double strainLeft,
            @Term("the nearest temper") TemperNow temperNow,

            @Term("inside then, mm; absent where it is not round")
            OptionalDouble insideMm,

            @Term("what it holds then, N; absent where nothing pulls it open")
            OptionalDouble holdN) {}

    private static final double LEAST_SHARE = 0.45;
    private static final double STEP_SHARE = 0.05;

    /**
     * The rungs of an element.
     *
     * @param strand id of the strand
     * @param element id of the element
     * @param with the hammer or die
     * @throws BadInput if the document does not hold together, or there is no such strand or element
     */
    public static Thinning of(Piece piece, String strand, String element, With with) {
        PieceChecks.require(piece);
        Strand one = piece.strand(strand)
                .orElseThrow(() -> new BadInput("strand", strand, "must be the id of a strand of the piece"));
        if (one.element(element).isEmpty()) {
            throw new BadInput("element", element, "must be the id of an element of the strand");
        }
        WireSection section = one.wire().section();
        List<StrandWork> works = piece.joins().isEmpty() ? List.of() : StrandWork.all(piece);
        double wants = Wanted.of(piece, works).newtons(one, one.element(element).orElseThrow());
        Rung without = rung(StrandWork.of(piece.withWork(bare(piece, one, element)), one), element);
        List<Rung> rungs = new ArrayList<>();
        rungs.add(without);
        for (double share = 1 - STEP_SHARE; share > LEAST_SHARE - 1e-9; share -= STEP_SHARE) {
            double to = Math.round(section.thicknessMm() * share * 100) / 100.0;
            if (to < without.toMm()) {
                rungs.add(rung(StrandWork.of(piece.withWork(flattened(piece, one, element, to, with)), one), element));
            }
        }
        double amber = one.wire().amberStrain();
        return new Thinning(
                without.toMm(),
                List.copyOf(rungs),
                rungs.stream()
                        .filter(r -> wants > 0 && r.holdN().orElse(0) >= wants)
                        .mapToDouble(Rung::toMm)
                        .findFirst(),
                rungs.stream()
                        .filter(r -> one.wire().redStrain() - r.strainLeft() >= amber)
                        .mapToDouble(Rung::toMm)
                        .findFirst());
    }

    private static Rung rung(StrandWork work, String element) {
        Reading reading = work.reading(element);
        Run run = work.finished().of(element).get(0);
        return new Rung(
                run.section().thicknessMm(),
                run.section().widthMm(),
                run.growth(),
                reading.strain(),
                reading.strainLeft(),
                reading.temperNow(),
                work.finished().insideMm(element),
                reading.standsN());
    }

    private static boolean isAlone(Work work, Strand strand, String element) {
        return work.act() instanceof Act.Flatten
                && (work.strand().isEmpty() || work.strand().equals(strand.id()))
                && work.elements().equals(List.of(element));
    }

    /** Without the flattening of this element alone; what came after it comes when all is formed. */
    private static List<Work> bare(Piece piece, Strand strand, String element) {
        return piece.work().stream().filter(w -> !isAlone(w, strand, element)).toList();
    }

    /** With the flattening of this element alone to another thickness; a new one after all else where there is none. */
    private static List<Work> flattened(Piece piece, Strand strand, String element, double to, With with) {
        List<Work> works = new ArrayList<>();
        boolean found = false;
        for (Work work : piece.work()) {
            boolean same = isAlone(work, strand, element);
            found |= same;
            works.add(same ? work.doing(new Act.Flatten(to, with)) : work);
        }
        if (!found) {
            Set<String> taken = piece.work().stream().map(Work::id).collect(Collectors.toSet());
            String id = "flatten";
            while (taken.contains(id)) {
                id += "-";
            }
            works.add(Work.of(id, strand.id(), List.of(element), new Act.Flatten(to, with)));
        }
        return works;
    }
}
