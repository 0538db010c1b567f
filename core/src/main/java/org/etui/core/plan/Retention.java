package org.etui.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleSupplier;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.check.Term;
import org.etui.core.curve.Pose;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Surface;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.PivotSelectionRule;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * Whether a stone can leave the wires that hold it: form closure without friction, to first order (Reuleaux 1876, Lakshminarayana 1978). A motion
 * (v, ω) is open where n·(v + ω × p) ≤ 0 at every contact p with the stone's outward normal n; that the way ahead is closed is a linear programme,
 * solved in its dual form, in which every contact is one column (Hipparchus simplex). All wires together are one rigid frame.
 */
final class Retention {
    /** Wire that lies closer to a stone than this touches it: as close as a hand presses it (engineering estimate). */
    static final double TOUCHES_MM = 0.05;

    /** Contacts that stand up by less than this lie level: no hand bends wire truer (engineering estimate, 2°). */
    private static final double LEVEL = 0.035;

    /** A wire covers a face where the stone's normal stands up by more than this. */
    private static final double COVERS = 0.1;

    /** So many contacts at most are looked at; between them lie others like them. */
    private static final int MOST_CONTACTS = 160;

    /** So few of them are mostly enough to tell that a stone is held (engineering estimate; more are asked where they are not). */
    private static final int FEW_CONTACTS = 40;

    /** The golden ratio: its multiples fill what is between whole numbers evenly, and never come by turns (Weyl's theorem, textbook). */
    private static final double UNEVEN = 0.618033988749895;

    /** Places along a wire that are looked at: no closer, no further from each other, mm. */
    private static final double LEAST_STEP_MM = 0.25;

    private static final double STEP_MM = 0.8;

    private static final double OPEN = 1e-6;

    /** What turns about an axis that leaves that of the piece by more moves otherwise (2.5°). */
    private static final double ALONG = 0.999;

    /** A programme of this size is solved in some dozens of steps. */
    private static final int MOST_STEPS = 400;

    /** Turns of one wire round a stone that grip it by friction (common practice: two or more). */
    private static final double GRIPPING_TURNS = 1.75;

    private Retention() {}

    /** What keeps a stone from going one way. */
    public enum Hold {
        /** It cannot go that way. */
        HELD,
        /** Only the friction of turns wound round it keeps it. */
        GRIPPED,
        /** Some motion goes that way. */
        FREE
    }

    /**
     * Which ways a stone can go.
     *
     * @param front towards who looks at it
     * @param back away
     * @param left to the left
     * @param right to the right
     * @param up towards the bail
     * @param down away from it
     * @param turn turned in place, so that its surface moves
     */
    public record Held(
            @Term("whether it can go to the front") Hold front,
            @Term("whether it can go to the back") Hold back,
            @Term("whether it can go to the left") Hold left,
            @Term("whether it can go to the right") Hold right,
            @Term("whether it can go up, towards the bail") Hold up,
            @Term("whether it can go down") Hold down,

            @Term("whether it can turn in place, so that its surface moves")
            Hold turn) {
        /** Whether it stays. */
        boolean all() {
            return List.of(front, back, left, right, up, down, turn).stream().allMatch(h -> h == Hold.HELD);
        }
    }

    /**
     * How far wires reach over a stone.
     *
     * @param front over its front: of those that cover it, the one that reaches least far inside its edge, mm; an estimate
     * @param back over its back
     */
    public record Bite(
            @Term("over its front, by the wire that reaches least far inside the edge, mm, an estimate")
            OptionalDouble front,

            @Term("over its back, by the wire that reaches least far inside the edge, mm, an estimate")
            OptionalDouble back) {}

    /**
     * What holds a stone.
     *
     * @param held which ways it can go
     * @param bite how far wires reach over it
     */
    record Stay(Held held, Bite bite) {}

    /** Parts of a motion: three ways to go, then three axes to turn about. */
    static final int TURNS = 3;

    private static final int MOTIONS = 6;

