package org.etui.core.photo;

import boofcv.abst.filter.binary.InputToBinary;
import boofcv.alg.shapes.ellipse.BinaryEllipseDetector;
import boofcv.factory.filter.binary.ConfigThreshold;
import boofcv.factory.filter.binary.FactoryThresholdBinary;
import boofcv.factory.filter.binary.ThresholdType;
import boofcv.factory.geo.EpipolarError;
import boofcv.factory.geo.FactoryMultiView;
import boofcv.factory.shape.ConfigEllipseDetector;
import boofcv.factory.shape.FactoryShapeDetector;
import boofcv.struct.geo.AssociatedPair;
import boofcv.struct.image.GrayU8;
import georegression.struct.curve.EllipseRotated_F64;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.ejml.data.DMatrixRMaj;
import org.etui.core.check.Stopped;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/** Finds the dots of a {@link StoneSheet} in a picture. */
final class Marks {
    /** Dark is what is darker than this share of its neighbourhood, which is this share of the picture's longer side wide. */
    private static final double DARK = 0.8;

    private static final double AROUND = 0.05;

    /** No more candidates than this are put together, the most like the others in size. */
    private static final int MOST = 26;

    /** A dot lies at its place where it is no further off than this share of its own radius. */
    private static final double AT_PLACE = 0.8;

    /** So many of the dots of the square must be seen. */
    private static final int LEAST_SEEN = 10;

    private Marks() {}

    /**
     * Where the sheet lies.
     *
     * @param view how it is seen
     * @param rmsMm how far the dots lie from where they should, root of the mean square, mm
     */
    record Found(View view, double rmsMm) {}

    /** The sheet in a picture; empty where too few of its dots are seen. */
    static Optional<Found> find(GrayU8 gray) {
        List<EllipseRotated_F64> dots = candidates(gray);
        Optional<double[][]> best = Optional.empty();
        int most = LEAST_SEEN - 1;
        for (int[] four : fours(dots)) {
            Stopped.where(Thread.currentThread());
            double[][] h = homography(pairs(four, dots));
            int met = matched(h, dots, StoneSheet.square()).size();
            if (met > most) {
                most = met;
                best = Optional.of(h);
            }
        }
        return best.flatMap(h -> upright(h, dots)).map(h -> refined(h, dots, gray));
    }

    /** Dark ellipses; where there are too many, those whose size is nearest to the middle one. */
    private static List<EllipseRotated_F64> candidates(GrayU8 gray) {
        GrayU8 dark = new GrayU8(gray.width, gray.height);
        int around = Math.max(21, (int) (AROUND * Math.max(gray.width, gray.height)) | 1);
        ConfigThreshold config = ConfigThreshold.local(ThresholdType.LOCAL_MEAN, around);
        config.scale = DARK;
        config.down = true;
        InputToBinary<GrayU8> binary = FactoryThresholdBinary.threshold(config, GrayU8.class);
        binary.process(gray, dark);
        BinaryEllipseDetector<GrayU8> detector =
                FactoryShapeDetector.ellipse(new ConfigEllipseDetector(), GrayU8.class);
        detector.process(gray, dark);
        List<EllipseRotated_F64> found = new ArrayList<>();
        for (int i = 0; i < detector.getFound().size(); i++) {
            found.add(new EllipseRotated_F64(detector.getFound().get(i).ellipse));
        }
        if (found.size() <= MOST) {
            return found;
        }
        double[] sizes = found.stream().mapToDouble(Marks::size).sorted().toArray();
        double middle = Math.log(sizes[sizes.length / 2]);
        return found.stream()
                .sorted(Comparator.comparingDouble(e -> Math.abs(Math.log(size(e)) - middle)))
                .limit(MOST)
                .toList();
    }

    private static double size(EllipseRotated_F64 e) {
        return Math.sqrt(e.a * e.b);
    }

