package org.etui.core.photo;

import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/**
 * How a camera without distortion sees a plane, by its homography (Hartley and Zisserman 2004, Multiple View Geometry, 8.1): the picture's middle is taken
 * as its principal point. The focal length is the one that keeps the plane's axes upright to each other and equally long, drawn towards that of an
 * ordinary telephone, since a view from straight above does not tell it.
 */
final class View {
    /** Focal length of an ordinary telephone's main camera, as a share of the picture's longer side (28 mm on 36 mm; from memory). */
    static final double USUAL_FOCAL = 0.78;

    /** How far cameras differ from that, as a natural logarithm (estimate). */
    private static final double SPREAD = 0.2;

    /** How well a homography of such marks tells the angle between axes and the ratio of their lengths (estimate). */
    private static final double KNOWN = 0.003;

    private static final int MOST_TRIES = 200;

    private final double[][] h;
    private final double width;
    private final double height;
    private final double focal;

    /**
     * @param h from the plane, mm, to the picture, px: three rows of three
     * @param width of the picture, px
     * @param height of the picture, px
     */
    View(double[][] h, double width, double height) {
        this.h = h;
        this.width = width;
        this.height = height;
        UnivariateFunction cost = ln -> cost(Math.exp(ln));
        double usual = Math.log(USUAL_FOCAL * Math.max(width, height));
        this.focal = Math.exp(new BrentOptimizer(1e-8, 1e-8)
                .optimize(
                        GoalType.MINIMIZE,
                        new UnivariateObjectiveFunction(cost),
                        new SearchInterval(usual - 1, usual + 1, usual),
                        new MaxEval(MOST_TRIES))
                .getPoint());
    }

    private double cost(double f) {
        Vector3D x = axis(0, f);
        Vector3D y = axis(1, f);
        double apart = x.normalize().dotProduct(y.normalize()) / KNOWN;
        double longer = Math.log(x.getNorm() / y.getNorm()) / KNOWN;
        double from = Math.log(f / (USUAL_FOCAL * Math.max(width, height))) / SPREAD;
        return apart * apart + longer * longer + from * from;
    }

    /** A column of the homography as the camera sees it with a focal length, px: an axis of the plane, or its middle. */
    private Vector3D axis(int column, double f) {
        return new Vector3D(
                (h[0][column] - width / 2 * h[2][column]) / f,
                (h[1][column] - height / 2 * h[2][column]) / f,
                h[2][column]);
    }

    /** Where a place of the plane is in the picture, px. */
    Vector2D seen(Vector2D mm) {
        double w = h[2][0] * mm.getX() + h[2][1] * mm.getY() + h[2][2];
        return new Vector2D(
                (h[0][0] * mm.getX() + h[0][1] * mm.getY() + h[0][2]) / w,
                (h[1][0] * mm.getX() + h[1][1] * mm.getY() + h[1][2]) / w);
    }

    /** Where the camera stands, mm: across and up on the plane, and above it. */
    Vector3D camera() {
        List<Vector3D> axes = axes();
        double scale = Math.sqrt(axis(0, focal).getNorm() * axis(1, focal).getNorm());
        Vector3D middle = axis(2, focal).scalarMultiply(1 / scale);
        return new Vector3D(
                -axes.get(0).dotProduct(middle),
                -axes.get(1).dotProduct(middle),
                -axes.get(2).dotProduct(middle));
    }

    /** The plane's axes as the camera sees them, of length 1, upright to each other. */
    private List<Vector3D> axes() {
        Vector3D x = axis(0, focal).normalize();
        Vector3D y = axis(1, focal);
        Vector3D upright = y.subtract(y.dotProduct(x), x).normalize();
        return List.of(x, upright, x.crossProduct(upright));
    }

    /** How far the camera's axis leans from upright over the plane, rad. */
    double tiltRad() {
        return Math.acos(Math.min(1, Math.abs(axes().get(2).getZ())));
    }
}
