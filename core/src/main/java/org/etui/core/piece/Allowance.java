package org.etui.core.piece;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * What is cut beyond the wire in the elements.
 *
 * @param policy how generously
 * @param handleMm length of each handle, mm
 * @param handleAt which end carries a handle; empty: the end formed last
 * @param tailMm spare at the end, mm
 * @param fileMm filing, mm a strand
 */
public record Allowance(
        @Term(value = "how generously wire is cut", or = "\"measured\"")
        Policy policy,

        @Term(value = "length of each handle, mm", from = 0, to = 1000, or = "20")
        double handleMm,

        @Term("which end carries a handle; default: the end formed last")
        Optional<HandleAt> handleAt,

        @Term(value = "spare at the end, mm", from = 0, to = 1000, or = "0")
        double tailMm,

        @Term(value = "filing, mm a strand", from = 0, to = 100, or = "0.5")
        double fileMm) {

    /** @throws IllegalArgumentException if a measure is out of range */
    public Allowance {
        Check.within("handleMm", handleMm, 0, 1000);
        Check.within("tailMm", tailMm, 0, 1000);
        Check.within("fileMm", fileMm, 0, 100);
    }

    /** Measured, 20 mm of handle at the end formed last, half a millimetre of filing. */
    public static Allowance usual() {
        return new Allowance(Policy.MEASURED, 20, Optional.empty(), 0, 0.5);
    }

    /** The same, with the handle elsewhere. */
    public Allowance withHandleAt(HandleAt where) {
        return new Allowance(policy, handleMm, Optional.of(where), tailMm, fileMm);
    }
}
