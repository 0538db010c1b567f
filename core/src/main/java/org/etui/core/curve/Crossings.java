package org.etui.core.curve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Finds where a line crosses or lies on itself, as seen from above. Candidates come from a fine polyline in JTS trees, a
 * tree to each piece; each is refined by Newton's method on the exact pieces, so that the result does not depend on the
 * polyline. Limbs that pass with a wire's thickness of air between them do not touch, and a spiral or helix does not touch
 * itself.
 */
public final class Crossings {
    private static final double STEP_RAD = Math.toRadians(6);
    private static final double CONVERGED_MM = 1e-10;
    /** Limbs closer than this share of the thickness lie on each other. */
    private static final double TOUCH_SHARE = 0.75;

    /** Limbs further apart than this share of the thickness, out of the plane, pass each other or lie side by side. */
    private static final double AIR_SHARE = 0.9;

    private static final int ROUNDS = 30;

    private final CentreLine line;
    private final double thicknessMm;
    private final List<Crossing> found = new ArrayList<>();
    private final List<Touch> touches = new ArrayList<>();

    private Crossings(CentreLine line, double thicknessMm) {
        this.line = line;
        this.thicknessMm = thicknessMm;
    }

    /**
     * Every place where a line crosses itself or lies on itself.
     *
     * @param line the centre line
     * @param thicknessMm thickness of the wire: places whose positions differ by less from an earlier one's count once
     */
    public static List<Crossing> of(CentreLine line, double thicknessMm) {
        Crossings crossings = new Crossings(line, thicknessMm);
        crossings.look();
        crossings.addTouches();
        crossings.found.sort((a, b) -> Double.compare(a.firstMm(), b.firstMm()));
        return crossings.found;
    }

    private void look() {
        List<Limb> limbs = limbs(line);
        for (int a = 0; a < limbs.size(); a++) {
            if (limbs.get(a).canTouchItself) {
                pair(limbs.get(a), limbs.get(a));
            }
            for (int b = a + 1; b < limbs.size(); b++) {
                Envelope near = new Envelope(limbs.get(a).box);
                near.expandBy(thicknessMm * TOUCH_SHARE);
                if (near.intersects(limbs.get(b).box)) {
                    pair(limbs.get(a), limbs.get(b));
                }
            }
        }
    }

    /** Looks at the chords of the shorter limb among those of the longer one. */
    private void pair(Limb one, Limb other) {
        boolean swap = one.chords.size() > other.chords.size();
        Limb few = swap ? other : one;
        Limb many = swap ? one : other;
        for (Chord chord : few.chords) {
            Envelope near = chord.box();
            near.expandBy(thicknessMm * TOUCH_SHARE);
            for (Object hit : many.tree().query(near)) {
                Chord b = (Chord) hit;
                if (one == other && b.index < chord.index) {
                    continue;
                }
                if (chord.index < b.index) {
                    meet(chord, b);
                } else {
                    meet(b, chord);
                }
            }
        }
    }

    private void meet(Chord chord, Chord later) {
        if (later.index <= chord.index + 1 || chord.air(later) > AIR_SHARE * thicknessMm) {
            return;
        }
        if (chord.meets(later)) {
            addRefined(chord, later);
        }
        if (later.from.wireMm() - chord.to.wireMm() > 2 * thicknessMm) {
            touches.add(Touch.of(chord, later));
        }
    }

    /** Limbs that run into each other without crossing, closest first, where no crossing is near. */
    private void addTouches() {
        touches.removeIf(t -> t.distanceMm > thicknessMm * TOUCH_SHARE);
        touches.sort(Comparator.comparingDouble(Touch::distanceMm));
        for (Touch touch : touches) {
            boolean near = found.stream()
                    .anyMatch(c -> Math.abs(c.firstMm() - touch.crossing.firstMm()) < 3 * thicknessMm
                            && Math.abs(c.secondMm() - touch.crossing.secondMm()) < 3 * thicknessMm);
            if (!near) {
                found.add(touch.crossing);
            }
        }
    }

    private static List<Limb> limbs(CentreLine line) {
        List<CentreLine.Station> stations = line.stations(STEP_RAD, 2);
        List<Limb> limbs = new ArrayList<>();
        int index = 0;
        for (int i = 1; i < stations.size(); i++) {
            CentreLine.Station a = stations.get(i - 1);
            CentreLine.Station b = stations.get(i);
            if (a.piece() == b.piece() && b.wireMm() > a.wireMm()) {
                Limb last = limbs.isEmpty() ? null : limbs.get(limbs.size() - 1);
                if (last == null || last.piece != a.piece()) {
                    last = new Limb(a.piece(), line.pieces().get(a.piece()).piece());
                    limbs.add(last);
                }
                last.add(new Chord(index++, a, b));
            }
        }
        return limbs;
    }

