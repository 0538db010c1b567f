package org.etui.core.verify;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;
import org.etui.core.element.Across;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Kind;
import org.etui.core.element.Knit;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Paddle;
import org.etui.core.element.Reach;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;
import org.etui.core.piece.Body;
import org.etui.core.piece.FoldedSheet;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.section.WireSection;
import org.hipparchus.exception.MathRuntimeException;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;

/** What a document has to hold beyond the limits of its single fields: names that meet, sizes that go together. */
public final class PieceChecks {
    private static final double SAME_MM = 1e-6;

    /** Moments that are no name of an element or a work. */
    private static final Set<String> MOMENTS = Set.of("start", "forming");

    /** Turning more than this in all, degrees, is refused: no bench piece comes near. */
    private static final double MOST_TURN_DEG = 360.0 * 2000;

    private static final double MOST_CORNER_MM = 1000;

    private final List<Violation> violations = new ArrayList<>();
    private final Piece piece;

    private PieceChecks(Piece piece) {
        this.piece = piece;
    }

    /** Every violation, empty if there is none. */
    public static List<Violation> of(Piece piece) {
        PieceChecks checks = new PieceChecks(piece);
        checks.look();
        return List.copyOf(checks.violations);
    }

    /** @throws BadInput with every violation, if there is one */
    public static void require(Piece piece) {
        List<Violation> violations = of(piece);
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
    }

    private void look() {
        unique("strands", piece.strands().stream().map(Strand::id).toList());
        unique("parts", piece.parts().stream().map(Part::id).toList());
        unique("work", piece.work().stream().map(Work::id).toList());
        for (int i = 0; i < piece.tags().size(); i++) {
            tag(
                    "tags." + i,
                    piece.tags().get(i),
                    piece.tags().indexOf(piece.tags().get(i)) < i);
        }
        for (int i = 0; i < piece.strands().size(); i++) {
            strand("strands." + i, piece.strands().get(i));
        }
        for (int i = 0; i < piece.work().size(); i++) {
            work("work." + i, piece.work().get(i));
        }
        for (int i = 0; i < piece.parts().size(); i++) {
            part("parts." + i, piece.parts().get(i));
        }
        for (int i = 0; i < piece.joins().size(); i++) {
            place("joins." + i + ".a", piece.joins().get(i).a());
            place("joins." + i + ".b", piece.joins().get(i).b());
        }
    }

    private void tag(String path, String tag, boolean again) {
        if (tag.isBlank() || tag.length() > Piece.MOST_TAG) {
            bad(path, tag, "must be 1 to " + Piece.MOST_TAG + " characters");
        } else if (again) {
            bad(path, tag, "must be there once");
        }
    }

    private void part(String path, Part part) {
        part.on().ifPresent(on -> place(path + ".on", on));
        part.body().ifPresent(body -> body(path + ".body", body));
    }

    private void body(String path, Body body) {
        body.front().ifPresent(front -> outline(path + ".outline", front));
        boolean solid = true;
        try {
            body.front().ifPresent(Solid::way);
            new Solid(body).volumeMm3();
        } catch (IllegalArgumentException | MathRuntimeException impossible) {
            bad(path, "body", "its measures make no solid: " + impossible.getMessage());
            solid = false;
        }
        if (body instanceof Body.Cabochon c && c.girdleMm() > c.heightMm()) {
            bad(path + ".girdleMm", c.girdleMm(), "must be at most the height, " + c.heightMm() + " mm");
        } else if (body instanceof Body.Slab s && s.edgeMm() > s.thicknessMm() / 2) {
            bad(path + ".edgeMm", s.edgeMm(), "must be at most half the thickness, " + s.thicknessMm() / 2 + " mm");
        } else if (body instanceof Body.Point p && p.tipMm() > p.lengthMm()) {
            bad(path + ".tipMm", p.tipMm(), "must be at most the length, " + p.lengthMm() + " mm");
        } else if (body instanceof Body.Bead b && b.hole().diameterMm() >= b.diameterMm()) {
            bad(
                    path + ".hole.diameterMm",
                    b.hole().diameterMm(),
                    "must be below the diameter of the bead, " + b.diameterMm() + " mm");
        } else if (solid && body instanceof Body.Sheet sheet) {
            folds(path, new FoldedSheet(sheet));
        }
    }

