package org.etui.core.sequence;

import java.util.List;
import java.util.OptionalDouble;
import org.etui.core.act.Act;
import org.etui.core.act.Operation;
import org.etui.core.act.With;
import org.etui.core.act.Workpiece;
import org.etui.core.check.Word;
import org.etui.core.element.Element;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.RingSize;
import org.etui.core.measure.Rounding;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.StrandWork;

/**
 * Writes the steps of work besides forming: hammer, mallet, jaws, tumbler, opening and closing.
 *
 * @param format how lengths are written
 * @param box the tools owned
 */
record WorkWords(LengthFormat format, Toolbox box) {
    private static final double SAME_MM = 0.05;
    private static final double GROWN_MM = 0.3;

    /** Wider than this it is the body of a bangle (engineering estimate). */
    private static final double BODY_MM = 40;

    /** US sizes below are of no grown finger (common practice). */
    private static final double SMALLEST_FINGER = 3;

    /** Turns are whole to this. */
    private static final double WHOLE = 1e-6;

    static final String EARS = "Wear glasses and hearing protection; fingers stay on the handle.";

    /** The step of the maker's own act. */
    Draft draft(StrandWork work, Operation.Worked operation, int state) {
        Draft draft = operation.act().accept(new OnWire(work, operation, state));
        return draft.state(state)
                .finds(found(work, operation, state))
                .strikes(operation.act().doing().isStruck())
                .surface(operation.act().doing().leaves() != Act.Leaves.AS_IT_WAS);
    }

    private Draft draft(StrandWork work, Operation operation, String title, String tool) {
        return new Draft(
                work.strand(), work.strand().wire().inWords(format), "work " + operation.inWords(), title, tool);
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

        @Override
        public Draft bringToSize(Act.BringToSize bring) {
            double to = work.states().get(state).workpiece().runs().stream()
                    .filter(operation::touches)
                    .mapToDouble(r -> r.section().inPlaneMm())
                    .min()
                    .orElse(0);
            int passes = passesTo(to);
            String size = format.write(bring.insideMm(), Rounding.NEAREST);
            return WorkWords.this
                    .draft(
                            work,
                            operation,
                            "Bring the " + names(work, operation) + " up to " + size + " inside",
                            WorkWords.this.tool(With.DOMED_HAMMER) + ", mandrel")
                    .shows(Step.Shows.STATES)
                    .text("Push it down the mandrel as far as it goes and strike it all round, blow beside blow, "
                            + overs(passes) + "; turn it end for end and push it down again after each pass.")
                    .check("It sits on the mandrel at " + size + ringSize(bring.insideMm()) + ", and is about "
                            + hundredths(to) + " thick." + reaches(bring.insideMm()))
                    .caution(EARS)
                    .minutes(wires(Minutes.striking(workedMm(), passes)));
        }

        /** Where it cannot grow so far. */
        private String reaches(double insideMm) {
            Workpiece after = work.states().get(state).workpiece();
            return work.strand().elements().stream()
                    .filter(e -> operation.touches(e.id()))
                    .map(e -> after.insideMm(e.id()))
                    .filter(mm -> mm.isPresent() && mm.getAsDouble() < insideMm - SAME_MM)
                    .map(mm -> " It grows no further than "
                            + format.write(mm.getAsDouble(), Rounding.NEAREST)
                            + " before the wire is too thin: wind it on a larger size.")
                    .findFirst()
                    .orElse("");
        }

        @Override
        public Draft close(Act.Close close) {
            List<Element> closed = work.strand().elements().stream()
                    .filter(e -> operation.touches(e.id()) && e.isBent())
                    .toList();
            boolean body = closed.stream().anyMatch(e -> e.woundInsideMm().orElse(0) > BODY_MM);
            boolean limbs = closed.stream().anyMatch(e -> e.hanging().hook());
            return (body ? body() : limbs ? limbs() : shut())
                    .kind(Step.Kind.CLOSE)
                    .minutes(wires(body ? Minutes.CLOSE_A_BODY : Minutes.CLOSE_AGAIN * Math.max(1, closed.size())));
        }

        private Draft body() {
            return step("Close", "fingers, mandrel, nylon mallet")
                    .text(
                            "Thread one end through the other and squash it to an oval, so that it holds; true it on the mandrel,"
                                    + " tap it at the closing with the mallet, and squeeze it once more.")
                    .check("It is round again, closes by its own spring and opens with two fingers.");
        }

        private Draft limbs() {
            return step("Bring together the limbs of", "fingers, " + WorkWords.this.tool(With.NYLON_JAWS))
                    .text("Press the two limbs together, a little further than they are to lie, and let go.")
                    .check("The limbs touch, and lie in one plane.");
        }

        private Draft shut() {
            return step("Squeeze shut", WorkWords.this.tool(With.NYLON_JAWS))
                    .text(
                            "Squeeze it with nylon jaws, a little at a time, until the end touches; tap it flat on the block with"
                                    + " the mallet.")
                    .check("No light shows at the end, and no thread catches.");
        }

        @Override
        public Draft polish(Act.Polish polish) {
            Draft draft = step("Polish", Word.plain(polish.with()))
                    .text(how(polish.with()))
                    .check("It shines evenly; no scratch runs across.")
                    .caution("Do not breathe the dust.")
                    .shows(Step.Shows.POLISHING)
                    .kind(Step.Kind.FINISH)
                    .minutes(wires(Minutes.polishing(workedMm())));
            return operation.elements().isEmpty() ? draft.forAll("polish " + operation.id()) : draft;
        }

        @Override
        public Draft cutApart(Act.CutApart apart) {
            int rings = work.strand().elements().stream()
                    .filter(e -> operation.touches(e.id()))
                    .mapToInt(e -> (int) Math.max(1, Math.ceil(e.winding().turnRad() / (2 * Math.PI) - WHOLE) - 1))
                    .sum();
            boolean saw = apart.with() == Act.CutApart.Cutter.SAW;
            return step("Cut apart", saw ? "jeweller's saw, nylon jaws" : "flush cutters")
                    .kind(Step.Kind.TRIM)
                    .text((saw
                                    ? "Slide it off, hold it by its sides and saw along its length, straight through every turn."
                                    : "Slide it off and draw the turns a little apart. At every turn nip once, turn the cutters over and nip again,"
                                            + " so that both ends of the ring are flat.")
                            + " It gives " + rings + (rings == 1 ? " ring" : " rings")
                            + "; the part of a turn at either end goes to the scrap.")
                    .check("Each closes by a twist sideways, and no light shows at the cut.")
                    .caution(StrandSteps.EYES)
                    .minutes(wires(rings * Minutes.TRIM_AN_END));
        }

        private String how(Act.Polish.Abrasive with) {
            return switch (with) {
                case FILE -> "Take the marks down with a fine file, always in one direction, along the wire.";
                case EMERY ->
                    "Rub along the wire with emery 600, then 800 to 1200, each until the marks of the one"
                            + " before are gone.";
                case FOUR_GRADE_BLOCK ->
                    "Rub along the wire with each side of the block in turn, from the coarsest to"
                            + " the one that shines.";
                case CLOTH -> "Rub it along the wire with the cloth until the cloth stays clean.";
            };
        }

        private String passes(double toMm) {
            return overs(passesTo(toMm));
        }

        private String overs(int passes) {
            return "about " + times(passes) + " over";
        }

        /** A pass takes about 3 % of the thickness (engineering estimate). */
        private int passesTo(double toMm) {
            double from = work.states().get(state - 1).workpiece().runs().stream()
                    .filter(operation::touches)
                    .mapToDouble(r -> r.section().thicknessMm())
                    .max()
                    .orElse(toMm);
            return (int) Math.max(1, Math.round(Math.log(from / toMm) / -Math.log(1 - Act.Thinned.PASS)));
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
                            "Strike on purpose, evenly, from the middle outward. It bows as you go: lay it face down on a soft"
                                    + " pad and tap the bow flat with the mallet; even the ends afterwards.")
                    .caution(EARS);
        }

