package org.etui.core.work;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.etui.core.act.Run;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.Circuit.Disc;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Placed;
import org.etui.core.curve.Pose;
import org.etui.core.element.Girth;
import org.etui.core.element.Seating;
import org.etui.core.element.Setting;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Where the strands of a piece lie in one another: a girth round the middle of its body at its height, turns round the wires that they are wound
 * on, cut across where they really lie. Strands are laid one by one, hosts before what is wound round them; one without a seat lies by itself.
 *
 * <p>A body lies with its greatest section about the origin and its back, or its middle, at height 0; the front is up.
 */
public final class Seats implements Setting {
    private static final double COARSE_RAD = Math.toRadians(12);
    private static final double FINE_RAD = Math.toRadians(3);

    private final Piece piece;
    private final boolean seated;
    private final Map<String, Laid> laid = new HashMap<>();

    /**
     * What a place is told in.
     *
     * @param id of a part or a strand
     */
    private record In(boolean part, String id) {
        private static In strand(Strand strand) {
            return new In(false, strand.id());
        }
    }

    /**
     * A strand as it lies.
     *
     * @param in what its place is told in: a part, another strand, itself
     * @param pose of the frame of its line there
     * @param line its centre line
     * @param elements element of each piece of the line
     * @param thicknessMm thickness of its wire in the plane of bending
     */
    private record Laid(In in, Pose pose, CentreLine line, List<String> elements, double thicknessMm) {
        /** Where an element begins. */
        private Optional<Pose> start(String element) {
            return of(element).stream().map(Placed::start).findFirst();
        }

        /** How far along the line a share of an element lies, mm. */
        private double along(String address, double share) {
            String element = address.substring(address.indexOf('.') + 1);
            double before = 0;
            double own = 0;
            for (int i = 0; i < elements.size(); i++) {
                double length = line.pieces().get(i).piece().lengthMm();
                if (elements.get(i).equals(element)) {
                    own += length;
                } else if (own == 0) {
                    before += length;
                }
            }
            return before + share * own;
        }

        /** The pose at a distance along the line, mm; before its beginning and after its end it is drawn out straight. */
        private Pose at(double alongMm) {
            double left = alongMm;
            for (Placed placed : line.pieces()) {
                double length = placed.piece().lengthMm();
                if (left <= length && length > 0) {
                    Pose pose = placed.start().then(placed.piece().at(Math.max(0, left)));
                    return left >= 0 ? pose : pose.then(new Pose(new Vector3D(left, 0, 0), Rotation.IDENTITY));
                }
                left -= length;
            }
            Pose end = line.pieces().get(line.pieces().size() - 1).end();
            return end.then(new Pose(new Vector3D(left, 0, 0), Rotation.IDENTITY));
        }

        /** Its pieces that have a length. */
        private List<Placed> of(String element) {
            List<Placed> own = new ArrayList<>();
            for (int i = 0; i < elements.size(); i++) {
                if (elements.get(i).equals(element)
                        && line.pieces().get(i).piece().lengthMm() > 0) {
                    own.add(line.pieces().get(i));
                }
            }
            return own;
        }
    }

    /**
     * A place that something is wound round.
     *
     * @param in what it is told in
     * @param at its frame: x along the hosts, y to their left
     * @param discs the hosts cut across: along y and z of that frame
     * @param headingRad how far they have turned to the left at a distance from there, mm
     */
    private record Cut(In in, Pose at, List<Disc> discs, DoubleUnaryOperator headingRad) {}

    /** Nothing is laid yet. */
    public Seats(Piece piece) {
        this.piece = piece;
        this.seated = isSeated(piece);
    }

    /** Whether anything of a piece lies on a part or is wound round others by its seat. */
    public static boolean isSeated(Piece piece) {
        return piece.strands().stream()
                .flatMap(s -> s.elements().stream())
                .anyMatch(e -> !e.sitsOn().isEmpty());
    }