    /** Folds lie on the sheet, one above the other. */
    private void folds(String path, FoldedSheet folded) {
        double most = folded.halfMm();
        double from = -most;
        for (Body.Fold fold : folded.folds()) {
            double half = folded.takesMm(fold) / 2;
            if (fold.atMm() - half < from - SAME_MM || fold.atMm() + half > most + SAME_MM) {
                bad(
                        path + ".folds." + folded.sheet().folds().indexOf(fold) + ".atMm",
                        fold.atMm(),
                        String.format(
                                Locale.ROOT,
                                "must leave the fold its %.2f mm, between the fold or edge below it and the edge above, %.2f to %.2f mm",
                                2 * half,
                                from,
                                most));
                return;
            }
            from = fold.atMm() + half;
        }
    }

    private void strand(String path, Strand strand) {
        List<String> ids = strand.elements().stream().map(Element::id).toList();
        unique(path + ".elements", ids);
        for (int i = 0; i < ids.size(); i++) {
            if (MOMENTS.contains(ids.get(i))) {
                bad(path + ".elements." + i + ".id", ids.get(i), "must not be start or forming: these name moments");
            }
            possible(path + ".elements." + i, strand.elements().get(i), strand);
        }
        for (int i = 0; i < strand.order().size(); i++) {
            String id = strand.order().get(i);
            if (!ids.contains(id)) {
                bad(path + ".order." + i, id, "must be an element of the strand: " + String.join(", ", ids));
            } else if (strand.order().indexOf(id) != i) {
                bad(path + ".order." + i, id, "must stand only once");
            }
        }
        if (strand.matched() && strand.count() % 2 != 0) {
            bad(path + ".count", strand.count(), "must be even where wires are matched in pairs");
        }
        if (strand.elements().stream().allMatch(e -> e.handling().trimmedAfter().isPresent())) {
            bad(path + ".elements", "only leads", "must hold at least one element that stays");
        }
        double turns = strand.elements().stream()
                .mapToDouble(e -> Math.toDegrees(e.winding().turnRad()))
                .sum();
        if (turns > MOST_TURN_DEG) {
            bad(
                    path + ".elements",
                    turns + " degrees in all",
                    "must turn at most " + MOST_TURN_DEG + " degrees in all");
        }
    }

    /** Each measure may be allowed and what they come to together none. */
    private void possible(String path, Element element, Strand strand) {
        try {
            element(path, element, strand);
        } catch (IllegalArgumentException | MathRuntimeException impossible) {
            bad(path, element.kind(), "its measures make no form in this wire: " + impossible.getMessage());
        }
    }

    private void element(String path, Element element, Strand strand) {
        element.accept(new OfKind(path, strand));
        element.handling().flattenedToMm().ifPresent(to -> flattened(path + ".toMm", to, strand));
        element.handling()
                .trimmedAfter()
                .filter(after -> !after.equals("forming") && !isWork(after))
                .ifPresent(after -> bad(path + ".trimAfter", after, "must be forming or the id of a work"));
    }

    /** What has to go together in each kind. */
    private final class OfKind implements Kind.Visitor<Void> {
        private final String path;
        private final Strand strand;

        OfKind(String path, Strand strand) {
            this.path = path;
            this.strand = strand;
        }

        @Override
        public Void spiral(Spiral spiral) {
            PieceChecks.this.spiral(path, spiral, strand.wire().section().inPlaneMm());
            return null;
        }

        @Override
        public Void coil(Coil coil) {
            pitch(path, coil.pitchMm(), strand);
            return null;
        }

        @Override
        public Void wrap(Wrap wrap) {
            pitch(path, wrap.pitchMm(), strand);
            core(path + ".core", wrap.core());
            wrap.seat().ifPresent(seat -> hosts(path + ".seat.round", seat.round(), strand.id() + "." + wrap.id()));
            return null;
        }

        @Override
        public Void girth(Girth girth) {
            PieceChecks.this.girth(path, girth);
            girth.seat()
                    .filter(s -> piece.parts().stream().noneMatch(p -> p.id().equals(s.on())))
                    .ifPresent(s -> bad(path + ".seat.on", s.on(), "must be a part of the piece"));
            return null;
        }

