package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.metal.Metal;
import org.etui.core.wire.Finish;

/** Enamelled wire must not be gripped by bare jaws (common practice). */
final class BareJaws implements Rule {
    private static final String NAME = "bare-jaws";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachStrand(spot ->
                spot.wire().metal() == Metal.ENAMELLED_COPPER || spot.wire().finish() == Finish.ENAMELLED
                        ? spot.saysOfWire(
                                Advice.Severity.NOTE,
                                NAME,
                                "The coat of this wire flakes between bare jaws.",
                                "Steel jaws cut through the enamel, and pickling or filing takes it off (common practice).",
                                "Tape or dip the jaws, or form it with nylon jaws and fingers.",
                                Optional.empty())
                        : Optional.empty());
    }
}
