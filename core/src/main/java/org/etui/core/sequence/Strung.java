package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.element.Element;
import org.etui.core.piece.Join;
import org.etui.core.piece.Joined;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;

/**
 * Loops strung one after the other on a run of wire or a cord, with what lies between them: in one go, when each is made and while one end still passes
 * them (common practice).
 */
final class Strung implements Precedence {
    /**
     * What is strung on one thing.
     *
     * @param on the run or the cord
     * @param loops what hangs on it, in order
     * @param beads what lies between
     */
    record Row(Joined.Thing on, List<Joined.Thing> loops, List<Part> beads) {
        private boolean carries(Joined.Thing what, Joined.Thing other) {
            return on.address().equals(what.address())
                    && (loops.stream().anyMatch(l -> l.address().equals(other.address()))
                            || beads.stream().anyMatch(p -> p.id().equals(other.address())));
        }

        /** How many beads lie between two loops; 0 where they do not come out even. */
        private int between() {
            int all = beads.stream().mapToInt(Part::count).sum();
            int gaps = loops.size() - 1;
            return gaps > 0 && all % gaps == 0 ? all / gaps : 0;
        }
    }

    /** Everything that has loops strung on it, in the order of the joins. */
    static List<Row> all(Course course) {
        Piece piece = course.piece();
        List<Joined> joins = course.joins();
        Map<String, List<Joined.Thing>> loops = new LinkedHashMap<>();
        Map<String, Joined.Thing> carriers = new HashMap<>();
        Map<String, Set<String>> joined = new HashMap<>();
        for (Joined join : joins) {
            if (join.how().filter(Join.How.THREADED::equals).isPresent()) {
                boolean first = isLoop(join.a()) && isCarrier(join.b());
                if (first || isLoop(join.b()) && isCarrier(join.a())) {
                    Joined.Thing on = first ? join.b() : join.a();
                    carriers.putIfAbsent(on.address(), on);
                    loops.computeIfAbsent(on.address(), k -> new ArrayList<>()).add(first ? join.a() : join.b());
                }
                joined.computeIfAbsent(join.a().address(), k -> new HashSet<>())
                        .add(join.b().address());
                joined.computeIfAbsent(join.b().address(), k -> new HashSet<>())
                        .add(join.a().address());
            }
        }
        return loops.entrySet().stream()
                .filter(e -> e.getValue().size() > 1)
                .map(e -> new Row(
                        carriers.get(e.getKey()),
                        e.getValue(),
                        piece.parts().stream()
                                .filter(p -> isBead(p)
                                        && (p.on().filter(e.getKey()::equals).isPresent()
                                                || joined.getOrDefault(e.getKey(), Set.of())
                                                        .contains(p.id())))
                                .toList()))
                .toList();
    }

    /** Parts that are strung with loops, by their ids, so that none of them is put on by itself. */
    static Set<String> beads(List<Row> rows) {
        return rows.stream().flatMap(r -> r.beads().stream()).map(Part::id).collect(Collectors.toSet());
    }

    /** Whether a join is done when all are strung. */
    static boolean strings(List<Row> rows, Joined join) {
        return rows.stream().anyMatch(r -> r.carries(join.a(), join.b()) || r.carries(join.b(), join.a()));
    }

    private static boolean isLoop(Joined.Thing thing) {
        return thing.element().filter(e -> e.hanging().eye()).isPresent();
    }

    private static boolean isCarrier(Joined.Thing thing) {
        return thing.part().filter(p -> p.kind() == PartKind.CORD).isPresent()
                || thing.element().filter(e -> !e.isBent()).isPresent();
    }

    private static boolean isBead(Part part) {
        return part.kind() == PartKind.BEAD || part.kind() == PartKind.SPACER;
    }

    @Override
    public void apply(Course course) {
        all(course).forEach(s -> string(course, s));
    }

    private static void string(Course course, Row strung) {
        List<String> about =
                new ArrayList<>(strung.beads().stream().map(Part::id).toList());
        about.add(strung.on().address());
        strung.loops().forEach(l -> about.add(l.address()));
        boolean cord = strung.on().part().isPresent();
        String on = strung.on().inWords(course.piece());
        Draft put = course.add(Draft.whole(
                        "string " + strung.on().address(),
                        "String " + strung.loops().size() + " drops on the " + on,
                        cord ? "fingers, crimping pliers" : "fingers")
                .kind(Step.Kind.THREAD)
                .about(about)
                .shows(Step.Shows.STRINGING)
                .text(order(course.piece(), strung)
                        + (cord
                                ? " Fasten both ends with a crimp or a knot, with room enough that all of them move."
                                : " The open end is bent afterwards: leave them room to move."))
                .check("They hang in order, face one way and do not jam.")
                .minutes(
                        Minutes.PUT_ON * (strung.loops().size() + strung.beads().size())));
        strung.loops().stream()
                .flatMap(l -> l.strand().stream())
                .flatMap(s -> course.last(s.id()).stream())
                .forEach(put::after);
        Optional<Strand> strand = strung.on().strand();
        if (strand.isPresent()) {
            Element run = strung.on().element().orElseThrow();
            List<Draft> steps = course.stepsOf(strand.get().id());
            int until = BeadBeforeEnds.passes(steps, strand.get(), run);
            if (until > 0) {
                put.after(steps.get(until - 1));
            }
            if (until >= 0 && until < steps.size()) {
                steps.get(until).after(put);
            }
        }
    }

    private static String order(Piece piece, Row strung) {
        String first = strung.loops().get(0).strand().orElseThrow().title().toLowerCase(Locale.ROOT);
        String last = strung.loops()
                .get(strung.loops().size() - 1)
                .strand()
                .orElseThrow()
                .title()
                .toLowerCase(Locale.ROOT);
        String row = "Lay them out in a row first, then string them from " + first + " to " + last;
        if (strung.beads().isEmpty()) {
            return row + ".";
        }
        String bead = strung.beads().get(0).label();
        return row
                + (strung.between() > 0
                        ? ", " + strung.between() + " " + bead + (strung.between() > 1 ? "s" : "") + " between two."
                        : ", the " + bead + "s shared out between them.");
    }
}
