package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Placed;
import org.etui.core.curve.Pose;
import org.etui.core.element.Element;
import org.etui.core.element.Forming;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Source;
import org.etui.core.wire.Wire;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** A named recipe: a handful of measures in, a bare piece document out. */
public abstract class Pattern {
    private final String name;
    private final String title;
    private final String about;
    private final List<Purpose> purposes;
    private final Wire wire;
    private final List<Parameter> parameters;

    Pattern(String name, String title, String about, List<Purpose> purposes, Wire wire, List<Parameter> parameters) {
        this.name = name;
        this.title = title;
        this.about = about;
        this.purposes = purposes;
        this.wire = wire;
        this.parameters = parameters;
    }

    /** Name in the document. */
    public String name() {
        return name;
    }

    /** Words on screen. */
    public String title() {
        return title;
    }

    /** One sentence on what it is for. */
    public String about() {
        return about;
    }

    /** What it can be for; the first is usual. */
    public List<Purpose> purposes() {
        return purposes;
    }

    /** The wire it is usually made in. */
    public Wire wire() {
        return wire;
    }

    /** The measures it asks for. */
    public List<Parameter> parameters() {
        return parameters;
    }

    /**
     * Makes the piece.
     *
     * @param given values by name; what is missing has its default
     * @param wireAsked the wire, or the usual one
     * @param purposeAsked the purpose, or the usual one
     * @throws BadInput with every unknown name and every value out of range
     */
    public Piece make(Map<String, Object> given, Optional<Wire> wireAsked, Optional<Purpose> purposeAsked) {
        Values values = Values.of(parameters, given);
        Piece bare = build(values, wireAsked.orElse(wire), purposeAsked.orElse(purposes.get(0)));
        return bare.withSource(new Source(name, values.all(), false));
    }

    /**
     * Makes the piece that uses up a length of wire: one measure is left free.
     *
     * @param given values by name; what is given of the free one is not looked at
     * @param wireAsked the wire, or the usual one
     * @param purposeAsked the purpose, or the usual one
     * @param atHandMm the wire at hand, handle and spare included, mm
     * @throws BadInput if even the least takes more, naming what lacks
     */
    public Piece makeFrom(
            Map<String, Object> given, Optional<Wire> wireAsked, Optional<Purpose> purposeAsked, double atHandMm) {
        return make(
                AtHand.measures(this, given, wireAsked.orElse(wire), purposeAsked, atHandMm), wireAsked, purposeAsked);
    }

    /** The piece with everything usual. */
    public Piece usual() {
        return make(Map.of(), Optional.empty(), Optional.empty());
    }

    abstract Piece build(Values values, Wire asked, Purpose purpose);

    /** A paddle's thickness from the parameter {@code paddlePercent}, to the hundredth of a millimetre as a maker reads it. */
    static double paddleTo(Values values, Wire wire) {
        double exact = wire.section().thicknessMm() * values.number("paddlePercent") / 100;
        return Math.round(exact * 100) / 100.0;
    }

    /** Wire that elements take in a strand of one wire, mm. */
    static double wireMm(List<Element> elements, Wire wire) {
        double thickness = wire.section().inPlaneMm();
        double sum = 0;
        for (int i = 0; i < elements.size(); i++) {
            for (CurvePiece shape : elements.get(i).shape(new Forming(thickness, i == 0))) {
                sum += shape.wireLengthMm(thickness);
            }
        }
        return sum;
    }

    /** How far elements in one plane turn the heading in all, degrees, positive to the left. */
    static double turnDeg(List<Element> elements, Wire wire) {
        double thickness = wire.section().inPlaneMm();
        List<CurvePiece> shapes = new ArrayList<>();
        for (Element element : elements) {
            shapes.addAll(element.shape(new Forming(thickness, shapes.isEmpty())));
        }
        Vector3D heading = CentreLine.of(thickness, shapes)
                .pieces()
                .get(shapes.size() - 1)
                .end()
                .heading();
        return Math.toDegrees(Math.atan2(heading.getY(), heading.getX()));
    }

    /** Where an element by itself ends, as seen from its beginning. */
    static Pose end(Element element, double thicknessMm) {
        List<Placed> placed = CentreLine.of(thicknessMm, element.shape(new Forming(thicknessMm, false)))
                .pieces();
        return placed.get(placed.size() - 1).end();
    }
}
