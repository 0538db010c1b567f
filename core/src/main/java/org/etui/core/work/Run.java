package org.etui.core.work;

import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Knob;
import org.etui.core.curve.Line;
import org.etui.core.section.Section;

/**
 * A uniform run of the wire and what was done to it so far.
 *
 * @param element id of the element it belongs to
 * @param kind what it is for
 * @param shape its centre line once formed, before growth
 * @param wireMm wire in it when it was straight, mm
 * @param formed whether it is formed
 * @param section its section now
 * @param growth length now over length before work
 * @param strain equivalent plastic strain added since purchase; bending is not counted yet
 */
public record Run(
        String element,
        Kind kind,
        CurvePiece shape,
        double wireMm,
        boolean formed,
        Section section,
        double growth,
        double strain) {

    /** What a run is for. */
    public enum Kind {
        /** Part of the finished piece. */
        ELEMENT,
        /** Held on to, and trimmed later. */
        HANDLE,
        /** Spare and filing. */
        SPARE
    }

    /** Its centre line as it is now. */
    public CurvePiece now() {
        return formed ? shape.scaled(growth) : new Line(wireMm * growth);
    }

    Run asFormed() {
        return new Run(element, kind, shape, wireMm, true, section, growth, strain);
    }

    Run with(Section other, double otherGrowth, double otherStrain) {
        return new Run(element, kind, shape, wireMm, formed, other, otherGrowth, otherStrain);
    }

    /** Length of its metal now, mm: a ball that was bought is no length of wire. */
    double metalMm() {
        return shape instanceof Knob ? 0 : now().lengthMm();
    }

    /** Width in the plane of bending, mm, at a distance along it, mm. */
    public double inPlaneMm(double alongMm) {
        return shape instanceof Knob knob ? knob.widthMm(alongMm) : section.inPlaneMm();
    }

    /** Its surface, mm². */
    public double surfaceMm2() {
        return shape instanceof Knob knob
                ? Math.PI * knob.diameterMm() * knob.diameterMm()
                : section.perimeterMm() * now().lengthMm();
    }
}
