package org.etui.core.sequence;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.piece.Body;
import org.etui.core.piece.FoldedSheet;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Work;
import org.etui.core.tool.Toolbox;

/**
 * Writes the steps of sheet: cut out, pierced, dimpled, folded.
 *
 * @param format how lengths are written
 * @param box the tools owned
 */
record SheetWords(LengthFormat format, Toolbox box) {
    private static final double ON_THE_LINE_MM = 1e-3;

    /** Nearer to the middle than that nobody marks a hole, mm. */
    private static final double LEAST_ASIDE_MM = 0.05;

    /** What is done to a sheet shape that is not said. */
    Act.Visitor<Draft> done(String id) {
        return new OnBlank(id, Optional.empty());
    }

    /** What is done to a bought sheet shape; empty for work on wire. */
    Optional<Draft> ofBlank(Piece piece, Work work) {
        return work.act()
                .doing()
                .blank()
                .flatMap(id ->
                        piece.parts().stream().filter(p -> p.id().equals(id)).findFirst())
                .map(part -> work.act().accept(new OnBlank(work.id(), Optional.of(part))));
    }

    /** Cutting a blank out of sheet; empty for one that is bought as it is. */
    Optional<Draft> cutOut(Part part) {
        if (part.kind() != PartKind.BLANK || !(part.body().orElse(null) instanceof Body.Sheet sheet)) {
            return Optional.empty();
        }
        int count = part.count();
        double edgeMm = sheet.outline().round(ON_THE_LINE_MM).lengthMm();
        boolean pairs = count > 1;
        return Optional.of(Draft.whole(
                        "cut-out " + part.id(),
                        "Cut out " + new OnBlank("", Optional.of(part)).what(part.id()),
                        "shears or saw, flat file")
                .kind(Step.Kind.CUT)
                .text("Glue on or draw round its shape from the printed sheet shapes, "
                        + (pairs ? count + " times" : "once")
                        + ", cut a little outside the line and file down to it"
                        + (pairs
                                ? "; hold two on each other in the vice and file them as one, so that they are a pair"
                                : "")
                        + ". Break the edges with fine paper. One takes about "
                        + format.say(edgeMm, 0) + " of edge.")
                .check(
                        pairs
                                ? "Laid on each other every pair shows one edge all round."
                                : "Its edge is smooth to the fingertip.")
                .caution("Wear safety glasses; sheet has sharp corners until they are filed.")
                .minutes(count * Minutes.cuttingOut(edgeMm)));
    }

    /** Folding what was cut out and pierced; empty for what stays flat. */
    Optional<Draft> fold(Part part) {
        return FoldedSheet.of(part).map(sheet -> {
            double low = sheet.halfMm();
            String folds = sheet.folds().stream()
                    .map(f -> String.format(
                            Locale.ROOT,
                            "at %s from the lower edge %.0f° to the %s, %s",
                            format.write(low + f.atMm(), Rounding.NEAREST),
                            Math.abs(f.upDeg()),
                            f.upDeg() > 0 ? "front" : "back",
                            rounding(f)))
                    .collect(Collectors.joining("; "));
            return Draft.whole(
                            "fold " + part.id(),
                            "Fold " + new OnBlank("", Optional.of(part)).what(part.id()),
                            "flat-nose pliers or vice, round-nose pliers")
                    .kind(Step.Kind.WORK)
                    .text(
                            "Scribe the fold lines. From below upward: " + folds
                                    + ". Bend over a rod or jaw of that rounding, the line in the middle of the bend; sheet that is bent back and forth breaks.")
                    .check(
                            "Walls that face each other are parallel, and a rod goes straight through holes that belong together.")
                    .minutes(part.count() * sheet.folds().size() * Minutes.A_FOLD);
        });
    }

    private String rounding(Body.Fold fold) {
        return fold.insideMm() < LEAST_ASIDE_MM
                ? "sharp"
                : "over " + format.write(2 * fold.insideMm(), Rounding.NEAREST);
    }

    /** What is done to a bought sheet shape, in words. */
    private final class OnBlank implements Act.Visitor<Draft> {
        private final String id;
        private final Optional<Part> part;

        OnBlank(String id, Optional<Part> part) {
            this.id = id;
            this.part = part;
        }

        private int count() {
            return part.map(Part::count).orElse(1);
        }

        /** What it is done to, such as {@code the disc}, {@code all 4 of the disc}. */
        private String what(String name) {
            String one = part.map(Part::label).orElse(name.replace('-', ' '));
            return count() == 1
                    ? "the " + one
                    : count() == 2 ? "both of the " + one : "all " + count() + " of the " + one;
        }

        /** Where the holes are: said from the middle, or the middle itself. */
        private String places(double mm) {
            List<String> marks = wide(mm).stream()
                    .map(h -> Stream.of(
                                    aside(h.atMm().get(0), "right", "left"),
                                    aside(h.atMm().get(1), "up", "down"))
                            .flatMap(Optional::stream)
                            .collect(Collectors.joining(", ")))
                    .map(m -> m.isEmpty() ? "the middle itself" : m)
                    .toList();
            return marks.stream().allMatch("the middle itself"::equals)
                    ? "Mark the middle"
                    : "Mark from the middle: " + String.join("; ", marks);
        }