    /**
     * Where something touches a stone.
     *
     * @param at about its middle, in the axes of the piece, mm
     * @param normal outward
     */
    record Contact(Vector3D at, Vector3D normal) {}

    /**
     * Of a part with an outline that wires touch, or go through; empty where none does.
     *
     * @param seated what lies on it by its seat: strand.element
     * @param wound most turns of one wire that are wound round it
     */
    static Optional<Stay> of(Part part, Solid solid, List<Plan.StrandPlan> strands, Set<String> seated, double wound) {
        Surface surface = new Surface(solid);
        Pose there = part.place().pose();
        Vector3D middle = new Vector3D(0, 0, (solid.fromMm() + solid.toMm()) / 2);
        List<Contact> contacts = new ArrayList<>();
        List<Double> front = new ArrayList<>();
        List<Double> back = new ArrayList<>();
        double turns = wound;
        for (Plan.StrandPlan strand : strands) {
            Walk walk = new Walk(strand, surface, there, middle, seated);
            walk.go();
            contacts.addAll(walk.contacts);
            front.addAll(walk.insets(0));
            back.addAll(walk.insets(1));
            turns = Math.max(turns, walk.turned / (2 * Math.PI));
        }
        List<Contact> drilled = Drilled.contacts(solid, strands, there, middle);
        contacts.addAll(drilled);
        if (contacts.isEmpty()) {
            return Optional.empty();
        }
        int spin = drilled.isEmpty() ? spins(solid.body(), there) : Drilled.swings(solid.body(), there);
        Hold open = turns >= GRIPPING_TURNS ? Hold.GRIPPED : Hold.FREE;
        return Optional.of(new Stay(
                held(contacts, surface.extentMm() / 2, spin, open),
                part.place().tipDeg() == 0
                        ? new Bite(least(front), least(back))
                        : new Bite(OptionalDouble.empty(), OptionalDouble.empty())));
    }

    /** The axis of the piece about which a round stone only spins in place, as of a motion; −1 for none. */
    private static int spins(Body body, Pose there) {
        if (!body.front().map(Surface::isRound).orElse(false)) {
            return -1;
        }
        double[] axis = there.frame().applyTo(Vector3D.PLUS_K).toArray();
        return IntStream.range(0, axis.length)
                .filter(i -> Math.abs(axis[i]) > ALONG)
                .map(i -> TURNS + i)
                .findFirst()
                .orElse(-1);
    }

    /** A wire followed along the stone. */
    private static final class Walk {
        private final Plan.StrandPlan strand;
        private final Surface surface;
        private final Pose there;
        private final Pose back;
        private final Vector3D middle;
        private final double halfMm;
        private final Set<String> seated;
        private final List<Contact> contacts = new ArrayList<>();
        private final List<Map<String, Double>> inset = List.of(new HashMap<>(), new HashMap<>());
        private double turned;
        private Vector3D before;

        Walk(Plan.StrandPlan strand, Surface surface, Pose there, Vector3D middle, Set<String> seated) {
            this.seated = seated;
            this.strand = strand;
            this.surface = surface;
            this.there = there;
            this.back = there.inverse();
            this.middle = middle;
            this.halfMm = strand.bought().wire().section().thicknessMm() / 2;
        }

        /** How far inside the edge each element reaches that covers a face. */
        List<Double> insets(int face) {
            return inset.get(face).values().stream().filter(i -> i > 0).toList();
        }

        void go() {
            int element = 0;
            Vector3D last = null;
            for (double[] p : strand.drawn().outline()) {
                while (element + 1 < strand.elements().size()
                        && strand.elements().get(element).along().toMm() < p[3]) {
                    element++;
                }
                String id = strand.elements().get(element).id();
                Vector3D at = back.at(new Vector3D(p[0], p[1], p[2]));
                double apart = last == null ? 0 : Vector3D.distance(last, at);
                if (last == null || apart > LEAST_STEP_MM) {
                    int steps = last == null ? 1 : (int) Math.ceil(apart / STEP_MM);
                    Vector3D from = last == null ? at : last;
                    for (int i = 1; i <= steps; i++) {
                        look(from.add((double) i / steps, at.subtract(from)), id);
                    }
                    last = at;
                }
            }
        }

