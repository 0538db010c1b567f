package org.etui.core.work;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.LinkedList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Collectors;
import org.etui.core.act.Run;
import org.etui.core.check.Check;
import org.etui.core.curve.Biarc;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.Circuit.Disc;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Helix;
import org.etui.core.curve.Line;
import org.etui.core.curve.Placed;
import org.etui.core.curve.Pose;
import org.etui.core.element.Across;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Outline;
import org.etui.core.element.Reach;
import org.etui.core.element.Seating;
import org.etui.core.element.Setting;
import org.etui.core.element.Spiral;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Surface;
import org.etui.core.section.Section;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Where the strands of a piece lie in one another: a girth round the middle of its body at its height, turns round the wires that they are wound
 * on and the body among them, cut across where they really lie. Strands are laid one by one, hosts before what is wound round them; one without a
 * seat lies by itself.
 *
 * <p>A body lies with its greatest section about the origin and its back, or its middle, at height 0; the front is up.
 */
public final class Seats {
    private static final double COARSE_RAD = Math.toRadians(12);
    private static final double FINE_RAD = Math.toRadians(3);

    /** A host that leaves the way of the first by more than this share of it crosses it (engineering estimate, about 10°). */
    private static final double STRAYS = 0.18;

    /** Where along the turns a host is looked at that crosses them. */
    private static final double[] STRAYED = {-0.15, 0.1, 0.25, 0.4, 0.55, 0.7, 0.85, 1, 1.15};

    /** Two hosts that lie further apart than this many thicknesses do not lie together. */
    private static final double TOGETHER = 1.05;

    /** More turns of one host are not bound in: a core has no more wires either. */
    private static final int MOST_TOGETHER = 100;

    /** Places along two hosts among which the closest are looked for. */
    private static final int MEETS = 60;

    /** What is cut flatter than this is taken as cut so. */
    private static final double LEAST_ROUND = 0.6;

    /** Within so many thicknesses of where it is headed a host is found again. */
    private static final double NEAR = 3;

    /** So often, and by this share of the way over each time, the beginning on a face is put further on. */
    private static final int EASINGS = 8;

    private static final double EASING = 0.015;

    /** What runs so square to the first is passed, not bound in. */
    private static final double LEAST_AHEAD = 0.2;

    /** What lies less deep than this in another wire touches it, mm. */
    private static final double TOUCHES_MM = 0.02;

    /** Places of a piece that are looked at, and what a way through a host costs. */
    private static final int LOOKS = 4;

    private static final double THROUGH = 20;

    /** No bend is tighter about its middle, in thicknesses: there the wire turns on its own edge. */
    private static final double LEAST_RADIUS = 0.6;

    /** Places round the hosts where turns may begin. */
    private static final int PHASES = 24;

    /** Where there is no room, turns begin so many thicknesses further along at most. */
    private static final int FURTHER = 6;

    private final Piece piece;
    private final boolean seated;
    private final Map<String, Laid> laid = new HashMap<>();
    private final Map<String, Surface> surfaces = new HashMap<>();
    private final Map<String, List<FaceWay.Lying>> lying = new HashMap<>();
    private final Map<String, FaceWay> ways = new HashMap<>();

    /**
     * A place that something is wound round.
     *
     * @param in what it is told in
     * @param at its frame: x along the hosts, y to their left
     * @param discs the hosts cut across: along y and z of that frame
     * @param headingRad how far they have turned to the left at a distance from there, mm
     */
    private record Cut(Laid.In in, Pose at, List<Disc> discs, DoubleUnaryOperator headingRad) {
        /** The same further along, mm. */
        private Cut moved(double alongMm) {
            Pose there = at.then(new Pose(new Vector3D(alongMm, 0, 0), Rotation.IDENTITY));
            return alongMm == 0 ? this : new Cut(in, there, discs, headingRad);
        }

        /** The same seen from its far end, a distance on, mm. */
        private Cut reversed(double alongMm) {
            Pose far = at.then(new Pose(new Vector3D(alongMm, 0, 0), Rotation.IDENTITY));
            Pose back = far.then(Pose.inPlane(0, 0, Math.PI));
            List<Disc> turned = discs.stream()
                    .map(d -> new Disc(-d.xMm(), d.yMm(), d.radiusMm()))
                    .toList();
            return new Cut(
                    in, back, turned, mm -> headingRad.applyAsDouble(alongMm - mm) - headingRad.applyAsDouble(alongMm));
        }
    }

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

