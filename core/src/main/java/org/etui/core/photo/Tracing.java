package org.etui.core.photo;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.alg.filter.binary.Contour;
import boofcv.alg.filter.binary.GThresholdImageOps;
import boofcv.alg.filter.blur.BlurImageOps;
import boofcv.alg.interpolate.InterpolatePixelS;
import boofcv.factory.interpolate.FactoryInterpolation;
import boofcv.struct.ConnectRule;
import boofcv.struct.border.BorderType;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_I32;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Stopped;
import org.etui.core.element.Outline;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * The outline of a stone on a {@link StoneSheet}, from one photograph, mm. The sheet's dots take the perspective out. What stands up hides paper behind it
 * and shows its side before it, so the outline is what both the sheet's own plane and that of the stone's widest section agree on; a dome that stands out
 * further than its widest section when it is seen aslant is not taken out.
 */
public final class Tracing {
    /** No photograph is looked at more finely, px along its longer side. */
    private static final int MOST_PX = 2400;

    /** The sheet is laid flat with so many px a mm. */
    private static final int FINE = 10;

    /** No photograph more aslant is taken, degrees. */
    public static final double MOST_TILT_DEG = 40;

    /** What differs from paper by less, as a share of the paper's brightness, is paper: shadows do. */
    private static final double LEAST_DIFFERENT = 0.18;

    /** A stone covers more, mm². */
    private static final double LEAST_MM2 = 9;

    /** Nothing else on the sheet covers more than this share of what the stone does. */
    private static final double ANOTHER = 0.2;

    /** What is longer by less, as a share of its second moments, has no long axis. */
    private static final double LONGER = 0.05;

    private static final double BLUR_PX = 1.0;
    private static final double STEP_MM = 0.1;
    private static final double SMOOTH_MM = 0.12;
    private static final double CLOSE_MM = 0.04;
    private static final double APART_MM = 2.5;

    /** Paper further than this from its fit is not paper, as a share. */
    private static final double PAPER = 0.1;

    private static final int FITS = 4;
    private static final int SPARSE = 8;

    /** Measured on simulated photographs (a test holds it): to 15 degrees of tilt, and at 35, mm. */
    private static final double SURE_MM = 0.3;

    private static final double SURE_DEG = 15;
    private static final double LESS_SURE_MM = 0.6;
    private static final double LESS_SURE_DEG = 35;

    private final BufferedImage photograph;
    private final Marks.Found sheet;
    private final double girdleMm;
    private final Polygon outline;

    private Tracing(BufferedImage photograph, Marks.Found sheet, double girdleMm) {
        this.photograph = photograph;
        this.sheet = sheet;
        this.girdleMm = girdleMm;
        this.outline = smoothed(freed(silhouette()));
    }

    /**
     * Traces the stone in a photograph.
     *
     * @param photograph a picture of the whole sheet with one stone on it
     * @param girdleMm how high over the sheet the stone is widest, mm, 0 to 10
     * @throws BadInput if the sheet or the stone is not found, with the reason
     */
    public static Tracing of(BufferedImage photograph, double girdleMm) {
        Check.within("girdleMm", girdleMm, 0, 10);
        BufferedImage picture = shrunk(photograph);
        Marks.Found sheet = Marks.find(gray(picture))
                .orElseThrow(() -> refused(
                        "the dots of the sheet are not found",
                        "must show all dots of the printed sheet, sharp and without glare"));
        double tilt = Math.toDegrees(sheet.view().tiltRad());
        if (tilt > MOST_TILT_DEG) {
            throw refused(
                    String.format("taken %.0f° aslant", tilt),
                    String.format("must be taken from above, no more than %.0f° aslant", MOST_TILT_DEG));
        }
        return new Tracing(picture, sheet, girdleMm);
    }

    private static BadInput refused(String found, String limit) {
        return new BadInput("photograph", found, limit);
    }

