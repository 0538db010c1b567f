package org.etui.core.piece;

import org.etui.core.check.Term;

/**
 * Two things that hang in each other.
 *
 * @param a strand.element or a part
 * @param b strand.element or a part
 */
public record Join(
        @Term(value = "strand.element or a part", from = 1, to = 121)
        String a,

        @Term(value = "strand.element or a part", from = 1, to = 121)
        String b) {}
