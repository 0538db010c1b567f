package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.mechanics.Bearing;
import org.etui.core.mechanics.Hold;
import org.etui.core.mechanics.Load;
import org.etui.core.piece.Piece;

/** A hook, loop, eye or bow that gives under the load that its purpose wants (loads are estimates). */
public final class HoldsTooLittle implements Rule {
    /** Its name in advice. */
    public static final String NAME = "holds-too-little";

    /** Below this share of the load it fails for certain (engineering estimate). */
    private static final double FAILS = 0.6;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.piece().purpose().carriesLoad() ? bench.eachElement(HoldsTooLittle::look) : List.of();
    }

    private static Optional<Advice> look(Spot spot) {
        double wants = spot.wantsN();
        double holds = spot.reading().standsN().orElse(wants);
        if (holds >= wants) {
            return Optional.empty();
        }
        Optional<Strengthen.Way> way = new Strengthen(spot, NAME, Bearing.Limit.HOLDS, wants).first();
        Bearing.Fails fails = spot.reading().hold().orElseThrow().fails();
        return spot.says(
                holds < FAILS * wants ? Advice.Severity.STOP : Advice.Severity.MIND,
                NAME,
                String.format(
                        Locale.ROOT,
                        says(spot, fails),
                        spot.element().label(),
                        Load.inWords(holds),
                        Load.inWords(wants)),
                String.format(
                        Locale.ROOT,
                        because(spot, fails) + " (estimate, good to about ±%.0f %%).",
                        100 * Hold.HOLDS_BAND),
                way.map(Strengthen.Way::instead).orElse(instead(fails)),
                way.map(w -> w.fix().patches()));
    }

    private static String says(Spot spot, Bearing.Fails fails) {
        if (spot.reading().isSqueezed()) {
            return "The %s stands a squeeze of %s; " + needs(spot);
        }
        return switch (fails) {
            case OPENS, YIELDS -> "The %s holds %s; " + needs(spot);
            case SLIPS -> "The turns that close the %s slip at %s; " + needs(spot);
            case BREAKS -> "The wire of the %s breaks at %s; " + needs(spot);
        };
    }

    private static String needs(Spot spot) {
        Piece piece = spot.bench().piece();
        String purpose = piece.purpose().inWords();
        String a = "aeiou".indexOf(purpose.charAt(0)) < 0 ? "a " : "an ";
        return piece.loadN().isPresent() ? "this one has to hold %s." : a + purpose + " needs %s.";
    }

    private static String because(Spot spot, Bearing.Fails fails) {
        if (spot.reading().isSqueezed()) {
            return "That squeeze, " + spot.say(5, 0)
                    + " beyond the bow, begins to shut it for good: there the back is bent again as hard as on the tool";
        }
        return switch (fails) {
            case OPENS ->
                "That load leaves " + spot.say(0.2, 1) + " of opening: the fibres of the bend as a curved beam";
            case YIELDS ->
                "That load draws the closed eye out by " + spot.say(0.2, 1)
                        + " for good: the fibres of a ring, closed at its end";
            case SLIPS -> "Each turn holds by its own stiffness and by friction on what it is wound on";
            case BREAKS -> "The straight wire necks at its tensile strength (Considère)";
        };
    }

    private static String instead(Bearing.Fails fails) {
        return switch (fails) {
            case OPENS, YIELDS -> "Make it smaller, of thicker or harder wire; hammering alone does not do.";
            case SLIPS -> "Give the wrap a turn more.";
            case BREAKS -> "Take thicker or harder wire.";
        };
    }
}
