package org.etui.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class CurveTest {
    private static final double H = 1e-5;

    /** Source: Hipparchus Legendre–Gauss quadrature of the speed along the drawn path. */
    @Test
    void lengthOfEveryPiece_agreesWithQuadratureAlongItsOwnPath() {
        Random random = new Random(3);
        for (int i = 0; i < 100; i++) {
            CurvePiece piece = random(random);
            double length = new IterativeLegendreGaussIntegrator(8, 1e-10, 1e-10)
                    .integrate(100_000, s -> speed(piece, s), 2 * H, piece.lengthMm() - 2 * H);

            assertThat(length + 4 * H).isCloseTo(piece.lengthMm(), within(1e-6 * piece.lengthMm()));
        }
    }

    /** Textbook: the sagitta of a chord over an angle θ is r·(1 − cos(θ/2)). Drawn points lie within that of 5°, or within 0.003 mm. */
    @Test
    void drawnPoints_lieCloseEnough_andNoCloserInSmallBends() {
        for (double radius : new double[] {0.2, 0.7, 2, 10, 60}) {
            List<CentreLine.Station> drawn =
                    CentreLine.of(0.1, List.of(new Arc(radius, 6))).stations(Math.toRadians(5), 9);
            Vector3D centre = new Vector3D(0, radius, 0);
            double allowed = Math.max(0.003, radius * (1 - Math.cos(Math.toRadians(2.5))));
            for (int i = 1; i < drawn.size(); i++) {
                Vector3D a = drawn.get(i - 1).pose().position();
                Vector3D b = drawn.get(i).pose().position();

                assertThat(radius - Vector3D.distance(a.add(b).scalarMultiply(0.5), centre))
                        .isLessThanOrEqualTo(allowed);
            }
            assertThat(drawn).hasSizeLessThan(radius < 1 ? 50 : 71);
        }
    }

    /** Where a share of the turning is done, the pose is the one at that length. */
    @Test
    void poseByTurning_isThatByLength() {
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            CurvePiece piece = random(random);
            double share = random.nextDouble();
            Pose byTurn = piece.origin().then(piece.aboutOrigin(share));
            Pose byLength = piece.at(piece.lengthAtTurnMm(share));

            assertThat(Vector3D.distance(byTurn.position(), byLength.position()))
                    .isLessThan(1e-9);
            assertThat(Vector3D.distance(byTurn.heading(), byLength.heading())).isLessThan(1e-9);
            assertThat(piece.lengthAtTurnMm(0)).isCloseTo(0, within(1e-12));
            assertThat(piece.lengthAtTurnMm(1)).isCloseTo(piece.lengthMm(), within(1e-9));
        }
    }

    /** The rule of 3.3 as an integral, by the same quadrature, with the curvature measured on the drawn path. */
    @Test
    void wireLength_agreesWithQuadratureOfTheRule() {
        Random random = new Random(4);
        for (int i = 0; i < 60; i++) {
            CurvePiece piece = random(random);
            double t = 0.8;
            double wire = new IterativeLegendreGaussIntegrator(8, 1e-9, 1e-9)
                    .integrate(
                            100_000,
                            s -> 1 - Math.pow(curvature(piece, s) * t, 2) / 26,
                            2 * H,
                            piece.lengthMm() - 2 * H);

            assertThat(piece.wireLengthMm(t)).isCloseTo(wire, within(1e-4 * piece.lengthMm() + 4 * H));
        }
    }

    /** The closed form for spirals and cones against Hipparchus quadrature of κ = |r′ × r″|/|r′|³, textbook. */
    @Test
    void wireOfASpiralAndACone_agreesWithQuadratureOfItsCurvature() {
        Random random = new Random(7);
        for (int i = 0; i < 60; i++) {
            double r0 = 0.5 + 4 * random.nextDouble();
            double b = (0.5 + 3 * random.nextDouble()) / (2 * Math.PI);
            double c = i % 3 == 0 ? 0 : 4 * random.nextDouble() / (2 * Math.PI);
            double t = 0.3 + 1.3 * random.nextDouble();
            Spiral spiral = new Spiral(r0, 2 * Math.PI * b, 2 * Math.PI * c, 0.5 + 8 * random.nextDouble(), 1, true);
            double wire = new IterativeLegendreGaussIntegrator(16, 1e-11, 1e-11)
                    .integrate(
                            1_000_000,
                            phi -> {
                                double r = r0 + b * phi;
                                double speed = Math.sqrt(r * r + b * b + c * c);
                                double flat = 2 * b * b + r * r;
                                double bend = Math.sqrt(c * c * (4 * b * b + r * r) + flat * flat);
                                return speed * (1 - Math.pow(bend / Math.pow(speed, 3) * t, 2) / 26);
                            },
                            0,
                            spiral.turnRad());

            assertThat(spiral.wireLengthMm(t)).isCloseTo(wire, within(1e-8));
        }
    }

    /** Source: finite-element run, CalculiX 2.20: one full turn of 4 mm inside in 1.63 mm wire takes 17.45 mm. */
    @Test
    void fullTurnOfThickWire_takesWhatFiniteElementsSay() {
        Arc turn = Arc.ofInside(4, 1.63, 2 * Math.PI);

        assertThat(turn.wireLengthMm(1.63)).isCloseTo(17.45, within(0.02 * 17.45));
        assertThat(turn.wireLengthMm(1.63)).isLessThan(turn.lengthMm());
    }

    @Test
    void lineAcrossACircle_crossesWhereAlgebraSays() {
        // A circle of radius 5 round (0, 5) walked 3/4 round, then straight on: crosses y-axis geometry worked by hand.
        CentreLine line = CentreLine.of(0.5, List.of(new Line(10), new Arc(5, Math.PI * 1.5), new Line(20)));

        List<Crossing> crossings = Crossings.of(line, 0.5);

        // The arc starts at (10, 0), centre (10, 5), ends at (5, 5) heading −y: x = 5 meets the first line at (5, 0).
        assertThat(crossings).hasSize(1);
        assertThat(crossings.get(0).firstMm()).isCloseTo(5, within(1e-9));
        assertThat(crossings.get(0).at().getX()).isCloseTo(5, within(1e-9));
        assertThat(crossings.get(0).at().getY()).isCloseTo(0, within(1e-9));
    }

    /** Source: analytic circle–circle points, textbook algebra. */
    @Test
    void twoArcs_crossWhereTheCircleEquationsSay() {
        Random random = new Random(11);
        int found = 0;
        for (int i = 0; i < 200; i++) {
            double r1 = 3 + random.nextDouble() * 4;
            double r2 = 3 + random.nextDouble() * 4;
            double run = random.nextDouble() * 6;
            CentreLine line =
                    CentreLine.of(0.3, List.of(new Arc(r1, 1.6 * Math.PI), new Line(run), new Arc(r2, 1.6 * Math.PI)));
            Vector3D c1 = new Vector3D(0, r1, 0);
            Placed last = line.pieces().get(2);
            Vector3D c2 = last.start().at(new Vector3D(0, r2, 0));
            double d = Vector3D.distance(c1, c2);
            for (Crossing crossing : Crossings.of(line, 0.3)) {
                boolean arcs = crossing.firstMm() < line.pieces().get(1).wireFromMm()
                        && crossing.secondMm() > last.wireFromMm();
                double off = Vector3D.distance(crossing.at(), c1);
                if (arcs && Math.abs(off - r1) < 1e-6 && Math.abs(Vector3D.distance(crossing.at(), c2) - r2) < 1e-6) {
                    double along = (d * d + r1 * r1 - r2 * r2) / (2 * d);
                    double projected = crossing.at().subtract(c1).dotProduct(c2.subtract(c1)) / d;
                    assertThat(projected).isCloseTo(along, within(1e-7));
                    found++;
                }
            }
        }
        assertThat(found).isGreaterThan(100);
    }

    @Test
    void closedLoop_liesOnItselfOnce() {
        CentreLine line = CentreLine.of(1, List.of(new Arc(3, 2 * Math.PI), new Line(10)));

        List<Crossing> touching = Crossings.of(line, 1);

        assertThat(touching).hasSize(1);
        assertThat(touching.get(0).firstMm()).isCloseTo(0, within(0.5));
    }

    @Test
    void openHook_doesNotCross() {
        assertThat(Crossings.of(CentreLine.of(1, List.of(new Line(10), new Arc(4, Math.PI), new Line(8))), 1))
                .isEmpty();
    }

    @Test
    void lengthIsAdditive_andEveryPieceStartsWhereTheLastOneEnded() {
        Random random = new Random(5);
        List<CurvePiece> pieces = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            pieces.add(random(random));
        }
        CentreLine line = CentreLine.of(0.6, pieces);

        assertThat(line.lengthMm())
                .isCloseTo(pieces.stream().mapToDouble(CurvePiece::lengthMm).sum(), within(1e-9));
        for (int i = 1; i < pieces.size(); i++) {
            Pose end = line.pieces().get(i - 1).end();
            assertThat(Vector3D.distance(
                            end.position(), line.pieces().get(i).start().position()))
                    .isLessThan(1e-9);
            assertThat(end.heading().dotProduct(line.pieces().get(i).start().heading()))
                    .isCloseTo(1, within(1e-9));
        }
    }

    /** The frame follows the path: the heading is the direction that the drawn path takes. */
    @Test
    void headingOfEveryPiece_isTheDirectionOfItsPath() {
        Random random = new Random(6);
        for (int i = 0; i < 200; i++) {
            CurvePiece piece = random(random);
            double s = (0.05 + 0.9 * random.nextDouble()) * piece.lengthMm();
            Vector3D way = piece.at(s + H).position().subtract(piece.at(s - H).position());

            assertThat(Vector3D.angle(way, piece.at(s).heading()))
                    .as("%s", piece)
                    .isLessThan(1e-5);
            assertThat(piece.at(0).position().getNorm()).isLessThan(1e-9);
            assertThat(Vector3D.angle(piece.at(0).heading(), Vector3D.PLUS_I)).isLessThan(1e-9);
        }
    }

    /** Source: Pythagoras on the unrolled helix, length = √((2πr)² + pitch²) a turn. */
    @Test
    void helix_isAsLongAsItsUnrolledTriangle() {
        Helix coil = Helix.coil(3, 4, 10 * Math.PI);

        assertThat(coil.lengthMm()).isCloseTo(5 * Math.hypot(6 * Math.PI, 4), within(1e-9));
        Vector3D across = coil.at(coil.lengthMm()).position();
        assertThat(across.getNorm()).as("five turns climb five pitches").isCloseTo(20, within(1e-9));
    }

    /** A needle a million times as long as it is wide, twice round: what the quadrature gives up on has the length of the curve, 8 half lengths. */
    @Test
    void ellipseSharperThanAnyWire_hasTheLengthOfItsCurve() {
        EllipseArc needle = new EllipseArc(5000, 0.005, 0, 0, 4 * Math.PI, 1);
        assertThat(needle.wireLengthMm(1)).isCloseTo(8 * 5000, within(80.0));
    }

    /** From the end of an axis, where the angle of the integral is 0: half of it is half as long as the whole (by symmetry). */
    @Test
    void ellipseFromTheEndOfAnAxis_isMeasured() {
        for (EllipseArc half : List.of(
                new EllipseArc(15, 9, 0, Math.PI / 2, 3 * Math.PI / 2, 1),
                new EllipseArc(9, 15, 0, 0, Math.PI, 1),
                new EllipseArc(50_000, 49_999.995, 0, Math.PI / 2, 3 * Math.PI / 2, 1))) {
            double whole = new EllipseArc(half.aMm(), half.bMm(), 0, 0.3, 0.3 + 2 * Math.PI, 1).lengthMm();
            assertThat(half.lengthMm()).isCloseTo(whole / 2, within(1e-9 * whole));
            assertThat(half.at(half.lengthMm() / 2).position().getNorm())
                    .isFinite()
                    .isPositive();
        }
    }

    /** Source: Ramanujan's second formula for the perimeter of an ellipse (Ramanujan 1914); error below 1e-9 here. */
    @Test
    void perimeterOfAnEllipse_agreesWithRamanujan() {
        for (double ratio = 1; ratio > 0.4; ratio -= 0.05) {
            double a = 15;
            double b = 15 * ratio;
            double h = Math.pow((a - b) / (a + b), 2);
            double ramanujan = Math.PI * (a + b) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));

            assertThat(new EllipseArc(a, b, 0, 0.3, 0.3 + 2 * Math.PI, 1).lengthMm())
                    .isCloseTo(ramanujan, within(2e-7 * ramanujan));
            assertThat(new EllipseArc(b, a, 1, 0.3, 0.3 + 2 * Math.PI, -1).lengthMm())
                    .as("a parallel line at 1 mm is 2π longer (Steiner)")
                    .isCloseTo(ramanujan + 2 * Math.PI, within(1e-5));
        }
    }

    /** Source: JTS, convex hull of the circles as fine polygons, its exterior ring; and a buffer of points. */
    @Test
    void lineRoundCircles_isAsLongAsTheHullByJts() {
        Random random = new Random(9);
        for (int i = 0; i < 200; i++) {
            List<Circuit.Disc> discs = new ArrayList<>();
            Geometry union = new GeometryFactory().createPolygon();
            for (int k = 0; k < 1 + random.nextInt(6); k++) {
                Circuit.Disc disc =
                        new Circuit.Disc(10 * random.nextDouble(), 10 * random.nextDouble(), 3 * random.nextDouble());
                discs.add(disc);
                union = union.union(new GeometryFactory()
                        .createPoint(new Coordinate(disc.xMm(), disc.yMm()))
                        .buffer(disc.radiusMm() + 0.4, 256));
            }
            double hull = union.convexHull().getLength();

            assertThat(Circuit.around(discs, 0.4).lengthMm()).isCloseTo(hull, within(1e-4 * hull));
        }
    }

    /** Source: k wires in a row have the hull 2(k − 1)d + πd, and the middle of a wire round them runs πt longer (Steiner). */
    @Test
    void lineRoundARowOfWires_isTheKnownHull() {
        for (int k = 1; k <= 8; k++) {
            List<Circuit.Disc> row = new ArrayList<>();
            for (int i = 0; i < k; i++) {
                row.add(new Circuit.Disc(i * 0.8, 0, 0.4));
            }
            double hull = 2 * (k - 1) * 0.8 + Math.PI * 0.8;

            assertThat(Circuit.around(row, 0.15).lengthMm()).isCloseTo(hull + Math.PI * 0.3, within(1e-9));
        }
    }

    /** Source: the hull of equal circles in a row is a stadium, two sides and two half circles, however the row lies (textbook). */
    @Test
    void lineRoundARow_hasTwoSidesAndTwoEnds() {
        for (int degrees = 0; degrees < 360; degrees += 7) {
            double slant = Math.toRadians(degrees);
            List<Circuit.Disc> row = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                row.add(new Circuit.Disc(i * 0.8 * Math.cos(slant), i * 0.8 * Math.sin(slant), 0.4));
            }
            List<CurvePiece> pieces = Circuit.around(row, 0.15).pieces();
            List<CurvePiece> sides =
                    pieces.stream().filter(Line.class::isInstance).toList();

            assertThat(sides).as("%d degrees", degrees).hasSize(2);
            assertThat(sides).allSatisfy(side -> assertThat(side.lengthMm()).isCloseTo(4, within(1e-9)));
            assertThat(pieces.stream()
                            .filter(Arc.class::isInstance)
                            .mapToDouble(CurvePiece::turnRad)
                            .sum())
                    .isCloseTo(2 * Math.PI, within(1e-9));
        }
    }

    @Test
    void wayRound_comesBackToWhereItBegan() {
        Circuit drop = Circuit.around(List.of(new Circuit.Disc(0, 0, 8), new Circuit.Disc(0, 20, 0)), 0.5);
        CentreLine once = CentreLine.of(1, drop.along(0, 1, -1));
        CentreLine half = CentreLine.of(1, drop.along(0.25, 0.75, 1));

        assertThat(once.gapMm()).isLessThan(1e-9);
        assertThat(once.lengthMm()).isCloseTo(drop.lengthMm(), within(1e-9));
        assertThat(half.lengthMm()).isCloseTo(drop.lengthMm() / 2, within(1e-9));
        assertThat(CentreLine.of(1, drop.along(0, 2.5, 1)).lengthMm()).isCloseTo(2.5 * drop.lengthMm(), within(1e-9));
    }

    @Test
    void limbsWithAirBetween_doNotCross_andACoilDoesNotTouchItself() {
        CentreLine apart = CentreLine.of(0.5, List.of(new Line(10), Helix.coil(5, 4, 1.5 * Math.PI), new Line(20)));
        CentreLine coil = CentreLine.of(1, List.of(Helix.coil(3, 1, 40 * Math.PI), new Line(4)));

        assertThat(Crossings.of(apart, 0.5)).isEmpty();
        assertThat(Crossings.of(coil, 1)).isEmpty();
    }

    @Test
    void poseThenItsInverse_isTheStart() {
        Pose pose = Pose.inPlane(3, -2, 0.7).rolled(0.4);

        assertThat(pose.inverse().then(pose).position().getNorm()).isLessThan(1e-12);
        assertThat(pose.inverse().then(pose).heading().dotProduct(Vector3D.PLUS_I))
                .isCloseTo(1, within(1e-12));
    }

    /** Length of a wave round a cylinder by Hipparchus quadrature of √(R² + z′²), and for a low one by its series 1 + (πkh/RS)²/4 (textbook). */
    @Test
    void wave_isAsLongAsTheQuadratureOfItsClimb() {
        for (double height : new double[] {0.01, 1, 4, 9}) {
            double radius = 33;
            double sweep = 6.1;
            Wave wave = new Wave(radius, -sweep, 12, height);
            double by = new IterativeLegendreGaussIntegrator(32, 1e-11, 1e-11)
                    .integrate(
                            1_000_000,
                            a -> Math.hypot(
                                    radius, height * Math.PI * 12 / sweep * Math.sin(2 * Math.PI * 12 * a / sweep)),
                            0,
                            sweep);
            double steep = Math.PI * 12 * height / (radius * sweep);

            assertThat(wave.lengthMm()).isCloseTo(by, within(1e-7));
            assertThat(wave.lengthMm() / (radius * sweep))
                    .isCloseTo(1 + steep * steep / 4, within(Math.pow(steep, 4) / 16 + 1e-9));
            assertThat(wave.at(wave.lengthMm()).position().getZ()).isCloseTo(0, within(1e-9));
            assertThat(wave.at(wave.lengthMm() / 24).position().getZ()).isCloseTo(height, within(1e-6));
        }
    }

    @Test
    void positionOutsideOfThePiece_isRefusedAndEchoed() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Line(5).at(6)).withMessageContaining("was 6.0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Arc(-1, 1)).withMessageContaining("was -1.0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Arc(1, 0)).withMessageContaining("was 0.0");
    }

    private static CurvePiece random(Random random) {
        int side = random.nextBoolean() ? 1 : -1;
        double size = 1 + random.nextDouble() * 20;
        double sweep = (random.nextDouble() * 6 + 0.2) * side;
        return switch (random.nextInt(8)) {
            case 0 -> new Line(size);
            case 1 -> Helix.coil(size, random.nextDouble() * 8, 3 * sweep);
            case 2 -> new Helix(new Line(size), random.nextDouble());
            case 3 -> {
                double from = random.nextDouble() * 5;
                yield new EllipseArc(
                        size,
                        1 + random.nextDouble() * 20,
                        random.nextDouble() * 2,
                        from,
                        from + 0.3 + 6 * random.nextDouble(),
                        side);
            }
            case 5 -> new Wave(size, sweep, 1 + random.nextInt(5), size * random.nextDouble() / 3);
            case 4 ->
                new Spiral(
                        1 + random.nextDouble() * 3,
                        0.5 + random.nextDouble(),
                        2 * random.nextDouble(),
                        0.5 + 5 * random.nextDouble(),
                        side,
                        random.nextBoolean());
            default -> new Arc(size, sweep);
        };
    }

    private static double speed(CurvePiece piece, double s) {
        return Vector3D.distance(piece.at(s + H).position(), piece.at(s - H).position()) / (2 * H);
    }

    private static double curvature(CurvePiece piece, double s) {
        double angle = Vector3D.angle(piece.at(s - H).heading(), piece.at(s + H).heading());
        return angle / (2 * H);
    }
}
