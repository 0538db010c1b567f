package org.etui.core.work;

import java.util.Set;
import org.etui.core.mechanics.Flattening;
import org.etui.core.piece.With;
import org.etui.core.section.Round;

/** One thing done to the wire: takes the workpiece before and gives the workpiece after. */
public sealed interface Operation {
    /** The workpiece afterwards. */
    Workpiece apply(Workpiece before);

    /** In words, such as {@code form eye}. */
    String inWords();

    /**
     * Bends an element into its shape.
     *
     * @param element id of the element
     */
    record Form(String element) implements Operation {
        @Override
        public Workpiece apply(Workpiece before) {
            return before.each(run -> run.element().equals(element) ? run.asFormed() : run);
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
        @Override
        public Workpiece apply(Workpiece before) {
            return before.each(run -> touches(run) && toMm < run.section().thicknessMm() ? flat(run, before) : run);
        }

        private boolean touches(Run run) {
            return run.kind() == Run.Kind.ELEMENT && (elements.isEmpty() || elements.contains(run.element()));
        }

        private Run flat(Run run, Workpiece before) {
            if (!(before.wire().section() instanceof Round round)) {
                throw new UnsupportedOperationException("only round wire can be flattened so far");
            }
            Flattening after = Flattening.of(round.diameterMm(), toMm);
            return run.with(after.section(), after.growth(), Math.max(run.strain(), after.strain()));
        }

        @Override
        public String inWords() {
            return "flatten "
                    + (elements.isEmpty() ? "all" : String.join(", ", elements).replace('-', ' '));
        }
    }

    /**
     * Cuts handles and spare off.
     *
     * @param elements ids of the runs that go
     */
    record Trim(Set<String> elements) implements Operation {
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
