package org.etui.core.sequence;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.act.Act;
import org.etui.core.act.Operation;
import org.etui.core.act.With;
import org.etui.core.act.Workpiece;
import org.etui.core.check.Word;
import org.etui.core.element.Element;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.piece.Work;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.StrandWork;

/**
 * Writes the steps of work besides forming: hammer, mallet, jaws, tumbler, opening and closing.
 *
 * @param format how lengths are written
 * @param box the tools owned
 */
record WorkWords(LengthFormat format, Toolbox box) {
    private static final double PASS = 0.03;
    private static final String EARS = "Wear glasses and hearing protection; fingers stay on the handle.";

    /** The step of the maker's own act. */
    Draft draft(StrandWork work, Operation.Worked operation, int state) {
        Draft draft = operation.act().accept(new OnWire(work, operation, state));
        return draft.state(state).finds(found(work, operation, state));
    }

    private Draft draft(StrandWork work, Operation operation, String title, String tool) {
        return new Draft(
                work.strand(), work.strand().wire().inWords(format), "work " + operation.inWords(), title, tool);
    }

    /** What is done to a bought sheet shape; empty for work on wire. */
    Optional<Draft> ofBlank(Work work) {
        return work.act().blank().map(part -> work.act().accept(new OnBlank(work.id())));
    }

    /** What is done to wire, in words. */
    private final class OnWire implements Act.Visitor<Draft> {
        private final StrandWork work;
        private final Operation.Worked operation;
        private final int state;

        OnWire(StrandWork work, Operation.Worked operation, int state) {
            this.work = work;
            this.operation = operation;
            this.state = state;
        }

        private Draft step(String verb, String tool) {
            return WorkWords.this
                    .draft(work, operation, title(verb, work, operation), tool)
                    .shows(Step.Shows.STATES);
        }

        private double wires(double minutes) {
            return minutes * work.strand().count();
        }

        @Override
        public Draft flatten(Act.Flatten flatten) {
            return flatten.with() == With.DIE ? pressed(flatten.toMm()) : hammered(flatten);
        }

        @Override
        public Draft press(Act.Press press) {
            return pressed(press.toMm());
        }

        private Draft hammered(Act.Flatten flatten) {
            return thinned("Flatten", "", flatten.toMm(), WorkWords.this.tool(flatten.with()) + ", bench block")
                    .text("Light taps from the middle outward, " + passes(flatten.toMm())
                            + "; turn it over after each pass, so that it does not bow.");
        }

        @Override
        public Draft roundMandrel(Act.RoundMandrel round) {
            return thinned(
                            "Hammer",
                            " round the mandrel",
                            round.toMm(),
                            WorkWords.this.tool(With.DOMED_HAMMER) + ", mandrel")
                    .text("Put it on the mandrel and strike it all round, blow beside blow, " + passes(round.toMm())
                            + "; turn it end for end after each pass, since the mandrel tapers.");
        }

        private String passes(double toMm) {
            return "about " + times(passesTo(toMm)) + " over";
        }

        /** A pass takes about 3 % of the thickness (engineering estimate). */
        private int passesTo(double toMm) {
            double from = work.states().get(state - 1).workpiece().runs().stream()
                    .filter(operation::touches)
                    .mapToDouble(r -> r.section().thicknessMm())
                    .max()
                    .orElse(toMm);
            return (int) Math.max(1, Math.round(Math.log(from / toMm) / -Math.log(1 - PASS)));
        }

        /** Length of wire that is worked, mm. */
        private double workedMm() {
            return work.states().get(state).workpiece().runs().stream()
                    .filter(operation::touches)
                    .mapToDouble(r -> r.now().lengthMm())
                    .sum();
        }

        private Draft pressed(double toMm) {
            return thinned("Press", "", toMm, "ring dies, heavy hammer")
                    .text("Lay it between the dies, legs outside; blows opposite in pairs round the die, at least two"
                            + " rounds.");
        }

        private Draft thinned(String verb, String how, double toMm, String tool) {
            double width = work.states().get(state).workpiece().runs().stream()
                    .filter(operation::touches)
                    .mapToDouble(r -> r.section().widthMm())
                    .max()
                    .orElse(0);
            String title = title(verb, work, operation) + how + " to " + hundredths(toMm);
            return WorkWords.this
                    .draft(work, operation, title, tool)
                    .shows(Step.Shows.STATES)
                    .check(hundredths(toMm) + " thick and about " + hundredths(width) + " wide; no edge marks.")
                    .caution(EARS)
                    .minutes(wires(Minutes.striking(workedMm(), passesTo(toMm))));
        }

        private Draft hardened(String verb, String tool, int passes, String text) {
            return step(verb, tool)
                    .text(text)
                    .check("It keeps its shape and springs back from a light squeeze.")
                    .minutes(wires(Minutes.striking(workedMm(), passes)));
        }

        @Override
        public Draft planish(Act.Planish planish) {
            return hardened(
                            "Planish",
                            WorkWords.this.tool(planish.with()),
                            1,
                            "Light overlapping taps with the polished face until the marks are gone.")
                    .caution(EARS);
        }