        @Override
        public Void across(Across across) {
            if (piece.parts().stream().noneMatch(p -> p.id().equals(across.on()))) {
                bad(path + ".on", across.on(), "must be a part of the piece");
            } else if (piece.parts().stream()
                    .filter(p -> p.id().equals(across.on()))
                    .noneMatch(p -> p.body().flatMap(Body::front).isPresent())) {
                bad(path + ".on", across.on(), "must be a part whose body has an outline");
            }
            if (across.ends() <= across.begins()) {
                bad(path + ".ends", across.ends(), "must be above begins, " + across.begins());
            }
            if (across.from() == across.to()) {
                bad(path + ".to", across.to(), "must be another place than from");
            }
            return null;
        }

        @Override
        public Void reach(Reach reach) {
            List<Element> along = strand.elements();
            int at = along.indexOf(reach);
            if (along.subList(at + 1, along.size()).stream()
                    .findFirst()
                    .filter(e -> !e.sitsOn().isEmpty())
                    .isEmpty()) {
                bad(path, "reach", "must be followed by an element with a seat");
            }
            return null;
        }

        @Override
        public Void twist(Twist twist) {
            if (!twist.isAlone()) {
                PieceChecks.this.twist(path, twist, strand);
            }
            return null;
        }

        @Override
        public Void knit(Knit knit) {
            return null;
        }

        @Override
        public Void ball(Ball ball) {
            PieceChecks.this.ball(path, ball, strand);
            return null;
        }

        @Override
        public Void bend(Bend bend) {
            if (bend.insideMm() > MOST_CORNER_MM) {
                bad(path + ".insideMm", bend.insideMm(), "must be at most 1000 mm for a corner");
            }
            return null;
        }

        @Override
        public Void straight(Straight straight) {
            return null;
        }

        @Override
        public Void arc(Arc arc) {
            return null;
        }

        @Override
        public Void loop(Loop loop) {
            return null;
        }

        @Override
        public Void curl(Curl curl) {
            return null;
        }

        @Override
        public Void paddle(Paddle paddle) {
            return null;
        }

        @Override
        public Void lead(Lead lead) {
            return null;
        }
    }

    /** Exactly one of turns, outside and length; where two are given, the words say what the first makes of the others. */
    private void spiral(String path, Spiral spiral, double thicknessMm) {
        boolean open = spiral.centre() == Spiral.Centre.OPEN;
        if (open != spiral.insideMm().isPresent()) {
            bad(
                    path + ".insideMm",
                    spiral.insideMm(),
                    open ? "must be given for an open centre" : "must be left out for a closed centre");
            return;
        }
        long given = Stream.of(spiral.turns(), spiral.outsideMm(), spiral.lengthMm())
                .filter(OptionalDouble::isPresent)
                .count();
        if (given == 0) {
            bad(path, "no size", "one of turns, outsideMm, lengthMm must be given");
        } else if (given > 1) {
            bad(
                    path,
                    given + " sizes",
                    "only one of turns, outsideMm, lengthMm may be given: " + makes(spiral, thicknessMm));
        } else if (!(spiral.turnsIn(thicknessMm) > 0.05 && spiral.turnsIn(thicknessMm) <= 500)) {
            bad(
                    path + (spiral.outsideMm().isPresent() ? ".outsideMm" : ".turns"),
                    spiral.outsideMm().isPresent() ? spiral.outsideMm().getAsDouble() : spiral.turnsIn(thicknessMm),
                    "must make between 0.05 and 500 turns in this wire");
        }
    }

    /** What the first size given comes to, beside the second. */
    private static String makes(Spiral spiral, double thicknessMm) {
        OptionalDouble none = OptionalDouble.empty();
        Spiral first = spiral.turns().isPresent()
                ? spiral.sizedBy(spiral.turns(), none, none)
                : spiral.sizedBy(none, spiral.outsideMm(), none);
        String size = spiral.turns().isPresent()
                ? plain(first.turnsIn(thicknessMm)) + " "
                        + (spiral.centre() == Spiral.Centre.CLOSED ? "closed" : "open") + " turns"
                : plain(spiral.outsideMm().getAsDouble()) + " mm across";
        List<String> others = new ArrayList<>();
        if (spiral.turns().isPresent() && spiral.outsideMm().isPresent()) {
            others.add(String.format(
                    Locale.ROOT,
                    "make %.1f mm across, not %s",
                    first.outsideIn(thicknessMm),
                    plain(spiral.outsideMm().getAsDouble())));
        }
        if (spiral.lengthMm().isPresent()) {
            others.add(String.format(
                    Locale.ROOT,
                    "take %.1f mm of length, not %s",
                    first.lengthIn(thicknessMm),
                    plain(spiral.lengthMm().getAsDouble())));
        }
        return String.format(Locale.ROOT, "%s in %.1f mm wire %s", size, thicknessMm, String.join(" and ", others));
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }

