package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.etui.core.act.Act;
import org.etui.core.act.Operation;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Work;
import org.etui.core.work.StrandWork;

/** Work that undoes what was done to the surface before it: marks that are filed off, polish that is hammered, a shine under a film (common practice). */
final class Undone implements Rule {
    private static final String NAME = "undone";

    /** Two of an act that meet on the same wire. */
    private record Pair(Operation first, Act.Leaves left, Operation then) {}

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        List<Advice> advice = new ArrayList<>();
        for (StrandWork work : bench.strands()) {
            List<Operation> all = work.operations();
            for (int i = 0; i < all.size(); i++) {
                Act.Leaves left = all.get(i).leaves();
                if (left == Act.Leaves.AS_IT_WAS) {
                    continue;
                }
                Operation first = all.get(i);
                all.subList(i + 1, all.size()).stream()
                        .filter(then -> meet(work, first, then))
                        .flatMap(then -> undone(bench, new Pair(first, left, then)).stream())
                        .findFirst()
                        .or(() -> Dip.colourOf(bench.piece(), work.strand()).isPresent()
                                ? covered(bench, first, left)
                                : Optional.empty())
                        .filter(a -> advice.stream().noneMatch(b -> b.where().equals(a.where())))
                        .ifPresent(advice::add);
            }
        }
        return advice;
    }

    private static boolean meet(StrandWork work, Operation one, Operation other) {
        return work.strand().elements().stream().anyMatch(e -> one.touches(e.id()) && other.touches(e.id()));
    }

    private static Optional<Advice> undone(Bench bench, Pair pair) {
        Act.Leaves next = pair.then().leaves();
        boolean finer = pair.left().compareTo(Act.Leaves.FILED) >= 0;
        if (pair.left() == Act.Leaves.MARKS && next.compareTo(Act.Leaves.PLANISHED) >= 0 && next != Act.Leaves.BRIGHT) {
            return says(
                    bench,
                    pair,
                    "takes its marks off again.",
                    "Hammer, file and abrasives cut down what stands out (common practice).",
                    "Put the texture after it, and brighten that with a cloth or in the tumbler only.");
        }
        if (finer && pair.then().isStruck()) {
            return says(
                    bench,
                    pair,
                    "marks it again.",
                    "Steel prints on polished metal whatever stands between (common practice).",
                    "Hammer first, polish afterwards.");
        }
        if (finer && next.compareTo(Act.Leaves.FILED) >= 0 && next.compareTo(pair.left()) < 0) {
            return says(
                    bench,
                    pair,
                    "scratches it again.",
                    "A coarser grade after a finer one leaves its own lines (common practice).",
                    "Go from coarse to fine: file, emery, four-grade block, cloth.");
        }
        return finer && pair.then().forms().isPresent()
                ? says(
                        bench,
                        pair,
                        "puts the marks of the tools on it.",
                        "Jaws and mandrels leave marks on polished wire (common practice).",
                        "Polish when all is formed.")
                : Optional.empty();
    }

    /** A shine before the bath is hidden by the film. */
    private static Optional<Advice> covered(Bench bench, Operation first, Act.Leaves left) {
        return left == Act.Leaves.BRIGHT
                        && !first.isStruck()
                        && first.worked()
                                .map(w -> w.act().op())
                                .filter("polish"::equals)
                                .isPresent()
                ? where(bench, first)
                        .map(w -> new Advice(
                                Advice.Severity.NOTE,
                                NAME,
                                w,
                                "The bath covers what the cloth has polished.",
                                "The film lies over a shine as over anything else (common practice).",
                                "Polish back after the bath instead.",
                                Optional.of(List.of(Advice.Patch.remove("/" + w.replace('.', '/'))))))
                : Optional.empty();
    }

    private static Optional<Advice> says(Bench bench, Pair pair, String does, String because, String instead) {
        return where(bench, pair.first())
                .map(w -> new Advice(
                        Advice.Severity.MIND,
                        NAME,
                        w,
                        "After “" + pair.first().inWords() + "”, “"
                                + pair.then().inWords() + "” " + does,
                        because,
                        instead,
                        Optional.empty()));
    }

    /** Where the document says the work; empty for what an element makes by itself. */
    private static Optional<String> where(Bench bench, Operation operation) {
        List<Work> all = bench.piece().work();
        return IntStream.range(0, all.size())
                .filter(i -> all.get(i).id().equals(operation.id()))
                .mapToObj(i -> "work." + i)
                .findFirst();
    }
}
