package org.etui.core.rule;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;

/** Says once, with its number, what rules say of elements or strands that are alike; their ways out become one. */
final class Alike {
    private static final String WORK = Spot.work("-");

    private Alike() {}

    /** @param advice the worst first; that order stays */
    static List<Advice> once(Piece piece, List<Advice> advice) {
        Map<List<Object>, List<Advice>> groups = advice.stream()
                .collect(Collectors.groupingBy(a -> says(piece, a), LinkedHashMap::new, Collectors.toList()));
        return groups.values().stream()
                .flatMap(group -> group.size() == 1
                        ? group.stream()
                        : fix(group)
                                .map(fix -> Stream.of(together(piece, group, fix)))
                                .orElseGet(group::stream))
                .toList();
    }

    /** What is the same of those that are said together. */
    private static List<Object> says(Piece piece, Advice a) {
        return List.of(
                a.severity(), a.rule(), a.message().replace(named(piece, a.where()), "…"), a.because(), a.instead());
    }

    private static Advice together(Piece piece, List<Advice> group, Optional<List<Advice.Patch>> fix) {
        Advice first = group.get(0);
        List<String> others = group.stream().skip(1).map(Advice::where).toList();
        String same = others.size() == 1
                ? " The same for " + calledLater(piece, others.get(0)) + "."
                : " The same for " + others.size() + " others.";
        return new Advice(
                first.severity(),
                first.rule(),
                first.where(),
                others,
                first.message() + same,
                first.because(),
                first.instead(),
                fix);
    }

    /** How an element is called in its own sentence; nothing where the path is none of an element. */
    private static String named(Piece piece, String where) {
        String[] parts = where.split("\\.");
        return isOfStrand(parts) && parts.length > 3 && parts[2].equals("elements")
                ? strand(piece, parts)
                        .elements()
                        .get(Integer.parseInt(parts[3]))
                        .label()
                : "";
    }

    private static String calledLater(Piece piece, String where) {
        String named = named(piece, where);
        String[] parts = where.split("\\.");
        if (named.isEmpty()) {
            return isOfStrand(parts) ? strand(piece, parts).title() : "1 other";
        }
        return "the " + named;
    }

    private static boolean isOfStrand(String[] parts) {
        return parts.length > 1
                && parts[0].equals("strands")
                && parts[1].chars().allMatch(Character::isDigit);
    }

    private static Strand strand(Piece piece, String[] parts) {
        return piece.strands().get(Integer.parseInt(parts[1]));
    }

    /** The one way out of all of them; empty where there is none that does all, so that each keeps its own. */
    private static Optional<Optional<List<Advice.Patch>>> fix(List<Advice> group) {
        List<List<Advice.Patch>> fixes =
                group.stream().flatMap(a -> a.fix().stream()).distinct().toList();
        if (fixes.isEmpty()) {
            return Optional.of(Optional.empty());
        }
        if (group.stream().anyMatch(a -> a.fix().isEmpty())) {
            return Optional.empty();
        }
        if (fixes.size() == 1) {
            return Optional.of(Optional.of(fixes.get(0)));
        }
        List<Advice.Patch> all = fixes.stream().flatMap(List::stream).distinct().toList();
        return works(all).or(() -> apart(all)).map(Optional::of);
    }

    /** The same work on several elements of a strand is one work; on several strands it is one for each. */
    private static Optional<List<Advice.Patch>> works(List<Advice.Patch> all) {
        List<Work> works = all.stream()
                .filter(p -> p.path().equals(WORK))
                .flatMap(p -> p.value().stream())
                .filter(Work.class::isInstance)
                .map(Work.class::cast)
                .toList();
        if (works.size() < all.size()) {
            return Optional.empty();
        }
        Work first = works.get(0);
        boolean alike = works.stream()
                .allMatch(w -> w.act().equals(first.act())
                        && w.after().equals(first.after())
                        && !w.elements().isEmpty());
        if (!alike) {
            return Optional.empty();
        }
        Map<String, List<Work>> byStrand =
                works.stream().collect(Collectors.groupingBy(Work::strand, LinkedHashMap::new, Collectors.toList()));
        return Optional.of(byStrand.values().stream()
                .map(own -> {
                    Work one = own.get(0);
                    List<String> elements = own.stream()
                            .flatMap(w -> w.elements().stream())
                            .distinct()
                            .toList();
                    String id = one.strand().equals(first.strand()) ? first.id() : first.id() + "-" + one.strand();
                    return Advice.Patch.add(
                            WORK, one.moved(id, one.strand(), one.after()).on(elements));
                })
                .toList());
    }

    /** Values at places of their own do not meet. */
    private static Optional<List<Advice.Patch>> apart(List<Advice.Patch> all) {
        long places = all.stream().map(Advice.Patch::path).distinct().count();
        boolean meet = places < all.size()
                || all.stream()
                        .anyMatch(p -> p.op().equals("remove") || p.path().startsWith(Spot.work("")));
        return meet ? Optional.empty() : Optional.of(all);
    }
}
