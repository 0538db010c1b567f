package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Spiral;
import org.etui.core.element.Turn;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.metal.Metal;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.rule.Advice;
import org.etui.core.work.Mark;
import org.etui.core.work.Marks;
import org.etui.core.work.Operation;
import org.etui.core.work.StrandWork;

/** Writes the bench card: straighten, true, mark, cut, dress, every forming, work, trim the handle last, dress, check. */
public final class BenchCard {
    private static final String EYES = "Wear safety glasses; cover the off-cut, it flies.";
    private static final String EARS = "Wear glasses and hearing protection; fingers stay on the handle.";

    private final Piece piece;
    private final LengthFormat format;
    private final List<Advice> advice;
    private final List<Step> steps = new ArrayList<>();

    private BenchCard(Piece piece, LengthFormat format, List<Advice> advice) {
        this.piece = piece;
        this.format = format;
        this.advice = advice;
    }

    /**
     * The steps of a piece.
     *
     * @param piece the document
     * @param strands its strands as worked
     * @param advice advice on the piece: steps name the rules that speak of them
     * @param format how lengths are written
     */
    public static List<Step> of(Piece piece, List<StrandWork> strands, List<Advice> advice, LengthFormat format) {
        BenchCard card = new BenchCard(piece, format, advice);
        for (int i = 0; i < strands.size(); i++) {
            card.strand(strands.get(i), "strands." + i);
        }
        card.joins(piece);
        card.finish(piece, strands);
        return List.copyOf(card.steps);
    }

    private void strand(StrandWork work, String path) {
        List<Mark> marks = Marks.of(work);
        Set<Part> threaded = new LinkedHashSet<>();
        prepare(work, marks, path);
        for (int i = 0; i < work.operations().size(); i++) {
            Operation operation = work.operations().get(i);
            int state = i + 1;
            if (i == 0 && isFiledFirst(work)) {
                continue;
            }
            if (operation instanceof Operation.Form form) {
                string(work, form, threaded);
                form(work, form, marks, path, state);
            } else if (operation instanceof Operation.Flatten flatten) {
                flatten(work, flatten, path, state);
            } else if (operation instanceof Operation.Trim) {
                trim(work, state);
            }
        }
    }

    /** Beads and spacers go on before the wire is closed: at the first forming beyond their place, seen from the end formed first. */
    private void string(StrandWork work, Operation.Form form, Set<Part> threaded) {
        List<Element> along = work.strand().elements();
        for (Part part : piece.parts()) {
            Optional<Element> seat = part.on()
                    .filter(on -> on.startsWith(work.strand().id() + "."))
                    .flatMap(on -> work.strand()
                            .element(on.substring(work.strand().id().length() + 1)));
            boolean strung = part.kind() == PartKind.BEAD || part.kind() == PartKind.SPACER;
            if (strung && seat.isPresent() && !threaded.contains(part)) {
                int at = along.indexOf(seat.get());
                int formed = along.indexOf(work.strand().element(form.element()).orElseThrow());
                if (formed > at) {
                    threaded.add(part);
                    add(new Draft(work.strand().id(), "Put on the " + part.label(), "fingers")
                            .text("Slide the " + part.label() + " onto the "
                                    + seat.get().label() + " now: later the wire is closed.")
                            .check("It sits against what was formed before it.")
                            .minutes(0.5 * work.strand().count()));
                }
            }
        }
    }

    /** What hangs in what, when every strand is formed. */
    private void joins(Piece piece) {
        for (int i = 0; i < piece.joins().size(); i++) {
            Join join = piece.joins().get(i);
            boolean opens = opens(join.a()) || opens(join.b());
            String a = inWords(join.a());
            String b = inWords(join.b());
            add(new Draft("", "Join " + a + " and " + b, opens ? "two pairs of flat-nose pliers" : "fingers")
                    .text(
                            opens
                                    ? "Open the loop sideways, never pull it round; hang the other in, close it again."
                                    : "Bring the " + a + " and the " + b + " together.")
                    .check(opens ? "No light shows at the cut, and both move freely." : "It sits firmly.")
                    .advice("joins." + i)
                    .minutes(1));
        }
    }

