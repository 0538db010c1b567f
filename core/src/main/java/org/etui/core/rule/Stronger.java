package org.etui.core.rule;

import java.util.stream.Stream;
import org.etui.core.mechanics.Bearing;
import org.etui.core.piece.Piece;

/**
 * A bend that holds more, for those who mend what is made already.
 *
 * @param instead what to do, in words
 * @param piece the piece with it
 * @param byOwnTools whether it can be done to the wire as it is, with tools that are owned; else it takes other wire
 */
public record Stronger(String instead, Piece piece, boolean byOwnTools) {
    /**
     * Every way for an element to hold a load, what takes least first.
     *
     * @param bench the piece as it was worked
     * @param strand index of the strand
     * @param element index of the element
     * @param wantsN load that it has to hold, N
     */
    public static Stream<Stronger> ways(Bench bench, int strand, int element, double wantsN) {
        Spot spot = new Spot(bench, strand, element);
        return new Strengthen(spot, "holds-too-little", Bearing.Limit.HOLDS, wantsN)
                .all()
                .map(way ->
                        new Stronger(way.instead(), way.fix().after(), way.needs() == Strengthen.Needs.TOOLS_OWNED));
    }
}