        private void look(Vector3D at, String element) {
            double reach = surface.extentMm() + 2 * halfMm;
            Surface.Near near = Math.abs(at.getX()) > reach || Math.abs(at.getY()) > reach ? null : surface.near(at);
            if (near == null || near.apartMm() - halfMm > TOUCHES_MM || Drilled.isIn(surface.solid(), at, 2 * halfMm)) {
                before = null;
                return;
            }
            Vector3D normal = level(near.normal());
            Vector3D touched = at.subtract(near.apartMm(), near.normal()).subtract(middle);
            contacts.add(
                    new Contact(there.frame().applyTo(touched), there.frame().applyTo(normal)));
            if (before != null && before.getNorm() * touched.getNorm() > 0) {
                turned += Vector3D.angle(before, touched);
            }
            before = touched;
            if (Math.abs(normal.getZ()) > COVERS && seated.contains(strand.id() + "." + element)) {
                inset.get(normal.getZ() > 0 ? 0 : 1).merge(strand.id(), near.insetMm(), Math::max);
            }
        }
    }

    private static OptionalDouble least(List<Double> insets) {
        return insets.stream().mapToDouble(Double::doubleValue).min();
    }

    /** What all but lies level does. */
    private static Vector3D level(Vector3D normal) {
        return Math.abs(normal.getZ()) < LEVEL ? new Vector3D(normal.getX(), normal.getY(), 0).normalize() : normal;
    }

    /** Some of them all along, the first and the last among them; unevenly, for what comes by turns would else be left out on one side. */
    private static List<Contact> thinned(List<Contact> contacts, int most) {
        if (contacts.size() <= most) {
            return contacts;
        }
        double kept = (double) most / contacts.size();
        List<Contact> few = new ArrayList<>();
        for (int i = 0; i < contacts.size(); i++) {
            if (i * UNEVEN % 1 < kept) {
                few.add(contacts.get(i));
            }
        }
        few.add(contacts.get(contacts.size() - 1));
        return few;
    }

    /** @param spin the axis about which it only spins, as of a motion; below 0 for none */
    private static Held held(List<Contact> contacts, double extentMm, int spin, Hold open) {
        // What a few contacts stop, all of them stop: a programme of all is solved only where the few leave a way.
        List<double[][]> programmes = Stream.of(FEW_CONTACTS, MOST_CONTACTS)
                .map(most -> columns(thinned(contacts, most), extentMm))
                .toList();
        List<Hold> ways = new ArrayList<>();
        for (Way way : Way.ALL) {
            ways.add(isOpen(programmes, way.rows(spin), way.row(), way.side()) ? open : Hold.HELD);
        }
        boolean turns = false;
        for (int row = TURNS; row < MOTIONS; row++) {
            boolean looked = row != spin;
            turns = turns
                    || looked && (isOpen(programmes, all(spin), row, 1) || isOpen(programmes, all(spin), row, -1));
        }
        return new Held(
                ways.get(0), ways.get(1), ways.get(2), ways.get(3), ways.get(4), ways.get(5), turns ? open : Hold.HELD);
    }

    private static double[][] columns(List<Contact> contacts, double extentMm) {
        return contacts.stream()
                .map(c -> {
                    Vector3D moment = c.at().crossProduct(c.normal()).scalarMultiply(1 / extentMm);
                    return DoubleStream.concat(DoubleStream.of(c.normal().toArray()), DoubleStream.of(moment.toArray()))
                            .toArray();
                })
                .toArray(double[][]::new);
    }

    private static int[] all(int spin) {
        return IntStream.range(0, MOTIONS).filter(row -> row != spin).toArray();
    }