    /** Fours of candidates that could be the corners: anticlockwise on the sheet, around most of the others. */
    private static List<int[]> fours(List<EllipseRotated_F64> dots) {
        List<int[]> fours = new ArrayList<>();
        int n = dots.size();
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                for (int c = b + 1; c < n; c++) {
                    for (int d = c + 1; d < n; d++) {
                        ordered(new int[] {a, b, c, d}, dots)
                                .filter(four -> inside(four, dots) >= LEAST_SEEN)
                                .ifPresent(fours::add);
                    }
                }
            }
        }
        return fours;
    }

    /** In order round their middle; empty where one lies within the others. In the picture y runs down, so the order turns round. */
    private static Optional<int[]> ordered(int[] four, List<EllipseRotated_F64> dots) {
        double x = 0;
        double y = 0;
        for (int i : four) {
            x += dots.get(i).center.x / four.length;
            y += dots.get(i).center.y / four.length;
        }
        double mx = x;
        double my = y;
        Integer[] order = {four[0], four[1], four[2], four[3]};
        Arrays.sort(
                order,
                Comparator.comparingDouble(i -> -Math.atan2(dots.get(i).center.y - my, dots.get(i).center.x - mx)));
        int[] found = {order[0], order[1], order[2], order[3]};
        for (int i = 0; i < found.length; i++) {
            if (side(found[i], found[(i + 1) % 4], found[(i + 2) % 4], dots) >= 0) {
                return Optional.empty();
            }
        }
        return Optional.of(found);
    }

    private static double side(int a, int b, int p, List<EllipseRotated_F64> dots) {
        double ux = dots.get(b).center.x - dots.get(a).center.x;
        double uy = dots.get(b).center.y - dots.get(a).center.y;
        return ux * (dots.get(p).center.y - dots.get(a).center.y) - uy * (dots.get(p).center.x - dots.get(a).center.x);
    }

    /** How many candidates lie within a four or close to its sides, itself among them. */
    private static int inside(int[] four, List<EllipseRotated_F64> dots) {
        int within = 0;
        for (int p = 0; p < dots.size(); p++) {
            boolean in = true;
            for (int i = 0; in && i < 4; i++) {
                int a = four[i];
                int b = four[(i + 1) % 4];
                double long1 = Math.hypot(
                        dots.get(b).center.x - dots.get(a).center.x, dots.get(b).center.y - dots.get(a).center.y);
                in = side(a, b, p, dots) <= size(dots.get(p)) * long1;
            }
            within += in ? 1 : 0;
        }
        return within;
    }

    private static List<AssociatedPair> pairs(int[] four, List<EllipseRotated_F64> dots) {
        List<AssociatedPair> pairs = new ArrayList<>();
        List<Vector2D> corners = StoneSheet.corners();
        for (int i = 0; i < four.length; i++) {
            pairs.add(pair(corners.get(i), dots.get(four[i])));
        }
        return pairs;
    }

    private static AssociatedPair pair(Vector2D mm, EllipseRotated_F64 dot) {
        return new AssociatedPair(mm.getX(), mm.getY(), dot.center.x, dot.center.y);
    }

    private static double[][] homography(List<AssociatedPair> pairs) {
        DMatrixRMaj h = new DMatrixRMaj(3, 3);
        FactoryMultiView.homographyDLT(true).process(pairs, h);
        return rows(h);
    }

    private static double[][] rows(DMatrixRMaj h) {
        double sign = h.get(2, 2) < 0 ? -1 : 1;
        double[][] rows = new double[3][3];
        for (int i = 0; i < 3; i++) {
            for (int k = 0; k < 3; k++) {
                rows[i][k] = sign * h.get(i, k);
            }
        }
        return rows;
    }

    private static Vector2D seen(double[][] h, Vector2D mm) {
        double w = h[2][0] * mm.getX() + h[2][1] * mm.getY() + h[2][2];
        return new Vector2D(
                (h[0][0] * mm.getX() + h[0][1] * mm.getY() + h[0][2]) / w,
                (h[1][0] * mm.getX() + h[1][1] * mm.getY() + h[1][2]) / w);
    }

    /** Dots of the sheet with the candidate that lies there. */
    private static List<AssociatedPair> matched(double[][] h, List<EllipseRotated_F64> dots, List<Vector2D> places) {
        List<AssociatedPair> pairs = new ArrayList<>();
        for (Vector2D place : places) {
            Vector2D at = seen(h, place);
            dots.stream()
                    .filter(e -> Math.hypot(e.center.x - at.getX(), e.center.y - at.getY()) < AT_PLACE * size(e))
                    .findFirst()
                    .ifPresent(e -> pairs.add(pair(place, e)));
        }
        return pairs;
    }

    /** Turned by quarters until the dot inside the corner is there. */
    private static Optional<double[][]> upright(double[][] h, List<EllipseRotated_F64> dots) {
        double[][] turned = h;
        for (int i = 0; i < 4; i++) {
            if (!matched(turned, dots, List.of(StoneSheet.UP)).isEmpty()) {
                return Optional.of(turned);
            }
            double[][] next = new double[3][];
            for (int k = 0; k < 3; k++) {
                // A quarter turn of the sheet: its x lies where its y lay.
                next[k] = new double[] {turned[k][1], -turned[k][0], turned[k][2]};
            }
            turned = next;
        }
        return Optional.empty();
    }

    private static Found refined(double[][] h, List<EllipseRotated_F64> dots, GrayU8 gray) {
        List<AssociatedPair> pairs = matched(h, dots, StoneSheet.dots());
        DMatrixRMaj rough = new DMatrixRMaj(3, 3);
        FactoryMultiView.homographyDLT(true).process(pairs, rough);
        DMatrixRMaj fine = new DMatrixRMaj(3, 3);
        boolean better = FactoryMultiView.homographyRefine(1e-10, 100, EpipolarError.SIMPLE)
                .fitModel(pairs, rough, fine);
        double[][] best = rows(better ? fine : rough);
        double sum = 0;
        for (AssociatedPair pair : pairs) {
            Vector2D mm = new Vector2D(pair.p1.x, pair.p1.y);
            Vector2D at = seen(best, mm);
            Vector2D beside = seen(best, mm.add(new Vector2D(1, 0)));
            double off = Math.hypot(pair.p2.x - at.getX(), pair.p2.y - at.getY()) / at.distance(beside);
            sum += off * off;
        }
        return new Found(new View(best, gray.width, gray.height), Math.sqrt(sum / pairs.size()));
    }
}
