package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.colour.BathLog;
import org.etui.core.element.Element;
import org.etui.core.log.Band;
import org.etui.core.log.Group;
import org.etui.core.log.Habit;
import org.etui.core.log.Hand;
import org.etui.core.measure.LengthFormat;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Work;
import org.etui.core.rule.Advice;
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Wire;
import org.etui.core.work.Jig;
import org.etui.core.work.StrandWork;

/**
 * Writes the bench card of a piece: blanks, strands, what is put together and the bath in the order of {@link Schedule}, the last look; a break
 * where the hands have worked long.
 */
public final class BenchCard {
    private BenchCard() {}

    /**
     * The card.
     *
     * @param steps in order
     * @param locks what cannot be put together in any order
     */
    public record Card(List<Step> steps, List<Lock> locks) {}

    /**
     * The card of a piece.
     *
     * @param piece the document
     * @param strands its strands as worked
     * @param advice advice on the piece: steps name the rules that speak of them
     * @param format how lengths are written
     * @param box the tools owned
     * @param school what the maker was taught
     * @param log what came out of the maker's own baths
     * @param hand the maker's own hand
     */
    public static Card of(
            Piece piece,
            List<StrandWork> strands,
            List<Advice> advice,
            LengthFormat format,
            Toolbox box,
            School school,
            BathLog log,
            Hand hand) {
        SheetWords sheets = new SheetWords(format, box);
        Course course = Course.of(
                piece,
                strands,
                strands.stream()
                        .map(work -> StrandSteps.of(piece, work, format, box, school))
                        .toList(),
                format);
        blanks(piece, sheets, course);
        Precedence.ALL.forEach(p -> p.apply(course));
        BathOrder.add(course, school, log);
        Draft look = lastLook(strands);
        course.all().forEach(look::after);
        course.add(look);
        Schedule.Order order = Schedule.of(course);
        OffTheBlock.tell(order.order());
        List<Step> steps = order.order().stream()
                .map(d -> Batch.step(d, advice))
                .map(step -> step.withMinutes(step.minutes()
                        * group(piece, step)
                                .map(g -> hand.factor(Habit.MINUTES, g))
                                .orElse(1.0)))
                .map(step -> school.leftHanded() ? step.mirrored() : step)
                .toList();
        return new Card(
                withBreaks(steps),
                Stream.concat(course.locks().stream(), order.locks().stream()).toList());
    }

    /** What the time of a step is learnt together with: that of its element, else of its kind; nothing where no wire is worked. */
    public static Optional<Group> group(Piece piece, Step step) {
        return piece.strands().stream()
                .filter(s -> s.id().equals(step.strand()))
                .findFirst()
                .map(strand -> {
                    Wire wire = strand.wire();
                    String kind = step.element()
                            .flatMap(strand::element)
                            .map(Element::kind)
                            .orElseGet(() ->
                                    step.kind().name().toLowerCase(Locale.ROOT).replace("_", "-"));
                    return new Group(kind, wire.metal(), Band.of(wire.section().thicknessMm()));
                });
    }

    /** The bath that a step of a bath belongs to. */
    public static Optional<Dip> dip(Piece piece, Step step) {
        return Dip.of(piece).stream()
                .filter(d -> step.kind() == Step.Kind.BATH)
                .filter(d -> d.whole()
                        || step.about().stream()
                                .anyMatch(a -> d.parts().stream().anyMatch(p -> a.equals(p.id()))
                                        || d.strands().stream().anyMatch(s -> a.startsWith(s.id() + "."))))
                .findFirst();
    }

    /** What is done to blanks: cut out first, then worked, folded last. */
    private static void blanks(Piece piece, SheetWords sheets, Course course) {
        Map<String, Draft> cut = new HashMap<>();
        piece.parts()
                .forEach(part -> sheets.cutOut(part)
                        .ifPresent(d -> cut.put(part.id(), course.add(d.about(List.of(part.id()))))));
        for (Work work : piece.work()) {
            sheets.ofBlank(piece, work).ifPresent(draft -> {
                Draft first = work.act().doing().blank().map(cut::get).orElse(null);
                draft.about(work.act().doing().blank().stream().toList());
                course.add(first == null ? draft : draft.after(first));
            });
        }
        for (Part part : piece.parts()) {
            sheets.fold(part).ifPresent(draft -> {
                course.between().stream()
                        .filter(d -> d.about.equals(List.of(part.id())))
                        .forEach(draft::after);
                course.add(draft.about(List.of(part.id())));
            });
        }
    }

    /** A break before the step that comes after long work by hand, unless little is left; never while something is in the bath. */
    private static List<Step> withBreaks(List<Step> steps) {
        List<Step> card = new ArrayList<>();
        double left = steps.stream().mapToDouble(Step::handsOnMinutes).sum();
        double worked = 0;
        for (Step step : steps) {
            boolean inBath = step.kind() == Step.Kind.BATH
                    && !card.isEmpty()
                    && card.get(card.size() - 1).kind() == Step.Kind.BATH;
            if (worked >= Batch.WORK_MIN && step.handsOn() && left > Batch.REST_MIN && !inBath) {
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

    private static Draft lastLook(List<StrandWork> strands) {
        boolean pairs = strands.stream().anyMatch(s -> s.strand().matched());
        boolean flat = strands.stream().allMatch(Jig::isFlat);
        String side = flat ? ", pairs side by side, then turned over" : ", pairs side by side";
        return Draft.whole("check", "Check the piece", "the 1:1 template")
                .kind(Step.Kind.CHECK)
                .text((flat ? "Lay it on the printed template" : "Hold it over the printed template")
                        + (pairs ? side : "") + (flat ? "" : ", then look at it from every side")
                        + ". Run a fingertip along every end.")
                .check((flat ? "It lies within the lines, is flat" : "Seen from above it lies within the lines")
                        + ", and nothing catches on skin, hair or cloth.")
                .minutes(1);
    }
}