    /** The strands, those first that are not wound round others. */
    static List<Strand> inOrder(Piece piece) {
        return piece.strands().stream()
                .sorted(Comparator.comparing(s -> wrap(s).isPresent()))
                .toList();
    }

    /** The strands that something of one is wound round, as far as they are not wound round others themselves. */
    static List<Strand> hosts(Piece piece, Strand strand) {
        return wrap(strand).stream()
                .flatMap(w -> w.seat().orElseThrow().round().stream())
                .map(Seats::strandOf)
                .distinct()
                .filter(id -> !id.equals(strand.id()))
                .flatMap(id -> piece.strand(id).stream())
                .filter(s -> wrap(s).isEmpty())
                .toList();
    }

    /** Every strand of finished works. */
    public static Seats of(Piece piece, List<StrandWork> works) {
        Seats seats = new Seats(piece);
        for (Strand strand : inOrder(piece)) {
            works.stream()
                    .filter(w -> w.strand().id().equals(strand.id()))
                    .forEach(w -> seats.lay(strand, w.line(), w.finished().runs()));
        }
        return seats;
    }

    /** Lays a strand as it is meant, from its runs. */
    void lay(Strand strand, List<Run> runs) {
        if (seated) {
            List<Placed> placed = new ArrayList<>();
            Pose pose = Pose.START;
            for (Run run : runs) {
                Placed next = new Placed(pose, run.shape(), 0, 0);
                placed.add(next);
                pose = next.end();
            }
            lay(strand, new CentreLine(placed), runs);
        }
    }

    private void lay(Strand strand, CentreLine line, List<Run> runs) {
        if (!seated) {
            return;
        }
        List<String> elements = runs.stream().map(Run::element).toList();
        double thickness = strand.wire().section().inPlaneMm();
        Laid free = new Laid(In.strand(strand), Pose.START, line, elements, thickness);
        Laid there = onBody(strand, free).or(() -> wound(strand, free)).orElse(free);
        laid.put(strand.id(), there);
    }

    /** The pose of a strand's own line in the drawing, where its roots lie as told; empty for one that lies by itself. */
    public Optional<Pose> pose(Strand strand, Map<String, Pose> roots) {
        Laid own = laid.get(strand.id());
        if (own == null || own.in().equals(In.strand(strand))) {
            return Optional.empty();
        }
        if (own.in().part()) {
            return Optional.of(own.pose());
        }
        return Optional.ofNullable(roots.get(own.in().id())).map(root -> root.then(own.pose()));
    }

    /** Whether a strand's place is told in another strand. */
    public boolean isWound(Strand strand) {
        Laid own = laid.get(strand.id());
        return own != null && !own.in().part() && !own.in().equals(In.strand(strand));
    }

    @Override
    public double strandMm(String strand) {
        return piece.thicknessMm(strand);
    }

    @Override
    public Optional<Circuit> round(Girth girth, double thicknessMm, double acrossMm) {
        return lie(girth, thicknessMm, acrossMm)
                .map(l -> solid(girth).orElseThrow().girth(l));
    }

    private Optional<Solid> solid(Girth girth) {
        return girth.seat()
                .flatMap(s -> part(s.on()))
                .flatMap(Part::body)
                .filter(b -> b.front().isPresent())
                .map(Solid::new);
    }

