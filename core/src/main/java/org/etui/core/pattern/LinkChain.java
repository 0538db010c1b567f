package org.etui.core.pattern;

import java.util.List;
import java.util.Locale;
import org.etui.core.check.BadInput;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Join;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;
import org.etui.core.work.Chain;
import org.etui.core.work.StrandWork;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * Alike links with an eye at both ends, hung in each other: figure-eights, flat or turned, whose loops are opened and closed again, or loops that are
 * closed for good by their tails. Of links, length of the chain and length of the straight between the loops it works out one from the other two.
 */
final class LinkChain extends Pattern {
    private static final String LINK = "link";
    private static final double LEAST_BETWEEN_MM = 0.2;
    private static final double MOST_BETWEEN_MM = 200;
    private static final int MOST_LINKS = 500;

    /** A chain is as long as was asked to this, mm: no rule shows less on a chain (common practice). */
    private static final double SAME_MM = 0.01;

    LinkChain() {
        super(
                "link-chain",
                "Chain of loops",
                "Links with a loop at both ends, hung in each other; works out links, length or the straight between.",
                List.of(Purpose.LINK, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.choice("form", "links", "looped", "looped, turned", "wrapped"),
                        Parameter.choice("find", "work out", "links", "between", "length"),
                        Parameter.mm("chainMm", "chain, outside to outside", 180, 20, 5000)
                                .onlyWith("find", "links", "between")
                                .leftFree(),
                        Parameter.count("links", "how many links", 12, 2, MOST_LINKS)
                                .onlyWith("find", "between", "length"),
                        Parameter.mm("loopInsideMm", "loops, inside", 3, 0.5, 30),
                        Parameter.mm("betweenMm", "straight between the loops", 6, LEAST_BETWEEN_MM, MOST_BETWEEN_MM)
                                .onlyWith("find", "links", "length")
                                .leftFree(),
                        Parameter.number("wraps", "wraps, each", "turns", 2, 0.5, 20)
                                .onlyWith("form", "wrapped")));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double between = values.number("betweenMm");
        return switch (values.word("find")) {
            case "between" -> chain(values, wire, purpose, between(values, wire, purpose), values.count("links"));
            case "length" -> chain(values, wire, purpose, between, values.count("links"));
            default -> {
                double asked = values.number("chainMm");
                int links = hung(values, wire, purpose, between, 2).linksFor(asked);
                if (links > MOST_LINKS) {
                    throw new BadInput(
                            "chainMm", asked, "must be less: it would take " + links + " links, at most " + MOST_LINKS);
                }
                yield chain(values, wire, purpose, between, Math.max(2, links));
            }
        };
    }

    /** The straight with which so many links are so long. */
    private static double between(Values values, Wire wire, Purpose purpose) {
        double asked = values.number("chainMm");
        int links = values.count("links");
        UnivariateFunction tooLong =
                mm -> hung(values, wire, purpose, mm, links).lengthMm() - asked;
        if (tooLong.value(LEAST_BETWEEN_MM) > 0) {
            throw new BadInput("links", links, told("must be fewer", asked, asked + tooLong.value(LEAST_BETWEEN_MM)));
        }
        if (tooLong.value(MOST_BETWEEN_MM) < 0) {
            throw new BadInput("links", links, told("must be more", asked, asked + tooLong.value(MOST_BETWEEN_MM)));
        }
        double between = new BracketingNthOrderBrentSolver(SAME_MM / links, SAME_MM / links, 5)
                .solve(60, tooLong, LEAST_BETWEEN_MM, MOST_BETWEEN_MM);
        return Math.round(between * 1000) / 1000.0;
    }

    private static String told(String what, double asked, double comesTo) {
        return String.format(
                Locale.ROOT,
                "%s: a chain of %.1f mm is asked for, and with so many links it is %.1f mm %s",
                what,
                asked,
                comesTo,
                comesTo > asked ? "at least" : "at most");
    }

    private static Chain hung(Values values, Wire wire, Purpose purpose, double betweenMm, int links) {
        Piece piece = chain(values, wire, purpose, betweenMm, links);
        return Chain.of(piece, StrandWork.of(piece, piece.strands().get(0))).orElseThrow();
    }

    private static Piece chain(Values values, Wire wire, Purpose purpose, double betweenMm, int links) {
        double inside = values.number("loopInsideMm");
        Strand link = switch (values.word("form")) {
            case "wrapped" ->
                Strand.of(
                                LINK,
                                "Link",
                                wire,
                                WrappedBead.elements(inside, values.number("wraps"), "between", betweenMm, wire))
                        .withOrder(List.of("first-corner", "first-loop", "first-wrap"))
                        .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
            case "looped, turned" -> FigureEight.link(inside, inside, betweenMm, wire, 90);
            default -> FigureEight.link(inside, inside, betweenMm, wire, 0);
        };
        return Piece.of("Chain of loops", purpose, List.of(link.times(links, false, false)))
                .withParts(List.of(), List.of(Join.of(LINK + ".first-loop", LINK + ".second-loop")));
    }
}