    private void pitch(String path, double pitchMm, Strand strand) {
        double across = strand.wire().section().acrossMm();
        if (pitchMm > 0 && pitchMm < across) {
            bad(
                    path + ".pitchMm",
                    pitchMm,
                    "must be 0 for touching turns, or at least the wire's own " + across + " mm");
        }
    }

    /** Turns go round wire or parts of the piece, not round themselves. */
    private void hosts(String path, List<String> round, String own) {
        for (int i = 0; i < round.size(); i++) {
            place(path + "." + i, round.get(i));
            if (round.get(i).equals(own)) {
                bad(path + "." + i, own, "must not be the element itself");
            }
        }
    }

    private void core(String path, Wrap.Core core) {
        long given = Stream.of(core.cordMm(), core.stemMm(), core.diameterMm())
                .filter(OptionalDouble::isPresent)
                .count();
        if (given != 1 || core.wires().isPresent() != core.diameterMm().isPresent()) {
            bad(path, given + " cores", "exactly one of cordMm, stemMm, or wires with diameterMm must be given");
        }
    }

    private void girth(String path, Girth girth) {
        if (girth.to() <= girth.from()) {
            bad(path + ".to", girth.to(), "must be above from, " + girth.from());
        }
        outline(path + ".outline", girth.outline());
    }

    private void outline(String outline, Outline front) {
        if (front instanceof Outline.Drop drop && drop.lengthMm() < drop.widthMm()) {
            bad(
                    outline + ".lengthMm",
                    drop.lengthMm(),
                    "must be at least the width of a drop, " + drop.widthMm() + " mm");
        } else if (front instanceof Outline.Shard shard && shard.pointMm() > shard.lengthMm()) {
            bad(
                    outline + ".lengthMm",
                    shard.lengthMm(),
                    String.format(
                            Locale.ROOT,
                            "must be at least %.1f mm: the point alone is that long at %s degrees",
                            shard.pointMm(),
                            plain(shard.pointDeg())));
        } else if (front instanceof Outline.Rectangle r && r.cornerMm() > Math.min(r.lengthMm(), r.widthMm()) / 2) {
            bad(
                    outline + ".cornerMm",
                    r.cornerMm(),
                    "must be at most half the shorter side, " + Math.min(r.lengthMm(), r.widthMm()) / 2 + " mm");
        } else if (front instanceof Outline.Polygon polygon) {
            corners(outline + ".points", polygon.points());
        } else if (front instanceof Outline.Traced traced) {
            corners(outline + ".points", traced.straight());
        }
    }

    private void corners(String path, List<Outline.Point> points) {
        List<Coordinate> ring = new ArrayList<>(
                points.stream().map(p -> new Coordinate(p.xMm(), p.yMm())).toList());
        ring.add(ring.get(0));
        Polygon shape = new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
        IsValidOp valid = new IsValidOp(shape);
        if (!valid.isValid()) {
            Coordinate at = valid.getValidationError().getCoordinate();
            bad(
                    path,
                    ring.size() - 1 + " corners",
                    String.format(
                            Locale.ROOT, "must not cross or touch itself: it does near x %.1f, y %.1f mm", at.x, at.y));
        } else if (!(shape.getArea() > 0)) {
            bad(path, ring.size() - 1 + " corners", "must enclose an area");
        }
    }

    private void twist(String path, Twist twist, Strand strand) {
        if (twist.with().equals(strand.id()) || piece.strand(twist.with()).isEmpty()) {
            bad(path + ".with", twist.with(), "must be itself, or another strand of the piece");
            return;
        }
        double both = strand.wire().section().inPlaneMm() + piece.thicknessMm(twist.with());
        if (twist.lengthMm() / twist.turns() < both) {
            bad(
                    path + ".turns",
                    twist.turns(),
                    String.format(
                            Locale.ROOT,
                            "must be at most %.1f on %s mm: a turn of the two wires takes at least %.2f mm",
                            Math.floor(10 * twist.lengthMm() / both) / 10,
                            plain(twist.lengthMm()),
                            both));
        }
    }