        @Override
        public Draft texture(Act.Texture texture) {
            return hardened(
                            "Texture",
                            WorkWords.this.tool(texture.with()),
                            1,
                            "Strike on purpose, evenly, from the middle outward; turn nothing over.")
                    .caution(EARS);
        }

        @Override
        public Draft jaws(Act.Jaws jaws) {
            return hardened(
                    "Draw through the jaws:",
                    WorkWords.this.tool(With.NYLON_JAWS),
                    jaws.passes(),
                    "Draw it through the jaws, " + times(jaws.passes()) + ".");
        }

        @Override
        public Draft mallet(Act.Mallet mallet) {
            return hardened(
                    "Tap with the mallet:",
                    WorkWords.this.tool(mallet.with()),
                    mallet.passes(),
                    "Tap it on the block, " + times(mallet.passes())
                            + " over its whole length, turned over in between: the shape stays.");
        }

        @Override
        public Draft flex(Act.Flex flex) {
            return hardened(
                    "Flex",
                    "fingers",
                    flex.times(),
                    "Flex it to and fro between the fingers, " + times(flex.times()) + ", no further than it springs.");
        }

        @Override
        public Draft tumble(Act.Tumble tumble) {
            Draft draft = WorkWords.this
                    .draft(work, operation, title("Tumble", work, operation), "tumbler, steel shot")
                    .text("Tumble for " + Math.round(tumble.minutes())
                            + " min in steel shot with a drop of soap; rinse and dry. It hardens the skin only.")
                    .check("It is bright all over, and springs a little more.")
                    .handsOff()
                    .shows(Step.Shows.TUMBLING)
                    .minutes(tumble.minutes());
            return operation.elements().isEmpty() ? draft.forAll("tumble " + operation.id()) : draft;
        }

        @Override
        public Draft straighten(Act.Straighten straighten) {
            return step("Straighten", "nylon jaws")
                    .text("Draw it through the jaws " + times(straighten.passes())
                            + ", gently: straightening hardens too.")
                    .check("It lies on the block without a bow.")
                    .minutes(wires(Minutes.straightening(workedMm()) * straighten.passes()));
        }

        @Override
        public Draft reclose(Act.Reclose reclose) {
            return step("Close again", "nylon jaws")
                    .text("Hammering has opened it: press it back until the inside is as it was formed.")
                    .check("The inside fits the tool again; compare pairs.")
                    .minutes(wires(Minutes.CLOSE_AGAIN));
        }

        @Override
        public Draft openClose(Act.OpenClose open) {
            return step("Open and close", "two pairs of flat-nose pliers")
                    .text("Open it sideways, never pull it round, and close it again, " + times(open.times()) + ".")
                    .check("No light shows at the cut.")
                    .minutes(wires(Minutes.OPEN_AND_CLOSE * open.times()));
        }

        @Override
        public Draft trim(Act.Trim trim) {
            return step("Trim", "flush cutters").text("Cut it off flush.").minutes(wires(Minutes.TRIM_AN_END));
        }

        @Override
        public Draft pierce(Act.Pierce pierce) {
            return new OnBlank(operation.id()).pierce(pierce);
        }

        @Override
        public Draft dimple(Act.Dimple dimple) {
            return new OnBlank(operation.id()).dimple(dimple);
        }
    }

    /** What is done to a bought sheet shape, in words. */
    private final class OnBlank implements Act.Visitor<Draft> {
        private final String id;

        OnBlank(String id) {
            this.id = id;
        }

        /** Other acts are done to a blank as to wire: struck flat on the block. */
        private Draft struck(Act act) {
            return Draft.whole(act.op() + " " + id, act.verb(), "hammer, bench block");
        }

        @Override
        public Draft pierce(Act.Pierce pierce) {
            return Draft.whole(
                            "pierce " + id,
                            "Pierce the " + pierce.part().replace('-', ' '),
                            "hole punch or drill, block")
                    .text("Mark the middle, then punch or drill " + hundredths(pierce.diameterMm()) + ", about "
                            + format.say(1, 0) + " from the edge or further in.")
                    .check("No burr on either side.")
                    .caution("Wear safety glasses; clamp the sheet, never hold it by hand.")
                    .minutes(2);
        }

        @Override
        public Draft dimple(Act.Dimple dimple) {
            return Draft.whole("dimple " + id, "Dimple the " + dimple.part().replace('-', ' '), tool(With.BALL_HAMMER))
                    .text(
                            "Strike " + dimple.dimples()
                                    + " dimples with the ball, from the middle outward; through thin cloth they come out softer. It domes by itself.")
                    .check("The dimples are even and none has torn.")
                    .caution(EARS)
                    .minutes(Math.max(1, dimple.dimples() / 30.0));
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
    }

    /** The name of the tool owned, else its kind. */
    private String tool(With with) {
        String word = Word.of(with);
        return box.tools().stream()
                .filter(t -> Word.of(t.kind()).equals(word) && !t.name().isBlank())
                .map(t -> t.name() + " (" + format.say(t.sizeMm(), 0) + ")")
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

    private String hundredths(double mm) {
        return format.say(mm, 2);
    }
}
