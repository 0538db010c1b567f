package org.etui.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.etui.core.check.Check;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Circuit;
import org.etui.core.element.Outline;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.special.Beta;

/**
 * A body as geometry, mm: an outline scaled along its thickness, or a solid of revolution. Heights as {@link Body} counts them.
 *
 * @param body the body
 */
public record Solid(Body body) {
    /** Density of what parts are made of, g/cm³ (from memory); the one that the material names first counts. */
    private static final Map<String, Double> DENSITIES = Map.ofEntries(
            Map.entry("quartz", 2.65),
            Map.entry("agate", 2.6),
            Map.entry("glass", 2.5),
            Map.entry("turquoise", 2.7),
            Map.entry("resin", 1.2),
            Map.entry("wood", 0.7),
            Map.entry("bone", 1.9),
            Map.entry("shell", 2.7),
            Map.entry("pearl", 2.7),
            Map.entry("amber", 1.08),
            Map.entry("copper", 8.9),
            Map.entry("brass", 8.5),
            Map.entry("silver", 10.4),
            Map.entry("steel", 7.85));

    /** Of what is not known: most stones (engineering estimate). */
    private static final double STONE = 2.65;

    /** A barrel is this much slimmer at its ends (engineering estimate). */
    private static final double BARREL_ENDS = 0.65;

    private static final double SAME = 1e-9;
    private static final double SOLVED_MM = 1e-7;
    private static final int MOST_TRIES = 100;

    /** How far about a height its slope is taken, as a share of all of it. */
    private static final double STEP_OF_HEIGHT = 1e-4;

    private static final double STEP_RAD = Math.toRadians(12);
    private static final double CLOSE_MM = 1e-2;

    /** Least and greatest height, mm. */
    public double fromMm() {
        return isCentred() ? -heightMm() / 2 : 0;
    }

    /** The greatest height, mm. */
    public double toMm() {
        return fromMm() + heightMm();
    }

    private boolean isCentred() {
        return !(body instanceof Body.Cabochon || body instanceof Body.Slab || body instanceof Body.Sheet);
    }

    private double heightMm() {
        if (body instanceof Body.Bead bead) {
            return bead.diameterMm();
        }
        if (body instanceof Body.Cord cord) {
            return cord.diameterMm();
        }
        return body.alongMm();
    }

    /**
     * How large the section at a height is, as a share of the greatest, 0 to 1.
     *
     * @param zMm height, mm
     * @throws IllegalArgumentException outside the body
     */
    public double scale(double zMm) {
        Check.within("zMm", zMm, fromMm() - SAME, toMm() + SAME);
        if (body instanceof Body.Cabochon c) {
            double dome = c.heightMm() - c.girdleMm();
            double above = dome == 0 ? 0 : (zMm - c.girdleMm()) / dome;
            return above <= 0 ? 1 : Math.pow(Math.max(0, 1 - Math.pow(above, c.domeness())), 1 / c.domeness());
        }
        if (body instanceof Body.Slab slab) {
            double deep = Math.min(zMm, slab.thicknessMm() - zMm);
            double rest = Math.max(0, slab.edgeMm() - deep);
            double inset = slab.edgeMm() - Math.sqrt(Math.max(0, slab.edgeMm() * slab.edgeMm() - rest * rest));
            return Math.max(0, 1 - inset / (halfMm(slab.outline())));
        }
        if (body instanceof Body.Sheet) {
            return 1;
        }
        if (body instanceof Body.Point point) {
            return point.tipMm() < SAME ? 1 : Math.min(1, Math.max(0, toMm() - zMm) / point.tipMm());
        }
        double share = 2 * zMm / heightMm();
        return Math.sqrt(Math.max(0, 1 - share * share));
    }

