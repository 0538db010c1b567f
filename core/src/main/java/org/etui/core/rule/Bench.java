package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.piece.Piece;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.StrandWork;
import org.etui.core.work.Wanted;

/** What rules look at. */
public final class Bench {
    private final Piece piece;
    private final List<StrandWork> strands;
    private final Toolbox box;
    private final LengthFormat format;
    private final boolean seeksFixes;
    private final Wanted wanted;
    private Optional<Set<String>> stops = Optional.empty();

    private Bench(Piece piece, List<StrandWork> strands, Toolbox box, LengthFormat format, boolean seeksFixes) {
        this.piece = piece;
        this.strands = List.copyOf(strands);
        this.box = box;
        this.format = format;
        this.seeksFixes = seeksFixes;
        this.wanted = Wanted.of(piece, strands);
    }

    /**
     * With fixes.
     *
     * @param strands in the document's order
     * @param format how lengths are said
     */
    public static Bench of(Piece piece, List<StrandWork> strands, Toolbox box, LengthFormat format) {
        return new Bench(piece, strands, box, format, true);
    }

    /** The same in millimetres. */
    public static Bench of(Piece piece, List<StrandWork> strands, Toolbox box) {
        return of(piece, strands, box, new LengthFormat(Units.MM));
    }

    /**
     * Only verdicts: for many pieces at once.
     *
     * @param strands in the document's order
     */
    public static Bench withoutFixes(Piece piece, List<StrandWork> strands, Toolbox box) {
        return new Bench(piece, strands, box, new LengthFormat(Units.MM), false);
    }

    /**
     * A length in the reader's units, to be said in a sentence.
     *
     * @param decimals of a millimetre
     */
    String say(double mm, int decimals) {
        return format.say(mm, decimals);
    }

    /** The document. */
    public Piece piece() {
        return piece;
    }

    /** Its strands as worked, in the document's order. */
    public List<StrandWork> strands() {
        return strands;
    }

    /** What each element has to hold. */
    Wanted wanted() {
        return wanted;
    }

    /** The tools owned. */
    public Toolbox box() {
        return box;
    }

    /** Whether rules look for a way out that has to be tried. */
    public boolean seeksFixes() {
        return seeksFixes;
    }

    /** Rule and place of every stop; worked out at the first asking, since most pieces have no fix to try. */
    Set<String> stops() {
        if (stops.isEmpty()) {
            stops = Optional.of(Fix.stops(Rules.look(withoutFixes(piece, strands, box))));
        }
        return stops.get();
    }

    /** What a rule says of each element. */
    List<Advice> eachElement(Function<Spot, Optional<Advice>> rule) {
        List<Advice> advice = new ArrayList<>();
        for (int s = 0; s < strands.size(); s++) {
            for (int e = 0; e < strands.get(s).strand().elements().size(); e++) {
                rule.apply(new Spot(this, s, e)).ifPresent(advice::add);
            }
        }
        return advice;
    }

    /** What a rule says of each strand: it is given the place of the first element. */
    List<Advice> eachStrand(Function<Spot, Optional<Advice>> rule) {
        List<Advice> advice = new ArrayList<>();
        for (int s = 0; s < strands.size(); s++) {
            rule.apply(new Spot(this, s, 0)).ifPresent(advice::add);
        }
        return advice;
    }
}
