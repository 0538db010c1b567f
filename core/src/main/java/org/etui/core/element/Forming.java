package org.etui.core.element;

import org.etui.core.check.Check;

/**
 * What an element needs to know of the wire it is formed in.
 *
 * @param thicknessMm thickness in the plane of bending, mm, above 0
 * @param first whether the element begins the strand
 */
public record Forming(double thicknessMm, boolean first) {
    /** @throws IllegalArgumentException if the thickness is out of range */
    public Forming {
        Check.positive("thicknessMm", thicknessMm);
    }
}