    /**
     * The height of a face where the section of a share of the greatest has its edge, mm: the other way round than {@link #scale}.
     *
     * @param side +1 for the front, −1 for the back
     * @param share of the greatest section, 0 to 1; above 1 counts as 1
     */
    public double faceMm(int side, double share) {
        double in = Math.min(1, share);
        double far = side > 0 ? toMm() : fromMm();
        if (body instanceof Body.Cabochon c) {
            double p = c.domeness();
            return side < 0 ? far : c.girdleMm() + (c.heightMm() - c.girdleMm()) * Math.pow(1 - Math.pow(in, p), 1 / p);
        }
        if (body instanceof Body.Slab slab) {
            double short1 = Math.max(0, slab.edgeMm() - (1 - in) * halfMm(slab.outline()));
            return far - side * (slab.edgeMm() - Math.sqrt(slab.edgeMm() * slab.edgeMm() - short1 * short1));
        }
        if (body instanceof Body.Point point) {
            return side > 0 ? far - in * point.tipMm() : far;
        }
        return body instanceof Body.Sheet ? far : far * Math.sqrt(1 - in * in);
    }

    /** Half of the narrower side of an outline, mm: as of a round of its area. */
    private static double halfMm(Outline outline) {
        return Math.sqrt(outline.areaMm2() / Math.PI);
    }

    /**
     * The way round its section at a height, at a distance outside, mm.
     *
     * @throws IllegalArgumentException for a body without outline, or outside it
     */
    public Circuit girth(double zMm, double offsetMm) {
        Outline front = body.front()
                .orElseThrow(() -> new IllegalArgumentException("it has no outline to go round at a height"));
        return front.scaled(Math.max(scale(zMm), SAME)).round(offsetMm);
    }

    /**
     * How wire lies on the side of a body.
     *
     * @param zMm how high its middle is, mm
     * @param scale the section that it lies on, as a share of the greatest
     * @param outMm how far its middle is outside of that section, mm
     */
    public record Lie(double zMm, double scale, double outMm) {
        private double apart(Lie other, double radiusMm) {
            double out = radiusMm * (scale - other.scale) + outMm - other.outMm;
            return Math.hypot(out, zMm - other.zMm);
        }
    }

    /**
     * Where wire of a bundle lies on the side of the body: the first at a height, each other touching the one before it towards the front, half a
     * thickness off the surface. The side's slope is that of a round of the same area (an estimate where the outline is long). Above the body the
     * bundle goes straight on.
     *
     * @param heightMm where the first touches, mm
     * @param slot how many lie before it
     * @param offMm how far its middle is off the surface, mm
     * @param acrossMm how much of the side a wire takes, mm
     */
    public Lie lie(double heightMm, int slot, double offMm, double acrossMm) {
        double radius = halfMm(body.front().orElseThrow());
        double at = Math.min(Math.max(heightMm, fromMm()), toMm());
        Lie lie = touching(at, radius, offMm);
        Lie raised = new Lie(lie.zMm() + heightMm - at, lie.scale(), lie.outMm());
        for (int i = 0; i < slot; i++) {
            Lie before = raised;
            double low = at;
            DoubleUnaryOperator beyond = z -> touching(z, radius, offMm).apart(before, radius) - acrossMm;
            if (low < toMm() - SAME && beyond.applyAsDouble(toMm()) > 0) {
                at = new BrentSolver(SOLVED_MM).solve(MOST_TRIES, beyond::applyAsDouble, low, toMm());
                raised = touching(at, radius, offMm);
            } else {
                at = toMm();
                raised = new Lie(before.zMm() + acrossMm, before.scale(), before.outMm());
            }
        }
        return raised;
    }

    /** Wire that touches at a height, along the normal there. */
    private Lie touching(double zMm, double radiusMm, double offMm) {
        double step = STEP_OF_HEIGHT * heightMm();
        double below = Math.max(fromMm(), zMm - step);
        double above = Math.min(toMm(), zMm + step);
        double slope = radiusMm * (scale(above) - scale(below)) / (above - below);
        double long1 = Math.hypot(1, slope);
        // As far out as along the normal, but no corner is sharper than the wire is thick.
        double scale = scale(zMm) - (offMm - offMm / long1) / radiusMm;
        return new Lie(zMm - slope / long1 * offMm, Math.max(scale, SAME), offMm);
    }

    /**
     * Once round it, where wire lies on its side as {@link #lie} says.
     *
     * @throws IllegalArgumentException for a body without outline
     */
    public Circuit girth(Lie lie) {
        return body.front().orElseThrow().scaled(lie.scale()).round(lie.outMm());
    }

    /** Volume, mm³. */
    public double volumeMm3() {
        double solid = solidMm3();
        double holes = body instanceof Body.Bead || body instanceof Body.Ring
                ? 0
                : body.holes().stream()
                        .mapToDouble(h -> Math.PI * h.diameterMm() * h.diameterMm() / 4 * heightMm())
                        .sum();
        return Math.max(0, solid - holes);
    }