    private Optional<Element> elementAt(String address) {
        int dot = address.indexOf('.');
        return dot < 0
                ? Optional.empty()
                : piece.strand(address.substring(0, dot)).flatMap(s -> s.element(address.substring(dot + 1)));
    }

    private boolean opens(String address) {
        return elementAt(address)
                .filter(e -> e instanceof Loop loop && loop.opens())
                .isPresent();
    }

    private String inWords(String address) {
        return elementAt(address).map(Element::label).orElse(address.replace('-', ' '));
    }

    private void prepare(StrandWork work, List<Mark> marks, String path) {
        String wire = work.strand().wire().inWords();
        String id = work.strand().id();
        int count = work.strand().count();
        add(new Draft(id, "Straighten the wire", "nylon jaws")
                .text("Draw " + wire + " through the jaws or your fingers, gently: straightening hardens too.")
                .check("It lies on the block without a bow.")
                .minutes(1)
                .advice(path + ".wire"));
        add(new Draft(id, "True the end", "flush cutters")
                .text("Nip the end, the flat side of the cutter towards the piece: 1 to 2 mm goes to the scrap.")
                .check("The end is flat and square.")
                .caution(EYES)
                .minutes(0.5));
        if (!marks.isEmpty()) {
            add(new Draft(id, "Mark the wire", "fine marker, steel rule")
                    .text(markText(marks))
                    .check("Every mark measured from the same end, none added up.")
                    .minutes(1));
        }
        String times = count > 1 ? count + " × " : "";
        add(new Draft(id, "Cut " + times + format.write(work.cutMm(), Rounding.UP), cutters(work))
                .text("From the trued end. " + stretchText(work) + " True the end left on the spool as well.")
                .check(count > 1 ? "All " + count + " lie even, end to end." : "It measures what the card says.")
                .caution(EYES)
                .minutes(0.5 * count)
                .state(0));
        boolean filed = isFiledFirst(work);
        double left = work.netMm() + work.stretch().tailMm();
        String to = filed ? ", down to " + format.write(left, Rounding.NEAREST) : "";
        Draft dress = new Draft(id, "Dress the ends" + to, "file, emery 600")
                .text(dressText(work))
                .check("No edge catches a fingertip.")
                .caution("Do not breathe the dust.")
                .minutes(1);
        add(filed ? dress.state(1) : dress);
    }

    /** Without a handle the spare is filed off before anything is formed. */
    private static boolean isFiledFirst(StrandWork work) {
        return work.handleAt() == HandleAt.NONE
                && !work.operations().isEmpty()
                && work.operations().get(0) instanceof Operation.Trim;
    }

    private String markText(List<Mark> marks) {
        StringBuilder text = new StringBuilder("From the trued ");
        text.append(marks.get(0).from() == Mark.From.END ? "end" : "beginning").append(": ");
        List<String> each = marks.stream()
                .sorted((a, b) -> Double.compare(a.atMm(), b.atMm()))
                .map(m -> format.write(m.atMm(), Rounding.NEAREST) + " " + m.label())
                .toList();
        return text.append(String.join("; ", each)).append('.').toString();
    }

    private static String cutters(StrandWork work) {
        if (work.strand().wire().metal() == Metal.MUSIC_WIRE) {
            return "hard-wire cutters";
        }
        return work.strand().wire().section().thicknessMm() >= 1.25 ? "sturdy flush cutters" : "flush cutters";
    }

