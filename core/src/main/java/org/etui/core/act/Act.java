package org.etui.core.act;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.etui.core.check.Family;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.check.Word;
import org.etui.core.curve.CurvePiece;
import org.etui.core.element.Element;
import org.etui.core.element.Forming;
import org.etui.core.element.Setting;
import org.etui.core.mechanics.Face;
import org.etui.core.mechanics.Flattening;
import org.etui.core.section.Section;
import org.etui.core.section.WireSection;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * What the maker does to the wire besides forming it. The act says what it needs to be told, and does it: no method has a default,
 * so that an act that lacks one does not compile.
 */
@Family("op")
public sealed interface Act
        permits Act.Flatten,
                Act.Planish,
                Act.Texture,
                Act.Jaws,
                Act.Mallet,
                Act.Flex,
                Act.Tumble,
                Act.Reclose,
                Act.Straighten,
                Act.OpenClose,
                Act.Trim,
                Act.Pierce,
                Act.Dimple,
                Act.Press,
                Act.RoundMandrel,
                Act.BringToSize,
                Act.Close,
                Act.Polish,
                Act.CutApart {
    /** The workpiece after it. */
    Workpiece apply(Workpiece before, Operation.Worked work);

    /** What it is to the wire. */
    Doing doing();

    /** The operation on a strand that it makes; empty where it does nothing to the wire. */
    default Optional<Operation> operation(Operation.Worked work) {
        return doing().blank().isPresent() ? Optional.empty() : Optional.of(work);
    }

    /** Calls the visitor's method for this act. */
    <R> R accept(Visitor<R> visitor);

    /** The contract's word for it, such as {@code open-close}. */
    default String op() {
        return Word.of(getClass());
    }

    /**
     * What an act is, whatever it is done to.
     *
     * @param verb what is done, before the names of what it is done to, such as {@code flatten}
     * @param isStruck whether steel strikes the wire: a hammer or a die
     * @param thinsToMm the thickness that it works the wire down to, mm; empty where it leaves the measures
     * @param onBlank the blank that it is done to; empty for what is done to wire
     * @param leaves how it leaves the surface
     */
    record Doing(String verb, boolean isStruck, OptionalDouble thinsToMm, Optional<OnBlank> onBlank, Leaves leaves) {
        /**
         * What is done to a blank.
         *
         * @param part the blank
         * @param piercesMm the hole that it makes, mm
         * @param onOther the same done to another blank
         */
        public record OnBlank(String part, OptionalDouble piercesMm, Function<String, Act> onOther) {}

        /** What neither strikes nor thins. */
        static Doing soft(String verb) {
            return new Doing(verb, false, OptionalDouble.empty(), Optional.empty(), Leaves.AS_IT_WAS);
        }

        /** What strikes and leaves the measures. */
        static Doing struck(String verb) {
            return new Doing(verb, true, OptionalDouble.empty(), Optional.empty(), Leaves.AS_IT_WAS);
        }

        /** What strikes the wire down to a thickness, mm. */
        static Doing thinning(String verb, double toMm) {
            return new Doing(verb, true, OptionalDouble.of(toMm), Optional.empty(), Leaves.AS_IT_WAS);
        }

        /** What is done to a blank. */
        static Doing toBlank(String verb, OnBlank blank) {
            return new Doing(verb, false, OptionalDouble.empty(), Optional.of(blank), Leaves.AS_IT_WAS);
        }

        /** The same, leaving the surface so. */
        Doing leaving(Leaves surface) {
            return new Doing(verb, isStruck, thinsToMm, onBlank, surface);
        }

        /** The blank that it is done to; empty for what is done to wire. */
        public Optional<String> blank() {
            return onBlank.map(OnBlank::part);
        }
    }

    /** How an act leaves the surface, from the roughest to the brightest. */
    enum Leaves {
        /** Nothing to be seen. */
        AS_IT_WAS,
        /** Marks that are wanted. */
        MARKS,
        /** Smooth from the hammer. */
        PLANISHED,
        /** The lines of a file. */
        FILED,
        /** Finer lines of emery. */
        EMERIED,
        /** Almost without lines. */
        FINE,
        /** A shine. */
        BRIGHT
    }

    /**
     * One answer an act; who has it has thought of all of them.
     *
     * @param <R> the answer
     */
    interface Visitor<R> {
        /** Flattening. */
        R flatten(Flatten flatten);

        /** Planishing. */
        R planish(Planish planish);

        /** Texturing. */
        R texture(Texture texture);

        /** Drawing through jaws. */
        R jaws(Jaws jaws);

        /** Tapping with a mallet. */
        R mallet(Mallet mallet);

        /** Flexing. */
        R flex(Flex flex);

        /** Tumbling. */
        R tumble(Tumble tumble);

        /** Closing again. */
        R reclose(Reclose reclose);

        /** Straightening. */
        R straighten(Straighten straighten);

        /** Opening and closing. */
        R openClose(OpenClose openClose);

        /** Trimming. */
        R trim(Trim trim);

        /** Piercing a blank. */
        R pierce(Pierce pierce);

        /** Dimpling a blank. */
        R dimple(Dimple dimple);

        /** Pressing. */
        R press(Press press);

        /** Hammering round a mandrel. */
        R roundMandrel(RoundMandrel roundMandrel);

        /** Bringing up to a size. */
        R bringToSize(BringToSize bringToSize);

        /** Squeezing shut. */
        R close(Close close);

        /** Polishing. */
        R polish(Polish polish);

        /** Cutting a coil apart. */
        R cutApart(CutApart cutApart);
    }

    /**
     * Flatten to a thickness; volume is kept, so that it grows in length, and curved runs keep their sweep.
     *
     * @param toMm thickness to flatten to, mm; what is thinner already stays
     * @param with the tool
     * @param face how a domed face slides on the wire
     */
    @Titled("flatten")
    record Flatten(
            @Term(
                    value = "thickness to flatten to, mm",
                    from = 0.01,
                    to = 20,
                    title = "flattened to",
                    unit = "thickness",
                    usualShare = 0.75)
            double toMm,

            @Term(
                    value = "the tool",
                    or = "\"domed-hammer\"",
                    offered = {"domed-hammer", "flat-hammer", "ball-hammer", "cross-hammer"})
            With with,

            @Term(
                    value = "how a domed face slides on the wire: a rough or dry one drives more metal sideways",
                    or = "\"smooth\"",
                    offered = {"smooth", "rough"})
            Surface face)
            implements Act {

        /** How the face of a hammer slides on the wire. */
        public enum Surface {
            /** Polished. */
            SMOOTH,
            /** Rough, or dry. */
            ROUGH
        }

        /** With a smooth face. */
        public Flatten(double toMm, With with) {
            this(toMm, with, Surface.SMOOTH);
        }

        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return Thinned.flat(
                    before,
                    work,
                    toMm,
                    with == With.DOMED_HAMMER && face == Surface.ROUGH ? Face.ROUGH : Act.face(with));
        }

        @Override
        public Doing doing() {
            return Doing.thinning(with == With.DIE ? "press" : "flatten", toMm)
                    .leaving(with == With.BALL_HAMMER || with == With.CROSS_HAMMER ? Leaves.MARKS : Leaves.AS_IT_WAS);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.flatten(this);
        }
    }

    /**
     * Smooth out hammer marks.
     *
     * @param with the tool
     */
    @Titled("planish")
    record Planish(
            @Term(
                    value = "the tool",
                    or = "\"flat-hammer\"",
                    offered = {"flat-hammer", "domed-hammer"})
            With with)
            implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before.each(run -> work.touches(run) ? run.hardened(Hardening.PLANISH, 1) : run);
        }

        @Override
        public Doing doing() {
            return Doing.struck(Hardening.PLANISH.inWords()).leaving(Leaves.PLANISHED);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.planish(this);
        }
    }

    /**
     * Leave marks on purpose: once over, which thins the wire like any pass of that hammer, and hardens it under the marks besides.
     *
     * @param with the tool
     */
    @Titled("texture")
    record Texture(
            @Term(
                    value = "the tool",
                    or = "\"ball-hammer\"",
                    offered = {"ball-hammer", "cross-hammer", "flat-hammer"})
            With with)
            implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return Thinned.once(before, work, Act.face(with))
                    .each(run -> work.touches(run) ? run.hardened(Hardening.TEXTURE, 1) : run);
        }

        @Override
        public Doing doing() {
            return Doing.struck(Hardening.TEXTURE.inWords()).leaving(Leaves.MARKS);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.texture(this);
        }
    }

    /**
     * Draw through nylon jaws.
     *
     * @param passes how often
     */
    @Titled("draw through jaws")
    record Jaws(
            @Term(value = "passes", from = 1, to = 100, or = "3", title = "passes", unit = "count")
            int passes) implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before.each(run -> work.touches(run) ? run.hardened(Hardening.JAWS, passes) : run);
        }

        @Override
        public Doing doing() {
            return Doing.soft(Hardening.JAWS.inWords());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.jaws(this);
        }
    }

    /**
     * Tap with a mallet; the shape stays.
     *
     * @param passes how often
     * @param with the tool
     */
    @Titled("tap with a mallet")
    record Mallet(
            @Term(value = "passes", from = 1, to = 100, or = "3", title = "passes", unit = "count")
            int passes,

            @Term(
                    value = "the tool",
                    or = "\"nylon-mallet\"",
                    offered = {"nylon-mallet", "rawhide-mallet"})
            With with)
            implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before.each(run -> work.touches(run) ? run.hardened(Hardening.MALLET, passes) : run);
        }

        @Override
        public Doing doing() {
            return Doing.soft(Hardening.MALLET.inWords());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.mallet(this);
        }
    }

    /**
     * Flex to and fro between the fingers.
     *
     * @param times how often
     */
    @Titled("flex")
    record Flex(
            @Term(value = "times", from = 1, to = 100, or = "3", title = "times", unit = "count")
            int times) implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before.each(run -> work.touches(run) ? run.hardened(Hardening.FLEX, times) : run);
        }

        @Override
        public Doing doing() {
            return Doing.soft(Hardening.FLEX.inWords());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.flex(this);
        }
    }

    /**
     * Tumble in steel shot: a skin of a tenth of a millimetre hardens, whatever the wire's thickness, 0.06·(1 − exp(−t/40 min)) (engineering
     * estimates; the depth after D. Tabor, 1951: half as deep again as a dent is wide).
     *
     * @param minutes how long
     */
    @Titled("tumble")
    record Tumble(
            @Term(value = "minutes", from = 0.01, to = 1440, or = "120", title = "minutes", unit = "min")
            double minutes)
            implements Act {
        private static final double MOST = 0.06;
        private static final double SCALE_MIN = 40;
        private static final double SKIN_MM = 0.1;

        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            double added = MOST * (1 - Math.exp(-minutes / SCALE_MIN));
            return before.each(
                    run -> work.touches(run) ? run.with(f -> f.skinned(run.section(), added, SKIN_MM)) : run);
        }

        @Override
        public Doing doing() {
            return Doing.soft("tumble").leaving(Leaves.BRIGHT);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.tumble(this);
        }
    }

    /**
     * Close what hammering opened: the inside is brought back to what it was formed to, the wire that was gained goes on round. What has not opened stays.
     */
    @Titled("close again")
    record Reclose() implements Act {
        private static final double SAME_RAD = 1e-9;

        /** What has an inside to be brought back. */
        private static List<Element> closed(Operation.Worked work) {
            return work.along().stream()
                    .filter(e -> work.touches(e.id()))
                    .filter(e -> e.winding().leastInsideMm().isPresent())
                    .toList();
        }

        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            Map<Run, Run> after = new IdentityHashMap<>();
            String first = work.along().get(0).id();
            for (Element element : closed(work)) {
                List<Run> runs = before.of(element.id());
                Section section = runs.get(0).section();
                List<CurvePiece> shapes = element.shape(new Forming(
                        section.inPlaneMm(), section.acrossMm(), element.id().equals(first), Setting.ALONE));
                for (int i = 0; i < shapes.size(); i++) {
                    Run run = runs.get(runs.size() - shapes.size() + i);
                    CurvePiece closer = shapes.get(i).lasting(run.now().lengthMm());
                    if (run.formed() && closer.turnRad() > run.now().turnRad() + SAME_RAD) {
                        after.put(run, run.asReshaped(closer));
                    }
                }
            }
            return before.each(run -> after.getOrDefault(run, run));
        }

        @Override
        public Optional<Operation> operation(Operation.Worked work) {
            List<String> closed = closed(work).stream().map(Element::id).toList();
            return closed.isEmpty() ? Optional.empty() : Optional.of(work.on(closed));
        }

        @Override
        public Doing doing() {
            return Doing.soft("close again");
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.reclose(this);
        }
    }

    /**
     * Straighten through jaws or fingers: what was bent is bent back, and every pass hardens a little.
     *
     * @param passes how often
     */
    @Titled("straighten")
    record Straighten(
            @Term(value = "passes", from = 1, to = 100, or = "1", title = "passes", unit = "count")
            int passes) implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before.each(run -> work.touches(run)
                    ? (run.formed() && run.shape().turnRad() > 0 ? run.asStraightened() : run)
                            .hardened(Hardening.JAWS, passes)
                    : run);
        }

        @Override
        public Doing doing() {
            return Doing.soft("straighten");
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.straighten(this);
        }
    }

    /**
     * Open loops sideways and close them again: twisting to and fro. It uses the metal up and makes nothing stronger.
     *
     * @param times how often
     */
    @Titled("open and close")
    record OpenClose(
            @Term(value = "times", from = 1, to = 100, or = "1", title = "times", unit = "count")
            int times) implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            double red = before.wire().redStrain();
            return before.each(run ->
                    work.touches(run) && run.formed() && run.shape().turnRad() >= Math.PI
                            ? run.worn(
                                    Opening.of(run, work.hungMm(run.element())).wear(times, red))
                            : run);
        }

        @Override
        public Doing doing() {
            return Doing.soft("open and close");
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.openClose(this);
        }
    }

    /**
     * Cut off.
     */
    @Titled("trim off")
    record Trim() implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return new Operation.Trim(work.elements()).apply(before);
        }

        @Override
        public Optional<Operation> operation(Operation.Worked work) {
            return work.elements().isEmpty() ? Optional.empty() : Optional.of(new Operation.Trim(work.elements()));
        }

        @Override
        public Doing doing() {
            return Doing.soft("trim");
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.trim(this);
        }
    }

    /**
     * Make a hole in a blank.
     *
     * @param part the blank
     * @param diameterMm diameter of the hole, mm
     */
    @Titled("pierce a blank")
    record Pierce(
            @Term(value = "the blank", from = 1, to = 60) String part,

            @Term(value = "diameter of the hole, mm", from = 0.01, to = 50, title = "hole", usual = "1.5")
            double diameterMm)
            implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before;
        }

        @Override
        public Doing doing() {
            return Doing.toBlank(
                    "pierce",
                    new Doing.OnBlank(part, OptionalDouble.of(diameterMm), other -> new Pierce(other, diameterMm)));
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.pierce(this);
        }
    }

    /**
     * Strike dimples into a blank.
     *
     * @param part the blank
     * @param dimples how many
     * @param acrossMm how wide each is, mm
     * @param dome which way it is domed in the end: struck, a blank rises towards the hammer
     */
    @Titled("dimple a blank")
    record Dimple(
            @Term(value = "the blank", from = 1, to = 60) String part,

            @Term(
                    value = "how many dimples",
                    from = 1,
                    to = 10000,
                    or = "1",
                    title = "dimples",
                    unit = "count",
                    usual = "30")
            int dimples,

            @Term(value = "how wide each is, mm", from = 0.2, to = 10, or = "2", title = "each across", usual = "2")
            double acrossMm,

            @Term(value = "which way it is domed in the end", or = "\"kept\"", title = "dome")
            Dome dome)
            implements Act {
        /** The way a dimpled blank is domed. */
        public enum Dome {
            /** As it rises by itself, towards the hammer. */
            KEPT,
            /** Pressed through to the other side, dimples in the hollow. */
            REVERSED,
            /** Pressed flat again. */
            FLAT
        }

        /** A ball of a usual hammer, mm across (common practice). */
        private static final double BALL_MM = 12;

        /** How deep each is in its middle, mm: the cap that its rim cuts off the ball; a wider one is struck with a ball as wide. */
        public double deepMm() {
            double ball = Math.max(BALL_MM, acrossMm) / 2;
            return ball - Math.sqrt(ball * ball - acrossMm * acrossMm / 4);
        }

        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before;
        }

        @Override
        public Doing doing() {
            return Doing.toBlank(
                    "dimple",
                    new Doing.OnBlank(
                            part, OptionalDouble.empty(), other -> new Dimple(other, dimples, acrossMm, dome)));
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.dimple(this);
        }
    }

    /**
     * Press between dies.
     *
     * @param toMm thickness to press to, mm
     * @param with the tool
     */
    @Titled("press between dies")
    record Press(
            @Term(
                    value = "thickness to press to, mm",
                    from = 0.01,
                    to = 20,
                    title = "flattened to",
                    unit = "thickness",
                    usualShare = 0.75)
            double toMm,

            @Term(
                    value = "the tool",
                    or = "\"die\"",
                    offered = {"die"})
            With with)
            implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return Thinned.flat(before, work, toMm, Face.DIE);
        }

        @Override
        public Doing doing() {
            return Doing.thinning("press", toMm);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.press(this);
        }
    }

    /**
     * Hammer round a mandrel: it gets thinner from outside, wider along the mandrel, and the ring larger; curved runs keep their sweep.
     *
     * @param toMm thickness to hammer to, mm
     */
    @Titled("hammer round a mandrel")
    record RoundMandrel(
            @Term(
                    value = "thickness to hammer to, mm",
                    from = 0.01,
                    to = 20,
                    title = "thinned to",
                    unit = "thickness",
                    usualShare = 0.9)
            double toMm)
            implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return Thinned.round(before, work, toMm);
        }

        @Override
        public Doing doing() {
            return Doing.thinning("hammer round a mandrel:", toMm);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.roundMandrel(this);
        }
    }

    /**
     * Hammer a ring round a mandrel until it has grown to an inside: only ever larger, at the cost of its thickness. Where that would take more than
     * {@link Thinned#MOST}, it grows as far as that goes.
     *
     * @param insideMm the inside wanted, mm
     */
    @Titled("bring up to size")
    record BringToSize(
            @Term(value = "the inside wanted, mm", from = 0.01, to = 1000, title = "inside wanted", usual = "18")
            double insideMm)
            implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            Workpiece after = before;
            for (Element element : work.along()) {
                if (work.touches(element.id()) && before.insideMm(element.id()).orElse(insideMm) < insideMm) {
                    after = Thinned.toInside(after, work.on(List.of(element.id())), element.id(), insideMm);
                }
            }
            return after;
        }

        @Override
        public Doing doing() {
            return Doing.struck("bring up to size:");
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.bringToSize(this);
        }
    }

    /** Squeeze shut: a curl, a loop, the closing of a bangle. What has come open is brought back to its inside. */
    @Titled("close, squeeze shut")
    record Close() implements Act {
        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return new Reclose().apply(before, work);
        }

        @Override
        public Doing doing() {
            return Doing.soft("close");
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.close(this);
        }
    }

    /**
     * Polish without a bath; it takes too little metal off to count.
     *
     * @param with what it is polished with
     */
    @Titled("polish")
    record Polish(
            @Term(
                    value = "what it is polished with",
                    or = "\"cloth\"",
                    offered = {"cloth", "four-grade-block", "emery", "file"})
            Abrasive with)
            implements Act {
        /** What is polished with, from the coarsest to the finest. */
        public enum Abrasive {
            /** A fine file. */
            FILE,
            /** Emery paper. */
            EMERY,
            /** A block with four grades. */
            FOUR_GRADE_BLOCK,
            /** A polishing cloth. */
            CLOTH
        }

        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before;
        }

        @Override
        public Doing doing() {
            return Doing.soft("polish")
                    .leaving(
                            switch (with) {
                                case FILE -> Leaves.FILED;
                                case EMERY -> Leaves.EMERIED;
                                case FOUR_GRADE_BLOCK -> Leaves.FINE;
                                case CLOTH -> Leaves.BRIGHT;
                            });
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.polish(this);
        }
    }

    /**
     * Cut a coil along its length into single rings. Every ring lacks what the cut takes, and is that much shorter round when it is closed.
     *
     * @param kerfMm what one cut takes, mm: a jeweller's saw about 0.3, cutters that are turned over for the second side about half the wire (common
     *     practice)
     * @param with what it is cut with
     */
    @Titled("cut apart into rings")
    record CutApart(
            @Term(
                    value = "what one cut takes, mm",
                    from = 0,
                    to = 5,
                    or = "0.3",
                    title = "one cut takes",
                    unit = "thickness")
            double kerfMm,

            @Term(
                    value = "what it is cut with",
                    or = "\"saw\"",
                    offered = {"saw", "cutters"})
            Cutter with)
            implements Act {
        /** What rings are cut with. */
        public enum Cutter {
            /** A jeweller's saw, along the coil. */
            SAW,
            /** Flush cutters, ring by ring. */
            CUTTERS
        }

        @Override
        public Workpiece apply(Workpiece before, Operation.Worked work) {
            return before;
        }

        @Override
        public Doing doing() {
            return Doing.soft("cut apart");
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.cutApart(this);
        }
    }

    /** The face that a hammer or a die has. */
    private static Face face(With with) {
        return switch (with) {
            case CROSS_HAMMER -> Face.CROSS;
            case BALL_HAMMER -> Face.BALL;
            case FLAT_HAMMER -> Face.BROAD;
            case DIE -> Face.DIE;
            default -> Face.DOMED;
        };
    }

    /** Work that makes wire thinner. */
    final class Thinned {
        /** A ring is not thinned further than this to make it larger, d/h (engineering estimate). */
        public static final double MOST = 1.6;

        /** A pass of a hammer takes about this share of the thickness (engineering estimate). */
        public static final double PASS = 0.03;

        private static final double FOUND_MM = 1e-7;
        private static final int MOST_TRIES = 60;

        private Thinned() {}

        /** Struck as it lies. */
        static Workpiece flat(Workpiece before, Operation.Worked work, double toMm, Face face) {
            return of(
                    before,
                    work,
                    toMm,
                    face,
                    Flattening.liesOnEdge(before.wire().section()));
        }

        /** Once over as it lies: a pass takes about {@link #PASS} of the thickness. */
        static Workpiece once(Workpiece before, Operation.Worked work, Face face) {
            WireSection bought = before.wire().section();
            boolean onEdge = Flattening.liesOnEdge(bought);
            return before.each(run -> work.touches(run)
                    ? struck(run, bought, (1 - PASS) * Flattening.struckMm(run.section(), onEdge), face, onEdge)
                    : run);
        }

        /** Struck round a mandrel until an element has an inside, mm, larger than it has. */
        static Workpiece toInside(Workpiece before, Operation.Worked work, String element, double insideMm) {
            List<Run> runs = before.of(element);
            double from = Flattening.struckMm(runs.get(0).section(), true);
            double least = Flattening.struckMm(before.wire().section(), true) / MOST;
            UnivariateFunction lacks =
                    to -> round(before, work, to).insideMm(element).orElseThrow() - insideMm;
            if (least >= from) {
                return before;
            }
            if (lacks.value(least) < 0) {
                return round(before, work, least);
            }
            return round(
                    before, work, new BracketingNthOrderBrentSolver(FOUND_MM, 5).solve(MOST_TRIES, lacks, least, from));
        }

        private static Workpiece round(Workpiece before, Operation.Worked work, double toMm) {
            return of(before, work, toMm, Face.DOMED, true);
        }

        private static Workpiece of(Workpiece before, Operation.Worked work, double toMm, Face face, boolean inPlane) {
            return before.each(run -> work.touches(run) && toMm < Flattening.struckMm(run.section(), inPlane)
                    ? struck(run, before.wire().section(), toMm, face, inPlane)
                    : run);
        }

        private static Run struck(Run run, WireSection bought, double toMm, Face face, boolean inPlane) {
            Flattening after = Flattening.further(run.section(), bought, toMm, face, inPlane);
            return run.with(
                    after.section(),
                    after.growth() * run.growth(),
                    f -> f.worked(after.section(), after.strain(), after.growth()));
        }
    }
}
