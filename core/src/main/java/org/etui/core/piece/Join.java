package org.etui.core.piece;

import java.util.Optional;
import org.etui.core.check.Term;

/**
 * Two things that are put together.
 *
 * @param a strand.element or a part
 * @param b strand.element or a part
 * @param how it is done; worked out from what the two are where it is not given
 */
public record Join(
        @Term(value = "strand.element or a part", from = 1, to = 121)
        String a,

        @Term(value = "strand.element or a part", from = 1, to = 121)
        String b,

        @Term("how it is done; default: worked out from what the two are")
        Optional<How> how) {

    /** How two things are put together. */
    public enum How {
        /** Put on a wire while one of its ends still passes the hole. */
        THREADED,
        /** Hung in before an eye is closed. */
        HUNG,
        /** Pushed in and pressed. */
        PUSHED_THROUGH,
        /** Laid along a leg of wire, and wound over together with it. */
        WOUND_OVER,
        /** A loop is opened sideways, the other hung in, and closed again. */
        OPENED
    }

    /** Put together as the two want it. */
    public static Join of(String a, String b) {
        return new Join(a, b, Optional.empty());
    }

    /** The other of the two. */
    public String other(String one) {
        return a.equals(one) ? b : a;
    }
}
