package org.etui.core.plan;

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
 */
public record PlanOptions(States states, LengthFormat format, Toolbox box, School school) {
    /** The last state, millimetres. */
    public static final PlanOptions USUAL = new PlanOptions(States.LAST, new LengthFormat(Units.MM));

    /** With the tools that a bench starts with. */
    public PlanOptions(States states, LengthFormat format) {
        this(states, format, Toolbox.STARTER, School.USUAL);
    }

    /** With tools of one's own, as usually taught. */
    public PlanOptions(States states, LengthFormat format, Toolbox box) {
        this(states, format, box, School.USUAL);
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
