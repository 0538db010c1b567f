package org.etui.core.sequence;

import org.etui.core.element.Across;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Kind;
import org.etui.core.element.Knit;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Reach;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;
import org.etui.core.wire.Wire;

/**
 * How long hands need, minutes for one wire: the one table of them. All are first engineering estimates of a practised maker, by what is done: turns,
 * length, ends, marks, blows; thick and hard wire takes longer. The maker's own log is to replace them.
 */
final class Minutes {
    /** The spool at hand, an end nipped true. */
    static final double TRUE_AN_END = 0.3;

    static final double CUT_A_WIRE = 0.3;
    static final double DRESS_AN_END = 0.4;
    static final double TRIM_AN_END = 0.3;
    static final double OPEN_AND_CLOSE = 0.4;
    static final double CLOSE_AGAIN = 0.5;
    static final double CLOSE_A_BODY = 2;
    static final double FLEX_ONCE = 0.05;
    static final double PIERCE = 2;

    /** A loop knitted into the row below it. */
    private static final double A_STITCH = 0.25;

    /** A fold of sheet with its line. */
    static final double A_FOLD = 2;

    /** A rivet spread by hand. */
    static final double A_RIVET = 4;

    static final double A_DIMPLE = 1 / 30.0;
    static final double FAN_A_PETAL = 0.5;

    /** Setting a peg of a jig (estimate). */
    static final double SET_A_PEG = 1;

    static final double PUT_ON = 0.2;
    static final double HANG = 0.5;

    private static final double LAY_OUT = 0.3;
    private static final double A_MARK = 0.12;
    private static final double STRAIGHTEN = 0.2;
    private static final double STRAIGHTEN_MM = 0.002;
    private static final double TAKE_IN_HAND = 0.2;

    /** Blow beside blow, about two a second, 2 mm apart. */
    private static final double BLOWS_MM = 0.004;

    private static final double POLISH_MM = 0.015;

    private static final double DRAW_ROUND = 0.5;
    private static final double SAW_AND_FILE_MM = 0.06;

    private Minutes() {}

    /** Cutting one blank out of sheet and filing its edge, mm long. */
    static double cuttingOut(double edgeMm) {
        return DRAW_ROUND + SAW_AND_FILE_MM * edgeMm;
    }

    /** Drawing a length of wire straight, mm. */
    static double straightening(double lengthMm) {
        return STRAIGHTEN + STRAIGHTEN_MM * lengthMm;
    }

    /** Marking one wire. */
    static double marking(int marks) {
        return LAY_OUT + A_MARK * marks;
    }

    /** Going over a length of wire, mm, so many times with a hammer or mallet. */
    static double striking(double lengthMm, int passes) {
        return TAKE_IN_HAND + BLOWS_MM * lengthMm * passes;
    }

    /** Polishing a length of wire by hand, mm. */
    static double polishing(double lengthMm) {
        return TAKE_IN_HAND + POLISH_MM * lengthMm;
    }

    /** Forming an element of a length of wire, mm. */
    static double forming(Element element, Wire wire, double lengthMm) {
        double thick = 0.7 + 0.3 * wire.section().thicknessMm();
        double hard = 1 + 0.15 * wire.temper().ordinal();
        return element.accept(new Forming(lengthMm)) * thick * hard;
    }

    /** Soft wire of 1 mm. */
    private record Forming(double lengthMm) implements Kind.Visitor<Double> {
        @Override
        public Double straight(Straight straight) {
            return 0.0;
        }

        @Override
        public Double bend(Bend bend) {
            return 0.3;
        }

        @Override
        public Double arc(Arc arc) {
            return 0.4 + 0.3 * arc.sweepDeg() / 180;
        }

        @Override
        public Double loop(Loop loop) {
            return (loop.centred() ? 0.9 : 0.6) + 0.4 * loop.turns();
        }

        @Override
        public Double curl(Curl curl) {
            return 0.6 + 0.4 * curl.turns();
        }

        @Override
        public Double spiral(Spiral spiral) {
            return 0.6 + 0.012 * lengthMm;
        }

        @Override
        public Double coil(Coil coil) {
            return 0.5 + 0.12 * coil.turns();
        }

        @Override
        public Double wrap(Wrap wrap) {
            return 0.4 + 0.3 * wrap.turns();
        }

        @Override
        public Double girth(Girth girth) {
            return 0.3 + 0.02 * lengthMm;
        }

        @Override
        public Double across(Across across) {
            return 0.5 + 0.02 * lengthMm;
        }

        @Override
        public Double reach(Reach reach) {
            return 0.3;
        }

        @Override
        public Double paddle(Paddle paddle) {
            return 0.0;
        }

        @Override
        public Double twist(Twist twist) {
            return 0.5 + 0.06 * twist.turns();
        }

        @Override
        public Double knit(Knit knit) {
            return A_STITCH * knit.around() * knit.rows();
        }

        @Override
        public Double ball(Ball ball) {
            return 0.0;
        }

        @Override
        public Double lead(Lead lead) {
            return 0.0;
        }
    }
}