    /** The strands, hosts before what is wound round them; what waits for itself comes last. */
    static List<Strand> inOrder(Piece piece) {
        List<Strand> order = new ArrayList<>();
        List<Strand> left = new ArrayList<>(piece.strands());
        while (!left.isEmpty()) {
            Strand next = left.stream()
                    .filter(s -> hosts(piece, s).stream().noneMatch(left::contains))
                    .findFirst()
                    .orElse(left.get(0));
            order.add(next);
            left.remove(next);
        }
        return order;
    }

    /** Other strands that something of one is wound round. */
    static List<Strand> hosts(Piece piece, Strand strand) {
        return strand.elements().stream()
                .flatMap(e -> e.seated(Seating.wraps()).flatMap(w -> w).stream())
                .flatMap(w -> w.seat().orElseThrow().round().stream())
                .map(Seats::strandOf)
                .distinct()
                .filter(id -> !id.equals(strand.id()))
                .flatMap(id -> piece.strand(id).stream())
                .toList();
    }

    /** All strands that have to be laid before one, in order. */
    static List<Strand> before(Piece piece, Strand strand) {
        Set<Strand> needed = new LinkedHashSet<>();
        Deque<Strand> open = new ArrayDeque<>(hosts(piece, strand));
        while (!open.isEmpty()) {
            Strand next = open.pop();
            if (!next.equals(strand) && needed.add(next)) {
                open.addAll(hosts(piece, next));
            }
        }
        return inOrder(piece).stream().filter(needed::contains).toList();
    }

    /** Every strand of finished works. */
    public static Seats of(Piece piece, List<StrandWork> works) {
        return new Seats(piece).of(works);
    }

    /** The same strands, laid as they came out. */
    public Seats of(List<StrandWork> works) {
        for (Strand strand : inOrder(piece)) {
            works.stream()
                    .filter(w -> w.strand().id().equals(strand.id()))
                    .forEach(w -> lay(strand, w.line(), w.finished().runs()));
        }
        return this;
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
        Laid free = new Laid(Laid.In.strand(strand), Pose.START, line, elements, thickness);
        laid.put(strand.id(), first(strand, free).orElse(free));
    }

