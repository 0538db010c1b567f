package org.etui.core.work;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.curve.CurvePiece;
import org.etui.core.element.Element;
import org.etui.core.element.Forming;
import org.etui.core.mechanics.Flattening;
import org.etui.core.piece.With;
import org.etui.core.section.Section;
import org.etui.core.section.WireSection;

/** One thing done to the wire: takes the workpiece before and gives the workpiece after. */
public sealed interface Operation {
    /** The workpiece afterwards. */
    Workpiece apply(Workpiece before);

    /** In words, such as {@code form eye}. */
    String inWords();

    /** Id of the element that it forms, or of the work; empty for a trim. */
    String id();

    /** The elements it works on; none: all but handles. */
    Set<String> elements();

    /** Whether it works on an element. */
    default boolean touches(String element) {
        return elements().isEmpty() || elements().contains(element);
    }

    /** Whether steel strikes the wire: a hammer or a die. */
    default boolean isStruck() {
        return false;
    }

    private static String words(String verb, Set<String> elements) {
        return verb + " "
                + (elements.isEmpty()
                        ? "all"
                        : String.join(", ", elements.stream().sorted().toList()).replace('-', ' '));
    }

    /** Whether it works on a run: never on handles and spare. */
    default boolean touches(Run run) {
        return run.kind() == Run.Kind.ELEMENT && touches(run.element());
    }

    /**
     * Bends an element into its shape; a twist strains the wire by twisting as well.
     *
     * @param element id of the element
     * @param twistStrain plastic strain that twisting adds, mean over the section
     */
    record Form(String element, double twistStrain) implements Operation {
        @Override
        public Workpiece apply(Workpiece before) {
            return before.each(run -> run.element().equals(element) ? formed(run.asFormed()) : run);
        }

        private Run formed(Run bent) {
            return twistStrain == 0 ? bent : bent.with(f -> f.hardened(twistStrain));
        }

        @Override
        public String id() {
            return element;
        }

        @Override
        public Set<String> elements() {
            return Set.of(element);
        }

        @Override
        public String inWords() {
            return "form " + element.replace('-', ' ');
        }
    }

    /**
     * Flattens elements; volume is kept, so that they grow in length; curved runs keep their sweep.
     *
     * @param id id of the work, or of the paddle
     * @param elements ids of the elements; none: all but handles
     * @param toMm thickness afterwards, mm; what is thinner already stays
     * @param with the tool
     */
    record Flatten(String id, Set<String> elements, double toMm, With with) implements Operation {
        /** A cross face drives the metal along the wire, a ball to all sides (engineering estimates). */
        private static double face(With with) {
            return switch (with) {
                case CROSS_HAMMER -> 0.5;
                case BALL_HAMMER -> 1.1;
                default -> 1;
            };
        }

        @Override
        public Workpiece apply(Workpiece before) {
            WireSection bought = before.wire().section();
            return before.each(
                    run -> touches(run) && toMm < Math.min(run.section().thicknessMm(), Flattening.mostMm(bought))
                            ? flat(run, bought)
                            : run);
        }

        /** All of the way from the wire as bought, less what was gone of it before. */
        private Run flat(Run run, WireSection bought) {
            Flattening after = Flattening.of(bought, toMm, face(with));
            boolean again = run.section().thicknessMm() < Flattening.mostMm(bought);
            double gone = again
                    ? Flattening.of(bought, run.section().thicknessMm(), face(with))
                            .strain()
                    : 0;
            double added = Math.max(0, after.strain() - gone);
            double longer = after.growth() / run.growth();
            return run.with(after.section(), after.growth(), f -> f.worked(after.section(), added, longer));
        }

        @Override
        public boolean isStruck() {
            return true;
        }

        @Override
        public String inWords() {
            return words(with == With.DIE ? "press" : "flatten", elements);
        }
    }

    /**
     * Work that strains the whole section alike and leaves its measures: planish, texture, jaws, mallet, flex.
     *
     * @param id id of the work
     * @param verb the contract's word for it
     * @param elements ids of the elements; none: all but handles
     * @param passes how often
     * @param with the tool
     */
    record Harden(String id, Hardening verb, Set<String> elements, int passes, With with) implements Operation {
        @Override
        public Workpiece apply(Workpiece before) {
            double added = verb.strain(passes);
            return before.each(run -> touches(run) ? run.with(f -> f.hardened(added)) : run);
        }