    private void ball(String path, Ball ball, Strand strand) {
        int at = strand.elements().indexOf(ball);
        if (at != 0 && at != strand.elements().size() - 1) {
            bad(path + ".kind", "ball", "must be the first or the last element: it heads a pin");
        }
        if (ball.diameterMm() < strand.wire().section().thicknessMm()) {
            bad(
                    path + ".diameterMm",
                    ball.diameterMm(),
                    "must be at least the wire's thickness, "
                            + strand.wire().section().thicknessMm() + " mm");
        }
    }

    private void flattened(String path, double toMm, Strand strand) {
        WireSection wire = strand.wire().section();
        if (toMm >= wire.thicknessMm()) {
            bad(path, toMm, "must be below the thickness of the wire, " + wire.thicknessMm() + " mm");
        } else if (toMm < wire.thicknessMm() / 4) {
            bad(path, toMm, "must be at least a quarter of the wire's thickness, " + wire.thicknessMm() / 4 + " mm");
        }
    }

    private void blank(String path, String part) {
        if (piece.parts().stream().noneMatch(p -> p.id().equals(part) && p.kind() == PartKind.BLANK)) {
            bad(path + ".part", part, "must be a blank among the parts");
        }
    }

    private void work(String path, Work work) {
        if (!work.strand().isEmpty() && piece.strand(work.strand()).isEmpty()) {
            bad(path + ".strand", work.strand(), "must be a strand of the piece");
            return;
        }
        List<Strand> strands = piece.strands().stream()
                .filter(s -> work.strand().isEmpty() || s.id().equals(work.strand()))
                .toList();
        Set<String> ids = strands.stream()
                .flatMap(s -> s.elements().stream())
                .map(Element::id)
                .collect(Collectors.toSet());
        for (int i = 0; i < work.elements().size(); i++) {
            if (!ids.contains(work.elements().get(i))) {
                bad(path + ".elements." + i, work.elements().get(i), "must be an element of the strand");
            }
        }
        if (!MOMENTS.contains(work.after()) && !ids.contains(work.after()) && !isWork(work.after())) {
            bad(path + ".after", work.after(), "must be start, forming, an element id or another work id");
        }
        if (!ids.contains(work.after()) && circular(work)) {
            bad(path + ".after", work.after(), "must not come round to itself");
        }
        work.act().doing().thinsToMm().ifPresent(to -> strands.forEach(s -> flattened(path + ".toMm", to, s)));
        work.act().doing().blank().ifPresent(part -> blank(path, part));
    }

    private boolean circular(Work work) {
        Map<String, String> after =
                piece.work().stream().collect(Collectors.toMap(Work::id, Work::after, (first, second) -> first));
        Set<String> seen = new HashSet<>();
        String at = work.id();
        while (after.containsKey(at)) {
            if (!seen.add(at)) {
                return true;
            }
            at = after.get(at);
        }
        return false;
    }

    private boolean isWork(String id) {
        return piece.work().stream().anyMatch(w -> w.id().equals(id));
    }

    private void place(String path, String address) {
        boolean part = piece.parts().stream().anyMatch(p -> p.id().equals(address));
        int dot = address.indexOf('.');
        boolean element = dot > 0
                && piece.strand(address.substring(0, dot))
                        .flatMap(s -> s.element(address.substring(dot + 1)))
                        .isPresent();
        if (!part && !element) {
            bad(path, address, "must be strand.element or a part of the piece");
        }
    }

    private void unique(String path, List<String> ids) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < ids.size(); i++) {
            String id = ids.get(i);
            if (id.isBlank() || id.contains(".")) {
                bad(path + "." + i + ".id", id, "must have at least one letter or digit and no full stop");
            } else if (!seen.add(id)) {
                bad(path + "." + i + ".id", id, "must not stand twice");
            }
        }
    }

    private void bad(String path, Object value, String limit) {
        violations.add(new Violation(path, String.valueOf(value), limit));
    }
}