    private static BufferedImage shrunk(BufferedImage picture) {
        double by = Math.min(1, (double) MOST_PX / Math.max(picture.getWidth(), picture.getHeight()));
        int width = (int) Math.round(by * picture.getWidth());
        int height = (int) Math.round(by * picture.getHeight());
        BufferedImage smaller = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = smaller.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(picture, 0, 0, width, height, null);
        pen.dispose();
        return smaller;
    }

    private static GrayU8 gray(BufferedImage picture) {
        GrayU8 gray = new GrayU8(picture.getWidth(), picture.getHeight());
        for (int y = 0; y < gray.height; y++) {
            for (int x = 0; x < gray.width; x++) {
                int rgb = picture.getRGB(x, y);
                gray.set(x, y, (channel(rgb, 0) + channel(rgb, 1) + channel(rgb, 2)) / 3);
            }
        }
        return gray;
    }

    private static int channel(int rgb, int of) {
        return rgb >> 8 * of & 0xff;
    }

    /** A colour between four pixels; white outside. */
    private double[] colour(Vector2D px) {
        int x = (int) Math.floor(px.getX());
        int y = (int) Math.floor(px.getY());
        double[] colour = new double[3];
        if (x < 0 || y < 0 || x + 1 >= photograph.getWidth() || y + 1 >= photograph.getHeight()) {
            Arrays.fill(colour, 255);
            return colour;
        }
        double right = px.getX() - x;
        double down = px.getY() - y;
        for (int i = 0; i < 2; i++) {
            for (int k = 0; k < 2; k++) {
                int rgb = photograph.getRGB(x + i, y + k);
                double share = (i == 0 ? 1 - right : right) * (k == 0 ? 1 - down : down);
                for (int c = 0; c < 3; c++) {
                    colour[c] += share * channel(rgb, c);
                }
            }
        }
        return colour;
    }

    private static int size() {
        return (int) (2 * StoneSheet.ROOM_MM * FINE);
    }

    /** A place of the flat picture on the sheet, mm. */
    private static Vector2D mm(double x, double y) {
        return new Vector2D(x / FINE - StoneSheet.ROOM_MM, StoneSheet.ROOM_MM - y / FINE);
    }

    /** How far each place of the sheet differs from paper there, as a share of its brightness. */
    private GrayF32 difference() {
        int size = size();
        double[][][] seen = new double[size][size][];
        for (int y = 0; y < size; y++) {
            Stopped.where(Thread.currentThread());
            for (int x = 0; x < size; x++) {
                seen[y][x] = colour(sheet.view().seen(mm(x, y)));
            }
        }
        GrayF32 different = new GrayF32(size, size);
        for (int c = 0; c < 3; c++) {
            RealVector paper = paper(seen, c);
            for (int y = 0; y < size; y++) {
                for (int x = 0; x < size; x++) {
                    double white = Math.max(1, paper.dotProduct(new ArrayRealVector(terms(mm(x, y)))));
                    double off = Math.abs(seen[y][x][c] / white - 1);
                    boolean up = mm(x, y).distance(StoneSheet.UP) < 2 * StoneSheet.DOT_MM;
                    different.set(x, y, (float) Math.max(different.get(x, y), up ? 0 : Math.min(1, off)));
                }
            }
        }
        return different;
    }

    private static double[] terms(Vector2D mm) {
        double x = mm.getX() / StoneSheet.ROOM_MM;
        double y = mm.getY() / StoneSheet.ROOM_MM;
        return new double[] {1, x, y, x * x, x * y, y * y};
    }

