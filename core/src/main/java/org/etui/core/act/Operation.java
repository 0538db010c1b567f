package org.etui.core.act;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.etui.core.element.Element;

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

    /** Whether steel strikes the wire: a hammer or a die. */
    boolean isStruck();

    /** The element that it forms; empty where it forms none. */
    Optional<String> forms();

    /** Whether it cuts off. */
    boolean trims();

    /** The thickness that it works the wire down to, mm; empty where it leaves the measures. */
    OptionalDouble thinsToMm();

    /** The maker's own act; empty for forming and trimming. */
    Optional<Worked> worked();

    /** How it leaves the surface. */
    default Act.Leaves leaves() {
        return worked().map(w -> w.act().doing().leaves()).orElse(Act.Leaves.AS_IT_WAS);
    }

    /** Whether it works on an element. */
    default boolean touches(String element) {
        return elements().isEmpty() || elements().contains(element);
    }

    /** Whether it works on a run: never on handles and spare. */
    default boolean touches(Run run) {
        return run.kind() == Run.Kind.ELEMENT && touches(run.element());
    }

    private static String words(String verb, Set<String> elements) {
        return verb + " "
                + (elements.isEmpty()
                        ? "all"
                        : String.join(", ", elements.stream().sorted().toList()).replace('-', ' '));
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
        public boolean isStruck() {
            return false;
        }

        @Override
        public Optional<String> forms() {
            return Optional.of(element);
        }

        @Override
        public boolean trims() {
            return false;
        }

        @Override
        public OptionalDouble thinsToMm() {
            return OptionalDouble.empty();
        }

        @Override
        public Optional<Worked> worked() {
            return Optional.empty();
        }

        @Override
        public String inWords() {
            return "form " + element.replace('-', ' ');
        }
    }

    /**
     * Does the maker's own act to elements of a strand.
     *
     * @param id id of the work, or of the element that it makes
     * @param elements ids of the elements; none: all but handles
     * @param along the strand's elements, in order along the wire
     * @param act what is done
     * @param hungMm how thick the wire is that hangs in an element, mm
     */
    record Worked(String id, Set<String> elements, List<Element> along, Act act, Map<String, Double> hungMm)
            implements Operation {
        /** Copies the collections. */
        public Worked {
            elements = Set.copyOf(elements);
            along = List.copyOf(along);
            hungMm = Map.copyOf(hungMm);
        }

        /** The same on other elements. */
        public Worked on(List<String> others) {
            return new Worked(id, Set.copyOf(others), along, act, hungMm);
        }

        /** How thick the wire is that hangs in an element, mm. */
        double hungMm(String element) {
            return hungMm.get(element);
        }

        @Override
        public Workpiece apply(Workpiece before) {
            return act.apply(before, this);
        }

        @Override
        public boolean isStruck() {
            return act.doing().isStruck();
        }

        @Override
        public Optional<String> forms() {
            return Optional.empty();
        }

        @Override
        public boolean trims() {
            return false;
        }

        @Override
        public OptionalDouble thinsToMm() {
            return act.doing().thinsToMm();
        }

        @Override
        public Optional<Worked> worked() {
            return Optional.of(this);
        }

        @Override
        public String inWords() {
            return words(act.doing().verb(), elements);
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
        public boolean isStruck() {
            return false;
        }

        @Override
        public Optional<String> forms() {
            return Optional.empty();
        }

        @Override
        public boolean trims() {
            return true;
        }

        @Override
        public OptionalDouble thinsToMm() {
            return OptionalDouble.empty();
        }

        @Override
        public Optional<Worked> worked() {
            return Optional.empty();
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
