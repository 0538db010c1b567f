package org.etui.core.plan;

import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;

/**
 * What a plan should carry.
 *
 * @param states which states
 * @param format how the card writes lengths
 */
public record PlanOptions(States states, LengthFormat format) {
    /** The last state, millimetres. */
    public static final PlanOptions USUAL = new PlanOptions(States.LAST, new LengthFormat(Units.MM));

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