        /** Straight wire is drawn through them; what is wound or bent is squeezed. */
        @Override
        public Draft jaws(Act.Jaws jaws) {
            boolean straight = work.states().get(state - 1).workpiece().runs().stream()
                    .filter(operation::touches)
                    .allMatch(r -> r.now().turnRad() == 0);
            return hardened(
                    straight ? "Draw through the jaws:" : "Squeeze in the jaws:",
                    WorkWords.this.tool(With.NYLON_JAWS),
                    jaws.passes(),
                    straight
                            ? "Draw it through the jaws, " + times(jaws.passes()) + "."
                            : "Squeeze it flat between the jaws, turned a little each time, " + times(jaws.passes())
                                    + " all round.");
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
                    .kind(Step.Kind.CLOSE)
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
            return step("Trim", "flush cutters")
                    .kind(Step.Kind.TRIM)
                    .text("Cut it off flush.")
                    .minutes(wires(Minutes.TRIM_AN_END));
        }

        @Override
        public Draft pierce(Act.Pierce pierce) {
            return new SheetWords(format, box).done(operation.id()).pierce(pierce);
        }

        @Override
        public Draft dimple(Act.Dimple dimple) {
            return new SheetWords(format, box).done(operation.id()).dimple(dimple);
        }
    }

    /** The name of the tool owned, else its kind. */
    private String tool(With with) {
        return tool(with, format, box);
    }

    /** The name of the tool owned, else its kind. */
    static String tool(With with, LengthFormat format, Toolbox box) {
        String word = Word.of(with);
        return box.tools().stream()
                .filter(t -> Word.of(t.kind()).equals(word) && !t.name().isBlank())
                .map(t -> t.name() + " (" + format.say(t.sizeMm(), 0) + ")")
                .findFirst()
                .orElse(Word.plain(with));
    }

    private static String title(String verb, StrandWork work, Operation operation) {
        return verb + " the " + names(work, operation);
    }

    private static String names(StrandWork work, Operation operation) {
        List<String> names = work.strand().elements().stream()
                .filter(e -> operation.elements().contains(e.id()))
                .map(Element::label)
                .toList();
        return names.isEmpty() ? "wire" : String.join(" and ", names);
    }

    /** The ring size of an inside, where it is one a finger has; empty elsewhere. */
    static String ringSize(double insideMm) {
        double size = RingSize.US.sizeOf(insideMm);
        return size >= SMALLEST_FINGER && RingSize.US.reaches(size)
                ? " (ring size US " + RingSize.US.write(size) + ")"
                : "";
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
        double grown = lengthMm(after, operation) - lengthMm(before, operation);
        return grown >= GROWN_MM
                ? "It grows about " + format.write(grown, Rounding.NEAREST) + " longer (estimate)."
                : "";
    }

    /** How long what is worked is as it lies, mm. */
    private static double lengthMm(Workpiece piece, Operation operation) {
        return piece.runs().stream()
                .filter(operation::touches)
                .mapToDouble(r -> r.now().lengthMm())
                .sum();
    }

    private static String times(int number) {
        return number == 1 ? "once" : number == 2 ? "twice" : number + " times";
    }

    private String hundredths(double mm) {
        return format.say(mm, 2);
    }
}
