package org.etui.core.sequence;

import java.util.List;

/** One thing that has to come before another, because of what the things are. */
interface Precedence {
    /** Every one, in the order in which they are looked at. */
    List<Precedence> ALL = List.of(
            new BeadBeforeEnds(),
            new Strung(),
            new HungBeforeClosing(),
            new StoneBeforeCover(),
            new LashBeforeBending(),
            new CrystalInCap(),
            new CordIntoCoil(),
            new SpringOnPivot(),
            new HammerBeforeParts());

    /** Adds steps, and says what they wait for. */
    void apply(Course course);
}
