package org.etui.core.sequence;

import java.util.List;
import org.etui.core.check.Term;

/**
 * Things that cannot be put together in any order.
 *
 * @param what what locks one another: strand.element or parts
 * @param because why
 * @param instead what to do instead
 */
public record Lock(
        @Term("what locks one another: strand.element or parts")
        List<String> what,

        @Term("why") String because,
        @Term("what to do instead") String instead) {}
