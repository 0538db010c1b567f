package org.etui.core.act;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.etui.core.curve.Arc;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Helix;
import org.etui.core.curve.Placed;
import org.etui.core.curve.Pose;
import org.etui.core.wire.Wire;

/**
 * A strand at one moment: runs in order along the wire. What is not formed yet is straight. Positions along the wire count
 * from the beginning of the first element, so that a handle before it lies below zero.
 *
 * @param wire what it is made of
 * @param runs in order along the wire, at least one
 * @param anchor id of the element that the drawing's frame is fixed at
 */
public record Workpiece(Wire wire, List<Run> runs, String anchor) {
    /** @param runs in order */
    public Workpiece {
        runs = List.copyOf(runs);
    }

    /** Length of metal now, mm. */
    public double lengthMm() {
        return runs.stream().mapToDouble(Run::metalMm).sum();
    }

    /** Wire in the elements before any work, mm. */
    public double netMm() {
        double sum = 0;
        for (Run run : runs) {
            sum += run.kind() == Run.Kind.ELEMENT ? run.wireMm() : 0;
        }
        return sum;
    }

    /** Wire before the first element: a handle, mm. */
    public double beforeMm() {
        double sum = 0;
        for (int i = 0; i < runs.size() && runs.get(i).kind() != Run.Kind.ELEMENT; i++) {
            sum += runs.get(i).wireMm();
        }
        return sum;
    }

    /**
     * Position along the wire where an element begins, mm.
     *
     * @throws IllegalArgumentException if there is no such element
     */
    public double fromMm(String element) {
        double at = 0 - beforeMm();
        for (Run run : runs) {
            if (run.element().equals(element)) {
                return at;
            }
            at += run.wireMm();
        }
        throw new IllegalArgumentException("no element " + element);
    }

    /** Wire in an element before any work, mm. */
    public double wireMm(String element) {
        return of(element).stream().mapToDouble(Run::wireMm).sum();
    }

    /** The runs of an element, in order. */
    public List<Run> of(String element) {
        List<Run> found = new ArrayList<>();
        for (Run run : runs) {
            if (run.element().equals(element)) {
                found.add(run);
            }
        }
        return found;
    }

    /** Inside diameter of the widest-turning arc of an element as it lies, mm; empty where nothing of it is round. */
    public OptionalDouble insideMm(String element) {
        return of(element).stream()
                .filter(r -> r.formed() && seenAlong(r.shape()) instanceof Arc)
                .max(Comparator.comparingDouble(r -> r.shape().turnRad()))
                .map(r -> OptionalDouble.of(
                        2 * seenAlong(r.now()).lengthMm() / r.now().turnRad()
                                - r.section().inPlaneMm()))
                .orElse(OptionalDouble.empty());
    }

    /** A coil as its axis sees it: the turns lie on each other. */
    private static CurvePiece seenAlong(CurvePiece shape) {
        return shape instanceof Helix helix ? helix.base() : shape;
    }

    /** The centre line as it lies, the anchor at the origin heading along x. */
    public CentreLine centreLine() {
        List<Placed> fromStart = laid(Pose.START);
        Pose anchored = Pose.START;
        for (int i = 0; i < runs.size(); i++) {
            if (runs.get(i).element().equals(anchor)) {
                anchored = fromStart.get(i).start();
                break;
            }
        }
        return new CentreLine(laid(anchored.inverse()));
    }

    private List<Placed> laid(Pose start) {
        double wire = 0 - beforeMm();
        List<Placed> placed = new ArrayList<>();
        Pose pose = start;
        for (Run run : runs) {
            Placed next = new Placed(pose, run.now(), wire, run.wireMm());
            placed.add(next);
            pose = next.end();
            wire = next.wireToMm();
        }
        return placed;
    }

    /** Whether its wire lies in the same form, of the same sections: what its fibres remember may differ. */
    public boolean liesLike(Workpiece other) {
        boolean alike = anchor.equals(other.anchor) && runs.size() == other.runs.size();
        for (int i = 0; alike && i < runs.size(); i++) {
            alike = runs.get(i).liesLike(other.runs.get(i));
        }
        return alike;
    }

    /** The workpiece with every run changed by a function. */
    public Workpiece each(UnaryOperator<Run> change) {
        return new Workpiece(wire, runs.stream().map(change).toList(), anchor);
    }
}