    /** The pose of a strand's own line in the drawing, where its roots lie as told; empty for one that lies by itself. */
    public Optional<Pose> pose(Strand strand, Map<String, Pose> roots) {
        Laid own = laid.get(strand.id());
        if (own == null || own.in().equals(Laid.In.strand(strand))) {
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
        return own != null && !own.in().part() && !own.in().equals(Laid.In.strand(strand));
    }

    /** By the first of its elements that has a seat: what comes before hangs on it, what comes after is led on from it. */
    private Optional<Laid> first(Strand strand, Laid free) {
        for (Element element : strand.elements()) {
            Optional<Start> start = strand.isLaidFromBehind(element) ? Optional.empty() : start(strand, element, free);
            if (start.isPresent()) {
                return free.start(element.id())
                        .map(own -> new Laid(
                                start.get().in(),
                                start.get().pose().then(own.inverse()),
                                free.line(),
                                free.elements(),
                                free.thicknessMm()));
            }
        }
        return Optional.empty();
    }

    /**
     * Where an element begins by its seat.
     *
     * @param in what that is told in
     * @param pose there
     */
    private record Start(Laid.In in, Pose pose) {}

    private Optional<Start> start(Strand strand, Element element, Laid own) {
        return element.seated(new Seating<Optional<Start>>() {
                    @Override
                    public Optional<Start> onBody(Girth girth) {
                        return begins(girth, strand.wire().section());
                    }

                    @Override
                    public Optional<Start> over(Across across) {
                        return way(strand, across)
                                .map(w -> new Start(
                                        new Laid.In(true, across.on()),
                                        lies(across.on()).then(w.start())));
                    }

                    @Override
                    public Optional<Start> onFace(Spiral spiral) {
                        String on = spiral.seat().orElseThrow().on();
                        return surface(on)
                                .map(surface -> new Start(
                                        new Laid.In(true, on),
                                        lies(on).then(new FaceSpiral(spiral, surface, own.thicknessMm()).start())));
                    }

                    @Override
                    public Optional<Start> wound(Wrap wrap) {
                        double pitch = wrap.pitchMm(strand.wire().section().acrossMm());
                        return cut(wrap, pitch)
                                .filter(c -> !c.in().equals(Laid.In.strand(strand)))
                                .map(c ->
                                        new Start(c.in(), turns(wrap, c, own.thicknessMm(), own.of(wrap.id()), pitch)));
                    }
                })
                .flatMap(s -> s);
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

    private Optional<Surface> surface(String part) {
        return part(part)
                .flatMap(Part::body)
                .filter(b -> b.front().isPresent())
                .map(b -> surfaces.computeIfAbsent(part, id -> new Surface(new Solid(b))));
    }

    private Optional<Solid.Lie> lie(Girth girth, double thicknessMm, double acrossMm) {
        return solid(girth)
                .map(solid -> solid.lie(
                        girth.seat().orElseThrow().heightMm(),
                        girth.seat().orElseThrow().slot(),
                        (girth.offsetWires() + 0.5) * thicknessMm,
                        acrossMm));
    }

    /** How a part lies in the piece. */
    private Pose lies(String id) {
        return part(id).orElseThrow().place().pose();
    }

    /** Round a body: the way round begins at its top, to the left, or mirrored to the right. */
    private Optional<Start> begins(Girth girth, Section section) {
        Optional<Solid> solid = solid(girth);
        if (solid.isEmpty()) {
            return Optional.empty();
        }
        Solid.Lie lie = lie(girth, section.inPlaneMm(), section.acrossMm()).orElseThrow();
        Circuit circuit = solid.get().girth(lie);
        Vector3D middle = middle(circuit);
        Pose top = girth.turn() == Turn.LEFT
                ? Pose.inPlane(middle.getX(), middle.getY(), Math.PI)
                : Pose.inPlane(-middle.getX(), middle.getY(), 0);
        List<CurvePiece> before = girth.from() == 0
                ? List.of()
                : circuit.along(0, girth.from(), girth.turn().sign());
        Pose start = before.isEmpty()
                ? Pose.START
                : CentreLine.of(1, before).pieces().get(before.size() - 1).end();
        String on = girth.seat().orElseThrow().on();
        Pose raised = new Pose(new Vector3D(0, 0, lie.zMm()), Pose.START.frame());
        return Optional.of(
                new Start(new Laid.In(true, on), lies(on).then(raised).then(top).then(start)));
    }

    /** The way of wire over a face, with what lies in its way; empty where its part has no body with an outline. */
    private Optional<FaceWay.Way> way(Strand strand, Across across) {
        return surface(across.on())
                .map(surface -> faceWay(strand, across, surface).part(across.begins(), across.ends()));
    }

    private FaceWay faceWay(Strand strand, Across across, Surface surface) {
        String address = strand.id() + "." + across.id();
        FaceWay known = ways.get(address);
        if (known == null) {
            List<FaceWay> crossing = new ArrayList<>();
            for (Over other : over(across.on())) {
                if (other.across().equals(across) && other.strand().equals(strand)) {
                    break;
                }
                crossing.add(faceWay(other.strand(), other.across(), surface));
            }
            known = new FaceWay(across, surface, strand.wire().section().inPlaneMm(), lying(across.on()), crossing);
            ways.put(address, known);
        }
        return known;
    }

    /** Wire over a face, and whose. */
    private record Over(Strand strand, Across across) {}

    /** All that lies over the faces of a part, what lies beneath first. */
    private List<Over> over(String part) {
        return piece.strands().stream()
                .flatMap(s -> s.elements().stream()
                        .flatMap(e -> e.seated(Seating.faces()).flatMap(a -> a).stream())
                        .filter(a -> a.on().equals(part))
                        .map(a -> new Over(s, a)))
                .sorted(Comparator.comparing(
                        (Over o) -> o.across().over().map(on -> on ? 1 : -1).orElse(0)))
                .toList();
    }

    /** All that goes round a part. */
    private List<FaceWay.Lying> lying(String part) {
        return lying.computeIfAbsent(
                part,
                id -> piece.strands().stream()
                        .flatMap(s -> s.elements().stream()
                                .flatMap(e -> e.seated(Seating.girths()).flatMap(g -> g).stream())
                                .filter(g -> g.seat().orElseThrow().on().equals(part))
                                .flatMap(g -> lying(g, s.wire().section()).stream())
                                .collect(Collectors.toMap(FaceWay.Lying::level, l -> l, FaceWay.Lying::and))
                                .values()
                                .stream())
                        .toList());
    }

    private Optional<FaceWay.Lying> lying(Girth girth, Section section) {
        boolean left = girth.turn() == Turn.LEFT;
        return lie(girth, section.inPlaneMm(), section.acrossMm())
                .map(lie -> new FaceWay.Lying(
                        left ? girth.from() : 1 - girth.to(),
                        left ? girth.to() : 1 - girth.from(),
                        lie.zMm(),
                        lie.scale(),
                        lie.outMm(),
                        section.thicknessMm() / 2));
    }

    /**
     * What an element of a strand meets.
     *
     * @param index of the element
     * @param before the runs of the elements before it
     */
    Setting at(Strand strand, int index, List<Run> before) {
        return new Here(strand, index, before);
    }

    /**
     * What the first element of a strand meets where it is walked back.
     *
     * @param after the runs of the elements after it
     */
    Setting behind(Strand strand, List<Run> after) {
        return new Here(strand, 0, after);
    }

    /** A place along a strand, as far as it is laid. */
    private final class Here implements Setting {
        private final Strand strand;
        private final int index;
        private final List<Run> before;

        Here(Strand strand, int index, List<Run> before) {
            this.strand = strand;
            this.index = index;
            this.before = before;
        }

        private boolean isBehind() {
            return index == 0 && !before.isEmpty();
        }

        @Override
        public double strandMm(String other) {
            return piece.thicknessMm(other);
        }

        @Override
        public Optional<Circuit> round(Girth girth, double thicknessMm, double acrossMm) {
            return lie(girth, thicknessMm, acrossMm)
                    .map(l -> solid(girth).orElseThrow().girth(l));
        }

        /** As it lies so far; empty at its beginning. */
        private Optional<Laid> sofar() {
            if (before.isEmpty()) {
                return Optional.empty();
            }
            lay(strand, before);
            return Optional.of(laid.get(strand.id()));
        }

        /** Where the wire is, told in the same as a seat; empty where it lies nowhere yet. */
        private Optional<Pose> wire(Laid.In in) {
            return sofar().filter(l -> l.in().equals(in)).map(l -> isBehind() ? l.beginning() : l.end());
        }

        @Override
        public Optional<List<CurvePiece>> over(Across across, double thicknessMm) {
            Optional<Surface> surface = surface(across.on());
            if (surface.isEmpty()) {
                return Optional.empty();
            }
            FaceWay way = faceWay(strand, across, surface.get());
            Optional<Pose> here = wire(new Laid.In(true, across.on()));
            List<CurvePiece> pieces = List.of();
            boolean tight = true;
            // Where there is no room to turn at the edge the wire comes to the face further on.
            for (int i = 0; i <= EASINGS && tight; i++) {
                double begins = across.begins() + i * EASING * (across.ends() - across.begins());
                FaceWay.Way part = way.part(begins, across.ends());
                List<CurvePiece> lead = here.map(
                                h -> Biarc.between(h, lies(across.on()).then(part.start())))
                        .orElse(List.of());
                pieces = new ArrayList<>(lead);
                pieces.addAll(part.pieces());
                tight = here.isPresent() && isTight(pieces, thicknessMm / 2);
            }
            requireRoom(pieces, thicknessMm);
            return Optional.of(pieces);
        }

        @Override
        public Optional<List<CurvePiece>> drawnUp(Spiral spiral, double thicknessMm) {
            return spiral.seat()
                    .flatMap(seat -> surface(seat.on()))
                    .map(surface -> new FaceSpiral(spiral, surface, thicknessMm).pieces());
        }

        @Override
        public Optional<List<CurvePiece>> reach(Reach reach) {
            List<Element> along = strand.elements();
            if (index + 1 >= along.size()) {
                return Optional.empty();
            }
            Element next = along.get(index + 1);
            Section section = strand.wire().section();
            Optional<List<CurvePiece>> turns = next.seated(Seating.wraps())
                    .flatMap(w -> w)
                    .flatMap(w -> hosts(w, section.inPlaneMm(), w.pitchMm(section.acrossMm())))
                    .map(Hosts::lead);
            if (turns.isPresent()) {
                return turns;
            }
            return sofar().flatMap(own ->
                    start(strand, next, own).flatMap(s -> wire(s.in()).map(here -> Biarc.between(here, s.pose()))));
        }

        @Override
        public Optional<Hosts> hosts(Wrap wrap, double thicknessMm, double pitchMm) {
            if (wrap.seat().stream()
                    .flatMap(s -> s.round().stream())
                    .anyMatch(h -> strandOf(h).equals(strand.id()))) {
                sofar();
            }
            return cut(wrap, pitchMm)
                    .map(c -> wire(c.in())
                            .map(here -> led(wrap, c, thicknessMm, pitchMm, here))
                            .orElseGet(() -> new Hosts(sided(wrap, c.discs()), c.headingRad(), 0, List.of())));
        }
    }

    /** The turns begin where the wire meets the hosts with the least bending, and go on away from where it comes. */
    private static Setting.Hosts led(Wrap wrap, Cut cut, double thicknessMm, double pitchMm, Pose here) {
        double half = wrap.turns() * pitchMm / 2;
        boolean ahead = cut.at().inverse().then(here).position().getX() > half;
        Cut from = ahead ? cut.reversed(2 * half) : cut;
        List<Disc> discs = sided(wrap, from.discs());
        Circuit round = Circuit.around(discs, thicknessMm / 2);
        CurvePiece first = new Helix(new Line(1), pitchMm / round.lengthMm());
        double least = Double.POSITIVE_INFINITY;
        double trouble = 0;
        double phase = 0;
        List<CurvePiece> lead = List.of();
        for (int on = 0; on <= FURTHER && (on == 0 || trouble >= THROUGH); on++) {
            Cut there = from.moved(on * thicknessMm);
            for (int i = 0; i < PHASES; i++) {
                double share = (double) i / PHASES;
                List<CurvePiece> way =
                        Biarc.between(here, turns(wrap, there, thicknessMm, round, share, first, pitchMm));
                double bad =
                        way.stream().mapToDouble(p -> tight(p, thicknessMm)).sum()
                                + THROUGH * throughMm(from, from.at().inverse().then(here), way, thicknessMm / 2);
                double cost = way.stream()
                                .mapToDouble(p -> p.lengthMm() + p.turnRad() * thicknessMm)
                                .sum()
                        + bad;
                if (cost < least) {
                    least = cost;
                    trouble = bad;
                    phase = share;
                    lead = way;
                }
            }
        }
        requireRoom(lead, thicknessMm);
        return new Setting.Hosts(discs, from.headingRad(), phase, lead);
    }

    private static boolean isTight(List<CurvePiece> way, double radiusMm) {
        return way.stream().anyMatch(p -> p.turnRad() > 0 && p.lengthMm() / p.turnRad() < radiusMm);
    }

    /** Wire that leads to a seat may have no room to turn. */
    private static void requireRoom(List<CurvePiece> lead, double thicknessMm) {
        for (CurvePiece piece : lead) {
            double radius = piece.turnRad() == 0 ? thicknessMm : piece.lengthMm() / piece.turnRad();
            Check.that(
                    radius >= thicknessMm / 2,
                    () -> String.format(
                            Locale.ROOT,
                            "on the way to its place it would bend to %.2f mm about its middle, tighter than on its own edge",
                            radius));
        }
    }

    /** How deep a way goes into what the turns are wound round, summed over places along it, mm. */
    private static double throughMm(Cut cut, Pose begins, List<CurvePiece> way, double halfMm) {
        double through = 0;
        Pose pose = begins;
        for (CurvePiece piece : way) {
            for (int i = 1; i <= LOOKS; i++) {
                Vector3D p = pose.then(piece.at(piece.lengthMm() * i / LOOKS)).position();
                for (Disc disc : cut.discs()) {
                    double off = disc.radiusMm() + halfMm - Math.hypot(p.getY() - disc.xMm(), p.getZ() - disc.yMm());
                    through += off > TOUCHES_MM ? off : 0;
                }
            }
            pose = pose.then(piece.at(piece.lengthMm()));
        }
        return through;
    }

    /** A bend tighter than round a wire of its own thickness costs as much again. */
    private static double tight(CurvePiece piece, double thicknessMm) {
        double radius = piece.turnRad() == 0 ? Double.POSITIVE_INFINITY : piece.lengthMm() / piece.turnRad();
        return radius < LEAST_RADIUS * thicknessMm
                ? THROUGH
                : radius < thicknessMm ? piece.turnRad() * thicknessMm * (thicknessMm / radius) : 0;
    }

    private static List<Disc> sided(Wrap wrap, List<Disc> discs) {
        return wrap.turn() == Turn.LEFT ? discs : mirrored(discs);
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

    /** Where turns begin that nothing leads to: on top, half of them to either side of the middle. */
    private static Pose turns(Wrap wrap, Cut cut, double thicknessMm, List<Placed> turns, double pitchMm) {
        if (turns.isEmpty()) {
            return cut.at();
        }
        Circuit round = Circuit.around(sided(wrap, cut.discs()), thicknessMm / 2);
        return turns(wrap, cut, thicknessMm, round, 0, turns.get(0).piece(), pitchMm);
    }

    /** Where turns begin that go round from a share of the way; the first points where its hosts do in its middle. */
    private static Pose turns(
            Wrap wrap, Cut cut, double thicknessMm, Circuit round, double share, CurvePiece first, double pitchMm) {
        boolean left = wrap.turn() == Turn.LEFT;
        Disc top = Circuit.top(sided(wrap, cut.discs()));
        double x = left ? top.xMm() : -top.xMm();
        Vector3D start = new Vector3D(0, x, top.yMm() + top.radiusMm() + thicknessMm / 2);
        Vector3D heading = new Vector3D(0, left ? -1 : 1, 0);
        Rotation frame = new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_K, heading, Vector3D.PLUS_I);
        double tilt = cut.headingRad().applyAsDouble(pitchMm / 2);
        Pose base = new Pose(start, Pose.inPlane(0, 0, tilt).frame().applyTo(frame));
        List<CurvePiece> before =
                share == 0 ? List.of() : round.along(0, share, wrap.turn().sign());
        Pose begun = before.isEmpty()
                ? base
                : base.then(
                        CentreLine.of(1, before).pieces().get(before.size() - 1).end());
        return cut.at().then(begun).then(first.origin().inverse());
    }

    private static List<Disc> mirrored(List<Disc> discs) {
        return discs.stream()
                .map(d -> new Disc(-d.xMm(), d.yMm(), d.radiusMm()))
                .toList();
    }

    /** The hosts of a wrap cut across where it lies; empty where one of them is not laid, or they do not lie together. */
    private Optional<Cut> cut(Wrap wrap, double pitchMm) {
        List<String> all = wrap.seat().map(Wrap.Seat::round).orElse(List.of());
        List<String> bodies = all.stream().filter(h -> surface(h).isPresent()).toList();
        List<String> hosts = all.stream().filter(h -> !bodies.contains(h)).toList();
        if (all.isEmpty() || hosts.stream().anyMatch(h -> line(h).isEmpty())) {
            return Optional.empty();
        }
        if (hosts.isEmpty()) {
            return Optional.of(onBody(wrap, bodies.get(0), pitchMm));
        }
        Laid first = laid.get(strandOf(hosts.get(0)));
        double half = wrap.turns() * pitchMm / 2;
        double middle = first.along(hosts.get(0), wrap.seat().orElseThrow().at());
        Optional<Pose> crossing = hosts.size() == 2 ? crossing(first, hosts, middle) : Optional.empty();
        double from = middle - half;
        Pose back = new Pose(new Vector3D(-half, 0, 0), Rotation.IDENTITY);
        Pose at = crossing.map(c -> c.then(back)).orElseGet(() -> first.pose().then(first.at(from)));
        List<Disc> discs = new ArrayList<>();
        for (String host : hosts) {
            Laid own = laid.get(strandOf(host));
            if (!own.in().equals(first.in())) {
                return Optional.empty();
            }
            List<Passing> through = together(through(own, host, at), own.thicknessMm());
            Passing nearest = through.get(0);
            List<Disc> strays = strays(own, host, at, nearest, 2 * half);
            double askew =
                    strays.isEmpty() ? 1 : Math.max(Math.abs(nearest.way().getX()), LEAST_ROUND);
            for (Passing passing : through) {
                discs.add(new Disc(passing.at().getY(), passing.at().getZ(), own.thicknessMm() / 2 / askew));
            }
            discs.addAll(strays);
        }
        for (String body : bodies) {
            if (first.in().equals(new Laid.In(true, body))) {
                discs.addAll(section(body, at, half));
            }
        }
        wrap.cordBeside(discs.get(0)).ifPresent(discs::add);
        return Optional.of(new Cut(first.in(), at, discs, mm -> {
            if (crossing.isPresent()) {
                return 0;
            }
            Vector3D heading = at.frame()
                    .applyInverseTo(first.pose().then(first.at(from + mm)).heading());
            return Math.atan2(heading.getY(), heading.getX());
        }));
    }

    /** Turns on nothing but a body, along its height: from its back to its front. */
    private Cut onBody(Wrap wrap, String part, double pitchMm) {
        Solid solid = surfaces.get(part).solid();
        double middle = solid.fromMm() + wrap.seat().orElseThrow().at() * (solid.toMm() - solid.fromMm());
        double half = wrap.turns() * pitchMm / 2;
        Rotation upright = new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_J, Vector3D.PLUS_K, Vector3D.PLUS_I);
        Pose at = lies(part).then(new Pose(new Vector3D(0, 0, middle - half), upright));
        return new Cut(new Laid.In(true, part), at, section(part, at, half), mm -> 0);
    }

    /** A body cut across where turns lie on it, where it is widest under them: its corners, or the round that it is. */
    private List<Disc> section(String part, Pose at, double halfMm) {
        Solid solid = surfaces.get(part).solid();
        Pose local = lies(part).inverse().then(at);
        double least = local.position().getZ();
        double most = local.then(new Pose(new Vector3D(2 * halfMm, 0, 0), Rotation.IDENTITY))
                .position()
                .getZ();
        double low = Math.min(Math.max(Math.min(least, most), solid.fromMm()), solid.toMm());
        double middle = Math.min(Math.max(0, low), Math.min(Math.max(least, most), solid.toMm()));
        double z = solid.scale(middle) > solid.scale(low) ? middle : low;
        Outline front = solid.body().front().orElseThrow();
        Pose back = local.inverse();
        if (Surface.isRound(front)) {
            Vector3D axis = back.at(new Vector3D(0, 0, z));
            return List.of(new Disc(axis.getY(), axis.getZ(), solid.scale(z) * Math.sqrt(front.areaMm2() / Math.PI)));
        }
        return Solid.way(front, FINE_RAD).stream()
                .map(p -> back.at(new Vector3D(solid.scale(z) * p[0], solid.scale(z) * p[1], z)))
                .map(p -> new Disc(p.getY(), p.getZ(), 0))
                .toList();
    }

    /**
     * Two wires that cross are bound where they come closest, square to the way between both; empty where they lie along each other at the place that
     * is said.
     */
    private Optional<Pose> crossing(Laid first, List<String> hosts, double middleMm) {
        Laid other = laid.get(strandOf(hosts.get(1)));
        if (!other.in().equals(first.in())) {
            return Optional.empty();
        }
        List<Pose> ways = new ArrayList<>();
        for (int i = 0; i <= MEETS; i++) {
            ways.add(other.pose().then(other.at(other.along(hosts.get(1), (double) i / MEETS))));
        }
        Pose asked = first.pose().then(first.at(middleMm));
        Pose beside = nearest(ways, asked);
        double together = TOGETHER * (first.thicknessMm() + other.thicknessMm()) / 2;
        if (Vector3D.distance(beside.position(), asked.position()) <= together && isAlong(asked, beside)) {
            return Optional.empty();
        }
        Pose best = asked;
        for (int i = 0; i <= MEETS; i++) {
            Pose here = first.pose().then(first.at(first.along(hosts.get(0), (double) i / MEETS)));
            Pose there = nearest(ways, here);
            if (Vector3D.distance(there.position(), here.position())
                    < Vector3D.distance(beside.position(), best.position())) {
                best = here;
                beside = there;
            }
        }
        if (isAlong(best, beside)) {
            return Optional.of(best);
        }
        double side = Math.signum(best.heading().dotProduct(beside.heading()));
        Vector3D between =
                best.heading().add(side == 0 ? 1 : side, beside.heading()).normalize();
        Vector3D up = best.heading().crossProduct(beside.heading());
        Vector3D left = up.crossProduct(between).normalize();
        return Optional.of(new Pose(best.position(), new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_J, between, left)));
    }

