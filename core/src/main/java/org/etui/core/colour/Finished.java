package org.etui.core.colour;

import java.util.List;
import java.util.stream.IntStream;
import org.etui.core.check.Term;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;

/**
 * A metal out of the bath and polished back.
 *
 * @param bare the bare metal as #rrggbb
 * @param outOfBath its colour under the film
 * @param polished the same after polishing back, by how hidden a place is, from 0 to 1 in equal steps
 */
public record Finished(
        @Term("the bare metal as #rrggbb") String bare,
        @Term("its colour under the film") String outOfBath,

        @Term("the same after polishing back, by how hidden a place is, from 0 to 1 in equal steps")
        List<String> polished) {
    /** The eye tells no more apart along a wire (engineering estimate). */
    private static final int STEPS = 20;

    /**
     * The colours of a metal under a film.
     *
     * @param filmNm the film out of the bath, nm
     * @param share taken off the high places, 0 to 1
     * @param tool what it is polished back with
     */
    public static Finished of(Metal metal, double filmNm, double share, Colour.PolishWith tool) {
        Shade shade = Shade.of(metal);
        return new Finished(
                shade.hex(0),
                shade.hex(filmNm),
                IntStream.rangeClosed(0, STEPS)
                        .mapToObj(i -> shade.hex(filmNm, PolishBack.bare((double) i / STEPS, share, tool)))
                        .toList());
    }
}
