package org.etui.core.work;

import java.util.OptionalDouble;
import org.etui.core.act.Run;
import org.etui.core.check.Term;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.mechanics.Bow;
import org.etui.core.mechanics.CoilSpring;
import org.etui.core.mechanics.Pull;
import org.etui.core.metal.Metal;

/**
 * How an element springs.
 *
 * @param springNPerMm of a coil pulled or pressed along its axis, N a mm
 * @param springMostN load from which the coil sets, N
 * @param opensFreelyMm how far the ends of a cuff may be opened before more than 0.2 mm of it stays, mm
 * @param twistBackTurns how far a twist springs back, turns
 */
public record Springing(
        @Term("of a coil pulled or pressed along its axis, N a mm, an estimate; absent for all else")
        OptionalDouble springNPerMm,

        @Term("load from which the coil sets, N, an estimate; absent for all else")
        OptionalDouble springMostN,

        @Term("how far the ends of a cuff may be opened before more than 0.2 mm of it stays, mm; absent for all else")
        OptionalDouble opensFreelyMm,

        @Term("how far a twist springs back, turns, an estimate; absent for all else")
        OptionalDouble twistBackTurns) {
    private static final OptionalDouble NONE = OptionalDouble.empty();

    /** What does not spring in a way of its own. */
    static final Springing NOT = new Springing(NONE, NONE, NONE, NONE);

    /** What goes round less is no cuff; what goes round further has no mouth. */
    private static final double LEAST_CUFF_RAD = Math.toRadians(180);

    private static final double MOST_CUFF_RAD = Math.toRadians(355);

    static Springing of(Metal metal, Element element, Run run) {
        if (element instanceof Coil coil && coil.shaped() == Coil.Shaped.NONE) {
            return coil(metal, coil, run);
        }
        if (element.handling().twistRadPerMm() > 0) {
            return new Springing(
                    NONE,
                    NONE,
                    NONE,
                    OptionalDouble.of(CoilSpring.twistsBackTurns(
                            metal,
                            run.cells().get(0).fibres(),
                            run.section().thicknessMm(),
                            run.now().lengthMm())));
        }
        return Pulled.isCuff(element, run) ? cuff(run) : NOT;
    }

    private static Springing coil(Metal metal, Coil coil, Run run) {
        double middle = coil.mandrelMm() + run.section().inPlaneMm();
        return CoilSpring.of(metal, run.cells().get(0).fibres(), run.section(), middle, coil.turns())
                .map(s -> new Springing(OptionalDouble.of(s.nPerMm()), OptionalDouble.of(s.mostN()), NONE, NONE))
                .orElse(NOT);
    }

    private static Springing cuff(Run run) {
        double turn = run.now().turnRad();
        if (turn < LEAST_CUFF_RAD || turn > MOST_CUFF_RAD) {
            return NOT;
        }
        Bow bow =
                Bow.ofCuff(run.cells().get(0).fibres(), run.section(), run.now().lengthMm() / turn, turn);
        Pull most = bow.under(bow.hold().holdsN());
        return new Springing(NONE, NONE, OptionalDouble.of(most.opensMm() - most.staysMm()), NONE);
    }
}
