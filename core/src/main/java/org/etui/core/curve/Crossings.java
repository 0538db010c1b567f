package org.etui.core.curve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.chain.MonotoneChain;
import org.locationtech.jts.index.chain.MonotoneChainBuilder;
import org.locationtech.jts.index.chain.MonotoneChainOverlapAction;

/**
 * Finds where a line crosses or lies on itself, as seen from above. Candidates come from a fine polyline in monotone
 * chains of JTS; each is refined by Newton's method on the exact pieces, so that the result does not depend on the
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

    /** Places closer than this many thicknesses along both limbs are one touch. */
    private static final double APART_SHARE = 3;

    /** Sagitta of a chord over 15°, the longest drawn, as a share of the chord, and some more. */
    private static final double SAGITTA_SHARE = 0.04;

    private static final int ROUNDS = 30;

    /** More places than this in one line are no piece of a bench: looking for them ends there. */
    public static final int MOST = 1500;

    /** So many touches may be under way to that: most of them turn out to be one. */
    private static final int MOST_TOUCHES = 4 * MOST;

    private final CentreLine line;
    private final int[] groups;
    private final double thicknessMm;
    private final double closeSquared;
    private final List<Crossing> found = new ArrayList<>();
    private final Map<Part, List<Crossing>> foundAt = new HashMap<>();
    private final Map<Part, Touch> touches = new HashMap<>();

    private Crossings(CentreLine line, double thicknessMm, int[] groups) {
        this.line = line;
        this.groups = groups;
        this.thicknessMm = thicknessMm;
        this.closeSquared = Math.pow(thicknessMm * TOUCH_SHARE, 2);
    }

    /** A line that lies on itself in more than {@link #MOST} places. */
    public static final class TooMany extends IllegalArgumentException {
        private static final long serialVersionUID = 1L;

        TooMany() {
            super("the line lies on itself in more than " + MOST + " places");
        }
    }

    /**
     * Every place where a line crosses itself or lies on itself.
     *
     * @param line the centre line
     * @param thicknessMm thickness of the wire: places whose positions differ by less from an earlier one's count once
     * @throws TooMany if there are more than {@link #MOST}
     */
    public static List<Crossing> of(CentreLine line, double thicknessMm) {
        return of(
                line,
                line.stations(STEP_RAD, 2),
                thicknessMm,
                new int[line.pieces().size()]);
    }

    /**
     * The same, leaving out pieces that lie side by side by their nature, such as the turns of a wrap.
     *
     * @param stations points along the line, some degrees of turn apart
     * @param groups the group of each piece: pairs within one are left out; 0 for none
     * @throws TooMany if there are more than {@link #MOST}
     */
    public static List<Crossing> of(
            CentreLine line, List<CentreLine.Station> stations, double thicknessMm, int[] groups) {
        Crossings crossings = new Crossings(line, thicknessMm, groups);
        crossings.look(stations);
        crossings.addTouches();
        crossings.found.sort((a, b) -> Double.compare(a.firstMm(), b.firstMm()));
        return crossings.found;
    }

    /** Limbs that come near each other, in order along the line. */
    private void look(List<CentreLine.Station> stations) {
        List<Limb> limbs = limbs(line, stations);
        Sweep sweep = new Sweep(limbs, thicknessMm * TOUCH_SHARE);
        for (Limb limb : limbs) {
            if (limb.canTouchItself) {
                pair(limb, limb);
            }
            int group = groups[limb.piece];
            sweep.after(limb, later -> (group == 0 || group != groups[later.piece]) && limb.near(later, thicknessMm))
                    .forEach(later -> pair(limb, later));
        }
    }

    private void pair(Limb one, Limb other) {
        MonotoneChainOverlapAction near = new MonotoneChainOverlapAction() {
            @Override
            public void overlap(MonotoneChain a, int startA, MonotoneChain b, int startB) {
                int apart = other.index + startB - one.index - startA;
                if (apart > 1) {
                    meet(one.chord(startA), other.chord(startB));
                } else if (apart < -1 && one != other) {
                    meet(other.chord(startB), one.chord(startA));
                }
            }
        };
        for (MonotoneChain a : one.chains()) {
            for (MonotoneChain b : other.chains()) {
                a.computeOverlaps(b, thicknessMm * TOUCH_SHARE, near);
            }
        }
    }

    private void meet(Chord chord, Chord later) {
        if (chord.air(later) > AIR_SHARE * thicknessMm) {
            return;
        }
        if (chord.meets(later)) {
            addRefined(chord, later);
        }
        if (later.from.wireMm() - chord.to.wireMm() > 2 * thicknessMm) {
            touch(chord.from, later.from);
            if (later.to.wireMm() == line.wireToMm()) {
                touch(chord.from, later.to);
            }
        }
    }

    private void touch(CentreLine.Station s, CentreLine.Station t) {
        double x = s.pose().position().getX() - t.pose().position().getX();
        double y = s.pose().position().getY() - t.pose().position().getY();
        double squared = x * x + y * y;
        if (squared <= closeSquared) {
            Part part = part(s.wireMm(), t.wireMm(), 0, 0);
            Touch known = touches.get(part);
            if (known == null || squared < known.squaredMm2) {
                touches.put(part, new Touch(squared, s, t));
            }
            if (touches.size() > MOST_TOUCHES) {
                throw new TooMany();
            }
        }
    }

    /** Limbs that run into each other without crossing, closest first, where no crossing is near. */
    private void addTouches() {
        touches.values().stream()
                .sorted(Comparator.comparingDouble(Touch::squaredMm2).thenComparingDouble(t -> t.one.wireMm()))
                .map(Touch::crossing)
                .filter(c -> !isKnown(c, APART_SHARE * thicknessMm))
                .forEach(this::keep);
    }

    /** The pieces that have chords, by the stations that they are drawn between; chords are numbered along the whole line. */
    private static List<Limb> limbs(CentreLine line, List<CentreLine.Station> stations) {
        List<Limb> limbs = new ArrayList<>();
        int from = 0;
        int index = 0;
        while (from < stations.size()) {
            int piece = stations.get(from).piece();
            int to = from + 1;
            while (to < stations.size() && stations.get(to).piece() == piece) {
                to++;
            }
            if (stations.get(to - 1).wireMm() > stations.get(from).wireMm()) {
                limbs.add(new Limb(line.pieces().get(piece).piece(), stations, from, to, index));
                index += to - from - 1;
            }
            from = to;
        }
        return limbs;
    }

    private void addRefined(Chord a, Chord b) {
        double s = a.wireMm(a.shareWhereItMeets(b));
        double t = b.wireMm(b.shareWhereItMeets(a));
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
        if (!isKnown(crossing, thicknessMm) && crossing.secondMm() - crossing.firstMm() > 0.5 * thicknessMm) {
            keep(crossing);
        }
    }

    private void keep(Crossing crossing) {
        found.add(crossing);
        foundAt.computeIfAbsent(part(crossing.firstMm(), crossing.secondMm(), 0, 0), p -> new ArrayList<>(2))
                .add(crossing);
        if (found.size() > MOST) {
            throw new TooMany();
        }
    }

    private Part part(double firstMm, double secondMm, int one, int other) {
        double length = APART_SHARE * thicknessMm;
        return new Part(Math.round(firstMm / length) + one, Math.round(secondMm / length) + other);
    }

    /** Looks in the part of the place and in those around it, which reach {@link #APART_SHARE} thicknesses at least. */
    private boolean isKnown(Crossing crossing, double withinMm) {
        if (found.isEmpty()) {
            return false;
        }
        for (int one = -1; one <= 1; one++) {
            for (int other = -1; other <= 1; other++) {
                Part around = part(crossing.firstMm(), crossing.secondMm(), one, other);
                for (Crossing c : foundAt.getOrDefault(around, List.of())) {
                    if (Math.abs(c.firstMm() - crossing.firstMm()) < withinMm
                            && Math.abs(c.secondMm() - crossing.secondMm()) < withinMm) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** A stretch of the wire and another: only their closest touch counts. */
    private record Part(long one, long other) {}

    private record Touch(double squaredMm2, CentreLine.Station one, CentreLine.Station other) {
        Crossing crossing() {
            return new Crossing(one.wireMm(), other.wireMm(), one.pose().position());
        }
    }

    /** Limbs sorted by where their boxes begin along the longer way of the whole: only those that overlap there are looked at. */
    private static final class Sweep {
        private final boolean across;
        private final double reachMm;
        private final List<Limb> byBegin;
        private final double longest;

        Sweep(List<Limb> limbs, double reachMm) {
            Envelope whole = new Envelope();
            limbs.forEach(limb -> whole.expandToInclude(limb.box));
            this.across = whole.getWidth() >= whole.getHeight();
            this.reachMm = reachMm;
            this.byBegin = new ArrayList<>(limbs);
            byBegin.sort(Comparator.comparingDouble(this::begin));
            this.longest =
                    limbs.stream().mapToDouble(l -> end(l) - begin(l)).max().orElse(0);
        }

        private double begin(Limb limb) {
            return across ? limb.box.getMinX() : limb.box.getMinY();
        }

        private double end(Limb limb) {
            return across ? limb.box.getMaxX() : limb.box.getMaxY();
        }

        /** What is asked for of all that begins where it could overlap a limb and lies later along the line, in order along it. */
        List<Limb> after(Limb limb, Predicate<Limb> asked) {
            List<Limb> later = new ArrayList<>();
            double last = end(limb) + reachMm;
            for (int i = firstFrom(begin(limb) - reachMm - longest); i < byBegin.size(); i++) {
                Limb other = byBegin.get(i);
                if (begin(other) > last) {
                    break;
                }
                if (other.index > limb.index && asked.test(other)) {
                    later.add(other);
                }
            }
            later.sort(Comparator.comparingInt(other -> other.index));
            return later;
        }

        private int firstFrom(double place) {
            int low = 0;
            int high = byBegin.size();
            while (low < high) {
                int middle = (low + high) >>> 1;
                if (begin(byBegin.get(middle)) < place) {
                    low = middle + 1;
                } else {
                    high = middle;
                }
            }
            return low;
        }
    }

    /** The chords of one piece. */
    private static final class Limb {
        private final int piece;
        private final boolean canTouchItself;
        private final List<CentreLine.Station> stations;
        private final int from;
        private final int to;
        private final int index;
        private final Envelope box = new Envelope();
        private double lowMm = Double.POSITIVE_INFINITY;
        private double highMm = Double.NEGATIVE_INFINITY;
        private List<MonotoneChain> chains;

        /** Between two stations of the line, its first chord of that number along the line. */
        Limb(CurvePiece shape, List<CentreLine.Station> stations, int from, int to, int index) {
            this.piece = stations.get(from).piece();
            this.canTouchItself = shape instanceof Arc && shape.turnRad() > 1.9 * Math.PI;
            this.stations = stations;
            this.from = from;
            this.to = to;
            this.index = index;
            for (int i = from; i < to; i++) {
                Vector3D point = stations.get(i).pose().position();
                box.expandToInclude(point.getX(), point.getY());
                lowMm = Math.min(lowMm, point.getZ());
                highMm = Math.max(highMm, point.getZ());
            }
        }

        Chord chord(int number) {
            return new Chord(stations.get(from + number), stations.get(from + number + 1));
        }

        /** Whether any of its chords can touch one of another limb. */
        boolean near(Limb other, double thicknessMm) {
            double air = Math.max(other.lowMm - highMm, lowMm - other.highMm);
            double reach = thicknessMm * TOUCH_SHARE;
            return air <= AIR_SHARE * thicknessMm
                    && box.getMinX() - reach <= other.box.getMaxX()
                    && other.box.getMinX() - reach <= box.getMaxX()
                    && box.getMinY() - reach <= other.box.getMaxY()
                    && other.box.getMinY() - reach <= box.getMaxY();
        }

        /** Stretches that rise or fall steadily both ways; the start of a segment is the number of its chord. */
        List<MonotoneChain> chains() {
            if (chains == null) {
                Coordinate[] points = stations.subList(from, to).stream()
                        .map(s -> s.pose().position())
                        .map(p -> new Coordinate(p.getX(), p.getY()))
                        .toArray(Coordinate[]::new);
                chains = MonotoneChainBuilder.getChains(points);
            }
            return chains;
        }
    }

    private record Chord(CentreLine.Station from, CentreLine.Station to) {
        /** Distance out of the plane between two chords, mm. */
        double air(Chord other) {
            double z = (from.pose().position().getZ() + to.pose().position().getZ()) / 2;
            double otherZ = (other.from.pose().position().getZ()
                            + other.to.pose().position().getZ())
                    / 2;
            return Math.abs(z - otherZ);
        }

        boolean meets(Chord other) {
            Vector3D a = from.pose().position();
            Vector3D b = to.pose().position();
            Vector3D c = other.from.pose().position();
            Vector3D d = other.to.pose().position();
            double reach = (Math.abs(b.getX() - a.getX()) + Math.abs(b.getY() - a.getY())) * SAGITTA_SHARE;
            return apart(a.getX(), b.getX(), c.getX(), d.getX()) <= reach
                    && apart(a.getY(), b.getY(), c.getY(), d.getY()) <= reach
                    && side(other.from, other.to, from) * side(other.from, other.to, to) <= 1e-9
                    && side(from, to, other.from) * side(from, to, other.to) <= 1e-9;
        }

        /** Air between a stretch from a to b and one from c to d, negative where they overlap. */
        private static double apart(double a, double b, double c, double d) {
            return Math.max(Math.min(a, b) - Math.max(c, d), Math.min(c, d) - Math.max(a, b));
        }

        /** How far along this chord the line of another one lies, from 0 to 1; the middle where they run side by side. */
        double shareWhereItMeets(Chord other) {
            double before = side(other.from, other.to, from);
            double behind = side(other.from, other.to, to);
            return before * behind < 0 ? before / (before - behind) : 0.5;
        }

        double wireMm(double share) {
            return from.wireMm() + share * (to.wireMm() - from.wireMm());
        }

        private static double side(CentreLine.Station a, CentreLine.Station b, CentreLine.Station c) {
            Vector3D p = a.pose().position();
            Vector3D q = b.pose().position();
            Vector3D r = c.pose().position();
            return (q.getX() - p.getX()) * (r.getY() - p.getY()) - (q.getY() - p.getY()) * (r.getX() - p.getX());
        }
    }
}