        @Override
        public boolean isStruck() {
            return verb == Hardening.PLANISH || verb == Hardening.TEXTURE;
        }

        @Override
        public String inWords() {
            return words(verb.inWords(), elements);
        }
    }

    /**
     * Tumbles in steel shot: the outer fibres harden, up to a tenth, saturating over two hours (engineering estimate).
     *
     * @param id id of the work
     * @param elements ids of the elements; none: all but handles
     * @param minutes how long
     */
    record Tumble(String id, Set<String> elements, double minutes) implements Operation {
        private static final double MOST = 0.1;
        private static final double SCALE_MIN = 40;

        @Override
        public Workpiece apply(Workpiece before) {
            double added = MOST * (1 - Math.exp(-minutes / SCALE_MIN));
            return before.each(run -> touches(run) ? run.with(f -> f.tumbled(added)) : run);
        }

        @Override
        public String inWords() {
            return words("tumble", elements);
        }
    }

    /**
     * Straightens through jaws or fingers: what was bent is bent back, and every pass hardens a little.
     *
     * @param id id of the work
     * @param elements ids of the elements; none: all but handles
     * @param passes how often
     */
    record Straighten(String id, Set<String> elements, int passes) implements Operation {
        @Override
        public Workpiece apply(Workpiece before) {
            double added = Hardening.JAWS.strain(passes);
            return before.each(run -> touches(run)
                    ? (run.formed() && run.shape().turnRad() > 0 ? run.asStraightened() : run)
                            .with(f -> f.hardened(added))
                    : run);
        }

        @Override
        public String inWords() {
            return words("straighten", elements);
        }
    }

    /**
     * Closes what hammering opened: the inside is brought back to what it was formed to, the wire that was gained goes on round.
     * What has not opened stays.
     *
     * @param id id of the work
     * @param closed the elements, those that have an inside
     * @param first id of the element that begins the strand
     */
    record Reclose(String id, List<Element> closed, String first) implements Operation {
        private static final double SAME_RAD = 1e-9;

        @Override
        public Set<String> elements() {
            return closed.stream().map(Element::id).collect(Collectors.toSet());
        }

        @Override
        public Workpiece apply(Workpiece before) {
            Map<Run, Run> after = new IdentityHashMap<>();
            for (Element element : closed) {
                List<Run> runs = before.of(element.id());
                Section section = runs.get(0).section();
                List<CurvePiece> shapes = element.shape(new Forming(
                        section.inPlaneMm(), section.acrossMm(), element.id().equals(first), id -> 0.0));
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
        public String inWords() {
            return words("close again", elements());
        }
    }

    /**
     * Opens loops sideways and closes them again: twisting to and fro.
     *
     * @param id id of the work
     * @param elements ids of the elements; none: all but handles
     * @param times how often
     */
    record OpenClose(String id, Set<String> elements, int times) implements Operation {
        @Override
        public Workpiece apply(Workpiece before) {
            return before.each(run ->
                    touches(run) && run.formed() && run.shape().turnRad() >= Math.PI
                            ? run.with(f -> f.hardened(times * Opening.of(run).meanStrain()))
                            : run);
        }

        @Override
        public String inWords() {
            return words("open and close", elements);
        }
    }

    /**
     * Cuts handles and spare off.
     *
     * @param elements ids of the runs that go
     */
    record Trim(Set<String> elements) implements Operation {
        @Override
        public String id() {
            return "";
        }

        @Override
        public Workpiece apply(Workpiece before) {
            return new Workpiece(
                    before.wire(),
                    before.runs().stream()
                            .filter(r -> !elements.contains(r.element()))
                            .toList(),
                    before.anchor());
        }

        @Override
        public String inWords() {
            return "trim "
                    + String.join(", ", elements.stream().sorted().toList())
                            .replace('-', ' ')
                            .replace('.', ' ');
        }
    }
}
