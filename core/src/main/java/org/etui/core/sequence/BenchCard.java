package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.measure.LengthFormat;
import org.etui.core.piece.Join;
import org.etui.core.piece.Piece;
import org.etui.core.rule.Advice;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.StrandWork;

/**
 * Writes the bench card of a piece: blanks, every strand in the order of {@link Schedule}, joins, colour, the last look; a
 * break where the hands have worked long.
 */
public final class BenchCard {
    private final Piece piece;

    private BenchCard(Piece piece) {
        this.piece = piece;
    }

    /**
     * The steps of a piece.
     *
     * @param piece the document
     * @param strands its strands as worked
     * @param advice advice on the piece: steps name the rules that speak of them
     * @param format how lengths are written
     * @param box the tools owned
     * @param school what the maker was taught
     */
    public static List<Step> of(
            Piece piece,
            List<StrandWork> strands,
            List<Advice> advice,
            LengthFormat format,
            Toolbox box,
            School school) {
        BenchCard card = new BenchCard(piece);
        WorkWords works = new WorkWords(format, box);
        List<List<Draft>> all = new ArrayList<>();
        piece.work().forEach(w -> works.ofBlank(w).ifPresent(d -> all.add(List.of(d))));
        Schedule.of(strands.stream()
                        .map(work -> StrandSteps.of(piece, work, format, box, school))
                        .toList())
                .forEach(all::add);
        card.joins().forEach(d -> all.add(List.of(d)));
        ColourSteps.of(piece, strands, school).forEach(d -> all.add(List.of(d)));
        all.add(List.of(lastLook(strands)));
        List<Step> steps = all.stream().map(d -> Batch.step(d, advice)).toList();
        return withBreaks(steps);
    }

    /** A break before the step that comes after long work by hand, unless little is left. */
    private static List<Step> withBreaks(List<Step> steps) {
        List<Step> card = new ArrayList<>();
        double left = steps.stream().mapToDouble(Step::handsOnMinutes).sum();
        double worked = 0;
        for (Step step : steps) {
            if (worked >= Batch.WORK_MIN && step.handsOn() && left > Batch.REST_MIN) {
                card.add(Batch.rest(worked));
                worked = 0;
            }
            card.add(step);
            left -= step.handsOnMinutes();
            boolean rests = !step.handsOn() && step.minutes() >= Batch.REST_MIN;
            worked = rests ? 0 : worked + step.handsOnMinutes();
        }
        return List.copyOf(card);
    }

    /** What hangs in what, when every strand is formed. */
    private List<Draft> joins() {
        List<Draft> drafts = new ArrayList<>();
        for (int i = 0; i < piece.joins().size(); i++) {
            Join join = piece.joins().get(i);
            boolean opens = opens(join.a()) || opens(join.b());
            String a = inWords(join.a());
            String b = inWords(join.b());
            int times = Math.max(1, Math.min(count(join.a()), count(join.b())));
            drafts.add(Draft.whole(
                            "join " + i,
                            "Join " + a + " and " + b + (times > 1 ? ", " + times + " times" : ""),
                            opens ? "two pairs of flat-nose pliers" : "fingers")
                    .text(
                            opens
                                    ? "Open the loop sideways, never pull it round; hang the other in, close it again."
                                    : "Bring the " + a + " and the " + b + " together.")
                    .check(opens ? "No light shows at the cut, and both move freely." : "It sits firmly.")
                    .advice("joins." + i)
                    .shows(Step.Shows.JOINING)
                    .minutes(times));
        }
        return drafts;
    }

    /** How many there are of what is joined. */
    private int count(String address) {
        int dot = address.indexOf('.');
        return dot < 0
                ? 1
                : piece.strand(address.substring(0, dot)).map(s -> s.count()).orElse(1);
    }

    private Optional<Element> elementAt(String address) {
        int dot = address.indexOf('.');
        return dot < 0
                ? Optional.empty()
                : piece.strand(address.substring(0, dot)).flatMap(s -> s.element(address.substring(dot + 1)));
    }

    private boolean opens(String address) {
        return elementAt(address).filter(e -> e.hanging().opens()).isPresent();
    }

    private String inWords(String address) {
        return elementAt(address).map(Element::label).orElse(address.replace('-', ' '));
    }

    private static Draft lastLook(List<StrandWork> strands) {
        boolean several = strands.size() > 1 || strands.get(0).strand().count() > 1;
        return Draft.whole("check", "Check the piece", "the 1:1 template")
                .text("Lay it on the printed template" + (several ? ", pairs side by side, then turned over" : "")
                        + ". Run a fingertip along every end.")
                .check("It lies within the lines, is flat, and nothing catches on skin, hair or cloth.")
                .minutes(1);
    }
}
