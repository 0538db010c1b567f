package org.etui.core.sequence;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Word;
import org.etui.core.element.Element;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.piece.With;
import org.etui.core.piece.Work;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.Hardening;
import org.etui.core.work.Operation;
import org.etui.core.work.StrandWork;
import org.etui.core.work.Workpiece;

/**
 * Writes the steps of work besides forming: hammer, mallet, jaws, tumbler, opening and closing.
 *
 * @param format how lengths are written
 * @param box the tools owned
 */
record WorkWords(LengthFormat format, Toolbox box) {
    private static final String EARS = "Wear glasses and hearing protection; fingers stay on the handle.";

    /** The step of an operation that is neither forming nor trimming. */
    Draft draft(StrandWork work, Operation operation, int state) {
        Draft draft;
        if (operation instanceof Operation.Flatten flatten) {
            draft = flatten(work, flatten, state);
        } else if (operation instanceof Operation.Harden harden) {
            draft = harden(work, harden);
        } else if (operation instanceof Operation.Tumble tumble) {
            draft = draft(work, operation, title("Tumble", work, operation), "tumbler, steel shot")
                    .text("Tumble for " + Math.round(tumble.minutes())
                            + " min in steel shot with a drop of soap; rinse and dry. It hardens the skin only.")
                    .check("It is bright all over, and springs a little more.")
                    .handsOff()
                    .shows(Step.Shows.TUMBLING)
                    .minutes(tumble.minutes());
            if (tumble.elements().isEmpty()) {
                draft = draft.forAll("tumble " + operation.id());
            }
        } else if (operation instanceof Operation.Straighten straighten) {
            draft = draft(work, operation, title("Straighten", work, operation), "nylon jaws")
                    .text("Draw it through the jaws " + times(straighten.passes())
                            + ", gently: straightening hardens too.")
                    .check("It lies on the block without a bow.")
                    .minutes(work.strand().count());
        } else if (operation instanceof Operation.Reclose) {
            draft = draft(work, operation, title("Close again", work, operation), "nylon jaws")
                    .text("Hammering has opened it: press it back until the inside is as it was formed.")
                    .check("The inside fits the tool again; compare pairs.")
                    .minutes(work.strand().count());
        } else if (operation instanceof Operation.OpenClose open) {
            draft = draft(work, operation, title("Open and close", work, operation), "two pairs of flat-nose pliers")
                    .text("Open it sideways, never pull it round, and close it again, " + times(open.times()) + ".")
                    .check("No light shows at the cut.")
                    .minutes(work.strand().count());
        } else {
            throw new IllegalArgumentException("no words for " + operation.inWords());
        }
        if (!(operation instanceof Operation.Tumble)) {
            draft.shows(Step.Shows.STATES);
        }
        return draft.state(state).finds(found(work, operation, state));
    }

    private static Draft draft(StrandWork work, Operation operation, String title, String tool) {
        return new Draft(work.strand(), work.strand().wire().inWords(), "work " + operation.inWords(), title, tool);
    }

    /** What is done to a bought sheet shape; empty for work on wire. */
    Optional<Draft> ofBlank(Work work) {
        if (work instanceof Work.Pierce pierce) {
            return Optional.of(Draft.whole(
                            "pierce " + pierce.id(),
                            "Pierce the " + pierce.part().replace('-', ' '),
                            "hole punch or drill, block")
                    .text("Mark the middle, then punch or drill " + hundredths(pierce.diameterMm())
                            + ", about 1 mm from the edge or further in.")
                    .check("No burr on either side.")
                    .caution("Wear safety glasses; clamp the sheet, never hold it by hand.")
                    .minutes(2));
        }
        if (work instanceof Work.Dimple dimple) {
            return Optional.of(Draft.whole(
                            "dimple " + dimple.id(),
                            "Dimple the " + dimple.part().replace('-', ' '),
                            tool(With.BALL_HAMMER))
                    .text(
                            "Strike " + dimple.dimples()
                                    + " dimples with the ball, from the middle outward; through thin cloth they come out softer. It domes by itself.")
                    .check("The dimples are even and none has torn.")
                    .caution(EARS)
                    .minutes(Math.max(1, dimple.dimples() / 30.0)));
        }
        return Optional.empty();
    }