    private String stretchText(StrandWork work) {
        StringBuilder text = new StringBuilder();
        text.append(format.write(work.netMm(), Rounding.NEAREST)).append(" goes into the piece");
        if (work.stretch().handleMm() > 0) {
            text.append(", ")
                    .append(format.write(work.stretch().handleMm(), Rounding.NEAREST))
                    .append(" is the handle");
        }
        double rest = work.stretch().tailMm()
                + work.stretch().fileMm()
                + work.stretch().roundingMm();
        if (rest > 0) {
            text.append(", ").append(format.write(rest, Rounding.NEAREST)).append(" is spare and filing");
        }
        return text.append('.').toString();
    }

    private static String dressText(StrandWork work) {
        List<Element> elements = work.strand().elements();
        Element first = elements.get(0);
        Element last = elements.get(elements.size() - 1);
        if (first instanceof Curl || last instanceof Curl) {
            return "File the end that will be a curl to a slope, so that it tucks in; take the burr off the other.";
        }
        if (first instanceof Paddle || last instanceof Paddle) {
            return "Round the end that will be a paddle, so that the paddle comes out round; take the burr off the other.";
        }
        return "Take the burr off both ends; a toothed file cuts in one direction only.";
    }

    private void form(StrandWork work, Operation.Form form, List<Mark> marks, String path, int state) {
        Element element = work.strand().element(form.element()).orElseThrow();
        Tool tool = Tool.of(element);
        OptionalDouble mark = marks.stream()
                .filter(m -> m.element().equals(Optional.of(element.id())))
                .mapToDouble(Mark::atMm)
                .findFirst();
        String at = mark.isPresent()
                ? "Start at the mark, " + format.write(mark.getAsDouble(), Rounding.NEAREST) + ". "
                : "Start at the very end; the last wire thickness or so stays straight. ";
        add(new Draft(work.strand().id(), "Form the " + element.label(), toolText(tool))
                .text(at + how(element) + way(work, element))
                .check(checkText(element) + pairText(work))
                .minutes(1.5 * work.strand().count())
                .element(element.id())
                .mark(mark)
                .state(state)
                .advice(path + ".elements." + work.strand().elements().indexOf(element)));
    }

    private String toolText(Tool tool) {
        return tool.insideMm() == 0
                ? tool.kind()
                : tool.kind() + ", " + format.write(tool.insideMm(), Rounding.NEAREST);
    }

    private String how(Element element) {
        if (element instanceof Loop loop) {
            String turns = loop.turns() == 1 ? "one full turn" : plain(loop.turns()) + " turns";
            String neck = loop.centred() ? " Bend the neck back until the loop sits on the line of the wire." : "";
            return "Grip it where the jaw is " + format.write(loop.insideMm(), Rounding.NEAREST) + " thick and roll "
                    + turns + "." + neck;
        }
        if (element instanceof Curl curl) {
            return "With the tip of the jaws roll " + plain(curl.turns()) + " of a turn, small and tight.";
        }
        if (element instanceof Bend bend) {
            return "Hold it at the jaw edge and bend " + plain(bend.angleDeg()) + "°.";
        }
        if (element instanceof Arc arc) {
            return "Lay it round " + format.write(arc.insideMm(), Rounding.NEAREST) + " and bend "
                    + plain(Math.round(arc.sweepDeg()))
                    + "°. It opens a little when it is let go: bend on past, then look.";
        }
        if (element instanceof Coil coil) {
            return "Wind " + turns(coil.turns()) + " on " + format.write(coil.mandrelMm(), Rounding.NEAREST) + ", "
                    + spaced(coil.pitchMm()) + ". It opens a little when it is let go.";
        }
        if (element instanceof Wrap wrap) {
            return "Wind " + turns(wrap.turns()) + " round "
                    + wrap.core().inWords(mm -> format.write(mm, Rounding.NEAREST))
                    + (wrap.legAlong() ? " and its own leg" : "") + ", tight, " + spaced(wrap.pitchMm()) + ".";
        }
        if (element instanceof Girth girth) {
            return "Bend it round the stone from " + percent(girth.from()) + " to " + percent(girth.to())
                    + " of the way round, pressed close.";
        }
        if (element instanceof Twist twist) {
            return (twist.isAlone()
                            ? "Hold both ends flat in the jaws and turn "
                            : "Lay it beside the " + twist.with().replace('-', ' ') + ", hold both ends and turn ")
                    + turns(twist.turns()) + " on " + format.write(twist.lengthMm(), Rounding.NEAREST) + ".";
        }
        if (element instanceof Spiral spiral) {
            String where =
                    spiral.centre() == Spiral.Centre.CLOSED ? "Roll the end round itself, " : "Bend the first round, ";
            return where + "then push it round a few millimetres at a time, laid against the last turn"
                    + (spiral.gapMm() > 0 ? ", " + format.write(spiral.gapMm(), Rounding.NEAREST) + " apart" : "")
                    + ". "
                    + (spiral.riseMm() > 0
                            ? "At last push the middle up, " + format.write(spiral.riseMm(), Rounding.NEAREST)
                                    + " a turn."
                            : "Look at it edge-on after every turn.");
        }
        throw new UnsupportedOperationException("not built yet: " + element.kind());
    }

