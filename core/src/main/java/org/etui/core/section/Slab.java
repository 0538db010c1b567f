package org.etui.core.section;

import org.etui.core.check.Check;

/**
 * What wire becomes under the hammer: a rectangle with corners that are quarters of an ellipse. Round corners of half the thickness make it a
 * stadium, none a bar.
 *
 * @param inPlaneMm in the plane of the form, mm
 * @param acrossMm across it, mm
 * @param cornerInPlaneMm how far a corner reaches in the plane of the form, mm, at most half of it
 * @param cornerAcrossMm how far it reaches across, mm, at most half of that
 */
public record Slab(double inPlaneMm, double acrossMm, double cornerInPlaneMm, double cornerAcrossMm)
        implements Section {
    /** What a square loses by a quarter circle in each corner, as a share of the square of its radius. */
    private static final double CORNERS = 4 - Math.PI;

    private static final double SLACK = 1e-9;

    /** @throws IllegalArgumentException if not positive, or with corners that overlap */
    public Slab {
        Check.positive("inPlaneMm", inPlaneMm);
        Check.positive("acrossMm", acrossMm);
        Check.within("cornerInPlaneMm", cornerInPlaneMm, 0, inPlaneMm / 2 + SLACK);
        Check.within("cornerAcrossMm", cornerAcrossMm, 0, acrossMm / 2 + SLACK);
    }

    /**
     * Of an area: its corners are as round as the area wants, and longer than round where half the lesser measure does not do; a bar where it is
     * all of the area.
     *
     * @param inPlaneMm in the plane of the form, mm
     * @param acrossMm across it, mm
     * @param areaMm2 its area, mm², at least that of an ellipse
     */
    public static Slab ofArea(double inPlaneMm, double acrossMm, double areaMm2) {
        double lost = Math.max(0, inPlaneMm * acrossMm - areaMm2) / CORNERS;
        double shorter = Math.min(Math.sqrt(lost), Math.min(inPlaneMm, acrossMm) / 2);
        double longer = shorter == 0 ? 0 : Math.min(lost / shorter, Math.max(inPlaneMm, acrossMm) / 2);
        return inPlaneMm < acrossMm
                ? new Slab(inPlaneMm, acrossMm, shorter, longer)
                : new Slab(inPlaneMm, acrossMm, longer, shorter);
    }

    /** Two flats joined by half circles, hammered in the plane of the form. */
    public static Slab stadium(double inPlaneMm, double acrossMm) {
        return new Slab(inPlaneMm, acrossMm, acrossMm / 2, acrossMm / 2);
    }

    @Override
    public double widthMm() {
        return Math.max(inPlaneMm, acrossMm);
    }

    @Override
    public double thicknessMm() {
        return Math.min(inPlaneMm, acrossMm);
    }

    @Override
    public double chordMm(double yMm) {
        double beyond = Math.abs(yMm) - straightMm();
        if (beyond <= 0) {
            return acrossMm;
        }
        double share = beyond / cornerInPlaneMm;
        return share >= 1 ? 0 : acrossMm - 2 * cornerAcrossMm * (1 - Math.sqrt(1 - share * share));
    }

    /** From the middle to where the corners begin, in the plane, mm. */
    private double straightMm() {
        return inPlaneMm / 2 - cornerInPlaneMm;
    }

    /** Between the corners at the ends of the plane, mm. */
    private double endMm() {
        return acrossMm - 2 * cornerAcrossMm;
    }

    private double quarterMm2() {
        return Math.PI * cornerInPlaneMm * cornerAcrossMm / 4;
    }

    /** From the middle to the centroid of a corner, in the plane, mm. */
    private double cornerAtMm() {
        return straightMm() + 4 * cornerInPlaneMm / (3 * Math.PI);
    }

    @Override
    public double areaMm2() {
        return 2 * straightMm() * acrossMm + 2 * endMm() * cornerInPlaneMm + 4 * quarterMm2();
    }

    /** The corners' ellipse by Ramanujan's second formula (S. Ramanujan, 1914). */
    @Override
    public double perimeterMm() {
        double sum = cornerInPlaneMm + cornerAcrossMm;
        double h = sum == 0 ? 0 : Math.pow((cornerInPlaneMm - cornerAcrossMm) / sum, 2);
        return 4 * straightMm() + 2 * endMm() + Math.PI * sum * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));
    }

    /** Rectangles, quarters of an ellipse and their shifts (parallel axes), about the axis across the plane of the form. */
    @Override
    public double secondMomentMm4() {
        double c = cornerInPlaneMm;
        double side = endMm() * c * (c * c / 12 + Math.pow(straightMm() + c / 2, 2));
        double corner = (Math.PI / 16 - 4 / (9 * Math.PI)) * cornerAcrossMm * c * c * c
                + quarterMm2() * cornerAtMm() * cornerAtMm();
        return acrossMm * Math.pow(2 * straightMm(), 3) / 12 + 2 * side + 4 * corner;
    }

    @Override
    public double extremeFibreMm() {
        return inPlaneMm / 2;
    }

    @Override
    public double plasticModulusMm3() {
        double middle = acrossMm * straightMm() * straightMm() / 2;
        double side = endMm() * cornerInPlaneMm * (straightMm() + cornerInPlaneMm / 2);
        return 2 * (middle + side + 2 * quarterMm2() * cornerAtMm());
    }
}
