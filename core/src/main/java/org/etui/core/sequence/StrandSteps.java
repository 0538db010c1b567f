package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.act.Operation;
import org.etui.core.element.Element;
import org.etui.core.element.Label;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.metal.Temper;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.PressedFold;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.Jig;
import org.etui.core.work.Mark;
import org.etui.core.work.Marks;
import org.etui.core.work.StrandWork;

/** Writes the steps of one strand: straighten, true, mark, cut, dress, every forming, work, trim the handle last, dress. */
final class StrandSteps {
    static final String EYES = "Wear safety glasses; cover the off-cut, it flies.";

    private static final String JIG = "jig";

    private static final String TAILS =
            " That is wider than what is to be left free: the tails go round it and lie on its inside as well.";

    /** Several marks that have become one reach no further than this many widths of it. */
    private static final int MERGED = 3;

    /** What turns by less than half a degree is straight to a hand (estimate). */
    private static final double STRAIGHT_RAD = Math.toRadians(0.5);

    private final Piece piece;
    private final StrandWork work;
    private final LengthFormat format;
    private final Toolbox box;
    private final FormingWords words;
    private final WorkWords works;
    private final String wire;
    private final Optional<Element> head;
    private final Jig jig;
    private final List<PressedFold> folds;
    private final List<Draft> drafts = new ArrayList<>();
    private final List<String> left = new ArrayList<>();

    private StrandSteps(Piece piece, StrandWork work, LengthFormat format, Toolbox box, School school) {
        this.piece = piece;
        this.work = work;
        this.format = format;
        this.box = box;
        this.words = new FormingWords(format, school);
        this.works = new WorkWords(format, box);
        this.wire = work.strand().wire().inWords(format);
        this.jig = work.strand().jig() ? Jig.of(work) : Jig.NONE;
        this.folds = PressedFold.all(work.strand());
        this.head = work.strand().elements().stream()
                .filter(e -> e.handling().boughtMm3() > 0)
                .findFirst();
    }

    /** The steps of a strand, in order. */
    static List<Draft> of(Piece piece, StrandWork work, LengthFormat format, Toolbox box, School school) {
        StrandSteps steps = new StrandSteps(piece, work, format, box, school);
        steps.all("strands." + piece.strands().indexOf(work.strand()));
        return steps.drafts;
    }

    /** So many passes over a stone are told one by one. */
    private static final int FEW = 3;

    private Draft draft(String key, String title, String tool) {
        return new Draft(work.strand(), wire, key, title, tool);
    }

    /** A step of the whole strand. */
    private Draft whole(Step.Kind kind, String key, String title, String tool) {
        return draft(key, title, tool).kind(kind).about(addresses(Set.of()));
    }

    /** Elements by their addresses, in order along the wire; all where none is named. */
    private List<String> addresses(Set<String> elements) {
        return work.strand().elements().stream()
                .map(Element::id)
                .filter(id -> elements.isEmpty() || elements.contains(id))
                .map(id -> work.strand().id() + "." + id)
                .toList();
    }

    private void add(Draft draft) {
        drafts.add(draft);
    }

    private void all(String path) {
        List<Mark> marks = Marks.of(work);
        boolean fanned = false;
        prepare(marks, path);
        for (int i = 0; i < work.operations().size(); i++) {
            Operation operation = work.operations().get(i);
            int state = i + 1;
            if (i == 0 && isFiledFirst()) {
                continue;
            }
            operation.forms().flatMap(work.strand()::element).ifPresent(element -> form(element, marks, path, state));
            operation
                    .worked()
                    .ifPresent(w -> add(works.draft(work, w, state)
                            .finds(pairAgain(w))
                            .about(addresses(w.elements()))
                            .advice(path)));
            if (operation.trims()) {
                fan();
                fanned = true;
                trim(state);
                tuck();
            }
        }
        if (!fanned) {
            fan();
            tuck();
        }
    }