    private static boolean isAlong(Pose one, Pose other) {
        return Math.abs(one.heading().dotProduct(other.heading())) > 1 - STRAYS * STRAYS / 2;
    }

    private static Pose nearest(List<Pose> ways, Pose to) {
        return ways.stream()
                .min(Comparator.comparingDouble(p -> Vector3D.distance(p.position(), to.position())))
                .orElseThrow();
    }

    /** A host that crosses the first is bound in as far as it strays under the turns. */
    private List<Disc> strays(Laid own, String host, Pose at, Passing begins, double alongMm) {
        Vector3D way = begins.way();
        List<Disc> discs = new ArrayList<>();
        double ahead = Math.abs(way.getX());
        if (ahead < LEAST_AHEAD || Math.hypot(way.getY(), way.getZ()) < STRAYS * ahead) {
            return discs;
        }
        for (double share : STRAYED) {
            Vector3D straight = begins.at().add(share * alongMm / way.getX(), way);
            Pose on = at.then(new Pose(new Vector3D(share * alongMm, 0, 0), Rotation.IDENTITY));
            Vector3D there = through(own, host, on).get(0).at();
            boolean near =
                    Math.hypot(there.getY() - straight.getY(), there.getZ() - straight.getZ()) < own.thicknessMm();
            Vector3D bound = near ? there : straight;
            // Cut askew it is as wide again as it is askew.
            discs.add(new Disc(bound.getY(), bound.getZ(), own.thicknessMm() / 2 / Math.max(ahead, LEAST_ROUND)));
        }
        return discs;
    }

