package org.etui.core.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.etui.core.act.Run;
import org.etui.core.check.Check;
import org.etui.core.curve.Arc;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Grip;
import org.etui.core.curve.Line;
import org.etui.core.curve.Placed;
import org.etui.core.curve.Pose;
import org.etui.core.element.Element;
import org.etui.core.element.Turn;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Pegs that a flat strand can be bent round: one in every round, of the size to lay the wire round so that it comes to the size asked for. The pegs
 * stand where the wire needs them while it is held: it goes further round each by its springback, so that lifted off, when every round opens, it is the form
 * that was asked for. What is bent by hand afterwards is still straight on the jig.
 *
 * @param strand id of the strand
 * @param title its name
 * @param flat whether it lies flat; a strand that does not has no pegs
 * @param pegs in order along the wire
 * @param way the middle of the wire on the jig, mm, as x and y
 * @param byHand what is bent by hand afterwards: corners, spirals, wraps
 */
public record Jig(String strand, String title, boolean flat, List<Peg> pegs, List<double[]> way, List<String> byHand) {
    /** No jig. */
    public static final Jig NONE = new Jig("", "", false, List.of(), List.of(), List.of());

    private static final double FLAT_MM = 0.01;
    private static final double STEP_RAD = 0.1;

    /**
     * A peg.
     *
     * @param element id of the element
     * @param label its name
     * @param xMm middle, mm to the right of the first peg
     * @param yMm middle, mm upwards from the first peg
     * @param diameterMm size of the peg
     * @param comesToMm inside of the wire when it is lifted off
     * @param turns how far round it the wire goes, positive to the left
     */
    public record Peg(
            String element, String label, double xMm, double yMm, double diameterMm, double comesToMm, double turns) {}

    /** What the wire of a strand is on its jig, piece by piece, and which of the pieces go round a peg. */
    private record Held(List<CurvePiece> pieces, Map<Integer, Element> pegs, List<String> byHand) {
        static Held of(StrandWork work) {
            Held held = new Held(new ArrayList<>(), new HashMap<>(), new ArrayList<>());
            for (Element element : work.strand().elements()) {
                held.add(work, element);
            }
            return held;
        }

        private void add(StrandWork work, Element element) {
            List<Run> runs = work.finished().of(element.id());
            if (runs.isEmpty()) {
                return;
            }
            Reading reading = work.reading(element.id());
            Run widest = runs.stream()
                    .max((a, b) -> Double.compare(a.shape().turnRad(), b.shape().turnRad()))
                    .orElseThrow();
            double radius = (reading.toolInsideMm().orElse(0)
                            + work.strand().wire().section().inPlaneMm())
                    / 2;
            boolean round = goesRound(element)
                    && reading.toolInsideMm().isPresent()
                    && radius <= Check.GREATEST
                    && reading.overbend() <= MOST_OVERBEND
                    && widest.shape().curvatures().size() == 1;
            if (!round && element.isBent()) {
                byHand.add(element.label());
            }
            for (Run run : runs) {
                if (run.shape() instanceof Grip) {
                    pieces.add(run.shape());
                } else if (round && run == widest) {
                    pegs.put(pieces.size(), element);
                    int side = element.winding().side().map(Turn::sign).orElse(1);
                    pieces.add(new Arc(radius, side * run.shape().turnRad() * reading.overbend()));
                } else if (run.wireMm() > 0) {
                    pieces.add(new Line(run.wireMm()));
                }
            }
        }
    }

    /** The same for a maker whose tool is in the left hand. */
    public Jig mirrored() {
        return new Jig(
                strand,
                title,
                flat,
                pegs.stream()
                        .map(p -> new Peg(
                                p.element(), p.label(), -p.xMm(), p.yMm(), p.diameterMm(), p.comesToMm(), -p.turns()))
                        .toList(),
                way.stream().map(at -> new double[] {-at[0], at[1]}).toList(),
                byHand);
    }

    /** Wire that has to be led this many times as far as it stays is no wire for a jig (engineering estimate). */
    private static final double MOST_OVERBEND = 4;

    /** Whether an element can go round a peg: wound, by one round that the document sizes, and not over the edge of a jaw. */
    static boolean goesRound(Element element) {
        return element.isBent()
                && element.winding().insideMm().isPresent()
                && !element.winding().jawEdge()
                && !element.winding().reshaped();
    }

    /** The jig of a strand. */
    public static Jig of(StrandWork work) {
        String id = work.strand().id();
        String title = work.strand().title();
        if (!isFlat(work)) {
            List<String> bent = work.strand().elements().stream()
                    .filter(Element::isBent)
                    .map(Element::label)
                    .toList();
            return new Jig(id, title, false, List.of(), List.of(), bent);
        }
        Held held = Held.of(work);
        double thickness = work.strand().wire().section().inPlaneMm();
        if (held.pegs().isEmpty()) {
            return new Jig(id, title, true, List.of(), List.of(), held.byHand());
        }
        CentreLine line = CentreLine.of(thickness, held.pieces());
        List<Vector3D> middles = new ArrayList<>();
        List<Integer> at = held.pegs().keySet().stream().sorted().toList();
        for (int i : at) {
            Placed placed = line.pieces().get(i);
            Arc arc = (Arc) placed.piece();
            middles.add(placed.start().at(new Vector3D(0, Math.signum(arc.sweepRad()) * arc.radiusMm(), 0)));
        }
        // Seen from the first peg, the last one to its right.
        Vector3D first = middles.get(0);
        Vector3D across = middles.get(middles.size() - 1).subtract(first);
        Pose seen = Pose.inPlane(first.getX(), first.getY(), Math.atan2(across.getY(), across.getX()))
                .inverse();
        List<Peg> pegs = new ArrayList<>();
        for (int i = 0; i < at.size(); i++) {
            Element element = held.pegs().get(at.get(i));
            Arc arc = (Arc) held.pieces().get(at.get(i));
            Vector3D middle = seen.at(middles.get(i));
            pegs.add(new Peg(
                    element.id(),
                    element.label(),
                    middle.getX(),
                    middle.getY(),
                    2 * arc.radiusMm() - thickness,
                    element.woundInsideMm().orElseThrow(),
                    arc.sweepRad() / (2 * Math.PI)));
        }
        List<double[]> way = line.stations(STEP_RAD, 2).stream()
                .map(s -> seen.at(s.pose().position()))
                .map(p -> new double[] {p.getX(), p.getY()})
                .toList();
        return new Jig(id, title, true, List.copyOf(pegs), way, List.copyOf(held.byHand()));
    }

    /** Whether all of it lies in the plane that its first round turns in. */
    public static boolean isFlat(StrandWork work) {
        List<Placed> pieces = work.line().pieces();
        Pose plane = pieces.stream()
                .filter(p -> p.piece().turnRad() > 0 && p.piece().lengthMm() > 0)
                .findFirst()
                .map(Placed::start)
                .orElse(Pose.START)
                .inverse();
        return work.line().stations(STEP_RAD, 2).stream()
                .allMatch(s -> Math.abs(plane.at(s.pose().position()).getZ()) < FLAT_MM);
    }
}