    private static String turns(double number) {
        return number == 1 ? "one turn" : plain(number) + " turns";
    }

    private String spaced(double pitchMm) {
        return pitchMm == 0
                ? "each turn against the last"
                : format.write(pitchMm, Rounding.NEAREST) + " from turn to turn";
    }

    private static String percent(double share) {
        return Math.round(100 * share) + " %";
    }

    /** Which way, told by what was formed before it: left and right depend on how the wire is held. */
    private static String way(StrandWork work, Element element) {
        List<Element> bent =
                work.strand().inOrder().stream().filter(Element::isBent).toList();
        int at = bent.indexOf(element);
        if (at < 1 || turn(element).isEmpty() || turn(bent.get(at - 1)).isEmpty()) {
            return "";
        }
        Element last = bent.get(at - 1);
        if (element.rollDeg() != 0) {
            return " In a plane turned by " + plain(Math.abs(element.rollDeg())) + "° to the " + last.label() + ".";
        }
        return turn(element).equals(turn(last))
                ? " The same way as the " + last.label() + "."
                : " The other way from the " + last.label() + ".";
    }

    private static Optional<Turn> turn(Element element) {
        if (element instanceof Loop loop) {
            return Optional.of(loop.turn());
        }
        if (element instanceof Curl curl) {
            return Optional.of(curl.turn());
        }
        if (element instanceof Bend bend) {
            return Optional.of(bend.turn());
        }
        if (element instanceof Spiral spiral) {
            return Optional.of(spiral.turn());
        }
        if (element instanceof Coil coil) {
            return Optional.of(coil.turn());
        }
        if (element instanceof Wrap wrap) {
            return Optional.of(wrap.turn());
        }
        return element instanceof Arc arc ? Optional.of(arc.turn()) : Optional.empty();
    }

    private static String plain(double number) {
        return java.math.BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }

    private String checkText(Element element) {
        String inside = element.woundInsideMm().isPresent()
                ? format.write(element.woundInsideMm().getAsDouble(), Rounding.NEAREST) + " inside; "
                : "";
        if (element instanceof Wrap || element instanceof Girth) {
            return "It does not slide, and no end stands out.";
        }
        if (element instanceof Coil || element instanceof Twist) {
            return inside + "the turns are even.";
        }
        boolean flat = element.rollDeg() == 0 && !(element instanceof Spiral spiral && spiral.riseMm() > 0);
        return inside + (flat ? "it lies flat on the block." : "look at it from the side as well.");
    }

    private static String pairText(StrandWork work) {
        if (!work.strand().matched()) {
            return "";
        }
        return work.strand().mirror()
                ? " Form the second of each pair as the mirror image; lay them side by side."
                : " Lay the pair one on the other.";
    }

