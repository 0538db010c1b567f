package org.etui.core.mechanics;

import java.util.List;
import org.etui.core.check.Term;

/**
 * A bend pulled by a load, or squeezed, and let go. Outlines are centre lines with both legs, the middle of the back at the origin, the
 * mouth to the right; of a load beyond what the bend can carry they show the furthest that is worked out.
 *
 * @param loadN the load
 * @param shut whether it is a squeeze that shuts it
 * @param opensMm how far it opens, or shuts, under the load
 * @param staysMm how far it stays so afterwards
 * @param beyond whether no section of the wire carries that load
 * @param rest before: x, y, mm
 * @param under under the load: x, y, mm
 * @param after let go: x, y, mm
 */
public record Pull(
        @Term("the load, N") double loadN,

        @Term("whether it is a squeeze that shuts it, not a pull that opens it")
        boolean shut,

        @Term("how far it opens, or shuts, under the load, mm")
        double opensMm,

        @Term("how far it stays so afterwards, mm") double staysMm,

        @Term("whether no section of the wire carries that load")
        boolean beyond,

        @Term("centre line before: x, y, mm") List<double[]> rest,
        @Term("centre line under the load: x, y, mm") List<double[]> under,
        @Term("centre line let go: x, y, mm") List<double[]> after) {}