    private Optional<List<Placed>> line(String host) {
        return Optional.ofNullable(laid.get(strandOf(host)))
                .map(l -> l.of(host.substring(host.indexOf('.') + 1)))
                .filter(l -> !l.isEmpty());
    }

    private static String strandOf(String address) {
        return address.substring(0, Math.max(0, address.indexOf('.')));
    }

    /**
     * A wire that passes a plane.
     *
     * @param at where
     * @param way it goes there, of length 1
     */
    private record Passing(Vector3D at, Vector3D way) {
        private double offMm(Passing other) {
            return Math.hypot(at.getY() - other.at.getY(), at.getZ() - other.at.getZ());
        }
    }

    /**
     * Where a host passes the plane across a pose, told in that pose: the nearest place first. Where it never does, its nearest place.
     */
    private List<Passing> through(Laid own, String host, Pose at) {
        Pose local = at.inverse().then(own.pose());
        List<Passing> passings = new ArrayList<>();
        Vector3D nearest = null;
        for (Placed placed : line(host).orElseThrow()) {
            Vector3D before = null;
            int steps = CentreLine.steps(placed.piece(), FINE_RAD, 2);
            Pose origin = placed.start().then(placed.piece().origin());
            for (int i = 0; i <= steps; i++) {
                Vector3D here = local.at(origin.then(placed.piece().aboutOrigin((double) i / steps))
                        .position());
                nearest = nearest == null || here.getNormSq() < nearest.getNormSq() ? here : nearest;
                if (before != null && before.getX() * here.getX() <= 0 && before.getX() != here.getX()) {
                    double part = before.getX() / (before.getX() - here.getX());
                    Vector3D way = here.subtract(before);
                    passings.add(new Passing(before.add(part, way), way.normalize()));
                }
                before = here;
            }
        }
        if (passings.isEmpty()) {
            return List.of(new Passing(new Vector3D(0, nearest.getY(), nearest.getZ()), Vector3D.PLUS_I));
        }
        Passing first = passings.stream()
                .min(Comparator.comparingDouble(p -> p.at().getNormSq()))
                .orElseThrow();
        passings.remove(first);
        passings.add(0, first);
        return passings;
    }

    /** The first of the places where a host passes, and those of its turns that lie against it there, so many at most. */
    private static List<Passing> together(List<Passing> passings, double thicknessMm) {
        List<Passing> together = new ArrayList<>(passings.subList(0, 1));
        List<Passing> left = new LinkedList<>(passings.subList(1, passings.size()));
        for (int i = 0; i < together.size() && together.size() < MOST_TOGETHER; i++) {
            Passing bound = together.get(i);
            for (Iterator<Passing> others = left.iterator(); others.hasNext(); ) {
                Passing other = others.next();
                double off = bound.offMm(other);
                if (off <= TOGETHER * thicknessMm) {
                    others.remove();
                    if (off > thicknessMm / 2) {
                        together.add(other);
                    }
                }
            }
        }
        return together;
    }
}