    /**
     * A way to leave: to the front or back however the stone tips meanwhile; aside within its plane, since what tips is told as turning.
     *
     * @param row of a motion: 0 to the right, 1 up, 2 to the front
     * @param side +1 or −1
     */
    private record Way(int row, int side) {
        static final List<Way> ALL =
                List.of(new Way(2, 1), new Way(2, -1), new Way(0, -1), new Way(0, 1), new Way(1, 1), new Way(1, -1));

        int[] rows(int spin) {
            return row == 2
                    ? all(spin)
                    : IntStream.of(all(spin))
                            .filter(r -> r == 0 || r == 1 || r == MOTIONS - 1)
                            .toArray();
        }
    }

    /**
     * Whether some open motion goes a way: the greatest share of it among those that no contact stops and none of whose parts is above 1. Its dual: how
     * far the way is, by the sum of the sides, from all that contacts push with.
     *
     * @param programmes columns of the contacts, normal and moment: of a few, then of all
     * @param free parts of a motion that are free: 0 to 2 to the right, up, to the front; 3 to 5 about these
     * @param wanted the part that is asked for
     * @param side +1 or −1
     */
    private static boolean isOpen(List<double[][]> programmes, int[] free, int wanted, int side) {
        return programmes.stream().allMatch(columns -> isOpen(columns, free, wanted, side));
    }

    private static boolean isOpen(double[][] columns, int[] free, int wanted, int side) {
        return tried(() -> byContacts(columns, free, wanted, side))
                // Contacts that are nearly alike can lead the simplex of the dual in a circle; the programme itself
                // begins at rest, which is allowed.
                .or(() -> tried(() -> byMotion(columns, free, wanted, side)))
                // Undecided counts as open.
                .orElse(true);
    }

    private static Optional<Boolean> tried(DoubleSupplier programme) {
        try {
            return Optional.of(programme.getAsDouble() > OPEN);
        } catch (MathIllegalStateException stuck) {
            return Optional.empty();
        }
    }

    private static double byContacts(double[][] columns, int[] free, int wanted, int side) {
        int rows = free.length;
        int count = columns.length;
        double[] cost = new double[count + 2 * rows];
        List<LinearConstraint> constraints = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            double[] line = new double[count + 2 * rows];
            for (int i = 0; i < count; i++) {
                line[i] = columns[i][free[row]];
            }
            line[count + row] = 1;
            line[count + rows + row] = -1;
            cost[count + row] = 1;
            cost[count + rows + row] = 1;
            constraints.add(new LinearConstraint(line, Relationship.EQ, free[row] == wanted ? side : 0));
        }
        return solved(cost, constraints, GoalType.MINIMIZE, PivotSelectionRule.DANTZIG);
    }

    private static double byMotion(double[][] columns, int[] free, int wanted, int side) {
        int rows = free.length;
        double[] cost = new double[2 * rows];
        List<LinearConstraint> constraints = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            cost[row] = free[row] == wanted ? side : 0;
            cost[rows + row] = -cost[row];
            for (int i = row; i < 2 * rows; i += rows) {
                double[] most = new double[2 * rows];
                most[i] = 1;
                constraints.add(new LinearConstraint(most, Relationship.LEQ, 1));
            }
        }
        for (double[] column : columns) {
            double[] line = new double[2 * rows];
            for (int row = 0; row < rows; row++) {
                line[row] = column[free[row]];
                line[rows + row] = -line[row];
            }
            constraints.add(new LinearConstraint(line, Relationship.LEQ, 0));
        }
        return solved(cost, constraints, GoalType.MAXIMIZE, PivotSelectionRule.BLAND);
    }

    private static double solved(
            double[] cost, List<LinearConstraint> constraints, GoalType goal, PivotSelectionRule rule) {
        return new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(cost, 0),
                        new LinearConstraintSet(constraints),
                        goal,
                        rule,
                        new MaxIter(MOST_STEPS),
                        new NonNegativeConstraint(true))
                .getValue();
    }
}
