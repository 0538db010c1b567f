package org.etui.core.mechanics;

/**
 * What wire is struck or pressed with, by how it spreads round wire of a diameter d at a thickness h, x = ln(d/h): width ln(w/d) = S·x²/(x + c),
 * growth in length ln λ = G·x²/(x + k). Fits to rigid-plastic finite elements of a slice that may grow, our own, kept with the tests (annealed copper, friction factor m of the
 * face); the farther the face reaches along the wire, the less the wire can grow. Range: d/h up to 3, between dies up to 2.8.
 */
public enum Face {
    /** A domed hammer: it bears on 1.5 d of the wire, m 0.2. */
    DOMED(0.495, 0.050, 0.46, 0.44, 3, 0),
    /** The same, rough or dry: m 0.5. */
    ROUGH(0.53, 0.046, 0.43, 0.55, 3, 0),
    /** A flat hammer: it bears on 5 d. */
    BROAD(0.71, 0.146, 0.23, 0.27, 3, 0),
    /** The ball of a hammer: it drives metal to all sides, so that a tenth of the width's way more goes into it (engineering estimate). */
    BALL(0.495, 0.050, 0.46, 0.44, 3, 0.1),
    /** A cross face laid across the wire: half of the width's way goes into the length instead (engineering estimate). */
    CROSS(0.495, 0.050, 0.46, 0.44, 3, -0.5),
    /** Dies that bear all along it. */
    DIE(0.92, 0.186, 0, 1, 2.8, 0);

    private final double widthScale;
    private final double widthShift;
    private final double growthScale;
    private final double growthShift;
    private final double mostRatio;
    private final double moreWidth;

    Face(
            double widthScale,
            double widthShift,
            double growthScale,
            double growthShift,
            double mostRatio,
            double moreWidth) {
        this.widthScale = widthScale;
        this.widthShift = widthShift;
        this.growthScale = growthScale;
        this.growthShift = growthShift;
        this.mostRatio = mostRatio;
        this.moreWidth = moreWidth;
    }

    /** d/h up to which the fit was made. */
    public double mostRatio() {
        return mostRatio;
    }

    /** ln(w/d) of round wire at x = ln(d/h), 0 or more. */
    double widening(double x) {
        return (1 + moreWidth) * plain(x);
    }

    /** ln λ of round wire at x = ln(d/h), 0 or more. */
    double lengthening(double x) {
        double grown = x == 0 ? 0 : growthScale * x * x / (x + growthShift);
        return Math.max(0, grown - moreWidth * plain(x));
    }

    private double plain(double x) {
        return x == 0 ? 0 : widthScale * x * x / (x + widthShift);
    }

    /** What share of a thinning goes into the width where the face bears on all of it from the first blow on; the rest makes it longer. */
    double bearing() {
        return Math.min(1, (1 + moreWidth) * widthScale / (widthScale + growthScale));
    }
}
