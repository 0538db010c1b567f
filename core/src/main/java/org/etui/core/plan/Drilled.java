package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.curve.Pose;
import org.etui.core.piece.Body;
import org.etui.core.piece.Solid;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * What wire through the holes of a stone keeps it from: sideways and tilting by the wall of the hole, along it where the wire is led aside beyond a
 * mouth. The little that the wire has to play in the hole is not counted, nor how far the stone slides before the bend stops it.
 */
final class Drilled {
    /** Round a mouth so many places of the wall stand for all of it. */
    private static final int ROUND = 8;

    /** An axis that leaves that of the piece by less is one with it (2.5°). */
    private static final double ALONG = 0.999;

    private final List<Retention.Contact> contacts = new ArrayList<>();
    private final Pose there;
    private final Vector3D middle;
    private final double reachMm;

    private Drilled(Pose there, Vector3D middle, double reachMm) {
        this.there = there;
        this.middle = middle;
        this.reachMm = reachMm;
    }

    /**
     * Contacts of all holes that wire goes through; none where it goes through none.
     *
     * @param there where the stone lies
     * @param middle what contacts are measured from, in the stone's own axes
     */
    static List<Retention.Contact> contacts(Solid solid, List<Plan.StrandPlan> strands, Pose there, Vector3D middle) {
        Drilled drilled = new Drilled(there, middle, solid.alongMm() / 2);
        Pose back = there.inverse();
        for (Body.Hole hole : solid.body().holes()) {
            for (Plan.StrandPlan strand : strands) {
                drilled.look(
                        hole,
                        strand.drawn().outline().stream()
                                .map(p ->
                                        back.at(new Vector3D(p[0], p[1], p[2])).subtract(at(hole)))
                                .toList());
            }
        }
        return drilled.contacts;
    }

    /**
     * The axis of the piece about which a stone swings on its only hole, as of a motion: 3 to 5; −1 where its hole runs otherwise. A stone that
     * swings so is not lost.
     */
    static int swings(Body body, Pose there) {
        if (body.holes().size() != 1) {
            return -1;
        }
        double[] axis = there.frame().applyTo(axis(body.holes().get(0))).toArray();
        return IntStream.range(0, axis.length)
                .filter(i -> Math.abs(axis[i]) > ALONG)
                .map(i -> Retention.TURNS + i)
                .findFirst()
                .orElse(-1);
    }

    private static Vector3D at(Body.Hole hole) {
        return new Vector3D(hole.atMm().get(0), hole.atMm().get(1), hole.atMm().get(2));
    }

    private static Vector3D axis(Body.Hole hole) {
        return new Vector3D(
                        hole.along().get(0), hole.along().get(1), hole.along().get(2))
                .normalize();
    }

    /** Whether a place lies in a hole or before its mouth, where what touches is the wall. */
    static boolean isIn(Solid solid, Vector3D place, double thicknessMm) {
        return solid.body().holes().stream().anyMatch(hole -> {
            Vector3D p = place.subtract(at(hole));
            Vector3D axis = axis(hole);
            return outMm(p, axis) < hole.diameterMm() / 2
                    && Math.abs(p.dotProduct(axis)) < solid.alongMm() / 2 + thicknessMm;
        });
    }

    /** @param line the wire about the middle of the hole */
    private void look(Body.Hole hole, List<Vector3D> line) {
        Vector3D axis = axis(hole);
        double wide = hole.diameterMm() / 2;
        for (int i = 1; i < line.size(); i++) {
            double before = line.get(i - 1).dotProduct(axis);
            double after = line.get(i).dotProduct(axis);
            if (before * after <= 0 && before != after) {
                Vector3D step = line.get(i).subtract(line.get(i - 1));
                if (outMm(line.get(i - 1).add(before / (before - after), step), axis) < wide) {
                    wall(hole, axis);
                    Stream.of(led(line, axis, wide, i, 1), led(line, axis, wide, i - 1, -1))
                            .mapToDouble(along -> along)
                            .filter(along -> Math.abs(along) > reachMm / 2)
                            .forEach(along -> add(
                                    at(hole).add(Math.copySign(reachMm, along), axis),
                                    axis.scalarMultiply(Math.signum(along))));
                }
            }
        }
    }

    /** How far along the hole wire leaves what goes on straight out of it; 0 where it ends before. */
    private static double led(List<Vector3D> line, Vector3D axis, double wide, int from, int step) {
        for (int i = from; i >= 0 && i < line.size(); i += step) {
            if (outMm(line.get(i), axis) > wide) {
                return line.get(i).dotProduct(axis);
            }
        }
        return 0;
    }

    private static double outMm(Vector3D p, Vector3D axis) {
        return p.subtract(p.dotProduct(axis), axis).getNorm();
    }

    private void wall(Body.Hole hole, Vector3D axis) {
        Vector3D one = axis.orthogonal();
        Vector3D other = axis.crossProduct(one);
        for (int side : new int[] {-1, 1}) {
            for (int i = 0; i < ROUND; i++) {
                double turned = 2 * Math.PI * i / ROUND;
                Vector3D out = one.scalarMultiply(Math.cos(turned)).add(Math.sin(turned), other);
                add(at(hole).add(side * reachMm, axis).add(hole.diameterMm() / 2, out), out.negate());
            }
        }
    }

    private void add(Vector3D at, Vector3D normal) {
        contacts.add(new Retention.Contact(
                there.frame().applyTo(at.subtract(middle)), there.frame().applyTo(normal)));
    }
}
