package org.etui.core.work;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.element.Element;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;

/**
 * The load that each element of a piece has to hold, N (engineering estimates): what the purpose asks of all that lies in the way of the load;
 * what only carries a drop is asked for ten times the drop's weight and no more. A drop is what hangs at one join and has no hook, no bought
 * closure or chain, no cord, and no eye left that something else could pull at. A pendant's eyes hold at least ten times its own weight.
 */
public final class Wanted {
    private static final double TIMES_ITS_WEIGHT = 10;
    private static final double N_PER_G = 9.80665e-3;

    private final Piece piece;
    private final Map<String, Double> gramsOf = new HashMap<>();
    private final Map<String, Double> partGramsOf = new HashMap<>();
    private final Map<String, List<Join>> joinsOf = new HashMap<>();
    private final Map<String, List<Join>> joinsAt = new HashMap<>();
    private final Map<Join, OptionalDouble> dropOf = new IdentityHashMap<>();
    private final double wholeN;
    private final Set<String> frameIds;
    private final int frameWires;
    private final int closedEyes;

    private Wanted(Piece piece, List<StrandWork> works) {
        this.piece = piece;
        works.forEach(w -> gramsOf.put(w.strand().id(), w.strand().wire().massG(w.netMm())));
        // What says where it sits hangs on that strand without a join of its own.
        piece.parts().forEach(p -> partGramsOf.merge(p.on().map(Wanted::node).orElse(p.id()), p.massG(), Double::sum));
        for (Join join : piece.joins()) {
            Stream.of(join.a(), join.b()).distinct().forEach(address -> {
                joinsOf.computeIfAbsent(address, a -> new ArrayList<>()).add(join);
                joinsAt.computeIfAbsent(node(address), a -> new ArrayList<>()).add(join);
            });
        }
        this.wholeN = wholeN();
        List<Strand> frames = piece.strands().stream().filter(Strand::isFrame).toList();
        this.frameIds = frames.stream().map(Strand::id).collect(Collectors.toSet());
        this.frameWires = frames.stream().mapToInt(Strand::count).sum();
        this.closedEyes = frames.stream()
                .mapToInt(s -> s.count()
                        * (int) s.elements().stream()
                                .filter(e -> e.hanging().eye() && !e.hanging().opens())
                                .count())
                .sum();
    }

    private double wholeN() {
        double wants = piece.wantsN();
        if (piece.purpose() != Purpose.PENDANT || piece.loadN().isPresent()) {
            return wants;
        }
        double grams = piece.strands().stream()
                        .mapToDouble(s -> s.count() * gramsOf.getOrDefault(s.id(), 0.0))
                        .sum()
                + partGramsOf.values().stream().mapToDouble(g -> g).sum();
        return Math.max(wants, TIMES_ITS_WEIGHT * grams * N_PER_G);
    }

    /** Of a piece as worked. */
    public static Wanted of(Piece piece, List<StrandWork> works) {
        return new Wanted(piece, works);
    }

    /** What an element has to hold, N; 0 where the piece carries no load. */
    public double newtons(Strand strand, Element element) {
        double full = wholeN / sharing(strand, element);
        String here = strand.id() + "." + element.id();
        double most = -1;
        for (Join join : joinsOf.getOrDefault(here, List.of())) {
            OptionalDouble drop = dropOf.computeIfAbsent(join, this::dropN);
            if (drop.isEmpty()) {
                return full;
            }
            most = Math.max(most, drop.getAsDouble());
        }
        return most < 0 ? full : Math.min(full, most);
    }

    /** How many wires carry a load together: all that go round a stone; eyes of one name that lie side by side; else those of a frame strand. */
    private int sharing(Strand strand, Element element) {
        if (!frameIds.contains(strand.id())) {
            return 1;
        }
        if (element.hanging().eye()) {
            // Where every eye opens, each carries all of it.
            return Math.max(1, closedEyes);
        }
        return element.hanging().frame() ? frameWires : strand.count();
    }

    /** What a join has to hold where what hangs at one side of it is only a drop, N; empty where the load goes through it. */
    private OptionalDouble dropN(Join join) {
        Set<String> a = side(join, node(join.a()));
        if (a.contains(node(join.b()))) {
            return OptionalDouble.empty();
        }
        if (isDrop(a)) {
            return OptionalDouble.of(hangingN(a));
        }
        Set<String> b = side(join, node(join.b()));
        return isDrop(b) ? OptionalDouble.of(hangingN(b)) : OptionalDouble.empty();
    }

    private double hangingN(Set<String> nodes) {
        return TIMES_ITS_WEIGHT
                * N_PER_G
                * nodes.stream().mapToDouble(this::grams).sum();
    }

    /** One wire of a strand with what sits on it, or a part, g. */
    private double grams(String node) {
        return gramsOf.getOrDefault(node, 0.0) + partGramsOf.getOrDefault(node, 0.0);
    }

    /** Whether nothing of it takes part in the load: no hook, nothing bought, no cord, and no eye that anything could still be hung in. */
    private boolean isDrop(Set<String> nodes) {
        boolean open = nodes.stream()
                .flatMap(n -> piece.strand(n).stream())
                .anyMatch(s -> s.elements().stream()
                        .anyMatch(e -> e.hanging().hook() || e.hanging().eye() && isFree(s.id() + "." + e.id())));
        boolean carries = piece.parts().stream()
                .filter(p -> p.kind() == PartKind.FINDING || p.kind() == PartKind.CORD)
                .map(Part::id)
                .anyMatch(nodes::contains);
        return !open && !carries;
    }

    private boolean isFree(String address) {
        return !joinsOf.containsKey(address);
    }

    /** All that hangs together with a strand or part when one join is undone. */
    private Set<String> side(Join without, String from) {
        Set<String> reached = new HashSet<>(Set.of(from));
        Deque<String> open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            for (Join join : joinsAt.getOrDefault(open.pop(), List.of())) {
                if (join != without) {
                    Stream.of(node(join.a()), node(join.b()))
                            .filter(reached::add)
                            .forEach(open::push);
                }
            }
        }
        return reached;
    }

    /** The strand of an address, or the part. */
    private static String node(String address) {
        int dot = address.indexOf('.');
        return dot < 0 ? address : address.substring(0, dot);
    }
}