    /** Paper as a quadratic in the place, by least squares over what is as bright as paper. */
    private static RealVector paper(double[][][] seen, int c) {
        List<double[]> terms = new ArrayList<>();
        List<Double> values = new ArrayList<>();
        for (int y = 0; y < seen.length; y += SPARSE) {
            for (int x = 0; x < seen.length; x += SPARSE) {
                terms.add(terms(mm(x, y)));
                values.add(seen[y][x][c]);
            }
        }
        double[] bright = values.stream().mapToDouble(v -> v).sorted().toArray();
        RealVector paper = new ArrayRealVector(new double[] {bright[bright.length * 3 / 4], 0, 0, 0, 0, 0});
        for (int fit = 0; fit < FITS; fit++) {
            double room = PAPER * (fit == 0 ? 3 : 1);
            List<double[]> rows = new ArrayList<>();
            List<Double> right = new ArrayList<>();
            for (int i = 0; i < terms.size(); i++) {
                double white = Math.max(1, paper.dotProduct(new ArrayRealVector(terms.get(i))));
                if (Math.abs(values.get(i) / white - 1) < room) {
                    rows.add(terms.get(i));
                    right.add(values.get(i));
                }
            }
            if (rows.size() < terms.size() / SPARSE) {
                return paper;
            }
            paper = new QRDecomposition(new Array2DRowRealMatrix(rows.toArray(double[][]::new), false))
                    .getSolver()
                    .solve(new ArrayRealVector(right.toArray(Double[]::new)));
        }
        return paper;
    }

    /** What covers the paper, as a way round on the sheet's plane, mm. */
    private Polygon silhouette() {
        GrayF32 different = difference();
        GrayF32 soft = different.createSameShape();
        BlurImageOps.gaussian(different, soft, BLUR_PX, -1, null);
        GrayU8 levels = new GrayU8(soft.width, soft.height);
        for (int i = 0; i < soft.data.length; i++) {
            levels.data[i] = (byte) Math.min(255, Math.round(255 * soft.data[i]));
        }
        double between = Math.max(LEAST_DIFFERENT, GThresholdImageOps.computeOtsu(levels, 0, 255) / 255.0);
        // The edge lies where half of what the stone differs by is reached.
        double[] within = IntStream.range(0, soft.data.length)
                .mapToDouble(i -> soft.data[i])
                .filter(v -> v > between)
                .sorted()
                .toArray();
        double level = within.length == 0 ? between : Math.max(LEAST_DIFFERENT, within[within.length / 2] / 2);
        GrayU8 covered = new GrayU8(soft.width, soft.height);
        for (int i = 0; i < soft.data.length; i++) {
            covered.data[i] = (byte) (soft.data[i] > level ? 1 : 0);
        }
        List<Contour> found = BinaryImageOps.contourExternal(covered, ConnectRule.EIGHT);
        List<Polygon> things = found.stream()
                .filter(c -> c.external.size() > 2 * FINE)
                .map(c -> polygon(c.external, soft, level))
                .filter(p -> p.getArea() > LEAST_MM2)
                .sorted(Comparator.comparingDouble(Polygon::getArea).reversed())
                .toList();
        if (things.isEmpty()) {
            throw refused(
                    "no stone is found on the sheet",
                    "must show a stone that is darker or more coloured than the paper");
        }
        if (things.size() > 1
                && things.get(1).getArea() > ANOTHER * things.get(0).getArea()) {
            throw refused("more than one thing lies on the sheet", "must show one stone");
        }
        Polygon stone = things.get(0);
        double edge = StoneSheet.ROOM_MM - 1;
        if (stone.getEnvelopeInternal().getMaxX() > edge
                || stone.getEnvelopeInternal().getMaxY() > edge
                || stone.getEnvelopeInternal().getMinX() < -edge
                || stone.getEnvelopeInternal().getMinY() < -edge) {
            throw refused("the stone reaches out of the square", "must lie within the dots");
        }
        return stone;
    }

