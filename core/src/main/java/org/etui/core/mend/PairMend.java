package org.etui.core.mend;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.curve.Spiral;
import org.etui.core.element.Element;
import org.etui.core.measure.LengthFormat;
import org.etui.core.mechanics.Face;
import org.etui.core.mechanics.Flattening;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.section.WireSection;

/**
 * Two finished pieces that should be alike, measured: which to tap, which to open out or to tighten, and by how much wire. What is
 * too thick is tapped first, since that makes it grow; the one that lies further off the plan is brought to the other's size.
 *
 * @param element id of what was measured across
 * @param label name of that to read
 * @param plannedMm outside as planned
 * @param apart how far apart they are now
 * @param matched whether they are alike within what eye and calliper tell
 * @param steps what to do, in order
 */
public record PairMend(
        @Term("id of what was measured across") String element,
        @Term("name of that to read") String label,
        @Term("outside as planned, mm") double plannedMm,

        @Term("how far apart they are now: first less second")
        Measures apart,

        @Term("whether they are alike within what eye and calliper tell")
        boolean matched,

        @Term("what to do, in order") List<Step> steps) {

    /**
     * What a calliper reads of one of a pair.
     *
     * @param outsideMm across the curve, from outside to outside
     * @param lengthMm over all
     * @param thicknessMm of the wire in the curve
     */
    public record Measures(
            @Term(value = "across the curve, from outside to outside, mm", from = -1000, to = 1000)
            double outsideMm,

            @Term(value = "over all, mm", from = -1000, to = 1000)
            double lengthMm,

            @Term(value = "thickness of the wire in the curve, mm", from = -20, to = 20)
            double thicknessMm) {}

    /** Which of the two. */
    public enum Which {
        /** The first. */
        FIRST,
        /** The second. */
        SECOND
    }

    /** What is done to it. */
    public enum Action {
        /** Tapped thinner, so that it grows. */
        TAP,
        /** Opened out: wire goes in from the tail. */
        OPEN_OUT,
        /** Tightened: wire goes back to the tail. */
        TIGHTEN,
        /** Shortened at its tail. */
        SHORTEN
    }

    /**
     * One thing to do.
     *
     * @param which of the two
     * @param action what is done
     * @param byMm by how much: wire that goes into the curve or out of it, thickness, or length that goes
     * @param toMm measure that it is brought to
     * @param says in words
     * @param then what it measures afterwards
     */
    public record Step(
            @Term("which of the two") Which which,
            @Term("what is done") Action action,

            @Term("by how much, mm: wire into the curve or out of it, thickness, or length that goes")
            double byMm,

            @Term("measure that it is brought to, mm") double toMm,
            @Term("in words") String says,
            @Term("what it measures afterwards") Measures then) {}

    /** Differences that neither eye nor calliper tells for certain, mm (engineering estimates). */
    private static final double SAME_SIZE_MM = 0.1;

    private static final double SAME_LENGTH_MM = 0.3;
    private static final double SAME_THICKNESS_MM = 0.02;

    /**
     * Compares two.
     *
     * @param strand index of the strand
     * @param element id of what was measured across; the widest of the strand where empty
     * @param format how lengths are said
     * @throws BadInput if the document does not hold together, there is no such strand or element, or a measure is not positive
     */
    public static PairMend of(
            Piece piece, int strand, Optional<String> element, Measures first, Measures second, LengthFormat format) {
        Plan.StrandPlan plan = Planner.plan(piece, PlanOptions.USUAL).strands().stream()
                .skip(Math.max(0, strand))
                .findFirst()
                .orElseThrow(() -> new BadInput("strand", strand, "must be the index of a strand of the piece"));
        positive("first", first);
        positive("second", second);
        Plan.ElementPlan round = plan.elements().stream()
                .filter(e -> e.formed().finished().isPresent())
                .filter(e -> element.isEmpty() || element.get().equals(e.id()))
                .max(Comparator.comparingDouble(
                        e -> e.formed().finished().orElseThrow().outsideMm()))
                .orElseThrow(() ->
                        new BadInput("element", element.orElse("none"), "must be the id of an element that is round"));
        return new Mending(piece.strands().get(strand), round, first, second, format).mended();
    }

    private static void positive(String which, Measures m) {
        double least = Math.min(m.outsideMm(), Math.min(m.lengthMm(), m.thicknessMm()));
        if (!(least > 0)) {
            throw new BadInput(which, least, "every measure must be above 0 mm");
        }
        if (m.outsideMm() <= 2 * m.thicknessMm()) {
            throw new BadInput(
                    which + ".outsideMm", m.outsideMm(), "must be above twice the thickness: wire lies on both sides");
        }
    }

    /** The two as they come alike. */
    private static final class Mending {
        private final Strand strand;
        private final Plan.ElementPlan round;
        private final double plannedMm;
        private final LengthFormat format;
        private final Measures[] now;
        private final List<Step> steps = new ArrayList<>();

        Mending(Strand strand, Plan.ElementPlan round, Measures first, Measures second, LengthFormat format) {
            this.format = format;
            this.strand = strand;
            this.round = round;
            this.plannedMm = round.formed().finished().orElseThrow().outsideMm();
            this.now = new Measures[] {first, second};
        }

        PairMend mended() {
            Measures apart = new Measures(
                    now[0].outsideMm() - now[1].outsideMm(),
                    now[0].lengthMm() - now[1].lengthMm(),
                    now[0].thicknessMm() - now[1].thicknessMm());
            tap();
            size();
            shorten();
            return new PairMend(round.id(), round.label(), plannedMm, apart, steps.isEmpty(), List.copyOf(steps));
        }

        private void tap() {
            int thick = now[0].thicknessMm() >= now[1].thicknessMm() ? 0 : 1;
            Measures m = now[thick];
            double to = now[1 - thick].thicknessMm();
            Metal.HammerSense sense = strand.wire().metal().underHammer();
            if (m.thicknessMm() - to <= SAME_THICKNESS_MM || sense == Metal.HammerSense.STOP) {
                return;
            }
            Shape before = Shape.of(strand.wire().section(), m.thicknessMm());
            Shape after = Shape.of(strand.wire().section(), to);
            double outside = (m.outsideMm() - before.widthMm()) * after.growth() / before.growth() + after.widthMm();
            double grown = outside - m.outsideMm();
            add(
                    thick,
                    Action.TAP,
                    m.thicknessMm() - to,
                    to,
                    "Tap the " + round.label() + " of the " + name(thick) + " from " + format.say(m.thicknessMm(), 2)
                            + " to " + format.say(to, 2) + ": it grows by about " + format.say(grown, 2) + " across.",
                    new Measures(outside, m.lengthMm() + grown, to));
        }

        /** The one further off the plan moves. */
        private void size() {
            if (Math.abs(now[0].outsideMm() - now[1].outsideMm()) <= SAME_SIZE_MM) {
                return;
            }
            int moves = Math.abs(now[0].outsideMm() - plannedMm) > Math.abs(now[1].outsideMm() - plannedMm) ? 0 : 1;
            Measures m = now[moves];
            double to = now[1 - moves].outsideMm();
            double wire = wireMm(to, m.thicknessMm()) - wireMm(m.outsideMm(), m.thicknessMm());
            boolean opens = wire > 0;
            add(
                    moves,
                    opens ? Action.OPEN_OUT : Action.TIGHTEN,
                    Math.abs(wire),
                    to,
                    (opens ? "Open out the " : "Tighten the ") + round.label() + " of the " + name(moves) + " from "
                            + format.say(m.outsideMm(), 1) + " to " + format.say(to, 1) + " across: "
                            + format.say(Math.abs(wire), 1)
                            + (opens ? " of wire go into it from the tail." : " of wire go back to the tail."),
                    new Measures(to, m.lengthMm() + to - m.outsideMm() - wire, m.thicknessMm()));
        }

        private void shorten() {
            double longer = now[0].lengthMm() - now[1].lengthMm();
            if (Math.abs(longer) <= SAME_LENGTH_MM) {
                return;
            }
            int which = longer > 0 ? 0 : 1;
            Measures m = now[which];
            double to = now[1 - which].lengthMm();
            add(
                    which,
                    Action.SHORTEN,
                    Math.abs(longer),
                    to,
                    "Shorten the tail of the " + name(which) + " by " + format.say(Math.abs(longer), 1)
                            + ", at the end that is cut last.",
                    new Measures(m.outsideMm(), to, m.thicknessMm()));
        }

        private void add(int which, Action action, double byMm, double toMm, String says, Measures then) {
            steps.add(new Step(Which.values()[which], action, byMm, toMm, says, then));
            now[which] = then;
        }

        private static String name(int which) {
            return which == 0 ? "first" : "second";
        }

        /**
         * Wire in the curve at an outside, mm, its turns as planned: of a spiral the gap gives, of all else the radius. Along the
         * centre line: what the measuring line lies inside is the same for both within a hundredth.
         */
        private double wireMm(double outsideMm, double thicknessMm) {
            Plan.Sizes sizes = round.formed().finished().orElseThrow();
            double turns = sizes.turns();
            Element element = strand.element(round.id()).orElseThrow();
            if (element instanceof org.etui.core.element.Spiral && turns > 0.75) {
                double inside = (sizes.insideMm().orElse(0) + thicknessMm) / 2;
                double pitch = Math.max(1e-6, (outsideMm - thicknessMm - 2 * inside) / (2 * turns - 0.5));
                return new Spiral(inside, pitch, 0, turns, 1, true).lengthMm();
            }
            return Math.PI * (outsideMm - thicknessMm) * turns;
        }
    }

    /** Width in the plane and growth of wire flattened to a thickness; as bought where it is not thinner. */
    private record Shape(double widthMm, double growth) {
        static Shape of(WireSection section, double thicknessMm) {
            if (thicknessMm >= section.thicknessMm() - 1e-9) {
                return new Shape(section.inPlaneMm(), 1);
            }
            Flattening flat = Flattening.of(section, thicknessMm, Face.DOMED);
            return new Shape(flat.section().inPlaneMm(), flat.growth());
        }
    }
}