    private void flatten(StrandWork work, Operation.Flatten flatten, String path, int state) {
        String to = format.write(flatten.toMm(), Rounding.NEAREST);
        String what = flatten.elements().isEmpty()
                ? "wire"
                : String.join(" and ", flatten.elements().stream().sorted().toList())
                        .replace('-', ' ');
        double width = work.states().get(state).workpiece().runs().stream()
                .filter(r -> flatten.elements().isEmpty() || flatten.elements().contains(r.element()))
                .mapToDouble(r -> r.section().widthMm())
                .max()
                .orElse(0);
        add(new Draft(
                        work.strand().id(),
                        "Flatten the " + what + " to " + hundredths(flatten.toMm()),
                        "domed hammer, bench block")
                .text("Light taps from the middle outward; turn it over after each pass, so that it does not bow.")
                .check(hundredths(flatten.toMm()) + " thick and about " + hundredths(width) + " wide; no edge marks.")
                .caution(EARS)
                .minutes(2.0 * work.strand().count())
                .state(state)
                .advice(path));
    }

    private static String hundredths(double mm) {
        return String.format(java.util.Locale.ROOT, "%.2f mm", mm);
    }

    private void trim(StrandWork work, int state) {
        boolean handle = work.stretch().handleMm() > 0 && work.handleAt() != HandleAt.NONE;
        add(new Draft(work.strand().id(), handle ? "Trim the handle" : "Trim to length", cutters(work))
                .text(
                        handle
                                ? "Now, not before: it kept your fingers away from the tools. Flat side towards the piece."
                                : "Take the spare off with the file or one nip, flat side towards the piece.")
                .check("The cut is flush.")
                .caution(EYES)
                .minutes(0.5 * work.strand().count())
                .state(state));
        add(new Draft(work.strand().id(), "Dress the cut", "file, emery 600")
                .text("File the cut smooth and round its edge.")
                .check("It does not catch on cloth.")
                .minutes(1.0 * work.strand().count()));
    }

    private void finish(Piece piece, List<StrandWork> strands) {
        boolean several = strands.size() > 1 || strands.get(0).strand().count() > 1;
        add(new Draft("", "Check the piece", "the 1:1 template")
                .text("Lay it on the printed template" + (several ? ", pairs side by side, then turned over" : "")
                        + ". Run a fingertip along every end.")
                .check("It lies within the lines, is flat, and nothing catches on skin, hair or cloth.")
                .minutes(1));
    }

    private void add(Draft draft) {
        steps.add(draft.step(advice));
    }

    /** Collects the fields of a step. */
    private static final class Draft {
        private final String strand;
        private final String title;
        private final String tool;
        private String text = "";
        private String check = "";
        private String caution = "";
        private double minutes = 1;
        private Optional<String> element = Optional.empty();
        private OptionalDouble markMm = OptionalDouble.empty();
        private OptionalInt state = OptionalInt.empty();
        private Optional<String> place = Optional.empty();

        Draft(String strand, String title, String tool) {
            this.strand = strand;
            this.title = title;
            this.tool = tool;
        }

        Draft text(String words) {
            text = words;
            return this;
        }

        Draft check(String words) {
            check = words;
            return this;
        }

        Draft caution(String words) {
            caution = words;
            return this;
        }

        Draft minutes(double estimate) {
            minutes = estimate;
            return this;
        }

        Draft element(String id) {
            element = Optional.of(id);
            return this;
        }

        Draft mark(OptionalDouble mm) {
            markMm = mm;
            return this;
        }

        Draft state(int index) {
            state = OptionalInt.of(index);
            return this;
        }

        Draft advice(String path) {
            place = Optional.of(path);
            return this;
        }

        Step step(List<Advice> all) {
            List<String> rules = all.stream()
                    .filter(a -> place.isPresent() && a.where().equals(place.get()))
                    .map(Advice::rule)
                    .distinct()
                    .toList();
            return new Step(strand, title, tool, text, check, caution, rules, true, minutes, element, markMm, state);
        }
    }
}
