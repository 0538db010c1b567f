package org.etui.core.element;

import org.etui.core.check.Check;

/**
 * What an element needs to know of the wire it is formed in.
 *
 * @param thicknessMm thickness in the plane of bending, mm, above 0
 * @param acrossMm its measure across that plane, mm, above 0
 * @param first whether the element begins the strand
 * @param setting what it meets in its piece
 */
public record Forming(double thicknessMm, double acrossMm, boolean first, Setting setting) {
    /** @throws IllegalArgumentException if the thickness is out of range */
    public Forming {
        Check.positive("thicknessMm", thicknessMm);
        Check.positive("acrossMm", acrossMm);
    }

    /** In round or square wire, in a piece of one strand. */
    public Forming(double thicknessMm, boolean first) {
        this(thicknessMm, thicknessMm, first, Setting.ALONE);
    }
}