    private void addRefined(Chord a, Chord b) {
        double s = (a.from.wireMm() + a.to.wireMm()) / 2;
        double t = (b.from.wireMm() + b.to.wireMm()) / 2;
        double end = line.wireToMm();
        double start = line.wireFromMm();
        for (int round = 0; round < ROUNDS; round++) {
            Pose p = line.atWire(s);
            Pose q = line.atWire(t);
            Vector3D gap = q.position().subtract(p.position());
            Vector3D u = p.heading();
            Vector3D v = q.heading();
            double cross = u.getX() * v.getY() - u.getY() * v.getX();
            if (Math.abs(cross) < 1e-6) {
                return;
            }
            double ds = (gap.getX() * v.getY() - gap.getY() * v.getX()) / cross;
            double dt = (gap.getX() * u.getY() - gap.getY() * u.getX()) / cross;
            s = Math.min(Math.max(s + ds, start), end);
            t = Math.min(Math.max(t + dt, start), end);
            if (Math.hypot(ds, dt) < CONVERGED_MM) {
                add(new Crossing(Math.min(s, t), Math.max(s, t), line.atWire(s).position()));
                return;
            }
        }
    }

    private void add(Crossing crossing) {
        boolean known = found.stream()
                .anyMatch(c -> Math.abs(c.firstMm() - crossing.firstMm()) < thicknessMm
                        && Math.abs(c.secondMm() - crossing.secondMm()) < thicknessMm);
        if (!known && crossing.secondMm() - crossing.firstMm() > 0.5 * thicknessMm) {
            found.add(crossing);
        }
    }

    private record Touch(double distanceMm, Crossing crossing) {
        /** The closest pair of ends of two chords. */
        static Touch of(Chord a, Chord b) {
            Touch best = null;
            for (CentreLine.Station s : List.of(a.from, a.to)) {
                for (CentreLine.Station t : List.of(b.from, b.to)) {
                    Vector3D p = s.pose().position();
                    Vector3D q = t.pose().position();
                    double distance = Math.hypot(p.getX() - q.getX(), p.getY() - q.getY());
                    if (best == null || distance < best.distanceMm) {
                        best = new Touch(distance, new Crossing(s.wireMm(), t.wireMm(), p));
                    }
                }
            }
            return best;
        }
    }

    /** The chords of one piece. */
    private static final class Limb {
        private final int piece;
        private final boolean canTouchItself;
        private final List<Chord> chords = new ArrayList<>();
        private final Envelope box = new Envelope();
        private STRtree tree;

        Limb(int piece, CurvePiece shape) {
            this.piece = piece;
            this.canTouchItself = shape instanceof Arc && shape.turnRad() > 1.9 * Math.PI;
        }

        void add(Chord chord) {
            chords.add(chord);
            box.expandToInclude(chord.box());
        }

        STRtree tree() {
            if (tree == null) {
                tree = new STRtree();
                chords.forEach(chord -> tree.insert(chord.box(), chord));
            }
            return tree;
        }
    }

    private record Chord(int index, CentreLine.Station from, CentreLine.Station to) {
        Envelope box() {
            Vector3D a = from.pose().position();
            Vector3D b = to.pose().position();
            return new Envelope(a.getX(), b.getX(), a.getY(), b.getY());
        }

        /** Distance out of the plane between two chords, mm. */
        double air(Chord other) {
            double z = (from.pose().position().getZ() + to.pose().position().getZ()) / 2;
            double otherZ = (other.from.pose().position().getZ()
                            + other.to.pose().position().getZ())
                    / 2;
            return Math.abs(z - otherZ);
        }

        boolean meets(Chord other) {
            double reach = Vector3D.distance(from.pose().position(), to.pose().position()) * 0.02;
            Envelope wide = box();
            wide.expandBy(reach);
            if (!wide.intersects(other.box())) {
                return false;
            }
            return side(other.from, other.to, from) * side(other.from, other.to, to) <= 1e-9
                    && side(from, to, other.from) * side(from, to, other.to) <= 1e-9;
        }

        private static double side(CentreLine.Station a, CentreLine.Station b, CentreLine.Station c) {
            Vector3D p = a.pose().position();
            Vector3D q = b.pose().position();
            Vector3D r = c.pose().position();
            return (q.getX() - p.getX()) * (r.getY() - p.getY()) - (q.getY() - p.getY()) * (r.getX() - p.getX());
        }
    }
}