        private Optional<String> aside(double mm, String plus, String minus) {
            return Math.abs(mm) < LEAST_ASIDE_MM
                    ? Optional.empty()
                    : Optional.of(format.write(Math.abs(mm), Rounding.NEAREST) + " " + (mm < 0 ? minus : plus));
        }

        private String pairs(String alike) {
            return count() > 1 ? " Lay the two of every pair on each other: " + alike + "." : "";
        }

        /** Other acts are done to a blank as to wire: struck flat on the block. */
        private Draft struck(Act act) {
            return Draft.whole(act.op() + " " + id, act.doing().verb(), "hammer, bench block");
        }

        @Override
        public Draft pierce(Act.Pierce pierce) {
            boolean several = part.flatMap(Part::body).stream()
                    .flatMap(b -> b.holes().stream())
                    .anyMatch(h -> Math.abs(h.diameterMm() - pierce.diameterMm()) >= LEAST_ASIDE_MM);
            String size = several ? ", " + hundredths(pierce.diameterMm()) : "";
            return Draft.whole("pierce " + id, "Pierce " + what(pierce.part()) + size, "hole punch or drill, block")
                    .text(places(pierce.diameterMm()) + ", then punch or drill " + hundredths(pierce.diameterMm())
                            + ", about " + format.say(1, 0) + " from the edge or further in.")
                    .check("No burr on either side."
                            + pairs(
                                    wide(pierce.diameterMm()).size() > 1
                                            ? "every hole lies on the other's"
                                            : "hole lies on hole"))
                    .caution("Wear safety glasses; clamp the sheet, never hold it by hand.")
                    .minutes(count()
                            * Minutes.PIERCE
                            * Math.max(1, wide(pierce.diameterMm()).size()));
        }

        /** Its holes of a width; all of them where none is as wide. */
        private List<Body.Hole> wide(double mm) {
            List<Body.Hole> all = part.flatMap(Part::body).map(Body::holes).orElse(List.of());
            List<Body.Hole> wide = all.stream()
                    .filter(h -> Math.abs(h.diameterMm() - mm) < LEAST_ASIDE_MM)
                    .toList();
            return wide.isEmpty() ? all : wide;
        }

        @Override
        public Draft dimple(Act.Dimple dimple) {
            return Draft.whole(
                            "dimple " + id,
                            "Dimple " + what(dimple.part()),
                            WorkWords.tool(With.BALL_HAMMER, format, box))
                    .text("Strike " + dimple.dimples() + " dimples, each about "
                            + format.write(dimple.acrossMm(), Rounding.NEAREST)
                            + " across, with the ball, from the middle outward; through thin cloth they come out softer. It domes by itself towards the hammer."
                            + domed(dimple.dome()))
                    .check("The dimples are even and none has torn." + pairs("they dome alike"))
                    .caution(WorkWords.EARS)
                    .minutes(count() * Math.max(1, dimple.dimples() * Minutes.A_DIMPLE));
        }

        private String domed(Act.Dimple.Dome dome) {
            return switch (dome) {
                case KEPT -> "";
                case REVERSED ->
                    " Then lay it over a hollow in wood, struck side up, and press it through with the thumb or a rawhide mallet: the dimples lie in the hollow.";
                case FLAT -> " Then lay it on wood, struck side up, and press it flat again with a block.";
            };
        }

        @Override
        public Draft flatten(Act.Flatten flatten) {
            return struck(flatten);
        }

        @Override
        public Draft planish(Act.Planish planish) {
            return struck(planish);
        }

        @Override
        public Draft texture(Act.Texture texture) {
            return struck(texture);
        }

        @Override
        public Draft jaws(Act.Jaws jaws) {
            return struck(jaws);
        }

        @Override
        public Draft mallet(Act.Mallet mallet) {
            return struck(mallet);
        }

        @Override
        public Draft flex(Act.Flex flex) {
            return struck(flex);
        }

        @Override
        public Draft tumble(Act.Tumble tumble) {
            return struck(tumble);
        }

        @Override
        public Draft reclose(Act.Reclose reclose) {
            return struck(reclose);
        }

        @Override
        public Draft straighten(Act.Straighten straighten) {
            return struck(straighten);
        }

        @Override
        public Draft openClose(Act.OpenClose openClose) {
            return struck(openClose);
        }

        @Override
        public Draft trim(Act.Trim trim) {
            return struck(trim);
        }

        @Override
        public Draft press(Act.Press press) {
            return struck(press);
        }

        @Override
        public Draft roundMandrel(Act.RoundMandrel roundMandrel) {
            return struck(roundMandrel);
        }

        @Override
        public Draft bringToSize(Act.BringToSize bringToSize) {
            return struck(bringToSize);
        }

        @Override
        public Draft close(Act.Close close) {
            return struck(close);
        }

        @Override
        public Draft cutApart(Act.CutApart apart) {
            return struck(apart);
        }

        @Override
        public Draft polish(Act.Polish polish) {
            return struck(polish);
        }
    }

    private String hundredths(double mm) {
        return format.say(mm, 2);
    }
}