    /** A way round through where the difference crosses a level, from just inside it outwards. */
    private static Polygon polygon(List<Point2D_I32> way, GrayF32 soft, double level) {
        InterpolatePixelS<GrayF32> at = FactoryInterpolation.bilinearPixelS(soft, BorderType.EXTENDED);
        at.setImage(soft);
        List<Coordinate> ring = new ArrayList<>();
        for (Point2D_I32 p : way) {
            double gx = at.get(p.x + 1f, p.y) - at.get(p.x - 1f, p.y);
            double gy = at.get(p.x, p.y + 1f) - at.get(p.x, p.y - 1f);
            double steep = Math.hypot(gx, gy);
            double out = steep < 1e-6 ? 0 : crossing(at, p, -gx / steep, -gy / steep, level);
            Vector2D mm = steep < 1e-6 ? mm(p.x, p.y) : mm(p.x - out * gx / steep, p.y - out * gy / steep);
            ring.add(new Coordinate(mm.getX(), mm.getY()));
        }
        ring.add(ring.get(0).copy());
        return largest(new GeometryFactory()
                .createPolygon(ring.toArray(Coordinate[]::new))
                .buffer(0));
    }

    /** How far out the level is crossed, px, by halving two pixels. */
    private static double crossing(InterpolatePixelS<GrayF32> at, Point2D_I32 p, double dx, double dy, double level) {
        double in = 0;
        double out = 2;
        for (int i = 0; i < 12; i++) {
            double half = (in + out) / 2;
            if (at.get((float) (p.x + half * dx), (float) (p.y + half * dy)) > level) {
                in = half;
            } else {
                out = half;
            }
        }
        return (in + out) / 2;
    }

    private static Polygon largest(Geometry of) {
        Geometry best = of.getGeometryN(0);
        for (int i = 1; i < of.getNumGeometries(); i++) {
            if (of.getGeometryN(i).getArea() > best.getArea()) {
                best = of.getGeometryN(i);
            }
        }
        return best instanceof Polygon polygon ? polygon : new GeometryFactory().createPolygon();
    }

    /** On the far side a silhouette is made by the widest section high up, on the near side by the foot on the sheet: what both planes share. */
    private Polygon freed(Polygon silhouette) {
        Vector3D camera = sheet.view().camera();
        double nearer = 1 - girdleMm / camera.getZ();
        Geometry raised = new AffineTransformation()
                .translate(-camera.getX(), -camera.getY())
                .scale(nearer, nearer)
                .translate(camera.getX(), camera.getY())
                .transform(silhouette);
        return largest(silhouette.intersection(raised));
    }

    /** Smoothed by a Gaussian along the way, as few points as it needs, none far from the next. */
    private static Polygon smoothed(Polygon rough) {
        LineString way = rough.getExteriorRing();
        int count = Math.max(24, (int) (way.getLength() / STEP_MM));
        LengthIndexedLine along = new LengthIndexedLine(way);
        Coordinate[] even = new Coordinate[count];
        for (int i = 0; i < count; i++) {
            even[i] = along.extractPoint(way.getLength() * i / count);
        }
        int reach = (int) Math.ceil(3 * SMOOTH_MM / STEP_MM);
        Coordinate[] soft = new Coordinate[count + 1];
        for (int i = 0; i < count; i++) {
            double sum = 0;
            Coordinate mean = new Coordinate(0, 0);
            for (int k = -reach; k <= reach; k++) {
                double share = Math.exp(-0.5 * Math.pow(k * STEP_MM / SMOOTH_MM, 2));
                Coordinate p = even[Math.floorMod(i + k, count)];
                mean.setX(mean.getX() + share * p.getX());
                mean.setY(mean.getY() + share * p.getY());
                sum += share;
            }
            soft[i] = new Coordinate(mean.getX() / sum, mean.getY() / sum);
        }
        soft[count] = soft[0].copy();
        return new GeometryFactory().createPolygon(soft);
    }

