package org.etui.core.curve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Finds where a line crosses itself, as seen from above. Candidates come from a fine polyline in a JTS tree; each is
 * refined by Newton's method on the exact pieces, so that the result does not depend on the polyline.
 */
public final class Crossings {
    private static final double STEP_RAD = Math.toRadians(6);
    private static final double CONVERGED_MM = 1e-10;
    /** Limbs closer than this share of the thickness lie on each other. */
    private static final double TOUCH_SHARE = 0.75;

    private static final int ROUNDS = 30;

    private Crossings() {}

    /**
     * Every place where a line crosses itself or lies on itself.
     *
     * @param line the centre line
     * @param thicknessMm thickness of the wire: places whose positions differ by less from an earlier one's count once
     */
    public static List<Crossing> of(CentreLine line, double thicknessMm) {
        List<Chord> chords = chords(line);
        STRtree tree = new STRtree();
        chords.forEach(chord -> tree.insert(chord.box(), chord));
        List<Crossing> found = new ArrayList<>();
        List<Touch> touches = new ArrayList<>();
        for (Chord chord : chords) {
            Envelope near = chord.box();
            near.expandBy(thicknessMm * TOUCH_SHARE);
            for (Object other : tree.query(near)) {
                Chord later = (Chord) other;
                if (later.index <= chord.index + 1) {
                    continue;
                }
                if (chord.meets(later)) {
                    addRefined(line, chord, later, thicknessMm, found);
                }
                if (later.from.wireMm() - chord.to.wireMm() > 2 * thicknessMm) {
                    touches.add(Touch.of(chord, later));
                }
            }
        }
        addTouches(touches, thicknessMm, found);
        found.sort((a, b) -> Double.compare(a.firstMm(), b.firstMm()));
        return found;
    }

    /** Limbs that run into each other without crossing, closest first, where no crossing is near. */
    private static void addTouches(List<Touch> touches, double thicknessMm, List<Crossing> found) {
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

    private static List<Chord> chords(CentreLine line) {
        List<CentreLine.Station> stations = line.stations(STEP_RAD, 2);
        List<Chord> chords = new ArrayList<>();
        for (int i = 1; i < stations.size(); i++) {
            CentreLine.Station a = stations.get(i - 1);
            CentreLine.Station b = stations.get(i);
            if (a.piece() == b.piece() && b.wireMm() > a.wireMm()) {
                chords.add(new Chord(chords.size(), a, b));
            }
        }
        return chords;
    }

    private static void addRefined(CentreLine line, Chord a, Chord b, double thicknessMm, List<Crossing> found) {
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
                add(new Crossing(Math.min(s, t), Math.max(s, t), line.atWire(s).position()), thicknessMm, found);
                return;
            }
        }
    }

    private static void add(Crossing crossing, double thicknessMm, List<Crossing> found) {
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

    private record Chord(int index, CentreLine.Station from, CentreLine.Station to) {
        Envelope box() {
            Vector3D a = from.pose().position();
            Vector3D b = to.pose().position();
            return new Envelope(a.getX(), b.getX(), a.getY(), b.getY());
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
