package org.etui.core.photo;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import org.etui.core.check.Check;
import org.etui.core.piece.Body;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Surface;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * A photograph of a stone of known outline on a {@link StoneSheet}: every ray of the camera is followed to the stone or the paper, with lamp light that falls
 * off, a soft shadow and noise.
 *
 * @param body the stone, one with an outline
 * @param turnRad how far it is turned on the sheet, rad
 * @param at where its middle lies, mm
 * @param tiltRad how far the camera leans from upright, rad
 * @param towardsRad the side that it leans to, rad
 * @param distanceMm from the middle of the sheet, mm
 * @param focal focal length as a share of the picture's longer side
 * @param noise standard deviation of the noise, of 255
 * @param seed of the noise
 */
public record SimulatedPhotograph(
        Body body,
        double turnRad,
        Vector2D at,
        double tiltRad,
        double towardsRad,
        double distanceMm,
        double focal,
        double noise,
        long seed) {
    private static final int WIDTH = 1600;
    private static final int HEIGHT = 1200;

    /** Rays to a pixel, across and down. */
    private static final int RAYS = 2;

    /** Sections that a ray is tried against. */
    private static final int SECTIONS = 32;

    /** No stone is seen further from its middle than this share of its extent, and twice its height. */
    private static final double REACH = 0.6;

    private static final List<Vector2D> DOTS = StoneSheet.dots();

    private static final double[] PAPER = {238, 236, 230};
    private static final double[] INK = {38, 36, 34};
    private static final double[] STONE = {62, 112, 120};
    private static final double FALLS_OFF = 0.25;
    private static final double SHADOW = 0.1;
    private static final double SHADOW_MM = 1.5;

    /** @throws IllegalArgumentException if the camera is not above the sheet */
    public SimulatedPhotograph {
        Check.within("tiltRad", tiltRad, 0, 1.2);
        Check.within("distanceMm", distanceMm, 50, 5000);
    }

    /** From straight above, as an ordinary telephone sees it, the stone in the middle. */
    public static SimulatedPhotograph of(Body body) {
        return new SimulatedPhotograph(body, 0, Vector2D.ZERO, 0, 0, 260, View.USUAL_FOCAL, 3, 1);
    }

    /** The same from a camera that leans by an angle to a side, rad. */
    public SimulatedPhotograph leaning(double byRad, double toRad) {
        return new SimulatedPhotograph(body, turnRad, at, byRad, toRad, distanceMm, focal, noise, seed);
    }

    /** The same with the stone laid elsewhere. */
    public SimulatedPhotograph lying(Vector2D where, double turnedRad) {
        return new SimulatedPhotograph(body, turnedRad, where, tiltRad, towardsRad, distanceMm, focal, noise, seed);
    }

    /** The same by another camera. */
    public SimulatedPhotograph by(double otherFocal, double otherDistanceMm, long otherSeed) {
        return new SimulatedPhotograph(
                body, turnRad, at, tiltRad, towardsRad, otherDistanceMm, otherFocal, noise, otherSeed);
    }

    /** The picture. */
    public BufferedImage taken() {
        return taken(true, true);
    }

    /** The picture without the sheet's dots, or without the stone. */
    BufferedImage taken(boolean dots, boolean stone) {
        Vector3D back = new Vector3D(
                Math.sin(tiltRad) * Math.cos(towardsRad), Math.sin(tiltRad) * Math.sin(towardsRad), Math.cos(tiltRad));
        Vector3D camera = back.scalarMultiply(distanceMm);
        Vector3D up =
                Vector3D.PLUS_J.subtract(back.dotProduct(Vector3D.PLUS_J), back).normalize();
        Vector3D right = up.crossProduct(back);
        Rendered solid = new Rendered(new Surface(new Solid(body)), turnRad, at);
        Random random = new Random(seed);
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double[] sum = new double[3];
                for (int i = 0; i < RAYS * RAYS; i++) {
                    double px = (x + (i % RAYS + 0.5) / RAYS - WIDTH / 2.0) / (focal * WIDTH);
                    double py = (HEIGHT / 2.0 - y - (i / RAYS + 0.5) / RAYS) / (focal * WIDTH);
                    Vector3D ray = new Vector3D(px, right, py, up, -1, back);
                    if (i == 0 && isPlain(ground(camera, ray, 0), solid)) {
                        System.arraycopy(PAPER, 0, sum, 0, sum.length);
                        break;
                    }
                    double[] colour = colour(camera, ray, stone ? solid : null, dots);
                    for (int c = 0; c < 3; c++) {
                        sum[c] += colour[c] / (RAYS * RAYS);
                    }
                }
                double from = Math.hypot(x - WIDTH * 0.4, y - HEIGHT * 0.3) / WIDTH;
                int rgb = 0;
                for (int c = 0; c < 3; c++) {
                    double value = sum[c] * (1 - FALLS_OFF * from * from) + noise * random.nextGaussian();
                    rgb = rgb << 8 | (int) Math.max(0, Math.min(255, Math.round(value)));
                }
                picture.setRGB(x, y, rgb);
            }
        }
        return picture;
    }

    private static double[] colour(Vector3D camera, Vector3D ray, Rendered solid, boolean dots) {
        Vector2D ground = ground(camera, ray, 0);
        double top = solid == null ? 0 : solid.surface.solid().toMm();
        double foot = solid == null ? 0 : solid.surface.solid().fromMm();
        if (solid != null && ground.distance(solid.at) < reach(solid)) {
            for (int i = 0; i <= SECTIONS; i++) {
                double z = top - (top - foot) * i / SECTIONS;
                if (solid.covers(ground(camera, ray, z - foot), z)) {
                    double light = 0.7 + 0.3 * (z - foot) / (top - foot);
                    return new double[] {light * STONE[0], light * STONE[1], light * STONE[2]};
                }
            }
            if (solid.covers(ground.add(new Vector2D(-SHADOW_MM, SHADOW_MM)), foot)) {
                return new double[] {(1 - SHADOW) * PAPER[0], (1 - SHADOW) * PAPER[1], (1 - SHADOW) * PAPER[2]};
            }
        }
        boolean ink = dots
                && Math.max(Math.abs(ground.getX()), Math.abs(ground.getY())) < StoneSheet.HALF_MM + StoneSheet.DOT_MM
                && Math.max(Math.abs(ground.getX()), Math.abs(ground.getY())) > StoneSheet.UP.getY() - StoneSheet.DOT_MM
                && DOTS.stream().anyMatch(d -> d.distance(ground) < StoneSheet.DOT_MM);
        return ink ? INK : PAPER;
    }

    /** Whether there is but paper at a place and about it. */
    private static boolean isPlain(Vector2D mm, Rendered solid) {
        double out = Math.max(Math.abs(mm.getX()), Math.abs(mm.getY()));
        double edge = 2 * StoneSheet.DOT_MM;
        return (out > StoneSheet.HALF_MM + edge || out < StoneSheet.UP.getY() - edge)
                && mm.distance(solid.at) > reach(solid) + edge;
    }

    private static double reach(Rendered solid) {
        return REACH * solid.surface.extentMm()
                + 2 * (solid.surface.solid().toMm() - solid.surface.solid().fromMm());
    }

    private static Vector2D ground(Vector3D camera, Vector3D ray, double zMm) {
        double far = (camera.getZ() - zMm) / -ray.getZ();
        return new Vector2D(camera.getX() + far * ray.getX(), camera.getY() + far * ray.getY());
    }

    /** The stone as it lies. */
    private record Rendered(Surface surface, double turnRad, Vector2D at) {
        /** Whether its section at a height, as its body counts it, covers a place. */
        boolean covers(Vector2D mm, double z) {
            double x = mm.getX() - at.getX();
            double y = mm.getY() - at.getY();
            double cos = Math.cos(turnRad);
            double sin = Math.sin(turnRad);
            return surface.share(cos * x + sin * y, cos * y - sin * x)
                    <= surface.solid().scale(z);
        }
    }
}
