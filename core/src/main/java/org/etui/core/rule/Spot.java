package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.act.Operation;
import org.etui.core.element.Element;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Work;
import org.etui.core.wire.Finish;
import org.etui.core.wire.Wire;
import org.etui.core.work.Reading;
import org.etui.core.work.StrandWork;

/**
 * An element of a piece as a rule sees it.
 *
 * @param bench the whole
 * @param strand number of the strand
 * @param at number of the element in it
 */
record Spot(Bench bench, int strand, int at) {
    /** A length in the reader's units, to be said in a sentence. */
    String say(double mm, int decimals) {
        return bench.say(mm, decimals);
    }

    StrandWork work() {
        return bench.strands().get(strand);
    }

    Element element() {
        return work().strand().elements().get(at);
    }

    Reading reading() {
        return work().readings().get(at);
    }

    Wire wire() {
        return work().strand().wire();
    }

    /** The load that it has to hold, N. */
    double wantsN() {
        return bench.wanted().newtons(work().strand(), element());
    }

    String path() {
        return "strands." + strand + ".elements." + at;
    }

    String wirePath() {
        return "strands." + strand + ".wire";
    }

    /** JSON Pointer to a field of the element. */
    String field(String name) {
        return "/strands/" + strand + "/elements/" + at + "/" + name;
    }

    /** JSON Pointer to a field of the wire. */
    String wireField(String name) {
        return "/strands/" + strand + "/wire/" + name;
    }

    /** JSON Pointer to a work, or into one. */
    static String work(Object last) {
        return String.join("/", "", "work", String.valueOf(last));
    }

    /** Whether steel strikes it. */
    boolean isStruck() {
        return work().operations().stream().anyMatch(this::strikes);
    }

    /** Whether work makes it thinner. */
    boolean isThinned() {
        return work().operations().stream()
                .anyMatch(o -> o.thinsToMm().isPresent() && o.touches(element().id()));
    }

    boolean strikes(Operation operation) {
        return operation.isStruck() && operation.touches(element().id());
    }

    /** Whether the wire lies over itself within it, or it lies on what it is wrapped round. */
    boolean isCrossed() {
        return NoHammer.isCrossed(work(), element());
    }

    /** The bead, stone or spacer on it or on its neighbour. */
    Optional<String> beside() {
        return NoHammer.beside(bench.piece(), work(), at);
    }

    /** Whether skin or coat would crack under steel, or the wire snap. */
    boolean isCoated() {
        return wire().metal().underHammer() == Metal.HammerSense.STOP || wire().finish() != Finish.BARE;
    }

    /** Whether nothing speaks against a hammer here. */
    boolean mayBeStruck() {
        return !isCoated() && !isCrossed() && !element().hanging().opens() && beside().isEmpty();
    }

    /**
     * Takes the element out of all work that strikes it; empty where that is not work but a paddle, or where it would not do.
     *
     * @param rule the rule that asks for it
     */
    Optional<List<Advice.Patch>> withoutHammer(String rule) {
        List<Advice.Patch> patches = new ArrayList<>();
        List<Work> works = new ArrayList<>(bench.piece().work());
        for (int i = works.size() - 1; i >= 0; i--) {
            Work work = works.get(i);
            boolean here = work.strand().isEmpty()
                    || work.strand().equals(work().strand().id());
            boolean all = work.elements().isEmpty();
            if (here
                    && work.act().doing().isStruck()
                    && (all || work.elements().contains(element().id()))) {
                List<String> left = (all ? ids() : work.elements())
                        .stream().filter(id -> !id.equals(element().id())).toList();
                if (left.isEmpty()) {
                    patches.add(Advice.Patch.remove(work(i)));
                    works.remove(i);
                } else {
                    patches.add(Advice.Patch.replace(work(i + "/elements"), left));
                    works.set(i, work.on(left));
                }
            }
        }
        return patches.isEmpty()
                ? Optional.empty()
                : new Fix(bench.piece().withWork(works), patches).tried(bench, rule, path());
    }

    private List<String> ids() {
        return work().strand().elements().stream().map(Element::id).toList();
    }

    Optional<Advice> says(Advice.Severity severity, String rule, String message, String because, String instead) {
        return says(severity, rule, message, because, instead, Optional.empty());
    }

    Optional<Advice> says(
            Advice.Severity severity,
            String rule,
            String message,
            String because,
            String instead,
            Optional<List<Advice.Patch>> fix) {
        return Optional.of(new Advice(severity, rule, path(), message, because, instead, fix));
    }

    Optional<Advice> saysOfWire(
            Advice.Severity severity,
            String rule,
            String message,
            String because,
            String instead,
            Optional<List<Advice.Patch>> fix) {
        return Optional.of(new Advice(severity, rule, wirePath(), message, because, instead, fix));
    }
}