    /** Turns that are pinched together are spread when what binds them is tight. */
    private void fan() {
        work.strand().elements().stream()
                .filter(e -> e.winding().petals() > 0)
                .forEach(e -> add(draft("fan " + e.id(), "Fan out " + Label.the(e.label()), "fingers")
                        .kind(Step.Kind.CLOSE)
                        .text(
                                "Pull the turns round the bound middle one after the other, the first to one side, the next to the other, until they stand"
                                        + " " + Math.round(360.0 / e.winding().petals())
                                        + "° apart; then turn each a little on its foot, so that it lies flat.")
                        .check("They are alike, evenly spread, and the middle does not slide." + pairText())
                        .about(addresses(Set.of(e.id())))
                        .minutes(work.strand().count() * e.winding().petals() * Minutes.FAN_A_PETAL)));
    }

    private void tuck() {
        if (work.strand().elements().stream().anyMatch(e -> e.winding().petals() > 0)) {
            add(whole(Step.Kind.CLOSE, "tuck", "Tuck both ends in", "chain-nose pliers")
                    .text("Press both ends in between the petals, to the back.")
                    .check("Neither end catches on cloth.")
                    .minutes(work.strand().count()));
        } else if (work.handleAt() == HandleAt.BOTH
                && work.strand().elements().stream().anyMatch(this::takesTails)) {
            add(whole(Step.Kind.CLOSE, "tuck", "Tuck both ends in", "chain-nose pliers")
                    .text("Press each end down on the wire that it goes round, its cut against the turn beside it.")
                    .check("A fingertip and a thread find neither end, outside or inside." + pairText())
                    .minutes(work.strand().count()));
        }
    }

    /** Wire that runs along the straight side of a stone is left as it is. */
    private boolean isShaped(Element element, int state) {
        return element.handling().twistRadPerMm() > 0
                || work.states().get(state).workpiece().of(element.id()).stream()
                        .anyMatch(r -> Math.abs(r.now().turnRad()) > STRAIGHT_RAD);
    }

    private void prepare(List<Mark> marks, String path) {
        String gauges = work.strand().wire().gaugesInWords();
        int count = work.strand().count();
        if (head.isPresent()) {
            add(whole(
                            Step.Kind.DRESS,
                            "take",
                            "Take " + (count > 1 ? count + " headed pins" : "a headed pin"),
                            "fingers")
                    .shows(Step.Shows.TRUING)
                    .text("Bought: " + wire + (gauges.isEmpty() ? "" : " (" + gauges + ")") + ", at least "
                            + format.write(work.cutMm(), Rounding.UP) + " long under the head.")
                    .check("The head sits straight, and the pin is straight.")
                    .minutes(count * Minutes.TRUE_AN_END)
                    .advice(path + ".wire"));
        } else {
            add(whole(Step.Kind.DRESS, "straighten", "Straighten the wire", isSpring() ? "fingers" : "nylon jaws")
                    .shows(Step.Shows.STRAIGHTENING)
                    .text(straightened(wire + (gauges.isEmpty() ? "" : " (" + gauges + ")")))
                    .check("It lies on the block without a bow.")
                    .minutes(count * Minutes.straightening(work.cutMm()))
                    .advice(path + ".wire"));
            add(whole(Step.Kind.DRESS, "true", "Trim the end square", cutters())
                    .shows(Step.Shows.TRUING)
                    .text("Nip the end, the flat side of the cutter towards the piece: " + format.say(1, 0) + " to "
                            + format.say(2, 0) + " goes to the scrap.")
                    .check("The end is flat and square.")
                    .caution(EYES)
                    .minutes(count * Minutes.TRUE_AN_END));
        }
        if (!marks.isEmpty()) {
            Draft mark = whole(Step.Kind.MARK, "mark", "Mark the wire", "fine marker, steel rule")
                    .shows(Step.Shows.MARKS)
                    .text(markText(marks))
                    .check("Every mark measured from the same end, none added up.")
                    .minutes(count * Minutes.marking(marks.size()));
            add(work.handleAt() == HandleAt.SPOOL ? mark.state(0) : mark);
        }
        if (work.handleAt() != HandleAt.SPOOL) {
            cut();
        }
        List<EndDress> ends = dressedFirst();
        if (!ends.isEmpty()) {
            boolean filed = isFiledFirst();
            String to = format.write(work.netMm() + work.stretch().tailMm(), Rounding.NEAREST);
            Draft dress = whole(Step.Kind.DRESS, "dress", EndDress.title(ends), EndDress.tool(ends))
                    .shows(Step.Shows.DRESSING)
                    .text(EndDress.text(ends))
                    .check("No edge catches a fingertip."
                            + (filed ? " It measures about " + to + "." : "")
                            + (work.strand().matched() ? " Lay each pair end to end: filing changes the length." : ""))
                    .caution("Do not breathe the dust.")
                    .minutes(count * ends.size() * Minutes.DRESS_AN_END);
            add(filed ? dress.state(1) : dress);
        }
    }

