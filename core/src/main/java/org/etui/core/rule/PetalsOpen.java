package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Outline;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/**
 * Petals close to a flower where each fills its share of the way round: the two sides of a drop meet at twice the angle
 * whose sine is half its width over the distance from its point to the middle of its round (plane geometry).
 */
final class PetalsOpen implements Rule {
    private static final String NAME = "petals-open";

    private static final int FEWEST = 3;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        Piece piece = bench.piece();
        List<StrandWork> strands = bench.strands();
        List<Advice> advice = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            double wire = strands.get(i).strand().wire().section().inPlaneMm();
            List<Integer> petals = petals(strands.get(i).strand().elements());
            if (petals.size() >= FEWEST) {
                Outline.Drop drop = drop(strands.get(i).strand().elements().get(petals.get(0)));
                double needed = Math.ceil(10 * widthMm(drop.lengthMm(), wire, petals.size())) / 10;
                if (drop.widthMm() < needed - 0.1) {
                    advice.add(advice(bench, i, petals, drop, needed, wire));
                }
            }
        }
        return advice;
    }

    private static Advice advice(
            Bench bench, int strand, List<Integer> petals, Outline.Drop drop, double needed, double wire) {
        double fills =
                2 * Math.toDegrees(Math.asin((drop.widthMm() / 2 + wire) / (drop.lengthMm() - drop.widthMm() / 2)));
        boolean possible = needed <= drop.lengthMm();
        return new Advice(
                Advice.Severity.MIND,
                NAME,
                "strands." + strand + ".elements." + petals.get(0),
                String.format(
                        Locale.ROOT,
                        "%d petals of %s × %s do not close: a gap of %.0f° stays between them.",
                        petals.size(),
                        bench.say(drop.lengthMm(), 1),
                        bench.say(drop.widthMm(), 1),
                        360.0 / petals.size() - fills),
                "Each petal has to fill " + Math.round(360.0 / petals.size()) + "° of the flower (plane geometry).",
                possible ? "Make them " + bench.say(needed, 1) + " wide, or take more of them." : "Take more petals.",
                possible
                        ? Optional.of(petals.stream()
                                .map(e -> Advice.Patch.replace(
                                        "/strands/" + strand + "/elements/" + e + "/outline/widthMm", needed))
                                .toList())
                        : Optional.empty());
    }

    /** Width at which petals of a length touch their neighbours: (w/2 + t) = (L − w/2)·sin(π/n). */
    private static double widthMm(double lengthMm, double wireMm, int petals) {
        double sine = Math.sin(Math.PI / petals);
        return 2 * (lengthMm * sine - wireMm) / (1 + sine);
    }

    private static List<Integer> petals(List<Element> elements) {
        List<Integer> petals = new ArrayList<>();
        for (int e = 0; e < elements.size(); e++) {
            if (elements.get(e) instanceof Girth girth
                    && girth.outline() instanceof Outline.Drop
                    && girth.from() == 0
                    && girth.to() == 1) {
                petals.add(e);
            }
        }
        return petals;
    }

    private static Outline.Drop drop(Element element) {
        return (Outline.Drop) ((Girth) element).outline();
    }
}
