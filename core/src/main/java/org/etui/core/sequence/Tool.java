package org.etui.core.sequence;

import java.util.OptionalDouble;
import org.etui.core.check.Term;
import org.etui.core.element.Bend;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Spiral;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;

/**
 * What an element is formed on.
 *
 * @param kind the tool in words
 * @param insideMm size that the wire is laid round, mm; springback is not reckoned yet
 * @param comesToMm inside size after release, mm; absent while springback is not reckoned
 */
public record Tool(
        @Term("the tool in words") String kind,
        @Term("size that the wire is laid round, mm") double insideMm,
        @Term("inside size after release, mm") OptionalDouble comesToMm) {
    /** Round-nose pliers reach about this far up the cone (common practice). */
    private static final double ROUND_NOSE_MM = 6;

    /** Steps of bail-forming pliers end about here (common practice). */
    private static final double STEPPED_MM = 10;

    /** Ring mandrels end about here; above it is a bangle mandrel (common practice). */
    private static final double RING_MM = 25;

    /** The tool for an element that is wound or bent; a size of nothing for what is not. */
    public static Tool of(Element element) {
        double inside = element.woundInsideMm().orElse(0);
        return new Tool(kind(element, inside), inside, OptionalDouble.empty());
    }

    private static String kind(Element element, double inside) {
        if (element instanceof Spiral) {
            return "pliers, nylon jaws";
        }
        if (element instanceof Wrap) {
            return "fingers, chain-nose pliers";
        }
        if (element instanceof Girth) {
            return "the stone, flat-nose pliers";
        }
        if (element instanceof Twist) {
            return "flat-nose pliers, pin vice";
        }
        if (element instanceof Bend) {
            return "flat-nose pliers";
        }
        if (element instanceof Curl || inside <= ROUND_NOSE_MM / 2) {
            return "round-nose pliers";
        }
        if (inside <= STEPPED_MM) {
            return "stepped pliers";
        }
        return inside <= RING_MM ? "mandrel" : "bangle mandrel";
    }
}