    private Optional<Part> part(String id) {
        return piece.parts().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    private Optional<Solid.Lie> lie(Girth girth, double thicknessMm, double acrossMm) {
        return solid(girth)
                .map(solid -> solid.lie(
                        girth.seat().orElseThrow().heightMm(),
                        girth.seat().orElseThrow().slot(),
                        (girth.offsetWires() + 0.5) * thicknessMm,
                        acrossMm));
    }

    private static Optional<Girth> girth(Strand strand) {
        return seated(strand, Seating.girths());
    }

    private static Optional<Wrap> wrap(Strand strand) {
        return seated(strand, Seating.wraps());
    }

    private static <E> Optional<E> seated(Strand strand, Seating<Optional<E>> seating) {
        return strand.elements().stream()
                .flatMap(e -> e.seated(seating).stream())
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Round a body: the way round begins at its top, to the left, or mirrored to the right. */
    private Optional<Laid> onBody(Strand strand, Laid free) {
        Optional<Girth> first = girth(strand).filter(g -> solid(g).isPresent());
        if (first.isEmpty()) {
            return Optional.empty();
        }
        Girth girth = first.get();
        double across = strand.wire().section().acrossMm();
        Solid.Lie lie = lie(girth, free.thicknessMm(), across).orElseThrow();
        Circuit circuit = solid(girth).orElseThrow().girth(lie);
        Vector3D middle = middle(circuit);
        boolean left = girth.turn() == Turn.LEFT;
        Pose top = left
                ? Pose.inPlane(middle.getX(), middle.getY(), Math.PI)
                : Pose.inPlane(-middle.getX(), middle.getY(), 0);
        List<CurvePiece> before = girth.from() == 0
                ? List.of()
                : circuit.along(0, girth.from(), girth.turn().sign());
        Pose start = before.isEmpty()
                ? Pose.START
                : CentreLine.of(1, before).pieces().get(before.size() - 1).end();
        Part part = part(girth.seat().orElseThrow().on()).orElseThrow();
        Pose there = Pose.inPlane(
                part.place().xMm(),
                part.place().yMm(),
                Math.toRadians(part.place().rotDeg()));
        Pose lifted =
                new Pose(there.position().add(new Vector3D(0, 0, part.place().zMm() + lie.zMm())), there.frame());
        Pose target = lifted.then(top).then(start);
        return free.start(girth.id())
                .map(own -> new Laid(
                        new In(true, part.id()),
                        target.then(own.inverse()),
                        free.line(),
                        free.elements(),
                        free.thicknessMm()));
    }

    /** The middle of a way round, of least and greatest, walked from its top heading along x. */
    private static Vector3D middle(Circuit circuit) {
        double[] least = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        double[] most = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (CentreLine.Station station : CentreLine.of(1, circuit.pieces()).stations(COARSE_RAD, 2)) {
            double[] p = station.pose().position().toArray();
            for (int i = 0; i < 2; i++) {
                least[i] = Math.min(least[i], p[i]);
                most[i] = Math.max(most[i], p[i]);
            }
        }
        return new Vector3D((least[0] + most[0]) / 2, (least[1] + most[1]) / 2, 0);
    }

    /** Wound round others: about their middle, half of its turns to either side. */
    private Optional<Laid> wound(Strand strand, Laid free) {
        Optional<Wrap> first = wrap(strand);
        double across = strand.wire().section().acrossMm();
        Optional<Cut> cut = first.flatMap(w -> cut(w, w.pitchMm(across)));
        if (cut.isEmpty()) {
            return Optional.empty();
        }
        Wrap wrap = first.get();
        boolean left = wrap.turn() == Turn.LEFT;
        double half = free.thicknessMm() / 2;
        Disc top = topmost(left ? cut.get().discs() : mirrored(cut.get().discs()));
        double x = left ? top.xMm() : -top.xMm();
        double y = top.yMm() + top.radiusMm() + half;
        Vector3D start = new Vector3D(0, x, y);
        Vector3D heading = new Vector3D(0, left ? -1 : 1, 0);
        Rotation frame = new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_K, heading, Vector3D.PLUS_I);
        // The first turn points where its hosts do in its middle.
        double tilt = cut.get().headingRad().applyAsDouble(wrap.pitchMm(across) / 2);
        Pose base = new Pose(start, Pose.inPlane(0, 0, tilt).frame().applyTo(frame));
        List<Placed> turns = free.of(wrap.id());
        if (turns.isEmpty()) {
            return Optional.empty();
        }
        Pose climbing = base.then(turns.get(0).piece().origin().inverse());
        Pose target = cut.get().at().then(climbing);
        return Optional.of(new Laid(
                cut.get().in(),
                target.then(turns.get(0).start().inverse()),
                free.line(),
                free.elements(),
                free.thicknessMm()));
    }

    private static Disc topmost(List<Disc> discs) {
        return discs.stream()
                .max(Comparator.comparingDouble((Disc d) -> d.yMm() + d.radiusMm())
                        .thenComparingDouble(Disc::xMm))
                .orElseThrow();
    }

    private static List<Disc> mirrored(List<Disc> discs) {
        return discs.stream()
                .map(d -> new Disc(-d.xMm(), d.yMm(), d.radiusMm()))
                .toList();
    }

    @Override
    public Optional<Hosts> hosts(Wrap wrap, double pitchMm) {
        return cut(wrap, pitchMm)
                .map(c -> new Hosts(wrap.turn() == Turn.LEFT ? c.discs() : mirrored(c.discs()), c.headingRad()));
    }

    /** The hosts of a wrap cut across where it lies; empty where one of them is not laid, or they do not lie together. */
    private Optional<Cut> cut(Wrap wrap, double pitchMm) {
        List<String> hosts = wrap.seat().map(Wrap.Seat::round).orElse(List.of());
        if (hosts.isEmpty() || hosts.stream().anyMatch(h -> line(h).isEmpty())) {
            return Optional.empty();
        }
        Laid first = laid.get(strandOf(hosts.get(0)));
        double half = wrap.turns() * pitchMm / 2;
        double from = first.along(hosts.get(0), wrap.seat().orElseThrow().at()) - half;
        Pose at = first.pose().then(first.at(from));
        List<Disc> discs = new ArrayList<>();
        for (String host : hosts) {
            Laid own = laid.get(strandOf(host));
            if (!own.in().equals(first.in())) {
                return Optional.empty();
            }
            Vector3D through = through(own, host, at);
            discs.add(new Disc(through.getY(), through.getZ(), own.thicknessMm() / 2));
        }
        return Optional.of(new Cut(first.in(), at, discs, mm -> {
            Vector3D heading = at.frame()
                    .applyInverseTo(first.pose().then(first.at(from + mm)).heading());
            return Math.atan2(heading.getY(), heading.getX());
        }));
    }

    private Optional<List<Placed>> line(String host) {
        return Optional.ofNullable(laid.get(strandOf(host)))
                .map(l -> l.of(host.substring(host.indexOf('.') + 1)))
                .filter(l -> !l.isEmpty());
    }

    private static String strandOf(String address) {
        return address.substring(0, Math.max(0, address.indexOf('.')));
    }

    /** Where a host passes the plane across a pose, nearest to it; told in that pose. Where it never does, its nearest place. */
    private Vector3D through(Laid own, String host, Pose at) {
        Pose local = at.inverse().then(own.pose());
        Vector3D best = null;
        Vector3D nearest = null;
        for (Placed placed : line(host).orElseThrow()) {
            Vector3D before = null;
            int steps = CentreLine.steps(placed.piece(), FINE_RAD, 2);
            Pose origin = placed.start().then(placed.piece().origin());
            for (int i = 0; i <= steps; i++) {
                Vector3D here = local.at(origin.then(placed.piece().aboutOrigin((double) i / steps))
                        .position());
                nearest = nearer(nearest, here);
                if (before != null && before.getX() * here.getX() <= 0 && before.getX() != here.getX()) {
                    double part = before.getX() / (before.getX() - here.getX());
                    best = nearer(best, before.add(part, here.subtract(before)));
                }
                before = here;
            }
        }
        return best == null ? new Vector3D(0, nearest.getY(), nearest.getZ()) : best;
    }

    private static Vector3D nearer(Vector3D one, Vector3D other) {
        return one == null || other.getNormSq() < one.getNormSq() ? other : one;
    }
}