    private void cut() {
        int count = work.strand().count();
        String times = count > 1 ? count + " × " : "";
        add(whole(Step.Kind.CUT, "cut", "Cut " + times + format.write(work.cutMm(), Rounding.UP), cutters())
                .shows(Step.Shows.CUT)
                .text(
                        head.isPresent()
                                ? "Measured from under the head: the head stays."
                                : "From the squared end. Square the end left on the spool as well.")
                .alone(" " + stretchText())
                .check(
                        count > 1
                                ? (count == 2 ? "Both" : "All " + count) + " lie even, end to end."
                                : "It measures what the card says.")
                .caution(EYES)
                .minutes(count * Minutes.CUT_A_WIRE)
                .state(0));
    }

    /** Off the spool, when the end that was free is formed (common practice for small links: the long wire is what is held). */
    private void clip(int state) {
        add(whole(Step.Kind.TRIM, "clip", "Clip it off the spool", cutters())
                .shows(Step.Shows.STATES)
                .text(
                        "At the last mark, the flat side of the cutter towards the piece. Square the end left on the spool as well.")
                .alone(" " + stretchText())
                .check("The cut is flush.")
                .caution(EYES)
                .minutes(Minutes.CUT_A_WIRE)
                .state(state));
        dressCut();
    }

    /** The ends that stay as they are cut: a handle is cut off later, a head is bought. */
    private List<EndDress> dressedFirst() {
        boolean handle = work.stretch().handleMm() > 0;
        HandleAt at = work.handleAt();
        return EndDress.of(
                piece,
                work.strand(),
                !handle || at == HandleAt.END || at == HandleAt.NONE,
                at != HandleAt.SPOOL && (!handle || at == HandleAt.START || at == HandleAt.NONE));
    }

    /** The ends that are cut when the handles go. */
    private List<EndDress> dressedLast() {
        HandleAt at = work.handleAt();
        return EndDress.of(
                piece,
                work.strand(),
                at == HandleAt.START || at == HandleAt.BOTH,
                at == HandleAt.END || at == HandleAt.BOTH || at == HandleAt.SPOOL);
    }

    /** Without a handle the spare is filed off before anything is formed. */
    private boolean isFiledFirst() {
        return work.handleAt() == HandleAt.NONE
                && !work.operations().isEmpty()
                && work.operations().get(0).trims();
    }

    private String markText(List<Mark> marks) {
        StringBuilder text = new StringBuilder(head.isPresent() ? "From under the head: " : "From the squared end: ");
        List<String> each = marks.stream()
                .sorted((a, b) -> Double.compare(a.atMm(), b.atMm()))
                .map(m -> format.place(m.atMm()) + " " + m.label())
                .toList();
        return text.append(String.join("; ", each)).append('.').toString();
    }

    /** Spring wire is bent against its curve: drawn through jaws it springs back (common practice). */
    private String straightened(String said) {
        return isSpring()
                ? "Bend " + said
                        + " against its curve between finger and thumb, little by little along its length: drawn through jaws it only"
                        + " springs back."
                : "Draw " + said + " through the jaws or your fingers, gently: straightening hardens too.";
    }

    private boolean isSpring() {
        return work.strand().wire().temper() == Temper.SPRING;
    }

    private String cutters() {
        if (work.strand().wire().metal().isSteel()) {
            return "hard-wire cutters";
        }
        return work.strand().wire().section().thicknessMm() >= 1.25 ? "sturdy flush cutters" : "flush cutters";
    }

