package org.etui.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * Sheet as it is folded, seen from its edge. Length is kept along a neutral line (plane geometry): places on the flat sheet lie where the fold takes
 * them. Lengths mm, angles rad.
 *
 * @param sheet the sheet as it lies flat
 */
public record FoldedSheet(Body.Sheet sheet) {
    /** The neutral line of a sharp fold lies at this share of half the thickness, of one with r = 1·t (DIN 6935, from memory). */
    private static final double NEUTRAL = 0.65;

    /** By so much the share grows with the tenth power of r/t, up to 1 (DIN 6935, from memory). */
    private static final double NEUTRAL_GROWS = 0.5;

    /** A fold is drawn in strips of at most that. */
    private static final double STRIP_RAD = Math.toRadians(15);

    private static final double SAME_MM = 1e-9;

    /**
     * A place on the folded sheet, in the plane across its folds.
     *
     * @param upMm up, mm
     * @param frontMm to the front, mm
     * @param turnedRad how far the sheet is turned to the front there, rad
     */
    public record Place(double upMm, double frontMm, double turnedRad) {}

    /**
     * A strip between two lines across the flat sheet.
     *
     * @param fromMm the lower line, mm above the middle
     * @param toMm the upper one
     */
    public record Strip(double fromMm, double toMm) {}

    /** How a part is folded; empty for one that stays flat, or is no sheet. */
    public static Optional<FoldedSheet> of(Part part) {
        return part.body()
                .filter(b -> b instanceof Body.Sheet sheet && !sheet.folds().isEmpty())
                .map(b -> new FoldedSheet((Body.Sheet) b));
    }

    /**
     * How much of the flat sheet a fold takes, mm: the arc of the neutral line, θ·(r + k·t/2) with k = 0.65 + 0.5·lg(r/t), at most 1 (DIN 6935,
     * from memory; for cold folding of metal sheet).
     *
     * @param turnRad how far it is folded, rad
     * @param insideMm inside radius, mm
     * @param thicknessMm thickness of the sheet, mm
     */
    public static double takesMm(double turnRad, double insideMm, double thicknessMm) {
        return Math.abs(turnRad) * (insideMm + neutral(insideMm / thicknessMm) * thicknessMm / 2);
    }

    private static double neutral(double ratio) {
        return ratio <= 0 ? 0 : Math.min(1, Math.max(0, NEUTRAL + NEUTRAL_GROWS * Math.log10(ratio)));
    }

    /** How much of the flat sheet one of its folds takes, mm. */
    public double takesMm(Body.Fold fold) {
        return takesMm(Math.toRadians(fold.upDeg()), fold.insideMm(), sheet.thicknessMm());
    }

    /** The folds from below upward. */
    public List<Body.Fold> folds() {
        return sheet.folds().stream()
                .sorted(Comparator.comparingDouble(Body.Fold::atMm))
                .toList();
    }

    /** Half its length while it is flat, mm. */
    public double halfMm() {
        return Solid.way(sheet.outline()).stream()
                .mapToDouble(p -> Math.abs(p[1]))
                .max()
                .orElse(0);
    }

    /** Where a place of the flat sheet comes to lie, mm above its middle; what faces the front stays where it is. */
    public Place at(double flatMm) {
        Place front = fromBelow(sheet.frontMm());
        Place there = fromBelow(flatMm);
        double up = there.upMm() - front.upMm();
        double out = there.frontMm() - front.frontMm();
        double cos = Math.cos(front.turnedRad());
        double sin = Math.sin(front.turnedRad());
        return new Place(
                sheet.frontMm() + up * cos + out * sin, -up * sin + out * cos, there.turnedRad() - front.turnedRad());
    }

    /** With the lower edge flat. */
    private Place fromBelow(double flatMm) {
        Vector2D at = Vector2D.ZERO;
        double turned = 0;
        double from = -halfMm();
        for (Body.Fold fold : folds()) {
            double takes = takesMm(fold);
            double begins = fold.atMm() - takes / 2;
            at = at.add(Math.min(flatMm, begins) - from, heading(turned));
            from = Math.min(flatMm, begins);
            double within = Math.min(flatMm, begins + takes) - begins;
            if (within <= 0) {
                return new Place(at.getX(), at.getY(), turned);
            }
            double share = takes < SAME_MM ? 1 : within / takes;
            double turn = share * Math.toRadians(fold.upDeg());
            // A chord of the arc: as long as sin(θ/2)/(θ/2) of it, along its middle heading.
            double chord = within * (Math.abs(turn) < SAME_MM ? 1 : Math.sin(turn / 2) / (turn / 2));
            at = at.add(chord, heading(turned + turn / 2));
            turned += turn;
            from = begins + within;
        }
        at = at.add(flatMm - from, heading(turned));
        return new Place(at.getX(), at.getY(), turned);
    }

    private static Vector2D heading(double turned) {
        return new Vector2D(Math.cos(turned), Math.sin(turned));
    }

    /** The sheet from edge to edge in strips that are flat, or nearly so in a fold. */
    public List<Strip> strips() {
        List<Double> lines = new ArrayList<>();
        lines.add(-halfMm());
        for (Body.Fold fold : folds()) {
            double takes = takesMm(fold);
            int strips = (int) Math.ceil(Math.abs(Math.toRadians(fold.upDeg())) / STRIP_RAD);
            for (int i = 0; i <= strips; i++) {
                lines.add(fold.atMm() + takes * (i - strips / 2.0) / Math.max(1, strips));
            }
        }
        lines.add(halfMm());
        List<Strip> strips = new ArrayList<>();
        for (int i = 1; i < lines.size(); i++) {
            if (lines.get(i) > lines.get(i - 1) + SAME_MM) {
                strips.add(new Strip(lines.get(i - 1), lines.get(i)));
            }
        }
        return strips;
    }
}
