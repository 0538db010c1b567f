package org.etui.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.curve.Placed;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.wire.Wire;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Pieces that tests share. */
public final class Examples {
    private static final double STEP_MM = 0.05;

    private Examples() {}

    /** Soft round copper of a thickness. */
    public static Wire copper(double diameterMm) {
        return Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, diameterMm);
    }

    /** A decorative piece of one strand. */
    public static Piece piece(Wire wire, Element... elements) {
        return Piece.of("Example", Purpose.DECORATIVE, List.of(Strand.of("wire", "", wire, List.of(elements))));
    }

    /** The only strand of a plan with every state. */
    public static Plan.StrandPlan planned(Piece piece) {
        PlanOptions all = new PlanOptions(PlanOptions.States.ALL, PlanOptions.USUAL.format());
        return Planner.plan(piece, all).strands().get(0);
    }

    /** A flattening of elements, after forming. */
    public static Work flatten(double toMm, String... elements) {
        return Work.of("w1", "wire", List.of(elements), new Act.Flatten(toMm, With.DOMED_HAMMER));
    }

    /** A random piece of one strand: any kind that is built, any order. */
    public static Piece random(Random random) {
        double d = 0.3 + random.nextDouble() * 2.5;
        List<Element> elements = new ArrayList<>();
        int count = 1 + random.nextInt(8);
        for (int i = 0; i < count; i++) {
            elements.add(element("e" + i, random, d));
        }
        return Piece.of("Random", Purpose.DECORATIVE, List.of(Strand.of("wire", "", copper(d), elements)));
    }

    private static Element element(String id, Random random, double d) {
        Turn turn = random.nextBoolean() ? Turn.LEFT : Turn.RIGHT;
        double size = 0.5 + random.nextDouble() * 15;
        return switch (random.nextInt(6)) {
            case 0 -> Straight.of(id, size);
            case 1 -> Bend.of(id, 10 + random.nextDouble() * 150, turn);
            case 2 -> Arc.of(id, size, 20 + random.nextDouble() * 320, turn);
            case 3 -> Loop.of(id, size, turn);
            case 4 -> Curl.of(id, 0.6 + random.nextDouble(), turn);
            default -> Paddle.of(id, size, d * (0.4 + random.nextDouble() * 0.5));
        };
    }

    /** Points of the middle of an element's wire, a twentieth of a millimetre apart. */
    public static List<Vector3D> points(StrandWork work, String element) {
        List<Vector3D> points = new ArrayList<>();
        List<Placed> line = work.line().pieces();
        for (int i = 0; i < line.size(); i++) {
            if (work.finished().runs().get(i).element().equals(element)) {
                for (double mm = 0; mm <= line.get(i).wireLengthMm(); mm += STEP_MM) {
                    points.add(line.get(i).atWire(line.get(i).wireFromMm() + mm).position());
                }
            }
        }
        return points;
    }
}