    /** The outline about its middle: points in order, each across and up, mm. */
    public Outline.Traced outline() {
        Vector2D middle = middle();
        Coordinate[] few = DouglasPeuckerSimplifier.simplify(outline, CLOSE_MM).getCoordinates();
        List<List<Double>> points = new ArrayList<>();
        for (int i = 0; i + 1 < few.length; i++) {
            int parts = Math.max(1, (int) Math.ceil(few[i].distance(few[i + 1]) / APART_MM));
            LengthIndexedLine along = new LengthIndexedLine(outline.getExteriorRing());
            double from = along.indexOf(few[i]);
            double to = along.indexOf(few[i + 1]);
            double length = outline.getExteriorRing().getLength();
            double on = Math.floorMod(Math.round((to - from) * 1e6), Math.round(length * 1e6)) / 1e6;
            for (int k = 0; k < parts; k++) {
                double place = from + on * k / parts;
                Coordinate p = along.extractPoint(place > length ? place - length : place);
                points.add(List.of(round(p.getX() - middle.getX()), round(p.getY() - middle.getY())));
            }
        }
        return new Outline.Traced(points, 0);
    }

    private static double round(double mm) {
        return Math.round(100 * mm) / 100.0;
    }

    private Vector2D middle() {
        Coordinate middle = outline.getEnvelopeInternal().centre();
        return new Vector2D(middle.getX(), middle.getY());
    }

    /** The way round, mm. */
    public double girthMm() {
        return outline.getLength();
    }

    /**
     * How far it has to be turned to the left so that its long axis stands upright, degrees, −90 to 90; 0 for what is as wide as it is long. The long axis
     * is the principal axis of its area (second moments of a polygon, textbook).
     */
    public double uprightDeg() {
        Coordinate middle = outline.getCentroid().getCoordinate();
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        double xx = 0;
        double yy = 0;
        double xy = 0;
        for (int i = 0; i + 1 < ring.length; i++) {
            double ax = ring[i].x - middle.x;
            double ay = ring[i].y - middle.y;
            double bx = ring[i + 1].x - middle.x;
            double by = ring[i + 1].y - middle.y;
            double cross = Math.signum(signed(ring)) * (ax * by - bx * ay);
            xx += cross * (ax * ax + ax * bx + bx * bx) / 12;
            yy += cross * (ay * ay + ay * by + by * by) / 12;
            xy += cross * (ax * by + 2 * ax * ay + 2 * bx * by + bx * ay) / 24;
        }
        double longer = Math.hypot(xx - yy, 2 * xy) / (xx + yy);
        return longer < LONGER ? 0 : Math.toDegrees(Math.atan2(2 * xy, yy - xx)) / 2;
    }

    private static double signed(Coordinate[] ring) {
        return Orientation.isCCW(ring) ? 1 : -1;
    }

    /** How far the camera leant from upright, degrees. */
    public double tiltDeg() {
        return Math.toDegrees(sheet.view().tiltRad());
    }

    /** How far the outline may be off anywhere, mm: measured on simulated photographs of stones that are widest up to 4 mm over the sheet. */
    public double uncertaintyMm() {
        double more = Math.max(0, tiltDeg() - SURE_DEG) / (LESS_SURE_DEG - SURE_DEG);
        return SURE_MM + more * (LESS_SURE_MM - SURE_MM);
    }

    /**
     * The photograph laid flat at the height of the widest section, about the outline's middle.
     *
     * @param halfMm how far it reaches from there, mm
     * @param px how many px it is wide and high
     */
    public BufferedImage flat(double halfMm, int px) {
        BufferedImage flat = new BufferedImage(px, px, BufferedImage.TYPE_INT_RGB);
        Vector3D camera = sheet.view().camera();
        Vector2D foot = new Vector2D(camera.getX(), camera.getY());
        double further = 1 / (1 - girdleMm / camera.getZ());
        Vector2D middle = middle();
        for (int y = 0; y < px; y++) {
            for (int x = 0; x < px; x++) {
                Vector2D mm =
                        middle.add(new Vector2D((2.0 * x / (px - 1) - 1) * halfMm, (1 - 2.0 * y / (px - 1)) * halfMm));
                double[] c = colour(sheet.view().seen(foot.add(further, mm.subtract(foot))));
                flat.setRGB(x, y, (int) c[2] << 16 | (int) c[1] << 8 | (int) c[0]);
            }
        }
        return flat;
    }
}