    private String stretchText() {
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
            text.append(", ").append(format.write(rest, Rounding.NEAREST)).append(" is spare");
        }
        return text.append('.').toString();
    }

    /** A fold turns half a turn, to so much, and its inside is less than so many thicknesses. */
    private static final double A_FOLD_RAD = 0.2;

    private static final double FOLD_INSIDE = 4;
    private static final long HALF_TURN_DEG = 180;
    private static final double SAME_RAD = 1e-6;
    private static final double SAME_MM = 0.05;

    private void form(Element element, List<Mark> marks, String path, int state) {
        Optional<Draft> last = drafts.isEmpty() ? Optional.empty() : Optional.of(drafts.get(drafts.size() - 1));
        if (!isShaped(element, state)) {
            leave(element, last, state);
            return;
        }
        Tool tool = Tool.of(work, element, box);
        OptionalDouble mark = marks.stream()
                .filter(m -> m.element().equals(Optional.of(element.id())))
                .mapToDouble(Mark::atMm)
                .findFirst();
        if (jig.pegs().stream().anyMatch(p -> p.element().equals(element.id()))) {
            onJig(element, path, state);
            return;
        }
        Optional<PressedFold> fold =
                folds.stream().filter(f -> f.pressed().contains(element.id())).findFirst();
        if (fold.isPresent()) {
            press(fold.get(), element, path, state);
            return;
        }
        if (StoneBeforeCover.isOver(element)
                && last.filter(d -> d.kind == Step.Kind.FORM)
                        .flatMap(d -> d.element)
                        .flatMap(work.strand()::element)
                        .filter(StoneBeforeCover::isOver)
                        .filter(e -> isBeside(e, element))
                        .isPresent()) {
            goOn(last.get(), element, tool, state);
            return;
        }
        if (last.filter(d -> d.element.equals(element.handling().inTurnWith())).isPresent()
                && element.handling().inTurnWith().isPresent()) {
            inTurn(last.get(), element, state);
            return;
        }
        Optional<Draft> twin = last.filter(d -> isTwin(d, element));
        if (twin.isPresent()) {
            both(twin.get(), element, mark, state);
            return;
        }
        add(draft("form " + element.id(), "Form " + Label.the(element.label()), toolText(tool))
                .shows(Step.Shows.STATES)
                .start(start(element, mark, marks))
                .text(words.how(
                                element,
                                tool,
                                work.strand().wire().section(),
                                work.reading(element.id()).overbend())
                        + (isRoundWire(element)
                                ? ""
                                : FormingWords.way(work.strand(), element, PressedFold.bends(work.strand())))
                        + (takesTails(element) ? TAILS : ""))
                .check(words.check(element, isFlat(element)) + pairText())
                .checkOff(words.check(element, false) + pairText())
                .minutes(minutes(element))
                .kind(Step.Kind.FORM)
                .about(withLeft(element))
                .element(element.id())
                .mark(mark)
                .state(state)
                .advice(path + ".elements." + work.strand().elements().indexOf(element)));
    }

    /** Whether wire is bent all along from one to the other: none is left straight between them. */
    private boolean isBeside(Element one, Element other) {
        List<Element> along = work.strand().elements();
        int from = Math.min(along.indexOf(one), along.indexOf(other));
        int to = Math.max(along.indexOf(one), along.indexOf(other));
        return along.subList(from + 1, to).stream().allMatch(Element::isBent);
    }

    /** Whether its own wire is wound round its turns later, so that something of it lies on their inside. */
    private boolean takesTails(Element element) {
        String here = work.strand().id() + "." + element.id();
        return element.winding().insideMm().isPresent()
                && work.strand().elements().stream()
                        .anyMatch(e -> e.handling().laidOver() && e.sitsOn().contains(here));
    }

    /** Whether it goes round other wire, which says by itself where it lies. */
    private static boolean isRoundWire(Element element) {
        return element.handling().laidOver() && !element.sitsOn().isEmpty();
    }

    /** Whether it lies in one plane with all that is bent before it, and none of that stands out. */
    private boolean isFlat(Element element) {
        List<Element> formed = work.strand().inOrder();
        List<Element> before = formed.subList(0, formed.indexOf(element)).stream()
                .filter(Element::isBent)
                .toList();
        return before.stream().allMatch(e -> FormingWords.liesFlat(e) && plane(e) == plane(element));
    }

    /** The plane that an element lies in: how far the wire is rolled up to it, whole degrees, 0 to 179. */
    private long plane(Element element) {
        List<Element> along = work.strand().elements();
        double rolled = along.subList(0, along.indexOf(element) + 1).stream()
                .mapToDouble(Element::rollDeg)
                .sum();
        return Math.floorMod(Math.round(rolled), HALF_TURN_DEG);
    }

    /** Whether an element is the same as the one formed before it, on the other side of a fold that is made already. */
    private boolean isTwin(Draft before, Element element) {
        List<Element> along = work.strand().elements();
        int at = along.indexOf(element);
        int other = before.kind == Step.Kind.FORM
                ? along.indexOf(before.element.flatMap(work.strand()::element).orElse(element))
                : at;
        if (other == at || (at + other) % 2 != 0) {
            return false;
        }
        Element fold = along.get((at + other) / 2);
        Element first = along.get(other);
        boolean folded = Math.abs(fold.winding().turnRad() - Math.PI) < A_FOLD_RAD
                && fold.winding().insideMm().orElse(Double.MAX_VALUE)
                        < FOLD_INSIDE * work.strand().wire().section().inPlaneMm();
        return folded
                && drafts.stream()
                        .anyMatch(d -> d.element.filter(fold.id()::equals).isPresent())
                && first.handling().equals(element.handling())
                && Math.abs(first.winding().turnRad() - element.winding().turnRad()) < SAME_RAD;
    }

    /** Both legs of a fold squeezed flat in the jaws behind what lies in it: all bends of both in one go. */
    private void press(PressedFold fold, Element element, String path, int state) {
        String key = "press " + fold.fold().id();
        Optional<Draft> begun =
                drafts.stream().filter(d -> d.key.startsWith(key + " | ")).findFirst();
        if (begun.isPresent()) {
            takesIn(begun.get(), element, state);
            return;
        }
        add(draft(key, "Press " + Label.the(fold.fold().label()) + " shut", "chain-nose pliers")
                .shows(Step.Shows.STATES)
                .text("Lay both legs side by side between the jaws, their tips close behind what lies in "
                        + Label.the(fold.fold().label())
                        + ", and squeeze until the legs touch and run along each other. In the first,"
                        + " where nothing lies yet, hold a rod of "
                        + format.write(fold.fold().winding().insideMm().orElseThrow(), Rounding.NEAREST) + ".")
                .check("The legs touch all along, and what lies in "
                        + Label.the(fold.fold().label()) + " moves freely but does not come out." + pairText())
                .minutes(minutes(element))
                .kind(Step.Kind.FORM)
                .about(withLeft(element))
                .element(element.id())
                .state(state)
                .advice(path + ".elements." + work.strand().elements().indexOf(element)));
    }

    /** Both legs of a fold: bent over as one, or wound up by turns, so that they come out alike (common practice). */
    private void both(Draft step, Element element, OptionalDouble mark, int state) {
        String first = Label.the(
                work.strand().element(step.element.orElseThrow()).orElseThrow().label());
        boolean wound = element.isRolledFromItsEnd();
        String told = wound
                ? step.text + " Stop half-way. Wind " + Label.the(element.label()) + " half-way as well"
                        + mark.stream()
                                .mapToObj(mm -> ", it ends at the mark, " + format.place(mm))
                                .collect(Collectors.joining())
                        + "; lay both side by side, wind on the one that lags, then finish them in turn."
                : "Hold both legs side by side in the pliers and bend them as one. " + step.text;
        takesIn(step, element, state)
                .title("Form " + first + " and " + Label.the(element.label()))
                .text(told)
                .check((wound
                                ? "Both are alike, at the same height, and lie flat."
                                : "Both legs lie on each other, seen from the side.")
                        + pairText());
    }

    /** Two arms that are wound in turn are one step: both begin where their bends end and stop where what follows on either side begins. */
    private void inTurn(Draft step, Element element, int state) {
        Element first = work.strand().element(step.element.orElseThrow()).orElseThrow();
        takesIn(step, element, state)
                .title("Form " + Label.the(first.label()) + " and " + Label.the(element.label()))
                .check("The turns of both lie flat and close, and the middle is shut." + pairText());
    }

    /** What a step is also about, and takes longer for. */
    private Draft takesIn(Draft step, Element element, int state) {
        List<String> about = new ArrayList<>(step.about);
        about.add(work.strand().id() + "." + element.id());
        return step.about(about).minutes(step.minutes + minutes(element)).state(state);
    }

    /** How long it takes to form an element in every wire of the strand, minutes. */
    private double minutes(Element element) {
        return work.strand().count()
                * Minutes.forming(element, work.strand().wire(), work.cut().wireMm(element.id()));
    }

    /** Wire along a straight side of a stone needs nothing done: the bend before it says so, or the one after it. */
    private void leave(Element element, Optional<Draft> last, int state) {
        Optional<Draft> before = last.filter(d -> d.kind == Step.Kind.FORM);
        if (before.isEmpty()) {
            left.add(work.strand().id() + "." + element.id());
            return;
        }
        Draft step = before.get();
        List<String> about = new ArrayList<>(step.about);
        about.add(work.strand().id() + "." + element.id());
        step.about(about)
                .text(step.text + " Along " + Label.the(element.label()) + " the wire stays straight.")
                .state(state);
    }

    /** An element with those before it that were left straight. */
    private List<String> withLeft(Element element) {
        List<String> about = new ArrayList<>(left);
        left.clear();
        about.add(work.strand().id() + "." + element.id());
        return about;
    }

    /** One pass over a face after the other is one step: wire over the front, round the edge and under the back. */
    private void goOn(Draft step, Element element, Tool tool, int state) {
        String first = Label.the(
                work.strand().element(step.element.orElseThrow()).orElseThrow().label());
        takesIn(step, element, state);
        step.title("Form " + first + (step.about.size() > 2 ? " to " : " and ") + Label.the(element.label()))
                .text(
                        step.about.size() > FEW
                                ? "Go on over the front and the back in turn, from mark to mark, " + step.about.size()
                                        + " passes in all: over the edge at each mark, pressed down with a wooden stick as you go."
                                : step.text + " "
                                        + words.how(
                                                element,
                                                tool,
                                                work.strand().wire().section(),
                                                work.reading(element.id()).overbend()));
    }

    /** Every round of a jig in one step: the pegs are set, the wire is led round all of them and lifted off. */
    private void onJig(Element element, String path, int state) {
        int count = work.strand().count();
        Optional<Draft> begun =
                drafts.stream().filter(d -> d.key.startsWith(JIG + " | ")).findFirst();
        if (begun.isPresent()) {
            takesIn(begun.get(), element, state);
            return;
        }
        Map<String, Long> pegs = jig.pegs().stream()
                .map(p -> format.write(p.diameterMm(), Rounding.NEAREST))
                .collect(Collectors.groupingBy(size -> size, LinkedHashMap::new, Collectors.counting()));
        String sizes = pegs.entrySet().stream()
                .map(e -> e.getValue() + " of " + e.getKey())
                .collect(Collectors.joining(", "));
        add(draft(JIG, "Bend it on the jig", "jig, " + jig.pegs().size() + " pegs")
                .shows(Step.Shows.STATES)
                .text("Set the pegs as on the jig sheet, " + sizes
                        + ". Hold the end against the first and lead the wire round them in this order, tight, first to the "
                        + (jig.pegs().get(0).turns() > 0 ? "left" : "right")
                        + " and on as the sheet shows; lift it off."
                        + " Let go, every round opens to its size (estimate)."
                        + (count > 1 ? " Leave the pegs as they are for all " + count + "." : ""))
                .check("It lies within the lines of the template"
                        + (count > 1 ? ", and all " + count + " lie on each other." : "."))
                .minutes(minutes(element) + Minutes.SET_A_PEG * jig.pegs().size())
                .kind(Step.Kind.FORM)
                .about(withLeft(element))
                .element(element.id())
                .state(state)
                .advice(path + ".elements." + work.strand().elements().indexOf(element)));
    }

    /** Where on the wire: at a mark, at the end, or where the element before it on the wire stops. */
    private String start(Element element, OptionalDouble mark, List<Mark> marks) {
        if (work.strand().isLaidFromBehind(element)) {
            return "Go on from " + Label.the(work.strand().elements().get(1).label()) + ". ";
        }
        if (element.handling().inTurnWith().isPresent()) {
            return "Start beside the bends, at what is formed already. ";
        }
        String rolled = "Start at the very end; the last wire thickness or so stays straight";
        if (mark.isPresent()) {
            String at = format.place(mark.getAsDouble());
            return Marks.rolledFromFarEnd(work, element)
                    ? rolled + ". Stop at the mark, " + at + ". "
                    : "Start at the mark, " + at + back(element) + ". ";
        }
        double at = Marks.atMm(work, element);
        OptionalDouble near = marks.stream()
                .mapToDouble(Mark::atMm)
                .filter(mm -> mm <= at && at - mm < MERGED * Marks.APART_MM)
                .max();
        if (near.isPresent()) {
            String merged = (at - near.getAsDouble() < SAME_MM ? "at the mark, " : "just past the mark, ")
                    + format.place(near.getAsDouble()) + back(element) + ". ";
            return Marks.rolledFromFarEnd(work, element) ? rolled + ". Stop " + merged : "Start " + merged;
        }
        List<Element> along = work.strand().elements();
        int next = along.indexOf(element) + (work.handleAt() == HandleAt.START ? 1 : -1);
        return next < 0 || next >= along.size()
                ? rolled + ". "
                : "Start where " + Label.the(along.get(next).label()) + " ends. ";
    }

    /** Which way along the wire, where it is not away from the end that the marks are measured from. */
    private String back(Element element) {
        return Marks.growsBack(work, element) ? ", and work back towards the squared end" : "";
    }

    /** The tool owned by its name; else the kind and the size that it should have. */
    private String toolText(Tool tool) {
        if (tool.owned().isPresent()) {
            OwnedTool owned = tool.owned().get();
            return (owned.name().isBlank() ? owned.kind().inWords() : owned.name()) + ", "
                    + format.size(owned.sizeMm());
        }
        return tool.insideMm() == 0 || tool.kind().startsWith("flat-nose") || tool.held() == Tool.Held.TIPS
                ? tool.kind()
                : tool.kind() + ", " + format.size(tool.insideMm())
                        + (box.tools().isEmpty() ? "" : " (none of yours is near)");
    }

    /** Hammering never treats two wires quite alike. */
    private String pairAgain(Operation.Worked worked) {
        return work.strand().matched() && worked.isStruck()
                ? "Lay the pair together again and even them out before you go on."
                : "";
    }

    private String pairText() {
        if (!work.strand().matched()) {
            return "";
        }
        return work.strand().mirror()
                ? " Form the second of each pair as the mirror image; lay them side by side."
                : " Lay the pair one on the other.";
    }

    private void trim(int state) {
        if (work.handleAt() == HandleAt.SPOOL) {
            clip(state);
            return;
        }
        boolean handle = work.stretch().handleMm() > 0 && work.handleAt() != HandleAt.NONE;
        boolean both = work.handleAt() == HandleAt.BOTH;
        int count = work.strand().count();
        String which = both ? "both handles" : "the handle";
        add(whole(Step.Kind.TRIM, "trim", handle ? "Trim " + which : "Trim to length", cutters())
                .shows(Step.Shows.STATES)
                .text(
                        handle
                                ? "Now, not before: " + (both ? "they" : "it")
                                        + " kept your fingers away from the tools. Flat side towards the piece."
                                : "Nip the spare off, flat side towards the piece.")
                .check(both ? "Both cuts are flush." : "The cut is flush.")
                .caution(EYES)
                .minutes(count * (both ? 2 : 1) * Minutes.TRIM_AN_END)
                .state(state));
        dressCut();
    }

    private void dressCut() {
        int count = work.strand().count();
        List<EndDress> ends = dressedLast();
        if (!ends.isEmpty()) {
            add(whole(
                            Step.Kind.TRIM,
                            "dress-cut",
                            ends.size() > 1 ? "Dress both cuts" : "Dress the cut",
                            EndDress.tool(ends))
                    .shows(Step.Shows.DRESSING)
                    .text(EndDress.text(ends))
                    .check("It does not catch on cloth.")
                    .minutes(count * ends.size() * Minutes.DRESS_AN_END));
        }
    }
}
