package org.etui.core.log;

import org.etui.core.check.Term;
import org.etui.core.metal.Metal;

/**
 * What is learnt together.
 *
 * @param kind kind of element; for what no element is formed in, kind of step
 * @param metal the metal
 * @param band thickness of the wire
 */
public record Group(
        @Term(value = "kind of element; for what no element is formed in, kind of step", to = 60)
        String kind,

        @Term("the metal") Metal metal,
        @Term("thickness of the wire") Band band) {}
