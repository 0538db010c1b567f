package org.etui.core.plan;

import org.etui.core.colour.BathLog;
import org.etui.core.log.Hand;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.sequence.School;
import org.etui.core.tool.Toolbox;

/**
 * What a plan should carry.
 *
 * @param states which states
 * @param format how the card writes lengths
 * @param box the tools owned
 * @param school what the maker was taught
 * @param log what came out of the maker's own baths
 * @param hand the maker's own hand, as far as it is used
 */
public record PlanOptions(States states, LengthFormat format, Toolbox box, School school, BathLog log, Hand hand) {
    /** The last state, millimetres. */
    public static final PlanOptions USUAL = new PlanOptions(States.LAST, new LengthFormat(Units.MM));

    /** With the tools that a bench starts with. */
    public PlanOptions(States states, LengthFormat format) {
        this(states, format, Toolbox.STARTER);
    }

    /** The same by another hand. */
    public PlanOptions by(Hand other) {
        return new PlanOptions(states, format, box, school, log, other);
    }

    /** No states, millimetres, general values but for the maker's own hand: for lengths, minutes and money. */
    public static PlanOptions figures(Hand hand) {
        return new PlanOptions(States.NONE, USUAL.format()).by(hand);
    }

    /** With tools of one's own, as usually taught. */
    public PlanOptions(States states, LengthFormat format, Toolbox box) {
        this(states, format, box, School.USUAL, BathLog.EMPTY, Hand.GENERAL);
    }

    /** Which states a plan carries. */
    public enum States {
        /** Every one. */
        ALL,
        /** The finished one. */
        LAST,
        /** None. */
        NONE
    }
}
