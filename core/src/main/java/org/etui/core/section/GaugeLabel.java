package org.etui.core.section;

import org.etui.core.check.Term;
import org.etui.core.measure.GaugeSystem;

/**
 * The gauge name that wire was bought by. The measured size rules; the label is only remembered.
 *
 * @param system the gauge system of the label
 * @param number the number on the label
 */
public record GaugeLabel(
        @Term("the gauge system of the label") GaugeSystem system,

        @Term(value = "the number on the label", from = 1, to = 20)
        String number) {}