    private double solidMm3() {
        if (body instanceof Body.Cabochon c) {
            double dome = c.heightMm() - c.girdleMm();
            double p = c.domeness();
            // ∫ (1 − u^p)^(2/p) du over 0 to 1 = B(1/p, 2/p + 1)/p, Euler's beta function.
            double share = Math.exp(Beta.logBeta(1 / p, 2 / p + 1)) / p;
            return c.outline().areaMm2() * (c.girdleMm() + dome * share);
        }
        if (body instanceof Body.Lens lens) {
            return lens.outline().areaMm2() * lens.thicknessMm() * 2 / 3;
        }
        if (body instanceof Body.Slab slab) {
            double edge = slab.edgeMm();
            double half = halfMm(slab.outline());
            double flat = Math.max(0, 1 - edge / half);
            // ∫ (flat + √(e² − u²)/half)² du over 0 to e, for either edge.
            double rounded = flat * flat * edge
                    + flat * Math.PI * edge * edge / (2 * half)
                    + 2 * edge * edge * edge / (3 * half * half);
            return slab.outline().areaMm2() * (slab.thicknessMm() - 2 * edge + 2 * rounded);
        }
        if (body instanceof Body.Point point) {
            double across = point.acrossMm();
            double area = point.sides() * across * across / 4 * Math.tan(Math.PI / point.sides());
            return area * (point.lengthMm() - point.tipMm() * 2 / 3);
        }
        if (body instanceof Body.Bead bead) {
            return beadMm3(bead);
        }
        if (body instanceof Body.Ring ring) {
            double wire = ring.thicknessMm() / 2;
            return 2 * Math.PI * Math.PI * (ring.insideMm() / 2 + wire) * wire * wire;
        }
        if (body instanceof Body.Cord cord) {
            return Math.PI * cord.diameterMm() * cord.diameterMm() / 4 * cord.alongMm();
        }
        Body.Sheet sheet = (Body.Sheet) body;
        return sheet.outline().areaMm2() * sheet.thicknessMm();
    }

    /** A solid of revolution less its bore; of a ball what is left beside a hole (Archimedes), of a barrel a parabola. */
    private static double beadMm3(Body.Bead bead) {
        double half = bead.alongMm() / 2;
        double most = bead.diameterMm() / 2;
        double bore = bead.hole().diameterMm() / 2;
        double wall = most * most - bore * bore;
        return switch (bead.form()) {
            case TUBE -> 2 * Math.PI * half * wall;
            case BARREL -> {
                double slim = 1 - BARREL_ENDS;
                double full = most * most * (1 - 2 * slim / 3 + slim * slim / 5);
                yield 2 * Math.PI * half * Math.max(0, full - bore * bore);
            }
            case ROUND, FACETED -> 4.0 / 3 * Math.PI * half * Math.sqrt(wall) / most * wall;
        };
    }

    /** Mass of one of a material, g: an estimate where the material is not known. */
    public double massG(String material) {
        return volumeMm3() / 1000 * density(material);
    }

    /** Density of a material, g/cm³ (from memory). */
    public static double density(String material) {
        String words = material.toLowerCase(Locale.ROOT);
        return DENSITIES.entrySet().stream()
                .filter(e -> words.contains(e.getKey()))
                .min(Comparator.comparingInt(e -> words.indexOf(e.getKey())))
                .map(Map.Entry::getValue)
                .orElse(STONE);
    }