    private Draft flatten(StrandWork work, Operation.Flatten flatten, int state) {
        double width = work.states().get(state).workpiece().runs().stream()
                .filter(flatten::touches)
                .mapToDouble(r -> r.section().widthMm())
                .max()
                .orElse(0);
        boolean press = flatten.with() == With.DIE;
        return draft(
                        work,
                        flatten,
                        title(press ? "Press" : "Flatten", work, flatten) + " to " + hundredths(flatten.toMm()),
                        press ? "ring dies, heavy hammer" : tool(flatten.with()) + ", bench block")
                .text(
                        press
                                ? "Lay it between the dies, legs outside; blows opposite in pairs round the die, at least two rounds."
                                : "Light taps from the middle outward; turn it over after each pass, so that it does not bow.")
                .check(hundredths(flatten.toMm()) + " thick and about " + hundredths(width) + " wide; no edge marks.")
                .caution(EARS)
                .minutes(2.0 * work.strand().count());
    }

    private Draft harden(StrandWork work, Operation.Harden harden) {
        String text = switch (harden.verb()) {
            case PLANISH -> "Light overlapping taps with the polished face until the marks are gone.";
            case TEXTURE -> "Strike on purpose, evenly, from the middle outward; turn nothing over.";
            case JAWS -> "Draw it through the jaws, " + times(harden.passes()) + ".";
            case MALLET ->
                "Tap it on the block, " + times(harden.passes())
                        + " over its whole length, turned over in between: the shape stays.";
            case FLEX ->
                "Flex it to and fro between the fingers, " + times(harden.passes()) + ", no further than it springs.";
        };
        String verb = switch (harden.verb()) {
            case PLANISH -> "Planish";
            case TEXTURE -> "Texture";
            case JAWS -> "Draw through the jaws:";
            case MALLET -> "Tap with the mallet:";
            case FLEX -> "Flex";
        };
        Draft draft = draft(
                        work,
                        harden,
                        title(verb, work, harden),
                        harden.verb() == Hardening.FLEX ? "fingers" : tool(harden.with()))
                .text(text)
                .check("It keeps its shape and springs back from a light squeeze.")
                .minutes(0.5 * harden.passes() * work.strand().count());
        return harden.isStruck() ? draft.caution(EARS) : draft;
    }

    /** The name of the tool owned, else its kind. */
    private String tool(With with) {
        String word = Word.of(with);
        return box.tools().stream()
                .filter(t -> Word.of(t.kind()).equals(word) && !t.name().isBlank())
                .map(t -> t.name() + String.format(Locale.ROOT, " (%.0f mm)", t.sizeMm()))
                .findFirst()
                .orElse(Word.plain(with));
    }

    private static String title(String verb, StrandWork work, Operation operation) {
        List<String> names = work.strand().elements().stream()
                .filter(e -> operation.elements().contains(e.id()))
                .map(Element::label)
                .toList();
        return verb + " the " + (names.isEmpty() ? "wire" : String.join(" and ", names));
    }

    /** What the work did to the size of the first round element: it grows, or it is closed again. */
    private String found(StrandWork work, Operation operation, int state) {
        Workpiece before = work.states().get(state - 1).workpiece();
        Workpiece after = work.states().get(state).workpiece();
        for (Element element : work.strand().elements()) {
            if (operation.touches(element.id()) && !after.of(element.id()).isEmpty()) {
                OptionalDouble was = before.insideMm(element.id());
                OptionalDouble is = after.insideMm(element.id());
                if (was.isPresent() && is.isPresent() && Math.abs(is.getAsDouble() - was.getAsDouble()) >= 0.02) {
                    return "The " + element.label() + " goes from "
                            + format.write(was.getAsDouble(), Rounding.NEAREST) + " to about "
                            + format.write(is.getAsDouble(), Rounding.NEAREST) + " inside (estimate).";
                }
            }
        }
        return "";
    }

    private static String times(int number) {
        return number == 1 ? "once" : number == 2 ? "twice" : number + " times";
    }

    static String hundredths(double mm) {
        return LengthFormat.hundredths(mm) + " mm";
    }
}
