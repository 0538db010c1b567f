package org.etui.core.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.act.Act;
import org.etui.core.element.Kind;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;

/** Puts several sizes of a piece into one document; what belongs to a size carries its number behind its name. */
final class Merge {
    private static final double APART_MM = 6;

    private final List<Strand> strands = new ArrayList<>();
    private final List<Part> parts = new ArrayList<>();
    private final List<Join> joins = new ArrayList<>();
    private final List<Work> works = new ArrayList<>();
    private final Set<String> once = new HashSet<>();
    private double rightMm;

    private Merge() {}

    /** One size, as often as it is needed. */
    static Piece times(Piece one, int quantity) {
        return one.withStrands(one.strands().stream()
                .map(s -> s.times(s.count() * quantity, s.matched(), s.mirror()))
                .toList());
    }

    /** Several sizes. */
    static Piece of(List<Piece> sizes, List<JobLine> lines) {
        Merge merge = new Merge();
        for (int i = 0; i < sizes.size(); i++) {
            merge.add(sizes.get(i), lines.get(i), "-" + (i + 1));
        }
        Piece first = sizes.get(0);
        merge.work(first.work(), sizes.size());
        return new Piece(
                first.format(),
                1,
                first.name(),
                "",
                first.purpose(),
                Optional.empty(),
                merge.strands,
                merge.parts,
                merge.joins,
                merge.works,
                first.colour(),
                Map.of(),
                first.loadN(),
                List.of(),
                List.of(),
                false);
    }

    private void add(Piece size, JobLine line, String behind) {
        double moved = room(size);
        Set<String> own = size.parts().stream()
                .filter(p -> p.on().isPresent() || seated(size, p))
                .map(Part::id)
                .collect(Collectors.toSet());
        Kind.Names names = new Behind(behind, ownWork(size.work()), own);
        for (Strand s : size.strands()) {
            Place at = s.place();
            boolean lies = moved != 0 || !at.equals(Place.FREE);
            strands.add(new Strand(
                    s.id() + behind,
                    s.title() + ", " + line.label().strip(),
                    s.count() * line.quantity(),
                    s.matched(),
                    s.mirror(),
                    s.wire(),
                    s.allowance(),
                    s.elements().stream().map(e -> e.renamed(names)).toList(),
                    s.order(),
                    lies ? at.moved(moved) : at,
                    s.colour(),
                    s.jig()));
        }
        for (Part p : size.parts()) {
            if (own.contains(p.id())) {
                parts.add(p.renamed(p.id() + behind, p.on().map(on -> at(on, own, behind)))
                        .moved(moved));
            } else if (once.add(p.id())) {
                parts.add(p);
            }
        }
        size.joins().forEach(j -> joins.add(new Join(at(j.a(), own, behind), at(j.b(), own, behind), j.how())));
    }

    /** Work keeps its order: what is done to a strand is done to that strand of each size, what is done to all once. */
    private void work(List<Work> all, int sizes) {
        Set<String> own = ownWork(all);
        for (Work w : all) {
            boolean afterOwn = own.contains(w.after());
            Optional<Act.Doing.OnBlank> blank =
                    w.act().doing().onBlank().filter(b -> parts.stream().noneMatch(p -> p.id().equals(b.part())));
            if (blank.isPresent()) {
                for (int i = 1; i <= sizes; i++) {
                    String behind = "-" + i;
                    works.add(w.moved(w.id() + behind, "", afterOwn ? "forming" : w.after())
                            .doing(blank.get().onOther().apply(blank.get().part() + behind)));
                }
            } else if (w.strand().isEmpty()) {
                works.add(w.moved(w.id(), "", afterOwn ? "forming" : w.after()));
            } else {
                for (int i = 1; i <= sizes; i++) {
                    String behind = "-" + i;
                    works.add(w.moved(w.id() + behind, w.strand() + behind, afterOwn ? w.after() + behind : w.after()));
                }
            }
        }
    }

    /** Work that each size has for itself: what is done to one strand. */
    private static Set<String> ownWork(List<Work> all) {
        return all.stream().filter(w -> !w.strand().isEmpty()).map(Work::id).collect(Collectors.toSet());
    }

    /** Where something of this size is found: a strand of it, a part of its own, or a part that all sizes share. */
    static String at(String address, Set<String> own, String behind) {
        int dot = address.indexOf('.');
        if (dot >= 0) {
            return address.substring(0, dot) + behind + address.substring(dot);
        }
        return own.contains(address) ? address + behind : address;
    }

    /** How far this size is moved to the right, so that it lies beside the one before; 0 where the plan lays strands out itself. */
    private double room(Piece size) {
        boolean laidOut = size.strands().stream().allMatch(s -> s.place().equals(Place.FREE));
        if (laidOut && size.parts().stream().noneMatch(p -> seated(size, p))) {
            return 0;
        }
        Plan plan = Planner.plan(size, new PlanOptions(PlanOptions.States.NONE, PlanOptions.USUAL.format()));
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Plan.StrandPlan strand : plan.strands()) {
            for (List<double[]> line :
                    List.of(strand.drawn().outline(), strand.drawn().second().orElse(List.of()))) {
                for (double[] p : line) {
                    least = Math.min(least, p[0]);
                    most = Math.max(most, p[0]);
                }
            }
        }
        double moved = rightMm == 0 ? 0 : rightMm + APART_MM - least;
        rightMm = most + moved;
        return moved;
    }

    /** Whether wire of a size lies on a part. */
    static boolean seated(Piece size, Part part) {
        return size.strands().stream()
                .flatMap(s -> s.elements().stream())
                .anyMatch(e -> e.sitsOn().contains(part.id()));
    }

    /** What belongs to a size carries its number behind its name. */
    private record Behind(String behind, Set<String> works, Set<String> parts) implements Kind.Names {
        @Override
        public String strand(String id) {
            return id + behind;
        }

        @Override
        public String work(String id) {
            return works.contains(id) ? id + behind : id;
        }

        @Override
        public Optional<String> place(String address) {
            return Optional.of(at(address, parts, behind));
        }
    }
}