    /** Its flat faces, each by its corners, anticlockwise seen from outside; none for what is not a crystal. */
    public List<List<Vector3D>> faces() {
        if (!(body instanceof Body.Point point)) {
            return List.of();
        }
        List<Outline.Point> corners = ((Outline.Polygon) body.front().orElseThrow()).points();
        double shoulder = toMm() - point.tipMm();
        List<List<Vector3D>> faces = new ArrayList<>();
        faces.add(corners.stream()
                .sorted(Collections.reverseOrder(Comparator.comparingInt(corners::indexOf)))
                .map(c -> new Vector3D(c.xMm(), c.yMm(), fromMm()))
                .toList());
        if (point.tipMm() == 0) {
            faces.add(corners.stream()
                    .map(c -> new Vector3D(c.xMm(), c.yMm(), shoulder))
                    .toList());
        }
        for (int i = 0; i < corners.size(); i++) {
            Outline.Point a = corners.get(i);
            Outline.Point b = corners.get((i + 1) % corners.size());
            Vector3D left = new Vector3D(a.xMm(), a.yMm(), shoulder);
            Vector3D right = new Vector3D(b.xMm(), b.yMm(), shoulder);
            faces.add(List.of(
                    new Vector3D(a.xMm(), a.yMm(), fromMm()), new Vector3D(b.xMm(), b.yMm(), fromMm()), right, left));
            if (point.tipMm() > 0) {
                faces.add(List.of(left, right, new Vector3D(0, 0, toMm())));
            }
        }
        return List.copyOf(faces);
    }

    /** Heights at which a section is drawn, mm: from the back to the front, closer to each other towards both, where a stone is rounder; of a crystal where its edges are. */
    public List<Double> heights(int count) {
        if (body instanceof Body.Point point) {
            double edge = STEP_OF_HEIGHT * heightMm();
            double shoulder = toMm() - point.tipMm();
            return point.tipMm() > 2 * edge
                    ? List.of(fromMm(), shoulder, shoulder + edge, toMm() - edge)
                    : List.of(fromMm(), toMm());
        }
        return IntStream.range(0, count)
                .mapToObj(i -> fromMm() + heightMm() * (1 - Math.cos(Math.PI * i / (count - 1))) / 2)
                .toList();
    }

    /**
     * The way round an outline about its middle, x and y, mm, close enough to draw.
     *
     * @throws IllegalArgumentException if its measures make no way round
     */
    public static List<double[]> way(Outline front) {
        return way(front, STEP_RAD);
    }

    /** The same, a point at least every so much of a bend, rad. */
    public static List<double[]> way(Outline front, double stepRad) {
        List<Vector3D> way = CentreLine.of(CLOSE_MM, front.round(CLOSE_MM).pieces()).stations(stepRad, 2).stream()
                .map(s -> s.pose().position())
                .toList();
        double x = middle(way.stream().mapToDouble(Vector3D::getX).toArray());
        double y = middle(way.stream().mapToDouble(Vector3D::getY).toArray());
        // The way begins at the top and goes to the left: the start's own heading, turned half round.
        return way.stream().map(p -> new double[] {x - p.getX(), y - p.getY()}).toList();
    }

    /**
     * How much of a wire it takes that runs through its hole, mm: of one drilled level through a stone with an outline, the way through that at the
     * height of the hole; of all others as the body says.
     */
    public double alongMm() {
        return body.front()
                .flatMap(front -> body.holes().stream()
                        .filter(h -> h.along().get(2) == 0)
                        .findFirst()
                        .map(h -> chordMm(front, h)))
                .orElseGet(body::alongMm);
    }

    private double chordMm(Outline front, Body.Hole hole) {
        double z = Math.min(toMm(), Math.max(fromMm(), hole.atMm().get(2)));
        double scale = scale(z);
        Vector3D along = new Vector3D(hole.along().get(0), hole.along().get(1), 0).normalize();
        Vector3D at = new Vector3D(hole.atMm().get(0), hole.atMm().get(1), 0);
        List<double[]> way = way(front);
        double least = 0;
        double most = 0;
        for (int i = 0; i < way.size(); i++) {
            Vector3D p = point(way.get(i), scale).subtract(at);
            Vector3D q = point(way.get((i + 1) % way.size()), scale).subtract(at);
            double aside = along.getX() * p.getY() - along.getY() * p.getX();
            double beside = along.getX() * q.getY() - along.getY() * q.getX();
            if (aside * beside <= 0 && aside != beside) {
                double met = p.add(aside / (aside - beside), q.subtract(p)).dotProduct(along);
                least = Math.min(least, met);
                most = Math.max(most, met);
            }
        }
        return most - least;
    }

    private static Vector3D point(double[] p, double scale) {
        return new Vector3D(scale * p[0], scale * p[1], 0);
    }

    private static double middle(double[] values) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (double value : values) {
            least = Math.min(least, value);
            most = Math.max(most, value);
        }
        return (least + most) / 2;
    }
}
